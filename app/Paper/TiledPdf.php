<?php

declare(strict_types=1);

namespace App\Paper;

use Dompdf\Cpdf;
use Underbolt\Paper\Anchor;
use Underbolt\Paper\Drawing;
use Underbolt\Paper\Label;
use Underbolt\Paper\PageFormat;
use Underbolt\Paper\Path;
use Underbolt\Paper\Pen;
use Underbolt\Paper\Tile;
use Underbolt\Paper\TileMarks;
use Underbolt\Paper\Tiling;

/** Writes a tiled drawing as PDF, one page a tile, at true scale: the printer is told not to fit it to the page. */
final readonly class TiledPdf
{
    private const POINTS_PER_MM = 72 / 25.4;

    /** Round a word. */
    private const CLEAR_MM = 0.6;

    private Cpdf $pdf;

    private function __construct(string $name, private float $pageWidthMm, private float $pageHeightMm)
    {
        $this->pdf = new Cpdf(
            [0, 0, $pageWidthMm * self::POINTS_PER_MM, $pageHeightMm * self::POINTS_PER_MM],
            true,
            storage_path('framework/cache'),
            storage_path('framework/cache'),
        );
        $this->pdf->setPreferences(['PrintScaling' => 'None']);
        $this->pdf->addInfo('Title', $name);
    }

    public static function of(Tiling $tiling): string
    {
        $self = new self($tiling->drawing->name, $tiling->pageWidthMm, $tiling->pageHeightMm);
        foreach ($tiling->tiles as $index => $tile) {
            if ($index > 0) {
                $self->pdf->newPage();
            }
            $self->page($tiling, $tile);
        }

        return $self->pdf->output();
    }

    /**
     * Drawings that fill a page each.
     *
     * @param  non-empty-list<Drawing>  $pages
     */
    public static function ofPages(array $pages, float $pageWidthMm, float $pageHeightMm): string
    {
        $self = new self($pages[0]->name, $pageWidthMm, $pageHeightMm);
        foreach ($pages as $index => $page) {
            if ($index > 0) {
                $self->pdf->newPage();
            }
            $self->draw($page, PageFormat::MARGIN_MM, PageFormat::MARGIN_MM);
            $self->write(TileMarks::foot($page->name, $index, count($pages), $pageWidthMm, $pageHeightMm));
        }

        return $self->pdf->output();
    }

    private function page(Tiling $tiling, Tile $tile): void
    {
        $margin = PageFormat::MARGIN_MM;
        $this->pdf->saveState();
        $this->pdf->clippingRectangle(
            $this->x($margin),
            $this->y($margin + $tiling->shownHeightMm()),
            $tiling->shownWidthMm() * self::POINTS_PER_MM,
            $tiling->shownHeightMm() * self::POINTS_PER_MM,
        );
        $this->draw(new Drawing('', 0, 0, $tiling->drawing->paths, $tiling->wordsOn($tile)), $margin - $tile->xMm, $margin - $tile->yMm);
        $this->pdf->restoreState();

        $marks = (new Drawing('', 0, 0, [], []))->with(TileMarks::of($tiling, $tile));
        $this->draw($marks, 0, 0);
    }

    private function draw(Drawing $drawing, float $xMm, float $yMm): void
    {
        $isUnder = static fn (Path $path): bool => in_array($path->pen, [Pen::Printed, Pen::Station], true);
        foreach (array_filter($drawing->paths, $isUnder) as $path) {
            $this->stroke($path->moved($xMm, $yMm));
        }
        // No word is struck through by what lies under it; what is cut and sewn is never broken off for a word.
        foreach ($drawing->labels as $label) {
            $this->clear($label->moved($xMm, $yMm));
        }
        foreach (array_filter($drawing->paths, static fn (Path $path): bool => ! $isUnder($path)) as $path) {
            $this->stroke($path->moved($xMm, $yMm));
        }
        foreach ($drawing->labels as $label) {
            $this->write($label->moved($xMm, $yMm));
        }
    }

    private function clear(Label $label): void
    {
        [$left, $size] = $this->placed($label);
        $this->pdf->setColor([1, 1, 1]);
        $this->pdf->filledRectangle($left - self::CLEAR_MM * self::POINTS_PER_MM, $this->y($label->yMm) - 0.25 * $size, $this->pdf->getTextWidth($size, $label->text) + 2 * self::CLEAR_MM * self::POINTS_PER_MM, 1.1 * $size);
    }

    /** @return array{float, float} where it begins, and the size of its letters, in points */
    private function placed(Label $label): array
    {
        $size = $label->sizeMm * self::POINTS_PER_MM;
        $this->pdf->selectFont(base_path('vendor/dompdf/dompdf/lib/fonts/DejaVuSans'));
        $wide = $label->anchor === Anchor::Start ? 0.0 : $this->pdf->getTextWidth($size, $label->text);

        return [$this->x($label->xMm) - ($label->anchor === Anchor::Middle ? $wide / 2 : $wide), $size];
    }

    private function stroke(Path $path): void
    {
        $this->take($path->pen);
        foreach ($path->runs() as $run) {
            $start = $run[0]->start;
            $this->pdf->moveTo($this->x($start->xMm), $this->y($start->yMm));
            foreach ($run as $cubic) {
                $this->pdf->curveTo(
                    $this->x($cubic->leaving->xMm),
                    $this->y($cubic->leaving->yMm),
                    $this->x($cubic->arriving->xMm),
                    $this->y($cubic->arriving->yMm),
                    $this->x($cubic->end->xMm),
                    $this->y($cubic->end->yMm),
                );
            }
            $this->pdf->stroke();
        }
    }

    private function take(Pen $pen): void
    {
        $this->pdf->setStrokeColor([$pen->grey(), $pen->grey(), $pen->grey()]);
        $this->pdf->setLineStyle(
            $pen->widthMm() * self::POINTS_PER_MM,
            'butt',
            'miter',
            array_map(static fn (float $mm): float => $mm * self::POINTS_PER_MM, $pen->dashMm()),
        );
    }

    private function write(Label $label): void
    {
        [$left, $size] = $this->placed($label);
        $this->pdf->setColor([0, 0, 0]);
        $this->pdf->addText($left, $this->y($label->yMm), $size, $label->text);
    }

    private function x(float $mm): float
    {
        return $mm * self::POINTS_PER_MM;
    }

    /** A PDF counts from the bottom up. */
    private function y(float $mm): float
    {
        return ($this->pageHeightMm - $mm) * self::POINTS_PER_MM;
    }
}
