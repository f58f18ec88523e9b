<?php

declare(strict_types=1);

use App\Models\Make;
use Illuminate\Testing\TestResponse;

/** @param  array<string, mixed>  $fitting */
function fitted(Make $make, array $fitting, ?int $version = null): TestResponse
{
    return test()->putJson("/api/makes/{$make->id}/fitting", ['fitting' => $fitting, 'version' => $version ?? $make->refresh()->version]);
}

test('what a fitting found is kept, and the plan, the sheet and the command have it', function (): void {
    $make = demoMake('Merrin Tolvane');
    $before = $this->getJson("/api/makes/{$make->id}/plan")->json();
    expect($this->getJson("/api/makes/{$make->id}/fitting")->assertOk())->toAgreeWith('FittingData');
    $findings = [
        ['place' => 'waist', 'what' => 'add', 'amount' => '0,4', 'where' => 'both', 'pieces' => ['1 bodice front'], 'note' => '', 'tracing' => 2, 'done' => []],
        ['place' => 'armhole', 'what' => 'raise', 'amount' => '1', 'where' => 'both', 'pieces' => ['5 sleeve'], 'note' => 'Pulls.', 'tracing' => 3, 'done' => []],
    ];
    $kept = fitted($make, ['tracing' => 3, 'tried' => 2, 'findings' => $findings])->assertOk();
    expect($kept)->toAgreeWith('FittingData')
        ->and(array_column($kept->json('findings'), 'stands'))->toBe(['closed', 'open'])
        ->and(array_column($kept->json('findings'), 'goes_into'))->toBe(['line', 'step'])
        ->and($kept->json('headline'))->toContain('the waist let out 1.6 cm');
    $sheet = json_encode($this->getJson("/api/makes/{$make->id}/cut-sheet")->json('steps'));
    expect($sheet)->toContain('Tracing 3: Raise the armhole by 1 cm, front and back (Pulls).')->toContain('5 sleeve');
    // In the file as well, and so in the plan that the command makes of it.
    $file = (string) tempnam(sys_get_temp_dir(), 'make');
    file_put_contents($file, $this->get("/api/makes/{$make->id}/make.json")->getContent());
    expect(Illuminate\Support\Facades\Artisan::call('underbolt:plan', ['file' => [$file]]))->toBe(0);
    $plan = json_decode(Illuminate\Support\Facades\Artisan::output(), true);
    unlink($file);
    expect($plan['levels']['waist']['change'])->toBe(['front' => 0.4, 'back' => 0.4])->and(array_column($plan['work'], 'kind'))->toContain('finding');
    fitted($make, [])->assertOk();
    expect($this->getJson("/api/makes/{$make->id}/plan")->json())->toBe($before);
});

test('a finding that can\'t be is told at its field and nothing is kept; one from an old view neither', function (): void {
    $make = demoMake('Merrin Tolvane');
    $finding = ['place' => 'waist', 'what' => 'add', 'amount' => 'much', 'tracing' => 2];
    fitted($make, ['tracing' => 2, 'findings' => [$finding]])->assertUnprocessable()->assertJsonValidationErrors(['fitting.findings[0].amount']);
    expect((array) $make->refresh()->fitting)->toBe([]);
    fitted($make, ['tracing' => 1], $make->version - 1)->assertConflict();
    // What the paper can't take is refused with the plan's own words, and the kept one stays.
    fitted($make, ['tracing' => 2, 'findings' => [['place' => 'waist', 'what' => 'shorten', 'amount' => '20', 'tracing' => 2], ['place' => 'waist', 'what' => 'shorten', 'amount' => '20', 'tracing' => 2]]])->assertUnprocessable();
    expect((array) $make->refresh()->fitting)->toBe([]);
});

test('a verdict kept for another size than the make is now says so', function (): void {
    $make = demoMake('Merrin Tolvane');
    $keep = fn (array $sizes, array $ease): array => $this->putJson("/api/makes/{$make->id}/verdict", ['verdict' => ['day' => '2026-11-20', 'levels' => ['bust' => 'right'], 'sizes' => $sizes, 'ease' => (object) $ease], 'version' => $make->refresh()->version])->assertOk()->json();
    $now = array_column($this->getJson("/api/makes/{$make->id}/fitting")->json('levels'), null, 'level');
    $same = array_map(static fn (array $one): string => $one['size'], $now);
    expect($keep($same, ['bust' => $now['bust']['ease']])['changed_since'])->toBe([])
        ->and($keep(['bust' => '18'] + $same, [])['changed_since'])->toBe(["bust 18, now {$now['bust']['size']}"]);
});

