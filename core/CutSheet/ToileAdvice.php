<?php

declare(strict_types=1);

namespace Underbolt\CutSheet;

use Underbolt\Advice\Caution;
use Underbolt\Advice\CautionCode;
use Underbolt\Altering\TryFirst;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Listed;
use Underbolt\Pattern\Pieces\Layer;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Pattern\Pieces\ReachEnd;
use Underbolt\Pattern\Pieces\SeamKind;
use Underbolt\Planning\Plan;

/** What to try before the cloth is cut, by what is not known or changed much (common practice, no published source). */
final class ToileAdvice
{
    /** Sizes between neighbouring levels from which on a blend is tried first. */
    private const WIDE_STEP = 2;

    /** @param  list<Caution>  $cautions  of the plan */
    public static function of(Plan $plan, array $cautions): string
    {
        return (match (self::chosen($plan)) {
            TryFirst::Lining => 'Cut and tack the lining first: it is the toile, and stays in. What it shows is done to the outer before that is cut.',
            TryFirst::Bodice => self::bodice($plan),
            null => self::asked($plan, $cautions).(in_array(TryFirst::Lining, self::ways($plan), true) ? ' Or cut and tack the lining first: it is the toile, and stays in.' : ''),
        }).self::inCloth($plan);
    }

    /** @return list<TryFirst> what can be tried on before the rest of this make is cut */
    public static function ways(Plan $plan): array
    {
        $bust = $plan->at(Level::Bust)?->facts;
        $linings = array_filter($plan->make->pattern->notes->pieces, static fn (Piece $piece): bool => $piece->layer === Layer::Lining);

        return [
            ...($bust !== null && ! $bust->isFree() && $plan->at(Level::Hip) !== null ? [TryFirst::Bodice] : []),
            ...($linings === [] ? [] : [TryFirst::Lining]),
        ];
    }

    /** What the sewist wants tried first, where this make has it. */
    public static function chosen(Plan $plan): ?TryFirst
    {
        $chosen = $plan->make->choices->tryFirst;

        return in_array($chosen, self::ways($plan), true) ? $chosen : null;
    }

    private static function bodice(Plan $plan): string
    {
        $pieces = array_values(array_filter(
            $plan->make->pattern->notes->pieces,
            static fn (Piece $piece): bool => $piece->layer === Layer::Outer && $piece->reach->holds(Level::Bust) && in_array($piece->side, [PieceSide::Front, PieceSide::Back, PieceSide::Both], true),
        ));
        $goesOn = array_filter($pieces, static fn (Piece $piece): bool => $piece->reach->to->position() > ReachEnd::at(Level::Waist)) !== [] || $pieces === [];
        $names = $pieces === [] ? 'front and back' : Listed::of(array_map(static fn (Piece $piece): string => $piece->name, $pieces));

        return "Make a toile of the bodice alone: {$names}".($goesOn ? ', cut off a hand\'s width below the waist' : '').'. The rest waits for it.';
    }

    /** Cloth that is tried on stretches at its curves. */
    private static function inCloth(Plan $plan): string
    {
        $pieces = $plan->make->pattern->notes->pieces;
        $curved = array_filter($pieces, static fn (Piece $piece): bool => $piece->layer->isCloth() && ($piece->has(SeamKind::Neck) || $piece->has(SeamKind::Armhole)));

        return $curved === [] ? '' : ' Staystitch neck and armholes before you try on anything in cloth.';
    }

    /** @param  list<Caution>  $cautions  of the plan */
    private static function asked(Plan $plan, array $cautions): string
    {
        $codes = array_map(static fn (Caution $caution): CautionCode => $caution->code, $cautions);
        $steps = array_map(static fn ($step): int => $step->sizes ?? 0, $plan->steps);

        return match (true) {
            in_array(CautionCode::NoFinished, $codes, true) => 'Make a toile of the part whose finished figure is not known, before the '
                .'cloth is cut.',
            $plan->bust?->isMade() === true => 'Make a toile of the bodice, or pin the paper on the stitching lines and hold it to the body: '
                .'the bust is adjusted.',
            in_array(CautionCode::ChangeFar, $codes, true) => 'Make a toile of the part that must fit: it is far from the paper.',
            in_array(CautionCode::StepAvoid, $codes, true) => 'Make a toile of the part that must fit: its sizes lie far apart.',
            in_array(CautionCode::SizedDown, $codes, true) => 'Make a toile of neck, shoulder and armhole: sized down they are smaller than the chart means for you.',
            max($steps) >= self::WIDE_STEP => 'Tack the side seams and try it on before you sew: the blend crosses '.max($steps).' sizes.',
            default => 'No toile is needed. Tack the side seams and try it on before you sew.',
        };
    }
}
