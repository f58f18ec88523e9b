<?php

declare(strict_types=1);

use Underbolt\Advice\Cautions;
use Underbolt\File\HouseHabits;
use Underbolt\File\MakeReader;
use Underbolt\File\Typed\FaultyFile;
use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\ChartRow;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Charts\StarterChart;
use Underbolt\Pattern\DraftedEase;
use Underbolt\Pattern\EaseLook;
use Underbolt\Pattern\Paper\Garment;
use Underbolt\Pattern\Paper\Silhouette;
use Underbolt\Pattern\Pattern;

use function Tests\Core\cautionsOf;
use function Tests\Core\cm;
use function Tests\Core\makeFile;
use function Tests\Core\planOf;

/** @param  array<string, mixed>  $changes */
function patternOf(array $changes): Pattern
{
    return MakeReader::read(makeFile($changes))->pattern;
}

/** @param  array<string, mixed>  $changes */
function patternFaults(array $changes): array
{
    try {
        MakeReader::read(makeFile($changes));
    } catch (FaultyFile $file) {
        return array_map(static fn ($fault): string => "{$fault->field}: {$fault->message}", $file->faults());
    }

    return [];
}

test('a skirt has no bust, whatever its envelope prints', function (): void {
    $plan = planOf(['pattern.garment' => 'skirt', 'body.full_bust' => null]);
    expect(array_keys($plan->levels))->toBe(['waist', 'hip'])
        ->and($plan->steps['bust_waist'])->toBeNull()
        ->and($plan->frame->size)->toBeNull();
});

test('a size has a second name where one is given, and none where names are hidden', function (): void {
    $pattern = patternOf(['pattern.also_called' => ['EU 34', null, '', 'EU 40']]);
    expect(array_map($pattern->alsoCalled(...), [0, 1, 2, 3, 4]))->toBe(['EU 34', null, null, 'EU 40', null])
        ->and($pattern->withLinesCounted()->alsoCalled(0))->toBeNull();
});

test('finished figures of one view, fit or cup win over those for all, the one bound to more first', function (): void {
    $pattern = patternOf([
        'pattern.views' => ['A', 'C'], 'pattern.fits' => ['curvy'],
        'pattern.cups' => ['finished' => ['C' => [95, 99, 103, 107, 111, 116]]],
        'pattern.finished_by' => [
            ['view' => 'C', 'fit' => 'curvy', 'finished' => ['hip' => [104, 108, 112, 116, 120, 125]]],
            ['view' => 'C', 'finished' => ['hip' => [101, 105, 109, 113, 117, 122], 'full_bust' => [93, 97, 101, 105, 109, 114]]],
        ],
    ]);
    $first = static fn (?string $view, ?string $fit, ?string $cup, ChartRow $row) => $pattern->finishedFor($view, $fit, $cup)->at($row, 0);
    expect($first(null, null, null, ChartRow::Hip))->toEqual(cm(98))
        ->and($first('A', 'curvy', null, ChartRow::Hip))->toEqual(cm(98))
        ->and($first('C', null, null, ChartRow::Hip))->toEqual(cm(101))
        ->and($first('C', 'curvy', null, ChartRow::Hip))->toEqual(cm(104))
        ->and($first('C', null, null, ChartRow::FullBust))->toEqual(cm(93))
        ->and($first('C', null, 'C', ChartRow::FullBust))->toEqual(cm(95))
        ->and($first(null, null, 'B', ChartRow::FullBust))->toBeNull();
});

test('the view of the make decides which finished figures the plan reads', function (): void {
    $changes = [
        'pattern.views' => ['A', 'B'],
        'pattern.finished_by' => [['view' => 'B', 'finished' => ['waist' => [81, 85, 89, 93, 97, 102]]]],
    ];
    expect(planOf($changes)->at(Level::Waist)?->draftedEase)->toEqual(cm(5))
        ->and(planOf($changes + ['choices.view' => 'B'])->at(Level::Waist)?->draftedEase)->toEqual(cm(15))
        ->and(patternFaults($changes + ['choices.view' => 'C']))->toBe(['choices.view: "C" is no view of this pattern']);
});

