<?php

declare(strict_types=1);

namespace App\Uploads;

/**
 * The layers of a PDF (optional content), all of them shown. Which line lies in which is found by leaving out one layer
 * after the other: what is gone then was its own.
 */
final class PdfLayers
{
    /** More than a nest has sizes; each takes a reading of its own. */
    private const MOST = 40;

    /** A line as poppler writes it, but for those that clip. */
    private const LINES = '#<path style=[^>]*/>#';

    /**
     * @param  array<mixed>  $catalog  of the file
     * @param  array<string, string>  $names  by their object
     */
    private function __construct(private readonly string $root, private readonly array $catalog, private readonly array $names)
    {
    }

    /** Those a file has; null where it has none, or they are too many to be told apart. */
    public static function of(string $path): ?self
    {
        $objects = new PdfObjects($path);
        [$root, $catalog] = $objects->catalog() ?? ['', []];
        $properties = $objects->value($catalog['/OCProperties'] ?? null);
        $groups = is_array($properties) ? $objects->value($properties['/OCGs'] ?? null) : null;
        if (! is_array($groups) || $groups === [] || count($groups) > self::MOST) {
            return null;
        }
        $names = [];
        foreach ($groups as $place => $group) {
            if (is_string($group)) {
                $said = $objects->value($group);
                $name = self::text(is_array($said) ? $said['/Name'] ?? null : null);
                $names[$group] = $name === '' ? 'layer '.((int) $place + 1) : $name;
            }
        }

        return new self($root, $catalog, $names);
    }

    /** A text as qpdf tells it: marked as words or as bytes. */
    private static function text(mixed $said): string
    {
        $said = is_string($said) ? $said : '';
        $text = str_starts_with($said, 'b:') ? (string) hex2bin(substr($said, 2)) : substr($said, 2);

        return mb_substr(mb_scrub($text), 0, 100);
    }

    /** Writes the file with all layers shown but one. */
    public function shown(string $path, string $output, ?string $but): void
    {
        $all = array_keys($this->names);
        $shown = array_values(array_filter($all, static fn (string $group): bool => $group !== $but));
        $catalog = ['/OCProperties' => ['/OCGs' => $all, '/D' => ['/BaseState' => '/ON', '/ON' => $shown, '/OFF' => $but === null ? [] : [$but]]]] + $this->catalog;
        $change = ['version' => 2, 'qpdf' => [['jsonversion' => 2, 'pdfversion' => '1.7', 'maxobjectid' => 1], ["obj:{$this->root}" => ['value' => $catalog]]]];
        file_put_contents("{$output}.json", json_encode($change, JSON_THROW_ON_ERROR));
        PdfTools::run('qpdf', ['--warning-exit-0', $path, "--update-from-json={$output}.json", $output]);
    }

    /**
     * The drawing of the whole with each line in groups of its layers' names.
     *
     * @param  string  $whole  the SVG with all layers shown
     * @param  callable(string): string  $without  the SVG with all but one, by its object
     */
    public function named(string $whole, callable $without): string
    {
        preg_match_all(self::LINES, $whole, $found, PREG_OFFSET_CAPTURE);
        $lines = $found[0];
        $names = array_fill(0, count($lines), []);
        foreach ($this->names as $group => $name) {
            preg_match_all(self::LINES, $without($group), $left);
            $at = 0;
            foreach ($lines as $place => [$line]) {
                if ($line === ($left[0][$at] ?? null)) {
                    $at++;
                } else {
                    $names[$place][] = $name;
                }
            }
            // Where the rest is drawn otherwise too, nothing can be told.
            if ($at !== count($left[0])) {
                return $whole;
            }
        }
        $svg = '';
        $done = 0;
        foreach ($lines as $place => [$line, $from]) {
            $svg .= substr($whole, $done, $from - $done);
            foreach ($names[$place] as $name) {
                $line = '<g inkscape:label="'.htmlspecialchars($name, ENT_XML1 | ENT_QUOTES | ENT_SUBSTITUTE).'">'.$line.'</g>';
            }
            $svg .= $line;
            $done = $from + strlen($lines[$place][0]);
        }

        return (string) preg_replace('/<svg /', '<svg xmlns:inkscape="http://www.inkscape.org/namespaces/inkscape" ', $svg.substr($whole, $done), 1);
    }
}
