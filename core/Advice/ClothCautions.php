<?php

declare(strict_types=1);

namespace Underbolt\Advice;

use Underbolt\Pattern\Cloth\Cloth;
use Underbolt\Pattern\Cloth\Drape;
use Underbolt\Pattern\Cloth\FabricKind;
use Underbolt\Pattern\Cloth\RecommendedCloths;
use Underbolt\Pattern\Pieces\Layer;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Planning\Plan;
use Underbolt\Sizing\EaseBand;

/** Where the cloth of the make and the pattern don't go together (common practice, no published source). */
final class ClothCautions
{
    /** Less than this a hand that stretches cloth can't tell, in per cent. */
    private const ALIKE_PERCENT = 5.0;

    /** @return list<Caution> */
    public static function of(Plan $plan): array
    {
        $cloth = $plan->make->cloth;

        return $cloth === null ? [] : array_values(array_filter([
            self::kind($plan, $cloth),
            self::stretch($plan, $cloth),
            self::drape($plan, $cloth),
            $cloth->sheer && ! self::isLined($plan)
                ? Caution::cloth(CautionCode::ClothSheer, 'This cloth is sheer and the pattern lists no lining: plan one, or something to wear underneath.')
                : null,
        ]));
    }

    private static function kind(Plan $plan, Cloth $cloth): ?Caution
    {
        $drafted = $plan->make->pattern->fabric->kind;

        return match (true) {
            $cloth->kind === null || $cloth->kind === $drafted, self::recommended($plan)->names($cloth->kind) => null,
            $cloth->kind === FabricKind::Knit => Caution::cloth(
                CautionCode::ClothKnit,
                'The pattern is drafted for woven cloth, and this is a knit: the garment gets looser as it is worn. Take less ease, and stay neck and shoulders.',
            ),
            default => Caution::cloth(
                CautionCode::ClothWoven,
                'The pattern is drafted for a knit, and this is woven: it may not go on, and won\'t give. Take a pattern for woven cloth, or sizes with the ease of one.',
            ),
        };
    }

    private static function stretch(Plan $plan, Cloth $cloth): ?Caution
    {
        $tried = $cloth->stretchPercent();
        if ($tried === null) {
            return null;
        }
        $fabric = $plan->make->pattern->fabric;
        $isKnit = $fabric->kind === FabricKind::Knit;
        $said = self::recommended($plan);
        [$least, $most] = [$said->leastPercent, $said->mostPercent];
        // What is printed beside the cloths is nearer to this pattern than what its sizes are drafted for.
        if ($least === null && $most === null && $isKnit) {
            [$least, $most] = [$fabric->stretchPercent - self::ALIKE_PERCENT, $fabric->stretchPercent + self::ALIKE_PERCENT];
            $meant = 'is drafted for '.self::percent($fabric->stretchPercent);
        } else {
            $meant = 'recommends '.self::range($least, $most);
        }
        $stretches = ($cloth->kind === FabricKind::Woven ? 'This cloth' : 'This knit').' stretches '.self::percent($tried);

        return match (true) {
            $most !== null && $tried > $most => Caution::cloth(
                CautionCode::ClothStretchesMore,
                "{$stretches}, the pattern {$meant}: it comes out looser and longer. Try a size smaller, or take the seams in on the body.",
            ),
            $least !== null && $tried < $least => Caution::cloth(
                CautionCode::ClothStretchesLess,
                "{$stretches}, the pattern {$meant}: it may not go on. Go up a size, or find a cloth that gives more.",
            ),
            default => null,
        };
    }

    private static function recommended(Plan $plan): RecommendedCloths
    {
        return RecommendedCloths::of($plan->make->pattern->notes->cloths);
    }

    private static function range(?float $least, ?float $most): string
    {
        return match (true) {
            $least === null => self::percent($most ?? 0).' or less',
            $most === null => self::percent($least).' or more',
            default => round($least).' to '.self::percent($most),
        };
    }

    /** Much ease is what the bands of the bust call loose: nothing is published for the other levels. */
    private static function drape(Plan $plan, Cloth $cloth): ?Caution
    {
        $roomy = [];
        foreach (array_filter($plan->levels) as $name => $level) {
            if ($level->easeAsCut !== null && in_array(EaseBand::of($level->easeAsCut), [EaseBand::Loose, EaseBand::VeryLoose], true)) {
                $roomy[] = "{$plan->make->say($level->easeAsCut)} at the {$name}";
            }
        }
        $where = implode(', ', $roomy);

        return match (true) {
            $roomy === [] => null,
            $cloth->drape === Drape::Crisp => Caution::cloth(CautionCode::ClothStandsOff, "Crisp cloth with much ease stands off the body ({$where}): less ease shows the same shape."),
            $cloth->drape === Drape::Fluid => Caution::cloth(CautionCode::ClothFallsIn, "Fluid cloth swallows ease ({$where}): it will look smaller than it measures, and is the right one for a loose cut."),
            default => null,
        };
    }

    private static function isLined(Plan $plan): bool
    {
        return array_filter($plan->make->pattern->notes->pieces, static fn (Piece $piece): bool => $piece->layer === Layer::Lining || $piece->timesLining !== null) !== [];
    }

    private static function percent(float $percent): string
    {
        return round($percent).' %';
    }
}
