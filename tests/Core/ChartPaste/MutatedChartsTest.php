<?php

declare(strict_types=1);

use Tests\Support\Runs;
use Underbolt\ChartPaste\ChartPaste;
use Underbolt\Measure\Length;
use Underbolt\Measure\Span;
use Underbolt\Measure\Unit;

/**
 * A chart of random size, written out in a random way.
 *
 * @return array{string, list<string>, array<string, list<float>>} the text, the sizes, the rows in centimetres
 */
function writtenChart(): array
{
    $count = random_from(2, 20);
    $sizes = mt_rand(0, 1) === 0
        ? array_map(static fn (int $i): string => (string) (6 + 2 * $i), range(0, $count - 1))
        : array_slice(
            ['XXS', 'XS', 'S', 'M', 'L', 'XL', '2X', '3X', '4X', '5X', '6X', '7X', '8X', '9X', '10X', '11X', '12X', '13X', '14X', '15X'],
            0,
            $count,
        );
    $rows = [];
    foreach (['Bust' => 78, 'Waist' => 60, 'Hip' => 86, 'High bust' => 73] as $name => $first) {
        $rows[$name] = array_map(
            static fn (int $i): float => $first + 4 * $i + (mt_rand(0, 1) === 0 ? 0 : 0.5),
            range(0, count($sizes) - 1),
        );
    }
    $comma = mt_rand(0, 1) === 0;
    $between = ["\t", ';', '   ', ' '][mt_rand(0, 3)];
    $figure = static fn (float $cm): string => $comma ? str_replace('.', ',', (string) $cm) : (string) $cm;
    $table = [['Size', ...$sizes]];
    foreach ($rows as $name => $row) {
        $table[] = [$name, ...array_map(match (mt_rand(0, 2)) {
            0 => $figure,
            1 => static fn (float $cm): string => $figure($cm).' ('.round($cm / 2.54, 1).')',
            default => static fn (float $cm): string => $figure($cm - 3).'-'.$figure($cm),
        }, $row)];
    }
    // Some stand on their side.
    $table = mt_rand(0, 3) === 0 ? array_map(null, ...$table) : $table;
    $lines = array_map(static fn (array $cells): string => implode($between, $cells), $table);

    return [implode("\n", $lines), $sizes, $rows];
}

function random_from(int $least, int $most): int
{
    return mt_rand($least, $most);
}

/** Breaks the text the way a copy from a PDF, a slip or a wrong selection does. */
function broken(string $text): string
{
    $lines = explode("\n", $text);
    $at = mt_rand(0, count($lines) - 1);
    $tokens = preg_split('/(\s+|;)/', $lines[$at], -1, PREG_SPLIT_DELIM_CAPTURE);
    $token = mt_rand(0, count($tokens) - 1);
    switch (mt_rand(0, 8)) {
        case 0: unset($lines[$at]);
            break;
        case 1: $tokens[$token] = '';
            $lines[$at] = implode('', $tokens);
            break;
        case 2: $tokens[$token] .= ['*', '?', 'x', ' n/a', ' 7'][mt_rand(0, 4)];
            $lines[$at] = implode('', $tokens);
            break;
        case 3: array_splice($lines, $at, 0, ['Page 3 of 12', 'Size chart 2019', '*** ***', 'All measures in cm'][mt_rand(0, 3)]);
            break;
        case 4: $lines[$at] = mb_strcut($lines[$at], 0, mt_rand(0, strlen($lines[$at])));
            break;
        case 5: $lines[$at] = str_replace(' ', ['  ', "\u{00A0}", '   '][mt_rand(0, 2)], $lines[$at]);
            break;
        case 6: $lines[] = $lines[$at];
            break;
        case 7: $place = mt_rand(0, max(0, strlen($lines[$at]) - 1));
            $lines[$at] = substr_replace($lines[$at], chr(mt_rand(32, 126)), $place, mt_rand(0, 1));
            break;
        default: $lines[$at] = strtoupper($lines[$at]);
    }

    return implode("\n", $lines);
}

/** Every figure a reader could find at that place in the text, in nanometres. */
function figuresIn(string $text): array
{
    preg_match_all('/\d+(?:[.,]\d+)?(?:\s*-?\s*\d+\/\d+)?/', $text, $found);
    $all = [];
    foreach ($found[0] as $figure) {
        foreach ([Unit::Centimetre, Unit::Inch] as $unit) {
            $all[] = Length::tryParse($figure, $unit)?->nanometres;
        }
    }

    return $all;
}

test('charts broken at random never crash the reader, and no figure is wrong in silence', function (): void {
    mt_srand(20261123);
    $sure = 0;
    $readers = 0;
    for ($run = 0; $run < Runs::of(400); $run++) {
        [$whole, $sizes, $truth] = writtenChart();
        $text = $whole;
        for ($times = mt_rand(0, 3); $times > 0; $times--) {
            $text = broken($text);
        }
        $preview = ChartPaste::read($text, Unit::Centimetre);
        $readers++;
        if ($preview->sizesDoubt !== null) {
            continue; // the whole table carries the doubt
        }
        foreach ($preview->rows as $row) {
            $true = $truth[match ($row->place?->path()) {
                'body_chart.full_bust' => 'Bust', 'body_chart.waist' => 'Waist', 'body_chart.hip' => 'Hip', 'body_chart.high_bust' => 'High bust', default => '',
            }] ?? null;
            foreach ($row->cells as $index => $cell) {
                if ($true === null || $cell->value === null || ! $row->isSure($index)) {
                    continue;
                }
                $place = array_search($preview->sizes[$index], $sizes, true);
                if ($place === false) {
                    continue; // the name of the size itself was broken: whose figure this is can't be told from the text
                }
                $sure++;
                $figures = array_map(static fn (float $cm): int => Length::ofNumber($cm, Unit::Centimetre)->nanometres, $true);
                // Of a range the upper end is what was written down.
                $value = Span::read($cell->text, Unit::Centimetre)?->to->nanometres ?? $cell->value->nanometres;
                $right = $figures[$place] === $value;
                // A figure that was changed in the text is read as it stands there; nobody could know better.
                $standsThere = ! in_array($value, $figures, true) && in_array(
                    $value,
                    figuresIn($text),
                    true,
                );
                if (! $right && ! $standsThere) {
                    $this->fail(
                        "run {$run}: {$row->label} size {$preview->sizes[$index]} was read as {$cell->text} from:\n{$text}\n\nbut "
                            ."was:\n{$whole}",
                    );
                }
            }
        }
    }
    expect($readers)->toBe(Runs::of(400))->and($sure)->toBeGreaterThan(Runs::of(4000));
})->group('slow');
