<?php

declare(strict_types=1);

namespace Tests\Support;

use Underbolt\Nest\Line;

/** The invented front as files of drawing programs and printers, in the ways that pattern houses have of drawing. */
final class HouseFiles
{
    /**
     * @param  float  $seems  of how much of its true size the file says it is
     * @param  list<float>  $turned  how a place on the drawing becomes one of the piece: degrees about the origin, then x and y
     */
    private function __construct(
        public readonly string $bytes,
        public readonly string $ending,
        public readonly float $seems = 1.0,
        public readonly array $turned = [0.0, 0.0, 0.0],
        public readonly bool $isNamed = false,
        public readonly bool $isSpread = false,
        public readonly bool $isStacked = false,
    ) {
    }

    /** @return array<string, self> */
    public static function all(): array
    {
        return [
            'millimetres' => self::svg(self::paths(), 'width="420mm" height="1080mm" viewBox="0 0 420 1080"'),
            'centimetres' => self::svg(self::paths(0.1), 'width="42cm" height="108cm" viewBox="0 0 42 108"'),
            'inches' => self::svg(self::paths(1 / 25.4), sprintf('width="%1$Fin" height="%2$Fin" viewBox="0 0 %1$F %2$F"', 420 / 25.4, 1080 / 25.4)),
            'points' => self::svg(self::paths(72 / 25.4), sprintf('width="%1$Fpt" height="%2$Fpt" viewBox="0 0 %1$F %2$F"', 420 * 72 / 25.4, 1080 * 72 / 25.4)),
            'dots' => self::svg(self::paths(96 / 25.4), sprintf('width="%F" height="%F"', 420 * 96 / 25.4, 1080 * 96 / 25.4)),
            'half as large' => self::svg(self::paths(), 'width="210mm" height="540mm" viewBox="0 0 420 1080"', 0.5),
            'two in a hundred too large' => self::svg(self::paths(), 'width="428.4mm" height="1101.6mm" viewBox="0 0 420 1080"', 1.02),
            'six in a hundred too small' => self::svg(self::paths(), 'width="394.8mm" height="1015.2mm" viewBox="0 0 420 1080"', 0.94),
            'one and a half in a hundred too small' => self::svg(self::paths(), 'width="413.7mm" height="1063.8mm" viewBox="0 0 420 1080"', 0.985),
            'inches for centimetres' => self::svg(self::paths(), 'width="42in" height="108in" viewBox="0 0 420 1080"', 2.54),
            'points for dots' => self::svg(self::paths(96 / 25.4), sprintf('width="%1$Fpt" height="%2$Fpt" viewBox="0 0 %1$F %2$F"', 420 * 96 / 25.4, 1080 * 96 / 25.4), 4 / 3),
            'dash by dash' => self::svg(self::paths(1.0, static fn (Line $line): array => self::dashes($line, 6.0, 1.8)), self::TRUE),
            'each straight piece by itself' => self::svg(self::paths(1.0, static fn (Line $line): array => self::pieces($line)), self::TRUE),
            'layers, every other switched off' => self::svg(self::layers(), self::TRUE, isNamed: true),
            'words in outlines' => self::svg(self::paths().self::letters(), self::TRUE),
            'clipped' => self::svg('<clipPath id="c"><rect x="0" y="0" width="420" height="1080"/></clipPath><g clip-path="url(#c)">'.self::paths().'<path stroke="#123456" fill="none" d="M-50 -90L-400 900"/></g>', self::TRUE),
            'lying on its side' => self::svg('<g transform="translate(1080 0) rotate(90)">'.self::paths().'</g>', 'width="1080mm" height="420mm" viewBox="0 0 1080 420"', turned: [-90.0, 0.0, 1080.0]),
            'drawn once, used elsewhere' => self::svg('<defs><g id="all">'.self::paths().'</g></defs><use href="#all" x="0" y="0"/>', self::TRUE),
            'a PDF of half points' => self::pdf(420.0, 1080.0),
            'a PDF of a metre and a half' => self::pdf(1500.3, 1500.7),
            'a PDF with a unit of its own' => self::pdf(420.0, 1080.0, unit: 2.0),
            'a PDF with a page on its side' => self::pdf(420.0, 1080.0, '/Rotate 90', turned: [-90.0, 0.0, 1080.0]),
            'a PDF cut to size' => self::pdf(430.0, 1090.0, sprintf('/CropBox [%.3F 0 %.3F %.3F]', 5.25 * 72 / 25.4, 425.4 * 72 / 25.4, 1090 * 72 / 25.4), turned: [0.0, 5.25, 0.0]),
            'a PDF half as large' => self::pdf(210.0, 540.0, scale: 0.5),
            'a PDF with layers, some switched off' => self::layeredPdf(),
            'a PDF with a form' => self::formPdf(),
            'a PDF over twelve pages' => self::spreadPdf(210.0, 297.0, 10.0, 0.0),
            'a PDF over pages that overlap' => self::spreadPdf(215.9, 279.4, 12.7, 12.7),
            'a PDF with a cover of words and a test square' => self::spreadPdf(210.0, 297.0, 10.0, 0.0, hasCover: true),
            'a PDF with a size a page' => self::sizePages(),
        ];
    }

