<?php

declare(strict_types=1);

namespace Underbolt\Work\Pictures;

use Underbolt\Measure\LengthPrint;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\Plan;
use Underbolt\Seam\Curve;
use Underbolt\Seam\SeamDrawing;
use Underbolt\Work\Told\Told;
use Underbolt\Work\Told\ToldLine;
use Underbolt\Work\Told\ToldRow;

/**
 * The line to cut beside the printed ones, with a mark at each height and how far it lies from the line named there: what hands follow.
 * Wider than it is tall in truth, as half a centimetre would not be seen else.
 */
final class LinePicture
{
    public const WIDTH = 270;

    private const TOP = 26.0;

    private const LEFT = 72.0;

    private const RIGHT = 180.0;

    /** Of the picture for a centimetre down, and no more than a page holds. */
    private const DOWN_A_CM = 11.0;

    private const LONGEST = 430.0;

    /** Two marks nearer than this can't be written beside each other: of such a level's own stays. */
    private const APART = 13.5;

    /** Marks stand about so far apart: 2.5 cm, or an inch. */
    private const EVERY_NM = 25_000_000;

    /** So much room a size's name takes. */
    private const NAME = 19.0;

    private readonly float $down;

    private readonly float $sideways;

    private readonly float $from;

    private readonly int $end;

    /** @param  non-empty-array<int, Curve>  $printed  those that are shown, by size */
    private function __construct(private readonly Plan $plan, private readonly SeamDrawing $drawing, private readonly ToldLine $line, private readonly array $printed)
    {
        $parts = $drawing->front->parts;
        $this->end = $parts === [] ? 1 : max(1, $parts[count($parts) - 1]->end);
        $this->down = min(self::DOWN_A_CM / 10_000_000, self::LONGEST / $this->end);
        $outs = [];
        foreach ([...array_values($printed), $drawing->front, ...($drawing->back === null ? [] : [$drawing->back])] as $curve) {
            foreach ($curve->parts as $part) {
                array_push($outs, $part->outAtTop, $part->outAtEnd);
            }
        }
        $this->from = $outs === [] ? 0.0 : min($outs);
        $this->sideways = (self::RIGHT - self::LEFT) / max(1.0, ($outs === [] ? 1.0 : max($outs)) - $this->from);
    }

    /** Null where the paper is not measured down to a second level, or no figure tells the lines: then there is none to draw. */
    public static function of(Plan $plan, ToldLine $line): ?self
    {
        $drawing = $plan->drawing();
        if ($drawing === null || $drawing->front->parts === [] || $drawing->lines === []) {
            return null;
        }
        $cut = $plan->cutSizes();
        if ($cut === []) {
            return null;
        }
        $near = array_filter($drawing->lines, static fn (int $size): bool => $size >= min($cut) - 1 && $size <= max($cut) + 1, ARRAY_FILTER_USE_KEY);

        return $near === [] ? null : new self($plan, $drawing, $line, $near);
    }

    public function height(): int
    {
        return (int) ceil(self::TOP + $this->end * $this->down) + 6;
    }

    /** How many times wider than tall. */
    public function stretched(): float
    {
        return round($this->sideways / $this->down, 1);
    }

    /** Whether it holds what the table of marks says: all but a mark or two so near to a level's that a ruler laid through the others meets them. */
    public function isWhole(): bool
    {
        return $this->line->isAlike && self::EVERY_NM * $this->down >= self::APART;
    }

    /** What is to be known of it. */
    public function note(): string
    {
        $from = array_key_exists('bust', $this->plan->levels) ? 'underarm' : 'waist';
        $drawn = $this->line->isFromNest ? 'marks read off the pattern’s own lines' : 'drawn from the girths: only the marks count, darts and ease may bend your tissue otherwise';
        $back = $this->drawing->back === null ? '' : ' The back is dashed: its marks stand in the table.';

        return "{$this->plan->make->unit->value} below the {$from}, along the grain; out is away from the body. {$this->stretched()} times as wide as it is; {$drawn}.{$back}";
    }

    /** By itself, in grey, for paper and screen. */
    public function svg(): string
    {
        $drawn = [];
        $cut = $this->plan->cutSizes();
        foreach ($this->printed as $size => $curve) {
            $drawn[] = $this->path($curve, in_array($size, $cut, true) ? 'stroke="#222" stroke-width="1"' : 'stroke="#999" stroke-width="0.6"');
        }
        array_push($drawn, ...$this->names($cut));
        if ($this->drawing->back !== null) {
            $drawn[] = $this->path($this->drawing->back, 'stroke="#000" stroke-width="1.6" stroke-dasharray="5 3"');
        }
        $drawn[] = $this->path($this->drawing->front, 'stroke="#000" stroke-width="2.8"');
        $size = 'width="'.self::WIDTH."\" height=\"{$this->height()}\" viewBox=\"0 0 ".self::WIDTH." {$this->height()}\"";

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" {$size}>".implode('', [...$drawn, ...$this->marks()]).'</svg>';
    }

