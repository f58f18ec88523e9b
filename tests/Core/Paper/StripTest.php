<?php

declare(strict_types=1);

use Underbolt\Paper\Cubic;
use Underbolt\Paper\Drawing;
use Underbolt\Paper\Label;
use Underbolt\Paper\NoStrip;
use Underbolt\Paper\PaperPoint;
use Underbolt\Paper\Path;
use Underbolt\Paper\Strip;
use Underbolt\Paper\StripLine;
use Underbolt\Paper\StripShape;
use Underbolt\Planning\Plan;
use Underbolt\Seam\Curve;
use Underbolt\Seam\CutLine;
use Underbolt\Seam\SeamDrawing;
use Underbolt\Seam\Station;

use function Tests\Core\planOf;

/** A strip whose lines are drawn from the plan's girths, in the place of those that a nest would give. */
function strip(Plan $plan, StripLine $line = StripLine::Seam): Drawing
{
    $seam = SeamDrawing::of($plan->front, $plan->back, $plan->situation->measured(), $plan->cutSizes());
    $shape = static fn (CutLine $cut, Curve $curve, array $stations): StripShape => new StripShape($cut->sizes, $cut->depths, $curve, array_intersect_key($seam->lines, array_flip($cut->sizes->known())), $stations);

    return Strip::of($plan, 'Rosenwyn', $line, [
        $shape($plan->front, $seam->front, withinDrawing($plan->stations(), $plan)),
        $shape($plan->back, $seam->back ?? $seam->front, withinDrawing($plan->backStations() ?? $plan->stations(), $plan)),
    ]);
}

/**
 * Those that lie on it: it ends 8 cm below the hip.
 *
 * @param  list<Station>  $stations
 * @return list<Station>
 */
function withinDrawing(array $stations, Plan $plan): array
{
    $end = $plan->front->depths->hip->nanometres + 80_000_000;

    return array_values(array_filter($stations, static fn (Station $station): bool => $station->depth->nanometres <= $end));
}

/** @return list<string> what its sides are called in it: front and back, or both at once */
function sidesOf(Drawing $drawing): array
{
    return in_array('front-and-back-levels', $drawing->groups(), true) ? ['front-and-back'] : ['front', 'back'];
}

/** The one path of a group. */
function pathOf(Drawing $drawing, string $group): Path
{
    $paths = array_values(array_filter($drawing->paths, static fn (Path $path): bool => $path->group === $group));
    expect($paths)->toHaveCount(1, $group);

    return $paths[0];
}

function pointOn(Cubic $cubic, float $t): PaperPoint
{
    $at = static fn (float $a, float $b, float $c, float $d): float => (1 - $t) ** 3 * $a + 3 * (1 - $t) ** 2 * $t * $b
        + 3 * (1 - $t) * $t ** 2 * $c + $t ** 3 * $d;

    return new PaperPoint(
        $at($cubic->start->xMm, $cubic->leaving->xMm, $cubic->arriving->xMm, $cubic->end->xMm),
        $at($cubic->start->yMm, $cubic->leaving->yMm, $cubic->arriving->yMm, $cubic->end->yMm),
    );
}

/** Where a line that runs down is at a height, found by halving. */
function acrossAt(Path $path, float $yMm): float
{
    foreach ($path->cubics as $cubic) {
        if ($yMm < $cubic->start->yMm - 1e-6 || $yMm > $cubic->end->yMm + 1e-6) {
            continue;
        }
        [$low, $high] = [0.0, 1.0];
        for ($turn = 0; $turn < 60; $turn++) {
            $middle = ($low + $high) / 2;
            pointOn($cubic, $middle)->yMm < $yMm ? $low = $middle : $high = $middle;
        }

        return pointOn($cubic, $low)->xMm;
    }

    throw new LogicException("The line is not at {$yMm} mm.");
}