test('the tissue fills a row that is not printed: darts out, allowances out, the others along the chart\'s steps', function (): void {
    $check = ['size' => '12', 'seam_allowance' => 1.5, 'panels' => [
        ['name' => 'front', 'width' => 29.5, 'times' => 2, 'darts' => 3, 'allowances' => 1],
        ['name' => 'back', 'width' => '28', 'allowances' => 2],
    ]];
    $flat = patternOf(['pattern.finished.waist' => null, 'pattern.flat_checks' => ['waist' => $check]]);
    // front 2 x (29.5 - 3 - 1.5) and back 2 x (28 - 3)
    expect($flat->finished->at(ChartRow::Waist, 2))->toEqual(cm(100))
        ->and($flat->finished->at(ChartRow::Waist, 0))->toEqual(cm(92))
        ->and($flat->finished->at(ChartRow::Waist, 5))->toEqual(cm(113))
        ->and(patternOf(['pattern.flat_checks' => ['waist' => $check]])->finished->at(ChartRow::Waist, 2))->toEqual(cm(79));
});

test('where print and tissue disagree the tissue counts and the steps stay, unless the print is chosen or a panel is missing', function (array $panels, array $more, float $waist, bool $isSaid): void {
    $changes = ['pattern.flat_checks' => ['waist' => ['size' => '12', 'panels' => $panels] + $more]];
    $plan = planOf($changes);
    expect($plan->make->pattern->finished->at(ChartRow::Waist, 2))->toEqual(cm($waist))->and($plan->make->pattern->finished->at(ChartRow::Waist, 0))->toEqual(cm($waist - 8))
        ->and(in_array('tissue_differs waist', cautionsOf($plan), true))->toBe($isSaid);
})->with([
    'wider by 7 cm' => [[['width' => 43]], [], 86, true], 'the print is chosen' => [[['width' => 43]], ['counts' => 'print'], 79, true],
    'as good as alike' => [[['width' => 39.7]], [], 79, false], 'half a garment' => [[['width' => 20]], [], 79, true],
]);

test('a tissue check takes the pattern\'s seam allowance where it gives none, and levels stand from the top down', function (): void {
    $panels = [['name' => 'front', 'width' => 27, 'allowances' => 1], ['name' => 'back', 'width' => 27, 'allowances' => 1]];
    $flat = patternOf([
        'pattern.finished' => null,
        'pattern.seam.seam_allowance' => '1.5',
        'pattern.flat_checks' => [
            'hip' => ['size' => '8', 'panels' => $panels],
            'bust' => ['size' => '8', 'seam_allowance' => 1, 'panels' => $panels],
        ],
    ]);
    expect($flat->finished->at(ChartRow::Hip, 0))->toEqual(cm(102))->and($flat->finished->at(ChartRow::FullBust, 0))->toEqual(cm(104))
        ->and(array_keys($flat->parts->flat))->toBe(['bust', 'hip']);
});

test('what can\'t be a garment is refused where it stands', function (array $changes, string $fault): void {
    expect(implode("\n", patternFaults($changes)))->toContain($fault);
})->with([
    [
        ['pattern.flat_checks' => ['hip' => ['size' => '99', 'panels' => [['width' => 20]]]]],
        'pattern.flat_checks.hip.size: must name the size',
    ],
    [['pattern.flat_checks' => ['hip' => ['size' => '8', 'panels' => []]]], 'pattern.flat_checks.hip: has no panel'],
    [['pattern.flat_checks' => ['hip' => ['size' => '8', 'panels' => [['width' => 2]]]]], 'pattern.flat_checks.hip: adds up to no garment'],
    [
        ['pattern.flat_checks' => ['hip' => ['size' => '8', 'panels' => [['width' => 24, 'allowances' => 1], ['width' => 24]]]]],
        'pattern.flat_checks.hip.seam_allowance: is missing',
    ],
    [
        ['pattern.flat_checks' => ['hip' => ['size' => '8', 'panels' => [['width' => 24, 'darts' => 24], ['width' => 24]]]]],
        'pattern.flat_checks.hip.panels[0].darts: is as wide as the panel',
    ],
    [['pattern.flat_checks' => ['neck' => []]], 'pattern.flat_checks.neck: is no key known here'],
    [['pattern.cups' => ['measure' => 'guess']], 'pattern.cups.measure: must be one of'],
    [['pattern.cups' => ['table' => [['cup' => 'B', 'from' => 5, 'to' => 5]]]], 'pattern.cups.table[0].to: must be larger'],
    [['pattern.cups' => ['table' => [['cup' => 'Q', 'from' => 5, 'to' => 6]]]], '"Q" is no cup'],
    [['pattern.cups' => ['body_chart' => ['C' => [84, 88]]]], 'pattern.cups.body_chart.C: has 2 figures for 6 sizes'],
    [['pattern.finished_by' => [['view' => 'Z', 'finished' => []]]], 'pattern.finished_by[0].view: "Z" is no view'],
    [['pattern.pieces' => [['follows' => 'frame']]], 'pattern.pieces[0].name: is missing'],
    [['pattern.pieces' => [['name' => 'front', 'follows' => 'fashion']]], 'pattern.pieces[0].follows: must be one of'],
    [['pattern.notions' => [['name' => 'zip', 'by_size' => ['50 cm']]]], 'pattern.notions[0]: has 1 entries for 6 sizes'],
    [['pattern.fabric_needs' => [['width' => 150, 'amounts' => [1, 2, 3, 4, 5, 6]]]], 'pattern.fabric_needs[0].amounts[0]'],
    [
        ['pattern.fabric_needs' => [['width' => 150, 'amounts' => ['2 yd', '2 1/4', '2.2 m', null, null, null]]]],
        'pattern.fabric_needs[0].amounts[1]: names no unit, and the others in its row name several (yd, m)',
    ],
    [['pattern.garment' => 'hat'], 'pattern.garment: must be one of'],
    [['pattern.chart_means' => 'maybe'], 'pattern.chart_means: must be one of'],
]);

