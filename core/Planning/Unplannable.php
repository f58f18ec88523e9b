<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use RuntimeException;
use Underbolt\Fault;
use Underbolt\Pattern\CupMeasure;
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

    public static function leadNotMeasured(Lead $lead): self
    {
        $point = $lead->point();
        $name = str_replace('_', ' ', $point->value);

        return new self([new Fault("body.{$point->value}", "the {$name} is not on the card, and the frame is read from it; measure it")]);
    }

    /** Names the girth that is missing for the cup the pattern asks for. */
    public static function cupNotMeasured(CupMeasure $measure): self
    {
        [$point, $words] = $measure === CupMeasure::HighBustDifference
            ? ['body.high_bust', 'the cup can\'t be told without the high bust; measure it, or let the full bust lead']
            : ['body.half_full_bust', 'the cup can\'t be told without both front halves and a cup table; measure them, or let the full bust lead'];

        return new self([new Fault($point, $words)]);
    }

    public static function noCrossFrontRow(): self
    {
        return new self([new Fault('choices.lead', 'the pattern prints no front width, so it can\'t lead; choose another measure')]);
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
