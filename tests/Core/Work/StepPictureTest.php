<?php

declare(strict_types=1);

use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;
use Underbolt\Work\Pictures\Pen;
use Underbolt\Work\Pictures\Picture;
use Underbolt\Work\Pictures\StepPicture;
use Underbolt\Work\Steps\Step;
use Underbolt\Work\Steps\StepAmount;
use Underbolt\Work\Steps\StepKind;
use Underbolt\Work\WorkPlan;

use function Tests\Core\planOf;

/** @param  array<string, float>  $cm  by place */
function stepOf(StepKind $kind, array $cm, string $id = 'one'): Step
{
    $amounts = array_map(
        static fn (string $at, float $by): StepAmount => new StepAmount($at, 'front', $kind === StepKind::Length ? StepAmount::ACROSS : 'each edge', Length::ofNanometres((int) round($by * 1e7))),
        array_keys($cm),
        array_values($cm),
    );

    return new Step(id: $id, kind: $kind, short: 'So.', amounts: $amounts);
}

/** @return list<float> how far out the made line stands at bust, waist and hip */
function madeAt(?Picture $picture): array
{
    $made = array_values(array_filter($picture->strokes ?? [], static fn (array $stroke): bool => $stroke[1] === Pen::Made));
    preg_match('/^M([\d.]+) 36C.* ([\d.]+) 54S[\d.]+ 64 ([\d.]+) 72L/', $made[0][0] ?? '', $found);

    return array_map(floatval(...), array_slice($found, 1));
}

test('the new line is drawn out where it goes out and in where it goes in, the largest change farthest', function (): void {
    $printed = madeAt(StepPicture::of(stepOf(StepKind::Trace, []), Unit::Centimetre));
    expect($printed)->toBe([54.0, 47.0, 56.0]);
    $picture = StepPicture::of(stepOf(StepKind::Draw, ['bust' => 0.3, 'waist' => -0.6, 'hip' => 0.6, 'hem' => 9]), Unit::Centimetre);
    expect(madeAt($picture))->toBe([60.5, 34.0, 69.0])
        ->and(array_column($picture->notes ?? [], 2))->toBe(['0.3 cm', '0.6 cm', '0.6 cm']);
});

test('paper that is made longer opens by a strip, paper that is made shorter lies over itself; the amount stands beside it', function (string $id, float $cm, int $lowest, string $words): void {
    $picture = StepPicture::of(stepOf(StepKind::Length, ['above waist' => $cm], $id), $words === '3/8 in' ? Unit::Inch : Unit::Centimetre);
    $lower = $picture->strokes[1][0] ?? '';
    preg_match_all('/ ([\d.]+)(?=[LH])/', $lower, $heights);
    expect((float) max($heights[1]))->toBe((float) $lowest)->and($picture->notes[0][2] ?? '')->toBe($words);
})->with([
    ['length-above_waist', 1.0, 94, '1 cm'],
    ['length-above_waist', -1.0, 78, '1 cm'],
    ['length-below_waist', 2.5, 94, '2.5 cm'],
    ['length-hem', -0.9525, 78, '3/8 in'],
]);

test('what is better said in words has no picture, and none stands on a line of a nest', function (): void {
    expect(StepPicture::of(stepOf(StepKind::Finding, ['waist' => 1.0]), Unit::Centimetre))->toBeNull()
        ->and(StepPicture::of(stepOf(StepKind::Length, ['sleeve' => 1.0], 'length-sleeve'), Unit::Centimetre))->toBeNull()
        ->and(StepPicture::of(stepOf(StepKind::Sleeve, []), Unit::Centimetre))->toBeNull();
});

test('a picture is an SVG by itself, and every step of a worked make has amounts as its words have them', function (): void {
    $plan = planOf(['body.waist' => 82, 'body.hip' => 107, 'body.underarm_to_waist' => 22]);
    $work = WorkPlan::of($plan);
    $drawn = array_filter(array_map(static fn (Step $step): ?Picture => StepPicture::of($step, $plan->make->unit), $work->steps));
    expect(count($drawn))->toBeGreaterThan(2);
    foreach ($drawn as $at => $picture) {
        $svg = simplexml_load_string($picture->svg());
        expect($svg)->not->toBeFalse()->and(count($svg->path ?? []))->toBe(count($picture->strokes));
        foreach ($work->steps[$at]->kind === StepKind::Length ? $picture->notes : [] as $note) {
            expect($work->steps[$at]->short)->toContain($note[2]);
        }
    }
});