/** @return list<string> the words of a group */
function wordsOf(Drawing $drawing, string $group): array
{
    $labels = array_filter($drawing->labels, static fn (Label $label): bool => $label->group === $group);

    return array_values(array_map(static fn (Label $label): string => $label->text, $labels));
}

/** The height of a level's line across the strip. */
function heightOf(Drawing $drawing, string $side, int $level): float
{
    $lines = array_values(array_filter($drawing->paths, static fn (Path $path): bool => $path->group === "{$side}-levels"));

    return $lines[$level]->cubics[0]->start->yMm;
}

dataset('plans', [
    'two steps' => [['body.waist' => 78, 'body.hip' => 107]],
    'taken in and let out' => [['body.waist' => 76.4, 'choices.sizes' => ['waist' => '12'], 'choices.take' => ['waist' => 'in_line']]],
    'a bust adjustment' => [['body.high_bust' => 86, 'body.full_bust' => 96, 'choices.lead' => 'high_bust']],
    'slashed, front alone' => [['body.high_bust' => 86, 'body.full_bust' => 96, 'choices.lead' => 'high_bust', 'choices.method' => 'slash']],
    'front and back unlike' => [['choices.front_larger' => ['bust' => 1, 'waist' => 1], 'body.hip' => 107]],
    'straight' => [['body.waist' => 78, 'body.hip' => 107, 'choices.blend' => 'straight']],
    'lengthened first, stations apart' => [['body.waist' => 78, 'body.underarm_to_waist' => 23, 'choices.station_every' => 1.7]],
    'by hand' => [['choices.by_hand' => ['hip' => ['front' => 1.1, 'back' => -0.4]]]],
]);

test('at each station the drawn line stands at its move from the printed line, within 0.05 mm', function (array $changes): void {
    $plan = planOf($changes);
    $drawing = strip($plan);
    $places = array_flip($plan->make->pattern->sizes);
    foreach (sidesOf($drawing) as $side) {
        $all = $side === 'back' ? $plan->backStations() ?? $plan->stations() : $plan->stations();
        $stations = withinDrawing($all, $plan);
        $underarm = heightOf($drawing, $side, 0);
        $cut = pathOf($drawing, "{$side}-cut");
        foreach ($stations as $station) {
            $y = $underarm + $station->depth->nanometres / 1e6;
            $from = acrossAt(pathOf($drawing, "{$side}-line-{$places[$station->from]}"), $y);
            expect(acrossAt($cut, $y) - $from)->toEqualWithDelta($station->move->nanometres / 1e6, 0.05, "{$side} at {$y}");
        }
    }
    expect(count($plan->stations()))->toBeGreaterThan(30);
})->with('plans');

test('with the seam allowance the line that is cut runs beside the seam, everywhere as far', function (array $changes): void {
    $plan = planOf($changes + ['pattern.seam.seam_allowance' => 1.5]);
    $drawing = strip($plan, StripLine::WithAllowance);
    foreach (sidesOf($drawing) as $side) {
        $seam = pathOf($drawing, "{$side}-seam");
        $points = [];
        foreach ($seam->cubics as $cubic) {
            foreach (range(0, 40) as $share) {
                $points[] = pointOn($cubic, $share / 40);
            }
        }
        foreach (pathOf($drawing, "{$side}-cut")->cubics as $index => $cubic) {
            if ($index % 12 === 6) {
                $apart = min(array_map(static fn (PaperPoint $one): float => hypot($one->xMm - $cubic->start->xMm, $one->yMm - $cubic->start->yMm), $points));
                expect($apart)->toEqualWithDelta(15.0, 0.05);
            }
        }
    }
})->with('plans');

