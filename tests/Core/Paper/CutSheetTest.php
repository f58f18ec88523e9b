<?php

declare(strict_types=1);

use Underbolt\Advice\Cautions;
use Underbolt\CutSheet\CutSheet;
use Underbolt\CutSheet\Done;
use Underbolt\CutSheet\StepKey;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\CountedLines;
use Underbolt\Planning\Asked\Make;
use Underbolt\Planning\Plan;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Work\Steps\Step;
use Underbolt\Work\Told\ToldRow;
use Underbolt\Work\Told\ToldStation;

use function Tests\Core\cm;
use function Tests\Core\planOf;
use function Tests\Core\stepsOf;

function hiddenPlan(Plan $plan): Plan
{
    return PlanBuilder::build(new Make($plan->make->unit, $plan->make->body, $plan->make->pattern->withLinesCounted(), $plan->make->choices));
}

function sheetOf(Plan $plan): CutSheet
{
    return CutSheet::of($plan);
}

test('level by level the sheet says which line to follow and what is done there', function (array $changes, string $level, string $front, string $back, array $done): void {
    $levels = array_column(array_map(
        static fn ($one): array => ['level' => $one->level->value, 'of' => $one],
        sheetOf(planOf($changes))->levels,
    ), 'of', 'level');
    expect([$levels[$level]->front, $levels[$level]->back, array_map(static fn (Done $done): string => $done->text, $levels[$level]->done)])->toBe([$front, $back, $done]);
})->with([
    'as printed' => [[], 'waist', 'line 12', 'line 12', []],
    'in the line' => [
        ['body.waist' => 77.6, 'choices.sizes' => ['waist' => '12'], 'choices.take' => ['waist' => 'in_line']],
        'waist', 'line 12', 'line 12', ['each edge 0.9 cm out'],
    ],
    'in the seam' => [
        ['body.waist' => 73, 'choices.sizes' => ['waist' => '12']], 'waist', 'line 12', 'line 12', ['each edge sewn 0.25 cm deeper'],
    ],
    'left' => [
        ['body.waist' => 72, 'choices.sizes' => ['waist' => '12'], 'choices.take' => ['waist' => 'leave']],
        'waist', 'line 12', 'line 12', ['2 cm too much, left'],
    ],
    'at the centre back' => [
        ['body.waist' => 72, 'choices.sizes' => ['waist' => '12'], 'choices.centre_back' => ['waist' => 2]],
        'waist', 'line 12', 'line 12', ['centre back edges 1 cm in'],
    ],
    'for the bust' => [
        ['body.high_bust' => 91, 'body.full_bust' => 96, 'choices.lead' => 'high_bust_as_is'], 'bust', 'line 12', 'line 12',
        ['each edge 1 cm out'],
    ],
    'front and back unlike, and by hand' => [
        ['choices.front_larger' => ['hip' => 1], 'choices.by_hand' => ['hip' => ['front' => 0.5]]],
        'hip', 'line 14', 'line 10', ['front edges 0.5 cm out', 'back edges on line 10'],
    ],
]);

test('a step keeps its key as long as it is the same step, in whatever unit, with sizes shown or hidden', function (): void {
    $keys = static fn (Plan $plan): array => array_map(StepKey::of(...), array_values(array_intersect_key(stepsOf($plan), ['length-above_waist' => 1, 'draw' => 1])));
    $changes = ['body.waist' => 78, 'body.underarm_to_waist' => 22, 'pattern.pieces' => [['name' => 'front'], ['name' => 'back']]];
    $plan = planOf($changes);
    expect($keys(hiddenPlan($plan)))->toBe($keys($plan))->and($keys($plan))->toHaveCount(2)
        ->and($keys($plan)[0])->toMatch('/^length-above_waist-[0-9a-f]{8}$/');
    [$length, $draw] = $keys($plan);
    [$longer, $sameDraw] = $keys(planOf(['body.underarm_to_waist' => 22.5] + $changes));
    [$sameLength, $otherDraw] = $keys(planOf(['body.waist' => 82] + $changes));
    expect($longer)->not->toBe($length)->and($sameLength)->toBe($length)->and($sameDraw)->toBe($draw)->and($otherDraw)->not->toBe($draw);
});

test('stations that say the same are one row, but a level begins a row of its own', function (array $changes, array $told): void {
    $plan = planOf($changes);
    $rows = ToldRow::all(sheetOf($plan)->work->line->front->stations);
    $at = static fn (ToldStation $one): float => $one->station->depth->nanometres / 1e7;
    expect(array_map(static fn (ToldRow $row): string => trim(implode(' ', [
        $row->first->station->level, $at($row->first), $row->isToHem ? 'to hem' : ($row->until === null ? '' : "to {$at($row->until)}"),
        $plan->nameOf($row->first->told->size), $row->first->told->isOn ? 'on' : $row->first->told->move->nanometres / 1e7,
    ])), $rows))->toBe($told)->and(ToldRow::all([]))->toBe([]);
})->with([
    'one line' => [[], ['bust 0 to 17.5 12 on', 'waist 20 to 37.5 12 on', 'hip 40 to hem 12 on']],
    // Four sizes up from 12 the way from line to line is told by the nearer of the two that blend, and where it lies on one, by that.
    'a blend' => [['body.waist' => 82, 'choices.blend' => 'straight', 'choices.station_every' => 5], ['bust 0  12 0', '5  12 0.5', '10  12 1', '15  16 -0.5', 'waist 20  16 0', '25  16 -0.2857143', '30  16 -0.8571429', '35  12 0.5714286', 'hip 40 to hem 12 on']],
    'let out to the next line' => [['choices.by_hand' => ['hip' => ['front' => 1, 'back' => 1], 'waist' => ['front' => 1, 'back' => 1], 'bust' => ['front' => 1, 'back' => 1]]], ['bust 0 to 17.5 14 on', 'waist 20 to 37.5 14 on', 'hip 40 to hem 14 on']],
]);

