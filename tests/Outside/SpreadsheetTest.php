<?php

declare(strict_types=1);

use App\Paper\XlsxFile;
use App\Paper\XlsxFormula;
use Symfony\Component\Process\Process;

// Checked against openpyxl 3 (Debian's python3-openpyxl), a reader of ECMA-376 files that has nothing to do with ours.
test('a spreadsheet that is written opens in another reader: numbers as numbers, texts as texts, formulas with their values', function (): void {
    $path = (string) tempnam(sys_get_temp_dir(), 'xlsx').'.xlsx';
    file_put_contents($path, XlsxFile::of('Company & more', [['wearer', 'bust'], ['Ana', 12], ['=1+1', 12.5], ['012', ''], ['In all', new XlsxFormula('SUM(B2:B3)', 24.5)]]));
    $read = <<<'PYTHON'
        import json, sys, openpyxl
        books = [openpyxl.load_workbook(sys.argv[1], data_only=values) for values in (False, True)]
        print(json.dumps([[[cell.value for cell in row] for row in book.active.iter_rows()] for book in books] + [books[0].active.title, books[0].active['A1'].font.b, books[0].active.freeze_panes]))
        PYTHON;
    $process = new Process(['/usr/bin/python3', '-c', $read, $path]);
    $process->run();
    unlink($path);
    if (str_contains($process->getErrorOutput(), 'No module named')) {
        $this->markTestSkipped('python3-openpyxl is not installed; bin/test installs it.');
    }
    $rows = static fn (string|float $sum): array => [['wearer', 'bust'], ['Ana', 12], ['=1+1', 12.5], ['012', null], ['In all', $sum]];
    expect($process->getErrorOutput())->toBe('')
        ->and(json_decode($process->getOutput(), true))->toBe([$rows('=SUM(B2:B3)'), $rows(24.5), 'Company & more', true, 'A2']);
});
