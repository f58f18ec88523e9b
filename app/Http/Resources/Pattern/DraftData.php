<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use Underbolt\Pattern\Paper\Range;
use Underbolt\Pattern\Pattern;

/** Envelopes whose lines nest: sizes of one draft can be blended, sizes of two can't. */
final readonly class DraftData
{
    /**
     * @param  list<string>  $ranges
     * @param  list<string>  $sizes
     */
    public function __construct(
        public string $name,
        public array $ranges,
        public array $sizes,
    ) {
    }

    public static function of(Pattern $pattern, string $draft): self
    {
        $ranges = array_filter($pattern->ranges, static fn (Range $range): bool => $range->draft === $draft);

        return new self(
            $draft,
            array_values(array_map(static fn (Range $range): string => $range->name, $ranges)),
            array_map(static fn (int $size): string => $pattern->sizes[$size], $pattern->sizesOfDraft($draft)),
        );
    }
}
