<?php

declare(strict_types=1);

use Tests\Support\LiteralReader;
use Tests\Support\RandomMake;
use Tests\Support\Runs;
use Underbolt\CutSheet\CutSheet;
use Underbolt\CutSheet\SheetHead;
use Underbolt\File\CutSheetJson;
use Underbolt\File\MakeReader;
use Underbolt\Planning\Plan;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Refusal;

/**
 * The sheets of makes at random, some of their measures not on the card.
 *
 * @return array<int, array{array<string, mixed>, Plan}>
 */
function literalSheets(): array
{
    static $sheets = [];
    for ($seed = 1; count($sheets) < Runs::of(300); $seed++) {
        $make = RandomMake::of($seed);
        if ($seed % 4 === 0) {
            unset($make['body'][$seed % 8 === 0 ? 'waist' : 'hip']);
        }
        try {
            $plan = PlanBuilder::build(MakeReader::read(json_encode($make, JSON_THROW_ON_ERROR)));
            $sheets[$seed] ??= [json_decode(json_encode(CutSheetJson::of(CutSheet::of($plan), SheetHead::of($plan)), JSON_THROW_ON_ERROR), true), $plan];
        } catch (Refusal) {
            // A choice that can't be carried out.
        }
    }

    return $sheets;
}

/** @return array<int, LiteralReader> */
function literalReaders(): array
{
    return array_map(static fn (array $one): LiteralReader => new LiteralReader(...$one), literalSheets());
}

/**
 * A sheet with a fault in the first place where it can be made; null where it can't.
 *
 * @param  array<string, mixed>  $sheet
 * @param  string  $list  what of each step
 * @param  callable(array<string, mixed>, array<string, mixed>): ?list<array<string, mixed>>  $mar  one of the list and its step; what stands in its place, null for itself
 * @return ?array<string, mixed>
 */
function marred(array $sheet, string $list, callable $mar): ?array
{
    foreach ($sheet['steps'] as $at => $step) {
        foreach ($step[$list] ?? [] as $place => $one) {
            $instead = $mar($one, $step);
            if ($instead !== null) {
                array_splice($sheet['steps'][$at][$list], $place, 1, $instead);

                return $sheet;
            }
        }
    }

    return null;
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
    foreach (array_filter(literalReaders(), static fn (LiteralReader $one): bool => $one->hasPieces()) as $seed => $reader) {
        $ends = $reader->byPieces(false);
        foreach ($reader->byStations() as $edge => $out) {
            expect($ends[$edge])->toEqualWithDelta($out, 0.1, "seed {$seed}, {$edge}");
        }
    }
});

