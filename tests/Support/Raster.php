<?php

declare(strict_types=1);

namespace Tests\Support;

use GdImage;
use RuntimeException;

/** A page as a renderer of somebody else's sees it, to be measured: pixels at a known number to the millimetre. */
final readonly class Raster
{
    /** A tenth of a millimetre. */
    public const DPI = 254;

    private const DARK = 160;

    /** @param  GdImage|string  $pixels  a picture in full colours, or a byte of grey for each, row by row */
    private function __construct(private GdImage|string $pixels, private int $width, private int $height)
    {
    }

    /** @return list<self> the pages of a PDF, drawn by poppler; all of them, or so many */
    public static function ofPdf(string $pdf, ?int $pages = null): array
    {
        return self::drawn($pdf, static fn (string $in, string $out): string => sprintf(
            'pdftoppm -r %d%s -gray %s %s/page',
            self::DPI,
            $pages === null ? '' : " -l {$pages}",
            escapeshellarg($in),
            escapeshellarg($out),
        ));
    }

    /** An SVG, drawn by librsvg. */
    public static function ofSvg(string $svg): self
    {
        return self::drawn($svg, static fn (string $in, string $out): string => sprintf(
            'rsvg-convert -d %1$d -p %1$d -b white %2$s -o %3$s/page-1.png',
            self::DPI,
            escapeshellarg($in),
            escapeshellarg($out),
        ))[0];
    }

    public function widthMm(): float
    {
        return $this->width / self::perMm();
    }

    public function heightMm(): float
    {
        return $this->height / self::perMm();
    }

    /** @return list<float> where the middles of the dark runs lie along a line across, in millimetres */
    public function across(float $yMm, float $fromMm = 0, ?float $toMm = null): array
    {
        $y = (int) round($yMm * self::perMm());

        return $this->middles($fromMm, $toMm ?? $this->widthMm(), fn (int $x): bool => $this->isDark($x, $y));
    }

    /** @return list<float> likewise along a line down */
    public function down(float $xMm, float $fromMm = 0, ?float $toMm = null): array
    {
        $x = (int) round($xMm * self::perMm());

        return $this->middles($fromMm, $toMm ?? $this->heightMm(), fn (int $y): bool => $this->isDark($x, $y));
    }

    private static function perMm(): float
    {
        return self::DPI / 25.4;
    }

    /**
     * @param  callable(int): bool  $isDark
     * @return list<float>
     */
    private function middles(float $fromMm, float $toMm, callable $isDark): array
    {
        $middles = [];
        $begun = null;
        $end = (int) floor($toMm * self::perMm());
        for ($at = (int) ceil($fromMm * self::perMm()); $at <= $end; $at++) {
            $dark = $at < $end && $isDark($at);
            if ($dark && $begun === null) {
                $begun = $at;
            } elseif (! $dark && $begun !== null) {
                $middles[] = ($begun + $at) / 2 / self::perMm();
                $begun = null;
            }
        }

        return $middles;
    }

    private function isDark(int $x, int $y): bool
    {
        if ($x < 0 || $y < 0 || $x >= $this->width || $y >= $this->height) {
            return false;
        }

        return (is_string($this->pixels) ? ord($this->pixels[$y * $this->width + $x]) : (int) imagecolorat($this->pixels, $x, $y) >> 16 & 255) < self::DARK;
    }

    private static function of(string $picture): self
    {
        $bytes = (string) file_get_contents($picture);
        // A plain grey picture needs not be packed and unpacked; poppler is asked for no other.
        if (preg_match('/^P5\s(\d+)\s(\d+)\s255\s/', $bytes, $head) === 1) {
            return new self(substr($bytes, strlen($head[0])), (int) $head[1], (int) $head[2]);
        }
        $image = imagecreatefromstring($bytes);
        if ($image === false) {
            throw new RuntimeException('No picture.');
        }
        imagepalettetotruecolor($image);

        return new self($image, imagesx($image), imagesy($image));
    }

    /**
     * @param  callable(string, string): string  $command  for a file and a folder for its pictures
     * @return non-empty-list<self>
     */
    private static function drawn(string $content, callable $command): array
    {
        $folder = sys_get_temp_dir().'/raster-'.bin2hex(random_bytes(6));
        mkdir($folder);
        try {
            file_put_contents("{$folder}/in", $content);
            exec($command("{$folder}/in", $folder).' 2>&1', $said, $code);
            $pictures = glob("{$folder}/page*");
            if ($code !== 0 || $pictures === false || $pictures === []) {
                throw new RuntimeException('Nothing was drawn: '.implode("\n", $said));
            }
            sort($pictures, SORT_NATURAL);

            return array_map(self::of(...), $pictures);
        } finally {
            array_map(unlink(...), glob("{$folder}/*") ?: []);
            rmdir($folder);
        }
    }
}
