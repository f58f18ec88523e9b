<?php

declare(strict_types=1);

use Underbolt\Sizing\LevelFacts;

use function Tests\Core\cm;
use function Tests\Core\planOf;

/** The bust of a dress whose frame is looked up by the high bust. */
function bustUnderFrame(array $changes): LevelFacts
{
    return planOf([
        'body.high_bust' => 92,
        'body.full_bust' => 98,
        'choices.lead' => 'high_bust_as_is',
        ...$changes,
    ])->levels['bust']->facts;
}

test('a frame without a finished figure is read as drafted, whatever ease is liked', function (): void {
    $facts = bustUnderFrame([
        'choices.liked_ease' => ['bust' => 8],
        'choices.ease' => 'liked',
        'pattern.finished.full_bust' => [92, 96, 100, null, 108, 113],
    ]);
    expect(array_map(static fn (int $size): string => $facts->schoolAt($size)->value, [2, 3, 4]))->toBe(['liked', 'drafted', 'liked']);
    $plain = planOf(['choices.liked_ease' => ['bust' => 8, 'waist' => 4, 'hip' => 6], 'choices.ease' => 'liked'])->levels['waist']->facts;
    expect($plain->schoolAt(2)->value)->toBe('liked');
});

test('a bust too near its frame to be adjusted keeps what is left over, but not by the chart', function (string $ease, float $full, float $left): void {
    $facts = bustUnderFrame(['body.full_bust' => $full, 'choices.ease' => $ease, 'pattern.finished' => null]);
    expect($facts->leftOver((int) $facts->frame))->toEqual(cm($left));
})->with([
    'by the draft, hardly larger' => ['drafted', 92.8, -0.8],
    'by the draft, larger: adjusted' => ['drafted', 95, 0],
    'by the chart, hardly larger' => ['chart', 92.8, 0],
]);

test('what is added for the bust counts when it is asked whether a frame is too small', function (): void {
    $facts = bustUnderFrame(['body.full_bust' => 100, 'choices.ease' => 'drafted']);
    $frame = (int) $facts->frame;
    expect($facts->finishedAt($frame)->isLessThan($facts->body->plus($facts->floor)))->toBeTrue()
        ->and($facts->isTooSmall($frame))->toBeFalse();
});

test('a bust that is not measured is in no frame too small', function (): void {
    $unknown = bustUnderFrame(['body.full_bust' => null]);
    expect($unknown->body)->toBeNull()->and($unknown->isTooSmall((int) $unknown->frame))->toBeFalse();
});