test('the verdict is kept with the ease as cut of its day, and shown in the history', function (): void {
    $make = demoMake('Idony Fenwharf');
    $verdict = ['day' => '2026-11-20', 'levels' => ['bust' => 'right', 'waist' => 'tight'], 'ease' => ['bust' => '8 cm', 'waist' => '2 cm'], 'sizes' => ['bust' => '22', 'waist' => '22'], 'note' => 'Sat well.', 'again' => true];
    $given = $this->putJson("/api/makes/{$make->id}/verdict", ['verdict' => $verdict, 'version' => $make->version])->assertOk();
    expect($given)->toAgreeWith('FittingData')->and($given->json('verdict.ease.bust'))->toBe('8 cm');
    $history = $this->getJson("/api/wearers/{$make->card->wearer_id}/history")->assertOk();
    expect($history)->toAgreeWith('HistoryPageData')->and(collect($history->json('makes'))->firstWhere('id', $make->id)['verdict']['levels'])->toBe(['bust' => 'right', 'waist' => 'tight']);
    $bad = ['levels' => ['bust' => 'fine'], 'day' => '2026-02-30'];
    $this->putJson("/api/makes/{$make->id}/verdict", ['verdict' => $bad, 'version' => $make->refresh()->version])->assertUnprocessable()->assertJsonValidationErrors(['verdict.levels.bust', 'verdict.day']);
});

test('what earlier makes teach is offered on the next, a contradiction said', function (): void {
    $offers = $this->getJson('/api/makes/'.demoMake('Merrin Tolvane')->id.'/offers')->assertOk();
    expect($offers)->toAgreeWith('OffersData')
        ->and($offers->json('eases.0'))->toBe(['level' => 'bust', 'words' => 'In three dresses of woven cloth 6.5 cm was right.', 'liked_ease' => '6.5 cm', 'least_ease' => null, 'is_taken' => false])
        ->and($offers->json('findings.*.words'))->toBe([
            'Last time the hem was shortened by 2 cm, front and back', 'The armhole was raised in 2 of 3, last by 0.8 cm, front and back',
        ]);
    $contrary = $this->getJson('/api/makes/'.demoMake('Hedra Pasco')->id.'/offers')->json('eases.0.words');
    expect($contrary)->toContain('8 cm was right')->toContain('contradict one another');
    // A garment that fits, laid flat and measured, counts as a verdict; other kinds and other wearers teach nothing here.
    $make = demoMake('Idony Fenwharf');
    expect($this->getJson("/api/makes/{$make->id}/offers")->json('eases'))->toBe([]);
    $again = $this->postJson("/api/makes/{$make->id}/copies", [])->assertCreated()->json('id');
    $make->load('card.readings');
    $make->update(['choices' => (object) ['own_garment' => (object) ['waist' => '60']]]);
    $waist = $make->card->toBody()->at(Underbolt\Measure\Point::Waist)->nanometres / 1e7;
    expect($this->getJson("/api/makes/{$again}/offers")->json('eases.0.liked_ease'))->toBe(round(120 - $waist, 1).' cm');
});

/** A make of the demo, judged at the waist, begun again: the new one. */
function begunAgain(array $parts, array $verdict): Make
{
    $make = demoMake('Merrin Tolvane');
    Make::query()->where('user_id', $make->user_id)->whereKeyNot($make->id)->whereRelation('card', 'wearer_id', $make->card->wearer_id)->delete();
    $make->update($parts);
    test()->putJson("/api/makes/{$make->id}/verdict", ['verdict' => $verdict, 'version' => $make->version])->assertOk();

    return Make::query()->findOrFail(test()->postJson("/api/makes/{$make->id}/copies", [])->assertCreated()->json('id'));
}

