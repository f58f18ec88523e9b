<?php

declare(strict_types=1);

use Illuminate\Testing\TestResponse;

/**
 * Make files at the edge of what is taken, and a little beyond.
 *
 * @return array<string, array<string, mixed>> by what is at the edge
 */
function edgeFiles(): array
{
    $plain = json_decode((string) file_get_contents(__DIR__.'/../fixtures/worked/1-two-step-blend.make.json'), true, flags: JSON_THROW_ON_ERROR);
    $waist = $plain['body']['waist'];
    $files = [];
    foreach ([9, 10, 12] as $tries) {
        $files["{$tries} readings"] = ['readings' => ['hip' => array_fill(0, $tries, 104.5)]] + $plain;
        unset($files["{$tries} readings"]['body']['hip']);
    }
    foreach ([80, 81, 120, 121] as $letters) {
        $name = str_repeat('ß', $letters);
        $files["a name of {$letters}"] = array_replace_recursive($plain, ['pattern' => ['name' => $name, 'house' => $name]]);
        $files["underneath {$letters}"] = ['foundation' => $name] + $plain;
        $files["a text of one's own, {$letters}"] = array_replace_recursive($plain, ['pattern' => ['x_note' => $name], 'choices' => ['x_note' => $name]]);
    }
    foreach (['  blank ends  ', "\u{3000}", "two\nlines", '=SUM(A1)', '0', 'null', "e\u{301}", '🧵', "\u{202E}back"] as $name) {
        $files['called '.json_encode($name)] = array_replace_recursive($plain, ['pattern' => ['name' => $name, 'house' => $name], 'foundation' => $name]);
    }
    foreach ([3, 4, 5, 6, 7, 8] as $deep) {
        $own = 'deep';
        for ($i = 0; $i < $deep; $i++) {
            $own = ['x' => $own];
        }
        $files["keys of one's own, {$deep} deep"] = array_replace_recursive($plain, ['pattern' => ['x_own' => $own], 'choices' => ['x_own' => $own], 'x_own' => $own]);
    }
    $files['a list of one\'s own, long'] = array_replace_recursive($plain, ['pattern' => ['x_own' => range(1, 81)], 'choices' => ['x_own' => range(1, 81)]]);
    foreach (['84 1/2', '84,5', '33 1/4 in', '845 mm', ' 84 ', 84.123456789] as $figure) {
        $files['a waist of '.json_encode($figure)] = array_replace_recursive($plain, ['body' => ['waist' => $figure]]);
    }
    $files['a day of its own'] = ['x_taken_on' => '1899-12-31'] + $plain;
    expect($waist)->not->toBeNull();

    return $files;
}

/** Sends everything of a make through the forms as the pages would, unchanged; gives what they refuse. */
function formsRefuse(int $make): array
{
    $bench = test()->getJson("/api/makes/{$make}/bench")->assertOk()->json('make');
    $record = App\Models\Make::query()->with('card.readings', 'card.wearer', 'pattern')->find($make);
    $card = test()->getJson("/api/cards/{$record->card_id}")->assertOk()->json();
    $pattern = json_decode((string) test()->getJson("/api/patterns/{$record->pattern_id}")->assertOk()->getContent());
    $wearer = test()->getJson("/api/wearers/{$record->card->wearer_id}")->assertOk()->json();
    $answers = [
        'wearer' => test()->patchJson("/api/wearers/{$wearer['id']}", ['agreed' => false] + array_intersect_key($wearer, array_flip(['name', 'notes', 'unit', 'archived', 'sizes_hidden', 'version']))),
        'card' => test()->patchJson("/api/cards/{$card['id']}", array_intersect_key($card, array_flip(['taken_on', 'foundation', 'point_set', 'version']))),
        'pattern' => test()->putJson("/api/patterns/{$pattern->id}", array_intersect_key((array) $pattern, array_flip(['name', 'house', 'unit', 'document', 'version']))),
        'choices' => test()->putJson("/api/makes/{$make}/choices", ['choices' => $record->choices, 'version' => $record->version]),
    ];
    $version = $answers['card']->json('version');
    foreach ($record->card->readings as $reading) {
        $place = "{$reading->point->value}/{$reading->attempt}";
        $answers[$place] = test()->putJson("/api/cards/{$card['id']}/readings/{$place}", ['text' => $reading->text, 'unit' => $reading->unit->value, 'version' => $version]);
        $version = $answers[$place]->json('version') ?? $version;
    }
    expect($bench)->not->toBeNull();

    return array_map(
        static fn (TestResponse $answer): string => $answer->getStatusCode().' '.$answer->getContent(),
        array_filter($answers, static fn (TestResponse $answer): bool => ! $answer->isSuccessful()),
    );
}

