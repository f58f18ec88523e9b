<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

use Underbolt\Measure\Unit;

/** What a line of words without figures says of the rows below it. */
final readonly class Heading
{
    /**
     * @param  string  $text  as printed, shortened
     * @param  ?bool  $finished  whether the rows are the finished garment's or the body's; null where it says neither
     * @param  array{view?: string, fit?: string}  $of  the one view or fit that they are for
     * @param  ?string  $cup  the one cup that they are for
     * @param  ?string  $range  the group of sizes that they are for: `Misses`, `Plus`
     * @param  bool  $isSentence  whether it is no title at all
     * @param  string  $unknown  the words of a heading that nothing is known of; empty where all is understood
     */
    public function __construct(
        public string $text,
        public ?bool $finished,
        public array $of,
        public ?string $cup,
        public bool $isHalf,
        public ?Unit $unit,
        public bool $isMillimetres,
        public ?string $range,
        public bool $isSentence,
        public string $unknown,
    ) {
    }

    /** Whether nothing that it says decides anything. */
    public function isIdle(): bool
    {
        return $this->finished === null && $this->of === [] && $this->cup === null && $this->range === null && $this->unit === null && ! $this->isMillimetres && ! $this->isHalf;
    }
}