test('the amounts as they are shown end there but for what a hand rounds', function (): void {
    foreach (array_filter(literalReaders(), static fn (LiteralReader $one): bool => $one->hasPieces()) as $seed => $reader) {
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

test('each fault that sheets once had is found', function (Closure $mar): void {
    $marred = 0;
    foreach (literalSheets() as $seed => [$sheet, $plan]) {
        $wrong = $mar($sheet);
        if ($wrong === null) {
            continue;
        }
        $reader = new LiteralReader($wrong, $plan);
        $misses = static function (array $ends) use ($reader): array {
            return array_filter($reader->byStations(), static fn (float $out, string $edge): bool => abs($ends[$edge] - $out) > 0.1, ARRAY_FILTER_USE_BOTH);
        };
        expect([...$reader->faults(), ...$misses($reader->bySteps())])->not->toBe([], "seed {$seed}");
        $marred++;
    }
    expect($marred)->toBeGreaterThan(2);
})->with([
    'a band takes half of what its notch gets' => [static fn (array $sheet): ?array => marred($sheet, 'amounts', static fn (array $one, array $step): ?array => $step['kind'] === 'join' && abs($one['amount']) > 0.4 && array_filter($step['applies'], static fn (array $each): bool => $each['edge'] === 'side_notch') !== [] ? [['amount' => $one['amount'] / 2] + $one] : null)],
    'a level that moves is told as printed' => [static function (array $sheet): ?array {
        foreach ($sheet['lines'] as $at => $line) {
            foreach ($sheet['stations']['front'] as $station) {
                if ($station['level'] === $line['level'] && $line['what'] !== [] && $station['from'] === $line['front'] && abs($station['move'] ?? 0.0) > 0.2) {
                    $sheet['lines'][$at]['what'] = [];

                    return $sheet;
                }
            }
        }

        return null;
    }],
    'a piece’s table loses what lies on a line' => [static function (array $sheet): ?array {
        foreach ($sheet['pieces'] as $at => $piece) {
            foreach ($piece['amounts'] as $place => $one) {
                if (abs($one['amount']) < 0.01) {
                    array_splice($sheet['pieces'][$at]['amounts'], $place, 1);

                    return $sheet;
                }
            }
        }

        return null;
    }],
    'a pivot’s mark goes by a line’s name' => [static fn (array $sheet): ?array => marred($sheet, 'amounts', static fn (array $one, array $step): ?array => $step['id'] === 'adjust' && isset($one['from']['line']) && abs($one['amount']) > 0.2 ? [['amount' => 0.0] + $one] : null)],
    'a pivot swings past the waist' => [static fn (array $sheet): ?array => ! in_array('waist', array_column($sheet['stations']['front'], 'level'), true) ? null : marred($sheet, 'applies', static fn (array $one, array $step): ?array => $step['id'] === 'adjust' && ($one['level'] ?? '') === 'waist' && isset($one['from']['line']) && $one['edge'] === 'side' && abs($one['amount']) > 0.2 ? [] : null)],
    'slashing spreads what is drawn already' => [static fn (array $sheet): ?array => marred($sheet, 'applies', static function (array $one, array $step) use ($sheet): ?array {
        $spread = array_sum(array_map(static fn (array $each): float => $each['id'] === 'adjust' ? array_sum(array_map(static fn (array $apply): float => $apply['piece'] === $one['piece'] && $apply['side'] === $one['side'] && ($apply['level'] ?? '') === ($one['level'] ?? null) && isset($apply['from']['step']) ? $apply['amount'] : 0.0, $each['applies'])) : 0.0, $sheet['steps']));

        return $step['id'] === 'draw' && isset($one['from']['line']) && abs($spread) > 0.2 ? [['amount' => $one['amount'] + $spread] + $one] : null;
    })],
    'a piece has no line to trace' => [static function (array $sheet): ?array {
        $piece = $sheet['pieces'][0]['name'] ?? null;
        foreach ($sheet['steps'] as $at => $step) {
            foreach ($step['traces'] ?? [] as $place => $one) {
                $sheet['steps'][$at]['traces'][$place]['pieces'] = array_values(array_diff($one['pieces'], [$piece]));
            }
        }

        return $piece === null ? null : $sheet;
    }],
    'a skirt is traced along the bodice’s line' => [static function (array $sheet): ?array {
        $counted = array_filter(array_merge(...array_column($sheet['steps'], 'applies')), static fn (array $one): bool => $one['edge'] === 'side' && ($one['level'] ?? '') === 'hip' && isset($one['from']['line']));
        $line = $counted === [] ? null : current($counted)['from']['line'];
        $other = array_values(array_diff(array_keys($sheet['labels']), [$line]))[0] ?? null;
        foreach ($line === null || $other === null ? [] : array_keys($sheet['steps'][0]['traces']) as $place) {
            $sheet['steps'][0]['traces'][$place]['line'] = (string) $other;
        }

        return $line === null || $other === null ? null : $sheet;
    }],
    'an edge is sewn in a seam by nobody’s word' => [static fn (array $sheet): ?array => marred($sheet, 'amounts', static fn (array $one, array $step): ?array => $step['kind'] === 'sew' && abs($one['amount']) > 0.2 ? [] : null)],
    'an entry names a piece that is not there' => [static fn (array $sheet): ?array => marred($sheet, 'amounts', static fn (array $one, array $step): ?array => $one['pieces'] !== [] && abs($one['amount']) > 0.2 ? [['pieces' => ['a sleeve of none']] + $one] : null)],
]);
