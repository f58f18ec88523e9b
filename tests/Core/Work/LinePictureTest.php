<?php

declare(strict_types=1);

use Underbolt\Planning\Plan;
use Underbolt\Work\Pictures\LinePicture;
use Underbolt\Work\Told\ToldRow;
use Underbolt\Work\WorkPlan;

use function Tests\Core\planOf;

function linePicture(Plan $plan): ?LinePicture
{
    return LinePicture::of($plan, WorkPlan::of($plan)->line);
}

/** @return list<string> what is written in it, from the first to the last */
function written(LinePicture $picture): array
{
    $svg = simplexml_load_string($picture->svg());

    return $svg === false ? [] : array_map(strval(...), iterator_to_array($svg->text, false));
}

test('the picture says at each height what the table of marks says there', function (array $changes): void {
    $plan = planOf($changes);
    $picture = linePicture($plan) ?? throw new LogicException('there is a line to draw');
    $words = written($picture);
    $told = [];
    foreach (ToldRow::all(WorkPlan::of($plan)->line->front->stations) as $row) {
        if ($row->first->station->level !== null && $row->first->told !== null) {
            $told[] = $row->first->told->isOn ? "on {$plan->lineOf($row->first->told->size)}" : $plan->nameOf($row->first->told->size);
        }
    }
    expect($told)->not->toBe([]);
    foreach ($told as $one) {
        expect(implode('|', $words))->toContain($one);
    }
    expect($words)->toContain('underarm');
})->with([
    'two sizes' => [['choices.sizes' => ['bust' => '12', 'waist' => '14', 'hip' => '14']]],
    'let out' => [['body.waist' => 82]],
    'inches' => [['choices.sizes' => ['bust' => '10', 'waist' => '12', 'hip' => '14'], 'choices.by_hand' => ['waist' => ['front' => 1, 'back' => 1]]]],
]);

test('front and back unlike: the back is dashed, and its marks need the table', function (): void {
    $picture = linePicture(planOf(['choices.front_larger' => ['bust' => 1]]));
    expect($picture?->svg())->toContain('stroke-dasharray')->and($picture?->isWhole())->toBeFalse()->and($picture?->note())->toContain('The back is dashed')
        ->and(linePicture(planOf([]))?->svg())->not->toContain('stroke-dasharray');
});

test('where the paper is not measured there is no line to draw', function (): void {
    expect(linePicture(planOf(['pattern.seam' => (object) []])))->toBeNull();
});
