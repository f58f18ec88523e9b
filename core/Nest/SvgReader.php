<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** Reads the lines of an SVG drawing, whatever program wrote it. */
final class SvgReader
{
    private const DEEPEST_USE = 8;

    /** What poppler's drawings call the letters of a font. */
    private const LETTER = '/^glyph-?\d+-\d+$/';

    /** @var array<string, SvgElement> */
    private array $byId = [];

    /** @var array<string, int> ids that are taken, and by how many */
    private array $taken = [];

    /** @var list<DrawnLine> */
    private array $lines = [];

    /** @var array<string, true> ids of what may be letters in outlines */
    private array $letters = [];

    private int $unsound = 0;

    private int $words = 0;

    private int $hiddenLayers = 0;

    private readonly SvgStyles $styles;

    private readonly PointBudget $budget;

    private function __construct()
    {
        $this->styles = new SvgStyles;
        $this->budget = new PointBudget;
    }

    /** @throws UnreadableNest saying in one sentence why not */
    public static function read(string $svg): NestDrawing
    {
        $drawing = self::readPage($svg);

        return $drawing->lines === [] ? throw UnreadableNest::at('drawing', 'has no lines; if it is a picture of a pattern, have it traced first') : $drawing;
    }

    /**
     * One of several pages: there may be nothing on it.
     *
     * @throws UnreadableNest likewise
     */
    public static function readPage(string $svg): NestDrawing
    {
        return (new self)->drawing(SvgTree::read($svg));
    }

    private function drawing(SvgElement $root): NestDrawing
    {
        $this->note($root);
        if ($this->weight($root) > SvgTree::MOST_ELEMENTS) {
            throw SvgTree::tooMany();
        }
        $view = SvgView::of($root);
        $this->children($root, new SvgPlace($view->matrix, $this->styles->of($root, [])));

        return new NestDrawing($this->withoutLetters(), $view->widthMm, $view->heightMm, $view->hasSize, $this->notes());
    }

    /** Remembers what is called by its id, and the rules of style sheets. */
    private function note(SvgElement $element): void
    {
        if ($element->attribute('id') !== '') {
            $this->byId[$element->attribute('id')] ??= $element;
        }
        if ($element->name === 'style') {
            $this->styles->learn($element->text);
        }
        foreach ($element->children as $child) {
            $this->note($child);
        }
    }

    /** How many elements it comes to: what is used many times is there many times. Counted before anything is drawn. */
    private function weight(SvgElement $element): float
    {
        if ($element->weight === INF) {
            throw self::usesItself();
        }
        if ($element->weight === null) {
            $element->weight = INF;
            $target = $element->name === 'use' ? $this->target($element) : null;
            $weight = 1.0 + ($target === null ? 0.0 : $this->weight($target));
            foreach ($element->children as $child) {
                $weight += $this->weight($child);
            }
            $element->weight = min($weight, 1e9);
        }

        return $element->weight;
    }

    private function target(SvgElement $use): ?SvgElement
    {
        $href = $use->attribute('href') !== '' ? $use->attribute('href') : $use->attribute('xlink:href');

        // Outside the file nothing is followed.
        return str_starts_with($href, '#') ? $this->byId[substr($href, 1)] ?? null : null;
    }

    private static function usesItself(): UnreadableNest
    {
        return UnreadableNest::at('drawing', 'uses its parts inside one another more than '.self::DEEPEST_USE.' times over; break the copies apart and export it again');
    }

    private function children(SvgElement $element, SvgPlace $in): void
    {
        foreach ($element->children as $child) {
            $this->visit($child, $in);
        }
    }

    private function visit(SvgElement $element, SvgPlace $around): void
    {
        if (in_array($element->name, ['defs', 'symbol', 'style', 'clipPath'], true)) {
            return;
        }
        $style = $this->styles->of($element, $around->style);
        if (($style['display'] ?? '') === 'none') {
            // Layers are switched off to print one size: the sizes are wanted here.
            if ($element->name !== 'g' || $element->names() === []) {
                return;
            }
            $style['display'] = 'inline';
            $this->hiddenLayers++;
        }
        if ($element->name === 'text') {
            $this->words++;

            return;
        }
        $clip = $this->clip($element, $around);
        $in = new SvgPlace($around->matrix->times($element->transform()), $style, [...$around->names, ...$element->names()], $around->used, $clip);
        match ($element->name) {
            'svg' => $this->children($element, new SvgPlace($in->matrix->times(SvgView::inside($element)), $style, $in->names, $in->used, $clip)),
            'g', 'a', 'switch' => $this->children($element, $in),
            'use' => $this->used($element, $in),
            default => $this->draw($element, $in),
        };
    }