test('what came out tight leaves more the next time: the least is 6 mm beyond it, and what was taken in there is not carried', function (): void {
    $finding = ['what' => 'take', 'amount' => '0.5', 'tracing' => 2, 'where' => 'both', 'pieces' => [], 'note' => ''];
    $again = begunAgain([
        'choices' => (object) ['ease' => 'drafted', 'by_hand' => (object) ['waist' => (object) ['front' => '-0.3', 'back' => '0.2'], 'hip' => (object) ['front' => '-1']], 'centre_back' => (object) ['waist' => '0'], 'take' => (object) ['waist' => 'in_line']],
        'fitting' => (object) ['tracing' => 2, 'tried' => 2, 'findings' => [(object) (['place' => 'waist'] + $finding), (object) (['place' => 'hip'] + $finding)]],
    ], ['day' => '2026-11-20', 'levels' => ['waist' => 'tight'], 'ease' => ['waist' => '3 cm']]);
    expect($again->choices->by_hand)->toEqual((object) ['waist' => (object) ['back' => '0.2'], 'hip' => (object) ['front' => '-1']])
        ->and((array) $again->choices->take)->toBe([])->and(array_column($again->fitting->findings, 'place'))->toBe(['hip']);
    $offer = $this->getJson("/api/makes/{$again->id}/offers")->json('eases.0');
    expect($offer)->toMatchArray(['level' => 'waist', 'least_ease' => '3.6 cm', 'is_taken' => false])->and($offer['words'])->toContain('3 cm was too tight: leave more');
    $taken = $this->putJson("/api/makes/{$again->id}/offers/waist", ['version' => $again->version])->assertOk();
    expect($taken)->toAgreeWith('LearnedData')->and(collect($taken->json('bench.plan.levels'))->firstWhere('level', 'waist')['ease_as_cut_nm'])->toBeGreaterThanOrEqual(36_000_000)
        ->and($this->getJson("/api/makes/{$again->id}/offers")->json('eases.0.is_taken'))->toBeTrue();
    $this->putJson("/api/makes/{$again->id}/offers/waist", ['version' => 1])->assertConflict();
    $this->putJson("/api/makes/{$again->id}/offers/hip", ['version' => 2])->assertNotFound();
});

test('a learned ease holds what was found: it is taken back from the new make, and said, not added twice', function (): void {
    $finding = ['place' => 'waist', 'what' => 'add', 'amount' => '0.5', 'tracing' => 2, 'where' => 'both', 'pieces' => [], 'note' => ''];
    $again = begunAgain(
        ['choices' => (object) ['by_hand' => (object) ['waist' => (object) ['front' => '0.2']]], 'fitting' => (object) ['tracing' => 2, 'tried' => 2, 'findings' => [(object) $finding, (object) (['place' => 'side_seam'] + $finding), (object) (['place' => 'armhole', 'what' => 'raise'] + $finding)]]],
        ['day' => '2026-11-20', 'levels' => ['waist' => 'right'], 'ease' => ['waist' => '9 cm']],
    );
    $before = $again->fitting;
    $taken = $this->putJson("/api/makes/{$again->id}/offers/waist", ['version' => $again->version])->assertOk();
    $waist = collect($taken->json('bench.plan.levels'))->firstWhere('level', 'waist');
    expect($taken->json('took_back'))->toBe(['what was set by hand at the waist', 'what was found on an earlier make at the waist'])
        ->and($taken->json('fitting_before'))->toEqual(json_decode((string) json_encode($before), true))
        ->and($waist['by_hand_nm'])->toBe(0)
        // What moves the whole side seam is taken back at all its levels.
        ->and(array_column($again->refresh()->fitting->findings, 'place'))->toBe(['armhole'])
        ->and(collect($taken->json('bench.plan.levels'))->firstWhere('level', 'hip')['by_hand_nm'])->toBe(0);
});

test('what was found on the last make of a pattern is offered on its next one after once, and a verdict ticks that it is worn', function (): void {
    $make = demoMake('Idony Fenwharf');
    fitted($make, ['tracing' => 2, 'tried' => 2, 'findings' => [['place' => 'neck', 'what' => 'raise', 'amount' => '2.5', 'tracing' => 2, 'where' => 'both', 'pieces' => [], 'note' => '']]])->assertOk();
    expect($this->getJson("/api/makes/{$make->id}/cut-sheet")->json('done.worn'))->toBeNull();
    $this->putJson("/api/makes/{$make->id}/verdict", ['verdict' => ['day' => '2026-11-20', 'levels' => ['bust' => 'right']], 'version' => $make->refresh()->version])->assertOk();
    expect($this->getJson("/api/makes/{$make->id}/cut-sheet")->json('done.worn'))->toBe('2026-11-20');
    $next = $this->postJson('/api/makes', ['card_id' => $make->card_id, 'pattern_id' => $make->pattern_id])->assertCreated()->json('id');
    $offers = $this->getJson("/api/makes/{$next}/offers");
    expect($offers)->toAgreeWith('OffersData')->and($offers->json('findings'))->toBe([])
        ->and($offers->json('last.changes'))->toBe([['key' => 'findings.0', 'words' => 'the neck was raised by 2.5 cm, front and back', 'is_taken' => false, 'here' => null]])
        ->and($offers->json('last.worn'))->toBe('right at the bust');
});

