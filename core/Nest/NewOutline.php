<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** The new piece: the frame size's armhole, neck and fold, the hip size's hem, and the new side seam between them. */
final readonly class NewOutline
{
    /** @param  float  $hemMm  length of the new hem, or of the waist seam where the piece ends there */
    private function __construct(public Line $line, public float $armholeMm, public float $printedArmholeMm, public float $hemMm)
    {
    }

    /**
     * Null where the frame's or the hip's line is open, or has no corners to tell armhole and hem by.
     *
     * @param  float  $atUnderarm  the change there, away from the fold positive
     * @param  float  $atHem  likewise at the hem's end
     * @param  bool  $topIsWaist  whether the edge from the fold to the top of the seam is a waist seam and no armhole
     */
    public static function of(SizeLine $frame, SizeLine $hip, Line $seam, float $atUnderarm, float $atHem, bool $topIsWaist = false): ?self
    {
        if ($frame->rest === null || $hip->rest === null || $frame->armhole === null || $frame->fold === null || $hip->fold === null) {
            return null;
        }
        $printed = $frame->rest->between(0.0, $frame->armhole);
        [$top, $underarm] = [$printed->y[count($printed->y) - 1], $printed->y[0]];
        $inner = $printed->x[count($printed->x) - 1];
        $outer = $printed->x[0];
        $share = static fn (float $x, float $y): float => match (true) {
            $topIsWaist => $outer === $inner ? 0.0 : ($x - $inner) / ($outer - $inner),
            default => $underarm === $top ? 0.0 : ($y - $top) / ($underarm - $top),
        };
        $armhole = $printed->changed(static fn (float $x, float $y): array => [$x + $atUnderarm * $share($x, $y), $y]);
        $hem = $hip->rest->between($hip->fold, $hip->rest->length());
        [$foldX, $endX, $endY] = [$hem->x[0], $hem->x[count($hem->x) - 1], $hem->y[count($hem->y) - 1]];
        // The hem follows the end of the seam: across by the change, and up where that was made shorter.
        $up = $endY - self::last($seam)[1];
        $hem = $hem->changed(static fn (float $x, float $y): array => $endX === $foldX ? [$x, $y] : [
            $x + $atHem * ($x - $foldX) / ($endX - $foldX), $y - $up * ($x - $foldX) / ($endX - $foldX),
        ]);
        $fold = self::foldTo($frame->rest->between($frame->armhole, $frame->fold), $hem->y[0]);

        return new self(
            $armhole->followedBy($fold)->followedBy(Line::through([self::last($fold), ...$hem->points()]))->followedBy($seam->reversed()),
            $armhole->length(),
            $printed->length(),
            $hem->length(),
        );
    }

    /** The frame's own fold is cut off at a height, or runs straight on to it. */
    private static function foldTo(Line $neckAndFold, float $height): Line
    {
        [$x, $y] = self::last($neckAndFold);
        if ($y < $height) {
            $direction = $neckAndFold->directionAt($neckAndFold->length());
            $aside = sin($direction) > 0.1 ? ($height - $y) * cos($direction) / sin($direction) : 0.0;

            return $neckAndFold->followedBy(Line::through([[$x, $y], [$x + $aside, $height]]));
        }
        // The last time it comes to the height: the fold, not the neck.
        $way = $neckAndFold->reversed()->firstAt($height);

        return $way === null ? $neckAndFold : $neckAndFold->between(0.0, $neckAndFold->length() - $way);
    }

    /** @return array{float, float} */
    private static function last(Line $line): array
    {
        return [$line->x[count($line->x) - 1], $line->y[count($line->y) - 1]];
    }
}
