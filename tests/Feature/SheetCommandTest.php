<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Artisan;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Underbolt\CutSheet\CutSheet;
use Underbolt\CutSheet\SheetHead;
use Underbolt\File\CutSheetJson;
use Underbolt\Measure\Unit;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Refusal;

/** @return list<string> what is wrong with a sheet by the published schema */
function sheetFaults(string $sheet): array
{
    $schema = json_decode((string) file_get_contents(base_path('docs/schema/sheet.schema.json')), flags: JSON_THROW_ON_ERROR);
    $result = (new Validator)->validate(json_decode($sheet, flags: JSON_THROW_ON_ERROR), $schema);

    return $result->isValid() ? [] : array_keys((new ErrorFormatter)->format($result->error(), true));
}

test('the sheet of every demo make, and of every practice case, is as the schema says', function (): void {
    $told = 0;
    foreach (demoUser()->makes()->with(['pattern', 'card.readings', 'card.wearer'])->get() as $make) {
        try {
            $plan = PlanBuilder::build($make->toCore(Unit::Inch));
        } catch (Refusal) {
            continue;
        }
        expect(sheetFaults((string) json_encode(CutSheetJson::of(CutSheet::of($plan), SheetHead::of($plan)))))->toBe([], $make->pattern->name);
        $told++;
    }
    expect($told)->toBeGreaterThan(11);
});

test('the command prints the sheet of a file, of several one line each, and refuses with the field', function (): void {
    $file = base_path('tests/fixtures/worked/1-two-step-blend.make.json');
    expect(Artisan::call('underbolt:sheet', ['file' => [$file]]))->toBe(0);
    $printed = Artisan::output();
    $sheet = json_decode($printed, true, flags: JSON_THROW_ON_ERROR);
    expect(sheetFaults($printed))->toBe([])->and($sheet['stations']['read_off'])->toBe('plan')->and($sheet['pieces_confirmed'])->toBeFalse();
    $bad = (string) tempnam(sys_get_temp_dir(), 'make');
    file_put_contents($bad, '{"format": "underbolt/make"}');
    expect(Artisan::call('underbolt:sheet', ['file' => [$file, $bad]]))->toBe(2);
    [$first, $second] = explode("\n", trim(Artisan::output()));
    expect(json_decode($first, true)['headline'])->toBe($sheet['headline'])->and(json_decode($second, true)['error'][0])->toContain('version');
    unlink($bad);
});
