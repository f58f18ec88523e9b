<?php

declare(strict_types=1);

use App\Demo\DemoWorkroom;
use App\Http\Controllers\SessionController;
use App\Models\Make;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Sleep;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Tests\Support\Contract;
use Tests\Support\RealServer;
use Tests\TestCase;

uses(TestCase::class)->in('Feature', 'Hostile', 'Stories');

expect()->extend('toAgreeWith', function (string $schema) {
    /** @var TestResponse $response */
    $response = $this->value;
    expect(Contract::faults((string) $response->getContent(), $schema))->toBe([]);

    return $this;
});

/** A user with an empty workroom. */
function someone(string $name = 'Nerys'): User
{
    return User::query()->create([
        'name' => $name, 'email' => strtolower($name).'@tideroom.example', 'password' => 'a long secret',
    ]);
}

/**
 * A pattern as the page sends it, parts of its document replaced.
 *
 * @param  array<string, mixed>  $document
 * @return array<string, mixed>
 */
function typedPattern(array $document = []): array
{
    return [
        'name' => 'Causeway dress', 'house' => 'Limpet & Thole', 'unit' => 'cm',
        'document' => $document + [
            'sizes' => ['8', '10'], 'body_chart' => ['waist' => ['66', '70']], 'finished' => ['waist' => ['71', '75,5']],
            'fabric' => ['kind' => 'woven'], 'levels' => (object) [], 'seam' => (object) [],
        ],
    ];
}

/** The demo workroom's user, with everything in it. It is made once; after that its rows are put into what is empty. */
function demoUser(): User
{
    static $rows = null;
    if ($rows === null || User::query()->exists()) {
        DemoWorkroom::load(CarbonImmutable::parse('2026-11-23'));
    } else {
        DB::statement('PRAGMA defer_foreign_keys = ON'); // the tables stand in no order
        foreach ($rows as $table => $all) {
            array_map(static fn (array $some): bool => DB::table($table)->insert($some), array_chunk($all, 50));
        }
    }
    // Others' rows are no part of it.
    $rows ??= User::query()->count() > 1 ? null : allRows();

    return User::query()->where('email', SessionController::DEMO_EMAIL)->sole();
}

/** @return array<string, list<array<string, mixed>>> of each table that holds any */
function allRows(): array
{
    $rows = [];
    foreach (Schema::getTableListing(schemaQualified: false) as $table) {
        $rows[$table] = array_map(static fn (stdClass $row): array => (array) $row, DB::table($table)->get()->all());
    }

    return array_filter(array_diff_key($rows, ['migrations' => true]));
}

/** The first make of a wearer of the demo, whose user is signed in. */
function demoMake(string $wearer): Make
{
    $user = demoUser();
    test()->actingAs($user);

    return $user->makes()->with('card.wearer', 'pattern')->get()->first(
        static fn (Make $make): bool => $make->card->wearer->name === $wearer,
    );
}

function contentOf(TestResponse $response): string
{
    $file = $response->baseResponse instanceof BinaryFileResponse ? $response->baseResponse->getFile()->getPathname() : null;
    if ($file !== null) {
        $content = (string) file_get_contents($file);
        unlink($file);

        return $content;
    }

    return (string) $response->getContent();
}

/** @return array<string, string> the files in an archive, contents by name */
function zipOf(string $bytes): array
{
    $path = (string) tempnam(sys_get_temp_dir(), 'zip');
    file_put_contents($path, $bytes);
    $zip = new ZipArchive;
    $zip->open($path);
    $files = [];
    for ($index = 0; $index < $zip->numFiles; $index++) {
        $files[(string) $zip->getNameIndex($index)] = (string) $zip->getFromIndex($index);
    }
    $zip->close();
    unlink($path);

    return $files;
}

/** Holds so many of the places of a name. */
function hold(string $name, int $places): void
{
    for ($place = 0; $place < $places; $place++) {
        expect(Cache::lock("{$name} {$place}", 60)->get())->toBeTrue();
    }
}

/** Waits that take no time. */
function waitsPassAtOnce(): void
{
    Sleep::fake();
    Sleep::whenFakingSleep(static fn ($for) => test()->travel($for->totalMilliseconds)->milliseconds());
}

/** All that a user keeps, as a ZIP. */
function everythingOf(User $user): string
{
    $path = App\Records\Everything::file($user);
    try {
        return (string) file_get_contents($path);
    } finally {
        unlink($path);
    }
}

/** The words of a PDF with spaces made single, as poppler reads them. */
function pdfWords(string $pdf): string
{
    $file = (string) tempnam(sys_get_temp_dir(), 'paper');
    file_put_contents($file, $pdf);
    $words = (string) shell_exec('pdftotext -raw '.escapeshellarg($file).' -');
    unlink($file);

    return (string) preg_replace('/\s+/u', ' ', $words);
}

/** A worked make as a file. */
function workedFile(string $name): string
{
    return (string) file_get_contents(__DIR__."/fixtures/worked/{$name}.make.json");
}

/** Every figure that is typed as a text stays that text; a number comes back by value. */
function sameAsTyped(mixed $before, mixed $after, string $path = ''): void
{
    if (is_array($before)) {
        expect($after)->toBeArray("{$path} is gone")->and(array_keys($after))->toEqualCanonicalizing(array_keys($before), $path);
        foreach ($before as $key => $value) {
            sameAsTyped($value, $after[$key], "{$path}.{$key}");
        }
    } elseif (is_string($before)) {
        expect($after)->toBe($before, $path);
    } else {
        expect($after == $before)->toBeTrue("{$path} was ".json_encode($before).' and is '.json_encode($after));
    }
}

/**
 * A server whose folder goes with the test.
 *
 * @param  list<string>  $told
 */
function realServer(string $state, array $told = []): RealServer
{
    $server = new RealServer($state, $told);
    register_shutdown_function(static function () use ($server, $state): void {
        $server->stop();
        exec('umount '.escapeshellarg($state).' 2>/dev/null; rm -rf '.escapeshellarg($state));
    });

    return $server;
}

/** Waits until something is so, ten seconds at the most. */
function awaits(Closure $isSo): void
{
    for ($until = microtime(true) + 10; ! $isSo() && microtime(true) < $until;) {
        usleep(20_000);
    }
    expect($isSo())->toBeTrue();
}

/** @return array{int, string, string} status, headers in small letters, body */
function fetched(string $address, array $headers = []): array
{
    $call = curl_init($address);
    curl_setopt_array($call, [CURLOPT_RETURNTRANSFER => true, CURLOPT_HEADER => true, CURLOPT_HTTPHEADER => $headers, CURLOPT_SSL_VERIFYPEER => false, CURLOPT_PATH_AS_IS => true]);
    $answer = (string) curl_exec($call);
    $size = curl_getinfo($call, CURLINFO_HEADER_SIZE);

    return [curl_getinfo($call, CURLINFO_RESPONSE_CODE), strtolower(substr($answer, 0, $size)), substr($answer, $size)];
}
