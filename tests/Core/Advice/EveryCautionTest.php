<?php

declare(strict_types=1);

use Underbolt\Advice\Caution;
use Underbolt\Advice\CautionCode;
use Underbolt\Advice\Cautions;

use function Tests\Core\drawnWaist;
use function Tests\Core\planOf;

/** @return array<string, array<string, mixed>> a make that each caution arises from, as changes to the plain dress, by code */
function makesByCaution(): array
{
    $all = ['8', '10', '12', '14', '16', '18'];
    $fullBust = [84, 88, 92, 96, 100, 105];
    $roomy = ['choices.by_hand' => ['waist' => ['front' => 5, 'back' => 5]]];
    $knit = ['pattern.fabric' => ['kind' => 'knit', 'stretch_percent' => 40]];

    return [
        'below_range' => ['body.full_bust' => 80],
        'above_range' => ['body.hip' => 120],
        'other_range_fits' => ['body.hip' => 107, 'choices.range' => 'misses', 'pattern.ranges' => [
            ['name' => 'misses', 'sizes' => ['8', '10', '12']], ['name' => 'womens', 'sizes' => ['14', '16', '18'], 'drafted_cup' => 'D'],
        ]],
        'range_not_owned' => ['body.waist' => 78, 'pattern.ranges' => [
            ['name' => 'small', 'sizes' => ['8', '10', '12'], 'draft' => 'one'], ['name' => 'large', 'sizes' => ['14', '16', '18'], 'draft' => 'one', 'owned' => false],
        ]],
        'not_measured' => ['body.waist' => null],
        'bust_not_measured' => [
            'body.high_bust' => 86, 'choices.lead' => 'high_bust', 'choices.sizes' => ['bust' => '14'], 'pattern.body_chart.full_bust' => [84, 88, 92, null, 100, 105],
        ],
        'no_finished' => ['pattern.finished.waist' => null],
        'no_liked_ease' => ['choices.ease' => 'liked', 'choices.liked_ease' => ['bust' => 8, 'hip' => 7]],
        'under_least_ease' => ['choices.sizes' => ['waist' => '10'], 'choices.take' => ['waist' => 'leave']],
        'close_draft' => ['pattern.finished.waist' => [64, 68, 72, 76, 81, 87]],
        'one_size_left_out' => ['body.high_bust' => 80, 'choices.lead' => 'high_bust', 'choices.pick' => 'one_size', 'body.hip' => 112],
        'step_care' => ['body.waist' => 82, 'body.hip' => 107],
        'step_avoid' => ['body.waist' => 87, 'body.hip' => 112],
        'cup_outside_table' => ['body.high_bust' => 84, 'pattern.cups' => ['measure' => 'high_bust_difference', 'table' => [['cup' => 'B', 'from' => 3, 'to' => 6]]]],
        'cup_no_row' => ['body.high_bust' => 80, 'pattern.cups' => ['body_chart' => ['B' => $fullBust]]],
        'cup_row_derived' => ['body.full_bust' => 100, 'body.high_bust' => 90, 'pattern.pieces' => [['name' => 'front', 'cups' => ['D']]]],
        'thigh_over_hip' => ['body.thigh_level' => 99.5],
        'tummy_over_hip' => ['body.tummy' => 100],
        'tummy_tight' => ['body.tummy' => 89.91],
        'waist_at_trousers' => ['body.tummy' => 74.9],
        'pivot_widens_back' => ['body.high_bust' => 91, 'body.full_bust' => 100, 'choices.lead' => 'high_bust_as_is'],
        'bust_point_moves' => ['body.high_bust' => 91, 'body.full_bust' => 100, 'choices.lead' => 'high_bust_as_is'],
        'cannot_pull_on' => ['pattern.pulled_on' => true, 'pattern.garment' => 'skirt'],
        'measure_again' => ['body.waist' => 75.9],
        'height_differs' => ['body.height' => 173.1, 'pattern.ranges' => [['name' => 'all', 'sizes' => $all, 'height' => 168]]],
        'sized_down' => ['body.bicep' => 32, 'body.full_bust' => 93, 'choices' => ['ease' => 'liked', 'liked_ease' => ['bust' => 6, 'waist' => 5, 'hip' => 7]]],
        'sleeve_narrow' => ['body.bicep' => 31, 'pattern.body_chart.bicep' => [26, 27, 28, 29, 30, 31]],
        'unlike_cut_short' => ['choices.sizes' => ['bust' => '18'], 'choices.front_larger' => ['bust' => 1]],
        'tissue_differs' => ['pattern.flat_checks' => ['waist' => ['size' => '12', 'panels' => [['name' => 'front', 'width' => 22], ['name' => 'back', 'width' => 21]]]]],
        'drawn_waist' => ['body.underarm_to_waist' => 20.6],
        'length_small' => ['body.underarm_to_waist' => 20.6],
        'no_pattern_length' => ['body.waist_to_hem' => 62, 'pattern.seam.hip_to_hem' => null],
        'length_guessed' => ['pattern.seam.guessed' => ['waist_to_hip']],
        'hem_above_level' => ['choices.lengths' => ['hem' => -41]],
        'change_far' => ['choices.by_hand' => ['hip' => ['back' => 4.01]]],
        'beyond_allowance' => [
            'body.waist' => 77.61, 'choices.sizes' => ['waist' => '12'], 'choices.take' => ['waist' => 'sew'], 'pattern.seam.seam_allowance' => 1.5,
        ],
        'cloth_knit' => ['cloth' => ['kind' => 'knit']],
        'cloth_woven' => ['cloth' => ['kind' => 'woven']] + $knit,
        'cloth_stretches_more' => ['cloth' => ['kind' => 'knit', 'stretch_to' => '16']] + $knit,
        'cloth_stretches_less' => ['cloth' => ['kind' => 'knit', 'stretch_to' => '12']] + $knit,
        'cloth_stands_off' => ['cloth' => ['drape' => 'crisp']] + $roomy,
        'cloth_falls_in' => ['cloth' => ['drape' => 'fluid']] + $roomy,
        'cloth_sheer' => ['cloth' => ['sheer' => true]],
    ];
}

test('every caution there is arises from a make, and says more than its code', function (CautionCode $code): void {
    $changes = makesByCaution()[$code->value] ?? null;
    expect($changes)->not->toBeNull("add a make that {$code->value} arises from");
    $said = array_values(array_filter(Cautions::shown(planOf($changes), $code === CautionCode::DrawnWaist ? drawnWaist(18.7) : null), static fn (Caution $caution): bool => $caution->code === $code));
    expect($said)->not->toBe([])->and(strlen($said[0]->text))->toBeGreaterThan(30)->and($said[0]->text)->not->toContain($code->value);
})->with(array_map(static fn (CautionCode $code): array => [$code], CautionCode::cases()));