    /**
     * Over the lines, those that are cut each, the others where there is room.
     *
     * @param  list<int>  $cut
     * @return list<string>
     */
    private function names(array $cut): array
    {
        $at = array_map(fn (Curve $curve): float => $this->x($curve->parts[0]->outAtTop ?? 0.0), $this->printed);
        $own = array_intersect_key($at, array_flip($cut));
        asort($own);
        $last = -INF;
        foreach ($own as $size => $x) {
            $own[$size] = $last = max($x, $last + self::NAME);
        }
        $others = array_filter(array_diff_key($at, $own), static fn (float $x): bool => array_filter($own, static fn (float $taken): bool => abs($x - $taken) < self::NAME) === []);
        $named = [];
        foreach ($own + $others as $size => $x) {
            $named[] = self::text($x, 12, $this->plan->make->pattern->shortNameOf($size), 'middle', isset($own[$size]));
        }

        return $named;
    }

    /** @return list<string> */
    private function marks(): array
    {
        $drawn = [];
        foreach ($this->written() as [$y, $row]) {
            $station = $row->first->station;
            $out = $this->drawing->front->at((float) $station->depth->nanometres);
            $depth = LengthPrint::bare($station->depth, $this->plan->make->unit);
            $name = $station->level === Level::Bust->value ? Level::Bust->onPaper() : trim("{$station->level} {$depth}");
            $drawn[] = self::text(0, $y + 3, $name, 'start', $station->level !== null);
            if ($out !== null) {
                $x = $this->x($out);
                $drawn[] = sprintf('<path d="M%.1f %.1fH%.1f" fill="none" stroke="#bbb" stroke-width="0.6"/>', self::LEFT - 8, $y, $x);
                $drawn[] = sprintf('<circle cx="%.1f" cy="%.1f" r="2.6" fill="#fff" stroke="#000" stroke-width="1.2"/>', $x, $y);
            }
            $drawn[] = self::text(self::WIDTH, $y + 3, $this->told($row->first->told), 'end', true);
        }

        return $drawn;
    }

    /** @return list<array{float, ToldRow}> those that there is room to write, the levels before all others */
    private function written(): array
    {
        $rows = array_values(array_filter(ToldRow::all($this->line->front->stations), fn (ToldRow $row): bool => $row->first->station->depth->nanometres <= $this->end));
        $kept = [];
        foreach ([true, false] as $isLevel) {
            foreach ($rows as $row) {
                $y = self::TOP + $row->first->station->depth->nanometres * $this->down;
                $isFree = array_filter($kept, static fn (array $one): bool => abs($one[0] - $y) < self::APART) === [];
                if ($isFree && ($row->first->station->level !== null) === $isLevel) {
                    $kept[] = [$y, $row];
                }
            }
        }
        usort($kept, static fn (array $one, array $other): int => $one[0] <=> $other[0]);

        return $kept;
    }

    private function told(?Told $told): string
    {
        return match (true) {
            $told === null => 'not known',
            $told->isOn, ! $this->plan->make->canBeDone($told->move) => "on {$this->plan->lineOf($told->size)}",
            default => $this->plan->make->pattern->shortNameOf($told->size).($told->move->isPositive() ? ', out ' : ', in ').LengthPrint::bare($told->move->abs(), $this->plan->make->unit),
        };
    }

    private function path(Curve $curve, string $ink): string
    {
        $d = '';
        $before = null;
        foreach ($curve->parts as $part) {
            [$top, $first, $second, $end] = array_map(fn (array $at): string => sprintf('%.1f %.1f', $this->x($at[0]), $this->y($at[1])), $part->cubic());
            $d .= ($before === $part->top ? '' : "M{$top}")."C{$first} {$second} {$end}";
            $before = $part->end;
        }

        return "<path d=\"{$d}\" fill=\"none\" {$ink}/>";
    }

    private function x(float $out): float
    {
        return self::LEFT + ($out - $this->from) * $this->sideways;
    }

    private function y(float $depth): float
    {
        return self::TOP + $depth * $this->down;
    }

    private static function text(float $x, float $y, string $words, string $anchor, bool $isBold): string
    {
        return sprintf('<text x="%.1f" y="%.1f" font-size="11.5" font-family="DejaVu Sans, sans-serif"%s text-anchor="%s">%s</text>', $x, $y, $isBold ? ' font-weight="bold"' : '', $anchor, htmlspecialchars($words, ENT_XML1));
    }
}
