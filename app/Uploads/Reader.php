<?php

declare(strict_types=1);

namespace App\Uploads;

use App\Models\Nest;
use App\Records\Whole\RecordsReader;
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

    /** The pages of a PDF that a piece is spread over, as `NestPagesData` has them; more says how they lie, as JSON, or nothing. */
    case Pages = 'pages';

    /** The same put together, packed as it is kept; more likewise. */
    case Together = 'together';

    /** Everything that was taken away, a line of JSON for each record. */
    case Everything = 'everything';

    /**
     * @return iterable<string> what is read, as it comes
     *
     * @throws UnreadableUpload
     */
    public function read(string $path, string $more): iterable
    {
        return match ($this) {
            self::Chart => [SpreadsheetText::of($path, $more)],
            self::Nest => [self::said(static fn (): string => Nest::pack(self::drawing($path, $more)))],
            self::Pages => [self::said(static fn (): string => PdfPages::shown($path, $more))],
            self::Together => [self::said(static fn (): string => PdfPages::together($path, $more))],
            self::Everything => RecordsReader::lines($path),
        };
    }

    public function bounds(): Bounds
    {
        return $this === self::Everything
            ? new Bounds(seconds: 120, clockSeconds: 150, memoryMb: 400, fileMb: 1, niceness: 12)
            : new Bounds(seconds: 3, clockSeconds: 12, memoryMb: 220, fileMb: 40, niceness: 0);
    }

    /** Said where it takes more than that. */
    public function tooMuch(): string
    {
        return $this === self::Everything
            ? 'Reading this file takes more time or room than any workroom needs: it is not one that was taken away under "Account", or it was changed since.'
            : 'Reading this file takes more time or room than any chart or piece needs. Keep only what belongs to it, and save it again.';
    }

    /** @param  callable(): string  $read */
    private static function said(callable $read): string
    {
        try {
            return $read();
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
