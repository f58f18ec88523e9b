<?php

declare(strict_types=1);

use Underbolt\Measure\Body;
use Underbolt\Sizing\Cup;

use function Tests\Core\inches;

test('one letter for every inch between high and full bust, the nearest, of two the larger', function (string $full, string $letter): void {
    expect(Cup::of(new Body(['high_bust' => inches('36'), 'full_bust' => inches($full)]), null)?->letter)->toBe($letter);
})->with([
    ['35', 'AA'], ['36', 'AA'], ['36 7/16', 'AA'], ['36 1/2', 'A'], ['37', 'A'], ['38', 'B'], ['38 31/64', 'B'], ['38 1/2', 'C'],
    ['39', 'C'], ['40', 'D'], ['41', 'E'], ['42', 'F'], ['47', 'K'], ['60', 'K'],
]);

test('without one of the two girths there is no cup', function (): void {
    expect(Cup::of(new Body(['full_bust' => inches('38')]), null))->toBeNull()
        ->and(Cup::of(new Body(['high_bust' => inches('38')]), null))->toBeNull();
});
