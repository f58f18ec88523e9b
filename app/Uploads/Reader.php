<?php

declare(strict_types=1);

namespace App\Uploads;

use App\Models\Nest;
use Underbolt\Nest\Mending\MendedSvg;
use Underbolt\Nest\NestDrawing;
use Underbolt\Nest\UnreadableNest;

/** What can be read of a file that was sent. It is done by `read.php`, apart from everything else. */
enum Reader: string
{
    /** A size chart as text; more says the ending of the file's name. */
    case Chart = 'chart';

    /** A piece as drawn by its house, packed as it is kept; more says the page of a PDF. */
    case Nest = 'nest';

    /** @throws UnreadableUpload */
    public function read(string $path, string $more): string
    {
        return match ($this) {
            self::Chart => SpreadsheetText::of($path, $more),
            self::Nest => self::nest($path, $more),
        };
    }

    private static function nest(string $path, string $page): string
    {
        try {
            return Nest::pack(self::drawing($path, $page));
        } catch (UnreadableNest $refusal) {
            throw new UnreadableUpload('This drawing '.$refusal->faults()[0]->message.'.');
        }
    }

    /** @throws UnreadableNest */
    private static function drawing(string $path, string $page): NestDrawing
    {
        if (! str_starts_with((string) file_get_contents($path, false, null, 0, 5), '%PDF-')) {
            return MendedSvg::read((string) file_get_contents($path));
        }
        $pdf = new NestPdf($path);
        $picked = $pdf->picked($page === '' ? null : (int) $page);

        return MendedSvg::read($pdf->svg($picked))->scaled($pdf->userUnit($picked));
    }
}
