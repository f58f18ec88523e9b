<?php

declare(strict_types=1);

use Underbolt\ChartPaste\ChartPaste;
use Underbolt\ChartPaste\ChartPreview;
use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Cups\CupLetter;

/*
 * Whole charts in the forms in which they come, with what is to be read from each: one file for each class in
 * tests/fixtures/charts. A chart begins with `=== its name`, then what is expected, then `---` and the pasted text.
 */

/** A chart with what is expected of it. */
final readonly class WholeChart
{
    /**
     * @param  list<string>  $sizes
     * @param  array<string, list<?float>>  $rows  figures in the unit, by path, null where none is printed
     */
    private function __construct(
        public Unit $unit,
        public array $sizes,
        public array $rows,
        public string $text,
    ) {
    }

    public static function of(string $written): self
    {
        [$head, $text] = explode("\n---\n", $written, 2);
        $said = [];
        foreach (explode("\n", $head) as $line) {
            [$key, $value] = explode(': ', $line, 2);
            $said[$key] = explode(' | ', $value);
        }
        $rows = array_diff_key($said, ['unit' => 0, 'sizes' => 0]);
        $figures = static fn (array $row): array => array_map(static fn (string $one): ?float => $one === '-' ? null : (float) $one, $row);
        $paths = array_map(self::path(...), array_keys($rows));

        return new self(
            Unit::from($said['unit'][0]),
            $said['sizes'],
            array_combine($paths, array_map($figures, array_values($rows))),
            $text,
        );
    }

    /** What becomes of it: right, doubted (all there, some marked), lost (some missing, to be seen) or silent (wrong unmarked). */
    public function outcome(): string
    {
        $preview = ChartPaste::read($this->text, Unit::Centimetre);
        $found = self::figures($preview);
        $isMarked = $preview->sizesDoubt !== null;
        $lost = false;
        foreach ($this->rows as $path => $figures) {
            foreach ($figures as $index => $figure) {
                $there = $found["{$path} {$this->sizes[$index]}"] ?? null;
                unset($found["{$path} {$this->sizes[$index]}"]);
                if (($there === null) !== ($figure === null)) {
                    if ($there !== null && $there[1] && ! $isMarked) {
                        return 'silent';
                    }
                    $lost = true;
                } elseif ($there !== null && $figure !== null) {
                    $isRight = $there[0]->minus(Length::ofNumber($figure, $this->unit))->abs()->nanometres < 600_000;
                    if (! $isRight && $there[1] && ! $isMarked) {
                        return 'silent';
                    }
                    $isMarked = $isMarked || ! $there[1];
                }
            }
        }
        // A length that the chart prints by size needn't be named here.
        $found = array_filter($found, static fn (string $key): bool => ! str_starts_with($key, 'seam.') && ! str_starts_with($key, 'lengths.'), ARRAY_FILTER_USE_KEY);
        // What is read without a mark and isn't in the chart is wrong as well.
        if (! $isMarked && array_filter($found, static fn (array $one): bool => $one[1]) !== []) {
            return 'silent';
        }

        return $lost ? 'lost' : ($isMarked ? 'doubted' : 'right');
    }

    private static function path(string $short): string
    {
        [$chart, $row] = explode('.', $short);
        if (preg_match('/^(?:view|fit) (.+)$/', $chart, $of) === 1) {
            return "finished.{$row} {$of[1]}";
        }

        return match ($chart) {
            'body' => "body_chart.{$row}",
            'cup' => 'cups.body_chart.'.CupLetter::written($row),
            'fcup' => 'cups.finished.'.CupLetter::written($row),
            default => $short,
        };
    }

    /** @return array<string, array{Length, bool}> each figure with whether it is sure, by path and size */
    private static function figures(ChartPreview $preview): array
    {
        $figures = [];
        foreach ($preview->rows as $row) {
            foreach ($row->place === null ? [] : $row->cells as $index => $cell) {
                if ($cell->value !== null) {
                    $figures[implode(' ', [$row->place->path(), ...array_values($row->of), $preview->sizes[$index]])] = [$cell->value, $row->isSure($index)];
                }
            }
        }

        return $figures;
    }
}

/** @return array<string, array{string}> each chart as it is written, by class and name */
function wholeCharts(): array
{
    $charts = [];
    foreach (glob(__DIR__.'/../../fixtures/charts/*.txt') ?: [] as $file) {
        foreach (array_slice(explode("\n=== ", "\n".rtrim((string) file_get_contents($file), "\n")), 1) as $written) {
            [$name, $chart] = explode("\n", $written, 2);
            $charts[basename($file, '.txt').': '.$name] = [$chart];
        }
    }

    return $charts;
}

test('a whole chart comes out right, or what is not sure of it is marked; nothing is wrong in silence', function (): void {
    $outcomes = [];
    foreach (wholeCharts() as $name => [$written]) {
        $outcomes[WholeChart::of($written)->outcome()][] = $name;
    }
    if (getenv('CHARTS') !== false) {
        foreach (['silent', 'lost', 'doubted'] as $kind) {
            fwrite(STDERR, "\n{$kind}: ".count($outcomes[$kind] ?? [])."\n  ".implode("\n  ", $outcomes[$kind] ?? []));
        }
        fwrite(STDERR, "\nright: ".count($outcomes['right'] ?? [])."\n");
    }
    // Half girths, tables that nothing tells apart or that may be swapped, inches that could be centimetres, millimetres: these are asked about.
    $asked = '/04-halves|flat|without a head|without letters|in mm|two ranges|swapped/';
    expect($outcomes['silent'] ?? [])->toBe([])
        ->and($outcomes['lost'] ?? [])->toBe([])
        ->and(preg_grep($asked, $outcomes['doubted'] ?? [], PREG_GREP_INVERT))->toBe([])
        ->and(count($outcomes['right'] ?? []))->toBeGreaterThan(0.9 * count(wholeCharts()));
});
