<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use RuntimeException;
use Underbolt\Fault;
use Underbolt\Pattern\Level;
use Underbolt\Refusal;

/** A make that is well written but from which no plan can be made. */
final class Unplannable extends RuntimeException implements Refusal
{
    /** @param  non-empty-list<Fault>  $faults */
    private function __construct(private readonly array $faults)
    {
        parent::__construct($faults[0]->message);
    }

    /** @param  non-empty-list<Fault>  $faults */
    public static function charts(array $faults): self
    {
        return new self($faults);
    }

    public static function leadNotMeasured(Level $level): self
    {
        return new self([new Fault(
            "body.{$level->point()->value}",
            'the full bust is not on the card, and the bust size is read from it; measure it',
        )]);
    }

    public static function noLevel(): self
    {
        return new self([new Fault('body', 'no level is both on the chart and on the card; measure bust, waist or hip')]);
    }

    public static function unknownRange(string $name): self
    {
        return new self([new Fault('choices.range', "the pattern has no range named \"{$name}\"; choose one it has")]);
    }

    public static function clipNotInPlay(Level $level, string $size): self
    {
        return new self([new Fault(
            "choices.sizes.{$level->value}",
            "size {$size} is not drawn together with the chosen range; choose a size of that range",
        )]);
    }

    public static function waistAboveUnderarm(): self
    {
        return new self([new Fault(
            'body.shoulder_to_waist',
            'this would put the waist above the underarm; check it and the pattern\'s own shoulder to waist',
        )]);
    }

    public function faults(): array
    {
        return $this->faults;
    }
}
