<?php

declare(strict_types=1);

use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Tests\Support\Runs;
use Tests\Support\SpreadsheetFile;
use Tests\Support\Worked;

use function Tests\Core\mutated;

const LONGEST_SECONDS = 5.0;
const MOST_BYTES = 256 * 1024 * 1024;

/** A text with some of its bytes changed, left out, doubled or put in, as a bad copy or a bad will would. */
function spoiltBytes(string $text): string
{
    static $junk = ["\0", "\xFF\xFE", '"', '{', ',,,,', "\u{202E}", '1e999', '-', '½', '=1+1', "\n\n", '9999999999999999', '<!--', "\u{FEFF}"];
    for ($changes = mt_rand(1, 6); $changes > 0; $changes--) {
        $at = mt_rand(0, max(0, strlen($text) - 1));
        $long = mt_rand(1, 40);
        $text = substr($text, 0, $at).match (mt_rand(0, 3)) {
            0 => chr(mt_rand(0, 255)).substr($text, $at + 1),
            1 => substr($text, $at + $long),
            2 => str_repeat(substr($text, $at, $long), mt_rand(2, 20)).substr($text, $at),
            default => $junk[mt_rand(0, count($junk) - 1)].substr($text, $at),
        };
    }

    return $text;
}

/**
 * Sends so many spoilt ones, and gives what went wrong.
 *
 * @param  callable(int): TestResponse  $send
 * @return list<string>
 */
function afterSpoilt(int $many, callable $send): array
{
    $wrong = [];
    $taken = 0;
    for ($i = 0; $i < Runs::of($many); $i++) {
        mt_srand(20261126 + $i);
        memory_reset_peak_usage();
        // What all the tests before it have left behind is not this one's.
        $before = memory_get_usage();
        $began = Worked::seconds();
        $answer = $send($i);
        $seconds = Worked::seconds() - $began;
        $bytes = memory_get_peak_usage() - $before;
        $taken += $answer->isSuccessful() ? 1 : 0;
        if ($answer->getStatusCode() >= 500 || $seconds > LONGEST_SECONDS || $bytes > MOST_BYTES) {
            $wrong[] = sprintf('%d: %d after %.1f s, %d MB: %s', $i, $answer->getStatusCode(), $seconds, $bytes >> 20, $answer->exception?->getMessage());
        }
    }
    // Some must pass and some must not, or the changes test nothing.
    expect($taken)->toBeGreaterThan(5)->toBeLessThan(Runs::of($many));

    return $wrong;
}

/** @return list<string> the contents of the fixtures of a pattern */
function fixtureTexts(string $pattern): array
{
    return array_map(static fn (string $file): string => (string) file_get_contents($file), glob(__DIR__."/../fixtures/{$pattern}") ?: []);
}

test('spoilt make files are taken or refused, and nothing else', function (): void {
    $this->actingAs(someone());
    $files = [...fixtureTexts('worked/*.json'), ...fixtureTexts('complete.make.json')];
    $send = fn (int $i): TestResponse => $this->postJson('/api/makes/import', [
        'wearer' => 'Merrin',
        // Every other one is still JSON, so that what is in it is looked at.
        'text' => $i % 2 === 0
            ? mb_scrub(spoiltBytes($files[$i % count($files)]))
            : json_encode(mutated(json_decode($files[$i % count($files)]), static fn (int $in): bool => mt_rand(1, $in) === 1)),
    ]);
    expect(afterSpoilt(150, $send))->toBe([]);
});

test('spoilt charts are read or refused, and nothing else', function (): void {
    $this->actingAs(someone());
    $charts = fixtureTexts('charts/*.txt');
    $send = function (int $i) use ($charts): TestResponse {
        $all = $charts[$i % count($charts)];

        return $this->postJson('/api/charts/read', ['text' => mb_scrub(spoiltBytes(substr($all, mt_rand(0, 400), mt_rand(10, 1500)))), 'unit' => 'cm', 'sizes' => [], 'html' => $i % 3 === 0 ? '<table><tr><td>'.spoiltBytes('<td>8<td>10<tr><td>Bust<td>84') : null]);
    };
    expect(afterSpoilt(150, $send))->toBe([]);
});

test('spoilt card files are taken or refused, and nothing else', function (): void {
    $user = demoUser();
    $wearer = $user->wearers()->first();
    $this->actingAs($user);
    $files = array_map(fn (string $kind): string => (string) $this->get("/api/wearers/{$wearer->id}/cards.{$kind}")->getContent(), ['csv', 'json']);
    $send = function (int $i) use ($files, $wearer): TestResponse {
        return $this->withoutMiddleware(Illuminate\Routing\Middleware\ThrottleRequests::class)
            ->postJson("/api/wearers/{$wearer->id}/cards/import", ['text' => mb_scrub(spoiltBytes($files[$i % 2])), 'write' => $i % 5 !== 0]);
    };
    expect(afterSpoilt(100, $send))->toBe([]);
});

test('spoilt spreadsheets are read or refused, and nothing else', function (): void {
    $this->actingAs(someone());
    $rows = [['Size', '8', '10'], ['Bust', '84', '88'], ['Waist', '66', '70']];
    $send = function (int $i) use ($rows): TestResponse {
        $kind = ['xlsx', 'ods'][$i % 2];
        // Every other one is still an archive, with its table spoilt.
        $path = SpreadsheetFile::of($kind, $rows);
        $bytes = $i % 4 < 2 ? spoiltBytes((string) file_get_contents($path)) : SpreadsheetFile::withParts(
            $path,
            static fn (string $xml): string => str_replace('>84<', '>'.htmlspecialchars(mb_scrub(spoiltBytes('84'))).'<', $xml),
        );
        unlink($path);

        return $this->withoutMiddleware(Illuminate\Routing\Middleware\ThrottleRequests::class)
            ->post('/api/charts/file', ['file' => UploadedFile::fake()->createWithContent("chart.{$kind}", $bytes)], ['Accept' => 'application/json']);
    };
    expect(afterSpoilt(60, $send))->toBe([]);
});

test('spoilt drawings are read or refused, and nothing else', function (): void {
    $pattern = demoUser()->patterns()->first();
    $this->actingAs(App\Models\User::query()->find($pattern->user_id));
    $files = array_map(static fn (string $name): string => (string) file_get_contents(database_path("demo/nests/{$name}")), ['causeway-front.svg', 'ugly-front.svg', 'causeway-back.pdf']);
    $send = fn (int $i): TestResponse => $this->withoutMiddleware(Illuminate\Routing\Middleware\ThrottleRequests::class)->post(
        "/api/patterns/{$pattern->id}/nests/front",
        ['file' => UploadedFile::fake()->createWithContent('nest', spoiltBytes($files[$i % 10 === 0 ? 2 : $i % 2])), 'version' => $pattern->nests()->where('piece', 'front')->value('version') ?? 0],
        ['Accept' => 'application/json'],
    );
    expect(afterSpoilt(40, $send))->toBe([]);
});
