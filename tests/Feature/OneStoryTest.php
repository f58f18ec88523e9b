<?php

declare(strict_types=1);

use App\Models\Make;
use App\Paper\MakePaper;
use Tests\Support\LiteralReader;
use Underbolt\CutSheet\SheetHead;
use Underbolt\File\CutSheetJson;
use Underbolt\Measure\Unit;
use Underbolt\Refusal;

/** @return array<string, array{Make, array<string, mixed>}> every demo make with its sheet as the command would print it */
function demoSheets(): array
{
    $user = demoUser();
    test()->actingAs($user);
    $sheets = [];
    foreach ($user->makes()->with(['pattern', 'card.readings', 'card.wearer'])->get() as $make) {
        try {
            $paper = MakePaper::of($make, Unit::Centimetre);
            $sheets["{$make->id} {$paper->title()}"] = [$make, CutSheetJson::of($paper->sheet(), SheetHead::of($paper->plan))];
        } catch (Refusal) {
            continue;
        }
    }

    return $sheets;
}

test('every make of the demo is read literally: its steps, its table of pieces and its shown amounts end at its stations', function (): void {
    foreach (demoSheets() as $name => [$make, $sheet]) {
        $plan = MakePaper::of($make, Unit::Centimetre)->plan;
        $reader = new LiteralReader(json_decode(json_encode($sheet, JSON_THROW_ON_ERROR), true), $plan);
        expect($reader->faults())->toBe([], $name);
        $stations = $reader->byStations();
        foreach (['steps' => $reader->bySteps(), ...($reader->hasPieces() ? ['pieces' => $reader->byPieces(false), 'shown' => $reader->byPieces(true)] : [])] as $how => $ends) {
            foreach ($stations as $edge => $out) {
                expect($ends[$edge])->toEqualWithDelta($out, $how === 'steps' ? 0.0006 : 0.15, "{$name}, {$how}, {$edge}");
            }
        }
    }
});

/** @return list<string> each step in short with its amounts, as a page is sent them */
function stepsSent(array $steps): array
{
    return array_map(static fn (array $step): string => implode(' | ', [
        $step['short'], ...$step['how'],
        ...array_map(static fn (array $one): string => "{$one['at']} {$one['edge']} ".round($one['amount_nm'] / 1e7, 4), $step['amounts']),
    ]), $steps);
}

/** @return list<string> the same, as the sheet tells them */
function stepsTold(array $steps): array
{
    return array_map(static fn (array $step): string => $step['text'].implode('', array_map(static fn (array $one): string => " | {$one['at']} {$one['edge']} {$one['amount']}", $step['amounts'])), $steps);
}

/** @return list<string> */
function placesSent(array $stations): array
{
    return array_map(static fn (array $one): string => round($one['depth_nm'] / 1e7, 4)." {$one['level']} ".($one['told'] === null ? ' ' : "{$one['told']['line']} ".round($one['told']['move_nm'] / 1e7, 4).($one['told']['is_on'] ? ' on' : '')), $stations);
}

/** @return list<string> */
function placesTold(array $stations): array
{
    return array_map(static fn (array $one): string => "{$one['depth']} {$one['level']} ".($one['told'] === null ? ' ' : "{$one['told']['line']} {$one['told']['move']}".($one['told']['on'] ? ' on' : '')), $stations);
}

test('bench, sheet page, PDF, spreadsheet, archive and company tell every make alike', function (): void {
    $sheets = demoSheets();
    expect(count($sheets))->toBeGreaterThan(14);
    $bare = static fn (string $text): string => (string) preg_replace('/[\s|]+/u', '', $text);
    foreach ($sheets as $name => [$make, $sheet]) {
        $page = $this->getJson("/api/makes/{$make->id}/cut-sheet")->assertOk()->json();
        $bench = $this->getJson("/api/makes/{$make->id}/bench")->assertOk()->json('plan');
        $told = array_map($bare, stepsTold($sheet['steps']));
        expect(array_map($bare, stepsSent(array_column($page['steps'], 'step'))))->toBe($told, $name)
            ->and(array_map($bare, stepsSent($bench['work']['steps'])))->toBe($told, $name)
            ->and($page['headline'])->toBe($sheet['headline'])->and($bench['headline'])->toBe($sheet['headline']);

        $front = placesTold($sheet['stations']['front']);
        $back = placesTold($sheet['stations']['back'] ?? $sheet['stations']['front']);
        $benched = $bench['own_lines'] ?? ['front' => $bench['stations'], 'back' => $bench['back_stations']];
        expect(placesSent($page['stations']['front']))->toBe($front, $name)->and(placesSent($page['stations']['back'] ?? $page['stations']['front']))->toBe($back, $name)
            ->and(placesSent($benched['front']))->toBe($front, $name)->and(placesSent($benched['back'] ?? $benched['front']))->toBe($back, $name);

        $files = zipOf(contentOf($this->get("/api/makes/{$make->id}/all.zip")->assertOk()));
        $file = static fn (string $ending): string => array_values(array_filter($files, static fn (string $one): bool => str_ends_with($one, $ending), ARRAY_FILTER_USE_KEY))[0];
        $lines = array_map(static fn (string $line): array => str_getcsv($line, escape: ''), array_slice(explode("\r\n", trim($file('stations.csv'))), 1));
        expect(array_map(static fn (array $line): string => "{$line[1]} {$line[2]} {$line[3]} {$line[4]}".($line[5] === '' ? '' : ' on'), array_filter($lines, static fn (array $line): bool => ($line[0] ?? '') !== '')))
            ->toBe([...$front, ...$back], $name);
        $plan = json_decode($file('plan.json'), true);
        expect($plan['blend']['read_off'])->toBe($sheet['stations']['read_off'])
            ->and(array_column($plan['blend']['stations'], 'offset'))->toBe(array_column($sheet['stations']['front'], 'move'), $name)
            ->and(array_column($plan['work'], 'text'))->toBe(array_column($sheet['steps'], 'text'), $name);

        $words = $bare(pdfWords($file('cut-sheet.pdf')));
        foreach ($sheet['steps'] as $step) {
            expect($words)->toContain($bare($step['short']));
            foreach ($step['done_in'] === null ? $step['amounts'] : [] as $amount) {
                // What lies on a printed line is told by it.
                expect($words)->toContain(abs($amount['amount']) < ($sheet['unit'] === 'in' ? 0.03125 : 0.1) ? $bare("{$amount['at']}, {$amount['edge']}") : $bare($amount['shown'].$amount['other']));
            }
        }
        foreach ($sheet['pieces'] as $piece) {
            expect($words)->toContain($bare($piece['name']));
        }
        foreach ($sheet['lines'] as $line) {
            expect(array_column($page['levels'], 'front', 'level')[$line['level']])->toBe("line {$line['front']}", $name);
        }
    }
});
