<?php

declare(strict_types=1);

namespace App\Uploads;

use Symfony\Component\Process\Exception\ProcessFailedException;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/** The text of a PDF file as it is laid out, by Debian's poppler-utils where they are installed. */
final class PdfText
{
    private const SECONDS = 10;

    /** Charts stand on the first pages. */
    private const PAGES = '12';

    /** @throws UnreadableUpload when it can't be read */
    public static function of(string $path): string
    {
        $reader = (new ExecutableFinder)->find('pdftotext');
        if ($reader === null) {
            throw self::refusal('PDF files can\'t be read on this server. Open it, copy the table and paste it here.');
        }
        try {
            $text = (new Process([$reader, '-layout', '-l', self::PAGES, $path, '-'], timeout: self::SECONDS))->mustRun()->getOutput();
        } catch (ProcessFailedException|ProcessTimedOutException) {
            throw self::refusal('This PDF can\'t be read. Open it, copy the table and paste it here.');
        }

        return trim($text) === '' ? throw self::refusal('There is no text in this PDF: it is a picture. Type the chart in.') : $text;
    }

    private static function refusal(string $message): UnreadableUpload
    {
        return new UnreadableUpload($message);
    }
}