test('a make begins again, for another wearer, or from another pattern', function (): void {
    $make = demoMake('Bettrys Calloway-Pike');
    $make->update(['name' => 'Quay coat', 'choices' => (object) ['view' => 'B', 'sizes' => (object) ['waist' => '18'], 'liked_ease' => (object) ['bust' => '7'], 'blend' => 'straight'], 'cloth' => (object) ['name' => 'drill', 'have' => ['zip']]]);
    $finding = ['place' => 'armhole', 'what' => 'raise', 'amount' => '1', 'tracing' => 2, 'done' => ['5 sleeve'], 'where' => 'both', 'pieces' => ['5 sleeve'], 'note' => ''];
    fitted($make, ['tracing' => 2, 'tried' => 2, 'findings' => [$finding, ['tracing' => 3] + $finding]])->assertOk();
    $copy = fn (array $from): Make => Make::query()->findOrFail($this->postJson("/api/makes/{$make->id}/copies", $from)->assertCreated()->json('id'));

    $again = $copy([]);
    expect($again->name)->toBe('Quay coat, again')->and($again->choices)->toEqual($make->refresh()->choices)
        // What was found is in it from the start, to be done again; what was stepped back from isn't.
        ->and($again->fitting->findings)->toHaveCount(1)->and($again->fitting->findings[0])->not->toHaveProperty('done')
        ->and($again->cloth)->toEqual((object) ['name' => 'drill'])->and((array) $again->verdict)->toBe([]);

    $other = Make::query()->where('user_id', $make->user_id)->where('card_id', '!=', $make->card_id)->firstOrFail();
    $theirs = $copy(['card_id' => $other->card_id]);
    expect($theirs->card_id)->toBe($other->card_id)->and((array) $theirs->choices)->toBe(['view' => 'B', 'blend' => 'straight'])->and((array) $theirs->fitting)->toBe([]);

    $pattern = App\Models\Pattern::query()->where('user_id', $make->user_id)->where('name', 'like', 'Foghorn%')->firstOrFail();
    $coat = $copy(['pattern_id' => $pattern->id]);
    expect([$coat->pattern_id, $coat->card_id])->toBe([$pattern->id, $make->card_id])->and((array) $coat->choices)->toEqual(['liked_ease' => (object) ['bust' => '7'], 'blend' => 'straight']);

    $this->postJson("/api/makes/{$make->id}/copies", ['card_id' => someone()->wearers()->create(['name' => 'X'])->id + 900])->assertUnprocessable();
});

test('a make is named; the name is asked for with the version it was seen in', function (): void {
    $make = demoMake('Merrin Tolvane');
    $this->patchJson("/api/makes/{$make->id}", ['name' => 'Chorus gown', 'note' => null, 'version' => $make->version])->assertOk()->assertJsonPath('name', 'Chorus gown');
    $this->patchJson("/api/makes/{$make->id}", ['name' => 'Other', 'note' => '', 'version' => $make->version])->assertConflict();
    $this->patchJson("/api/makes/{$make->id}", ['name' => str_repeat('x', 121), 'note' => '', 'version' => $make->version + 1])->assertUnprocessable();
    expect(collect($this->getJson('/api/workroom')->json('makes'))->firstWhere('id', $make->id)['name'])->toBe('Chorus gown');
});

test('the cloth of a make is kept, with what of its list is at hand', function (): void {
    $make = demoMake('Merrin Tolvane');
    $page = $this->putJson("/api/makes/{$make->id}/cloth", ['cloth' => ['name' => 'jersey', 'kind' => 'knit', 'stretch_to' => '13', 'width' => '150', 'have' => ['zip']], 'version' => $make->version])->assertOk();
    expect($page)->toAgreeWith('ClothData')->and($page->json('stretch_percent'))->toEqual(30)
        ->and(array_column($page->json('cautions'), 'code'))->toBe(['cloth_knit'])
        ->and($page->json('document.have'))->toBe(['zip']);
    $this->putJson("/api/makes/{$make->id}/cloth", ['cloth' => ['stretch_to' => '9'], 'version' => $make->refresh()->version])->assertUnprocessable()->assertJsonValidationErrors(['cloth.stretch_to']);
    expect(array_column($this->getJson("/api/makes/{$make->id}/plan")->json('cautions'), 'code'))->toContain('cloth_knit');
});

