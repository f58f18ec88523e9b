<?php

declare(strict_types=1);

use App\Models\Card;
use App\Models\Reading;
use Underbolt\Measure\Point;

function emptyCard(): Card
{
    $user = someone();
    test()->actingAs($user);
    $wearer = $user->wearers()->create(['name' => 'Merrin']);

    return $wearer->cards()->create(['user_id' => $user->id, 'taken_on' => '2026-11-20']);
}

test('a wearer is added and an empty card of today is started', function (): void {
    $wearer = $this->actingAs(someone())->postJson('/api/wearers', ['name' => 'Merrin'])->assertCreated();
    expect($wearer)->toAgreeWith('WearerData');

    $card = $this->postJson("/api/wearers/{$wearer->json('id')}/cards")->assertCreated();
    expect($card)->toAgreeWith('CardData')
        ->and($card->json('taken_on'))->toBe(now()->toDateString())
        ->and($card->json('readings'))->toBe([]);
});

test('how to measure travels once: asked again, it is as the browser has it', function (): void {
    $this->actingAs(someone());
    $guide = $this->getJson('/api/measuring-guide')->assertOk();
    expect($guide)->toAgreeWith('MeasuringGuideData')
        ->and($guide->json('points'))->toHaveCount(count(Point::cases()))
        ->and(collect($guide->json('sets'))->firstWhere('name', 'three')['points'])->toBe(['full_bust', 'waist', 'hip']);
    $again = $this->getJson('/api/measuring-guide', ['If-None-Match' => (string) $guide->headers->get('ETag')]);
    expect($again->status())->toBe(304)->and($again->getContent())->toBe('');
});

test('a change is told against the card before on the same foundation', function (): void {
    $this->actingAs(someone());
    $wearer = $this->postJson('/api/wearers', ['name' => 'Merrin'])->json('id');
    $card = function (string $day, string $worn, string $waist) use ($wearer): int {
        $id = $this->postJson("/api/wearers/{$wearer}/cards")->json('id');
        $this->putJson("/api/cards/{$id}/readings/waist/1", ['text' => $waist, 'unit' => 'cm', 'version' => 1]);
        $this->patchJson(
            "/api/cards/{$id}",
            ['taken_on' => $day, 'foundation' => $worn, 'point_set' => 'three', 'version' => 2],
        )->assertOk();

        return $id;
    };
    [$first, , $last] = [$card('2026-01-05', 'vest', '80'), $card('2026-03-05', 'corset', '70'), $card('2026-05-05', 'vest', '81.5')];
    expect($this->getJson("/api/cards/{$last}"))->toAgreeWith('CardData')
        ->and($this->getJson("/api/cards/{$last}")->json('changes'))->toBe([
            'since' => '2026-01-05',
            'change_nm' => ['waist' => 15_000_000],
        ])
        ->and($this->getJson("/api/cards/{$first}")->json('changes'))->toBeNull()
        ->and(array_column($this->getJson("/api/cards/{$last}/earlier")->json(), 'foundation'))->toBe(['corset', 'vest'])
        ->and($this->getJson("/api/wearers/{$wearer}"))->toAgreeWith('WearerPageData')
        ->and($this->getJson("/api/wearers/{$wearer}")->json('histories'))->toBe([[
            'foundation' => 'vest', 'point' => 'waist', 'name' => 'Waist',
            'days' => ['2026-01-05', '2026-05-05'], 'length_nm' => [800_000_000, 815_000_000], 'change_nm' => 15_000_000,
        ]]);
});

test('a new card starts from the last one without its figures', function (): void {
    $card = emptyCard();
    $card->update(['foundation' => 'vest', 'point_set' => 'three']);
    $this->putJson("/api/cards/{$card->id}/readings/waist/1", ['text' => '80', 'unit' => 'cm', 'version' => 1])->assertOk();
    $again = $this->postJson("/api/wearers/{$card->wearer_id}/cards")->assertCreated();
    expect($again->json())->toMatchArray(['foundation' => 'vest', 'point_set' => 'three', 'readings' => []])
        ->and(
            $this->getJson("/api/cards/{$again->json('id')}/earlier")->json('0.measures.0'),
        )->toBe(['point' => 'waist', 'length_nm' => 800_000_000, 'spread_nm' => 0, 'counts' => 'only', 'of' => 1]);
});

