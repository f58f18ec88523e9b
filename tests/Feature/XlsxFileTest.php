<?php

declare(strict_types=1);

use App\Paper\XlsxFile;
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
