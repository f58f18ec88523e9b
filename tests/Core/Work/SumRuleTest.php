<?php

declare(strict_types=1);

use Tests\Support\RandomMake;
use Tests\Support\Runs;
use Tests\Support\SumRule;
use Underbolt\File\MakeReader;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Planning\Plan;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Refusal;
use Underbolt\Work\Steps\Applied;
use Underbolt\Work\WorkPlan;

/** @return array<int, array{Plan, WorkPlan, SumRule}> makes at random that can be planned, by their seed */
function randomWork(): array
{
    static $all = [];
    for ($seed = 1; count($all) < Runs::of(300); $seed++) {
        try {
            $plan = PlanBuilder::build(MakeReader::read(json_encode(RandomMake::of($seed), JSON_THROW_ON_ERROR)));
            $work = WorkPlan::of($plan);
            $all[$seed] ??= [$plan, $work, new SumRule($plan, $work)];
        } catch (Refusal) {
            // A choice that can't be carried out, such as too much at the centre back.
        }
    }

    return $all;
}

test('each edge of each piece counts once from a printed line at every level that it reaches, and ends at the line', function (): void {
    foreach (randomWork() as $seed => [, , $sum]) {
        expect($sum->atEdges())->toBe([], "seed {$seed}");
    }
});

test('a side that leaves one printed line for another, or for none, is drawn or adjusted; one that keeps to its line is not drawn', function (): void {
    foreach (randomWork() as $seed => [$plan, $work]) {
        $steps = array_column(array_map(static fn ($step): array => [$step->id, $step->short], $work->steps), 1, 0);
        foreach ([PieceSide::Front, PieceSide::Back] as $side) {
            $told = array_values(array_filter(array_column($work->line->side($side)->stations, 'told')));
            if ($told === [] || isset($steps['adjust'])) {
                continue;
            }
            $keeps = count(array_unique(array_column($told, 'size'))) === 1 && array_filter($told, static fn ($one): bool => $one->move->abs()->nanometres > 1_000_000) === [];
            $other = $side === PieceSide::Front ? 'on the back alone' : 'on the front alone';
            $isDrawn = isset($steps['draw']) && ! str_contains($steps['draw'], $other);
            // A change of a millimetre is drawn, and so is what lies beyond the stations.
            $keeps && $isDrawn ? expect($plan->front->depths->hip === null || in_array(1_000_000, array_map(static fn ($one): int => $one->move->abs()->nanometres, $told), true))->toBeTrue("seed {$seed} {$side->value}")
                : expect($isDrawn)->toBe(! $keeps, "seed {$seed} {$side->value}");
        }
    }
});

test('the one amount that the headline tells of a level is what the steps draw there', function (): void {
    $some = 0;
    foreach (randomWork() as $seed => [$plan, , $sum]) {
        expect(array_filter($sum->drawn()))->toBe([], "seed {$seed}");
        $some += count(array_filter($plan->levels, static fn ($level): bool => $level?->drawn->isZero() === false));
    }
    expect($some)->toBeGreaterThan(Runs::of(300) / 10);
});

test('what counts from a step counts from one that stands before it', function (): void {
    foreach (randomWork() as $seed => [, , $sum]) {
        expect($sum->inOrder())->toBe([], "seed {$seed}");
    }
});

test('all that is cut and sewn round the garment is what makes it as wide as the plan says', function (): void {
    $told = 0;
    foreach (randomWork() as $seed => [, , $sum]) {
        expect(array_filter($sum->round()))->toBe([], "seed {$seed}");
        $told += count($sum->round());
    }
    expect($told)->toBeGreaterThan(300);
});

test('the other edges and the centre back get what is shared out to each of them', function (): void {
    $told = 0;
    foreach (randomWork() as $seed => [$plan, , $sum]) {
        foreach (array_filter($plan->levels) as $level) {
            $beside = array_filter($sum->applied(), static fn (Applied $one): bool => $one->level === $level->facts->level && ! $one->isUp && ! in_array($one->edge, [Applied::SIDE, Applied::SIDE_NOTCH, 'armhole'], true));
            $edge = $level->passed->ease->front->nanometres - ($level->taken->perEdge->nanometres ?? 0);
            $centre = -intdiv($level->taken->centreBack->nanometres, 2);
            foreach ($beside as $one) {
                expect(min(abs($one->amount->nanometres - $edge), abs($one->amount->nanometres - $centre)))->toBeLessThanOrEqual(1, "{$one->piece}, seed {$seed}");
                $told++;
            }
        }
    }
    expect($told)->toBeGreaterThan(10);
});

test('a lining gets what its outer gets', function (): void {
    foreach (randomWork() as $seed => [, $work, $sum]) {
        foreach (Level::cases() as $level) {
            foreach (SumRule::SIDES as $side) {
                $got = array_map(static fn (Piece $piece): array => array_map(static fn (Applied $one): array => [$one->isSewn, $one->line, $one->amount->nanometres], [...$sum->entries($piece, $side, $level, false), ...$sum->entries($piece, $side, $level, true)]), $work->pieces->atSide($level, $side));
                expect(count(array_unique($got, SORT_REGULAR)))->toBeLessThanOrEqual(1, "{$level->value} {$side->value}, seed {$seed}");
            }
        }
    }
});
