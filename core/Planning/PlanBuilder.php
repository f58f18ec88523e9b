<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Altering\BustAdjustment;
use Underbolt\Altering\ByHand;
use Underbolt\Altering\LeftOver;
use Underbolt\Altering\LengthChanges;
use Underbolt\Altering\LevelChange;
use Underbolt\Altering\Passing;
use Underbolt\Altering\Sleeve;
use Underbolt\Altering\Take;
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
use Underbolt\Sizing\LevelFacts;
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
        $frontBack = FrontBack::of($sizes, $situation->inPlay->sizes, $make->choices->frontLarger(...));
        $bust = self::bust($situation, $sizes);
        $lengths = LengthChanges::of($make->body, $make->pattern->seam, $make->choices->lengths, $make->choices->order, $make->found->lengths);
        LengthLimits::check($make, $lengths, isset($situation->facts['bust']));
        $depths = $lengths->drawnDepths(array_key_exists('bust', $situation->facts));
        $levels = self::levels($situation, $sizes, $frontBack, $bust, $ways, $depths);
        $front = self::line($situation, $frontBack->front, $levels, $depths, static fn (EdgeChange $change): Length => $change->front);
        $back = self::line($situation, $frontBack->back, $levels, $depths, static fn (EdgeChange $change): Length => $change->back);

        return new Plan(
            situation: $situation,
            ways: $ways,
            frame: Frame::of($situation, $sizes->bust),
            sizes: $sizes,
            frontBack: $frontBack,
            levels: $levels,
            steps: [
                'bust_waist' => self::step($sizes, Level::Bust, Level::Waist),
                'waist_hip' => self::step($sizes, Level::Waist, Level::Hip),
            ],
            bust: $bust,
            lengths: $lengths,
            front: $front,
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
    private static function levels(
        Situation $situation,
        Sizes $sizes,
        FrontBack $frontBack,
        ?BustAdjustment $bust,
        Alternatives $ways,
        SeamDepths $depths,
    ): array {
        $choices = $situation->make->choices;
        $taken = $own = $fixed = [];
        foreach ($situation->measured() as $name => $facts) {
            $size = $sizes->at($facts->level);
            if ($size === null) {
                continue;
            }
            $isFree = self::isFree($situation->make, $facts);
            $adjustment = $facts->level === Level::Bust ? $bust : null;
            $printed = self::printed($facts, $frontBack, $size)?->plus($adjustment->total ?? Length::zero());
            $taken[$name] = self::taken($situation->make, $facts, $size, $isFree, $printed);
            $own[$name] = new LevelChange(
                $taken[$name]->drawn(),
                self::byHand($situation->make, $facts)->edges->plus($adjustment?->atEdges() ?? EdgeChange::none()),
            );
            // The bust anchors the line even where its fit is free.
            $fixed += ! $isFree || $facts->level === Level::Bust ? [$name => $own[$name]] : [];
        }
        $passing = new Passing($fixed, $depths, $choices->toHem);
        $levels = [];
        foreach ($situation->facts as $name => $facts) {
            $size = $sizes->at(Level::from($name));
            if ($facts === null || $size === null) {
                $levels[$name] = null;

                continue;
            }
            $passed = isset($fixed[$name]) ? LevelChange::none() : $passing->at($facts->level);
            $levels[$name] = new LevelPlan(
                facts: $facts,
                size: $size,
                front: $frontBack->front->at($facts->level) ?? $size,
                back: $frontBack->back->at($facts->level) ?? $size,
                taken: $taken[$name],
                adjusted: $facts->level === Level::Bust ? $bust->total ?? Length::zero() : Length::zero(),
                byHand: self::byHand($situation->make, $facts),
                sewnByFitting: $situation->make->found->sewnRound($facts->level),
                passed: $passed,
                change: $own[$name]->all()->plus($passed->all()),
                follows: $situation->isFree($facts->level),
                isFree: self::isFree($situation->make, $facts),
                sureness: Sureness::at($facts, $situation),
                why: Why::of($facts, $sizes, $situation, $ways),
            );
        }

        return $levels;
    }

    /** A free level that somebody takes something at by hand is none. */
    private static function isFree(Make $make, LevelFacts $facts): bool
    {
        return $facts->isFree() && $make->choices->take($facts->level) === null;
    }

    private static function byHand(Make $make, LevelFacts $facts): ByHand
    {
        return $make->choices->byHand($facts->level)->plus($make->found->at($facts->level));
    }

    /** The size's finished girth; with front and back unlike the mean of both. */
    private static function printed(LevelFacts $facts, FrontBack $frontBack, int $size): ?Length
    {
        $back = $facts->finishedAt($frontBack->back->at($facts->level) ?? $size);

        return $back === null ? null : $facts->finishedAt($frontBack->front->at($facts->level) ?? $size)?->plus($back)->dividedBy(2);
    }

    /** @throws Unplannable when more goes to the centre back than is left over, or the other way */
    private static function taken(Make $make, LevelFacts $facts, int $size, bool $isFree, ?Length $printed): LeftOver
    {
        $apart = $make->choices->centreBack($facts->level);
        $taken = match (true) {
            ! $isFree => LeftOver::of($facts, $size, $apart, $make->choices->take($facts->level), $printed),
            // A clip alone sets the size: what that leaves over is told, and left.
            $make->choices->clip($facts->level) !== null => LeftOver::of($facts, $size, $apart, Take::Leave, $printed),
            default => LeftOver::nothing(),
        };
        $left = $taken->leftOver ?? Length::zero();
        $sameWay = $apart->isZero() || ($apart->isPositive()) === ($left->isPositive());
        if (! $sameWay || $left->abs()->isLessThan($apart->abs())) {
            throw Unplannable::centreBack($facts->level, $left, $make);
        }

        return $taken;
    }

    /**
     * @param  array<string, ?LevelPlan>  $levels
     * @param  callable(EdgeChange): Length  $side
     */
    private static function line(Situation $situation, Sizes $sizes, array $levels, SeamDepths $depths, callable $side): CutLine
    {
        $choices = $situation->make->choices;
        $changes = array_map(static fn (LevelPlan $level): Length => $side($level->change), array_filter($levels));

        return CutLine::of(
            $sizes,
            $situation->measured(),
            $changes,
            $depths,
            $choices->toHem === ToHem::Return,
            $choices->blend,
            $choices->dwell,
            $situation->make->pattern->sizes,
        );
    }

    private static function step(Sizes $sizes, Level $upper, Level $lower): ?SizeStep
    {
        $step = $sizes->step($upper, $lower);

        return $step === null ? null : new SizeStep($step);
    }
}
