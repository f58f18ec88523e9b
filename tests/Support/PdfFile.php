<?php

declare(strict_types=1);

namespace Tests\Support;

use Underbolt\Nest\Line;

/** A PDF written by hand (ISO 32000-1), for what programs write that others can't. */
final class PdfFile
{
    public const POINTS_PER_MM = 72 / 25.4;

    /** @var list<string> */
    private array $objects = ['', ''];

    /** @var list<int> */
    private array $pages = [];

    /** What else the catalog says. */
    public string $catalog = '';

    /** @return int the number of the object */
    public function add(string $object): int
    {
        $this->objects[] = $object;

        return count($this->objects);
    }

    public function stream(string $content, string $says = ''): int
    {
        return $this->add("<< {$says} /Length ".strlen($content)." >>\nstream\n{$content}\nendstream");
    }

    public function page(string $content, float $widthPt, float $heightPt, string $says = '', string $resources = ''): void
    {
        $stream = $this->stream($content);
        $this->pages[] = $this->add(sprintf('<< /Type /Page /Parent 2 0 R /MediaBox [0 0 %.3F %.3F] %s /Contents %d 0 R /Resources << %s >> >>', $widthPt, $heightPt, $says, $stream, $resources));
    }

    /** A line drawn on a page of a height, each millimetre so many of its units. */
    public static function drawn(Line $line, float $heightPt, float $perMm = self::POINTS_PER_MM): string
    {
        $content = '';
        foreach ($line->points() as $i => [$x, $y]) {
            $content .= sprintf("%.4F %.4F %s\n", $x * $perMm, $heightPt - $y * $perMm, $i === 0 ? 'm' : 'l');
        }

        return "{$content}S\n";
    }

    public function bytes(): string
    {
        $this->objects[0] = "<< /Type /Catalog /Pages 2 0 R {$this->catalog} >>";
        $this->objects[1] = '<< /Type /Pages /Kids ['.implode(' ', array_map(static fn (int $page): string => "{$page} 0 R", $this->pages)).'] /Count '.count($this->pages).' >>';
        $bytes = "%PDF-1.7\n";
        $table = "0000000000 65535 f \n";
        foreach ($this->objects as $at => $object) {
            $table .= sprintf("%010d 00000 n \n", strlen($bytes));
            $bytes .= ($at + 1)." 0 obj\n{$object}\nendobj\n";
        }
        $count = count($this->objects) + 1;

        return $bytes."xref\n0 {$count}\n{$table}trailer << /Size {$count} /Root 1 0 R >>\nstartxref\n".strlen($bytes)."\n%%EOF\n";
    }
}
