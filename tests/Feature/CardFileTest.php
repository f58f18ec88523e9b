<?php

declare(strict_types=1);

use App\Models\Card;
use App\Models\Reading;
use App\Models\Wearer;

/** A wearer of the demo, with two cards. */
function bettrys(): Wearer
{
    $user = demoUser();
    test()->actingAs($user);

    return $user->wearers()->where('name', 'Bettrys Calloway-Pike')->sole();
}

test('all cards go out as one file and come back whole', function (): void {
    $wearer = bettrys();
    $file = $this->get("/api/wearers/{$wearer->id}/cards.csv")->assertOk()
        ->assertHeader('Content-Type', 'text/csv; charset=utf-8')
        ->assertHeader('Content-Disposition', 'attachment; filename=bettrys-calloway-pike-cards.csv')->getContent();
    $stored = static fn (): array => Reading::query()->get(['point', 'text', 'unit', 'nanometres'])->map(
        static fn (Reading $reading): string => (string) json_encode($reading),
    )->sort()->values()->all();
    $before = $stored();
    expect($file)->toContain('underarm_to_waist,"19,5",cm,1,');

    $wearer->cards()->get()->each->forceDelete();
    $answer = $this->postJson("/api/wearers/{$wearer->id}/cards/import", ['text' => $file, 'write' => true])->assertOk();
    expect($answer)->toAgreeWith('ImportData')
        ->and($answer->json('written'))->toBeTrue()
        ->and($stored())->toBe($before)
        ->and($wearer->cards()->count())->toBe(2);
});

test('a preview writes nothing and says what would be written over', function (): void {
    $wearer = bettrys();
    $card = $wearer->cards()->first();
    $csv = "point,value,date,foundation\nwaist,85,{$card->taken_on->toDateString()},everyday bra\nwaist,70,2020-01-01,vest\nhip,41,2020-01-01,vest";
    $preview = $this->postJson("/api/wearers/{$wearer->id}/cards/import", ['text' => $csv, 'write' => false])->assertOk();
    expect($preview)->toAgreeWith('ImportData')
        ->and($preview->json('lines.*.replaces'))->toBe(['84.5', null, null])
        ->and($preview->json('lines.*.asked'))->toBe([null, null, '41 cm here: inches? Write in or cm behind it.'])
        ->and($preview->json('written'))->toBeFalse()
        ->and($wearer->cards()->count())->toBe(2)
        ->and($card->readings()->where('point', 'waist')->sole()->text)->toBe('84.5');
});

test('a written card counts on, so that a tab which is behind is told', function (): void {
    $wearer = bettrys();
    $card = $wearer->cards()->first();
    $csv = "point,value,date,foundation\nwaist,85,{$card->taken_on->toDateString()},everyday bra";
    $this->postJson("/api/wearers/{$wearer->id}/cards/import", ['text' => $csv, 'write' => true])->assertOk();
    expect($card->refresh()->version)->toBe(2)->and($card->readings()->where('point', 'waist')->sole()->text)->toBe('85');
});

test('while a line is faulty nothing is written', function (): void {
    $wearer = bettrys();
    $answer = $this->postJson(
        "/api/wearers/{$wearer->id}/cards/import",
        ['text' => "point,value\nwaist,80\nelbow,30", 'write' => true],
    )->assertOk();
    expect($answer->json('written'))->toBeFalse()
        ->and($answer->json('faults.0.field'))->toBe('line 3')
        ->and(Card::query()->where('wearer_id', $wearer->id)->count())->toBe(2);
});

test('another user’s cards neither go out nor come in', function (): void {
    $wearer = bettrys();
    $this->actingAs(someone());
    $this->get("/api/wearers/{$wearer->id}/cards.csv")->assertNotFound();
    $this->postJson("/api/wearers/{$wearer->id}/cards/import", ['text' => "point,value\nwaist,80", 'write' => true])->assertNotFound();
});

test('cards go out as JSON too and come back whole', function (): void {
    $wearer = bettrys();
    $json = $this->get("/api/wearers/{$wearer->id}/cards.json")->assertOk()->assertHeader('Content-Type', 'application/json')->getContent();
    expect($json)->toContain('"value": "19,5"');
    $wearer->cards()->get()->each->forceDelete();
    $this->postJson(
        "/api/wearers/{$wearer->id}/cards/import",
        ['text' => $json, 'write' => true],
    )->assertOk()->assertJson(['written' => true, 'faults' => []]);
    expect($this->get("/api/wearers/{$wearer->id}/cards.json")->getContent())->toBe($json);
});

test('a thousand days come in with a statement for each card, not for each of its lines', function (): void {
    $wearer = bettrys();
    $lines = ['point,value,date,foundation'];
    for ($day = 0; $day < 1000; $day++) {
        foreach (['full_bust' => 92, 'waist' => 74, 'hip' => 99, 'bicep' => 30, 'high_bust' => 86] as $point => $value) {
            $lines[] = "{$point},{$value},".date('Y-m-d', strtotime('2020-01-01') + $day * 86_400).',vest';
        }
    }
    $statements = 0;
    Illuminate\Support\Facades\DB::listen(static function () use (&$statements): void {
        $statements++;
    });
    $text = implode("\n", $lines);
    $this->postJson("/api/wearers/{$wearer->id}/cards/import", ['text' => $text, 'write' => true])->assertOk()->assertJson(['written' => true]);
    expect($statements)->toBeLessThan(1_100)->and($wearer->cards()->count())->toBe(1_002)->and(Reading::query()->where('text', '30')->count())->toBe(1_000);
    $again = $this->postJson("/api/wearers/{$wearer->id}/cards/import", ['text' => strtr($text, [',30,' => ',31,']), 'write' => true])->assertOk();
    expect($again->json('lines.3.replaces'))->toBe('30')->and($wearer->cards()->count())->toBe(1_002)
        ->and(Reading::query()->where('text', '31')->count())->toBe(1_000)
        ->and($wearer->cards()->where('foundation', 'vest')->first()->version)->toBe(3);
});

test('what would run in a spreadsheet goes out as a text, and comes back as it was', function (string $foundation): void {
    $wearer = bettrys();
    $wearer->cards()->first()->update(['foundation' => $foundation]);
    $csv = (string) $this->get("/api/wearers/{$wearer->id}/cards.csv")->getContent();
    expect(preg_match('/(^|,)"?[=+@-](?!\\d)/m', $csv))->toBe(0);
    $wearer->cards()->get()->each->forceDelete();
    $this->postJson("/api/wearers/{$wearer->id}/cards/import", ['text' => $csv, 'write' => true])->assertJson(['written' => true]);
    expect($wearer->cards()->pluck('foundation')->all())->toContain($foundation);
})->with(['=1+1', '+x', '-bra', '@home', "'=quoted", "it's"]);

test('a file says no more than a card\'s own page takes', function (string $line, string $fault): void {
    $wearer = bettrys();
    $answer = $this->postJson("/api/wearers/{$wearer->id}/cards/import", ['text' => "point,value,date,foundation\n{$line}", 'write' => true])->assertOk();
    expect($answer->json('written'))->toBeFalse()->and($answer->json('faults.0.message'))->toContain($fault);
})->with([
    ['waist,84,2999-01-01,', 'in the future'], ['waist,84,1899-12-31,', 'before 1900'], ['waist,84,2026-02-30,', 'no date'],
    ['waist,84,2026-01-01,'.str_repeat('x', 121), 'longer than 120'],
]);