test('of two cards of one day the one begun first is the earlier', function (): void {
    $wearer = emptyCard()->wearer_id;
    Card::query()->delete();
    $first = $this->postJson("/api/wearers/{$wearer}/cards")->json('id');
    $again = $this->postJson("/api/wearers/{$wearer}/cards")->json('id');
    expect(array_column($this->getJson("/api/cards/{$again}/earlier")->json(), 'id'))->toBe([$first])
        ->and($this->getJson("/api/cards/{$first}/earlier")->json())->toBe([]);
});

test('of two cards of one day the one begun last is the newest, though its day was typed and the other\'s was not', function (): void {
    $first = emptyCard();
    Card::query()->whereKeyNot($first->id)->delete();
    $first->update(['taken_on' => Carbon\CarbonImmutable::today()]);
    $again = $this->postJson("/api/wearers/{$first->wearer_id}/cards")->json();
    foreach ([now()->subDay(), now()] as $changes => $day) {
        $head = ['taken_on' => $day->toDateString(), 'foundation' => '', 'point_set' => 'dress'];
        $this->patchJson("/api/cards/{$again['id']}", $head + ['version' => $again['version'] + $changes])->assertOk();
    }
    expect($first->wearer->cards()->pluck('id')->all())->toBe([$again['id'], $first->id]);
});

test('a wearer needs a name', function (): void {
    $this->actingAs(someone())->postJson('/api/wearers', ['name' => ' '])->assertJsonValidationErrors(['name']);

});

function typeReading(
    Card $card,
    string $point,
    string $text,
    string $unit = 'cm',
    int $attempt = 1,
    ?int $version = null,
): Illuminate\Testing\TestResponse {
    return test()->putJson("/api/cards/{$card->id}/readings/{$point}/{$attempt}", [
        'text' => $text, 'unit' => $unit, 'version' => $version ?? $card->refresh()->version,
    ]);
}

test('a reading is kept as typed, with its unit and its exact length', function (string $text, string $unit, int $nanometres, bool $names = false): void {
    $answer = typeReading(emptyCard(), 'full_bust', $text, $unit)->assertOk();
    expect($answer)->toAgreeWith('CardData')
        ->and($answer->json('readings'))->toBe([
            ['point' => 'full_bust', 'attempt' => 1, 'text' => $text, 'unit' => $unit, 'names_unit' => $names, 'length_nm' => $nanometres, 'picked' => false],
        ]);
})->with([
    ['95,5', 'cm', 955_000_000],
    ['37 3/4', 'in', 958_850_000],
    ['37¾', 'in', 958_850_000],
    ['37"', 'cm', 939_800_000, true],
]);

test('what is no possible figure is refused at the field with the reason, and what was kept stays', function (string $text, string $reason): void {
    $card = emptyCard();
    typeReading($card, 'full_bust', '95')->assertOk();
    $sentence = typeReading($card, 'full_bust', $text)->assertUnprocessable()->json('errors.text.0');
    expect($sentence)->toContain($reason)->and(Reading::query()->sole()->text)->toBe('95')->and($card->refresh()->version)->toBe(2);
})->with([
    ['3 7/8', 'too small'], ['1000', 'too large'], ['ninety', 'not a figure'], ['9.5.5', 'more than one decimal point'],
    ["84\t88\t92", 'not a figure'], ['0', 'too small'], ['-95', 'too small'], ['', 'needed'], [str_repeat('9', 500), 'Too much text'],
]);

test('several readings of a waist give the smallest of them, and how far they lie apart', function (): void {
    $card = emptyCard();
    foreach (['80', '82.5', '80.5'] as $attempt => $text) {
        $answer = typeReading($card, 'waist', $text, attempt: $attempt + 1)->assertOk();
    }
    expect($answer->json('measures'))->toBe([
        ['point' => 'waist', 'length_nm' => 800_000_000, 'spread_nm' => 25_000_000, 'counts' => 'smallest', 'of' => 3],
    ])
        ->and($answer->json('findings.0.text'))->toContain('2.5 cm apart');
});

