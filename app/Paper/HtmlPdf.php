<?php

declare(strict_types=1);

namespace App\Paper;

use Dompdf\Dompdf;
use Dompdf\Options;

/** Words and tables on paper: a page of our own markup as PDF, in the font that has every script, fetching nothing. */
final class HtmlPdf
{
    /**
     * @param  string  $paper  `a4` or `letter`
     * @param  string  $way  `portrait` or `landscape`
     */
    public static function of(string $html, string $paper, string $way = 'portrait'): string
    {
        $folder = storage_path('framework/cache');
        $pdf = new Dompdf(
            (new Options)->setFontDir($folder)->setFontCache($folder)->setDefaultFont('DejaVu Sans')->setIsRemoteEnabled(false),
        );
        $pdf->setPaper($paper, $way);
        $pdf->loadHtml($html);
        $pdf->render();

        return (string) $pdf->output();
    }
}
