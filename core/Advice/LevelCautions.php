<?php

declare(strict_types=1);

namespace Underbolt\Advice;

use Underbolt\Altering\Take;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\ChartPosition;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Charts\Weight;
use Underbolt\Pattern\Cloth\FabricKind;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;
use Underbolt\Sizing\EaseSchool;
use Underbolt\Sizing\LeastEase;
use Underbolt\Sizing\Sure;

/** What is worth knowing about the size at one level; a free level gives no orders, and raises one only for what is handed on to it. */
final readonly class LevelCautions
{
    /** A size of another draft is worth naming when it comes nearer by more than this: 1 cm (common practice, no published source). */
    private const NEARER_NM = 10_000_000;

    /** So much of a seam allowance has to stay: 6 mm (common practice, no published source). */
    private const HOLDS_NM = 6_000_000;

    public function __construct(private Plan $plan)
    {
    }

    /** @return list<Caution> */
    public function at(LevelPlan $level): array
    {
        $notMeasured = $level->facts->body === null && ! $level->isFree ? [Caution::notMeasured($level->facts->level)] : [];
        $found = $level->isFree ? [$this->onPassed($level)] : [
            ...$this->onStanding($level),
            $this->onNearerDraft($level),
            ...$this->onSchool($level),
            $this->onLeastEase($level),
            $this->onCloseDraft($level),
            $level->sureness->sure === Sure::MeasureAgain
                ? Caution::measureAgain($level->facts->level, $level->sureness->point->words(), $this->plan->nameOf($level->facts->own), $this->plan->nameOf($level->size), $this->plan->make->body->isReadOnce($level->sureness->point))
                : null,
            $this->onAllowance($level),
        ];

        return array_values(array_filter([...$notMeasured, ...$found], static fn (?Caution $caution): bool => $caution !== null));
    }

    /** @return list<Caution> */
    private function onStanding(LevelPlan $plan): array
    {
        $chart = $plan->facts->chartSize;
        $level = $plan->facts->level;
        $outside = match ($chart?->standing) {
            ChartPosition::Below => Caution::belowRange($level, $this->plan->nameOf($chart->size)),
            ChartPosition::Above => Caution::aboveRange($level, $this->plan->nameOf($chart->size)),
            default => null,
        };
        $other = $outside === null ? null : $this->plan->inPlay->otherDraftHolding($this->plan->make, $level);

        return array_values(array_filter([$outside, $other === null ? null : Caution::otherRangeFits($level, $other)]));
    }

    /** Under liked ease finished figures count, so another draft may come nearer though the body is inside this one. */
    private function onNearerDraft(LevelPlan $plan): ?Caution
    {
        $facts = $plan->facts;
        $own = $facts->frame === null ? $facts->finishedAt($facts->own) : null;
        $isOutside = in_array($facts->chartSize?->standing, [ChartPosition::Below, ChartPosition::Above], true);
        if ($own === null || $facts->wished === null || $isOutside) {
            return null;
        }
        $apart = $own->minus($facts->wished)->abs()->minus(Length::ofNanometres(self::NEARER_NM));
        $other = $this->plan->inPlay->otherDraftNearer($this->plan->make, $facts->level, $facts->wished, $apart);

        return $other === null ? null : Caution::otherRangeNearer($facts->level, $other);
    }

    /** @return list<Caution> */
    private function onSchool(LevelPlan $plan): array
    {
        $facts = $plan->facts;
        $liked = $facts->asked === EaseSchool::Liked;
        $critical = $facts->weight === Weight::Critical;

        return [
            ...($plan->finished === null && ($liked || $critical) ? [Caution::noFinished($facts->level, $liked)] : []),
            ...($liked && $plan->finished !== null && $facts->likedEase === null ? [Caution::noLikedEase($facts->level)] : []),
        ];
    }

    private function onLeastEase(LevelPlan $plan): ?Caution
    {
        $facts = $plan->facts;
        $least = $facts->least;
        $make = $this->plan->make;
        if ($least !== null && $plan->easeAsCut?->isLessThan($least) === true) {
            return Caution::underLeastEase($facts->level, $plan->easeAsCut, $least, $make);
        }
        $noneLeft = $facts->wished !== null && $plan->size === $facts->own && $facts->lacks($facts->own)?->isPositive() === true;

        return $noneLeft ? Caution::noSizeLeavesLeast($facts->level, $this->plan->nameOf($facts->own)) : null;
    }

    /** A free level that what the others hand on makes tight. */
    private function onPassed(LevelPlan $plan): ?Caution
    {
        $facts = $plan->facts;
        $isTight = $facts->floor !== null && $plan->easeAsCut?->isLessThan($facts->floor) === true;

        return $isTight && $plan->passed->round($facts->edges)->isNegative()
            ? Caution::underLeastEase($facts->level, $plan->easeAsCut, $facts->floor, $this->plan->make)
            : null;
    }

    private function onCloseDraft(LevelPlan $plan): ?Caution
    {
        $facts = $plan->facts;
        $drafted = $facts->draftedEase($facts->own);
        $usual = $facts->fabric->kind === FabricKind::Woven ? LeastEase::usual($facts->level, $facts->fabric, $facts->body) : null;
        if ($usual === null || $drafted?->isLessThan($usual->dividedBy(2)) !== true) {
            return null;
        }

        return Caution::closeDraft($facts->level, $this->plan->nameOf($facts->own), $this->plan->make->say($drafted), LeastEase::words($usual, $facts->level, $this->plan->make->unit));
    }

    private function onAllowance(LevelPlan $plan): ?Caution
    {
        $allowance = $this->plan->make->pattern->seam->seamAllowance;
        $edge = $plan->taken->perEdge;
        $wider = $plan->taken->take === Take::Sew && $edge !== null && $edge->isNegative();
        if (! $wider || $allowance === null || $edge->abs()->nanometres <= $allowance->nanometres - self::HOLDS_NM) {
            return null;
        }

        return Caution::beyondAllowance($plan->facts->level, $this->plan->make->say($edge->abs()), $this->plan->make->say($allowance));
    }
}
