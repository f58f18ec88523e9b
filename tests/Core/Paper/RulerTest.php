<?php

declare(strict_types=1);

use Underbolt\Paper\Drawing;
use Underbolt\Paper\Label;
use Underbolt\Paper\NoStrip;
use Underbolt\Paper\Path;
use Underbolt\Paper\Pen;
use Underbolt\Paper\Ruler;
use Underbolt\Planning\Plan;
use Underbolt\Work\Steps\StepKind;
use Underbolt\Work\Told\SleeveEdge;
use Underbolt\Work\Told\ToldLine;
use Underbolt\Work\Told\ToldStation;
use Underbolt\Work\WorkPlan;

use function Tests\Core\cm;
use function Tests\Core\planOf;

function rulerOf(Plan $plan, ?float $allowanceCm = null, float $lengthMm = Ruler::LENGTH_MM): Ruler
{
    return Ruler::of($plan, WorkPlan::of($plan), 'Rosenwyn', $allowanceCm === null ? null : cm($allowanceCm), $lengthMm);
}

/** @return list<array{float, float}> how far each bar goes from its tick, by its height, in the order in which they were drawn */
function barsOf(Drawing $drawing): array
{
    $bars = array_filter($drawing->paths, static fn (Path $path): bool => $path->pen === Pen::Cut);

    return array_values(array_map(static fn (Path $path): array => [$path->cubics[0]->start->yMm, round($path->cubics[0]->end->xMm - $path->cubics[0]->start->xMm, 6)], $bars));
}

/** @return list<string> */
function saidOn(Drawing $drawing): array
{
    return array_map(static fn (Label $label): string => $label->text, $drawing->labels);
}

test('each bar is as long as the move that is told there, and stands as deep', function (array $changes): void {
    $plan = planOf($changes);
    $line = ToldLine::of($plan, $plan->stationTable());
    $wanted = [];
    foreach ($line->isAlike ? [$line->front] : [$line->front, $line->back] as $side) {
        $moved = array_filter($side->stations, static fn (ToldStation $one): bool => ! $one->told->isOn && $plan->make->canBeDone($one->told->move) && $one->station->depth->nanometres <= 40e7);
        array_push($wanted, ...array_map(static fn (ToldStation $one): float => round($one->told->move->nanometres / 1e6, 6), $moved));
    }
    $bars = array_column(barsOf(rulerOf($plan, lengthMm: 1000)->whole()), 1);
    expect($bars)->toBe(array_values($wanted))->and($bars)->not->toBe([]);
})->with([
    'two steps' => [['body.waist' => 78, 'body.hip' => 107]],
    'a bust adjustment' => [['body.high_bust' => 86, 'body.full_bust' => 95, 'choices.lead' => 'high_bust']],
    'front and back unlike' => [['choices.front_larger' => ['bust' => 1, 'waist' => 1], 'body.hip' => 107]],
    'by hand' => [['choices.by_hand' => ['hip' => ['front' => 1.1, 'back' => -0.4]]]],
]);

test('one length stands beside the next, joined by its letter, and what holds to the hem is told once', function (): void {
    $plan = planOf(['body.waist' => 78, 'body.hip' => 107]);
    $said = saidOn(rulerOf($plan)->whole());
    expect($said)->toContain('FRONT AND BACK', 'part 1 of 2', 'part 2 of 2', 'underarm 0 cm', 'waist 20 cm', 'hip 40 cm', 'on line 12', 'to the hem the same', 'zero at the underarm of line 12,', 'on the paper as printed', '5 cm', 'side seam >')
        ->and(array_values(array_filter($said, static fn (string $one): bool => $one === 'A')))->toHaveCount(2)
        ->and(rulerOf($plan)->pages(190, 300))->toHaveCount(1)->and(rulerOf($plan)->pages(100, 300))->toHaveCount(2)->and(rulerOf($plan)->pages(100, 600))->toHaveCount(1);
    $skirt = saidOn(rulerOf(planOf(['pattern.garment' => 'skirt', 'body.hip' => 107, 'pattern.seam.underarm_to_waist' => null]))->whole());
    expect($skirt)->toContain('waist 0 cm')->and(implode(' ', $skirt))->toContain('zero at the waist of')->not->toContain('underarm');
});