    private const TRUE = 'width="420mm" height="1080mm" viewBox="0 0 420 1080"';

    /** @param  list<float>  $turned */
    private static function svg(string $inside, string $head, float $seems = 1.0, array $turned = [0.0, 0.0, 0.0], bool $isNamed = false): self
    {
        return new self("<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:inkscape=\"http://www.inkscape.org/namespaces/inkscape\" {$head}>{$inside}</svg>", 'svg', $seems, $turned, $isNamed);
    }

    /** @param  ?callable(Line): list<Line>  $parts */
    private static function paths(float $scale = 1.0, ?callable $parts = null): string
    {
        $svg = '';
        foreach (range(0, 7) as $size) {
            foreach ($parts === null ? [HouseDrawing::outline($size)] : $parts(HouseDrawing::outline($size)) as $line) {
                $svg .= '<path fill="none" stroke="'.HouseDrawing::colour($size).'" d="'.self::d($line, $scale).'"/>';
            }
        }

        return $svg;
    }

    private static function d(Line $line, float $scale = 1.0): string
    {
        return 'M'.implode('L', array_map(static fn (array $at): string => sprintf('%.5F %.5F', $at[0] * $scale, $at[1] * $scale), $line->points()));
    }

    /** @return list<Line> */
    private static function dashes(Line $line, float $long, float $gap): array
    {
        $dashes = [];
        for ($from = 0.0; $from < $line->length() - $long; $from += $long + $gap) {
            $dashes[] = $line->between($from, $from + $long);
        }

        return $dashes;
    }

    /** @return list<Line> */
    private static function pieces(Line $line): array
    {
        $points = $line->points();

        return array_map(static fn (array $from, array $to): Line => Line::through([$from, $to]), array_slice($points, 0, -1), array_slice($points, 1));
    }

    private static function layers(): string
    {
        $svg = '';
        foreach (HouseDrawing::SIZES as $at => $size) {
            $svg .= "<g inkscape:groupmode=\"layer\" inkscape:label=\"Size {$size}\"".($at % 2 === 0 ? '' : ' style="display:none"').'><path fill="none" stroke="#000" d="'.self::d(HouseDrawing::outline($at)).'"/></g>';
        }

        return $svg;
    }

    private static function letters(): string
    {
        $svg = '';
        for ($at = 0; $at < 40; $at++) {
            $svg .= sprintf('<path d="M%d %dh4v6h-4z"/>', 60 + 6 * $at, 500);
        }

        return $svg;
    }

    /** @param  list<float>  $turned */
    private static function pdf(float $widthMm, float $heightMm, string $says = '', float $unit = 1.0, float $scale = 1.0, array $turned = [0.0, 0.0, 0.0]): self
    {
        $perMm = PdfFile::POINTS_PER_MM / $unit;
        [$width, $height] = [$widthMm * $perMm, $heightMm * $perMm];
        $content = '';
        foreach (range(0, 7) as $size) {
            $content .= self::pen($size).PdfFile::drawn(HouseDrawing::outline($size), $height, $perMm * $scale);
        }
        $pdf = new PdfFile;
        $pdf->page($content, $width, $height, $says.($unit === 1.0 ? '' : " /UserUnit {$unit}"));

        return new self($pdf->bytes(), 'pdf', $scale, $turned);
    }

    private static function pen(int $size): string
    {
        $grey = $size * 16 / 255;

        return sprintf("0.5 w %1\$.5F %1\$.5F %1\$.5F RG\n", $grey);
    }