test('what to try first follows what is not known and what is changed much', function (array $changes, string $says): void {
    expect(sheetOf(planOf($changes))->toile)->toContain($says);
})->with([
    'nothing' => [[], 'No toile is needed'],
    'no finished figure' => [['pattern.finished.full_bust' => null], 'whose finished figure is not known'],
    'the bust' => [['body.high_bust' => 91, 'body.full_bust' => 96, 'choices.lead' => 'high_bust_as_is'], 'the bust is adjusted'],
    'far apart, nothing moved' => [['body.waist' => 87], 'its sizes lie far apart'],
    'moved far' => [['choices.by_hand' => ['waist' => ['front' => 5, 'back' => 5]]], 'far from the paper'],
    'two sizes' => [['body.waist' => 82], 'the blend crosses 2 sizes'],
]);

test('hidden sizes are counted from the inside, within the lines that are drawn together', function (): void {
    $pattern = planOf([])->make->pattern;
    expect(CountedLines::of($pattern)[2])->toBe('the third line from the inside')
        ->and($pattern->withLinesCounted()->lineOf(2))->toBe('the third line from the inside')->and($pattern->lineOf(2))->toBe('line 12');
    $two = planOf(['pattern.ranges' => [
        ['name' => 'misses', 'sizes' => ['8', '10', '12'], 'draft' => 'misses'], ['name' => 'women', 'sizes' => ['14', '16', '18'], 'draft' => 'women'],
    ]])->make->pattern;
    expect(CountedLines::of($two)[3])->toBe('the first line from the inside of the second set');
    $many = array_map(strval(...), range(1, 24));
    $row = static fn (int $first): array => range($first, $first + 46, 2);
    $nest = planOf([
        'pattern.sizes' => $many, 'pattern.finished' => null, 'body' => ['full_bust' => 80, 'waist' => 60, 'hip' => 84],
        'pattern.body_chart' => ['full_bust' => $row(70), 'waist' => $row(52), 'hip' => $row(76)],
    ])->make->pattern;
    expect(CountedLines::of($nest)[12])->toBe('the 13th line from the inside')->and(array_slice(CountedLines::of($nest), 20))->toBe([
        'the 21st line from the inside', 'the 22nd line from the inside', 'the 23rd line from the inside', 'the 24th line from the inside',
    ]);
});

test('with sizes hidden no sentence of the sheet names one', function (): void {
    $plan = hiddenPlan(planOf([
        'body' => ['full_bust' => 92, 'waist' => 82, 'hip' => 107], 'choices.front_larger' => ['bust' => 1],
        'pattern.pieces' => [['name' => 'front'], ['name' => 'back']],
    ]));
    $sheet = sheetOf($plan);
    $said = implode("\n", [
        $sheet->headline, $sheet->toile, ...array_map(static fn (Step $step): string => $step->text(), $sheet->work->steps), ...$sheet->work->spoken(),
        ...array_map(static fn ($caution): string => $caution->text, Cautions::of($plan)),
        ...array_map(static fn ($level): string => "{$level->front} {$level->back}", $sheet->levels),
        ...array_map(static fn ($station): string => "{$station->from} {$station->to}", $plan->stations()),
    ]);
    expect($said)->not->toMatch('/\b(?:8|10|12|14|16|18)\b(?! ?cm)/')->toContain('the third line from the inside')
        ->not->toContain('line the ')
        ->and($plan->at(Level::Waist)->asCut)->toEqual(cm(87));
});

test('a level that isn’t measured yet is told once, not row after row, and the first step says what the line does there', function (array $changes, int $rows, string $says): void {
    $sheet = CutSheet::of(planOf($changes));
    expect(count(ToldRow::all($sheet->work->line->front->stations)))->toBe($rows)
        ->and(implode(' ', $sheet->work->steps[0]->how))->toContain($says);
})->with([
    'a hip, of trousers' => [['pattern.garment' => 'trousers', 'body.hip' => null], 3, "The hip isn't measured yet: until it is, the line there only goes on from the levels beside it."],
    'a waist that nothing lies above' => [['pattern.garment' => 'trousers', 'body.waist' => null], 3, "The waist isn't measured yet, and where the line lies there isn't known: measure it before you cut."],
]);
