<?php

declare(strict_types=1);

namespace Underbolt\Planning\Advice;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Follows;
use Underbolt\Pattern\Level;
use Underbolt\Pattern\Piece;
use Underbolt\Planning\Plan;
use Underbolt\Seam\EdgeChange;
use Underbolt\Sizing\CupRow;
use Underbolt\Sizing\Sizes;

/** Which size one paper piece is cut in, and what is changed on it beside the blend. */
final readonly class PieceCut
{
    /**
     * @param  list<int>  $sizes  from the top down, places in the pattern's list; several are blended, none is one size for all
     * @param  ?list<int>  $back  the same for its back half, where front and back are unlike and the piece has both
     * @param  list<string>  $changes  such as `waist out 0.5 cm`: what its side edge gets, or the whole band
     */
    private function __construct(
        public string $name,
        public Follows $follows,
        public array $sizes,
        public ?array $back,
        public array $changes,
    ) {
    }

    /**
     * The pieces of the pattern, or those its garment usually has; a cup piece only for its cup.
     *
     * @return list<self>
     */
    public static function all(Plan $plan): array
    {
        $pattern = $plan->make->pattern;
        $pieces = $pattern->notes->pieces !== [] ? $pattern->notes->pieces : ($pattern->garment?->usualPieces() ?? []);
        $cups = array_merge([], ...array_map(static fn (Piece $piece): array => $piece->cups, $pieces));
        // Where no piece is drawn for this cup the nearest letter's is cut.
        $cup = $plan->cup === null ? null : CupRow::named($plan->cup->letter, $cups) ?? CupRow::nearest($plan->cup->letter, $cups);
        $ours = array_filter($pieces, static fn (Piece $piece): bool => $piece->serves($cup));

        return array_values(array_map(static fn (Piece $piece): self => self::of($piece, $plan), $ours));
    }

    private static function of(Piece $piece, Plan $plan): self
    {
        $front = self::sizes($piece->follows, $plan->frontBack->front);
        $back = self::sizes($piece->follows, $plan->frontBack->back);
        $side = PieceSide::of($piece->name);
        $levels = self::levels($piece->follows);

        return match (true) {
            $side === PieceSide::Back => new self(
                $piece->name,
                $piece->follows,
                $back,
                null,
                self::atEdges($plan, $levels, static fn (EdgeChange $change): Length => $change->back),
            ),
            $side === PieceSide::Front => new self(
                $piece->name,
                $piece->follows,
                $front,
                null,
                self::atEdges($plan, $levels, static fn (EdgeChange $change): Length => $change->front),
            ),
            default => new self(
                $piece->name,
                $piece->follows,
                $front,
                $front === $back ? null : $back,
                self::wholeBand($plan, $piece->follows),
            ),
        };
    }

    /** @return list<int> */
    private static function sizes(Follows $follows, Sizes $sizes): array
    {
        $found = match ($follows) {
            Follows::Frame => [$sizes->first()],
            Follows::Waist => [$sizes->waist ?? $sizes->first()],
            Follows::Hip => [$sizes->hip ?? $sizes->first()],
            Follows::WaistAndHip => [$sizes->waist, $sizes->hip],
            Follows::AllLevels => [$sizes->bust, $sizes->waist, $sizes->hip],
            Follows::OneSize => [],
        };
        $cut = [];
        foreach ($found as $size) {
            if ($size !== null && $size !== end($cut)) {
                $cut[] = $size;
            }
        }

        return $cut;
    }

    /** @return list<Level> whose side edge the piece has */
    private static function levels(Follows $follows): array
    {
        return match ($follows) {
            Follows::AllLevels => Level::cases(),
            Follows::WaistAndHip => [Level::Waist, Level::Hip],
            default => [],
        };
    }

    /**
     * @param  list<Level>  $levels
     * @param  callable(EdgeChange): Length  $side
     * @return list<string>
     */
    private static function atEdges(Plan $plan, array $levels, callable $side): array
    {
        $changes = [];
        foreach ($levels as $level) {
            $here = $plan->at($level);
            $move = $here === null ? Length::zero() : $side($here->change);
            if (! $move->isZero()) {
                $changes[] = "{$level->value} {$plan->make->signed($move)}";
            }
        }

        return $changes;
    }

    /** @return list<string> what a band that goes all round at a level gets */
    private static function wholeBand(Plan $plan, Follows $follows): array
    {
        $level = match ($follows) {
            Follows::Waist => $plan->at(Level::Waist),
            Follows::Hip => $plan->at(Level::Hip),
            default => null,
        };
        $by = $level === null ? Length::zero() : $level->byHand->total()->minus($level->taken->all);

        return $by->isZero() ? [] : [($by->isPositive() ? 'longer by ' : 'shorter by ').$plan->make->say($by->abs())];
    }
}
