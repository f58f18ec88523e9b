<?php

declare(strict_types=1);

namespace App\Uploads;

use App\Models\Nest;
use Underbolt\Nest\SvgReader;
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
        $isPdf = str_starts_with((string) file_get_contents($path, false, null, 0, 5), '%PDF-');
        $svg = $isPdf ? NestPdf::svg($path, $page === '' ? null : (int) $page) : (string) file_get_contents($path);
        try {
            return Nest::pack(SvgReader::read($svg));
        } catch (UnreadableNest $refusal) {
            throw new UnreadableUpload('This drawing '.$refusal->faults()[0]->message.'.');
        }
    }
}
