<?php

declare(strict_types=1);

use Tests\Support\LiteralReader;
use Tests\Support\RandomMake;
use Tests\Support\Runs;
use Underbolt\CutSheet\CutSheet;
use Underbolt\CutSheet\SheetHead;
use Underbolt\File\CutSheetJson;
use Underbolt\File\MakeReader;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Refusal;

/**
 * Readers of the sheets of makes at random, some of their measures not on the card.
 *
 * @return array<int, LiteralReader>
 */
function literalReaders(): array
{
    static $readers = [];
    for ($seed = 1; count($readers) < Runs::of(300); $seed++) {
        $make = RandomMake::of($seed);
        if ($seed % 4 === 0) {
            unset($make['body'][$seed % 8 === 0 ? 'waist' : 'hip']);
        }
        try {
            $plan = PlanBuilder::build(MakeReader::read(json_encode($make, JSON_THROW_ON_ERROR)));
            $readers[$seed] ??= new LiteralReader(json_decode(json_encode(CutSheetJson::of(CutSheet::of($plan), SheetHead::of($plan)), JSON_THROW_ON_ERROR), true), $plan);
        } catch (Refusal) {
            // A choice that can't be carried out.
        }
    }

    return $readers;
}

test('whoever takes the steps literally ends at the stations', function (): void {
    $looked = 0;
    foreach (literalReaders() as $seed => $reader) {
        $ends = $reader->bySteps();
        foreach ($reader->byStations() as $edge => $out) {
            expect($ends[$edge])->toEqualWithDelta($out, 0.0006, "seed {$seed}, {$edge}");
            $looked++;
        }
    }
    expect($looked)->toBeGreaterThan(500);
});

test('whoever reads the pieces’ table alone ends there as well, less what nobody can draw', function (): void {
    foreach (literalReaders() as $seed => $reader) {
        $ends = $reader->byPieces(false);
        foreach ($reader->byStations() as $edge => $out) {
            expect($ends[$edge])->toEqualWithDelta($out, 0.1, "seed {$seed}, {$edge}");
        }
    }
});

test('the amounts as they are shown end there but for what a hand rounds', function (): void {
    foreach (literalReaders() as $seed => $reader) {
        $ends = $reader->byPieces(true);
        foreach ($reader->byStations() as $edge => $out) {
            expect($ends[$edge])->toEqualWithDelta($out, 0.15, "seed {$seed}, {$edge}");
        }
    }
});

test('every amount is told by its step, a piece’s table is its steps’, and every piece has a line to trace', function (): void {
    foreach (literalReaders() as $seed => $reader) {
        expect($reader->faults())->toBe([], "seed {$seed}");
    }
});
