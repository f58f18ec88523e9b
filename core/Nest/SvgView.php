<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** How a drawing's own figures become millimetres. */
final readonly class SvgView
{
    private const USUAL_DOTS = 100.0;

    private function __construct(public Matrix $matrix, public float $widthMm, public float $heightMm, public bool $hasSize)
    {
    }

    public static function of(SvgElement $root): self
    {
        $width = SvgLength::dots($root->attribute('width'));
        $height = SvgLength::dots($root->attribute('height'));
        $box = self::box($root);
        $hasSize = $width !== null && $height !== null && $width > 0 && $height > 0;
        // Of one given side the other follows from the box.
        [$wide, $high] = $hasSize ? [$width, $height] : [$box[2] ?? $width ?? self::USUAL_DOTS, $box[3] ?? $height ?? self::USUAL_DOTS];
        if (! $hasSize && $box !== null && ($width ?? 0) > 0) {
            [$wide, $high, $hasSize] = [$width, $width * $box[3] / $box[2], true];
        } elseif (! $hasSize && $box !== null && ($height ?? 0) > 0) {
            [$wide, $high, $hasSize] = [$height * $box[2] / $box[3], $height, true];
        }
        $mm = Matrix::scale(SvgLength::MM_OF_A_DOT, SvgLength::MM_OF_A_DOT);

        return new self(
            $mm->times(self::fit($root, $wide, $high)),
            $wide * SvgLength::MM_OF_A_DOT,
            $high * SvgLength::MM_OF_A_DOT,
            $hasSize,
        );
    }

    /** A drawing inside another. */
    public static function inside(SvgElement $element): Matrix
    {
        $place = Matrix::translate(SvgLength::dots($element->attribute('x')) ?? 0.0, SvgLength::dots($element->attribute('y')) ?? 0.0);
        $box = self::box($element);
        $width = SvgLength::dots($element->attribute('width')) ?? $box[2] ?? 0.0;
        $height = SvgLength::dots($element->attribute('height')) ?? $box[3] ?? 0.0;

        return $place->times(self::fit($element, $width, $height));
    }

    private static function fit(SvgElement $element, float $width, float $height): Matrix
    {
        $box = self::box($element);
        if ($box === null) {
            return new Matrix;
        }
        [$x, $y, $wide, $high] = $box;
        [$across, $down] = [$width / $wide, $height / $high];
        $ratio = trim($element->attribute('preserveAspectRatio'));
        if (str_starts_with($ratio, 'none')) {
            return Matrix::scale($across, $down)->times(Matrix::translate(-$x, -$y));
        }
        $scale = str_contains($ratio, 'slice') ? max($across, $down) : min($across, $down);
        $left = ($width - $wide * $scale) * self::share($ratio, 'xMin', 'xMax');
        $top = ($height - $high * $scale) * self::share($ratio, 'YMin', 'YMax');

        return Matrix::translate($left, $top)->times(Matrix::scale($scale, $scale))->times(Matrix::translate(-$x, -$y));
    }

    private static function share(string $ratio, string $least, string $most): float
    {
        return str_contains($ratio, $least) ? 0.0 : (str_contains($ratio, $most) ? 1.0 : 0.5);
    }

    /** @return ?array{float, float, float, float} */
    private static function box(SvgElement $element): ?array
    {
        preg_match_all(PathData::NUMBER, $element->attribute('viewBox'), $found);
        $box = array_map(floatval(...), $found[0]);

        return count($box) === 4 && $box[2] > 0 && $box[3] > 0 && is_finite(array_sum($box)) ? [$box[0], $box[1], $box[2], $box[3]] : null;
    }
}
