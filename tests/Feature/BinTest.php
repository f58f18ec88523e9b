<?php

declare(strict_types=1);

use App\Models\Card;
use App\Models\Make;
use App\Models\Pattern;
use App\Models\Reading;
use App\Models\User;
use App\Models\Wearer;
use Carbon\CarbonImmutable;

/** What the user of the demo sees: everything but what is in the bin. */
function seen(User $user): array
{
    $room = test()->actingAs($user)->getJson('/api/workroom')->assertOk();

    return ['makes' => count($room->json('makes')), 'wearers' => count($room->json('wearers')), 'patterns' => count($room->json('patterns'))];
}

/** Deletes, and gives the number of the entry in the bin. */
function deleted(string $address, int $version = 1): int
{
    return test()->deleteJson($address, ['version' => $version])->assertOk()->json('id');
}

test('a wearer goes with all cards and makes, after being told what goes, and comes back with them', function (): void {
    $make = demoMake('Merrin Tolvane');
    $wearer = $make->card->wearer;
    $user = User::query()->find($wearer->user_id);
    $before = seen($user);
    $along = $this->getJson("/api/wearers/{$wearer->id}")->json('goes_along');
    expect($along)->toMatch('/^\d+ cards? and \d+ makes?$/');

    $answer = $this->deleteJson("/api/wearers/{$wearer->id}", ['version' => $wearer->version])->assertOk();
    expect($answer)->toAgreeWith('BinEntryData')
        ->and($answer->json())->toMatchArray(['kind' => 'wearer', 'name' => 'Merrin Tolvane', 'with' => $along, 'days_left' => 30]);
    foreach (["wearers/{$wearer->id}", "cards/{$make->card_id}", "makes/{$make->id}", "makes/{$make->id}/cut-sheet.pdf"] as $gone) {
        $this->getJson("/api/{$gone}")->assertNotFound();
    }
    expect(seen($user)['wearers'])->toBe($before['wearers'] - 1)
        ->and($this->getJson('/api/bin')->assertOk()->json('0.name'))->toBe('Merrin Tolvane');

    $this->postJson("/api/bin/{$answer->json('id')}/restore")->assertNoContent();
    $this->getJson("/api/makes/{$make->id}/bench")->assertOk();
    expect(seen($user))->toBe($before)->and($this->getJson('/api/bin')->json())->toBe([]);
});

test('a pattern goes with its makes; its house goes alone', function (): void {
    $make = demoMake('Merrin Tolvane');
    $house = array_column($this->getJson('/api/pattern-guide')->json('houses'), null, 'name')['Limpet & Thole'];
    deleted("/api/patterns/{$make->pattern_id}", $make->pattern->version);
    $this->getJson("/api/makes/{$make->id}/plan")->assertNotFound();
    $entry = deleted("/api/houses/{$house['id']}", $house['version']);
    expect(array_column($this->getJson('/api/pattern-guide')->json('houses'), 'name'))->not->toContain('Limpet & Thole');

    // Its name is free for another; while that stands it can't come back.
    $this->putJson('/api/houses', ['name' => 'Limpet & Thole', 'unit' => 'in', 'habits' => (object) []])->assertOk();
    $this->postJson("/api/bin/{$entry}/restore")->assertConflict()->assertJsonPath('message', 'Limpet & Thole has habits again: put those into the bin first.');
});

test('nothing comes back without what it needs', function (): void {
    $make = demoMake('Merrin Tolvane');
    $own = deleted("/api/makes/{$make->id}", $make->version);
    $pattern = deleted("/api/patterns/{$make->pattern_id}", $make->pattern->version);
    $this->postJson("/api/bin/{$own}/restore")->assertConflict()->assertJsonPath('message', "{$make->pattern->name} is in the bin: bring that back first.");
    $this->postJson("/api/bin/{$pattern}/restore")->assertNoContent();
    $this->getJson("/api/makes/{$make->id}")->assertNotFound();
    $this->postJson("/api/bin/{$own}/restore")->assertNoContent();
    $this->getJson("/api/makes/{$make->id}")->assertOk();
});