    private function clip(SvgElement $element, SvgPlace $around): ?ClipBox
    {
        if (preg_match('/^\s*url\(\s*["\']?#([^"\')]+)/', $element->attribute('clip-path'), $found) !== 1) {
            return $around->clip;
        }
        $path = $this->byId[$found[1]] ?? null;
        $box = $path?->name === 'clipPath' ? ClipBox::of($path, $around->matrix->times($element->transform())) : null;

        return $box === null ? $around->clip : $box->within($around->clip);
    }

    private function used(SvgElement $element, SvgPlace $in): void
    {
        $target = $this->target($element);
        if ($target === null) {
            return;
        }
        if ($in->used >= self::DEEPEST_USE) {
            throw self::usesItself();
        }
        // So a PDF's words come out, a letter each.
        if (preg_match(self::LETTER, $target->attribute('id')) === 1) {
            $this->words++;

            return;
        }
        $placed = $in->matrix->times(Matrix::translate(SvgLength::dots($element->attribute('x')) ?? 0.0, SvgLength::dots($element->attribute('y')) ?? 0.0));
        $target->name === 'symbol'
            ? $this->children($target, new SvgPlace($placed, $this->styles->of($target, $in->style), $in->names, $in->used + 1, $in->clip))
            : $this->visit($target, new SvgPlace($placed, $in->style, $in->names, $in->used + 1, $in->clip));
    }

    private function draw(SvgElement $element, SvgPlace $in): void
    {
        $builder = new LineBuilder($in->matrix, $this->budget);
        $isWhole = SvgShapes::draw($element, $builder);
        $runs = $builder->lines();
        if (! $builder->isSound || ! $isWhole) {
            $this->unsound++;
        }
        if ($runs === [] || ! $builder->isSound) {
            return;
        }
        if ($in->clip !== null) {
            $runs = array_merge(...array_map($in->clip->cut(...), $runs));
            if ($runs === []) {
                return;
            }
        }
        $line = new DrawnLine($this->freeId($element->attribute('id')), array_values(array_unique($in->names)), $in->style['stroke'] ?? '', $in->style['stroke-dasharray'] ?? '', $runs);
        $this->lines[] = $line;
        if (Lettering::may($in->style, $runs)) {
            $this->letters[$line->id] = true;
        }
    }

    /** @return list<DrawnLine> without what was written in outlines, where anything is drawn with a pen */
    private function withoutLetters(): array
    {
        $drawn = array_values(array_filter($this->lines, fn (DrawnLine $line): bool => ! isset($this->letters[$line->id])));
        $hasPen = array_filter($drawn, static fn (DrawnLine $line): bool => ! in_array($line->stroke, ['', 'none'], true)) !== [];
        if (! $hasPen) {
            return $this->lines;
        }
        $this->words += count($this->lines) - count($drawn);

        return $drawn;
    }

    /** @return list<string> what was left out and what was brought to light */
    private function notes(): array
    {
        $layers = $this->hiddenLayers === 1 ? '1 layer that was switched off is' : "{$this->hiddenLayers} layers that were switched off are";

        return array_values(array_filter([
            match ($this->unsound) {
                0 => '',
                1 => "1 line whose figures can't be read was left out.",
                default => "{$this->unsound} lines whose figures can't be read were left out.",
            },
            $this->words === 0 ? '' : 'Words and letters were left out.',
            $this->hiddenLayers === 0 ? '' : "{$layers} shown as well.",
        ], static fn (string $note): bool => $note !== ''));
    }

    /** Its own, or one that tells it from all others. */
    private function freeId(string $own): string
    {
        $asked = $own === '' ? 'line-'.(count($this->lines) + 1) : $own;
        $id = $asked;
        while (isset($this->taken[$id])) {
            $this->taken[$asked] = ($this->taken[$asked] ?? 1) + 1;
            $id = "{$asked}-{$this->taken[$asked]}";
        }
        $this->taken[$id] = 1;

        return $id;
    }
}