    private static function layeredPdf(): self
    {
        $pdf = new PdfFile;
        $groups = array_map(static fn (string $size): int => $pdf->add("<< /Type /OCG /Name (Size {$size}) >>"), HouseDrawing::SIZES);
        $height = 1080 * PdfFile::POINTS_PER_MM;
        $content = '';
        $properties = '';
        foreach ($groups as $at => $group) {
            $content .= "/L{$at} BDC\n";
            $content = str_replace("/L{$at} BDC", "/OC /L{$at} BDC", $content)."0.5 w 0 0 0 RG\n".PdfFile::drawn(HouseDrawing::outline($at), $height)."EMC\n";
            $properties .= "/L{$at} {$group} 0 R ";
        }
        $all = implode(' ', array_map(static fn (int $group): string => "{$group} 0 R", $groups));
        $pdf->catalog = "/OCProperties << /OCGs [{$all}] /D << /ON [{$groups[0]} 0 R] /OFF [{$groups[1]} 0 R {$groups[5]} 0 R] >> >>";
        $pdf->page($content, 420 * PdfFile::POINTS_PER_MM, $height, resources: "/Properties << {$properties} >>");

        return new self($pdf->bytes(), 'pdf', isNamed: true);
    }

    private static function formPdf(): self
    {
        $pdf = new PdfFile;
        [$width, $height] = [420 * PdfFile::POINTS_PER_MM, 1080 * PdfFile::POINTS_PER_MM];
        $content = '';
        foreach (range(0, 7) as $size) {
            $content .= self::pen($size).PdfFile::drawn(HouseDrawing::outline($size), $height);
        }
        $form = $pdf->stream($content, sprintf('/Type /XObject /Subtype /Form /BBox [0 0 %.3F %.3F] /Resources << >>', $width, $height));
        $pdf->page('q /F Do Q', $width, $height, resources: "/XObject << /F {$form} 0 R >>");

        return new self($pdf->bytes(), 'pdf');
    }

    /** Each page shows the whole front in a size of its own, black like all others. */
    private static function sizePages(): self
    {
        $pdf = new PdfFile;
        [$width, $height] = [420 * PdfFile::POINTS_PER_MM, 1080 * PdfFile::POINTS_PER_MM];
        foreach (range(0, 7) as $size) {
            $pdf->page("0.5 w 0 0 0 RG\n".PdfFile::drawn(HouseDrawing::outline($size), $height), $width, $height);
        }

        return new self($pdf->bytes(), 'pdf', isStacked: true);
    }

    /** Each page shows its part of the whole, in a frame. */
    private static function spreadPdf(float $pageX, float $pageY, float $margin, float $overlap, bool $hasCover = false): self
    {
        $pdf = new PdfFile;
        $pt = PdfFile::POINTS_PER_MM;
        if ($hasCover) {
            $font = $pdf->add('<< /Type /Font /Subtype /Type1 /BaseFont /Helvetica >>');
            $pdf->page("BT /F 24 Tf 80 600 Td (The lamp-room front) Tj ET\n", $pageX * $pt, $pageY * $pt, resources: "/Font << /F {$font} 0 R >>");
            $pdf->page(sprintf("0 0 0 RG 1 w %.3F %.3F %.3F %.3F re S\n", 50 * $pt, 100 * $pt, 50 * $pt, 50 * $pt), $pageX * $pt, $pageY * $pt);
        }
        [$wide, $high] = [$pageX - 2 * $margin, $pageY - 2 * $margin];
        for ($row = 0; $row * ($high - $overlap) + $overlap < HouseDrawing::HEIGHT_MM; $row++) {
            for ($column = 0; $column * ($wide - $overlap) + $overlap < HouseDrawing::WIDTH_MM; $column++) {
                [$x, $y] = [$margin - $column * ($wide - $overlap), $margin - $row * ($high - $overlap)];
                $content = sprintf("q %.3F %.3F %.3F %.3F re W n\n", $margin * $pt, $margin * $pt, $wide * $pt, $high * $pt);
                foreach (range(0, 7) as $size) {
                    $line = HouseDrawing::outline($size)->changed(static fn (float $atX, float $atY): array => [$atX + $x, $atY + $y]);
                    $content .= self::pen($size).PdfFile::drawn($line, $pageY * $pt);
                }
                $content .= sprintf("Q 0 0 0 RG 1 w %.3F %.3F %.3F %.3F re S\n", $margin * $pt, $margin * $pt, $wide * $pt, $high * $pt);
                $pdf->page($content, $pageX * $pt, $pageY * $pt);
            }
        }

        return new self($pdf->bytes(), 'pdf', isSpread: true);
    }
}
