<?php

declare(strict_types=1);

use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;

test('who has two papers in the making waits a moment and is told to come back; others are not kept waiting', function (): void {
    waitsPassAtOnce();
    $make = demoMake('Merrin Tolvane');
    hold("heavy {$make->user_id}", 2);
    $paper = "/api/makes/{$make->id}/cut-sheet.pdf";
    $this->actingAs(User::query()->findOrFail($make->user_id))->getJson($paper)->assertStatus(429)->assertHeader('Retry-After', '3')->assertJsonPath('message', 'Your last papers or files are still being worked on. Try again in a few seconds.');
    // What costs little is answered, and so is another account.
    $this->getJson("/api/makes/{$make->id}/bench")->assertOk();
    $this->actingAs(someone('Another'))->postJson('/api/charts/read', ['text' => "Size\t8\t10\nBust\t84\t88", 'unit' => 'cm'])->assertOk();
    Cache::lock("heavy {$make->user_id} 1")->forceRelease();
    $this->actingAs(User::query()->findOrFail($make->user_id))->get($paper)->assertOk();
});

test('all together never take more than half of those who answer, and the queue of one account is short', function (): void {
    waitsPassAtOnce();
    $user = someone();
    $read = fn () => $this->actingAs($user)->postJson('/api/charts/read', ['text' => "Size\t8\t10\nBust\t84\t88", 'unit' => 'cm']);
    hold('heavy', config()->integer('app.heavy_works'));
    $read()->assertStatus(429);
    Cache::lock('heavy 0')->forceRelease();
    $read()->assertOk();
    // Its own place is given back, whatever came of it.
    $this->postJson('/api/charts/read', [])->assertUnprocessable();
    hold("heavy waits {$user->id}", 4);
    $read()->assertStatus(429);
});

test('whoever has one place gets another only while half of all are left', function (): void {
    waitsPassAtOnce();
    $user = someone();
    $read = fn () => $this->actingAs($user)->postJson('/api/charts/read', ['text' => "Size\t8\t10\nBust\t84\t88", 'unit' => 'cm']);
    config(['app.heavy_works' => 4]);
    hold("heavy {$user->id}", 1);
    hold('heavy', 1);
    $read()->assertOk();
    Cache::lock('heavy 1', 60)->get();
    $read()->assertStatus(429);
    // The first of another is taken.
    $this->actingAs(someone('Olwen'))->postJson('/api/charts/read', ['text' => "Size\t8\t10\nBust\t84\t88", 'unit' => 'cm'])->assertOk();
});

test('a stream keeps its place until it is sent', function (): void {
    $make = demoMake('Merrin Tolvane');
    $answer = $this->actingAs(User::query()->findOrFail($make->user_id))->get("/api/patterns/{$make->pattern_id}/company")->assertOk();
    $isFree = static fn (): bool => (bool) Cache::lock("heavy {$make->user_id} 0", 1)->get();
    expect($isFree())->toBeFalse();
    $answer->streamedContent();
    expect($isFree())->toBeTrue();
});

test('a paper that was made is kept until anything it is made from changes', function (string $file, Closure $change): void {
    config(['app.keeps_answers' => true]);
    $make = demoMake('Merrin Tolvane');
    $ask = fn (): string => (string) $this->actingAs(User::query()->findOrFail($make->user_id))->get("/api/makes/{$make->id}/{$file}")->assertOk()->getContent();
    $first = $ask();
    $kept = array_values(array_filter(array_map(static fn (int $place): mixed => Cache::get("kept {$make->user_id} {$place}"), range(0, 63))));
    expect($kept)->toHaveCount(1)->and($kept[0]['body'])->toBe($first);
    // The one that is kept is the one that is answered.
    $place = crc32("/api/makes/{$make->id}/{$file}") % 64;
    Cache::put("kept {$make->user_id} {$place}", ['body' => 'kept'] + $kept[0]);
    expect($ask())->toBe('kept');
    $change($make);
    expect($ask())->not->toBe('kept');
})->with(['cut-sheet.pdf', 'strip.svg', 'all.zip'])->with([
    'the make' => [static fn ($make) => $make->forceFill(['name' => 'Another', 'version' => $make->version + 1])->save()],
    'the card' => [static fn ($make) => $make->card->readings()->where('point', 'waist')->update(['nanometres' => 750_000_000])],
    'the pattern' => [static fn ($make) => $make->pattern->forceFill(['name' => 'Another'])->save()],
    'the day' => [static fn () => CarbonImmutable::setTestNow(CarbonImmutable::now()->addDay())],
]);
