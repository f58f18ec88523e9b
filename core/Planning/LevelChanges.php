<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Altering\BustAdjustment;
use Underbolt\Altering\LeftOver;
use Underbolt\Altering\LevelChange;
use Underbolt\Altering\Passing;
use Underbolt\Altering\Take;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\Asked\Make;
use Underbolt\Planning\Asked\Unplannable;
use Underbolt\Planning\Facts\Situation;
use Underbolt\Seam\EdgeChange;
use Underbolt\Seam\FrontBack;
use Underbolt\Seam\SeamDepths;
use Underbolt\Sizing\LevelFacts;
use Underbolt\Sizing\Sizes;

/** What the side edges get beside the blend at every level of the line: of its own, and handed on by the levels about it. */
final readonly class LevelChanges
{
    /**
     * @param  array<string, LeftOver>  $taken  by level, of those that are measured
     * @param  array<string, EdgeChange>  $all  by level, of all that the line lies at
     * @param  array<string, LevelChange>  $passed  by level, where it is free or not measured
     * @param  array<string, EdgeChange>  $adjusted  what of it a bust adjustment brings, by level
     */
    private function __construct(public array $taken, private array $all, private array $passed, public array $adjusted)
    {
    }

    /** @throws Unplannable when more goes to a centre back than is left over, or the other way */
    public static function of(Situation $situation, Sizes $sizes, FrontBack $frontBack, ?BustAdjustment $bust, SeamDepths $depths): self
    {
        $make = $situation->make;
        $taken = $fixed = $passed = [];
        foreach ($situation->measured() as $name => $facts) {
            $size = $sizes->at($facts->level);
            if ($size === null) {
                continue;
            }
            $isFree = self::isFree($make, $facts);
            $adjustment = $facts->level === Level::Bust ? $bust : null;
            $printed = self::printed($facts, $frontBack, $size)?->plus($adjustment->total ?? Length::zero());
            $taken[$name] = self::taken($make, $facts, $size, $isFree, $printed);
            // The bust anchors the line even where its fit is free.
            if (! $isFree || $facts->level === Level::Bust) {
                $fixed[$name] = new LevelChange($taken[$name]->drawn(), $adjustment?->atEdges() ?? EdgeChange::none(), $make->byHand($facts->level)->edges);
            }
        }
        $passing = new Passing($fixed, $depths, $make->choices->toHem);
        $all = array_map(static fn (LevelChange $change): EdgeChange => $change->all(), $fixed);
        foreach ($situation->onLine() as $name => $facts) {
            if (isset($fixed[$name])) {
                continue;
            }
            $passed[$name] = $passing->at($facts->level, $make->isFoundAt($facts->level));
            $own = ($taken[$name] ?? LeftOver::nothing())->drawn();
            $all[$name] = $own->plus($make->byHand($facts->level)->edges)->plus($passed[$name]->all());
        }

        return new self($taken, $all, $passed, array_map(static fn (LevelChange $change): EdgeChange => $change->adjusted, $fixed + $passed));
    }

    /** A free level that somebody takes something at by hand is none. */
    public static function isFree(Make $make, LevelFacts $facts): bool
    {
        return $facts->isFree() && $make->choices->take($facts->level) === null;
    }

    public function at(Level $level): EdgeChange
    {
        return $this->all[$level->value] ?? EdgeChange::none();
    }

    /** @return array<string, EdgeChange> by level */
    public function all(): array
    {
        return $this->all;
    }

    /**
     * @return array<string, Length> what the front's edge gets by level, without what slashing spreads once it is drawn
     */
    public function unspread(): array
    {
        $front = [];
        foreach ($this->all as $level => $change) {
            $front[$level] = $change->front->minus(($this->adjusted[$level] ?? EdgeChange::none())->front);
        }

        return $front;
    }

    public function passedAt(Level $level): LevelChange
    {
        return $this->passed[$level->value] ?? LevelChange::none();
    }

    /** The size's finished girth; with front and back unlike the mean of both. */
    private static function printed(LevelFacts $facts, FrontBack $frontBack, int $size): ?Length
    {
        $back = $facts->finishedAt($frontBack->back->at($facts->level) ?? $size);

        return $back === null ? null : $facts->finishedAt($frontBack->front->at($facts->level) ?? $size)?->plus($back)->dividedBy(2);
    }

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
}
