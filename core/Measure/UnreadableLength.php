<?php

declare(strict_types=1);

namespace Underbolt\Measure;

use RuntimeException;
use Underbolt\Fault;
use Underbolt\Refusal;

/** A text that is no length; the message says what to write instead. */
final class UnreadableLength extends RuntimeException implements Refusal
{
    private function __construct(private readonly string $text, string $message)
    {
        parent::__construct($message);
    }

    public static function empty(): self
    {
        return new self('', 'nothing is written here; type a figure such as 95.5 or 37 3/4');
    }

    public static function tooLong(string $text): self
    {
        return new self($text, 'too much text for one figure; type a figure such as 95.5 or 37 3/4');
    }

    public static function notANumber(string $text): self
    {
        return new self($text, "\"{$text}\" is not a figure; type one such as 95.5, 37 3/4 or 37\"");
    }

    public static function unknownUnit(string $text, string $unit): self
    {
        return new self($text, "\"{$unit}\" is no unit known here; write cm, mm or in, or leave it out");
    }

    public static function twoSeparators(string $text): self
    {
        return new self($text, "\"{$text}\" has more than one decimal point; type one figure, such as 95.5");
    }

    public static function oddFraction(string $text, int $denominator): self
    {
        return new self($text, "a tape is not marked in 1/{$denominator}; use halves, quarters, eighths, 16ths, 32nds or 64ths");
    }

    public static function topHeavyFraction(string $text): self
    {
        return new self($text, "the fraction in \"{$text}\" is not less than one; check its upper figure");
    }

    public static function absurd(string $text): self
    {
        return new self($text, "\"{$text}\" is far more than any length here");
    }

    public function text(): string
    {
        return $this->text;
    }

    public function faults(): array
    {
        return [new Fault('', $this->getMessage())];
    }
}