test('the strip names what is on it: lines, levels, depths, moves, and which way the centre lies', function (): void {
    $drawing = strip(planOf(['body.waist' => 78, 'body.hip' => 107]));
    expect(wordsOf($drawing, 'front-and-back-line-2'))->toBe(['line 12'])->and(wordsOf($drawing, 'front-and-back-line-4'))->toBe(['line 16'])
        ->and(wordsOf($drawing, 'front-and-back-levels'))->toBe(['underarm', 'waist, 20 cm', 'hip, 40 cm', 'hem, cut edge'])
        ->and(wordsOf($drawing, 'front-and-back-stations'))->toContain('2.5 cm', 'out 0.5 cm')
        ->and(wordsOf($drawing, 'front-and-back-grain'))->toBe(['< centre front and back'])
        ->and(implode(' ', wordsOf($drawing, 'front-and-back-title')))->toContain(
            'FRONT AND BACK',
            'underarm on underarm, on the paper as it is printed',
            'no allowance',
            'counted from line 12 down to the waist, from line 14 below it, read off the pattern\'s own lines',
        )
        ->and(array_filter($drawing->groups(), static fn (string $group): bool => str_contains($group, '-line-5')))->toBe([]);
});

test('the strip reaches as far down as its lines, and no mark lies outside it', function (array $changes): void {
    $plan = planOf($changes + ['pattern.seam.seam_allowance' => 1.5]);
    $drawing = strip($plan, StripLine::WithAllowance);
    $down = array_slice(pathOf($drawing, sidesOf($drawing)[0].'-seam')->cubics, -1)[0]->end->yMm - heightOf($drawing, sidesOf($drawing)[0], 0);
    expect($down)->toEqualWithDelta($plan->front->depths->hip->nanometres / 1e6 + 80, 0.001);
    foreach ($drawing->paths as $path) {
        foreach ($path->cubics as $cubic) {
            expect($cubic->end->xMm)->toBeGreaterThanOrEqual(0)->toBeLessThanOrEqual($drawing->widthMm)
                ->and($cubic->end->yMm)->toBeGreaterThanOrEqual(0)->toBeLessThanOrEqual($drawing->heightMm);
        }
    }
})->with('plans');

test('front and back that are alike are drawn once; else there are 30 mm for the moves right of the outermost line, and 16 mm to the back', function (array $changes): void {
    $plan = planOf($changes);
    $drawing = strip($plan);
    expect(sidesOf($drawing))->toHaveCount($plan->front->isLike($plan->back) ? 1 : 2);
    if (sidesOf($drawing) === ['front-and-back']) {
        expect(wordsOf($drawing, 'front-and-back-title')[0])->toBe('FRONT AND BACK');

        return;
    }
    $outermost = 0.0;
    foreach ($drawing->paths as $path) {
        if (preg_match('/^front-(line-\d+|cut)$/', $path->group) === 1) {
            $outermost = max([$outermost, ...array_map(static fn ($cubic): float => max($cubic->start->xMm, $cubic->end->xMm), $path->cubics)]);
        }
    }
    $back = array_values(array_filter($drawing->labels, static fn (Label $label): bool => $label->group === 'back-title'));
    expect($back[0]->xMm - $outermost)->toEqualWithDelta(46.0, 0.5);
})->with('plans');

test('sizes that are hidden are called by the place of their line', function (): void {
    $hidden = planOf(['body.waist' => 78]);
    $make = $hidden->make;
    $plan = Underbolt\Planning\PlanBuilder::build(
        new Underbolt\Planning\Asked\Make($make->unit, $make->body, $make->pattern->withLinesCounted(), $make->choices),
    );
    expect(wordsOf(strip($plan), 'front-and-back-line-3'))->toBe(['the fourth line from the inside']);
});

test('what can\'t be drawn is told', function (array $changes, StripLine $line, string $field): void {
    try {
        strip(planOf($changes), $line);
        $faults = [];
    } catch (NoStrip $refused) {
        $faults = $refused->faults();
    }
    expect(array_map(static fn ($fault): string => $fault->field, $faults))->toBe([$field]);
})->with([
    'no allowance' => [[], StripLine::WithAllowance, 'pattern.seam.seam_allowance'],
]);
