<?php

declare(strict_types=1);

namespace Underbolt\Paper;

use Underbolt\Measure\Length;
use Underbolt\Planning\Plan;

/** One length of a ruler, from its own top left corner: the axis with its ticks, and a bar from each. */
final readonly class RulerPart
{
    private const NM = 1_000_000;

    /** Above the first mark: what it is, and where its zero lies. */
    private const ABOVE_MM = 23.5;

    private const BELOW_MM = 10.0;

    /** Left of the innermost bar: how deep, and the level. */
    private const LEFT_MM = 26.0;

    /** Right of the outermost bar: the line's name and the move. */
    private const RIGHT_MM = 28.0;

    private const LEAST_MM = 60.0;

    public const ROW_MM = 3.9;

    /** @param  list<Path|Label>  $marks */
    private function __construct(public float $widthMm, public float $heightMm, private array $marks)
    {
    }

    /**
     * @param  string  $title  of the side
     * @param  string  $seam  that lies where the bars point
     * @param  non-empty-list<RulerMark>  $marks
     * @param  ?int  $line  the size whose line depth 0 lies on
     * @return list<self> one below the other on the paper, each beginning with the mark that the last one ends on
     */
    public static function all(string $title, string $seam, array $marks, Plan $plan, ?int $line, ?Length $allowance, float $lengthMm): array
    {
        $end = end($marks)->depthMm;
        $count = max(1, (int) ceil(($end - 0.001) / $lengthMm));
        $beyond = ($allowance->nanometres ?? 0) / self::NM;
        $parts = [];
        for ($part = 0; $part < $count; $part++) {
            [$from, $to] = [$part * $lengthMm, min($end, ($part + 1) * $lengthMm)];
            $own = array_values(array_filter($marks, static fn (RulerMark $mark): bool => $mark->depthMm >= $from - 0.001 && $mark->depthMm <= $to + 0.001));
            $moves = array_map(static fn (RulerMark $mark): float => $mark->moveMm, $own);
            $axis = self::LEFT_MM - min([0.0, ...$moves]);
            $width = max(self::LEAST_MM, $axis + max([0.0, ...$moves]) + $beyond + self::RIGHT_MM);
            $y = static fn (float $depth): float => self::ABOVE_MM + $depth - $from;
            $drawing = new RulerDrawing(str_replace(' ', '-', $title), $axis, $y, $width, $beyond);
            $parts[] = new self($width, $y($to) + self::BELOW_MM, [
                ...self::head($drawing, $title, $seam, $plan, $line, $part, $count),
                ...$drawing->axis($from, $to),
                ...$drawing->bars($own),
                ...self::joins($drawing, $part, $count, $from, $to),
            ]);
        }

        return $parts;
    }

    /** @return list<Path|Label> */
    public function at(float $xMm, float $yMm): array
    {
        return array_map(static fn (Path|Label $mark): Path|Label => $mark->moved($xMm, $yMm), $this->marks);
    }

    /** @return list<Path|Label> */
    private static function head(RulerDrawing $on, string $title, string $seam, Plan $plan, ?int $line, int $part, int $count): array
    {
        $group = "{$on->group}-title";
        $zero = Ruler::origin($plan);
        $rows = [
            ...($count === 1 ? [] : ['part '.($part + 1)." of {$count}"]),
            "zero at the {$zero}".($line === null ? '' : " of {$plan->lineOf($line)}").',',
            'on '.($plan->paper() === 'lengthened' ? 'the lengthened paper' : 'the paper as printed'),
        ];

        return [
            new Label($group, 0, 5.0, strtoupper($title), 4.6),
            ...array_map(static fn (string $text, int $i): Label => new Label($group, 0, 9.2 + $i * self::ROW_MM, $text, Label::WORDS_MM), $rows, array_keys($rows)),
            new Label($group, $on->widthMm, self::ABOVE_MM - 4.5, "{$seam} >", Label::WORDS_MM, Anchor::End),
        ];
    }

    /** @return list<Label> letters where the next length goes on */
    private static function joins(RulerDrawing $on, int $part, int $count, float $from, float $to): array
    {
        $group = "{$on->group}-title";
        $letter = static fn (int $join): string => chr(65 + $join);

        return [
            ...($part > 0 ? [new Label($group, $on->axisMm + 4, $on->y($from) - 2, $letter($part - 1), 4, Anchor::Middle)] : []),
            ...($part < $count - 1 ? [new Label($group, $on->axisMm + 4, $on->y($to) + 5, $letter($part), 4, Anchor::Middle)] : []),
        ];
    }

    /** So much more than its own length a part takes of a page. */
    public static function beyondMm(): float
    {
        return self::ABOVE_MM + self::BELOW_MM;
    }
}
