<?php

declare(strict_types=1);

namespace Underbolt\Practice;

/** A body to practise on: invented, without a face; millimetres. */
final readonly class Figure
{
    /** Heights that every figure tells, by name. */
    public const HEIGHTS = ['underbust', 'bust', 'high_bust', 'waist', 'trouser_line', 'hip'];

    /**
     * @param  non-empty-list<Ring>  $rings  from low to high
     * @param  array{underbust: float, bust: float, high_bust: float, waist: float, trouser_line: float, hip: float}  $at  the true heights
     */
    public function __construct(public string $name, public array $rings, public array $at)
    {
    }

    public function heightOf(TapePoint $point): float
    {
        return $this->at[$point->value];
    }

    public function lowest(): float
    {
        return $this->rings[0]->z;
    }

    public function highest(): float
    {
        return $this->rings[count($this->rings) - 1]->z;
    }
}
