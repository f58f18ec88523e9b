<?php

declare(strict_types=1);

namespace Underbolt\Practice;

use Underbolt\Measure\Length;
use Underbolt\Measure\Readings;

/** One point of a real body measured again and again by one hand, the tape off between: how far it scatters. */
final readonly class Repeat
{
    /** So often (judgement, no published source). */
    public const TIMES = 5;

    private function __construct(public Length $spread, public Length $middle)
    {
    }

    /** @param  non-empty-list<Length>  $readings */
    public static function of(array $readings): self
    {
        $taken = Readings::of($readings);

        return new self($taken->spread(), $taken->median());
    }
}
