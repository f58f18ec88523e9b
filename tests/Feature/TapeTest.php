<?php

declare(strict_types=1);

use App\Models\Tape;
use App\Models\TapeReading;
use Illuminate\Support\Facades\Http;

function paired(): array
{
    test()->actingAs(someone());

    return test()->postJson('/api/tape/token')->assertCreated()->json();
}

/** @param  array<string, string>  $reading */
function fromTape(string $token, array $reading): Illuminate\Testing\TestResponse
{
    return test()->withToken($token)->postJson('/api/tape', $reading);
}

test('a paired tape sends, and the listener gets what came since', function (): void {
    $tape = paired();
    expect($tape['address'])->toEndWith('/api/tape')->and($tape['token'])->toHaveLength(32);
    $first = fromTape($tape['token'], ['text' => '84.5', 'unit' => 'cm'])->assertCreated();
    expect($first)->toAgreeWith('TapeReadingData');
    fromTape($tape['token'], ['text' => '33 1/4', 'unit' => 'in'])->assertCreated();

    $heard = $this->getJson("/api/tape/readings?after={$tape['last']}")->assertOk();
    expect($heard)->toAgreeWith('TapeReadingsData')
        ->and($heard->json('readings.*.text'))->toBe(['84.5', '33 1/4'])
        ->and($this->getJson("/api/tape/readings?after={$first->json('id')}")->json('readings.*.unit'))->toBe(['in']);
});

test('a tape without a token, with a wrong or an old one, is turned away', function (): void {
    $old = paired()['token'];
    $new = $this->postJson('/api/tape/token')->json('token');
    $reading = ['text' => '84', 'unit' => 'cm'];
    $this->postJson('/api/tape', $reading)->assertUnauthorized();
    fromTape('nonsense', $reading)->assertUnauthorized();
    fromTape($old, $reading)->assertUnauthorized();
    fromTape($new, $reading)->assertCreated();
    expect(Tape::query()->sole()->token_hash)->not->toContain($new);
});

test('nobody hears another user’s tape', function (): void {
    $tape = paired();
    fromTape($tape['token'], ['text' => '84', 'unit' => 'cm']);
    $this->actingAs(someone('Olwen'));
    expect($this->getJson('/api/tape/readings?after=0')->json('readings'))->toBe([]);
});

test('what is no reading is refused, and only the latest fifty are kept', function (): void {
    $token = paired()['token'];
    fromTape($token, ['text' => '', 'unit' => 'cm'])->assertJsonValidationErrors(['text']);
    fromTape($token, ['text' => '84', 'unit' => 'ell'])->assertJsonValidationErrors(['unit']);
    $this->withoutMiddleware(Illuminate\Routing\Middleware\ThrottleRequests::class);
    for ($i = 1; $i <= 55; $i++) {
        fromTape($token, ['text' => (string) $i, 'unit' => 'cm'])->assertCreated();
    }
    expect(TapeReading::query()->count())->toBe(50)->and(TapeReading::query()->min('id'))->toBe(6);
});

test('the stand-in sends readings round a figure, the odd one bad', function (): void {
    Http::fake(['*' => Http::response(['id' => 1], 201)]);
    $this->artisan(
        'underbolt:talking-tape http://tape.example/api/tape secret --around=84 --jitter=0.5 --count=200 --bad=20 --every=0 --seed=7',
    )->assertSuccessful();
    $texts = Http::recorded()->map(static fn (array $pair): string => $pair[0]['text']);
    $figures = $texts->filter(
        static fn (string $text): bool => is_numeric($text),
    )->map(static fn (string $text): float => (float) $text)->filter(
        static fn (float $figure): bool => abs($figure - 84) <= 0.5,
    );
    expect($texts)->toHaveCount(200)->and($figures->count())->toBeGreaterThan(130)->toBeLessThan(190)
        ->and($figures->unique()->count())->toBeGreaterThan(5)
        ->and(Http::recorded()->first()[0]->header('Authorization'))->toBe(['Bearer secret']);
});

test('the stand-in says when it is not heard', function (): void {
    Http::fake(['*' => Http::response(['message' => 'No tape has this token.'], 401)]);
    $this->artisan('underbolt:talking-tape http://tape.example/api/tape secret')->expectsOutputToContain('No tape has this token')->assertFailed();
});

test('the readings of another tape push none of mine out', function (): void {
    $mine = paired();
    fromTape($mine['token'], ['text' => '84', 'unit' => 'cm'])->assertCreated();
    $this->actingAs(someone('Olwen'));
    $others = $this->postJson('/api/tape/token')->json('token');
    $this->withoutMiddleware(Illuminate\Routing\Middleware\ThrottleRequests::class);
    for ($i = 1; $i <= 60; $i++) {
        fromTape($others, ['text' => (string) $i, 'unit' => 'cm'])->assertCreated();
    }
    fromTape($mine['token'], ['text' => '85', 'unit' => 'cm'])->assertCreated();
    expect(TapeReading::query()->where('tape_id', Tape::withToken($mine['token'])->id)->pluck('text')->all())->toBe(['84', '85'])
        ->and(Tape::withToken($others)->readings()->count())->toBe(50);
});
