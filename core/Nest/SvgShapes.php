<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** What draws lines in an SVG: paths and the plain shapes. */
final class SvgShapes
{
    /** @return bool false where something stands there that is no shape */
    public static function draw(SvgElement $element, LineBuilder $onto): bool
    {
        $n = static fn (string $name): float => SvgLength::dots($element->attribute($name)) ?? 0.0;
        switch ($element->name) {
            case 'path':
                return trim($element->attribute('d')) === '' || trim($element->attribute('d')) === 'none' || PathData::draw($element->attribute('d'), $onto);
            case 'line':
                $onto->moveTo($n('x1'), $n('y1'));
                $onto->lineTo($n('x2'), $n('y2'));

                return true;
            case 'polyline':
            case 'polygon':
                return self::poly($element, $onto);
            case 'rect':
                self::rect($n('x'), $n('y'), $n('width'), $n('height'), SvgLength::dots($element->attribute('rx')), SvgLength::dots($element->attribute('ry')), $onto);

                return true;
            default:
                self::ellipse($n('cx'), $n('cy'), $element->name === 'circle' ? $n('r') : $n('rx'), $element->name === 'circle' ? $n('r') : $n('ry'), $onto);

                return true;
        }
    }

    private static function poly(SvgElement $element, LineBuilder $onto): bool
    {
        $text = $element->attribute('points');
        preg_match_all(PathData::NUMBER, $text, $found);
        $isWhole = strlen(str_replace([' ', ',', "\n", "\r", "\t"], '', $text)) === array_sum(array_map(strlen(...), $found[0]));
        $pairs = array_chunk(array_map(floatval(...), $found[0]), 2);
        foreach ($pairs as $i => $pair) {
            if (count($pair) === 2) {
                $i === 0 ? $onto->moveTo($pair[0], $pair[1]) : $onto->lineTo($pair[0], $pair[1]);
            }
        }
        if ($element->name === 'polygon') {
            $onto->close();
        }

        return $isWhole;
    }

    private static function rect(float $x, float $y, float $width, float $height, ?float $rx, ?float $ry, LineBuilder $onto): void
    {
        if ($width <= 0 || $height <= 0) {
            return;
        }
        $rx = min(max(0.0, $rx ?? $ry ?? 0.0), $width / 2);
        $ry = min(max(0.0, $ry ?? $rx), $height / 2);
        [$right, $bottom] = [$x + $width, $y + $height];
        $onto->moveTo($x + $rx, $y);
        $corner = static function (float $fromX, float $fromY, float $toX, float $toY) use ($rx, $ry, $onto): void {
            $onto->lineTo($fromX, $fromY);
            foreach (Arc::cubics($fromX, $fromY, $rx, $ry, 0.0, false, true, $toX, $toY) as $part) {
                $onto->cubicTo(...$part);
            }
        };
        $corner($right - $rx, $y, $right, $y + $ry);
        $corner($right, $bottom - $ry, $right - $rx, $bottom);
        $corner($x + $rx, $bottom, $x, $bottom - $ry);
        $corner($x, $y + $ry, $x + $rx, $y);
        $onto->close();
    }

    private static function ellipse(float $cx, float $cy, float $rx, float $ry, LineBuilder $onto): void
    {
        if ($rx <= 0 || $ry <= 0) {
            return;
        }
        $onto->moveTo($cx + $rx, $cy);
        foreach (Arc::around(new Matrix($rx, 0.0, 0.0, $ry, $cx, $cy), 0.0, 2 * M_PI) as $part) {
            $onto->cubicTo(...$part);
        }
        $onto->close();
    }
}
