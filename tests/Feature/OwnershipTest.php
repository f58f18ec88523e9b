<?php

declare(strict_types=1);

test('another user’s record does not exist', function (string $method, string $address): void {
    $owner = demoUser();
    $ids = [
        'wearer' => $owner->wearers()->first()->id,
        'card' => $owner->wearers()->first()->cards()->first()->id,
        'pattern' => $owner->patterns()->first()->id,
        'make' => $owner->makes()->first()->id,
    ];
    $address = preg_replace_callback('/\{(\w+)\}/', static fn (array $part): string => (string) $ids[$part[1]], $address);

    $this->actingAs(someone())->json($method, $address, ['text' => '80', 'unit' => 'cm'])->assertNotFound();
})->with([
    ['GET', '/api/wearers/{wearer}'],
    ['PATCH', '/api/wearers/{wearer}'],
    ['POST', '/api/wearers/{wearer}/cards'],
    ['GET', '/api/cards/{card}'],
    ['PATCH', '/api/cards/{card}'],
    ['DELETE', '/api/cards/{card}'],
    ['POST', '/api/cards/{card}/restore'],
    ['PUT', '/api/cards/{card}/readings/waist/1'],
    ['DELETE', '/api/cards/{card}/readings/waist/1'],
    ['PUT', '/api/cards/{card}/answers'],
    ['GET', '/api/patterns/{pattern}'],
    ['PUT', '/api/patterns/{pattern}'],
    ['GET', '/api/makes/{make}'],
    ['GET', '/api/makes/{make}/plan'],
    ['PUT', '/api/makes/{make}/choices'],
]);

test('every address of the API but the doors asks who is there', function (): void {
    $open = ['api/register', 'api/sign-in', 'api/demo', 'api/tape', 'api/{any}'];
    foreach (app('router')->getRoutes() as $route) {
        if (str_starts_with($route->uri(), 'api/') && ! in_array($route->uri(), $open, true)) {
            expect($route->gatherMiddleware())->toContain('auth');
        }
    }
});

test('a make cannot be started from another user’s card or pattern', function (): void {
    $owner = demoUser();
    $ids = ['card_id' => $owner->makes()->first()->card_id, 'pattern_id' => $owner->patterns()->first()->id];
    $this->actingAs(someone())->postJson('/api/makes', $ids)->assertJsonValidationErrors(['card_id', 'pattern_id']);
});
