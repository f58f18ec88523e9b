<?php

declare(strict_types=1);

use App\Models\Wearer;

test('a wearer is shown with every card, newest first, and the cup that each foundation gives', function (): void {
    $user = demoUser();
    $wearer = $user->wearers()->where('name', 'Bettrys Calloway-Pike')->sole();
    $this->travelTo('2026-11-23');
    $page = $this->actingAs($user)->getJson("/api/wearers/{$wearer->id}")->assertOk();
    expect($page)->toAgreeWith('WearerPageData')
        ->and($page->json('cards.*.age_days'))->toBe([9, 231])
        ->and($page->json('cards.*.cup'))->toBe(['B', 'B'])
        ->and($page->json('cards.0.measures'))->toHaveCount(5);
});

test('notes and an agreement are kept, with the day it was given', function (): void {
    $user = someone();
    $wearer = $user->wearers()->create(['name' => 'Merrin']);
    $this->actingAs($user)->travelTo('2026-11-20 10:00');
    $change = ['name' => 'Merrin', 'notes' => 'left shoulder is stiff', 'unit' => 'in', 'agreed' => true, 'sizes_hidden' => false, 'archived' => false];
    $this->patchJson("/api/wearers/{$wearer->id}", $change + ['version' => 1])->assertOk()
        ->assertJson(['notes' => 'left shoulder is stiff', 'unit' => 'in', 'agreed_on' => '2026-11-20']);
    $this->travelTo('2026-11-22 10:00');
    $this->patchJson("/api/wearers/{$wearer->id}", $change + ['version' => 2])->assertJson(['agreed_on' => '2026-11-20']);
    $this->patchJson("/api/wearers/{$wearer->id}", ['agreed' => false, 'version' => 3] + $change)->assertJson(['agreed_on' => null]);
    $this->patchJson("/api/wearers/{$wearer->id}", ['name' => '', 'version' => 4] + $change)->assertJsonValidationErrors(['name']);
    $stale = $this->patchJson("/api/wearers/{$wearer->id}", ['name' => 'Another', 'version' => 3] + $change)->assertConflict();
    expect($stale)->toAgreeWith('WearerConflictData')->and($stale->json('wearer.version'))->toBe(4)->and($wearer->refresh()->name)->not->toBe('Another');
});

test('a wearer is put away and brought back with every card', function (): void {
    $user = demoUser();
    $wearer = $user->wearers()->first();
    $this->actingAs($user);
    $change = ['name' => $wearer->name, 'notes' => '', 'unit' => null, 'agreed' => false, 'sizes_hidden' => false];
    $away = fn (): bool => collect($this->getJson('/api/workroom')->json('wearers'))->firstWhere('id', $wearer->id)['archived'];

    $this->patchJson("/api/wearers/{$wearer->id}", $change + ['archived' => true, 'version' => 1])->assertOk();
    expect($away())->toBeTrue();
    $this->patchJson("/api/wearers/{$wearer->id}", $change + ['archived' => false, 'version' => 2])->assertOk();
    expect($away())->toBeFalse()->and(Wearer::query()->find($wearer->id)->cards()->count())->toBe(1);
});

test('a point that was taken twice is one measured point', function (): void {
    $user = demoUser();
    $card = $user->wearers()->first()->cards()->first();
    $card->readings()->create(['point' => 'waist', 'attempt' => 2, 'text' => '75', 'unit' => 'cm', 'nanometres' => 750_000_000]);
    $wearer = collect($this->actingAs($user)->getJson('/api/workroom')->json('wearers'))->firstWhere('id', $card->wearer_id);
    expect($wearer['cards'][0]['measured'])->toBe(5);
});
