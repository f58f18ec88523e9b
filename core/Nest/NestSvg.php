<?php

declare(strict_types=1);

namespace Underbolt\Nest;

use Underbolt\Paper\Label;
use Underbolt\Paper\SvgText;

/** A drawing with its new line, as SVG in millimetres: no scripts, no style sheets. */
final class NestSvg
{
    private const PRINTED_MM = 0.25;

    private const NEW_MM = 0.7;

    /** Points nearer to the line through their neighbours than this are left out. */
    private const THIN_MM = 0.002;

    /**
     * @param  array<string, string>  $sizes  of each size the line, by its id
     * @param  list<Label>  $words  what is written on it
     * @param  bool  $keepsIds  false where the ids of the lines may tell what sizes are called
     */
    public static function of(NestDrawing $drawing, array $sizes, NestLine $new, string $name, bool $keepsIds = true, array $words = []): string
    {
        $size = array_flip($sizes);
        $counted = array_flip(array_keys($sizes));
        $body = '';
        foreach ($drawing->lines as $place => $line) {
            $id = $keepsIds ? $line->id : 'printed-'.($place + 1);
            $own = $size[$line->id] ?? null;
            $label = $own === null ? '' : ' class="'.SvgText::escaped("size-{$own}").'"'.self::layer($keepsIds ? "Size {$own}" : 'Printed line '.($counted[$own] + 1));
            $body .= '<g id="'.SvgText::escaped("line-of-{$id}")."\"{$label}>\n<path id=\"".SvgText::escaped($id).'" d="'
                .implode('', array_map(self::data(...), $line->runs)).'" '.self::pen(self::PRINTED_MM, self::colour($line->stroke)).self::dash($line->dash)."/>\n</g>\n";
        }
        $lines = ($new->piece === null ? '' : '<path id="new-outline" d="'.self::data($new->piece).'" '.self::pen(self::NEW_MM / 2, '#b3123b')."/>\n")
            .'<path id="new-seam" d="'.self::data($new->seam).'" '.self::pen(self::NEW_MM, '#b3123b')."/>\n";
        $beside = $new->beside === null ? '' : '<g id="'.($new->lineIs === LineIs::Cutting ? 'stitching' : 'cutting').'-line"'.self::layer($new->lineIs === LineIs::Cutting ? 'Stitching line' : 'Cutting line').">\n<path d=\"".self::data($new->beside).'" '.self::pen(self::NEW_MM / 2, '#b3123b')."/>\n</g>\n";
        [$width, $height] = [SvgText::number($drawing->widthMm), SvgText::number($drawing->heightMm)];

        return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n"
            .'<svg xmlns="http://www.w3.org/2000/svg" xmlns:inkscape="http://www.inkscape.org/namespaces/inkscape" '."width=\"{$width}mm\" height=\"{$height}mm\" viewBox=\"0 0 {$width} {$height}\">\n"
            .'<title>'.SvgText::escaped($name)."</title>\n{$body}<g id=\"new-line\"".self::layer('New line').">\n{$lines}</g>\n{$beside}"
            .self::group('levels', $new->levels).self::group('stations', $new->stations).self::group('notches', $new->notches).self::group('grain', $new->grain).($new->eased === null ? '' : self::group('eased-in', [$new->eased]))
            .($words === [] ? '' : '<g id="words"'.self::layer('Words').">\n".implode('', array_map(SvgText::label(...), $words))."</g>\n").self::testSquares($drawing)."</svg>\n";
    }

    /** Drawing programs show such groups as layers, by these names. */
    private static function layer(string $name): string
    {
        return ' inkscape:groupmode="layer" inkscape:label="'.SvgText::escaped($name).'"';
    }

    /** @param  list<Line>  $lines */
    private static function group(string $name, array $lines): string
    {
        $paths = array_map(static fn (Line $line): string => '<path d="'.self::data($line).'" '.self::pen(self::PRINTED_MM, '#555')."/>\n", $lines);

        return "<g id=\"{$name}\"".self::layer(ucfirst(str_replace('-', ' ', $name))).">\n".implode('', $paths)."</g>\n";
    }

    /** 5 cm and 2 in, to be measured before anything is cut. */
    private static function testSquares(NestDrawing $drawing): string
    {
        $top = SvgText::number(max(0.0, $drawing->heightMm - 60));

        return '<g id="test-squares"'.self::layer('Test squares').">\n<rect x=\"5\" y=\"{$top}\" width=\"50\" height=\"50\" ".self::pen(self::PRINTED_MM, '#000').'/>'
            ."\n<rect x=\"60\" y=\"{$top}\" width=\"50.8\" height=\"50.8\" ".self::pen(self::PRINTED_MM, '#000')."/>\n</g>\n";
    }

    private static function data(Line $line): string
    {
        $data = '';
        foreach (ThinnedLine::points($line, self::THIN_MM) as $i => [$x, $y]) {
            $data .= ($i === 0 ? 'M' : ' ').SvgText::number($x).','.SvgText::number($y);
        }

        return $line->isClosed ? "{$data}Z" : $data;
    }

    private static function pen(float $width, string $colour): string
    {
        return 'fill="none" stroke="'.$colour.'" stroke-width="'.SvgText::number($width).'"';
    }

    /** A colour by its name or number alone; anything else is black. */
    private static function colour(string $stroke): string
    {
        return preg_match('/^(#[0-9a-f]{3,6}|[a-z]{3,20})$/', $stroke) === 1 && $stroke !== 'none' ? $stroke : '#000';
    }

    private static function dash(string $dash): string
    {
        return preg_match('/^[\d.,\s]{1,60}$/', $dash) === 1 ? ' stroke-dasharray="'.trim($dash).'"' : '';
    }
}
