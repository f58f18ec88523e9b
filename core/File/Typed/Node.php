<?php

declare(strict_types=1);

namespace Underbolt\File\Typed;

use BackedEnum;
use stdClass;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Measure\LengthText;
use Underbolt\Measure\Span;
use Underbolt\Measure\Unit;
use Underbolt\Refusal;

/**
 * One value of a decoded JSON document, with the path that leads to it.
 *
 * Each reading method notes a fault and gives null where the value is not what
 * was asked for; the reader goes on, so that one run names every fault.
 */
final readonly class Node
{
    public const LONGEST_TEXT = 120;

    public const MOST_ENTRIES = 40;

    /** Nothing to be seen: spaces and breaks of every kind. */
    private const BLANK = '/^[\s\p{Z}\p{C}]*$/u';

    private function __construct(private mixed $value, private string $path, private Unit $unit, private FaultLog $log)
    {
    }

    /** @param  mixed  $value as `json_decode` gives it, objects as stdClass */
    public static function root(mixed $value, string $path, Unit $unit, FaultLog $log): self
    {
        return new self($value, $path, $unit, $log);
    }

    public function fault(string $message): null
    {
        $this->log->add($this->path, $message);

        return null;
    }

    /**
     * The value's own keys, once it is known to be an object with no key but the known ones and those
     * that begin with `x_`.
     *
     * @param  list<string>  $known
     * @return array<string, self> without the keys whose value is null
     */
    public function fields(array $known): array
    {
        if (! $this->value instanceof stdClass) {
            $this->fault('must be an object, {"name": value, ...}');

            return [];
        }
        $fields = [];
        foreach (get_object_vars($this->value) as $key => $value) {
            $key = (string) $key;
            $child = new self($value, trim("{$this->path}.{$key}", '.'), $this->unit, $this->log);
            if (in_array($key, $known, true)) {
                $fields[$key] = $child;
            } elseif (! str_starts_with($key, 'x_')) {
                $child->fault('is no key known here; keys of your own begin with x_');
            }
        }

        return array_filter($fields, static fn (self $field): bool => $field->value !== null);
    }

    /**
     * Named entries whose names are the file's own, such as the letters of cups.
     *
     * @return array<string, self>
     */
    public function entries(): array
    {
        if (! $this->value instanceof stdClass) {
            $this->fault('must be an object, {"name": value, ...}');

            return [];
        }
        $named = get_object_vars($this->value);

        if (count($named) > self::MOST_ENTRIES) {
            $this->fault('has '.count($named).' entries; at most '.self::MOST_ENTRIES.' are read');

            return [];
        }

        return $this->fields(array_map(strval(...), array_keys($named)));
    }

    /** Refuses what no form would take. */
    public function refuseLarge(): void
    {
        if (! TypedLimits::hold($this->value)) {
            $this->fault(TypedLimits::TOO_MUCH);
        }
    }

    /** Notes that something required stands nowhere. */
    public function missing(string $key): null
    {
        $this->log->add(trim("{$this->path}.{$key}", '.'), 'is missing');

        return null;
    }

    /**
     * @param  int  $most  a longer list is refused, never cut
     * @return ?list<self>
     */
    public function items(int $most = PHP_INT_MAX): ?array
    {
        if (! is_array($this->value)) {
            return $this->fault('must be a list, [value, ...]');
        }
        if (count($this->value) > $most) {
            return $this->fault('has '.count($this->value)." entries; at most {$most} are read");
        }
        $items = [];
        foreach (array_values($this->value) as $index => $value) {
            $items[] = new self($value, "{$this->path}[{$index}]", $this->unit, $this->log);
        }

        return $items;
    }

    public function text(): ?string
    {
        if (! is_string($this->value) || preg_match(self::BLANK, $this->value) !== 0) {
            return $this->fault('must be a text, and not an empty one');
        }

        return mb_strlen($this->value) > self::LONGEST_TEXT
            ? $this->fault('is longer than '.self::LONGEST_TEXT.' letters; shorten it')
            : $this->value;
    }

    /** As `text`, but nothing at all will do. */
    public function textOrEmpty(): ?string
    {
        return $this->value === '' ? '' : $this->text();
    }

    public function flag(): ?bool
    {
        return is_bool($this->value) ? $this->value : $this->fault('must be true or false');
    }

    /** @return ($least is int<0, max> ? int<0, max>|null : int|null) */
    public function whole(int $least, int $most): ?int
    {
        return is_int($this->value) && $this->value >= $least && $this->value <= $most
            ? $this->value
            : $this->fault("must be a whole number from {$least} to {$most}");
    }

    public function number(float $least, float $most): ?float
    {
        $isNumber = is_int($this->value) || is_float($this->value);

        return $isNumber && $this->value >= $least && $this->value <= $most
            ? (float) $this->value
            : $this->fault("must be a number from {$least} to {$most}");
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return ?T
     */
    public function oneOf(string $enum): ?BackedEnum
    {
        $case = is_string($this->value) ? $enum::tryFrom($this->value) : null;
        $names = implode(', ', array_column($enum::cases(), 'value'));

        return $case ?? $this->fault("must be one of {$names}");
    }

    public function isNull(): bool
    {
        return $this->value === null;
    }

    public function isList(): bool
    {
        return is_array($this->value);
    }

    public function isObject(): bool
    {
        return $this->value instanceof stdClass;
    }

    public function is(string|int $value): bool
    {
        return $this->value === $value;
    }

    /** The word that a text ends on, such as `yd`; null where it is no text or names no unit. */
    public function unitWord(): ?string
    {
        return is_string($this->value) ? LengthText::unitWord($this->value) : null;
    }

    /** Whether it is a text that names no unit. */
    public function isBareText(): bool
    {
        return is_string($this->value) && trim($this->value) !== '' && ! LengthText::namesUnit($this->value);
    }

    /** The text as it was typed, where it names its unit. */
    public function lengthText(): ?string
    {
        return is_string($this->value) && LengthText::namesUnit($this->value) ? $this->value : null;
    }

    /** The same list, whose texts without a unit mean this one. */
    public function withUnit(string $word): self
    {
        $worded = static fn (mixed $item): mixed => is_string($item) && trim($item) !== '' && ! LengthText::namesUnit($item)
            ? "{$item} {$word}"
            : $item;
        $value = is_array($this->value) ? array_map($worded, $this->value) : $this->value;

        return new self($value, $this->path, $this->unit, $this->log);
    }

    /** A plain number in the document's unit, or a text such as "37 3/4" or "95.5 cm". */
    public function length(LengthKind $kind): ?Length
    {
        try {
            return $kind->check($this->anyLength(), $this->unit);
        } catch (Refusal $refusal) {
            return $this->fault($refusal->getMessage());
        }
    }

    /** A length, or a range: a list of its two ends, or a text such as "84-88". */
    public function span(LengthKind $kind): Length|Span|null
    {
        if (is_array($this->value)) {
            return $this->ends($kind);
        }
        $span = is_string($this->value) ? Span::read($this->value, $this->unit) : null;
        if ($span === null) {
            return $this->length($kind);
        }
        try {
            $kind->check($span->from, $this->unit);
            $kind->check($span->to, $this->unit);

            return $span;
        } catch (Refusal $refusal) {
            return $this->fault($refusal->getMessage());
        }
    }

    private function ends(LengthKind $kind): ?Span
    {
        $ends = array_map(static fn (self $end): ?Length => $end->length($kind), $this->items() ?? []);
        if (count($ends) === 2) {
            [$from, $to] = $ends;
            if ($from === null || $to === null) {
                return null;
            }
            $span = Span::between($from, $to);
        }

        return $span ?? $this->fault('a range is two figures, the smaller one first');
    }

    /** @throws Refusal */
    private function anyLength(): Length
    {
        if (is_string($this->value)) {
            return Length::parse($this->value, $this->unit);
        }
        if (! is_int($this->value) && ! is_float($this->value)) {
            throw FaultyFile::notAFigure();
        }

        // Far beyond every limit already; a larger one would not fit an int of nanometres.
        return Length::ofNumber(max(-1e6, min(1e6, $this->value)), $this->unit);
    }
}
