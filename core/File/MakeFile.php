<?php

declare(strict_types=1);

namespace Underbolt\File;

use stdClass;
use Underbolt\File\Keys\ChoicesKeys;
use Underbolt\File\Keys\MakeKeys;
use Underbolt\File\Shape\Fields;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\LengthText;
use Underbolt\Measure\Point;
use Underbolt\Measure\Unit;

/**
 * Puts a make file together from what was typed, and takes one apart again.
 *
 * Figures that were typed under another unit than the file's carry theirs in words; everything else comes
 * back byte for byte.
 */
final class MakeFile
{
    /**
     * @param  array<string, list<string>>  $readings  tries by point, each with its unit in words where it isn't the file's
     * @param  array<string, string>  $hand  how far the hand that measured scatters, by point, each with its unit
     * @param  bool  $isRoundABoard  whether the hip was measured round one
     * @param  stdClass  $pattern  as typed, in the file's unit or with units in words
     * @param  stdClass  $choices  likewise
     * @param  array<string, stdClass|string>  $told  what is told of the make beside it, by key; what is empty is left out
     * @param  stdClass  $extras  keys of the file's own, beginning x_
     * @return array<array-key, mixed> ready for `json_encode`
     */
    public static function compose(
        Unit $unit,
        array $readings,
        array $hand,
        bool $isRoundABoard,
        string $foundation,
        stdClass $pattern,
        stdClass $choices,
        array $told,
        stdClass $extras,
    ): array {
        $body = array_map(
            static fn (array $tries): string => $tries[0],
            array_filter($readings, static fn (array $tries): bool => count($tries) === 1),
        );
        $several = array_filter($readings, static fn (array $tries): bool => count($tries) > 1);

        return [
            'format' => MakeKeys::FORMAT,
            'version' => MakeKeys::VERSION,
            'unit' => $unit->value,
            'body' => (object) [...$body, ...($hand === [] ? [] : ['hand' => $hand]), ...($isRoundABoard ? [MakeKeys::ROUND_A_BOARD => true] : [])],
            ...($several === [] ? [] : ['readings' => $several]),
            ...($foundation === '' ? [] : ['foundation' => $foundation]),
            'pattern' => $pattern,
            'choices' => $choices,
            ...array_filter($told, static fn (stdClass|string $part): bool => $part !== '' && (is_string($part) || get_object_vars($part) !== [])),
            ...get_object_vars($extras),
        ];
    }

    /** A typed figure with its unit said, where the file would mean another. */
    public static function worded(string $typed, Unit $typedUnder, Unit $file): string
    {
        return $typedUnder === $file ? $typed : LengthText::worded($typed, $typedUnder);
    }

    /**
     * Choices that mean the same in a file of another unit than they were typed under: every length in them
     * says its unit, numbers too, and so does the dwell that they leave to their own unit.
     */
    public static function choices(stdClass $typed, Unit $typedUnder, Unit $file): stdClass
    {
        if ($typedUnder === $file) {
            return clone $typed;
        }
        $choices = (new ObjectShape(new ChoicesKeys))->wordedObject($typed, $typedUnder);
        $choices->dwell ??= LengthPrint::sentence(Fields::none()->sure((new ChoicesKeys)->dwell, $typedUnder), $typedUnder);

        return $choices;
    }

    /** A part of the file that means the same in another unit: every length in it says its own. */
    public static function part(Keys $keys, stdClass $typed, Unit $typedUnder, Unit $file): stdClass
    {
        return $typedUnder === $file ? $typed : (new ObjectShape($keys))->wordedObject($typed, $typedUnder);
    }

    /**
     * The tries behind every measure of a file that was read without a fault, as texts.
     *
     * @return array<string, list<string>> by point
     */
    public static function readings(stdClass $file): array
    {
        $texts = [];
        $body = $file->body ?? null;
        foreach ($body instanceof stdClass ? get_object_vars($body) : [] as $point => $figure) {
            $texts[(string) $point] = [$figure];
        }
        $readings = $file->readings ?? null;
        foreach ($readings instanceof stdClass ? get_object_vars($readings) : [] as $point => $tries) {
            $texts[(string) $point] = is_array($tries) && $tries !== [] ? array_values($tries) : [];
        }

        return array_filter(
            array_map(
                self::asTexts(...),
                array_filter($texts, static fn (string $key): bool => Point::tryFrom($key) !== null, ARRAY_FILTER_USE_KEY),
            ),
        );
    }

    /** The keys of the file's own, which are kept, whatever they say. */
    public static function extras(stdClass $file): stdClass
    {
        return (object) array_filter(get_object_vars($file), static fn (string $key): bool => str_starts_with($key, 'x_'), ARRAY_FILTER_USE_KEY);
    }

    /**
     * How far the hand scatters that measured for a file that was read without a fault, each length with its unit.
     *
     * @return array<string, string> by point
     */
    public static function hand(stdClass $file, Unit $unit): array
    {
        $body = $file->body ?? null;
        $worded = MakeKeys::hand()->worded($body instanceof stdClass ? $body->hand ?? null : null, $unit);
        $hand = [];
        foreach ($worded instanceof stdClass ? get_object_vars($worded) : [] as $point => $spread) {
            $hand += is_string($spread) ? [(string) $point => $spread] : [];
        }

        return $hand;
    }

    /**
     * @param  array<mixed>  $figures
     * @return list<string>
     */
    private static function asTexts(array $figures): array
    {
        $texts = array_map(static fn (mixed $figure): string => match (true) {
            is_string($figure) => $figure,
            is_int($figure), is_float($figure) => (string) json_encode($figure),
            default => '',
        }, $figures);

        return array_values(array_filter($texts, static fn (string $text): bool => $text !== ''));
    }
}
