<?php

declare(strict_types=1);

use Underbolt\Planning\Plan;
use Underbolt\Work\Steps\Step;

use function Tests\Core\appliedIn;
use function Tests\Core\planOf;
use function Tests\Core\stepsOf;

/** A plan of a dress in two pieces round, after a fitting that found one thing of a centimetre. */
function foundPlan(string $place, string $what, string $where, array $more = []): Plan
{
    $pieces = ['bodice front', 'bodice back', 'skirt front', 'skirt back', 'sleeve', 'collar', 'front lining', 'neck facing', 'waistband'];

    return planOf([
        'pattern.pieces' => array_map(static fn (string $name): array => ['name' => $name], $pieces),
        'fitting' => ['tracing' => 2, 'tried' => 1, 'findings' => [['place' => $place, 'what' => $what, 'amount' => '1', 'where' => $where] + $more]],
    ]);
}

function findingStep(Plan $plan): ?Step
{
    return array_values(array_filter(stepsOf($plan), static fn (Step $step): bool => str_starts_with($step->id, 'finding-')))[0] ?? null;
}

test('what a fitting found beside the line says what is done, and how hands do it', function (string $place, string $what, string $where, string $short, string $how): void {
    $step = findingStep(foundPlan($place, $what, $where));
    expect($step?->short)->toBe("Tracing 2: {$short}.")->and($step?->how)->toBe([$how]);
})->with([
    ['neck', 'lower', 'front', 'Lower the neck by 1 cm, in front', 'Redraw the neckline by the amount at its middle, running out to nothing at the shoulder; trace facing, band or collar anew from it.'],
    ['shoulder', 'take', 'both', 'Take in 1 cm an edge at the shoulder, front and back', 'Move the shoulder point by the amount, running out to nothing at the neck; the armhole keeps its shape, and the sleeve its notch.'],
    ['armhole', 'raise', 'both', 'Raise the armhole by 1 cm, front and back', "Redraw the underarm by the amount, running into the armhole at its notches; the side seam begins there. The sleeve's underarm goes with it: walk the head against the armhole."],
    ['sleeve', 'add', 'both', 'Add 1 cm an edge at the sleeve, front and back', 'Half at each of its two edges, running out to nothing at the wrist; walk the head against the armhole.'],
    ['back', 'add', 'back', 'Add 1 cm an edge at the back, at the back', 'At the centre back, running out to nothing at the next level; lining and facing the same.'],
    ['hem', 'lower', 'back', 'Lower the hem by 1 cm, at the back', 'Redraw the edge on that part alone, running out to nothing at the side seams.'],
    ['princess', 'take', 'front', 'Take in 1 cm an edge at the princess seam, in front', 'On a fresh tracing: true the seams that it ends in, and walk them against what joins there.'],
    ['armhole', 'lengthen', 'both', 'Lengthen the armhole by 1 cm, front and back', 'Cut across square to the grain and spread by the amount; true the seams.'],
    ['bust', 'lengthen', 'front', 'Lengthen the bust by 1 cm, in front', 'Cut across square to the grain and spread by the amount, running out to nothing at the side seam: front and back meet as before. Where it goes all the way across, the front is 1 cm longer there than the back: ease 1 cm of the front\'s seam in between two notches, or lengthen the back by 1 cm as well.'],
    ['neck', 'shorten', 'back', 'Shorten the neck by 1 cm, at the back', 'Fold across square to the grain by the amount, running out to nothing where the other part stays; true the seams. The seam meets one that is not changed: ease 1 cm in, or give the other the same.'],
    ['waist', 'narrower', 'both', 'Sew 1 cm narrower between the notches at the waist, front and back', 'Nothing is drawn: sew that much nearer the edge between the two notches, running back to the seam line beyond them.'],
    ['hip', 'wider', 'both', 'Sew 1 cm deeper between the notches at the hip, front and back', 'Nothing is drawn: sew that much deeper between the two notches, running back to the seam line beyond them.'],
]);