test('the smallest waist counts until another is picked; two places are asked after, and an answer drops the pick', function (): void {
    $card = emptyCard();
    $waist = fn (): int => $card->refresh()->load('readings')->toBody()->at(Point::Waist)->nanometres;
    foreach (['82', '77', '76.5'] as $attempt => $text) {
        $answer = typeReading($card, 'waist', $text, attempt: $attempt + 1);
    }
    expect($waist())->toBe(765_000_000)->and($answer->json('findings.0.key'))->toBe('two_places:waist')
        ->and($answer->json('findings.0.text'))->toContain('5.5 cm apart');
    $answer = $this->putJson("/api/cards/{$card->id}/picks/waist", ['attempt' => 2, 'version' => 4])->assertOk();
    expect($waist())->toBe(770_000_000)->and($answer->json('measures.0.counts'))->toBe('picked')
        ->and(array_column($answer->json('readings'), 'picked'))->toBe([false, true, false]);
    $this->putJson("/api/cards/{$card->id}/picks/waist", ['attempt' => 3, 'version' => 4])->assertConflict();
    $this->putJson("/api/cards/{$card->id}/picks/waist", ['attempt' => 10, 'version' => 5])->assertUnprocessable();
    $this->putJson("/api/cards/{$card->id}/answers", ['key' => 'two_places:waist', 'so' => true, 'version' => 5])->assertOk();
    expect($waist())->toBe(765_000_000);
});

test('which reading was picked goes out with the file and comes in again', function (string $ending): void {
    $card = emptyCard();
    foreach (['82', '77'] as $attempt => $text) {
        typeReading($card, 'waist', $text, attempt: $attempt + 1);
    }
    $card->refresh()->pick(Point::Waist, 1);
    $file = contentOf($this->get("/api/wearers/{$card->wearer_id}/cards.{$ending}")->assertOk());
    $card->pick(Point::Waist, null);
    $this->postJson("/api/wearers/{$card->wearer_id}/cards/import", ['text' => $file, 'write' => true])->assertOk();
    expect($card->readings()->where('picked', true)->pluck('text')->all())->toBe(['82']);
})->with(['csv', 'json']);

test('a point is corrected or left out again', function (): void {
    $card = emptyCard();
    typeReading($card, 'waist', '80')->assertOk();
    typeReading($card, 'waist', '81')->assertOk();
    expect(Reading::query()->pluck('text')->all())->toBe(['81']);

    $this->deleteJson("/api/cards/{$card->id}/readings/waist/1", ['version' => 3])->assertOk();
    expect(Reading::query()->count())->toBe(0);
});

test('a stale save answers 409 with the card as it stands, and writes nothing', function (): void {
    $card = emptyCard();
    typeReading($card, 'waist', '84', version: 1)->assertOk();
    $stale = typeReading($card, 'waist', '81', version: 1)->assertConflict();
    expect($stale)->toAgreeWith('ConflictData')
        ->and($stale->json('card.version'))->toBe(2)
        ->and($stale->json('card.readings.0.text'))->toBe('84')
        ->and(Reading::query()->sole()->text)->toBe('84');
    $this->deleteJson("/api/cards/{$card->id}/readings/waist/1", ['version' => 1])->assertConflict();
    expect(Reading::query()->count())->toBe(1);
});

test('a finding is answered, the answer is kept and can be taken back', function (): void {
    $card = emptyCard();
    typeReading($card, 'waist', '84');
    typeReading($card, 'tummy', '84.5');
    $asked = fn (): array => $this->getJson("/api/cards/{$card->id}")->json('findings.0');
    expect($asked())->toMatchArray(['key' => 'waist_at_trousers:waist', 'point' => 'waist', 'answered' => false]);

    foreach ([true, false] as $so) {
        $this->putJson(
            "/api/cards/{$card->id}/answers",
            ['key' => 'waist_at_trousers:waist', 'so' => $so, 'version' => $card->refresh()->version],
        )->assertOk();
        expect($asked()['answered'])->toBe($so);
    }
});

