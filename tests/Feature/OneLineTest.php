<?php

declare(strict_types=1);

use App\Models\User;
use Tests\Support\SumRule;
use Underbolt\Advice\Headline;
use Underbolt\Altering\Take;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\Plan;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Refusal;
use Underbolt\Seam\Station;
use Underbolt\Work\PieceCut;
use Underbolt\Work\Steps\Step;
use Underbolt\Work\WorkPlan;

/** @return array<string, Plan> every make of the demo that has a plan, by what it is of */
function demoPlans(): array
{
    $user = demoUser();
    $plans = [];
    foreach ($user->makes()->with(['pattern', 'card.readings', 'card.wearer'])->get() as $make) {
        try {
            $plans["{$make->card->wearer->name}, {$make->pattern->name}"] = PlanBuilder::build($make->toCore(Unit::Centimetre));
        } catch (Refusal) {
            continue;
        }
    }

    return $plans;
}

/** @param  list<Station>  $stations */
function stationAt(array $stations, Level $level): ?Station
{
    return array_values(array_filter($stations, static fn (Station $station): bool => $station->level === $level->value))[0] ?? null;
}

test('headline, table, stations, steps and pieces of every demo make say the same', function (): void {
    $plans = demoPlans();
    expect(count($plans))->toBeGreaterThan(11)->and(User::query()->count())->toBe(1);
    foreach ($plans as $name => $plan) {
        $headline = Headline::of($plan);
        $work = WorkPlan::of($plan);
        $sum = new SumRule($plan, $work);
        expect($sum->atEdges())->toBe([], $name)->and($sum->inOrder())->toBe([], $name)->and(array_filter($sum->round()))->toBe([], $name);
        $steps = implode("\n", array_map(static fn (Step $step): string => $step->text(), $work->steps));
        foreach (array_filter($plan->levels) as $level) {
            $at = $level->facts->level;
            $where = "{$name}, {$at->value}";
            expect($headline)->toContain($plan->nameOf($level->size));

            // The stations start from the printed line and end on it, and carry just what the table says is changed.
            foreach ([
                [$plan->stations(), $level->front, $level->change->front],
                [$plan->backStations() ?? $plan->stations(), $level->back, $level->change->back]] as [$stations,
                    $size,
                    $change,
                ]) {
                $station = stationAt($stations, $at);
                if ($station?->move === null) {
                    continue;
                }
                $reaches = $at === Level::Bust || $station->share->isZero() ? $station->from : $station->to;
                expect($reaches)->toBe($plan->nameOf($size), $where)
                    ->and($station->change)->toEqual($change, $where)
                    ->and($station->move)->toEqual($station->blend->plus($change), $where);
            }

            // What is taken in or let out is in the line or in a step, and the headline says what is drawn.
            if ($plan->make->canBeDone($level->drawn->dividedBy(4))) {
                expect($headline)->toMatch("/(the|and) {$at->value} (and hip )?".($level->drawn->isNegative() ? 'taken in' : 'let out')." {$plan->make->say($level->drawn->abs())}/");
            }
            if ($level->taken->take === Take::Sew && $plan->make->canBeDone($level->taken->perEdge)) {
                $place = $at === Level::Bust ? 'underarm' : $at->value;
                expect($steps)->toContain("At the {$place} sew the side seams");
            }
            if ($level->follows) {
                expect($level->change)->toEqual($level->passed->all()->plus($level->byHand->edges), $where);
            }
        }
        if ($plan->bust?->isMade() === true) {
            $total = $plan->make->say($plan->bust->total->abs());
            expect($headline)->toContain("{$total} added for the bust")->and($steps)->toContain("bust adjustment of {$total}");
        }

        // Pieces are cut in the sizes of the lines, front and back each in its own.
        foreach (PieceCut::all($plan, $work) as $piece) {
            expect(array_diff($piece->front ?? [], $plan->frontBack->front->known()))->toBe([], "{$name}, {$piece->piece->name}")
                ->and(array_diff($piece->back ?? [], $plan->frontBack->back->known()))->toBe([], "{$name}, {$piece->piece->name}");
            foreach ($piece->changes($plan) as $change) {
                expect($change)->toMatch('/ (in|out|up|down|longer|shorter|deeper|nearer the edge)$|^.* (on|in) (the )?(line|size)? ?\S/');
            }
        }
    }
});

test('the demo shows every kind of line there is', function (): void {
    $plans = demoPlans();
    $some = static fn (callable $is): int => count(array_filter($plans, $is));
    expect($some(static fn (Plan $plan): bool => $plan->bust?->isMade() === true))->toBeGreaterThan(0, 'a bust adjustment')
        ->and($some(static fn (Plan $plan): bool => $plan->backStations() !== null))->toBeGreaterThan(0, 'front and back unlike')
        ->and($some(static fn (Plan $plan): bool => ($plan->steps['bust_waist']->sizes ?? 0) > 2))->toBeGreaterThan(0, 'far apart')
        ->and($some(static fn (Plan $plan): bool => $plan->situation->isFree(Level::Hip)))->toBeGreaterThan(0, 'a free level')
        ->and(
            $some(
                static fn (Plan $plan): bool => array_filter(
                    array_filter($plan->levels),
                    static fn ($level): bool => $level->asCut !== null,
                ) === [],
            ),
        )->toBeGreaterThan(0, 'no finished figures');
});
