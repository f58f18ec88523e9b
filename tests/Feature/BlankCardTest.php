<?php

declare(strict_types=1);

/** @return array{string, string} the words of a PDF, and what is known of its pages */
function readPdf(string $pdf): array
{
    $file = (string) tempnam(sys_get_temp_dir(), 'card');
    file_put_contents($file, $pdf);
    $words = (string) shell_exec('pdftotext -layout '.escapeshellarg($file).' -');
    $pages = (string) shell_exec('pdfinfo '.escapeshellarg($file));
    unlink($file);

    return [$words, $pages];
}

test('a blank card names its points, on the paper that was asked for', function (string $paper, string $size): void {
    $this->actingAs(someone());
    $answer = $this->get("/api/blank-card.pdf?set=three&paper={$paper}")->assertOk()->assertHeader('Content-Type', 'application/pdf');
    [$words, $pages] = readPdf((string) $answer->getContent());
    expect($words)->toContain('Full bust')->toContain('Waist')->toContain('Hip')->not->toContain('Bicep')
        ->and($pages)->toContain($size)->toContain('Pages:           1');
})->with([['a4', '595.28 x 841.89'], ['letter', '612 x 792']]);

test('everything fits on a few pages', function (): void {
    $this->actingAs(someone());
    [$words, $pages] = readPdf((string) $this->get('/api/blank-card.pdf?set=everything')->getContent());
    expect($words)->toContain('Crotch length')->and($pages)->toMatch('/Pages:\s+[23]\n/');
});
