<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Cups;

use Underbolt\Pattern\Charts\Chart;

/** Finished figures that hold for one view, one fit or one cup only; null means for all of them. */
final readonly class FinishedFor
{
    public function __construct(public ?string $view, public ?string $fit, public ?string $cup, public Chart $chart)
    {
    }

    public function holds(?string $view, ?string $fit, ?string $cup): bool
    {
        return ($this->view === null || $this->view === $view)
            && ($this->fit === null || $this->fit === $fit)
            && ($this->cup === null || ($cup !== null && CupLetter::same($this->cup, $cup)));
    }

    /** How much it is bound to: of two that hold, the one bound to more says more. */
    public function bound(): int
    {
        return count(array_filter([$this->view, $this->fit, $this->cup], static fn (?string $key): bool => $key !== null));
    }
}
