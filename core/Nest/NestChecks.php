<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** What has to be looked at before a line on a nest is cut, in sentences. */
final class NestChecks
{
    /** Seams that differ by more than the printed ones do and this don't go together, in millimetres (common practice, no published source). */
    private const MOST_DIFFERENCE_MM = 3.0;

    /** An armhole that grows by more needs its sleeve to follow, in millimetres (likewise). */
    private const MOST_ARMHOLE_MM = 5.0;

    /** No tape tells less, in millimetres. */
    private const NOTHING_MM = 0.1;

    /** @return list<string> */
    public static function of(?NestLine $front, ?NestLine $back): array
    {
        $says = $front !== null && $back !== null ? [self::seams($front, $back), self::notches($front, $back)] : [];
        foreach (['front' => $front, 'back' => $back] as $piece => $line) {
            $longer = $line?->outline === null ? 0.0 : $line->outline->armholeMm - $line->outline->printedArmholeMm;
            if (abs($longer) > self::MOST_ARMHOLE_MM) {
                $says[] = sprintf('The %s armhole gets %.1f mm %s: the sleeve must follow.', $piece, abs($longer), $longer > 0 ? 'longer' : 'shorter');
            }
        }

        return $says;
    }

    private static function seams(NestLine $front, NestLine $back): string
    {
        $apart = $front->lengths->whole() - $back->lengths->whole();
        $beyond = $apart - ($front->printed->whole() - $back->printed->whole());

        return match (true) {
            abs($beyond) > self::MOST_DIFFERENCE_MM => sprintf(
                'The front seam comes out %.1f mm %s against the back than it is printed, most of it %s: true it before you cut.',
                abs($beyond),
                $beyond > 0 ? 'longer' : 'shorter',
                self::where($front, $back, $beyond),
            ),
            abs($apart) < self::NOTHING_MM => 'Front and back go together: their side seams are equally long.',
            default => sprintf('Front and back go together: the %s seam is %.1f mm longer%s.', $apart > 0 ? 'front' : 'back', abs($apart), self::asPrinted($apart, $apart - $beyond)),
        };
    }

    private static function asPrinted(float $apart, float $printed): string
    {
        return match (true) {
            abs($printed) < self::NOTHING_MM => ', and was printed equally long',
            $printed * $apart > 0 => sprintf(', and was printed %.1f mm longer', abs($printed)),
            default => sprintf(', and was printed %.1f mm shorter', abs($printed)),
        };
    }

    /** The part of the seam that differs most in the way the whole does. */
    private static function where(NestLine $front, NestLine $back, float $beyond): string
    {
        $most = '';
        $farthest = -INF;
        foreach ($front->lengths->parts() as $part => $long) {
            $apart = $long - $back->lengths->parts()[$part] - ($front->printed->parts()[$part] - $back->printed->parts()[$part]);
            if ($apart * ($beyond <=> 0) > $farthest) {
                [$most, $farthest] = [$part, $apart * ($beyond <=> 0)];
            }
        }

        return $most;
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
