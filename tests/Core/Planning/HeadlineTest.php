<?php

declare(strict_types=1);

use Underbolt\Planning\Headline;

use function Tests\Core\planOf;

test('one plain sentence says how many sizes, and that it is normal', function (array $clips, string $sentence): void {
    expect(Headline::of(planOf(['choices.sizes' => (object) $clips])))->toBe($sentence);
})->with([
    [['bust' => '12', 'waist' => '12', 'hip' => '12'], 'One size all the way: 12.'],
    [['bust' => '12', 'waist' => '14', 'hip' => '12'], 'Two sizes, which is normal: 12 at the bust and hip, 14 at the waist.'],
    [['bust' => '10', 'waist' => '14', 'hip' => '12'], 'Three sizes, which is normal: 10 at the bust, 14 at the waist, 12 at the hip.'],
]);

test('a level that is not measured is not spoken of', function (): void {
    expect(Headline::of(planOf(['body.waist' => null])))->toBe('One size all the way: 12.');
});
