<?php

declare(strict_types=1);

namespace Underbolt\Practice;

use DomainException;
use Underbolt\Fault;
use Underbolt\Refusal;

/** No tape lies like that. */
final class Unlayable extends DomainException implements Refusal
{
    private function __construct(private readonly Fault $fault)
    {
        parent::__construct($fault->message);
    }

    public static function at(string $field, string $message): self
    {
        return new self(new Fault($field, $message));
    }

    public function faults(): array
    {
        return [$this->fault];
    }
}
