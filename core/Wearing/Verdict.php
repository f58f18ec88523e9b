<?php

declare(strict_types=1);

namespace Underbolt\Wearing;

use Underbolt\Measure\Length;

/** What is said of a make once it was worn, with the ease and the sizes it was cut with on that day. */
final readonly class Verdict
{
    /**
     * @param  ?string  $day  as `2026-11-26`; null while nothing was said
     * @param  array<string, Wear>  $wear  by level
     * @param  array<string, Length>  $ease  by level
     * @param  array<string, string>  $sizes  by level
     * @param  string  $note  one sentence; may be empty
     * @param  ?bool  $again  whether it would be made again; null where it isn't said
     */
    public function __construct(
        public ?string $day = null,
        public array $wear = [],
        public array $ease = [],
        public array $sizes = [],
        public string $note = '',
        public ?bool $again = null,
    ) {
    }

    /** @return array<string, PastEase> by level, where both are known */
    public function eases(): array
    {
        $eases = [];
        foreach ($this->wear as $level => $wear) {
            if (isset($this->ease[$level])) {
                $eases[$level] = new PastEase($wear, $this->ease[$level]);
            }
        }

        return $eases;
    }
}
