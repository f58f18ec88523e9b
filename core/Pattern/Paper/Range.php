<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Paper;

use Underbolt\Measure\Length;

/** One envelope of a pattern: the sizes printed in it. */
final readonly class Range
{
    /** What the one of a pattern without envelopes is called. */
    public const ALL = 'all';

    private const UNNAMED = 'its own envelope';

    /**
     * @param  list<int>  $sizes  places in the pattern's list of sizes, rising
     * @param  string  $draft  ranges of one draft nest: they were drawn as one set of lines
     * @param  bool  $draftNamed  whether the pattern names the draft; else ranges drafted for one cup share it
     */
    public function __construct(
        public string $name,
        public array $sizes,
        public string $draft,
        public bool $owned,
        public ?string $draftedCup = null,
        public ?Length $height = null,
        public bool $draftNamed = true,
        private bool $isNameTold = true,
    ) {
    }

    /** Where the names of sizes are not everybody's business: an envelope is called by its sizes. */
    public function unnamed(): self
    {
        return new self(
            name: $this->name,
            sizes: $this->sizes,
            draft: $this->draft,
            owned: $this->owned,
            draftedCup: $this->draftedCup,
            height: $this->height,
            draftNamed: $this->draftNamed,
            isNameTold: false,
        );
    }

    /** Its name as it is told. */
    public function told(): string
    {
        return $this->isNameTold ? $this->name : self::UNNAMED;
    }
}
