<?php

declare(strict_types=1);

namespace Underbolt\Sizing;

use Underbolt\Pattern\Charts\Level;

/** One size for each level, as places in the pattern's list; null where the level is absent or not known. */
final readonly class Sizes
{
    public function __construct(public ?int $bust = null, public ?int $waist = null, public ?int $hip = null)
    {
    }

    /** @param  callable(Level): ?int  $size */
    public static function each(callable $size): self
    {
        return new self($size(Level::Bust), $size(Level::Waist), $size(Level::Hip));
    }

    public function at(Level $level): ?int
    {
        return match ($level) {
            Level::Bust => $this->bust,
            Level::Waist => $this->waist,
            Level::Hip => $this->hip,
        };
    }

    public function with(Level $level, ?int $size): self
    {
        return self::each(fn (Level $here): ?int => $here === $level ? $size : $this->at($here));
    }

    /** @return array<string, int> by level from the top down, of those that are known */
    public function known(): array
    {
        return array_filter(
            ['bust' => $this->bust, 'waist' => $this->waist, 'hip' => $this->hip],
            static fn (?int $size): bool => $size !== null,
        );
    }

    /** The uppermost that is known. */
    public function first(): ?int
    {
        return $this->bust ?? $this->waist ?? $this->hip;
    }

    /**
     * How many sizes lie between two neighbouring levels; null where one of the two is not known.
     *
     * @return ?int<0, max>
     */
    public function step(Level $upper, Level $lower): ?int
    {
        $above = $this->at($upper);
        $below = $this->at($lower);

        return $above === null || $below === null ? null : max(0, abs($above - $below));
    }

    public function equals(self $other): bool
    {
        return $this->bust === $other->bust && $this->waist === $other->waist && $this->hip === $other->hip;
    }
}