test('a make whose pattern and wearer went, one after the other, is back when both are', function (): void {
    $make = demoMake('Merrin Tolvane');
    $wearer = deleted("/api/wearers/{$make->card->wearer_id}", $make->card->wearer->version);
    $pattern = deleted("/api/patterns/{$make->pattern_id}", $make->pattern->version);
    $this->postJson("/api/bin/{$wearer}/restore")->assertNoContent();
    $this->getJson("/api/makes/{$make->id}")->assertNotFound();
    $this->getJson('/api/workroom')->assertOk();
    $this->postJson("/api/bin/{$pattern}/restore")->assertNoContent();
    $this->getJson("/api/makes/{$make->id}/plan")->assertOk();
});

test('what was changed elsewhere meanwhile is not deleted', function (): void {
    $make = demoMake('Merrin Tolvane');
    $addresses = ["wearers/{$make->card->wearer_id}", "cards/{$make->card_id}", "patterns/{$make->pattern_id}", "makes/{$make->id}"];
    foreach ($addresses as $address) {
        $this->deleteJson("/api/{$address}", ['version' => 0])->assertConflict();
        $this->deleteJson("/api/{$address}")->assertJsonValidationErrors('version');
        $this->getJson("/api/{$address}")->assertOk();
    }
});

test('a card in the bin is not planned from, stays with its makes and comes back as it was', function (): void {
    $make = demoMake('Merrin Tolvane');
    $entry = deleted("/api/cards/{$make->card_id}", $make->card->version);
    $this->getJson("/api/cards/{$make->card_id}")->assertNotFound();
    $this->getJson("/api/makes/{$make->id}/plan")->assertOk();
    $this->postJson('/api/makes', ['card_id' => $make->card_id, 'pattern_id' => $make->pattern_id])->assertJsonValidationErrors('card_id');
    $this->deleteJson("/api/bin/{$entry}")->assertConflict();

    $this->postJson("/api/bin/{$entry}/restore")->assertNoContent();
    $this->getJson("/api/cards/{$make->card_id}")->assertOk();
    $this->postJson("/api/bin/{$entry}/restore")->assertNotFound();
});

test('after thirty days it goes for good, with its readings; a card that a make needs stays', function (): void {
    $make = demoMake('Merrin Tolvane');
    $readings = Reading::query()->count();
    deleted("/api/cards/{$make->card_id}", $make->card->version);
    $other = Wearer::query()->whereDoesntHave('cards', fn ($cards) => $cards->where('id', $make->card_id))->whereHas('cards')->first();
    $lost = Reading::query()->whereIn('card_id', $other->cards()->pluck('id'))->count();
    deleted("/api/wearers/{$other->id}", $other->version);

    CarbonImmutable::setTestNow(CarbonImmutable::now()->addDays(29));
    $this->artisan('underbolt:empty-bin')->expectsOutput('0 things are gone for good.');
    CarbonImmutable::setTestNow(CarbonImmutable::now()->addDays(2));
    $this->artisan('underbolt:empty-bin')->expectsOutput('1 thing is gone for good.');
    CarbonImmutable::setTestNow();

    expect(Wearer::anywhere()->find($other->id))->toBeNull()
        ->and(Reading::query()->count())->toBe($readings - $lost)
        ->and(Card::anywhere()->find($make->card_id))->not->toBeNull()
        ->and(Make::query()->find($make->id))->not->toBeNull();
});

test('it can be let go for good before', function (): void {
    $make = demoMake('Merrin Tolvane');
    $entry = deleted("/api/patterns/{$make->pattern_id}", $make->pattern->version);
    $this->deleteJson("/api/bin/{$entry}")->assertNoContent();
    expect(Pattern::anywhere()->find($make->pattern_id))->toBeNull()
        ->and(Make::anywhere()->find($make->id))->toBeNull()
        ->and(Card::query()->find($make->card_id))->not->toBeNull();
});
