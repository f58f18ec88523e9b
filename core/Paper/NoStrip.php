<?php

declare(strict_types=1);

namespace Underbolt\Paper;

use DomainException;
use Underbolt\Fault;
use Underbolt\Refusal;

/** Thrown where the plan has too little to draw its strip from. */
final class NoStrip extends DomainException implements Refusal
{
    private function __construct(private readonly string $field, string $problem)
    {
        parent::__construct($problem);
    }

    public static function withoutDepths(): self
    {
        return new self('pattern.seam', 'says too little to draw the seam: give the depths between the levels, and the charts of the sizes');
    }

    public static function withoutAllowance(): self
    {
        return new self('pattern.seam.seam_allowance', 'is not known: leave the seam allowance off, or put it into the pattern');
    }

    /** @return non-empty-list<Fault> */
    public function faults(): array
    {
        return [new Fault($this->field, $this->getMessage())];
    }
}
