<?php

declare(strict_types=1);

namespace App\Uploads;

use Symfony\Component\Process\Exception\RuntimeException;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/** A page of a PDF as an SVG drawing, by Debian's poppler-utils where they are installed; never through a shell. */
final class NestPdf
{
    /** Of work: a piece takes a tenth of that. */
    private const SECONDS = 2;

    /** A machine that has much else to do may take longer for the same work. */
    private const MOST_SECONDS = 10;

    private const MOST_BYTES = 8_000_000;

    /** A page that needs more while it is turned is no pattern piece: in kilobytes. */
    private const MOST_MEMORY_KB = 256_000;

    /**
     * @param  ?int  $page  from 1; null where none was picked yet
     *
     * @throws UnreadableUpload when it can't be read, or a page has to be picked
     */
    public static function svg(string $path, ?int $page): string
    {
        $pages = self::pages($path);
        if ($page === null && $pages > 1) {
            throw new UnreadableUpload("This PDF has {$pages} pages: say on which one the piece is.", 'page');
        }
        if ($page !== null && ($page < 1 || $page > $pages)) {
            throw new UnreadableUpload($pages === 1 ? 'This PDF has one page.' : "This PDF has {$pages} pages.", 'page');
        }
        $wanted = (string) ($page ?? 1);
        $output = (string) tempnam(sys_get_temp_dir(), 'nest');
        try {
            self::run('pdftocairo', ['-svg', '-f', $wanted, '-l', $wanted, $path, $output]);
            $svg = (string) file_get_contents($output, false, null, 0, self::MOST_BYTES + 1);
        } finally {
            unlink($output);
        }

        return $svg;
    }

    private static function pages(string $path): int
    {
        return preg_match('/^Pages:\s+(\d+)/m', self::run('pdfinfo', [$path]), $found) === 1
            ? (int) $found[1]
            : throw self::refusal('This PDF can\'t be read. Export the piece as SVG from the program that drew it.');
    }

    /** @param  list<string>  $arguments */
    private static function run(string $name, array $arguments): string
    {
        $finder = new ExecutableFinder;
        $program = $finder->find($name) ?? throw self::refusal('PDF files can\'t be read on this server (it lacks poppler-utils). Export the piece as SVG.');
        $limit = $finder->find('prlimit');
        $command = [...($limit === null ? [] : [$limit, '--cpu='.self::SECONDS, '--as='.(self::MOST_MEMORY_KB * 1024), '--fsize='.(4 * self::MOST_BYTES), '--']), $program, ...$arguments];
        try {
            return (new Process($command, timeout: self::MOST_SECONDS))->mustRun()->getOutput();
        } catch (RuntimeException) {
            throw self::refusal('This PDF can\'t be read, or it is too much for one piece. Export the piece as SVG from the program that drew it.');
        }
    }

    private static function refusal(string $message): UnreadableUpload
    {
        return new UnreadableUpload($message);
    }
}
