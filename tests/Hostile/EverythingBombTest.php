<?php

declare(strict_types=1);

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Tests\Support\Worked;

/** @param  string  $records  as they stand in the file, or a list of lines without the head */
function everythingFile(string $name, string $records): string
{
    $path = (string) tempnam(sys_get_temp_dir(), 'all');
    $zip = new ZipArchive;
    $zip->open($path, ZipArchive::OVERWRITE);
    $zip->addFromString($name, $records);
    $zip->close();

    return $path;
}

/** @param  string  $line  without its end */
function manyLines(string $line, int $times): string
{
    return "{\"format\":\"underbolt/everything\",\"version\":2}\n".str_repeat("{$line}\n", $times);
}

const NOBODY = '{"wearer":{"name":"Nobody","notes":"","unit":null,"archived_at":null,"agreed_on":null,"sizes_hidden":false,"wardrobe":{},"is_demo":false,"cards":[]}}';

test('a small file that would bring in more than a workroom holds is refused in time, and nothing of it is kept', function (Closure $path, string $says): void {
    $user = someone();
    $storage = sys_get_temp_dir().'/storage-'.getmypid();
    app()->useStoragePath($storage);
    $began = Worked::seconds();
    $this->actingAs($user)->postJson('/api/me/everything', ['file' => new UploadedFile($file = $path(), 'all.zip', test: true), 'write' => '1', 'takes' => '0'])
        ->assertUnprocessable()->assertJsonPath('errors.file.0', static fn (string $said): bool => str_contains($said, $says));
    expect(filesize($file))->toBeLessThan(100_000)->and(Worked::seconds() - $began)->toBeLessThan(8.0)->and(glob("{$storage}/framework/uploads/*"))->toBe([])
        ->and($user->wearers()->count() + DB::table('bin_entries')->count())->toBe(0);
    File::deleteDirectory($storage);
    unlink($file);
})->with([
    'six million objects in one document' => [static fn (): string => everythingFile('records.json', '{"format":"underbolt/everything","version":1,"wearers":['.str_repeat('{},', 5_900_000).'{}]}'), 'more time or room than any workroom needs'],
    'six million lists in one line' => [static fn (): string => everythingFile('records.jsonl', manyLines('{"wearer":['.str_repeat('[],', 1_300_000).'[]]}', 4)), 'Wearer 1 can\'t be read'],
    'deeper than any document' => [static fn (): string => everythingFile('records.jsonl', manyLines(str_repeat('[', 1_000).str_repeat(']', 1_000), 1)), 'The records in this file can\'t be read.'],
    'three thousand hands' => [static fn (): string => everythingFile('records.jsonl', manyLines('{"hand":{"name":"One of many","points":{}}}', 3_000)), 'more than 200 hands'],
    'ten thousand wearers' => [static fn (): string => everythingFile('records.jsonl', manyLines(NOBODY, 10_000)), 'more than 2000 wearers'],
    'lines without number' => [static fn (): string => everythingFile('records.jsonl', manyLines('{}', 9_000_000)), 'can\'t be read'],
]);

test('as much as a workroom holds comes in, a little at a time', function (): void {
    $user = someone();
    $file = everythingFile('records.jsonl', manyLines(NOBODY, 2_000));
    $answer = $this->actingAs($user)->postJson('/api/me/everything', ['file' => new UploadedFile($file, 'all.zip', test: true), 'write' => '1', 'takes' => '0'])->assertOk();
    expect($answer->streamedContent())->toContain('"is_written":true')->and($user->wearers()->count())->toBe(2_000);
    unlink($file);
});
