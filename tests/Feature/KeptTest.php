<?php

declare(strict_types=1);

use App\Models\Card;
use App\Models\House;
use App\Models\Make;
use App\Models\Nest;
use App\Models\Pattern;
use App\Models\Reading;
use App\Models\Wearer;
use Illuminate\Support\Facades\Schema;
use Underbolt\Measure\PointSet;

/** Columns that nobody has put anything into: they are counted up, made from others, or tell where the record is. */
const BOOKKEEPING = ['id', 'version', 'company_version', 'created_at', 'updated_at', 'bin_entry_id'];

test('a record says of every column whether it is kept, and of none that isn’t there', function (string $model): void {
    $columns = array_diff(Schema::getColumnListing((new $model)->getTable()), BOOKKEEPING);
    $told = [...$model::KEPT, ...$model::BELONGS_TO];
    sort($columns);
    sort($told);
    expect($told)->toBe($columns)->and((new $model)->getFillable())->toEqualCanonicalizing($told);
})->with([[Wearer::class], [Card::class], [Reading::class], [Pattern::class], [House::class], [Make::class], [Nest::class]]);

test('what a record keeps stands in a file as it was typed, days as days', function (): void {
    $wearer = someone()->wearers()->create(['name' => 'Merrin', 'agreed_on' => '2026-11-20', 'archived_at' => '2026-11-21 08:30:00', 'unit' => 'in', 'sizes_hidden' => true]);
    expect($wearer->kept())->toEqual([
        'name' => 'Merrin', 'notes' => '', 'unit' => 'in', 'archived_at' => '2026-11-21T08:30:00+00:00', 'agreed_on' => '2026-11-20',
        'sizes_hidden' => true, 'wardrobe' => new stdClass, 'is_demo' => false,
    ]);
    $card = $wearer->cards()->create(['user_id' => $wearer->user_id, 'taken_on' => '2026-11-20', 'answers' => ['waist_low']]);
    expect($card->kept())->toBe(['taken_on' => '2026-11-20', 'foundation' => '', 'measured_by' => '', 'point_set' => PointSet::Dress->value, 'answers' => ['waist_low'], 'round_a_board' => false]);
});

test('of a document a record takes its texts and documents, and nothing else', function (): void {
    $document = (object) ['name' => '  Wrack dress ', 'choices' => (object) ['pick' => 'best'], 'unit' => 'cm', 'done' => ['no', 'document'], 'note' => 7, 'user_id' => 'x'];
    expect(Make::heldBy($document))->toEqual(['unit' => 'cm', 'choices' => (object) ['pick' => 'best'], 'name' => 'Wrack dress']);
});

test('everything that is kept is taken away: nests with their marks, company sheets, answers, hidden sizes', function (): void {
    $user = demoUser();
    $wearer = $user->wearers()->firstOrFail();
    $wearer->update(['sizes_hidden' => true, 'notes' => 'Left shoulder low.']);
    $wearer->cards->first()->update(['answers' => ['old_card']]);
    $pattern = $user->patterns()->whereHas('nests')->firstOrFail();
    $pattern->keepCompany((object) ['choices' => (object) ['pick' => 'level']], $pattern->company_version);
    $zip = zipOf(contentOf($this->actingAs($user)->get('/api/me/everything.zip')->assertOk()));
    $file = static fn (string $start): array => json_decode((string) current(array_intersect_key($zip, array_flip(preg_grep("#^{$start}#", array_keys($zip))))), true);
    expect($file("wearers/{$wearer->id}-.*wearer.json"))->toMatchArray(['sizes_hidden' => true, 'notes' => 'Left shoulder low.'])
        ->and($file("wearers/{$wearer->id}-.*wearer.json")['cards'][0]['answers'])->toBe(['old_card'])
        ->and($file("company/{$pattern->id}-")['company'])->toBe(['choices' => ['pick' => 'level']]);
    foreach ($pattern->nests as $nest) {
        expect($file("nests/{$pattern->id}-.*{$nest->piece}"))->toEqual(json_decode((string) json_encode(['drawing' => $nest->lines()] + $nest->kept()), true))
            ->and($nest->marks)->not->toEqual(new stdClass);
    }
});
