<?php

declare(strict_types=1);

namespace Underbolt\Nest;

use RuntimeException;
use Underbolt\Fault;
use Underbolt\Refusal;

/** A drawing that can't be read, or marks that can't be followed on it. */
final class UnreadableNest extends RuntimeException implements Refusal
{
    /** @param  non-empty-list<Fault>  $faults */
    private function __construct(private readonly array $faults)
    {
        parent::__construct($faults[0]->line());
    }

    public static function at(string $field, string $message): self
    {
        return new self([new Fault($field, $message)]);
    }

    /** @param  non-empty-list<Fault>  $faults */
    public static function with(array $faults): self
    {
        return new self($faults);
    }

    public function faults(): array
    {
        return $this->faults;
    }
}
