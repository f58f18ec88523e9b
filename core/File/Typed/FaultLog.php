<?php

declare(strict_types=1);

namespace Underbolt\File\Typed;

use Underbolt\Fault;

/** Gathers the faults met while reading, so that all of them are told at once. */
final class FaultLog
{
    /** More would not be read either. */
    private const MOST = 50;

    /** @var list<Fault> */
    private array $faults = [];

    public function add(string $field, string $message): void
    {
        if (count($this->faults) < self::MOST) {
            $this->faults[] = new Fault($field, $message);
        }
    }

    /** @return list<Fault> */
    public function faults(): array
    {
        return $this->faults;
    }

    /** The refusal that tells them all. */
    public function refusal(): FaultyFile
    {
        return FaultyFile::with($this->faults === [] ? [new Fault('', 'nothing here can be read')] : $this->faults);
    }
}