test('a jump is measured from the last card on the same foundation', function (): void {
    $card = emptyCard();
    $wearer = $card->wearer;
    $card->update(['foundation' => 'vest']);
    typeReading($card, 'full_bust', '95');
    $later = $wearer->cards()->create(['user_id' => $card->user_id, 'taken_on' => '2026-11-22', 'foundation' => 'vest']);
    expect(typeReading($later, 'full_bust', '101')->json('findings.0.key'))->toBe('jump:full_bust');
    $later->update(['foundation' => 'corset']);
    expect($this->getJson("/api/cards/{$later->id}")->json('findings'))->toBe([]);
});

test('there is no page for a point or a try that isn\'t there', function (): void {
    $card = emptyCard();
    typeReading($card, 'elbow', '80')->assertNotFound();
    typeReading($card, 'waist', '80', attempt: 10)->assertNotFound();
});

test('the day and what was worn underneath can be changed', function (): void {
    $card = emptyCard();
    $head = ['taken_on' => '2026-10-01', 'foundation' => 'long-line bra', 'point_set' => 'skirt'];
    $this->patchJson("/api/cards/{$card->id}", $head + ['version' => 1])->assertOk()->assertJson($head + ['version' => 2]);
    $this->patchJson(
        "/api/cards/{$card->id}",
        ['taken_on' => 'last week', 'version' => 2] + $head,
    )->assertJsonValidationErrors(['taken_on']);
    $this->patchJson("/api/cards/{$card->id}", $head + ['version' => 1])->assertConflict();
});

test('the unit a wearer is measured in goes with the card', function (): void {
    $card = emptyCard();
    expect($this->getJson("/api/cards/{$card->id}")->json('unit'))->toBeNull();
    $card->wearer->update(['unit' => 'in']);
    expect($this->getJson("/api/cards/{$card->id}")->json('unit'))->toBe('in');
});

test('a point is taken over from another card of the wearer, as it was typed', function (): void {
    $card = emptyCard();
    $other = $card->wearer->cards()->create(['user_id' => $card->user_id, 'taken_on' => '2026-05-01']);
    foreach (['37 3/4', '38'] as $attempt => $text) {
        $other->readings()->create([
            'point' => 'hip',
            'attempt' => $attempt + 1,
            'text' => $text,
            'unit' => 'in',
            'nanometres' => Underbolt\Measure\Length::parse($text, Underbolt\Measure\Unit::Inch)->nanometres,
        ]);
    }
    $answer = $this->postJson("/api/cards/{$card->id}/readings/hip/from/{$other->id}", ['version' => 1])->assertOk();
    expect($answer)->toAgreeWith('CardData')
        ->and($answer->json('readings.*.text'))->toBe(['37 3/4', '38'])
        ->and($answer->json('readings.0.unit'))->toBe('in')
        ->and($other->readings()->count())->toBe(2);
    $this->postJson("/api/cards/{$card->id}/readings/hip/from/{$other->id}", ['version' => 1])->assertStatus(409);
    $elestren = App\Models\User::query()->sole()->wearers()->create(['name' => 'Elestren']);
    $strange = $elestren->cards()->create(['user_id' => $card->user_id, 'taken_on' => '2026-05-01']);
    $this->postJson("/api/cards/{$card->id}/readings/hip/from/{$strange->id}", ['version' => 2])->assertNotFound();
});

test('no card is of a day to come', function (): void {
    $card = emptyCard();
    $head = ['version' => 1, 'foundation' => '', 'point_set' => 'dress'];
    $answer = $this->patchJson(
        "/api/cards/{$card->id}",
        $head + ['taken_on' => now()->addDays(2)->toDateString()],
    )->assertJsonValidationErrors(['taken_on']);
    expect($answer->json('errors.taken_on.0'))->toContain('No card is taken in the future');
    // Where it is typed it may be tomorrow already.
    $this->patchJson("/api/cards/{$card->id}", $head + ['taken_on' => now()->addDay()->toDateString()])->assertOk();
});
