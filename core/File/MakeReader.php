<?php

declare(strict_types=1);

namespace Underbolt\File;

use JsonException;
use stdClass;
use Underbolt\File\Keys\MakeKeys;
use Underbolt\File\Shape\Fields;
use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\File\Typed\FaultLog;
use Underbolt\File\Typed\FaultyFile;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Unit;
use Underbolt\Planning\Asked\Make;
use Underbolt\Wearing\FoundByFitting;

/** Reads a make file, the open format of a make (docs: "The make file"). */
final class MakeReader
{
    private const LARGEST_BYTES = 2_000_000;

    private const DEEPEST = 32;

    /** @throws FaultyFile naming every fault met */
    public static function read(string $json): Make
    {
        if (strlen($json) > self::LARGEST_BYTES) {
            throw FaultyFile::tooLarge(self::LARGEST_BYTES);
        }
        try {
            $document = json_decode($json, false, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException $reason) {
            throw FaultyFile::notJson(strtolower($reason->getMessage()));
        }

        return self::make($document);
    }

    private static function make(mixed $document): Make
    {
        $keys = new MakeKeys;
        $log = new FaultLog;
        $unit = self::unit($document, $keys, $log);
        if ($log->faults() !== []) {
            throw $log->refusal();
        }
        $fields = (new ObjectShape($keys))->read(Node::root($document, '', $unit, $log));
        foreach ([$keys->pattern, $keys->choices, $keys->fitting, $keys->verdict, $keys->cloth] as $kept) {
            $fields->node($kept)?->refuseLarge();
        }
        $typed = $fields->node($keys->pattern);
        $pattern = $typed === null ? null : PatternReader::read($typed);
        $body = BodyReader::read($fields->byName($keys->body), $fields->byName($keys->readings));
        array_map($fields->get(...), [$keys->foundation, $keys->name, $keys->note, $keys->reached]);
        // What wearing told is read for its faults: no plan depends on it.
        VerdictReader::read(self::part($fields, $keys->verdict, $unit, $log));
        $fitting = FittingReader::read(self::part($fields, $keys->fitting, $unit, $log));
        $cloth = ClothReader::read(self::part($fields, $keys->cloth, $unit, $log));
        $choices = ChoicesReader::read(
            self::part($fields, $keys->choices, $unit, $log),
            $unit,
            $pattern,
            $unit,
        );
        if ($pattern === null || $choices === null || $log->faults() !== []) {
            throw $log->refusal();
        }

        $found = FoundByFitting::of($fitting);

        return new Make($unit, $body, $pattern, $choices, $found, $cloth);
    }

    /**
     * A part that may be left out: then it is an empty one.
     *
     * @param  Key<Fields>  $key
     */
    private static function part(Fields $fields, Key $key, Unit $unit, FaultLog $log): Node
    {
        return $fields->node($key) ?? Node::root(new stdClass, $key->name, $unit, $log);
    }

    /** What every figure is read with; that it is a make file at all is known before anything else is read. */
    private static function unit(mixed $document, MakeKeys $keys, FaultLog $log): Unit
    {
        $root = Node::root($document, '', Unit::Centimetre, $log);
        if (! $document instanceof stdClass) {
            $root->fault('a make file is a JSON object, {"format": "'.MakeKeys::FORMAT.'", ...}');

            return Unit::Centimetre;
        }
        // What else stands there is looked at once the unit is known.
        $head = array_intersect_key(get_object_vars($document), array_filter($keys->all(), static fn (Key $key): bool => $key->isRequired));
        $fields = (new ObjectShape($keys))->read(Node::root((object) $head, '', Unit::Centimetre, $log));
        $fields->get($keys->format);
        $fields->get($keys->version);

        return $fields->get($keys->unit) ?? Unit::Centimetre;
    }
}
