<?php

declare(strict_types=1);

namespace Underbolt\Altering;

use Brick\Math\BigRational;
use Underbolt\Measure\Length;
use Underbolt\Seam\EdgeChange;

/** How far the side edges are moved at a level beside the blend, by where it comes from: a share of it can pass on to a free level. */
final readonly class LevelChange
{
    /**
     * @param  EdgeChange  $ease  of what is taken in or let out
     * @param  EdgeChange  $adjusted  of a bust adjustment
     * @param  EdgeChange  $byHand  of what a fitting found
     */
    public function __construct(public EdgeChange $ease, public EdgeChange $adjusted, public EdgeChange $byHand)
    {
    }

    public static function none(): self
    {
        return new self(EdgeChange::none(), EdgeChange::none(), EdgeChange::none());
    }

    public function all(): EdgeChange
    {
        return $this->ease->plus($this->adjusted)->plus($this->byHand);
    }

    public function withoutByHand(): self
    {
        return new self($this->ease, $this->adjusted, EdgeChange::none());
    }

    /** Part of the way to another: 0 is this one, 1 the other. */
    public function towards(self $other, BigRational $share): self
    {
        return new self(
            $this->ease->towards($other->ease, $share),
            $this->adjusted->towards($other->adjusted, $share),
            $this->byHand->towards($other->byHand, $share),
        );
    }

    /** Whether front and back together go outward. */
    public function isOutward(): bool
    {
        return $this->all()->front->plus($this->all()->back)->isPositive();
    }

    /**
     * What it adds all round.
     *
     * @param  positive-int  $edges  that share what is left over at the level
     */
    public function round(int $edges): Length
    {
        return self::times($this->ease, $edges)->plus(self::times($this->adjusted->plus($this->byHand), min(EdgeChange::SIDE_EDGES, $edges)));
    }

    private static function times(EdgeChange $change, int $edges): Length
    {
        return $change->front->plus($change->back)->times(BigRational::nd($edges, 2));
    }
}
