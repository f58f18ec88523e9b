<?php

declare(strict_types=1);

use Underbolt\Altering\Take;
use Underbolt\Pattern\Charts\Level;

use function Tests\Core\cm;
use function Tests\Core\inches;
use function Tests\Core\planOf;

test('two centimetres over two side seams are half a centimetre an edge', function (): void {
    // The worked case of the trade: two side seams have four cut edges.
    $waist = planOf(['body.waist' => 72, 'choices.sizes' => ['waist' => '12']])->at(Level::Waist);
    expect($waist->taken->leftOver)->toEqual(cm(2))
        ->and($waist->taken->perEdge)->toEqual(cm(0.5))
        ->and($waist->wished)->toEqual(cm(77))
        ->and($waist->taken->take === Take::Sew)->toBeFalse();
});

test('more cut edges share the same left-over', function (): void {
    $waist = planOf(['body.waist' => 72, 'pattern.seam.edges' => ['waist' => 6], 'choices.sizes' => ['waist' => '12']])->at(Level::Waist);
    expect($waist->taken->perEdge->nanometres)->toBe(3_333_333);
});

test('an eighth of an inch an edge or less is sewn in the allowance, a quarter inch all round is not', function (float $body, bool $sewn): void {
    $waist = planOf(['body.waist' => $body, 'choices.sizes' => ['waist' => '12']])->at(Level::Waist);
    expect($waist->taken->take === Take::Sew)->toBe($sewn);
})->with([[74, false], [74.635, false], [74.64, true], [72.73, true], [75.27, true], [75.28, false], [72.72, false]]);

test('under liked ease the left-over is finished less wished', function (): void {
    $waist = planOf(['choices' => ['ease' => 'liked', 'liked_ease' => ['waist' => 6]]])->at(Level::Waist);
    expect($waist->wished)->toEqual(cm(80))
        ->and($waist->taken->leftOver)->toEqual(cm(-1))
        ->and($waist->yourEase)->toEqual(cm(5));
});

test('the bound of an eighth of an inch itself is sewn', function (): void {
    $plan = planOf([
        'unit' => 'cm',
        'body.waist' => '29 in',
        'choices.sizes' => ['waist' => '12'],
        'pattern.body_chart.waist' => ['27 in', '28 in', '29 1/2 in', '31 in', '32 in', '33 in'],
    ]);
    expect($plan->at(Level::Waist)->taken->perEdge)->toEqual(inches('1/8'))
        ->and($plan->at(Level::Waist)->taken->take === Take::Sew)->toBeTrue();
});