test('all that is told of a make leaves with its file and comes in again, in another unit too', function (): void {
    $file = json_decode((string) file_get_contents(__DIR__.'/../fixtures/complete.make.json'));
    $user = someone('Porthia');
    $this->actingAs($user);
    $id = $this->postJson('/api/makes/import', ['text' => json_encode($file), 'wearer' => 'Tegen'])->assertCreated()->json('id');
    $out = json_decode((string) $this->get("/api/makes/{$id}/make.json")->getContent());
    foreach (['name', 'note', 'reached', 'fitting', 'verdict', 'cloth', 'x_shelf'] as $key) {
        expect($out->{$key})->toEqual($file->{$key}, $key);
    }
    // A make whose figures are typed in inches, on a pattern in centimetres, says so in its file.
    $make = Make::query()->findOrFail($id);
    $make->update(['unit' => 'in', 'fitting' => json_decode('{"tracing":2,"findings":[{"place":"hem","what":"shorten","amount":"1/2"}]}')]);
    expect(json_decode((string) $this->get("/api/makes/{$id}/make.json")->getContent())->fitting->findings[0]->amount)->toBe('1/2 in');
});

test('what was said of a make in centimetres is read in inches where these are in use', function (): void {
    $make = demoMake('Merrin Tolvane');
    $verdict = ['day' => '2026-11-20', 'levels' => ['bust' => 'right'], 'ease' => ['bust' => '6.35 cm'], 'sizes' => ['bust' => '12']];
    $this->putJson("/api/makes/{$make->id}/verdict", ['verdict' => $verdict, 'version' => $make->version])->assertOk();
    $this->patchJson('/api/me', ['unit' => 'in'])->assertOk();
    $levels = array_column($this->getJson("/api/makes/{$make->id}/fitting")->json('levels'), null, 'level');
    $history = $this->getJson("/api/wearers/{$make->card->wearer_id}/history")->assertOk()->json('makes');
    expect($levels['bust']['said_ease'])->toBe('2 1/2 in')->and(array_column($history, null, 'id')[$make->id]['verdict']['ease']['bust'])->toBe('2 1/2 in');
});

test('what the last make of a pattern was changed by is told on the next, and taken with one press each, or all at once', function (): void {
    $make = demoMake('Merrin Tolvane');
    Make::query()->where('user_id', $make->user_id)->whereKeyNot($make->id)->whereRelation('card', 'wearer_id', $make->card->wearer_id)->delete();
    $finding = ['place' => 'neck', 'what' => 'raise', 'amount' => '1', 'tracing' => 2, 'where' => 'front', 'pieces' => [], 'note' => '', 'done' => ['1 bodice front']];
    $make->update([
        'choices' => (object) ['lengths' => (object) ['above_waist' => '-5'], 'centre_back' => (object) ['waist' => '1'], 'by_hand' => (object) ['hip' => (object) ['front' => '0.5', 'back' => '0.5']], 'sizes' => (object) ['waist' => '14']],
        'fitting' => (object) ['tracing' => 2, 'tried' => 2, 'findings' => [(object) $finding, (object) (['tracing' => 3] + $finding)]],
    ]);
    $this->putJson("/api/makes/{$make->id}/verdict", ['verdict' => ['day' => '2026-11-20', 'levels' => ['bust' => 'right', 'waist' => 'loose'], 'note' => 'Sit down in it.'], 'version' => $make->version])->assertOk();
    $next = $this->postJson('/api/makes', ['card_id' => $make->card_id, 'pattern_id' => $make->pattern_id])->assertCreated()->json('id');
    $last = $this->getJson("/api/makes/{$next}/offers")->json('last');
    expect(array_column($last['changes'], 'words', 'key'))->toBe([
        'lengths.above_waist' => 'shortened by 5 cm above the waist', 'sizes.waist' => 'the waist cut in 14', 'centre_back.waist' => 'the waist taken in 1 cm at the centre back',
        'by_hand.hip' => 'the hip 0.5 cm out at each edge', 'findings.0' => 'the neck was raised by 1 cm, in front',
    ])->and([$last['make_id'], $last['worn'], $last['note']])->toBe([$make->id, 'right at the bust, loose at the waist', 'Sit down in it.']);
    // The wearer's page tells the same list.
    $history = collect($this->getJson("/api/wearers/{$make->card->wearer_id}/history")->json('makes'))->firstWhere('id', $make->id);
    expect($history['changes'])->toBe(array_column($last['changes'], 'words'));

    $version = Make::query()->findOrFail($next)->version;
    $one = $this->putJson("/api/makes/{$next}/offers/last", ['keys' => ['centre_back.waist'], 'version' => $version])->assertOk();
    expect($one)->toAgreeWith('BenchData')->and($one->json('make.choices.centre_back.waist'))->toBe('1 cm');
    $this->putJson("/api/makes/{$next}/offers/last", ['keys' => ['lengths.above_waist'], 'version' => $version])->assertConflict();
    $this->putJson("/api/makes/{$next}/offers/last", ['keys' => array_column($last['changes'], 'key'), 'version' => $version + 1])->assertOk();
    $now = Make::query()->findOrFail($next);
    expect($now->fitting->findings)->toHaveCount(1)->and($now->fitting->findings[0])->not->toHaveProperty('done')->and($now->fitting->findings[0]->carried)->toBeTrue()
        ->and(array_column($this->getJson("/api/makes/{$next}/offers")->json('last.changes'), 'is_taken'))->toBe([true, true, true, true, true]);
    // Nothing is taken twice.
    $this->putJson("/api/makes/{$next}/offers/last", ['keys' => ['findings.0'], 'version' => $now->version])->assertOk();
    expect($now->refresh()->fitting->findings)->toHaveCount(1);
    $this->putJson("/api/makes/{$make->id}/offers/last", ['keys' => [], 'version' => 1])->assertNotFound();
});

