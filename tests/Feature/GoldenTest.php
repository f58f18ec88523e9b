<?php

declare(strict_types=1);

/*
 * What leaves the server, whole, for files in which no two figures are alike: a field that is swapped with its
 * neighbour, left out or rounded away is seen here and nowhere else. The files in fixtures/golden are written anew
 * by `GOLDEN=write vendor/bin/pest tests/Feature/GoldenTest.php`; read the difference before you commit it.
 */

/** A drawing is long: its lines stand as a digest, which changes with any of their figures. */
function withDigests(mixed $answer): mixed
{
    if (! is_array($answer)) {
        return $answer;
    }
    $isLine = array_is_list($answer) && count($answer) > 40;

    return $isLine ? count($answer).' '.sha1((string) json_encode($answer)) : array_map(withDigests(...), $answer);
}

function expectGolden(string $name, mixed $answer): void
{
    $file = __DIR__."/../fixtures/golden/{$name}.json";
    $text = json_encode(
        withDigests($answer),
        JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
    )."\n";
    if (getenv('GOLDEN') === 'write') {
        file_put_contents($file, $text);
    }
    expect($text)->toBe((string) file_get_contents($file), $name);
}

beforeEach(function (): void {
    $this->travelTo('2026-11-23 09:30:00');
    $this->actingAs(someone());
});

test('the plan of a worked file leaves the server just so', function (string $file): void {
    $id = $this->postJson(
        '/api/makes/import',
        ['text' => (string) file_get_contents($file), 'wearer' => 'Tamsin Roscarrow'],
    )->assertCreated()->json('id');
    expectGolden('plan-'.basename($file, '.make.json'), $this->getJson("/api/makes/{$id}/plan")->assertOk()->json());
})->with(glob(__DIR__.'/../fixtures/worked/*.make.json') ?: []);

test('a file with every key there is gives every answer just so', function (): void {
    $text = (string) file_get_contents(__DIR__.'/../fixtures/complete.make.json');
    $make = $this->postJson('/api/makes/import', ['text' => $text, 'wearer' => 'Tamsin Roscarrow'])->assertCreated()->json();
    $card = $this->getJson("/api/cards/{$make['card_id']}")->assertOk()->json();
    $answers = [
        'make' => $make,
        'plan' => $this->getJson("/api/makes/{$make['id']}/plan")->assertOk()->json(),
        'why-not' => $this->getJson("/api/makes/{$make['id']}/why-not")->assertOk()->json(),
        'file' => json_decode((string) $this->get("/api/makes/{$make['id']}/make.json")->getContent(), true),
        'card' => $card,
        'pattern' => $this->getJson("/api/patterns/{$make['pattern_id']}")->assertOk()->json(),
        'wearer' => $this->getJson("/api/wearers/{$card['wearer_id']}")->assertOk()->json(),
        'workroom' => $this->getJson('/api/workroom')->assertOk()->json(),
    ];
    foreach ($answers as $name => $answer) {
        expectGolden("complete-{$name}", $answer);
    }
});
