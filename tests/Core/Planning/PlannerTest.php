<?php

declare(strict_types=1);

use Tests\Support\BruteForce;
use Tests\Support\Runs;
use Underbolt\File\MakeReader;
use Underbolt\Planning\Choosing\Alternative;
use Underbolt\Planning\Choosing\Alternatives;
use Underbolt\Planning\Facts\Situation;
use Underbolt\Planning\Facts\SizesInPlay;

use function Tests\Core\makeFile;
use function Tests\Core\planOf;

/** A make of random sizes, gaps, weights, school, lead and body. */
function randomSituation(): Situation
{
    $sizes = mt_rand(1, 7);
    $gaps = mt_rand(0, 4) === 0;
    $row = static function (float $first) use ($sizes, $gaps): array {
        $figure = $first + mt_rand(0, 60) / 10;
        $row = [];
        for ($size = 0; $size < $sizes; $size++) {
            // Whole steps now and then, so that ties come up.
            $row[] = $gaps && mt_rand(0, 5) === 0 && $size > 0 ? null : $figure;
            $figure += mt_rand(0, 1) === 0 ? 4 : mt_rand(10, 60) / 10;
        }

        return $row;
    };
    $changes = [
        'pattern.sizes' => array_map(strval(...), range(1, $sizes)),
        'pattern.body_chart' => ['full_bust' => $row(84), 'waist' => $row(66), 'hip' => $row(91)],
        'pattern.finished' => mt_rand(0, 3) === 0 ? (object) [] : ['full_bust' => $row(91), 'waist' => $row(70), 'hip' => $row(97)],
        'pattern.levels' => array_map(
            static fn (): string => ['critical', 'matters', 'free'][mt_rand(0, 2)],
            ['bust' => 0, 'waist' => 0, 'hip' => 0],
        ),
        'pattern.fabric' => ['kind' => ['woven', 'knit'][mt_rand(0, 1)]],
        'body' => [
            'full_bust' => mt_rand(800, 1200) / 10,
            'waist' => mt_rand(620, 1000) / 10,
            'hip' => mt_rand(880, 1250) / 10,
            'high_bust' => mt_rand(760, 1000) / 10,
        ],
        'choices' => [
            'ease' => ['chart', 'drafted', 'liked'][mt_rand(0, 2)],
            'lead' => ['full_bust', 'full_bust', 'high_bust', 'high_bust_as_is'][mt_rand(0, 3)],
            'adjust_bust' => mt_rand(0, 4) === 0,
            'between' => ['up', 'down', 'nearest'][mt_rand(0, 2)],
            'least_ease' => mt_rand(0, 3) === 0 ? ['waist' => mt_rand(0, 5), 'bust' => mt_rand(0, 9)] : (object) [],
            'liked_ease' => mt_rand(0, 4) === 0
                ? ['hip' => mt_rand(0, 10)]
                : ['bust' => mt_rand(0, 10), 'waist' => mt_rand(0, 6), 'hip' => mt_rand(0, 10)],
            'pick' => 'best',
        ],
    ];
    if (mt_rand(0, 5) === 0) {
        unset($changes['pattern.body_chart'][['full_bust', 'waist', 'hip'][mt_rand(1, 2)]]);
    }
    if (mt_rand(0, 5) === 0) {
        unset($changes['body'][['waist', 'hip'][mt_rand(0, 1)]]);
    }
    $make = MakeReader::read(makeFile($changes));

    return Situation::of($make, SizesInPlay::of($make));
}

/** @return array<string, Alternative> by name */
function alternativesOf(Situation $situation): array
{
    $all = Alternatives::of($situation)->all();

    return array_combine(array_map(static fn (Alternative $one): string => $one->name->value, $all), $all);
}

/** Whether planner, own picks, what is left over and every cost are those of the brute force on so many random makes. */
function expectBruteForceToAgree(int $runs): void
{
    mt_srand(5);
    for ($run = 0; $run < $runs; $run++) {
        $situation = randomSituation();
        $found = alternativesOf($situation);
        $brute = new BruteForce($situation);
        $where = "run {$run}";
        expect($found['best']->sizes)->toEqual($brute->best(), $where)
            ->and($found['closest']->sizes)->toEqual($brute->closest(), $where)
            ->and(($found['one_size'] ?? null)?->sizes)->toEqual($brute->oneSize(), $where);
        foreach (['best', 'closest', 'one_size', 'by_finished'] as $name) {
            if (isset($found[$name])) {
                expect($found[$name]->cost)->toEqualWithDelta($brute->cost($found[$name]->sizes->known()), 0.0003, "{$where} {$name}");
            }
        }
        foreach ($found as $alternative) {
            $sum = array_sum(array_map(static fn ($line): float => $line->cost, $alternative->receipt));
            expect(round($sum, 4))->toBe($alternative->cost, $where);
        }
        foreach ($situation->measured() as $name => $facts) {
            expect($facts->own)->toBe($brute->own($name), "{$where} {$name}");
            foreach ($situation->inPlay->sizes as $size) {
                $left = $brute->leftOver($name, $size);
                $left === null
                    ? expect($facts->leftOver($size))->toBeNull("{$where} {$name} {$size}")
                    : expect(($facts->leftOver($size)->nanometres ?? INF) / 1e7)->toEqualWithDelta($left, 1e-6, "{$where} {$name} {$size}");
            }
        }
    }
}

test('on a hundred random charts the planner finds what brute force finds', function (): void {
    expectBruteForceToAgree(100);
});