test('what was taken at the centre back and came out tight stays there, with less of it, and is said', function (): void {
    $again = begunAgain(
        ['choices' => (object) ['sizes' => (object) ['waist' => '14'], 'centre_back' => (object) ['waist' => '1'], 'take' => (object) ['waist' => 'in_line']]],
        ['day' => '2026-11-20', 'levels' => ['waist' => 'tight'], 'ease' => ['waist' => '3 cm']],
    );
    expect($again->choices->centre_back)->toEqual((object) ['waist' => '0.4 cm'])->and($again->choices->take)->toEqual((object) ['waist' => 'leave']);
    $last = $this->getJson("/api/makes/{$again->id}/offers")->json('last');
    expect($last['worn'])->toBe('tight at the waist')->and($last['changes'])->toBe([
        ['key' => 'sizes.waist', 'words' => 'the waist cut in 14', 'is_taken' => true, 'here' => null],
        ['key' => 'centre_back.waist', 'words' => 'the waist taken in 1 cm at the centre back', 'is_taken' => false, 'here' => 'the waist taken in 0.4 cm at the centre back'],
    ]);
    $this->getJson("/api/makes/{$again->id}/plan")->assertOk();
});

test('a learned ease never changes the size in which the same pattern was right, and holds what was sewn narrower', function (): void {
    $finding = ['what' => 'narrower', 'amount' => '0.3', 'tracing' => 2, 'where' => 'both', 'pieces' => [], 'note' => ''];
    $again = begunAgain(
        ['choices' => (object) ['sizes' => (object) ['waist' => '14']], 'fitting' => (object) ['tracing' => 2, 'tried' => 2, 'findings' => [(object) (['place' => 'waist'] + $finding), (object) (['place' => 'princess'] + $finding), (object) (['place' => 'hip'] + $finding)]]],
        ['day' => '2026-11-20', 'levels' => ['waist' => 'right'], 'ease' => ['waist' => '6.5 cm'], 'sizes' => ['waist' => '14']],
    );
    $again->update(['choices' => (object) []]);
    $taken = $this->putJson("/api/makes/{$again->id}/offers/waist", ['version' => $again->refresh()->version])->assertOk();
    expect($taken)->toAgreeWith('LearnedData')->and($taken->json('cut_in'))->toBe('14')
        ->and($taken->json('bench.make.choices.sizes.waist'))->toBe('14')->and(collect($taken->json('bench.plan.levels'))->firstWhere('level', 'waist')['size'])->toBe('14')
        ->and(array_column($again->refresh()->fitting->findings, 'place'))->toBe(['hip']);

    // Whoever wants no sizes is told none, whatever is remembered.
    $again->card->wearer->update(['sizes_hidden' => true]);
    $again->update(['choices' => (object) []]);
    $told = $this->putJson("/api/makes/{$again->id}/offers/waist", ['version' => $again->refresh()->version])->assertOk()->json('cut_in');
    $last = $this->getJson("/api/makes/{$again->id}/offers")->json('last.changes.0.words');
    expect([$told, $last])->not->toContain('14', 'the waist cut in 14')->and($told)->toContain('line')->and($last)->toContain('line');
});
