<?php

declare(strict_types=1);

use Tests\Support\Runs;
use Underbolt\File\MakeReader;
use Underbolt\File\PlanJson;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Refusal;

use function Tests\Core\mutated;

test('a mutated file gives a plan or a clear refusal, never anything else', function (): void {
    mt_srand(20261123);
    // The complete file twice as often as each worked one: it has every key there is.
    $complete = __DIR__.'/../../fixtures/complete.make.json';
    $files = array_map(file_get_contents(...), [...glob(__DIR__.'/../../fixtures/worked/*.make.json'), $complete, $complete]);
    $runs = Runs::of(800);
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