test('on hundreds more of them too', function (): void {
    expectBruteForceToAgree(Runs::of(600));
})->group('slow');

test('what counts can be changed: fitting closer takes the steps, working less takes fewer; the bust keeps its size', function (): void {
    $sizes = static function (float $work): array {
        $plan = planOf([
            'body' => ['full_bust' => 92, 'waist' => 86, 'hip' => 99],
            'choices.pick' => 'best',
            'choices.weights' => ['work' => $work],
        ]);

        return array_map($plan->nameOf(...), $plan->sizes->known());
    };
    expect($sizes(0.1))->toBe(['bust' => '12', 'waist' => '18', 'hip' => '12'])
        ->and($sizes(1))->toBe(['bust' => '12', 'waist' => '18', 'hip' => '14'])
        ->and($sizes(20))->toBe(['bust' => '12', 'waist' => '18', 'hip' => '18']);
});

test('the planner picks unless each level is asked for, and a clip wins over it', function (): void {
    $body = ['body' => ['full_bust' => 95.5, 'waist' => 84.5, 'hip' => 103.5], 'choices.pick' => 'best'];
    $names = static fn (array $changes): array => array_values(array_map(planOf($changes)->nameOf(...), planOf($changes)->sizes->known()));
    expect($names(['choices.pick' => 'level'] + $body))->toBe(['14', '18', '14'])
        ->and($names($body))->toBe(['14', '18', '14'])
        ->and($names(['choices.pick' => 'one_size'] + $body))->toBe(['18', '18', '18'])
        ->and($names($body + ['choices.sizes' => ['waist' => '16']]))->toBe(['14', '16', '14']);
});

test('a free level follows a clip on its leader, also where the planner picks', function (): void {
    $plan = planOf(['pattern.levels.waist' => 'free', 'choices.pick' => 'best', 'choices.sizes' => ['bust' => '18']]);
    expect($plan->nameOf($plan->sizes->waist))->toBe('18');
});

test('a receipt says in words what was weighed', function (): void {
    $plan = planOf([
        'body' => ['full_bust' => 100, 'high_bust' => 86, 'waist' => 78.5, 'hip' => 105],
        'choices.lead' => 'high_bust',
        'pattern.levels.hip' => 'free',
    ]);
    $words = array_map(static fn ($line): string => $line->what, $plan->alternatives()[0]->receipt);
    expect($words)->toBe([
        'bust in 12: as wished, must fit', 'waist in 14: 0.5 cm too little, must fit', 'hip in 14: 2 cm too little, needn\'t fit',
        'bust to waist: a step of one size', 'waist to hip: no step', 'a bust adjustment of 8 cm',
    ]);
});

test('of plans that cost the same, fewer sizes win, then own picks, then the smaller ones', function (array $changes, array $sizes): void {
    $plan = planOf(
        $changes + [
            'pattern.fabric' => ['kind' => 'knit'],
            'pattern.levels' => ['bust' => 'matters', 'waist' => 'matters', 'hip' => 'matters'],
            'choices.least_ease' => ['bust' => -9, 'waist' => -9, 'hip' => -9],
        ],
    );
    expect(array_values(array_map($plan->nameOf(...), $plan->sizes->known())))->toBe($sizes);
})->with([
    // The waist's own is 10, 3 cm under 12: 0.1 and two steps of 1.1 against 2.3.
    'one size instead of two' => [
        ['body.waist' => 71, 'choices' => ['pick' => 'best', 'ease' => 'drafted', 'weights' => ['steps' => [0, 1.1, 2.2]]]],
        ['12', '12', '12'],
    ],
    // No 14 at the waist; 16 fits better by a nanometre, 12 lies as near to bust and hip.
    'the own pick of two' => [
        [
            'body' => ['full_bust' => 92, 'waist' => 78.0000001, 'hip' => 107],
            'pattern.body_chart.waist' => [66, 70, 74, null, 82, 87],
            'choices' => ['pick' => 'best', 'ease' => 'drafted', 'weights' => ['steps' => [0, 1, 2, 3]]],
        ],
        ['12', '16', '16'],
    ],
    // The same the other way: one size though it is the larger.
    'one size though it is larger' => [
        [
            'body' => ['full_bust' => 96, 'waist' => 75, 'hip' => 103],
            'choices' => ['pick' => 'best', 'ease' => 'drafted', 'weights' => ['steps' => [0, 1.1, 2.2]]],
        ],
        ['14', '14', '14'],
    ],
    // Without a waist bust and hip step nowhere: 10 and 14 cost the same at the bust, and the hip is 14.
    'alike, though a smaller one costs the same' => [
        [
            'body' => ['full_bust' => 92, 'hip' => 103],
            'pattern.body_chart' => ['full_bust' => [84, 88, null, 96, 100, 105], 'hip' => [91, 95, 99, 103, 107, 112]],
            'choices' => ['pick' => 'best', 'ease' => 'drafted', 'weights' => ['too_small' => 1]],
        ],
        ['14', '14'],
    ],
]);

test('only what fits best by itself is closest, whatever the steps cost', function (): void {
    $plan = planOf(['body' => ['full_bust' => 92, 'waist' => 86, 'hip' => 99], 'choices.pick' => 'best']);
    $closest = array_values(array_filter($plan->alternatives(), static fn (Alternative $one): bool => $one->name->value === 'closest'))[0];
    expect(array_values(array_map($plan->nameOf(...), $closest->sizes->known())))->toBe(['12', '18', '12']);
});
