<?php

declare(strict_types=1);

namespace Underbolt\Nest;

use Underbolt\Measure\Length;
use Underbolt\Paper\Anchor;
use Underbolt\Paper\Label;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\Plan;

/** What is written on a piece that is drawn on the pattern's own lines, in the millimetres of the drawing. */
final class NestWords
{
    private const LEVEL_MM = 3.6;

    private const NAME_MM = 8.0;

    /** What stands under the name is no wider. */
    private const ROOM_MM = 100.0;

    /** Between what is written and the line it speaks of. */
    private const BESIDE_MM = 4.0;

    /**
     * @param  string  $title  whose make it is, and which piece
     * @param  list<string>  $says  what stands under it
     * @return list<Label>
     */
    public static function of(NestSeam $new, NestLine $line, Plan $plan, Length $every, string $piece, string $title, array $says): array
    {
        $seam = $new->finished($new->seam);
        [$waist, $hip] = $new->heights();
        $left = $line->foldX;
        $at = static function (float $x, float $y) use ($new): array {
            $place = $new->upright->drawn(Line::through([[$x, $y], [$x, $y + 1]]));

            return [$place->x[0], $place->y[0]];
        };
        [$inward, $onward] = $new->upright->isMirrored ? [Anchor::Start, Anchor::End] : [Anchor::End, Anchor::Start];
        $sizes = $new->isFront ? $plan->frontBack->front : $plan->frontBack->back;
        $words = [];
        $levels = ['underarm' => [Level::Bust, 'underarm', $seam->y[0]], 'waist' => [Level::Waist, 'waist', $waist], 'hip' => [Level::Hip, 'hip', $hip]];
        $without = match ($new->reach) {
            Reach::Whole => [],
            Reach::ToWaist => ['hip' => true],
            Reach::FromWaist => ['underarm' => true],
        };
        foreach (array_diff_key($levels, $without) as [$level, $name, $height]) {
            $size = $sizes->at($level);
            $way = $seam->firstAt($height);
            if ($size !== null && $way !== null) {
                $words[] = self::label('levels', $at($seam->at($way)[0] - 2 * self::BESIDE_MM, $height - 1.5), "{$name}, {$plan->lineOf($size)}", self::LEVEL_MM, $inward);
            }
        }
        $step = $every->nanometres / NestSeam::NM_OF_A_MM;
        for ($count = 1; ($way = $seam->firstAt($seam->y[0] + $count * $step)) !== null; $count++) {
            $words[] = self::label('stations', $at($seam->at($way)[0] - self::BESIDE_MM, $seam->y[0] + $count * $step + 1), $plan->make->say(Length::ofNanometres($count * $every->nanometres)), Label::AMOUNT_MM, $inward);
        }
        $y = $new->reach === Reach::ToWaist ? ($seam->y[0] + $waist) / 2 : $waist + 30;
        $words[] = self::label('piece', $at($left + 20, $y), strtoupper($piece), self::NAME_MM, $onward);
        foreach (array_merge(...array_map(static fn (string $text): array => Label::rows($text, self::ROOM_MM), [$title, ...$says])) as $row => $text) {
            $words[] = self::label('piece', $at($left + 20, $y + 7 + 4.5 * $row), $text, Label::WORDS_MM, $onward);
        }

        return $words;
    }

    /** @param  array{float, float}  $place */
    private static function label(string $group, array $place, string $text, float $size, Anchor $anchor): Label
    {
        return new Label($group, $place[0], $place[1], $text, $size, $anchor);
    }
}
