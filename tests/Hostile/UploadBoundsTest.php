<?php

declare(strict_types=1);

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use Tests\Support\SpreadsheetFile;
use Tests\Support\Worked;

/** An xlsx chart whose sheet holds something more, written as it stands. */
function sheetWith(string $before, string $after): string
{
    $path = SpreadsheetFile::of('xlsx', [['Size', '8', '10'], ['Bust', '84', '88'], ['Waist', '66', '70']]);
    $zip = new ZipArchive;
    $zip->open($path);
    for ($index = 0; $index < $zip->numFiles; $index++) {
        $name = (string) $zip->getNameIndex($index);
        if (str_contains($name, 'worksheets/')) {
            $sheet = (string) $zip->getFromIndex($index);
            $zip->addFromString($name, str_replace(['<sheetData', '</sheetData>'], ["{$before}<sheetData", "</sheetData>{$after}"], $sheet));
        }
    }
    $zip->close();

    return $path;
}

function svgWith(string $inside): string
{
    $path = tempnam(sys_get_temp_dir(), 'bomb').'.svg';
    file_put_contents($path, '<svg xmlns="http://www.w3.org/2000/svg" width="400mm" height="600mm" viewBox="0 0 400 600">'.$inside.'</svg>');

    return $path;
}

/** The answer, with the seconds of work that it took; what reading leaves behind is looked for. */
function bounded(string $path): TestResponse
{
    $user = demoUser();
    test()->actingAs($user);
    $pattern = $user->patterns()->firstOrFail();
    $file = new UploadedFile($path, 'file.'.pathinfo($path, PATHINFO_EXTENSION), test: true);
    $storage = sys_get_temp_dir().'/storage-'.getmypid();
    app()->useStoragePath($storage);
    $began = Worked::seconds();
    $answer = str_ends_with($path, '.svg')
        ? test()->postJson("/api/patterns/{$pattern->id}/nests/front", ['file' => $file, 'version' => 0])
        : test()->postJson('/api/charts/file', ['file' => $file]);
    $worked = Worked::seconds() - $began;
    unlink($path);
    // A folder of its own holds whatever a reader that was stopped had begun.
    expect($worked)->toBeLessThan(5)->and(glob("{$storage}/framework/uploads/*"))->toBe([]);
    File::deleteDirectory($storage);

    return $answer;
}

test('whatever a small file would cost, reading it ends in time, in a sentence or in what it says', function (Closure $path): void {
    $answer = bounded($path());
    expect($answer->getStatusCode())->toBeIn([200, 201, 422]);
    if ($answer->getStatusCode() === 422) {
        expect($answer->json('errors.file.0'))->toEndWith('.');
    }
})->with([
    'columns over and over' => [static fn (): string => sheetWith('<cols>'.str_repeat('<col min="1" max="16384" width="9" customWidth="1"/>', 3_000).'</cols>', '')],
    'a link at every cell' => [static fn (): string => sheetWith('', '<hyperlinks>'.str_repeat('<hyperlink ref="A1" location="A1"/>', 20_000).'</hyperlinks>')],
    'a link over the whole grid' => [static fn (): string => sheetWith('', '<hyperlinks><hyperlink ref="A1:XFD1048576" location="A1"/></hyperlinks>')],
    'a rule over the whole grid' => [static fn (): string => sheetWith('', '<conditionalFormatting sqref="A1:XFD1048576"><cfRule type="expression" priority="1"><formula>1</formula></cfRule></conditionalFormatting>')],
    'checks over the whole grid' => [static fn (): string => sheetWith('', '<dataValidations count="1"><dataValidation type="whole" sqref="A1:XFD1048576"><formula1>1</formula1></dataValidation></dataValidations>')],
    'a path of ever more points' => [static fn (): string => svgWith('<path stroke="#000" d="M0 0'.str_repeat('l1 1', 700_000).'"/>')],
    'ever more paths' => [static fn (): string => svgWith(str_repeat('<path d="M0 0 1 9"/>', 190_000))],
    'equal ids' => [static fn (): string => svgWith(str_repeat('<path id="a" d="M0 0 1 9"/>', 150_000).'<use href="#a"/>')],
]);