test('what an import takes, the forms take unchanged, and what goes out comes in again', function (): void {
    $this->actingAs(someone());
    $files = edgeFiles();
    foreach (glob(__DIR__.'/../fixtures/{worked/*,complete}.make.json', GLOB_BRACE) as $path) {
        $files[basename($path)] = json_decode((string) file_get_contents($path), true, flags: JSON_THROW_ON_ERROR);
    }
    $taken = [];
    foreach ($files as $what => $file) {
        $answer = $this->postJson('/api/makes/import', ['text' => json_encode($file), 'wearer' => 'Tamsin Roscarrow']);
        if ($answer->getStatusCode() === 422) {
            continue;
        }
        $make = $answer->assertCreated()->json('id');
        $taken[] = $what;
        $out = (string) $this->get("/api/makes/{$make}/make.json")->assertOk()->getContent();
        expect(formsRefuse($make))->toBe([], $what)
            ->and($this->get("/api/makes/{$make}/make.json")->getContent())->toBe($out, $what);
        $again = $this->postJson('/api/makes/import', ['text' => $out, 'wearer' => 'Tamsin Roscarrow'])->assertCreated()->json('id');
        expect($this->get("/api/makes/{$again}/make.json")->getContent())->toBe($out, $what);
    }
    expect($taken)->toContain('9 readings', 'a name of 120', 'underneath 120')
        ->not->toContain('10 readings', '12 readings', 'a name of 121', 'underneath 121', 'a text of one\'s own, 121', 'keys of one\'s own, 8 deep', 'called "\u3000"');
});

test('cards that come in from a file go out as they came, and a card file says each reading once', function (): void {
    $user = someone();
    $wearer = $user->wearers()->create(['name' => 'Merrin']);
    $this->actingAs($user);
    $reading = ['point' => 'waist', 'value' => '84 1/2', 'unit' => 'cm', 'reading' => 9];
    $file = ['format' => 'underbolt/cards', 'version' => 1, 'cards' => [
        ['date' => '1900-01-02', 'foundation' => str_repeat('ß', 120), 'readings' => [$reading]],
        ['date' => '2026-11-01', 'foundation' => '=SUM(A1)', 'readings' => [$reading, ['reading' => 1] + $reading]],
    ]];
    $import = fn (array $file): TestResponse => $this->postJson("/api/wearers/{$wearer->id}/cards/import", ['text' => json_encode($file), 'write' => true])->assertOk();
    expect($import($file)->json('faults'))->toBe([])->and($import($file)->json('written'))->toBeTrue();
    foreach (['json', 'csv'] as $kind) {
        $out = (string) $this->get("/api/wearers/{$wearer->id}/cards.{$kind}")->getContent();
        $other = $user->wearers()->create(['name' => 'Again']);
        expect($this->postJson("/api/wearers/{$other->id}/cards/import", ['text' => $out, 'write' => true])->json('faults'))->toBe([])
            ->and($this->get("/api/wearers/{$other->id}/cards.{$kind}")->getContent())->toBe($out);
    }
    $twice = $file;
    $twice['cards'][1]['readings'][] = $reading;
    expect($import($twice)->json('written'))->toBeFalse()->and($import($twice)->json('faults.0.message'))->toContain('ays the same reading');
});
