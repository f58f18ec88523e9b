<?php

declare(strict_types=1);

namespace App\Records\Whole;

use App\Uploads\UnreadableUpload;
use BackedEnum;
use Carbon\CarbonImmutable;
use Closure;
use stdClass;
use Throwable;
use Underbolt\File\Typed\Node;
use Underbolt\File\Typed\TypedLimits;

/**
 * Holds what a record says against what such a record keeps, by the limits that hold for what is typed. A rule says what is
 * wrong with a part, or nothing; there are a hundred thousand of them in a large file, so each is a few steps and no more.
 *
 * @phpstan-type Rule Closure(mixed): ?string
 */
final class Kept
{
    /** Of a document that is no form's, such as the keys of its own that a make's file brought. */
    private const LARGEST_DOCUMENT = 200_000;

    private const FIRST_DAY = '1900-01-01';

    /**
     * @param  list<string>  $kept
     * @param  array<string, Rule>  $rules  by the name of a part, with a question mark where it may be left out
     * @return array<string, mixed> what such a record keeps
     *
     * @throws UnreadableUpload saying where it is at fault
     */
    public static function of(mixed $record, array $kept, string $where, array $rules): array
    {
        if (! $record instanceof stdClass) {
            throw new UnreadableUpload("{$where} can't be read.");
        }
        $typed = get_object_vars($record);
        foreach ($rules as $name => $rule) {
            $key = rtrim($name, '?');
            $isLeftOut = $key !== $name && ! array_key_exists($key, $typed);
            $fault = $isLeftOut ? null : $rule($typed[$key] ?? null);
            if ($fault !== null) {
                throw new UnreadableUpload("{$where}: {$key} {$fault}.");
            }
        }
        $held = [];
        foreach ($kept as $key) {
            if (array_key_exists($key, $typed)) {
                $held[$key] = $typed[$key];
            }
        }

        return $held;
    }

    /**
     * What may be nothing.
     *
     * @param  Rule  $rule
     * @return Rule
     */
    public static function maybe(Closure $rule): Closure
    {
        return static fn (mixed $value): ?string => $value === null ? null : $rule($value);
    }

    /** @return Rule */
    public static function name(): Closure
    {
        return static fn (mixed $value): ?string => is_string($value) && trim($value) !== '' ? self::text($value, Node::LONGEST_TEXT) : 'is missing';
    }

    /** @return Rule */
    public static function words(int $most): Closure
    {
        return static fn (mixed $value): ?string => is_string($value) ? self::text($value, $most) : 'is no text';
    }

    /**
     * @param  list<string>  $names
     * @return Rule
     */
    public static function oneOf(array $names): Closure
    {
        return static fn (mixed $value): ?string => in_array($value, $names, true) ? null : 'is none that there is';
    }

    /**
     * @param  class-string<BackedEnum>  $enum
     * @return Rule
     */
    public static function caseOf(string $enum): Closure
    {
        return self::oneOf(array_map(strval(...), array_column($enum::cases(), 'value')));
    }

    /** @return Rule */
    public static function flag(): Closure
    {
        return static fn (mixed $value): ?string => in_array($value, [true, false, 0, 1], true) ? null : 'is neither true nor false';
    }

    /** @return Rule */
    public static function whole(int $least, int $most): Closure
    {
        return static fn (mixed $value): ?string => is_int($value) && $value >= $least && $value <= $most ? null : "is no number from {$least} to {$most}";
    }

    /** @return Rule any day */
    public static function date(): Closure
    {
        return static fn (mixed $value): ?string => is_string($value) && preg_match('/^(\d{4})-(\d\d)-(\d\d)$/', $value, $part) === 1 && checkdate((int) $part[2], (int) $part[3], (int) $part[1])
            ? null
            : 'is no day, such as 2026-11-20';
    }

    /** @return Rule a day, as a card has it */
    public static function day(): Closure
    {
        $latest = CarbonImmutable::tomorrow()->toDateString();
        $date = self::date();

        return static fn (mixed $value): ?string => $date($value) ?? match (true) {
            $value > $latest => 'is a day to come',
            $value < self::FIRST_DAY => 'is a day long past',
            default => null,
        };
    }

    /** @return Rule */
    public static function moment(): Closure
    {
        return static function (mixed $value): ?string {
            try {
                $day = is_string($value) && strlen($value) <= 40 ? CarbonImmutable::parse($value) : null;
            } catch (Throwable) {
                $day = null;
            }

            return match (true) {
                $day === null => 'is no moment',
                $day->isAfter(CarbonImmutable::tomorrow()) => 'is a day to come',
                $day->isBefore(self::FIRST_DAY) => 'is a day long past',
                default => null,
            };
        };
    }

    /** @return Rule of a part that is an object, as a form types it */
    public static function typed(): Closure
    {
        return static fn (mixed $value): ?string => match (true) {
            ! $value instanceof stdClass => 'is no object',
            ! TypedLimits::hold($value) => TypedLimits::TOO_MUCH,
            default => null,
        };
    }

    /** @return Rule of a part that is an object, and no form's */
    public static function document(): Closure
    {
        return static fn (mixed $value): ?string => match (true) {
            ! $value instanceof stdClass => 'is no object',
            strlen((string) json_encode($value)) > self::LARGEST_DOCUMENT => 'is far larger than any',
            default => null,
        };
    }

    /**
     * @param  Rule  $rule
     * @return Rule of an object all of whose parts are such
     */
    public static function each(Closure $rule, int $many): Closure
    {
        return static function (mixed $value) use ($rule, $many): ?string {
            $parts = $value instanceof stdClass ? get_object_vars($value) : null;
            if ($parts === null || count($parts) > $many) {
                return 'is no object of so few parts';
            }
            foreach ($parts as $name => $part) {
                $fault = $rule($part);
                if ($fault !== null) {
                    return "{$name} {$fault}";
                }
            }

            return null;
        };
    }

    /** @return Rule who a pattern is made for, by their places, and what is chosen for all and for some */
    public static function company(int $many): Closure
    {
        $typed = self::typed();
        $exceptions = self::each($typed, $many);

        return static function (mixed $value) use ($typed, $exceptions, $many): ?string {
            $parts = $value instanceof stdClass ? get_object_vars($value) : null;
            $wearers = $parts['wearers'] ?? [];

            return match (true) {
                $parts === null => 'is no object',
                ! is_array($wearers) || count($wearers) > $many || count(array_filter($wearers, is_int(...))) < count($wearers) => 'has wearers that are none',
                default => $typed($parts['choices'] ?? new stdClass) ?? $exceptions($parts['exceptions'] ?? new stdClass),
            };
        };
    }

    /** @return Rule of so many short texts */
    public static function texts(int $many, int $most): Closure
    {
        return static fn (mixed $value): ?string => match (true) {
            ! is_array($value) || count($value) > $many => 'is no list of so few',
            default => array_reduce($value, static fn (?string $fault, mixed $one): ?string => $fault ?? (is_string($one) ? self::text($one, $most) : 'is no list of texts'), null),
        };
    }

    private static function text(string $value, int $most): ?string
    {
        return match (true) {
            strlen($value) > $most && mb_strlen($value) > $most => "is longer than {$most} letters",
            // A text of several lines is one; all else below a blank is no writing.
            preg_match('/[^\P{Cc}\t\r\n]/u', $value) !== 0 => 'has signs in it that are no letters',
            default => null,
        };
    }
}
