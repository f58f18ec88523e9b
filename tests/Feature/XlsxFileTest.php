<?php

declare(strict_types=1);

use App\Paper\XlsxFile;
use App\Paper\XlsxFormula;
use PhpOffice\PhpSpreadsheet\IOFactory;

test('what is written is what another program reads, as text, whatever it begins with', function (): void {
    $lines = [['wearer', 'says'], ['Ana & Bea <both>', '=1+1'], ['012', "two\nlines"], [], ["nul\0 and \x0B", 'ü – ½']];
    $path = (string) tempnam(sys_get_temp_dir(), 'xlsx');
    file_put_contents($path, XlsxFile::of('Company & more', $lines));
    $sheet = IOFactory::load($path)->getActiveSheet();
    unlink($path);
    expect($sheet->getTitle())->toBe('Company & more')
        ->and((string) $sheet->getCell('A2')->getValue())->toBe('Ana & Bea <both>')
        ->and($sheet->getCell('B2')->getDataType())->not->toBe('f')
        ->and((string) $sheet->getCell('B2')->getValue())->toBe('=1+1')
        ->and((string) $sheet->getCell('A3')->getValue())->toBe('012')
        ->and((string) $sheet->getCell('B3')->getValue())->toBe("two\nlines")
        // What XML can't hold is left out; the rest of the file stands.
        ->and((string) $sheet->getCell('A5')->getValue())->toBe('nul and ')
        ->and((string) $sheet->getCell('B5')->getValue())->toBe('ü – ½')
        ->and($sheet->getStyle('A1')->getFont()->getBold())->toBeTrue()
        ->and($sheet->getFreezePane())->toBe('A2');
});

test('figures are numbers, and what is summed is a formula with its value', function (): void {
    $path = (string) tempnam(sys_get_temp_dir(), 'xlsx');
    file_put_contents($path, XlsxFile::of('Sums', [['a', 'b'], [12, 2.5], ['12', ''], [new XlsxFormula('SUM(A2:A2)', 12), '']]));
    $sheet = IOFactory::load($path)->getActiveSheet();
    unlink($path);
    expect($sheet->getCell('A2')->getDataType())->toBe('n')->and($sheet->getCell('B2')->getValue())->toBe(2.5)
        ->and($sheet->getCell('A3')->getDataType())->not->toBe('n')
        ->and($sheet->getCell('A4')->getValue())->toBe('=SUM(A2:A2)')->and($sheet->getCell('A4')->getOldCalculatedValue())->toEqual(12)->and($sheet->getCell('A4')->getCalculatedValue())->toEqual(12)
        ->and([XlsxFile::column(0), XlsxFile::column(25), XlsxFile::column(26), XlsxFile::column(701), XlsxFile::column(702)])->toBe(['A', 'Z', 'AA', 'ZZ', 'AAA']);
});

test('the sums of a company sheet are worked out to what they say', function (): void {
    $user = demoUser();
    foreach ($user->patterns()->get() as $pattern) {
        $path = (string) tempnam(sys_get_temp_dir(), 'xlsx');
        file_put_contents($path, $this->actingAs($user)->get("/api/patterns/{$pattern->id}/company.xlsx")->assertOk()->getContent());
        $sheet = IOFactory::load($path)->getActiveSheet();
        unlink($path);
        $formulas = 0;
        foreach ($sheet->getCoordinates() as $at) {
            $cell = $sheet->getCell($at);
            if ($cell->isFormula()) {
                expect((float) $cell->getCalculatedValue())->toEqualWithDelta((float) $cell->getOldCalculatedValue(), 1e-9, "{$pattern->name} {$at} {$cell->getValue()}");
                $formulas++;
            }
        }
        expect($formulas)->toBeGreaterThan(3);
    }
});
