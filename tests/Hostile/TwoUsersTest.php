<?php

declare(strict_types=1);

use App\Records\Bin;

/** @return list<array{string, string}> method and address of every route that names a record */
function recordRoutes(): array
{
    $routes = [];
    foreach (app('router')->getRoutes() as $route) {
        if (preg_match('#^api/.*\\{(wearer|card|pattern|make|house|entry)\\}#', $route->uri()) === 1) {
            $routes[] = [$route->methods()[0], '/'.$route->uri()];
        }
    }

    return $routes;
}

test('another user’s record does not exist, whatever is asked of it', function (): void {
    $owner = demoUser();
    $ids = [
        'wearer' => $owner->wearers()->first()->id,
        'card' => $owner->makes()->first()->card_id,
        'other' => $owner->makes()->first()->card_id,
        'pattern' => $owner->patterns()->first()->id,
        'make' => $owner->makes()->first()->id,
        'house' => $owner->houses()->first()->id,
        'entry' => Bin::put($owner->patterns()->get()->last())->id,
        'point' => 'waist', 'attempt' => 1, 'piece' => 'front', 'key' => 'cut', 'level' => 'waist',
    ];
    $stranger = someone('Stranger');
    $answers = [];
    foreach (recordRoutes() as [$method, $route]) {
        $address = (string) preg_replace_callback('/\{(\w+)\}/', static fn (array $part): string => (string) $ids[$part[1]], $route);
        $answers["{$method} {$route}"] = $this->actingAs($stranger)->json($method, $address, ['version' => 1])->getStatusCode();
    }
    expect(count($answers))->toBeGreaterThan(35)->and(array_unique(array_values($answers)))->toBe([404]);
});

test('every address of the API but the doors asks who is there', function (): void {
    $open = ['api/register', 'api/sign-in', 'api/recover', 'api/demo', 'api/tape', 'api/{any}'];
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
