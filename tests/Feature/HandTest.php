<?php

declare(strict_types=1);

use App\Models\Card;
use App\Models\Make;
use Illuminate\Http\UploadedFile;
use Underbolt\File\CardCsv;

/** What is sent of five readings. */
function fiveTimes(array $readings, string $point = 'hip', string $name = 'Tegen'): array
{
    return ['name' => $name, 'point' => $point, 'unit' => 'cm', 'readings' => $readings];
}

test('five readings of a point are a hand’s; fewer are only looked at', function (): void {
    $this->travelTo('2026-11-29 09:30:00');
    $this->actingAs(someone());
    expect($this->putJson('/api/hands', fiveTimes(['100', '100.4']))->assertOk()->json())->toBe([]);
    $hands = $this->putJson('/api/hands', fiveTimes(['100', '100.4', '101.2', '100', '100.6']))->assertOk();
    expect($hands->json('0'))->toMatchArray(['name' => 'Tegen'])
        ->and($hands->json('0.points'))->toBe([[
            'point' => 'hip', 'words' => 'hip', 'readings' => ['100', '100.4', '101.2', '100', '100.6'], 'unit' => 'cm', 'on' => '2026-11-29',
            'spread_nm' => 12_000_000, 'middle_nm' => 1_004_000_000, 'counts_nm' => 12_000_000, 'spread' => null,
        ]]);
    // The steadiest hand counts for no less than 0.3 cm.
    $steady = $this->putJson('/api/hands', fiveTimes(['70', '70', '70', '70', '70'], 'waist'))->assertOk();
    expect(array_column($steady->json('0.points'), 'counts_nm', 'point'))->toBe(['waist' => 3_000_000, 'hip' => 12_000_000]);
    $this->deleteJson('/api/hands/Tegen')->assertOk()->assertExactJson([]);
});

test('a reading that is none is refused at its place', function (array $sent, string $field): void {
    $this->actingAs(someone());
    $this->putJson('/api/hands', $sent)->assertUnprocessable()->assertJsonValidationErrorFor($field);
})->with([
    [fiveTimes(['100', 'wide']), 'readings.1'],
    [fiveTimes(['100', '3']), 'readings.1'],
    [fiveTimes(['1', '2', '3', '4', '5', '6']), 'readings'],
    [fiveTimes(['100'], 'elbow'), 'point'],
    [fiveTimes(['100'], 'hip', '7'), 'name'],
    [['name' => 'Tegen', 'point' => 'hip', 'spread' => 'some'], 'spread'],
    [['name' => 'Tegen', 'point' => 'hip'], 'readings'],
]);

test('a card is believed by the hand that took it, wherever its make is told, and the file says that hand', function (): void {
    $user = demoUser();
    $this->actingAs($user);
    $file = json_decode(workedFile('1-two-step-blend'), true);
    $id = $this->postJson('/api/makes/import', ['text' => json_encode($file), 'wearer' => 'Tamsin Roscarrow'])->assertCreated()->json('id');
    $sure = fn (): string => $this->getJson("/api/makes/{$id}/plan")->json('levels.2.sure');
    $card = Make::query()->findOrFail($id)->card;
    expect($sure())->toBe('firm');
    $this->putJson('/api/hands', fiveTimes(['100', '104', '96', '100', '101']))->assertOk();
    $head = ['version' => $card->version, 'taken_on' => $card->taken_on->toDateString(), 'foundation' => '', 'point_set' => 'dress', 'measured_by' => 'Tegen'];
    expect($this->patchJson("/api/cards/{$card->id}", $head)->assertOk())->toAgreeWith('CardData')
        ->and($sure())->toBe('measure again')
        ->and(json_decode((string) $this->get("/api/makes/{$id}/make.json")->getContent(), true)['body']['hand'])->toBe(['hip' => '8 cm']);
    // The next card of the wearer is begun by the same hand.
    expect($this->postJson("/api/wearers/{$card->wearer_id}/cards")->assertCreated()->json('measured_by'))->toBe('Tegen');
    $this->deleteJson('/api/hands/Tegen')->assertOk();
    expect($sure())->toBe('firm');
});

