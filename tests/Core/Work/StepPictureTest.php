<?php

declare(strict_types=1);

use Underbolt\Measure\Unit;
use Underbolt\Work\Pictures\Pen;
use Underbolt\Work\Pictures\Picture;
use Underbolt\Work\Pictures\StepPicture;
use Underbolt\Work\Steps\Step;
use Underbolt\Work\Steps\StepKind;
use Underbolt\Work\WorkPlan;

use function Tests\Core\planOf;
use function Tests\Core\stepsOf;

/** @return list<float> how far out the made line stands at bust, waist and hip */
function madeAt(?Picture $picture): array
{
    $made = array_values(array_filter($picture->strokes ?? [], static fn (array $stroke): bool => $stroke[1] === Pen::Made));
    preg_match('/^M([\d.]+) 36C.* ([\d.]+) 54S[\d.]+ 64 ([\d.]+) 72L/', $made[0][0] ?? '', $found);

    return array_map(floatval(...), array_slice($found, 1));
}

/** What a fitting found on the side seam, an edge each: the one step that draws it. */
function drawnBy(float $bust, float $waist, float $hip): Step
{
    return stepsOf(planOf(['choices.by_hand' => array_map(static fn (float $move): array => ['front' => $move, 'back' => $move], ['bust' => $bust, 'waist' => $waist, 'hip' => $hip])]))['draw'];
}

test('the new line is drawn out where it goes out and in where it goes in, the largest change farthest', function (): void {
    $picture = StepPicture::of(drawnBy(0.3, -0.6, 0.6), Unit::Centimetre);
    expect(madeAt($picture))->toBe([60.5, 34.0, 69.0])
        ->and(array_column($picture->notes ?? [], 2))->toBe(['0.3 cm', '0.6 cm', '0.6 cm']);
});

test('paper that is made longer opens by a strip, paper that is made shorter lies over itself; the amount stands beside it', function (string $length, float $cm, int $lowest, string $words): void {
    $step = stepsOf(planOf(['choices.lengths' => [$length => $cm]]))["length-{$length}"];
    $picture = StepPicture::of($step, $words === '3/8 in' ? Unit::Inch : Unit::Centimetre);
    $lower = $picture->strokes[1][0] ?? '';
    preg_match_all('/ ([\d.]+)(?=[LH])/', $lower, $heights);
    expect((float) max($heights[1]))->toBe((float) $lowest)->and($picture->notes[0][2] ?? '')->toBe($words);
})->with([
    ['above_waist', 1.0, 94, '1 cm'],
    ['above_waist', -1.0, 78, '1 cm'],
    ['below_waist', 2.5, 94, '2.5 cm'],
    ['hem', -0.9525, 78, '3/8 in'],
]);

test('what is better said in words has no picture', function (): void {
    $halves = stepsOf(planOf(['choices.front_larger' => ['bust' => 1], 'pattern.pieces' => [['name' => 'front'], ['name' => 'back'], ['name' => 'sleeve'], ['name' => 'neck band']], 'choices.lengths' => ['sleeve' => 1]]));
    expect(StepPicture::of($halves['trace'], Unit::Centimetre))->toBeNull()->and(StepPicture::of($halves['length-sleeve'], Unit::Centimetre))->toBeNull()->and(StepPicture::of($halves['bands-12'], Unit::Centimetre))->toBeNull();
});

test('a picture is an SVG by itself, and every step of a worked make has amounts as its words have them', function (): void {
    $plan = planOf(['body.waist' => 82, 'body.hip' => 107, 'body.underarm_to_waist' => 22]);
    $work = WorkPlan::of($plan);
    $drawn = array_filter(array_map(static fn (Step $step): ?Picture => StepPicture::of($step, $plan->make->unit), $work->steps));
    expect(count($drawn))->toBeGreaterThan(1);
    foreach ($drawn as $at => $picture) {
        $svg = simplexml_load_string($picture->svg());
        expect($svg)->not->toBeFalse()->and(count($svg->path ?? []))->toBe(count($picture->strokes));
        foreach ($work->steps[$at]->kind === StepKind::Length ? $picture->notes : [] as $note) {
            expect($work->steps[$at]->short)->toContain($note[2]);
        }
    }
});
