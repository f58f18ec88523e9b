<?php

declare(strict_types=1);

namespace Underbolt\Work;

use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Paper\Follows;
use Underbolt\Pattern\Paper\Piece;
use Underbolt\Planning\Plan;
use Underbolt\Seam\EdgeChange;
use Underbolt\Sizing\CupRow;
use Underbolt\Sizing\Sizes;

/** Which size one paper piece is cut in, and what is changed on it beside the blend. */
final readonly class PieceCut
{
    /** Words of pieces that are joined to a seam and carry none of the lines themselves. */
    private const JOINED = '/\b(?:lining|interlining|facing|band|waistband|binding|collar|cuff|peplum)\b/i';

    private const AT_ARMHOLE = '/\barm(?:hole|scye)?\b/i';

    /**
     * @param  list<int>  $sizes  from the top down, places in the pattern's list; several are blended, none is one size for all
     * @param  ?list<int>  $back  the same for its back half, where front and back are unlike and the piece has both
     * @param  list<string>  $changes  such as `waist out 0.5 cm`: what its side edge gets, or the whole band
     * @param  bool  $isJoined  whether it follows a seam of others, and carries no line of its own
     */
    private function __construct(
        public Piece $piece,
        public array $sizes,
        public ?array $back,
        public array $changes,
        public bool $isJoined,
    ) {
    }

    /**
     * The pieces that the pattern lists: what nobody confirmed is not told. A cup piece only for its cup.
     *
     * @return list<self>
     */
    public static function all(Plan $plan): array
    {
        $pattern = $plan->make->pattern;
        $pieces = $pattern->notes->pieces;
        $cups = array_merge([], ...array_map(static fn (Piece $piece): array => $piece->cups, $pieces));
        // Where no piece is drawn for this cup the nearest letter's is cut.
        $cup = $plan->cup === null ? null : CupRow::named($plan->cup->letter, $cups) ?? CupRow::nearest($plan->cup->letter, $cups);
        $ours = array_filter($pieces, static fn (Piece $piece): bool => $piece->serves($cup));

        $hasWhole = array_filter($ours, static fn (Piece $piece): bool => self::carries($piece, Follows::AllLevels)) !== [];
        $carried = $hasWhole ? Follows::AllLevels : Follows::WaistAndHip;

        return array_values(array_map(static fn (Piece $piece): self => self::of($piece, $plan, ! self::carries($piece, $carried)), $ours));
    }

    public function side(): PieceSide
    {
        return PieceSide::of($this->piece->name);
    }

    private static function carries(Piece $piece, Follows $follows): bool
    {
        return $piece->follows === $follows && preg_match(self::JOINED, $piece->name) !== 1;
    }

    private static function of(Piece $piece, Plan $plan, bool $isJoined): self
    {
        $front = self::sizes($piece->follows, $plan->frontBack->front);
        $back = self::sizes($piece->follows, $plan->frontBack->back);
        $edges = static fn (PieceSide $side): array => self::atEdges($plan, self::levels($piece), $side);

        return match (PieceSide::of($piece->name)) {
            PieceSide::Back => new self($piece, $back, null, $edges(PieceSide::Back), $isJoined),
            PieceSide::Front => new self($piece, $front, null, $edges(PieceSide::Front), $isJoined),
            PieceSide::Both => new self(
                $piece,
                $front,
                $front === $back ? null : $back,
                self::levels($piece) === []
                    ? self::wholeBand($plan, $piece->follows)
                    : self::inBoth($edges(PieceSide::Front), $edges(PieceSide::Back)),
                $isJoined,
            ),
        };
    }

    /**
     * @param  list<string>  $front
     * @param  list<string>  $back
     * @return list<string> once where the two are alike
     */
    private static function inBoth(array $front, array $back): array
    {
        if ($front === $back) {
            return $front;
        }

        return [
            ...array_map(static fn (string $change): string => "front {$change}", $front),
            ...array_map(static fn (string $change): string => "back {$change}", $back),
        ];
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

    /** @return list<Level> whose side edge the piece has; one at the armhole begins at the underarm */
    private static function levels(Piece $piece): array
    {
        return match ($piece->follows) {
            Follows::AllLevels => Level::cases(),
            Follows::WaistAndHip => [Level::Waist, Level::Hip],
            Follows::Frame => preg_match(self::AT_ARMHOLE, $piece->name) === 1 ? [Level::Bust] : [],
            default => [],
        };
    }

    /**
     * @param  list<Level>  $levels
     * @return list<string>
     */
    private static function atEdges(Plan $plan, array $levels, PieceSide $side): array
    {
        $changes = [];
        foreach ($levels as $level) {
            $change = $plan->at($level)->change ?? EdgeChange::none();
            $move = $side === PieceSide::Back ? $change->back : $change->front;
            if ($plan->make->canBeDone($move)) {
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
        if ($level === null) {
            return [];
        }
        // What no edge gets, a band that goes round the edges doesn't get either.
        $isDone = $level->taken->perEdge !== null && $plan->make->canBeDone($level->taken->perEdge);
        $by = $level->byHand->total()->minus($isDone ? $level->taken->all : $level->taken->centreBack);

        return ! $plan->make->canBeDone($by) ? [] : [($by->isPositive() ? 'longer by ' : 'shorter by ').$plan->make->say($by->abs())];
    }
}
