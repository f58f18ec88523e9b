<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/**
 * The new piece, and each printed size, for programs that cut patterns: DXF of release 12, a block a piece, plain polylines, in
 * millimetres with y up. Its layers are those of ASTM D6673 (from memory).
 */
final class NestDxf
{
    private const BOUNDARY = '1';

    private const NOTCH = '4';

    private const GRAIN = '7';

    private const INTERNAL = '8';

    private const SEWN = '14';

    private const WORDS = '15';

    /** Points nearer to the line through their neighbours than this are left out. */
    private const THIN_MM = 0.002;

    private const LETTER_MM = 6.0;

    private function __construct(private readonly float $heightMm)
    {
    }

    /**
     * @param  array<string, string>  $sizes  of each size the line, by its id
     * @param  string  $piece  as it is called
     * @param  bool  $namesSizes  false where what sizes are called is not everybody's business: then they are counted
     */
    public static function of(NestDrawing $drawing, array $sizes, NestLine $new, string $piece, string $name, bool $namesSizes = true): string
    {
        $self = new self($drawing->heightMm);
        $called = self::called($piece);
        /** @var array<string, list<array{int, string}>> $blocks */
        $blocks = [$called => $self->piece($new, $piece, $name)];
        $counted = array_map(static fn (int $place): string => (string) ($place + 1), array_keys(array_values($sizes)));
        $names = $namesSizes ? array_map(static fn (int|string $size): string => self::called("{$size}"), array_keys($sizes)) : $counted;
        // Two that differ in signs alone would be one block.
        $names = count(array_unique($names)) === count($names) ? $names : $counted;
        foreach (array_combine($names, array_values($sizes)) as $size => $id) {
            $blocks["{$called}-{$size}"] = $self->polyline($drawing->line($id, 'lines'), self::BOUNDARY);
        }
        $layers = [self::BOUNDARY, self::NOTCH, self::GRAIN, self::INTERNAL, self::SEWN, self::WORDS];

        return self::pairs([
            [0, 'SECTION'], [2, 'HEADER'], [9, '$ACADVER'], [1, 'AC1009'], [9, '$MEASUREMENT'], [70, '1'], [9, '$INSUNITS'], [70, '4'], [0, 'ENDSEC'],
            [0, 'SECTION'], [2, 'TABLES'], [0, 'TABLE'], [2, 'LAYER'], [70, (string) count($layers)],
            ...array_merge(...array_map(static fn (string $layer): array => [[0, 'LAYER'], [2, $layer], [70, '0'], [62, '7'], [6, 'CONTINUOUS']], $layers)),
            [0, 'ENDTAB'], [0, 'ENDSEC'],
            [0, 'SECTION'], [2, 'BLOCKS'],
            ...array_merge(...array_map(static fn (string $block, array $inside): array => [
                [0, 'BLOCK'], [8, self::BOUNDARY], [2, $block], [70, '0'], [10, '0'], [20, '0'], [30, '0'], [3, $block], ...$inside, [0, 'ENDBLK'], [8, self::BOUNDARY],
            ], array_keys($blocks), array_values($blocks))),
            [0, 'ENDSEC'],
            [0, 'SECTION'], [2, 'ENTITIES'],
            ...array_merge(...array_map(static fn (string $block): array => [[0, 'INSERT'], [8, self::BOUNDARY], [2, $block], [10, '0'], [20, '0'], [30, '0']], array_keys($blocks))),
            [0, 'ENDSEC'], [0, 'EOF'],
        ]);
    }

    /** @return list<array{int, string}> */
    private function piece(NestLine $new, string $piece, string $name): array
    {
        $line = $new->piece ?? $new->seam;
        $isSewn = $new->lineIs === LineIs::Stitching;
        $said = ["Piece Name: {$piece}", "Style Name: {$name}", 'Units: METRIC', 'Quantity: 1'];

        return [
            ...array_merge(...array_map(fn (string $words, int $row): array => $this->words($words, 10.0, 20.0 + 10.0 * $row), $said, array_keys($said))),
            ...$this->polyline($line, self::BOUNDARY),
            ...($isSewn ? $this->polyline($line, self::SEWN) : []),
            ...($new->beside === null ? [] : $this->polyline($new->beside, $isSewn ? self::INTERNAL : self::SEWN)),
            ...array_merge([], ...array_map(fn (Line $one): array => $this->polyline($one, self::INTERNAL), $new->levels)),
            ...array_merge([], ...array_map(fn (Line $one): array => $this->polyline($one, self::NOTCH), $new->notches)),
            ...($new->grain === [] ? [] : $this->polyline($new->grain[0], self::GRAIN)),
        ];
    }

    /** @return list<array{int, string}> */
    private function polyline(Line $line, string $layer): array
    {
        $points = ThinnedLine::points($line, self::THIN_MM);
        if ($line->isClosed && count($points) > 1) {
            array_pop($points);
        }

        return [
            [0, 'POLYLINE'], [8, $layer], [66, '1'], [10, '0'], [20, '0'], [30, '0'], [70, $line->isClosed ? '1' : '0'],
            ...array_merge(...array_map(fn (array $at): array => [[0, 'VERTEX'], [8, $layer], ...$this->place(...$at)], $points)),
            [0, 'SEQEND'], [8, $layer],
        ];
    }

    /** @return list<array{int, string}> */
    private function words(string $words, float $x, float $y): array
    {
        // Its letters are those of the old code pages: others are spelled by their numbers.
        $plain = (string) preg_replace_callback('/[^\x20-\x7e]/u', static fn (array $sign): string => sprintf('\\U+%04X', mb_ord($sign[0])), mb_scrub($words));

        return [[0, 'TEXT'], [8, self::WORDS], ...$this->place($x, $y), [40, (string) self::LETTER_MM], [1, $plain]];
    }

    /** @return list<array{int, string}> */
    private function place(float $x, float $y): array
    {
        return [[10, sprintf('%.4F', $x)], [20, sprintf('%.4F', $this->heightMm - $y)], [30, '0']];
    }

    /** A block's name holds letters, figures and dashes alone. */
    private static function called(string $name): string
    {
        return strtoupper(trim((string) preg_replace('/[^A-Za-z0-9]+/', '-', $name), '-'));
    }

    /** @param  list<array{int, string}>  $pairs  codes with their values */
    private static function pairs(array $pairs): string
    {
        return implode('', array_map(static fn (array $pair): string => sprintf("%3d\r\n%s\r\n", ...$pair), $pairs));
    }
}
