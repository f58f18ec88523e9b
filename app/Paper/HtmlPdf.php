<?php

declare(strict_types=1);

namespace App\Paper;

use Dompdf\Dompdf;
use Dompdf\Options;

/** Words and tables on paper: a page of our own markup as PDF, in the font that has every script, fetching nothing. */
final class HtmlPdf
{
    /** 14 mm from the side and 10 mm from the lower edge: no printer cuts it. */
    private const FOOT_LEFT_PT = 39.7;

    private const FOOT_UP_PT = 38;

    private const FOOT_TYPE_PT = 8;

    /**
     * @param  string  $paper  `a4` or `letter`
     * @param  string  $way  `portrait` or `landscape`
     * @param  ?string  $foot  what stands at the foot of every page before its number; null for no foot
     */
    public static function of(string $html, string $paper, string $way = 'portrait', ?string $foot = null): string
    {
        return self::written(self::rendered($html, $paper, $way), $foot);
    }

    /**
     * On so many pages if it can be: set closer where it runs on to one more.
     *
     * @param  callable(bool): string  $html  of our own markup, set closer or not
     */
    public static function on(int $pages, callable $html, string $paper, string $foot): string
    {
        $pdf = self::rendered($html(false), $paper, 'portrait');
        if ($pdf->getCanvas()->get_page_count() > $pages) {
            $pdf = self::rendered($html(true), $paper, 'portrait');
        }

        return self::written($pdf, $foot);
    }

    private static function rendered(string $html, string $paper, string $way): Dompdf
    {
        $folder = storage_path('framework/cache');
        $pdf = new Dompdf(
            (new Options)->setFontDir($folder)->setFontCache($folder)->setDefaultFont('DejaVu Sans')->setIsRemoteEnabled(false),
        );
        $pdf->setPaper($paper, $way);
        $pdf->loadHtml($html);
        $pdf->render();

        return $pdf;
    }

    private static function written(Dompdf $pdf, ?string $foot): string
    {
        if ($foot !== null) {
            self::number($pdf, $foot);
        }

        return (string) $pdf->output();
    }

    private static function number(Dompdf $pdf, string $foot): void
    {
        $font = (string) $pdf->getFontMetrics()->getFont('DejaVu Sans');
        $canvas = $pdf->getCanvas();
        $canvas->page_text(self::FOOT_LEFT_PT, $canvas->get_height() - self::FOOT_UP_PT, "{$foot} · page {PAGE_NUM} of {PAGE_COUNT}", $font, self::FOOT_TYPE_PT);
    }
}
