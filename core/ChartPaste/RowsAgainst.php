<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

use Closure;
use Underbolt\Measure\Length;

/** Holds the rows of a pasted chart against one another: what no body and no garment has is asked about, once for a row. */
final readonly class RowsAgainst
{
    /** No grown body's bust is less: 51 cm, 20 in; half of one is. */
    private const LEAST_BUST_NM = 510_000_000;

    /** A garment that finishes below this share of the body is laid flat, or in another unit: no knit stretches so far. */
    private const LEAST_SHARE = 0.8;

    /** @param  array<string, PreviewRow>  $rows  by path */
    private function __construct(private array $rows)
    {
    }

    /**
     * @param  array<string, PreviewRow>  $rows  by path
     * @return array<string, PreviewRow> the same, those doubted that can't stand beside another
     */
    public static function doubted(array $rows): array
    {
        $self = new self($rows);
        $doubts = [
            ...$self->mostly('body_chart.waist', 'body_chart.hip', static fn (int $waist, int $hip): bool => $waist > $hip, 'The waist is larger than the hip: are the names swapped?'),
            ...$self->mostly('body_chart.full_bust', 'body_chart.waist', static fn (int $bust, int $waist): bool => $bust < $waist, 'The bust is smaller than the waist: are the names swapped?'),
            ...$self->mostly('body_chart.high_bust', 'body_chart.full_bust', static fn (int $high, int $full): bool => $high > $full, 'The high bust is larger than the full bust: are the names swapped?'),
            ...$self->small(),
            ...$self->swapped(),
        ];
        foreach (['full_bust', 'waist', 'hip'] as $row) {
            $doubts = [...$self->mostly("finished.{$row}", "body_chart.{$row}", static fn (int $garment, int $body): bool => $garment < self::LEAST_SHARE * $body, 'The garment is far smaller than the body: is it laid flat?', false), ...$doubts];
        }
        foreach ($doubts as $path => $doubt) {
            $rows[$path] = $rows[$path]->doubted($doubt);
        }

        return $rows;
    }

    /**
     * @param  Closure(int, int): bool  $isOdd  of two figures of one size, in nanometres
     * @return array<string, string> the doubt, by path, where most sizes are odd
     */
    private function mostly(string $one, string $other, Closure $isOdd, string $doubt, bool $isOfBoth = true): array
    {
        $pairs = $odd = 0;
        foreach ($this->rows[$one]->cells ?? [] as $size => $cell) {
            $twin = $this->rows[$other]->cells[$size]->value ?? null;
            if ($cell->value instanceof Length && $twin !== null) {
                $pairs++;
                $odd += $isOdd($cell->value->nanometres, $twin->nanometres) ? 1 : 0;
            }
        }

        return match (true) {
            $odd === 0 || 2 * $odd < $pairs => [],
            $isOfBoth => [$one => $doubt, $other => $doubt],
            default => [$one => $doubt],
        };
    }

    /** @return array<string, string> a garment that is smaller than the body at every size of every row: the two tables may be swapped */
    private function swapped(): array
    {
        $doubts = [];
        $sizes = 0;
        foreach (['full_bust', 'waist', 'hip'] as $row) {
            foreach ($this->rows["finished.{$row}"]->cells ?? [] as $size => $cell) {
                $body = $this->rows["body_chart.{$row}"]->cells[$size]->value ?? null;
                if ($cell->value === null || $body === null) {
                    continue;
                }
                $isHalf = $cell->value->nanometres < self::LEAST_SHARE * $body->nanometres;
                if ($isHalf || ! $cell->value->isLessThan($body)) {
                    return [];
                }
                $sizes++;
                $doubts["finished.{$row}"] = $doubts["body_chart.{$row}"] = 'The garment is smaller than the body at every size: are the two tables swapped, or is it a close knit?';
            }
        }

        return $sizes < 2 ? [] : $doubts;
    }

    /** @return array<string, string> a bust that only half a body has */
    private function small(): array
    {
        $values = array_map(static fn (PastedCell $cell): int => $cell->value->nanometres ?? 0, $this->rows['body_chart.full_bust']->cells ?? []);

        return $values !== [] && max($values) > 0 && max($values) < self::LEAST_BUST_NM ? ['body_chart.full_bust' => 'No grown body has such a bust: is it laid flat, half of it?'] : [];
    }
}
