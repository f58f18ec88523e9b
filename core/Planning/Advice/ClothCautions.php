<?php

declare(strict_types=1);

namespace Underbolt\Planning\Advice;

use Underbolt\Pattern\Cloth;
use Underbolt\Pattern\Drape;
use Underbolt\Pattern\FabricKind;
use Underbolt\Planning\Plan;
use Underbolt\Sizing\EaseBand;

/** Where the cloth of the make and the pattern don't go together (common practice, no published source). */
final class ClothCautions
{
    /** Less than this a hand that stretches cloth can't tell, in per cent. */
    private const ALIKE_PERCENT = 5.0;

    private const LINING = '/\blining\b/i';

    /** @return list<Caution> */
    public static function of(Plan $plan): array
    {
        $cloth = $plan->make->cloth;

        return $cloth === null ? [] : array_values(array_filter([
            self::kind($plan, $cloth),
            self::stretch($plan, $cloth),
            self::drape($plan, $cloth),
            $cloth->sheer && ! self::isLined($plan)
                ? Caution::cloth(CautionCode::ClothSheer, 'This cloth is sheer and the pattern lists no lining: plan one, or what is worn underneath.')
                : null,
        ]));
    }

    private static function kind(Plan $plan, Cloth $cloth): ?Caution
    {
        $drafted = $plan->make->pattern->fabric->kind;

        return match (true) {
            $cloth->kind === null || $cloth->kind === $drafted => null,
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
        $fabric = $plan->make->pattern->fabric;
        if ($tried === null || $fabric->kind !== FabricKind::Knit) {
            return null;
        }
        [$said, $drafted] = [self::percent($tried), self::percent($fabric->stretchPercent)];

        return match (true) {
            $tried > $fabric->stretchPercent + self::ALIKE_PERCENT => Caution::cloth(
                CautionCode::ClothStretchesMore,
                "This knit stretches {$said}, the pattern is drafted for {$drafted}: it comes out looser and longer. Try a size smaller, or take the seams in on the body.",
            ),
            $tried < $fabric->stretchPercent - self::ALIKE_PERCENT => Caution::cloth(
                CautionCode::ClothStretchesLess,
                "This knit stretches {$said}, the pattern is drafted for {$drafted}: it may not go on. Go up a size, or find a cloth that gives more.",
            ),
            default => null,
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
        return array_filter($plan->pieces(), static fn (PieceCut $piece): bool => preg_match(self::LINING, $piece->piece->name) === 1) !== [];
    }

    private static function percent(float $percent): string
    {
        return round($percent).' %';
    }
}
