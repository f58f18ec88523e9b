<?php

declare(strict_types=1);

namespace App\Models;

use Countable;
use Illuminate\Container\Attributes\Scoped;
use stdClass;
use Underbolt\Fault;
use Underbolt\File\PatternReader;
use Underbolt\File\Typed\FaultLog;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Pattern as CorePattern;

/** What was read of patterns' documents while one request is answered: plan, paper and nests all ask for the same, and reading it takes longer than planning. */
#[Scoped]
final class PatternsRead implements Countable
{
    /** @var array<string, array{?CorePattern, list<Fault>}> by the document */
    private array $read = [];

    /** @param  Unit  $unit  of its figures */
    public function of(stdClass $document, Unit $unit, FaultLog $log): ?CorePattern
    {
        [$pattern, $faults] = $this->read["{$unit->value} ".json_encode($document, JSON_THROW_ON_ERROR)] ??= self::reading($document, $unit);
        foreach ($faults as $fault) {
            $log->add($fault->field, $fault->message);
        }

        return $pattern;
    }

    /** How many had to be read. */
    public function count(): int
    {
        return count($this->read);
    }

    /** @return array{?CorePattern, list<Fault>} */
    private static function reading(stdClass $document, Unit $unit): array
    {
        $log = new FaultLog;

        return [PatternReader::read(Node::root($document, 'pattern', $unit, $log)), $log->faults()];
    }
}
