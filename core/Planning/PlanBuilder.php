<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Altering\BustAdjustment;
use Underbolt\Altering\LengthChanges;
use Underbolt\Altering\Sleeve;
use Underbolt\Altering\ToHem;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Pattern\ChartCheck;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Charts\RowDoesNotRise;
use Underbolt\Planning\Asked\LengthLimits;
use Underbolt\Planning\Asked\Make;
use Underbolt\Planning\Asked\Unplannable;
use Underbolt\Planning\Choosing\Alternatives;
use Underbolt\Planning\Choosing\SizePick;
use Underbolt\Planning\Choosing\SizeStep;
use Underbolt\Planning\Choosing\Sureness;
use Underbolt\Planning\Choosing\Why;
use Underbolt\Planning\Facts\Frame;
use Underbolt\Planning\Facts\Situation;
use Underbolt\Planning\Facts\SizesInPlay;
use Underbolt\Seam\CutLine;
use Underbolt\Seam\EdgeChange;
use Underbolt\Seam\FrontBack;
use Underbolt\Seam\SeamDepths;
use Underbolt\Sizing\Sizes;

/** Makes the plan of a make: a size at every level, and from all that is decided there the one line that is cut. */
final class PlanBuilder
{
    /** @throws Unplannable when the charts are faulty, what the make needs is missing, or a choice can't be carried out */
    public static function build(Make $make): Plan
    {
        $situation = self::situation($make, SizesInPlay::of($make));
        $ways = Alternatives::of($situation);
        $sizes = SizePick::of($situation, $ways);
        $fill = static fn (Sizes $measured): Sizes => $situation->withUnmeasured($measured, true);
        $onLine = $fill($sizes);
        $frontBack = FrontBack::of($sizes, $situation->inPlay->sizes, $make->choices->frontLarger(...))->with($fill);
        $bust = self::bust($situation, $sizes);
        $seam = $make->pattern->seam->in($onLine->bust ?? $onLine->waist, $onLine->hip ?? $onLine->waist);
        $lengths = LengthChanges::of($make->body, $seam, $make->choices->lengths, $make->choices->order, $make->found->lengths);
        LengthLimits::check($make, $seam, $lengths, isset($situation->facts['bust']));
        $depths = $lengths->drawnDepths(array_key_exists('bust', $situation->facts));
        $changes = LevelChanges::of($situation, $sizes, $frontBack, $bust, $depths);
        $levels = self::levels($situation, $sizes, $frontBack, $bust, $ways, $changes);
        $unmeasured = self::unmeasured($situation, $onLine, $frontBack, $changes);
        $front = self::line($situation, $frontBack->front, array_map(static fn (EdgeChange $change): Length => $change->front, $changes->all()), $depths, $bust);
        $back = self::line($situation, $frontBack->back, array_map(static fn (EdgeChange $change): Length => $change->back, $changes->all()), $depths, $bust);
        $drawn = $bust?->isSlashed() === true ? self::line($situation, $frontBack->front, $changes->unspread(), $depths, $bust) : $front;

        return new Plan(
            situation: $situation,
            ways: $ways,
            frame: Frame::of($situation, $sizes->bust),
            sizes: $sizes,
            frontBack: $frontBack,
            levels: $levels,
            unmeasured: $unmeasured,
            steps: [
                'bust_waist' => self::step($onLine, Level::Bust, Level::Waist),
                'waist_hip' => self::step($onLine, Level::Waist, Level::Hip),
            ],
            seam: $seam,
            bust: $bust,
            lengths: $lengths,
            front: $front,
            frontDrawn: $drawn,
            adjusted: $changes->adjusted,
            back: $back,
            sleeve: $sizes->bust === null
                ? null
                : Sleeve::of(
                    $situation->rows->body(...),
                    $situation->rows->finished(...),
                    $sizes->bust,
                    $make->body->at(Point::Bicep),
                    $make->pattern->fabric,
                ),
        );
    }

