<?php

declare(strict_types=1);

namespace Underbolt\File\Typed;

use RuntimeException;
use Underbolt\Fault;
use Underbolt\Refusal;

/** A make file, or a part of one, that cannot be read as it stands. */
final class FaultyFile extends RuntimeException implements Refusal
{
    /** @param  non-empty-list<Fault>  $faults */
    private function __construct(private readonly array $faults)
    {
        parent::__construct($faults[0]->line());
    }

    /** @param  non-empty-list<Fault>  $faults */
    public static function with(array $faults): self
    {
        return new self($faults);
    }

    public static function notJson(string $reason): self
    {
        return new self([new Fault('', "this is no JSON file ({$reason}); export the make again or mend it in a text editor")]);
    }

    public static function notAFigure(): self
    {
        return new self([new Fault('', 'must be a figure such as 95.5 or "37 3/4"')]);
    }

    public static function tooLarge(int $mostBytes): self
    {
        return new self([
            new Fault('', 'this file is larger than '.intdiv($mostBytes, 1000).' kB, far more than any make; is it the right one?'),
        ]);
    }

    public function faults(): array
    {
        return $this->faults;
    }
}
