<?php

declare(strict_types=1);

namespace App\Uploads;

/** The pages of a PDF as SVG drawings at their true size, by Debian's poppler-utils and qpdf where they are installed. */
final class NestPdf
{
    private const MOST_BYTES = 8_000_000;

    private ?string $shown = null;

    private ?PdfLayers $layers = null;

    /** @throws UnreadableUpload when it can't be read */
    public function __construct(private readonly string $path)
    {
        $this->layers = PdfLayers::of($path);
        if ($this->layers !== null) {
            $this->shown = "{$path}.shown";
            $this->layers->shown($path, $this->shown, null);
        }
    }

    /** @throws UnreadableUpload when a page has to be picked */
    public function picked(?int $page): int
    {
        $pages = $this->pages();
        if ($page === null && $pages > 1) {
            throw new UnreadableUpload("This PDF has {$pages} pages: say on which one the piece is, or put them together.", 'page');
        }
        if ($page !== null && ($page < 1 || $page > $pages)) {
            throw new UnreadableUpload($pages === 1 ? 'This PDF has one page.' : "This PDF has {$pages} pages.", 'page');
        }

        return $page ?? 1;
    }

    /** How many there are. */
    public function pages(): int
    {
        return preg_match('/^Pages:\s+(\d+)/m', PdfTools::run('pdfinfo', [$this->path]), $found) === 1
            ? (int) $found[1]
            : throw new UnreadableUpload('This PDF can\'t be read. Export the piece as SVG from the program that drew it.');
    }

    /** @param  int  $page  from 1 */
    public function svg(int $page): string
    {
        $whole = $this->drawn($this->shown ?? $this->path, $page);
        if ($this->layers === null) {
            return $whole;
        }

        return $this->layers->named($whole, function (string $layer) use ($page): string {
            $this->layers?->shown($this->path, "{$this->path}.without", $layer);

            return $this->drawn("{$this->path}.without", $page);
        });
    }

    /** How much larger its unit is than a point: 1 but for very large pages. */
    public function userUnit(int $page): float
    {
        $unit = (new PdfObjects($this->path))->page($page)['/UserUnit'] ?? 1;

        return is_numeric($unit) && $unit > 0 ? (float) $unit : 1.0;
    }

    private function drawn(string $path, int $page): string
    {
        $output = "{$path}.svg";
        // Neither shrunk to whole points nor moved to their middle.
        PdfTools::run('pdftocairo', ['-svg', '-noshrink', '-nocenter', '-f', (string) $page, '-l', (string) $page, $path, $output]);

        return (string) file_get_contents($output, false, null, 0, self::MOST_BYTES + 1);
    }
}
