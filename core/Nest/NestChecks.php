<?php

declare(strict_types=1);

namespace Underbolt\Nest;

use Underbolt\Altering\TrueSeams;

/** What has to be looked at before a line on a nest is cut, in sentences. */
final class NestChecks
{
    /** An armhole that grows by more needs its sleeve to follow, in millimetres (likewise). */
    private const MOST_ARMHOLE_MM = 5.0;

    /** No tape tells less, in millimetres. */
    private const NOTHING_MM = 0.1;

    /**
     * @param  ?SeamDifference  $mended  what they differed by before it was mended, and how
     * @return list<string>
     */
    public static function of(?NestLine $front, ?NestLine $back, ?SeamDifference $mended = null, ?TrueSeams $how = null): array
    {
        $says = $front !== null && $back !== null
            ? [($mended ?? SeamDifference::of($front, $back))?->says($mended === null ? null : $how) ?? self::together($front, $back), self::notches($front, $back)]
            : [];
        foreach (['front' => $front, 'back' => $back] as $piece => $line) {
            $longer = $line?->outline === null ? 0.0 : $line->outline->armholeMm - $line->outline->printedArmholeMm;
            if (abs($longer) > self::MOST_ARMHOLE_MM) {
                $says[] = sprintf('The %s armhole gets %.1f mm %s: the sleeve must follow.', $piece, abs($longer), $longer > 0 ? 'longer' : 'shorter');
            }
        }

        return $says;
    }

    private static function together(NestLine $front, NestLine $back): string
    {
        $apart = $front->lengths->whole() - $back->lengths->whole();
        $printed = $front->printed->whole() - $back->printed->whole();

        return abs($apart) < self::NOTHING_MM
            ? 'Front and back go together: their side seams are equally long.'
            : sprintf('Front and back go together: the %s seam is %.1f mm longer%s.', $apart > 0 ? 'front' : 'back', abs($apart), self::asPrinted($apart, $printed));
    }

    private static function asPrinted(float $apart, float $printed): string
    {
        return match (true) {
            abs($printed) < self::NOTHING_MM => ', and was printed equally long',
            $printed * $apart > 0 => sprintf(', and was printed %.1f mm longer', abs($printed)),
            default => sprintf(', and was printed %.1f mm shorter', abs($printed)),
        };
    }

    /** Notches that meet when the seam is sewn from the underarm down: the same way along both. */
    private static function notches(NestLine $front, NestLine $back): string
    {
        [$waist, $hip] = [$front->lengths->toWaist, $front->lengths->toWaist + $front->lengths->toHip];
        $apart = [$back->lengths->toWaist - $waist, $back->lengths->toWaist + $back->lengths->toHip - $hip];

        return sprintf(
            'Notch both at the waist and the hip, %.1f and %.1f cm down the front seam%s.',
            $waist / 10,
            $hip / 10,
            max(array_map(abs(...), $apart)) < 1.0 ? ', and as far down the back' : sprintf('; down the back %.1f and %.1f cm', ($waist + $apart[0]) / 10, ($hip + $apart[1]) / 10),
        );
    }
}
