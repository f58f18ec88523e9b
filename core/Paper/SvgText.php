<?php

declare(strict_types=1);

namespace Underbolt\Paper;

/** A drawing as SVG in millimetres: every group with its name, no scripts, no style sheets. */
final class SvgText
{
    public static function of(Drawing $drawing): string
    {
        [$width, $height] = [self::number($drawing->widthMm), self::number($drawing->heightMm)];
        $groups = array_map(static fn (string $group): string => self::group($drawing, $group), $drawing->groups());

        return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n"
            ."<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{$width}mm\" height=\"{$height}mm\" viewBox=\"0 0 {$width} {$height}\">\n"
            .'<title>'.self::escaped($drawing->name)."</title>\n".implode('', $groups)."</svg>\n";
    }

    /** A line as the `d` of an SVG path, in millimetres. */
    public static function data(Path $path): string
    {
        $data = '';
        foreach ($path->runs() as $run) {
            $data .= 'M'.self::point($run[0]->start);
            foreach ($run as $cubic) {
                $data .= 'C'.self::point($cubic->leaving).' '.self::point($cubic->arriving).' '.self::point($cubic->end);
            }
        }

        return $data;
    }

    private static function group(Drawing $drawing, string $group): string
    {
        $lines = [];
        foreach ($drawing->paths as $path) {
            if ($path->group === $group) {
                $lines[] = self::path($path);
            }
        }
        foreach ($drawing->labels as $label) {
            if ($label->group === $group) {
                $lines[] = self::label($label);
            }
        }

        return '<g id="'.self::escaped($group)."\">\n".implode('', $lines)."</g>\n";
    }

    private static function path(Path $path): string
    {
        $data = self::data($path);
        $dash = implode(' ', array_map(self::number(...), $path->pen->dashMm()));
        $grey = (int) round(255 * $path->pen->grey());

        return "<path class=\"{$path->pen->value}\" d=\"{$data}\" fill=\"none\" stroke=\"rgb({$grey},{$grey},{$grey})\" stroke-width=\""
            .self::number($path->pen->widthMm()).'"'.($dash === '' ? '' : " stroke-dasharray=\"{$dash}\"")."/>\n";
    }

    public static function label(Label $label): string
    {
        return '<text paint-order="stroke" stroke="#fff" stroke-width="0.8" x="'.self::number($label->xMm).'" y="'.self::number($label->yMm).'" font-family="DejaVu Sans, sans-serif" font-size="'
            .self::number($label->sizeMm).'" text-anchor="'.$label->anchor->value.'">'.self::escaped($label->text)."</text>\n";
    }

    private static function point(PaperPoint $point): string
    {
        return self::number($point->xMm).','.self::number($point->yMm);
    }

    /** To a thousandth of a millimetre. */
    public static function number(float $mm): string
    {
        return rtrim(rtrim(sprintf('%.3F', $mm), '0'), '.');
    }

    /** A text as it may stand in an attribute or between tags. */
    public static function escaped(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_XML1 | ENT_SUBSTITUTE, 'UTF-8');
    }
}