    /** @throws Unplannable naming every figure that does not rise, not only the first that was met */
    private static function situation(Make $make, SizesInPlay $inPlay): Situation
    {
        try {
            return Situation::of($make, $inPlay);
        } catch (RowDoesNotRise $fall) {
            $faults = ChartCheck::over($make->pattern, $inPlay->sizes);
            throw Unplannable::charts($faults === [] ? $fall->faults() : $faults);
        }
    }

    /** Null where a frame is looked up but the full bust or its chart figure is not known. */
    private static function bust(Situation $situation, Sizes $sizes): ?BustAdjustment
    {
        $facts = $situation->facts['bust'] ?? null;
        $total = $facts === null || $sizes->bust === null ? Length::zero() : $facts->adjustmentAt($sizes->bust);
        $high = $situation->make->body->at(Point::HighBust);
        $fullness = $high === null ? null : $situation->make->body->at(Point::FullBust)?->minus($high);

        return $total === null ? null : BustAdjustment::of($total, $fullness, $situation->make->choices->method);
    }

    /** @return array<string, ?LevelPlan> */
    private static function levels(Situation $situation, Sizes $sizes, FrontBack $frontBack, ?BustAdjustment $bust, Alternatives $ways, LevelChanges $changes): array
    {
        $levels = [];
        foreach ($situation->facts as $name => $facts) {
            $size = $sizes->at(Level::from($name));
            $levels[$name] = $facts === null || $size === null ? null : new LevelPlan(
                facts: $facts,
                size: $size,
                front: $frontBack->front->at($facts->level) ?? $size,
                back: $frontBack->back->at($facts->level) ?? $size,
                taken: $changes->taken[$name],
                adjusted: $facts->level === Level::Bust ? $bust->total ?? Length::zero() : Length::zero(),
                byHand: $situation->make->byHand($facts->level),
                sewnByFitting: $situation->make->sewnRound($facts->level),
                passed: $changes->passedAt($facts->level),
                change: $changes->at($facts->level),
                follows: $situation->isFree($facts->level),
                isFree: LevelChanges::isFree($situation->make, $facts),
                sureness: Sureness::at($facts, $situation),
                why: Why::of($facts, $sizes, $situation, $ways),
            );
        }

        return $levels;
    }

    /** @return array<string, UnmeasuredLevel> by level, those that the line lies at without a measure */
    private static function unmeasured(Situation $situation, Sizes $drawn, FrontBack $frontBack, LevelChanges $changes): array
    {
        $levels = [];
        foreach ($situation->unmeasured as $name => $facts) {
            $size = $drawn->at($facts->level);
            if ($size !== null) {
                $isBetween = $facts->level === Level::Waist && (isset($situation->facts['hip']) || $situation->make->choices->clip(Level::Hip) !== null);
                $levels[$name] = new UnmeasuredLevel(
                    facts: $facts,
                    size: $size,
                    front: $frontBack->front->at($facts->level) ?? $size,
                    back: $frontBack->back->at($facts->level) ?? $size,
                    change: $changes->at($facts->level),
                    how: match (true) {
                        $situation->make->choices->clip($facts->level) !== null => DrawnHow::ByHand,
                        $isBetween => DrawnHow::Between,
                        default => DrawnHow::LikeAbove,
                    },
                );
            }
        }

        return $levels;
    }

    /** @param  array<string, Length>  $changes  by level */
    private static function line(Situation $situation, Sizes $sizes, array $changes, SeamDepths $depths, ?BustAdjustment $bust): CutLine
    {
        $choices = $situation->make->choices;

        return CutLine::of(
            $sizes,
            $situation->onLine(),
            $changes,
            $depths,
            $choices->toHem === ToHem::Return,
            $choices->blend,
            $choices->dwell,
            $situation->make->pattern->sizes,
            $bust?->isSwung() === true,
        );
    }

    private static function step(Sizes $sizes, Level $upper, Level $lower): ?SizeStep
    {
        $step = $sizes->step($upper, $lower);

        return $step === null ? null : new SizeStep($step);
    }
}
