<?php

declare(strict_types=1);

use App\Models\Make;

test('the demo’s data come into an own workroom and go out again, and nothing own goes with them', function (): void {
    $user = someone();
    $own = $user->wearers()->create(['name' => 'Wenna']);
    $house = $user->houses()->create(['name' => 'Limpet & Thole', 'unit' => 'cm', 'habits' => (object) []]);
    $room = $this->actingAs($user)->postJson('/api/demo-data')->assertCreated();
    expect($room)->toAgreeWith('WorkroomData')
        ->and($room->json('has_demo'))->toBeTrue()
        ->and($room->json('wearers.*.name'))->toContain('Wenna')
        ->and(count($room->json('makes')))->toBe(19)
        ->and($user->houses()->where('name', $house->name)->count())->toBe(1);
    $this->postJson('/api/demo-data')->assertConflict();
    $left = $this->deleteJson('/api/demo-data')->assertOk();
    expect($left->json('wearers.*.name'))->toBe(['Wenna'])
        ->and([$left->json('makes'), $left->json('patterns'), $left->json('has_demo')])->toBe([[], [], false])
        ->and($user->houses()->pluck('name')->all())->toBe([$house->name])
        ->and($own->refresh()->exists)->toBeTrue();
});

test('what an own make is made of stays when the demo’s data go, in the bin as well', function (): void {
    $user = someone();
    $this->actingAs($user)->postJson('/api/demo-data')->assertCreated();
    $card = $user->wearers()->create(['name' => 'Wenna'])->cards()->create(['user_id' => $user->id, 'taken_on' => '2026-11-20']);
    $pattern = $user->patterns()->firstOrFail();
    $make = $user->makes()->create(['card_id' => $card->id, 'pattern_id' => $pattern->id, 'unit' => 'cm', 'choices' => (object) []]);
    $this->deleteJson("/api/wearers/{$card->wearer_id}", ['version' => 1])->assertOk();
    $left = $this->deleteJson('/api/demo-data')->assertOk();
    expect($left->json('patterns.*.name'))->toBe([$pattern->name])
        ->and($left->json('has_demo'))->toBeFalse()
        ->and(Make::anywhere()->whereKey($make->id)->exists())->toBeTrue();
});

test('the demo of one workroom is not touched by another’s', function (): void {
    $other = demoUser();
    $this->actingAs(someone())->postJson('/api/demo-data')->assertCreated();
    $this->deleteJson('/api/demo-data')->assertOk();
    expect($other->makes()->count())->toBe(19);
});
