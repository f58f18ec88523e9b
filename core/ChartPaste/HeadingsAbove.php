<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

use Underbolt\Measure\Unit;

/** What the titles above a line have said, as long as it holds: a title is good for what follows, up to the next line of sizes without one. */
final class HeadingsAbove
{
    public bool $finished = false;

    /** @var array{view?: string, fit?: string} the view and the fit that the rows are for */
    public array $of = [];

    /** @var ?string the cup that the rows are for */
    public ?string $cup = null;

    public bool $isHalf = false;

    public ?Unit $unit = null;

    public bool $isMillimetres = false;

    /** @var ?string the group of sizes named since the last line of sizes */
    public ?string $range = null;

    /** @var ?string why all rows below are to be looked at */
    public ?string $doubt = null;

    /** @var bool whether a title has come since the last row: else what it said ends with the next line of sizes */
    private bool $isFresh = false;

    /** @var ?string the last title that decided nothing, since the last row */
    private ?string $idle = null;

    /** Whether it begins another part of the text. */
    public function take(Heading $heading): bool
    {
        $this->unit = $heading->unit ?? $this->unit;
        $this->isMillimetres = $this->isMillimetres || $heading->isMillimetres;
        $this->range = $heading->range ?? $this->range;
        if ($heading->finished !== null) {
            $this->finished = $heading->finished;
            $this->isHalf = $heading->isHalf;
            $this->of = $heading->of;
            $this->cup = $heading->cup;
        } elseif ($heading->of !== [] || $heading->cup !== null) {
            $this->of = $this->goneOn($heading->of);
            $this->cup = $heading->cup;
        } else {
            $this->idle = $heading->isIdle() && ! $heading->isSentence ? $heading->text : $this->idle;

            return false;
        }
        $this->isFresh = true;
        $this->idle = null;
        $this->doubt = $this->of !== [] && ! $this->finished ? "It stands under \"{$heading->text}\": is it the body's, or the finished garment's?" : null;

        return true;
    }

    /**
     * A line of sizes begins another table.
     *
     * @param  bool  $isFirst  whether no row stands above it: there a title without meaning is the pattern's name
     */
    public function sizesBegin(bool $isFirst): void
    {
        if (! $this->isFresh) {
            $this->finished = $this->isHalf = false;
            $this->of = [];
            $this->cup = null;
            $this->doubt = $isFirst || $this->idle === null ? null : "It stands under \"{$this->idle}\": look what it is.";
        }
        $this->idle = $this->range = null;
    }

    public function rowBegins(): void
    {
        $this->isFresh = false;
        $this->idle = null;
    }

    /**
     * "Slim fit" below "View A" is of both; the next view ends what stood below the first.
     *
     * @param  array{view?: string, fit?: string}  $of
     * @return array{view?: string, fit?: string}
     */
    private function goneOn(array $of): array
    {
        $first = array_key_first(array_intersect_key($this->of, $of));
        $kept = $first === null ? $this->of : array_slice($this->of, 0, (int) array_search($first, array_keys($this->of), true));

        /** @var array{view?: string, fit?: string} */
        return [...$kept, ...$of];
    }
}
