<?php

declare(strict_types=1);

namespace Underbolt\Planning\Asked;

use RuntimeException;
use Underbolt\Fault;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Cups\CupMeasure;
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

        return new self([
            new Fault("body.{$point->value}", "the {$point->words()} is not on the card: measure it, neck and shoulders go by it"),
        ]);
    }

    /** Names the girth that is missing for the cup the pattern asks for. */
    public static function cupNotMeasured(CupMeasure $measure): self
    {
        [$point, $words] = $measure === CupMeasure::HighBustDifference
            ? ['body.high_bust', 'the cup can\'t be told without the high bust; measure it, or let the full bust lead']
            : [
                'body.half_full_bust',
                'the cup can\'t be told without both front halves and a cup table; measure them, or let the full bust lead',
            ];

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

    /** @param  Length  $left  what is left over there, 0 where that isn't known */
    public static function centreBack(Level $level, Length $left, Make $make): self
    {
        $most = match (true) {
            $left->isZero() => "nothing is too much at the {$level->value} as it stands, so nothing can go to the "
                .'centre back; take the amount out',
            $left->isPositive() => "the {$level->value} is taken in by {$make->say($left)}: the centre back can take "
                .'from 0 to that, not more and '
                    .'not the other way',
            default => "the {$level->value} is let out by {$make->say($left->abs())}: the centre back can let out from 0 to that, not "
                    .'more and not the other way',
        };

        return new self([new Fault("choices.centre_back.{$level->value}", $most)]);
    }

    /** @param  ?Length  $printed  what the paper has there */
    public static function lengthTakesAll(string $key, string $where, ?Length $printed, Make $make): self
    {
        $has = $printed === null ? '' : ", {$make->say($printed)}";

        return new self([
            new Fault("choices.lengths.{$key}", "this takes away all that the paper has from {$where}{$has}; shorten it by less"),
        ]);
    }

    public function faults(): array
    {
        return $this->faults;
    }
}
