<?php

declare(strict_types=1);

use App\Models\House;
use App\Models\Make;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** @return array<string, mixed> what the workroom tells of a make */
function rowOf(Make $make): array
{
    return collect(test()->actingAs(User::query()->findOrFail($make->user_id))->getJson('/api/workroom?pages=8')->assertOk()->json('makes'))->firstWhere('id', $make->id);
}

test('what a make tells is worked out once, and told again as long as nothing changes', function (): void {
    $make = demoMake('Merrin Tolvane');
    $first = rowOf($make);
    DB::table('make_tellings')->where('make_id', $make->id)->update(['told' => DB::raw("json_set(told, '$.headline', 'as it was kept')")]);
    expect(rowOf($make)['headline'])->toBe('as it was kept');
    // What is no part of the plan changes nothing of it, and is told as it is.
    $make->update(['name' => 'Another name', 'note' => 'A note.', 'done' => (object) ['worn' => '2026-11-20']]);
    expect(rowOf($make))->toMatchArray(['headline' => 'as it was kept', 'name' => 'Another name', 'next' => 'worn']);
    // By other rules all is worked out anew.
    config(['app.rules' => 'other rules']);
    expect(rowOf($make)['headline'])->toBe($first['headline']);
});

test('whatever a plan is worked out from, a change of it is told at the next visit', function (Closure $change): void {
    $make = demoMake('Merrin Tolvane');
    rowOf($make);
    DB::table('make_tellings')->update(['told' => DB::raw("json_set(told, '$.headline', 'as it was kept')")]);
    $change($make);
    expect(rowOf($make->refresh())['headline'])->not->toBe('as it was kept');
})->with([
    'a reading' => [static fn (Make $make) => $make->card->readings()->firstOrFail()->update(['nanometres' => 905_000_000, 'text' => '90.5'])],
    'a reading more' => [static fn (Make $make) => $make->card->readings()->firstOrFail()->delete()],
    'the one that counts' => [static fn (Make $make) => $make->card->readings()->firstOrFail()->update(['picked' => true])],
    'who measured' => [static fn (Make $make) => $make->card->update(['measured_by' => 'Tegen'])],
    'the card' => [static fn (Make $make) => $make->update(['card_id' => $make->card->wearer->cards()->create(['user_id' => $make->user_id, 'taken_on' => '2026-11-01'])->id])],
    'the choices' => [static fn (Make $make) => $make->update(['choices' => (object) ['pick' => 'level']])],
    'the fitting' => [static fn (Make $make) => $make->update(['fitting' => (object) ['tracing' => 2]])],
    'the cloth' => [static fn (Make $make) => $make->update(['cloth' => (object) ['kind' => 'knit']])],
    'the pattern' => [static fn (Make $make) => $make->pattern->update(['document' => (object) (['levels' => (object) ['hip' => 'free']] + get_object_vars($make->pattern->document))])],
    'the unit of the pattern' => [static fn (Make $make) => $make->pattern->update(['unit' => 'in'])],
    'what its house does' => [static fn (Make $make) => House::query()->where('user_id', $make->user_id)->where('name', $make->pattern->house)->firstOrFail()->update(['habits' => (object) ['seam_allowance' => '2.5']])],
    'how sizes are called' => [static fn (Make $make) => $make->card->wearer->update(['sizes_hidden' => true])],
    'the unit that is shown' => [static fn (Make $make) => User::query()->whereKey($make->user_id)->update(['unit' => 'in'])],
]);

test('who measured counts by what that hand has shown', function (): void {
    $make = demoMake('Merrin Tolvane');
    $make->card->update(['measured_by' => 'Tegen']);
    rowOf($make);
    $stamp = static fn (): string => (string) DB::table('make_tellings')->where('make_id', $make->id)->value('stamp');
    $before = $stamp();
    User::query()->findOrFail($make->user_id)->update(['hands' => ['Tegen' => ['waist' => ['spread' => '2 cm']]]]);
    rowOf($make->refresh());
    expect($stamp())->not->toBe($before);
});

test('a pattern tells its sizes and faults again until it, or what its house does, is another', function (): void {
    $make = demoMake('Merrin Tolvane');
    $told = static fn (): array => collect(test()->getJson('/api/workroom')->json('patterns'))->firstWhere('id', $make->pattern_id);
    rowOf($make);
    DB::table('pattern_tellings')->where('pattern_id', $make->pattern_id)->update(['told' => DB::raw("json_set(told, '$.faults', 77)")]);
    expect($told()['faults'])->toBe(77);
    $make->pattern->update(['document' => (object) (['sizes' => ['8', '8']] + get_object_vars($make->pattern->document))]);
    expect($told()['faults'])->toBeLessThan(77)->toBeGreaterThan(0);
});

test('where nothing can be kept the workroom is told all the same', function (): void {
    $make = demoMake('Merrin Tolvane');
    DB::statement('drop table make_tellings');
    DB::statement('create view make_tellings as select 0 as make_id, \'\' as stamp, \'\' as told');
    expect(rowOf($make)['headline'])->not->toBeNull();
});
