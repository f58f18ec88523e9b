<?php

declare(strict_types=1);

use Underbolt\File\MakeReader;
use Underbolt\File\PlanJson;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Refusal;

/** A copy with a part changed, dropped or doubled here and there. */
function mutated(mixed $value, callable $once): mixed
{
    static $junk = [null, true, 0, -1, 1e300, '', 'x', '1/3', '95 cm', [], [null], '8', PHP_INT_MAX, 20, 250];
    if ($once(250)) {
        return $junk[mt_rand(0, count($junk) - 1)];
    }
    if ($value instanceof stdClass) {
        $copy = new stdClass;
        foreach (get_object_vars($value) as $key => $part) {
            $once(500) || $copy->{$once(900) ? "{$key}s" : $key} = mutated($part, $once);
        }

        return $copy;
    }
    if (is_array($value)) {
        $parts = array_filter($value, static fn (): bool => ! $once(500));
        $copy = array_map(static fn (mixed $part): mixed => mutated($part, $once), array_values($parts));

        return $once(400) ? [...$copy, ...array_slice($copy, -1)] : $copy;
    }

    return is_float($value) || is_int($value) ? ($once(60) ? $value * mt_rand(1, 30) / 10 : $value) : $value;
}

test('a mutated file gives a plan or a clear refusal, never anything else', function (): void {
    mt_srand(20261123);
    // The complete file twice as often as each worked one: it has every key there is.
    $complete = __DIR__.'/../../fixtures/complete.make.json';
    $files = array_map(file_get_contents(...), [...glob(__DIR__.'/../../fixtures/worked/*.make.json'), $complete, $complete]);
    $runs = (int) (getenv('FUZZ_RUNS') === false ? 2000 : getenv('FUZZ_RUNS'));
    $outcomes = ['plan' => 0, 'refusal' => 0];
    for ($i = 0; $i < $runs; $i++) {
        $make = json_decode($files[$i % count($files)]);
        $json = json_encode(mutated($make, static fn (int $in): bool => mt_rand(1, $in) === 1), JSON_THROW_ON_ERROR);
        try {
            $plan = PlanBuilder::build(MakeReader::read($json));
            json_encode(PlanJson::of($plan), JSON_THROW_ON_ERROR);
            $plan->drawing();
            $outcomes['plan']++;
        } catch (Refusal $refusal) {
            foreach ($refusal->faults() as $fault) {
                expect($fault->line())->not->toBe('')->not->toContain("\n");
            }
            $outcomes['refusal']++;
        }
    }
    // Both kinds must come up, or the mutations test nothing.
    expect(min($outcomes))->toBeGreaterThan($runs / 10);
})->group('slow');
