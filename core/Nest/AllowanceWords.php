<?php

declare(strict_types=1);

namespace Underbolt\Nest;

use Underbolt\Pattern\Paper\Garment;
use Underbolt\Planning\Plan;

/** Which of a piece's lines is cut and which is sewn, and where allowance is still to be added: said on every piece. */
final class AllowanceWords
{
    /** @return list<string> */
    public static function on(NestLine $line, Plan $plan): array
    {
        $allowance = $plan->make->pattern->seam->seamAllowance;
        $edges = self::others($line, $plan);
        $by = $allowance === null ? 'your seam allowance' : $plan->make->say($allowance);
        $hem = $plan->make->pattern->seam->hemAllowance;
        $atHem = $line->reach === Reach::ToWaist ? '' : ', and '.($hem === null ? 'your hem allowance' : $plan->make->say($hem)).' at the hem';

        return match (true) {
            $line->lineIs === LineIs::Stitching && $line->beside === null => ['The thick line is sewn, not cut.', "Add {$by} at the side seam, {$edges}{$atHem}; none at the fold."],
            $line->lineIs === LineIs::Stitching => ['The thick line is cut, the dotted one sewn.', "Only the side seam has its allowance: add {$by} at {$edges}{$atHem}; none at the fold."],
            $line->beside === null => ['The thick line is the new seam, as the house draws its sizes.'],
            default => ['The thick line is cut; the dotted one, within it, is sewn.', 'Every edge has its allowance: add none.'],
        };
    }

    /** The edges beside side seam, hem and fold. */
    private static function others(NestLine $line, Plan $plan): string
    {
        return match (true) {
            $line->reach === Reach::FromWaist => 'the waist seam',
            $line->reach === Reach::ToWaist => 'neck, shoulder, armhole and waist seam',
            $plan->make->pattern->garment === Garment::Skirt => 'the waist edge',
            $plan->make->pattern->garment === Garment::Trousers => 'waist edge, crotch and inside leg',
            default => 'neck, shoulder and armhole',
        };
    }
}
