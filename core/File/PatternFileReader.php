<?php

declare(strict_types=1);

namespace Underbolt\File;

use JsonException;
use stdClass;
use Underbolt\File\Typed\FaultLog;
use Underbolt\File\Typed\FaultyFile;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Pattern;
use Underbolt\Planning\Asked\Choices;

/** Reads the pattern of a file that leaves the workroom as a pattern, or of a make file together with its choices. */
final readonly class PatternFileReader
{
    private const FORMATS = ['underbolt/pattern', 'underbolt/make'];

    private const DEEPEST = 32;

    private function __construct(public Unit $unit, public Pattern $pattern, public Choices $choices)
    {
    }

    /** @throws FaultyFile naming every fault met */
    public static function read(string $json): self
    {
        try {
            $document = json_decode($json, false, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException $reason) {
            throw FaultyFile::notJson(strtolower($reason->getMessage()));
        }
        $log = new FaultLog;
        $part = static fn (string $key): mixed => $document instanceof stdClass ? $document->{$key} ?? new stdClass : new stdClass;
        $unit = is_string($part('unit')) ? Unit::tryFrom($part('unit')) : null;
        if (! in_array($part('format'), self::FORMATS, true) || $unit === null) {
            $log->add('format', 'must be a pattern file or a make file of Underbolt, with its unit');
            throw $log->refusal();
        }
        $pattern = PatternReader::read(Node::root($part('pattern'), 'pattern', $unit, $log));
        $choices = ChoicesReader::read(Node::root($part('choices'), 'choices', $unit, $log), $unit, $pattern, $unit);
        if ($pattern === null || $choices === null || $log->faults() !== []) {
            throw $log->refusal();
        }

        return new self($unit, $pattern, $choices);
    }
}