test('what a chart number means sets the rule between sizes; the house\'s own rule, and the make\'s, win over it', function (array $changes, string $rule): void {
    expect(MakeReader::read(makeFile($changes))->choices->between->value)->toBe($rule);
})->with([
    [[], 'up'],
    [['pattern.chart_means' => 'upper_limit'], 'up'],
    [['pattern.chart_means' => 'middle'], 'nearest'],
    [['pattern.chart_means' => 'middle', 'pattern.between' => 'down'], 'down'],
    [['pattern.chart_means' => 'middle', 'choices.between' => 'up'], 'up'],
]);

test('ease that jumps, and none where a woven lies close, is odd', function (): void {
    $odd = static fn (array $waist, array $more = []): array => array_map(
        static fn ($fault): string => $fault->field,
        EaseLook::over(patternOf(['pattern.finished.waist' => $waist] + $more)),
    );
    expect($odd([71, 75, 79, 83, 87, 92]))->toBe([])
        ->and($odd([71, 75, 82, 83, 87, 92]))->toBe(['pattern.finished.waist[2]', 'pattern.finished.waist[3]'])
        ->and($odd([66, 70, 74, 78, 82, 87]))->toHaveCount(6)
        ->and($odd([66, 70, 74, 78, 82, 87], ['pattern.levels.waist' => 'matters']))->toBe([])
        ->and($odd([66, 70, 74, 78, 82, 87], ['pattern.fabric' => ['kind' => 'knit']]))->toBe([]);
});

test('ease that only looks odd while nobody has said which cup an envelope is drawn for asks for that, once', function (): void {
    $ranges = static fn (?string $cup): array => [['name' => 'Misses', 'sizes' => ['8', '10', '12', '14', '16', '18'], ...($cup === null ? [] : ['drafted_cup' => $cup])]];
    $look = static fn (?string $cup): array => EaseLook::over(patternOf([
        'pattern.ranges' => $ranges($cup), 'pattern.cups.finished.DD' => [88, 92, 96, 100, 104, 109],
    ]));
    expect($look('DD'))->toBe([])
        ->and(array_map(static fn ($fault): string => "{$fault->field} {$fault->message}", $look(null)))
        ->toBe(['pattern.ranges[0].drafted_cup which cup is Misses drawn for? Until that is said the ease of its cups can\'t be told']);
});

test('a house\'s habits fill what the pattern leaves open, in the house\'s own unit', function (): void {
    $document = json_decode('{"sizes":["8"],"seam":{"hem_allowance":"4"},"cups":{"body_chart":{"C":["90"]}}}');
    $habits = json_decode(
        '{"chart_means":"middle","drafted_cup":"C","seam_allowance":"5/8","hem_allowance":"1","cups":{"measure":"front_half_difference","table":[{"cup":"A","from":"1","to":2}]}}'
    );
    $filled = HouseHabits::into($document, $habits, Unit::Inch);
    expect(json_decode((string) json_encode($filled), true))->toEqual([
        'sizes' => ['8'], 'chart_means' => 'middle',
        'seam' => ['hem_allowance' => '4', 'seam_allowance' => '5/8 in'],
        'cups' => [
            'body_chart' => ['C' => ['90']],
            'measure' => 'front_half_difference',
            'table' => [['cup' => 'A', 'from' => '1 in', 'to' => '2 in']],
        ],
        'ranges' => [['name' => 'all', 'sizes' => ['8'], 'drafted_cup' => 'C']],
    ])->and(json_encode($document))->not->toContain('5/8');
});