test('bars stand alone: nothing joins them that could be taken for a seam, and an allowance is a mark beyond each', function (): void {
    $with = rulerOf(planOf(['body.waist' => 87]), 1.5)->whole();
    $ends = static fn (Drawing $drawing): array => array_values(array_map(static fn (Path $path): float => $path->cubics[0]->end->xMm, array_filter($drawing->paths, static fn (Path $path): bool => $path->pen === Pen::Cut)));
    $beyond = array_values(array_filter($with->paths, static fn (Path $path): bool => $path->group === 'front-and-back-cut'));
    foreach ($with->paths as $path) {
        // Level or upright, but for the heads of arrows.
        [$from, $to] = [$path->cubics[0]->start, $path->cubics[0]->end];
        expect(min(abs($to->xMm - $from->xMm), abs($to->yMm - $from->yMm)))->toBeLessThan(3.0);
    }
    expect(count($beyond))->toBeGreaterThan(10)
        ->and(min(array_map(static fn (float $end): float => min(array_map(static fn (Path $mark): float => abs($mark->cubics[0]->start->xMm - $end - 15.0), $beyond)), $ends($with))))->toBeLessThan(1e-9);
    $inches = planOf([]);
    $make = new Underbolt\Planning\Asked\Make(Underbolt\Measure\Unit::Inch, $inches->make->body, $inches->make->pattern, $inches->make->choices);
    expect(saidOn(rulerOf(Underbolt\Planning\PlanBuilder::build($make))->whole()))->toContain('2 in');
});

test('a short part stands below another, not on a page of its own', function (): void {
    $plan = planOf(['choices.by_hand' => ['bust' => ['front' => 0.5, 'back' => 0.5]], 'pattern.pieces' => [['name' => 'sleeve']], 'pattern.body_chart.bicep' => [28, 29, 30, 31, 32, 33], 'body.bicep' => 34]);
    expect(rulerOf($plan, lengthMm: 225)->pages(190, 272))->toHaveCount(1)->and(saidOn(rulerOf($plan, lengthMm: 225)->pages(190, 272)[0]))->toContain('SLEEVE BOTH EDGES');
});

test('no mark lies outside the ruler, whatever the line', function (array $changes): void {
    $drawing = rulerOf(planOf($changes), 1.5)->whole();
    foreach ($drawing->paths as $path) {
        foreach ($path->cubics as $cubic) {
            expect($cubic->end->xMm)->toBeGreaterThanOrEqual(0)->toBeLessThanOrEqual($drawing->widthMm)
                ->and($cubic->end->yMm)->toBeGreaterThanOrEqual(0)->toBeLessThanOrEqual($drawing->heightMm);
        }
    }
})->with([[['body.waist' => 87, 'body.hip' => 91]], [['choices.by_hand' => ['bust' => ['front' => 4, 'back' => -4]]]]]);

test('without a depth there is no ruler, and it says so', function (): void {
    expect(static fn () => rulerOf(planOf(['pattern.seam' => ['seam_allowance' => 1.5]])))->toThrow(NoStrip::class);
});

test('front and back unlike each have their own zero, and a seam that leans is marked square to it', function (): void {
    $unlike = saidOn(rulerOf(planOf(['choices.front_larger' => ['bust' => 1]]))->whole());
    expect($unlike)->toContain('zero at the underarm of line 14,', 'zero at the underarm of line 10,')
        ->and(implode(' ', saidOn(rulerOf(planOf(['pattern.seam.leans' => true]))->whole())))->toContain("mark at the bar's end, turned square to the seam: it leans.");
});

test('the sleeve has a length of its own, with the bar that its steps add up to', function (): void {
    $sleeve = ['pattern.pieces' => [['name' => 'sleeve']], 'pattern.body_chart.bicep' => [28, 29, 30, 31, 32, 33], 'body.bicep' => 34];
    $changes = ['choices.by_hand' => ['bust' => ['front' => 0.5, 'back' => 0.5]]];
    $work = WorkPlan::of(planOf($changes + $sleeve));
    $moves = array_map(static fn (SleeveEdge $edge): int => $edge->move->nanometres, $work->sleeve);
    $said = saidOn(rulerOf(planOf($changes + $sleeve))->whole());
    expect($moves)->toHaveCount(2)->and($said)->toContain('SLEEVE BOTH EDGES', 'sleeve seam >', 'to nothing at the wrist')
        ->and(saidOn(rulerOf(planOf($changes))->whole()))->not->toContain('sleeve seam >');
    $steps = [];
    foreach ($work->steps as $step) {
        foreach ($step->kind === StepKind::Sleeve ? $step->applied : [] as $one) {
            $steps[] = $one->amount->nanometres / ($one->side === null ? 1 : 2);
        }
    }
    expect((float) $moves[0])->toEqual(array_sum($steps));
});
