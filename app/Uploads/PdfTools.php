<?php

declare(strict_types=1);

namespace App\Uploads;

use Symfony\Component\Process\Exception\RuntimeException;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/** Debian's programs for PDF files (poppler-utils, qpdf), run within bounds and never through a shell. */
final class PdfTools
{
    /** Of work: a piece takes a tenth of that. */
    private const SECONDS = 2;

    /** A machine that has much else to do may take longer for the same work. */
    private const MOST_SECONDS = 10;

    /** A page that needs more while it is turned is no pattern piece: in kilobytes. */
    private const MOST_MEMORY_KB = 256_000;

    private const MOST_FILE_BYTES = 32_000_000;

    /**
     * @param  list<string>  $arguments
     * @return string what it printed
     *
     * @throws UnreadableUpload
     */
    public static function run(string $name, array $arguments): string
    {
        $finder = new ExecutableFinder;
        $program = $finder->find($name) ?? throw new UnreadableUpload('PDF files can\'t be read on this server (it lacks poppler-utils or qpdf). Export the piece as SVG.');
        $limit = $finder->find('prlimit');
        $bounds = $limit === null ? [] : [$limit, '--cpu='.self::SECONDS, '--as='.(self::MOST_MEMORY_KB * 1024), '--fsize='.self::MOST_FILE_BYTES, '--'];
        try {
            return (new Process([...$bounds, $program, ...$arguments], timeout: self::MOST_SECONDS))->mustRun()->getOutput();
        } catch (RuntimeException) {
            throw new UnreadableUpload('This PDF can\'t be read, or it is too much for one piece. Export the piece as SVG from the program that drew it.');
        }
    }
}