test('a pattern\'s own words win over the house\'s', function (): void {
    $document = json_decode(
        '{"chart_means":"upper_limit","ranges":[{"name":"a","sizes":[],"drafted_cup":"D"}],"cups":{"table":[]},"seam":{"seam_allowance":"1"}}'
    );
    $habits = json_decode(
        '{"chart_means":"middle","drafted_cup":"B","seam_allowance":"2","cups":{"table":[{"cup":"A","from":"1","to":"2"}]}}',
    );
    expect(HouseHabits::into($document, $habits, Unit::Centimetre))->toEqual($document);
});

test('every kind of garment has levels and usual pieces, and every outline weighs all levels', function (): void {
    foreach (Garment::cases() as $garment) {
        expect($garment->levels())->not->toBe([])->and(count($garment->usualPieces()))->toBeGreaterThan(3);
    }
    foreach (Silhouette::cases() as $silhouette) {
        expect(array_keys($silhouette->weights()))->toBe(['bust', 'waist', 'hip']);
    }
});

test('the charts to start from rise, and have a figure for every size', function (StarterChart $chart): void {
    foreach ($chart->rows() as $row) {
        $sorted = $row;
        sort($sorted);
        expect($row)->toHaveCount(count($chart->sizes()))->toBe(array_values(array_unique($sorted)));
    }
})->with(StarterChart::cases());

test('the ease of a cup, a view or a fit is held against its own body row', function (): void {
    $pattern = patternOf([
        'pattern.views' => ['C'],
        'pattern.cups' => [
            'body_chart' => ['C' => [86.5, 90.5, 94.5, 98.5, 102.5, 107.5]],
            'finished' => ['C' => [94, 98, 102, 106, 110, 115]],
        ],
        'pattern.finished_by' => [['view' => 'C', 'finished' => ['hip' => [101, 105, 109, 113, 117, 122]]]],
    ]);
    $first = [];
    foreach (DraftedEase::all($pattern) as $row) {
        $first[$row->path] = $row->ease[0];
    }
    expect($first)->toEqual([
        'finished.full_bust' => cm(8), 'finished.waist' => cm(5), 'finished.hip' => cm(7),
        'cups.finished.C' => cm(7.5), 'finished_by[0].finished.hip' => cm(10),
    ]);
});

test('the least ease is the make\'s, else the pattern\'s, else the fabric\'s', function (): void {
    $least = static fn (array $changes): mixed => planOf($changes)->at(Level::Waist)?->facts->least;
    expect($least([]))->toEqual(cm(2.5))
        ->and($least(['pattern.least_ease' => ['waist' => 4]]))->toEqual(cm(4))
        ->and($least(['pattern.least_ease' => ['waist' => 4], 'choices.least_ease' => ['waist' => '1']]))->toEqual(cm(1));
});

test('the pattern’s page and the bench tell one drafted ease of a cup, and none where its body row is worked out', function (array $cups, ?Length $ease): void {
    $changes = ['body.high_bust' => 85, 'body.full_bust' => 93, 'pattern.cups' => $cups, 'choices.lead' => 'cup'];
    $plan = planOf($changes);
    expect($plan->cup?->letter)->toBe('C');
    $row = array_values(array_filter(DraftedEase::told($plan->make->pattern), static fn (DraftedEase $row): bool => $row->path === 'cups.finished.C'))[0] ?? null;
    $bust = $plan->at(Level::Bust);
    expect($bust->facts->toldEase($bust->size))->toEqual($ease)->and($row?->ease[$bust->size])->toEqual($ease);
})->with([
    'derived' => [['finished' => ['C' => [95, 99, 103, 107, 111, 116]]], null],
    'printed' => [['finished' => ['C' => [95, 99, 103, 107, 111, 116]], 'body_chart' => ['C' => [86, 90, 94, 98, 102, 107]]], cm(9)],
]);

test('between the chart of one cup and the finished row of another there is no drafted ease, and that is said', function (): void {
    $plan = planOf(['body.high_bust' => 83, 'body.full_bust' => 93, 'choices.lead' => 'cup', 'pattern.finished.full_bust' => null, 'pattern.cups' => [
        'body_chart' => ['B' => [84, 88, 92, 96, 100, 105], 'D' => [89, 93, 97, 101, 105, 110]], 'finished' => ['B' => [92, 96, 100, 104, 108, 113]],
    ]]);
    $bust = $plan->at(Level::Bust);
    $said = implode(' ', array_map(static fn ($caution): string => $caution->text, Cautions::of($plan)));
    expect($plan->cup?->letter)->toBe('D')->and($bust->facts->toldEase($bust->size))->toBeNull()
        ->and($said)->toContain('so the pattern\'s own ease is not known');
});
