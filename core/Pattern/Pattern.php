<?php

declare(strict_types=1);

namespace Underbolt\Pattern;

/** A pattern as it was bought: its envelopes, its charts, and what the paper says. */
final readonly class Pattern
{
    /**
     * @param  non-empty-list<string>  $sizes  unique names, the smallest size first
     * @param  non-empty-list<Range>  $ranges
     * @param  array<string, Weight>  $weights  by level; `matters` where none is given
     */
    public function __construct(
        public string $name,
        public Fabric $fabric,
        public array $sizes,
        public array $ranges,
        public Chart $bodyChart,
        public Chart $finished,
        private array $weights,
        public SeamData $seam,
    ) {
    }

    public function weightAt(Level $level): Weight
    {
        return $this->weights[$level->value] ?? Weight::Matters;
    }

    /** @return list<string> the drafts, in the order of their first envelope */
    public function drafts(): array
    {
        return array_values(array_unique(array_map(static fn (Range $range): string => $range->draft, $this->ranges)));
    }

    /** @return list<int> the sizes of all envelopes that share a draft, smallest first */
    public function sizesOfDraft(string $draft): array
    {
        $sizes = [];
        foreach ($this->ranges as $range) {
            if ($range->draft === $draft) {
                array_push($sizes, ...$range->sizes);
            }
        }
        $sizes = array_unique($sizes);
        sort($sizes);

        return $sizes;
    }

    public function rangeNamed(string $name): ?Range
    {
        foreach ($this->ranges as $range) {
            if ($range->name === $name) {
                return $range;
            }
        }

        return null;
    }
}
