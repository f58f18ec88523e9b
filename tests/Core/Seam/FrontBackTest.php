<?php

declare(strict_types=1);

use Underbolt\Pattern\Charts\Level;
use Underbolt\Seam\FrontBack;
use Underbolt\Sizing\Sizes;

/** Sizes 0 to 9, of which those of one envelope can be combined, the front so many larger at a level. */
function frontAndBack(array $larger, array $inPlay = [2, 3, 4, 5, 6], ?Sizes $sizes = null): FrontBack
{
    return FrontBack::of($sizes ?? new Sizes(bust: 4, waist: 5, hip: 3), $inPlay, static fn (Level $level): int => $larger[$level->value] ?? 0);
}

test('what the front gains the back gives up, so that the sum stays', function (array $larger, array $front, array $back): void {
    $both = frontAndBack($larger);
    expect($both->front->known())->toBe($front)->and($both->back->known())->toBe($back)->and($both->cutShort)->toBe([]);
    foreach ($front as $level => $size) {
        expect($size + $back[$level])->toBe(2 * ['bust' => 4, 'waist' => 5, 'hip' => 3][$level]);
    }
})->with([
    'alike' => [[], ['bust' => 4, 'waist' => 5, 'hip' => 3], ['bust' => 4, 'waist' => 5, 'hip' => 3]],
    'one more in front at the waist' => [['waist' => 1], ['bust' => 4, 'waist' => 6, 'hip' => 3], ['bust' => 4, 'waist' => 4, 'hip' => 3]],
    'two at the bust' => [['bust' => 2], ['bust' => 6, 'waist' => 5, 'hip' => 3], ['bust' => 2, 'waist' => 5, 'hip' => 3]],
    'fewer in front' => [['hip' => -1], ['bust' => 4, 'waist' => 5, 'hip' => 2], ['bust' => 4, 'waist' => 5, 'hip' => 4]],
    'each level by itself' => [['bust' => -2, 'waist' => 1, 'hip' => 1], ['bust' => 2, 'waist' => 6, 'hip' => 4], ['bust' => 6, 'waist' => 4, 'hip' => 2]],
]);

test('both stop where one of them has no further size, and that is told', function (int $asked, int $front, int $back): void {
    // 5 has one more above it and three below: one is all there is, either way.
    $both = frontAndBack(['waist' => $asked]);
    expect([$both->front->waist, $both->back->waist])->toBe([$front, $back])->and($both->cutShort)->toBe([Level::Waist]);
})->with([[2, 6, 4], [5, 6, 4], [-2, 4, 6]]);

test('a size at the end of the list is cut alike front and back', function (int $size, int $asked): void {
    $both = frontAndBack(['hip' => $asked], sizes: new Sizes(bust: 4, waist: 4, hip: $size));
    expect([$both->front->hip, $both->back->hip])->toBe([$size, $size])->and($both->cutShort)->toBe([Level::Hip])->and($both->unlike())->toBe([]);
})->with([[2, 1], [2, -1], [6, 1], [6, -1]]);

test('sizes that are not in play are stepped over', function (): void {
    $both = frontAndBack(['waist' => 1], inPlay: [1, 3, 5, 8, 9]);
    expect([$both->front->waist, $both->back->waist])->toBe([8, 3]);
});

test('the levels that are unlike come from the top down, and one without a size is left out', function (): void {
    expect(frontAndBack(['hip' => 1, 'bust' => 1])->unlike())->toBe([Level::Bust, Level::Hip])
        ->and(frontAndBack(['bust' => 1, 'waist' => 1], sizes: new Sizes(bust: null, waist: 5, hip: null))->unlike())->toBe([Level::Waist]);
});
