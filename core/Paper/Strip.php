<?php

declare(strict_types=1);

namespace Underbolt\Paper;

use Underbolt\Planning\Plan;

/** The new side seam at true size, front and back, once where they are alike, drawn from the pattern's own lines: to be laid under the tissue, underarm on underarm. */
final class Strip
{
    private const BETWEEN_MM = 16.0;

    /**
     * @param  string  $name  what stands on every page of it
     * @param  array{StripShape, StripShape}  $shapes  front and back as the pattern's own lines have them
     *
     * @throws NoStrip where its allowance isn't known
     */
    public static function of(Plan $plan, string $name, StripLine $line, array $shapes): Drawing
    {
        [$frontShape, $backShape] = $shapes;
        $allowance = match ($line) {
            StripLine::Seam => null,
            StripLine::WithAllowance => $plan->make->pattern->seam->seamAllowance ?? throw NoStrip::withoutAllowance(),
        };
        if ($frontShape->isLike($backShape)) {
            $both = StripSide::of('front and back', $plan, $frontShape, $allowance);

            return (new Drawing($name, TestMarks::BESIDE_MM + $both->widthMm, TestMarks::ABOVE_MM + $both->heightMm, [], []))->with($both->at(TestMarks::BESIDE_MM, TestMarks::ABOVE_MM));
        }
        $front = StripSide::of('front', $plan, $frontShape, $allowance);
        $back = StripSide::of('back', $plan, $backShape, $allowance);
        $backFrom = TestMarks::BESIDE_MM + $front->widthMm + self::BETWEEN_MM;

        return (new Drawing(
            $name,
            $backFrom + $back->widthMm,
            TestMarks::ABOVE_MM + max($front->heightMm, $back->heightMm),
            [],
            [],
        ))->with([...$front->at(TestMarks::BESIDE_MM, TestMarks::ABOVE_MM), ...$back->at($backFrom, TestMarks::ABOVE_MM)]);
    }
}