test('its amount says where, which way, and at how many edges', function (string $place, string $what, string $at, string $edge, float $amount, int $per, string $way): void {
    $one = findingStep(foundPlan($place, $what, 'both'))->amounts[0];
    expect([$one->at(), $one->edge(), $one->amount->nanometres / 1e7, $one->per, $one->way()])->toEqual([$at, $edge, $amount, $per, $way]);
})->with([
    ['neck', 'raise', 'neck', 'the edge', 1, 1, 'up'], ['neck', 'lower', 'neck', 'the edge', -1, 1, 'down'], ['shoulder', 'add', 'shoulder', 'the edge', 1, 1, 'out'],
    ['shoulder', 'take', 'shoulder', 'the edge', -1, 1, 'in'], ['armhole', 'lengthen', 'armhole', 'across', 1, 1, 'longer'], ['armhole', 'shorten', 'armhole', 'across', -1, 1, 'shorter'],
    ['waist', 'narrower', 'waist', 'each edge', 1, 4, 'out'], ['waist', 'wider', 'waist', 'each edge', -1, 4, 'in'], ['princess', 'take', 'princess', 'the edge', -1, 1, 'in'],
]);

test('the pieces that have the seam get it, on the part where it was found; a sleeve and a collar join both', function (string $place, string $where, array $pieces): void {
    expect(findingStep(foundPlan($place, 'shorten', $where))?->pieces)->toBe($pieces);
})->with([
    'a neck' => ['neck', 'both', ['bodice front', 'bodice back', 'collar', 'front lining', 'neck facing']],
    'a neck in front' => ['neck', 'front', ['bodice front', 'collar', 'front lining', 'neck facing']],
    'a neck at the back' => ['neck', 'back', ['bodice back', 'collar', 'neck facing']],
    'an armhole, and the head of the sleeve in it' => ['armhole', 'front', ['bodice front', 'sleeve', 'front lining']],
    'a shoulder' => ['shoulder', 'back', ['bodice back', 'neck facing']],
    'a hem, without the sleeve’s' => ['hem', 'front', ['skirt front', 'front lining']],
    'a bust' => ['bust', 'front', ['bodice front', 'front lining']],
    'a waist, and what is sewn on there' => ['waist', 'front', ['bodice front', 'skirt front', 'front lining', 'waistband']],
    'a hip' => ['hip', 'back', ['skirt back']],
]);

test('pieces that were named get it, and no others; a note stands with it', function (): void {
    $step = findingStep(foundPlan('neck', 'lower', 'front', ['pieces' => ['bodice front'], 'note' => 'gapes when she bows.']));
    expect($step?->pieces)->toBe(['bodice front'])->and($step?->short)->toBe('Tracing 2: Lower the neck by 1 cm, in front (gapes when she bows).');
});

test('an armhole that is raised begins the side seam higher, on the part that was meant; one lengthened is told across', function (string $what, string $where, array $applied): void {
    $plan = foundPlan('armhole', $what, $where);
    expect(appliedIn(findingStep($plan), $plan))->toBe($applied);
})->with([
    ['raise', 'both', ['bodice front armhole front bust up 1 after trace', 'front lining armhole front bust up 1 after trace', 'bodice back armhole back bust up 1 after trace']],
    ['lower', 'back', ['bodice back armhole back bust up -1 after trace']],
    ['lengthen', 'both', ['bodice front across armhole 1 after trace', 'bodice back across armhole 1 after trace', 'sleeve across armhole 1 after trace', 'front lining across armhole 1 after trace']],
]);

test('what is sewn otherwise is so on both edges of the side seam, nearer the edge outward', function (string $what, float $amount): void {
    $plan = foundPlan('waist', $what, 'both');
    expect(appliedIn(findingStep($plan), $plan))->toBe(array_map(
        static fn (string $piece): string => "{$piece} waist sewn {$amount} after trace",
        ['bodice front side front', 'skirt front side front', 'front lining side front', 'bodice back side back', 'skirt back side back'],
    ));
})->with([['narrower', 1], ['wider', -1]]);