test('a hand that comes in with a file is one of the hands; the same one is not kept twice', function (): void {
    $user = someone();
    $this->actingAs($user);
    $bring = function (string $spread, string $wearer = 'Merrin'): Card {
        $file = json_decode(workedFile('1-two-step-blend'), true);
        $file['body'] += ['hand' => ['hip' => $spread]];

        return Make::query()->findOrFail($this->postJson('/api/makes/import', ['text' => json_encode($file), 'wearer' => $wearer])->assertCreated()->json('id'))->card;
    };
    expect([$bring('0.8 cm')->measured_by, $bring('0.8 cm')->measured_by, $bring('1 cm')->measured_by])
        ->toBe(['Whoever measured Merrin', 'Whoever measured Merrin', 'Whoever measured Merrin, 2']);
    $hands = $this->getJson('/api/hands')->assertOk();
    expect($hands->json('0.points.0'))->toMatchArray(['spread_nm' => 8_000_000, 'middle_nm' => null, 'readings' => [], 'spread' => '0.8 cm'])
        ->and(count($hands->json()))->toBe(2)
        // However long a name is, a card takes it.
        ->and(mb_strlen($bring('2 cm', str_repeat('n', 118))->measured_by))->toBeLessThan(120);
});

test('hands go with everything, and come back beside what is there', function (): void {
    $user = demoUser();
    $this->actingAs($user);
    $this->putJson('/api/hands', fiveTimes(['100', '100.4', '101.2', '100', '100.6']))->assertOk();
    $user->wearers()->firstOrFail()->cards->firstOrFail()->update(['measured_by' => 'Tegen']);
    $zip = everythingOf($user->refresh());
    $there = someone();
    $send = function () use ($there, $zip): array {
        $path = (string) tempnam(sys_get_temp_dir(), 'hands');
        file_put_contents($path, $zip);
        $back = $this->actingAs($there->refresh())->postJson('/api/me/everything', ['file' => new UploadedFile($path, 'all.zip', test: true), 'write' => '1', 'takes' => '0'])->assertOk();
        $lines = explode("\n", trim($back->streamedContent()));

        return collect(json_decode((string) end($lines), true)['brought']['kinds'])->firstWhere('kind', 'hands');
    };
    expect($send()['new'])->toBe(['Tegen'])->and($there->refresh()->hands)->toEqual($user->hands)
        ->and($there->wearers()->firstOrFail()->cards->firstOrFail()->measured_by)->toBe('Tegen')
        ->and($send()['same'])->toBe(1);
});

test('who measured goes along with cards as files, and comes in with them', function (string $kind): void {
    $this->actingAs($user = demoUser());
    [$wearer, $other] = [$user->wearers()->firstOrFail(), $user->wearers()->create(['name' => 'Nobody yet'])];
    $card = $wearer->cards->firstOrFail();
    $card->update(['measured_by' => 'Tegen']);
    $file = (string) $this->get("/api/wearers/{$wearer->id}/cards.{$kind}")->assertOk()->getContent();
    expect($file)->toContain('Tegen');
    $this->postJson("/api/wearers/{$other->id}/cards/import", ['text' => $file, 'write' => true])->assertSuccessful();
    expect($other->cards()->where('taken_on', $card->taken_on->toDateString())->firstOrFail()->measured_by)->toBe('Tegen');
})->with(['csv', 'json']);

test('a name that is too long for a card is told with its line', function (): void {
    [, $log] = CardCsv::read("point,value,measured_by\nwaist,70,".str_repeat('n', 130)."\n", '2026-11-29');
    expect($log->faults()[0]->line())->toBe('line 2: the name of who measured is longer than 120 letters');
});
