<?php

declare(strict_types=1);

namespace Underbolt\File;

use JsonException;
use stdClass;
use Underbolt\Measure\Unit;
use Underbolt\Planning\Make;

/** Reads a make file, the open format of a make (docs: "The make file"). */
final class MakeReader
{
    public const FORMAT = 'underbolt/make';

    public const VERSION = 1;

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

    /** The parts a make file has; `readings` are the tries behind the measures, `foundation` is what was worn for them. */
    private const KEYS = ['format', 'version', 'unit', 'body', 'readings', 'foundation', 'pattern', 'choices'];

    private static function make(mixed $document): Make
    {
        $log = new FaultLog;
        $unit = self::unit($document, $log);
        if ($log->faults() !== []) {
            throw $log->refusal();
        }
        $fields = Node::root($document, '', $unit, $log)->fields(self::KEYS);
        $pattern = isset($fields['pattern']) ? PatternReader::read($fields['pattern']) : null;
        $body = BodyReader::read($fields['body'] ?? Node::root(new stdClass, 'body', $unit, $log), $fields['readings'] ?? null);
        ($fields['foundation'] ?? null)?->textOrEmpty();
        $choices = ChoicesReader::read($fields['choices'] ?? Node::root(new stdClass, 'choices', $unit, $log), $unit, $pattern, $unit);
        if ($pattern === null || $choices === null || $log->faults() !== []) {
            throw $log->refusal();
        }

        return new Make($unit, $body, $pattern, $choices);
    }

    /** What every figure is read with; the file's head is checked along with it. */
    private static function unit(mixed $document, FaultLog $log): Unit
    {
        $root = Node::root($document, '', Unit::Centimetre, $log);
        $head = $document instanceof stdClass
            ? array_intersect_key(get_object_vars($document), array_flip(['format', 'version', 'unit', 'body', 'pattern']))
            : null;
        if ($head === null) {
            $root->fault('a make file is a JSON object, {"format": "'.self::FORMAT.'", ...}');

            return Unit::Centimetre;
        }
        $fields = Node::root((object) $head, '', Unit::Centimetre, $log)->fields(['format', 'version', 'unit', 'body', 'pattern']);
        foreach (['format', 'version', 'unit', 'body', 'pattern'] as $key) {
            if (! isset($fields[$key])) {
                $root->missing($key);
            }
        }
        if (isset($fields['format']) && $head['format'] !== self::FORMAT) {
            $fields['format']->fault('must be "'.self::FORMAT.'"; is this another kind of file?');
        }
        if (isset($fields['version']) && $head['version'] !== self::VERSION) {
            $fields['version']->fault('must be '.self::VERSION.', the version this program reads');
        }

        return ($fields['unit'] ?? null)?->oneOf(Unit::class) ?? Unit::Centimetre;
    }
}
