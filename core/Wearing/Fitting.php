<?php

declare(strict_types=1);

namespace Underbolt\Wearing;

use Underbolt\Altering\FittingFinding;

/** The tracings of a make and what was found on them, one adjustment after the other. */
final readonly class Fitting
{
    /**
     * @param  int  $tracing  the one in hand, from 1 on
     * @param  int  $tried  the last that was tried on; 0 for none
     * @param  list<FittingFinding>  $findings  of all tracings, those of later ones than is in hand too: they were stepped back from
     * @param  list<OwnLine>  $ownLines  that are measured on body and paper
     */
    public function __construct(public int $tracing = 1, public int $tried = 0, public array $findings = [], public array $ownLines = [])
    {
    }

    /** @return list<FittingFinding> what the tracing in hand has in it */
    public function inHand(): array
    {
        return array_values(array_filter($this->findings, fn (FittingFinding $finding): bool => $finding->tracing <= $this->tracing));
    }

    /** @return list<FittingFinding> of those, what was not tried on yet */
    public function open(): array
    {
        return array_values(array_filter($this->inHand(), fn (FittingFinding $finding): bool => ! $this->isClosed($finding)));
    }

    /** A finding is closed once its tracing was tried on. */
    public function isClosed(FittingFinding $finding): bool
    {
        return $finding->tracing <= min($this->tried, $this->tracing);
    }
}
