<?php

declare(strict_types=1);

namespace Underbolt\Paper;

use Underbolt\Measure\Length;
use Underbolt\Planning\Plan;
use Underbolt\Seam\Curve;
use Underbolt\Seam\CurvePart;
use Underbolt\Sizing\Sizes;

/** The strip of the front or the back: its lines, levels and stations. The centre lies to the left. */
final readonly class StripSide
{
    private const NM = 1_000_000;

    /** Above the underarm: its name, what it is for, and the names of the lines. */
    private const ABOVE_MM = 40.0;

    private const BELOW_MM = 12.0;

    /** What stands there is no wider. */
    private const TITLE_MM = 120.0;

    /** Left of the lines: the grain, and how deep each station lies. */
    private const LEFT_MM = 34.0;

    /** Right of the lines: the moves. */
    private const RIGHT_MM = 30.0;

    /**
     * @param  string  $side  front or back, or both where they are alike
     * @param  list<Path|Label>  $marks  from its own top left corner
     */
    private function __construct(public string $side, public float $widthMm, public float $heightMm, private array $marks)
    {
    }

    public static function of(string $side, Plan $plan, StripShape $shape, ?Length $allowance): self
    {
        [$seam, $own] = [$shape->seam, $shape->printed];
        $group = str_replace(' ', '-', $side);
        $ends = self::ends([$seam, ...$own]);
        $out = ($allowance->nanometres ?? 0) / self::NM;
        $lines = new StripLines($group, self::LEFT_MM - $ends[0], self::ABOVE_MM, self::LEFT_MM);
        $width = self::LEFT_MM + $ends[1] - $ends[0] + $out + self::RIGHT_MM;
        $bottom = self::ABOVE_MM + self::deepest($seam);

        return new self($side, $width, $bottom + self::BELOW_MM, [
            ...self::title($side, $group, $plan, $shape, $out),
            ...self::grain($side, $group, $bottom),
            ...$lines->printed($own, $plan),
            ...$lines->cut($seam, $out, $shape->isCut),
            ...$lines->levels($shape, $width - self::RIGHT_MM / 2, $plan),
            ...$lines->stations($shape->stations, $seam, $own, $out, $plan),
            new Label("{$group}-levels", self::LEFT_MM, $bottom + 7, $shape->depths->hem === null ? 'the paper says no further' : 'hem, cut edge', 3),
        ]);
    }

    /** @return list<Path|Label> */
    public function at(float $xMm, float $yMm): array
    {
        return array_map(static fn (Path|Label $mark): Path|Label => $mark->moved($xMm, $yMm), $this->marks);
    }

    /**
     * @param  list<Curve>  $curves
     * @return array{float, float} how near to the centre the lines come, and how far from it
     */
    private static function ends(array $curves): array
    {
        $outs = [];
        foreach ($curves as $curve) {
            foreach ($curve->parts as $part) {
                array_push($outs, $part->outAtTop, $part->outAtEnd);
            }
        }

        return $outs === [] ? [0.0, 0.0] : [min($outs) / self::NM, max($outs) / self::NM];
    }

    private static function deepest(Curve $seam): float
    {
        return max([0, ...array_map(static fn (CurvePart $part): int => $part->end, $seam->parts)]) / self::NM;
    }

    /** @return list<Label> */
    private static function title(string $side, string $group, Plan $plan, StripShape $shape, float $out): array
    {
        $paper = $plan->paper() === 'lengthened' ? 'after the paper is lengthened or shortened' : 'on the paper as it is printed';
        $which = match (true) {
            $out !== 0.0 => 'the thick line is cut, the dotted one sewn',
            $shape->isCut => 'the thick line is cut as the house draws it, its seam allowance within',
            default => 'the thick line is the seam, no allowance',
        };

        $rows = array_merge(...array_map(static fn (string $words): array => Label::rows($words, self::TITLE_MM), [
            "lay it under the pattern, underarm on underarm, {$paper}",
            $which,
            'moves are counted from '.self::counted($plan, $shape->sizes).', read off the pattern\'s own lines',
        ]));

        return [
            new Label("{$group}-title", 0, 8, strtoupper($side), 7),
            ...array_map(static fn (string $text, int $row): Label => new Label("{$group}-title", 0, 13 + 3.8 * $row, $text, Label::WORDS_MM), $rows, array_keys($rows)),
        ];
    }

    private static function counted(Plan $plan, Sizes $sizes): string
    {
        [$upper, $lower] = [$sizes->bust ?? $sizes->waist, $sizes->waist];

        return match (true) {
            $upper === null => 'the line they start from',
            $lower === null || $upper === $lower => $plan->lineOf($upper),
            default => "{$plan->lineOf($upper)} down to the waist, from {$plan->lineOf($lower)} below it",
        };
    }

    /** @return list<Path|Label> */
    private static function grain(string $side, string $group, float $bottom): array
    {
        [$x, $top] = [4.0, self::ABOVE_MM + 8];
        $end = min($bottom - 4, $top + 160);

        return [
            Path::through("{$group}-grain", Pen::Grain, [[$x, $top], [$x, $end]]),
            Path::through("{$group}-grain", Pen::Grain, [[$x - 1.5, $top + 4], [$x, $top], [$x + 1.5, $top + 4]]),
            Path::through("{$group}-grain", Pen::Grain, [[$x - 1.5, $end - 4], [$x, $end], [$x + 1.5, $end - 4]]),
            new Label("{$group}-grain", 0, $top - 3, "< centre {$side}", Label::WORDS_MM),
        ];
    }
}
