<?php

declare(strict_types=1);

namespace Underbolt\Nest;

use Underbolt\Altering\TrueSeams;
use Underbolt\Measure\Unit;

/** What has to be looked at before a line on a nest is cut, in sentences. */
final class NestChecks
{
    /** An armhole that grows by more needs its sleeve to follow, in millimetres (likewise). */
    private const MOST_ARMHOLE_MM = 5.0;

    /** Waist seams that differ by less meet, in millimetres (likewise). */
    private const WAIST_MM = 3.0;

    /** No tape tells less, in millimetres. */
    private const NOTHING_MM = 0.1;

    /**
     * @param  DrawnPiece  $of  the front of the two
     * @param  ?SeamDifference  $mended  what they differed by before it was mended, and how
     * @return list<string>
     */
    public static function of(DrawnPiece $of, ?NestLine $front, ?NestLine $back, ?SeamDifference $mended = null, ?TrueSeams $how = null): array
    {
        $says = $front !== null && $back !== null
            ? [($mended ?? SeamDifference::of($front, $back))?->says($mended === null ? null : $how) ?? self::together($front, $back), ...($front->reach === Reach::Whole && $back->reach === Reach::Whole ? [self::notches($front, $back)] : [])]
            : [];
        $whose = match ($of) {
            DrawnPiece::SkirtFront => 'Skirt: ',
            DrawnPiece::FrontLining => 'Lining: ',
            default => '',
        };
        foreach (['front' => $front, 'back' => $back] as $piece => $line) {
            $longer = $line?->outline === null || $line->reach === Reach::FromWaist ? 0.0 : $line->outline->armholeMm - $line->outline->printedArmholeMm;
            if (abs($longer) > self::MOST_ARMHOLE_MM) {
                $says[] = sprintf('The %s armhole gets %.1f mm %s: the sleeve must follow.', $piece, abs($longer), $longer > 0 ? 'longer' : 'shorter');
            }
        }

        return array_map(static fn (string $say): string => $whose.$say, $says);
    }

    /**
     * Whether bodice and skirt meet at the waist: what each comes to there.
     *
     * @param  callable(DrawnPiece): ?NestLine  $line  of a piece
     * @return list<string>
     */
    public static function waists(callable $line, Unit $unit): array
    {
        $says = [];
        foreach ([[DrawnPiece::Front, DrawnPiece::SkirtFront], [DrawnPiece::Back, DrawnPiece::SkirtBack]] as [$bodice, $skirt]) {
            [$above, $below] = [$line($bodice)?->waistMm(), $line($skirt)?->waistMm()];
            if ($above !== null && $below !== null) {
                $per = $unit->nanometres() / NestSeam::NM_OF_A_MM;
                $says[] = sprintf('At the waist seam: %s bodice %.1f, %s %.1f %s%s.', $bodice->words(), $above / $per, $skirt->words(), $below / $per, $unit->value, abs($above - $below) <= self::WAIST_MM ? ', they meet' : sprintf(', %.1f mm apart with darts and pleats open', abs($above - $below)));
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
