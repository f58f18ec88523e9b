<?php

declare(strict_types=1);

use App\Uploads\NestPdf;
use App\Uploads\UnreadableUpload;
use Tests\Support\Worked;

/** A PDF of one page whose lines, packed to next to nothing, unpack to so many. */
function pdfBomb(int $lines): string
{
    $packing = deflate_init(ZLIB_ENCODING_DEFLATE);
    $some = str_repeat("0 0 m 1 1 l S\n", 100_000);
    $stream = '';
    for ($done = 0; $done < $lines; $done += 100_000) {
        $stream .= deflate_add($packing, $some, ZLIB_NO_FLUSH);
    }
    $stream .= deflate_add($packing, '', ZLIB_FINISH);
    $objects = [
        '<< /Type /Catalog /Pages 2 0 R >>',
        '<< /Type /Pages /Kids [3 0 R] /Count 1 >>',
        '<< /Type /Page /Parent 2 0 R /MediaBox [0 0 600 800] /Contents 4 0 R >>',
        '<< /Filter /FlateDecode /Length '.strlen($stream)." >>\nstream\n{$stream}\nendstream",
    ];
    $pdf = "%PDF-1.4\n";
    $places = '';
    foreach ($objects as $i => $object) {
        $places .= sprintf("%010d 00000 n \n", strlen($pdf));
        $pdf .= ($i + 1)." 0 obj\n{$object}\nendobj\n";
    }

    return "{$pdf}xref\n0 5\n0000000000 65535 f \n{$places}trailer << /Size 5 /Root 1 0 R >>\nstartxref\n".strlen($pdf)."\n%%EOF";
}

test('a PDF that unpacks to ever more lines is refused in a sentence, before it takes the machine', function (): void {
    $file = (string) tempnam(sys_get_temp_dir(), 'bomb');
    file_put_contents($file, pdfBomb(100));
    expect((new NestPdf($file))->svg(1))->toContain('<path');
    file_put_contents($file, pdfBomb(20_000_000));
    expect(filesize($file))->toBeLessThan(2_000_000);
    $began = Worked::seconds();
    expect(static fn () => (new NestPdf($file))->svg(1))->toThrow(UnreadableUpload::class, 'too much for one piece');
    unlink($file);
    expect(Worked::seconds() - $began)->toBeLessThan(4);
});
