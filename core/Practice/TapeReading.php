<?php

declare(strict_types=1);

namespace Underbolt\Practice;

use Closure;

/** What a tape reads as it was laid, what it should have read, and what each slip did to it; millimetres. */
final readonly class TapeReading
{
    /** A finger is so thick, and the middles of two lie so far apart, halved. */
    private const FINGER_THICK = 12.0;

    private const FINGER_HALF = 8.5;

    /** A board is needed where the front comes so far before that of the hip. */
    private const BEFORE_HIP = 20.0;

    /** @param  array<value-of<Slip>, float>  $shares  what each slip that was made adds, in order: together reading less true */
    private function __construct(public float $true, public float $reading, public array $shares)
    {
    }

    /** @throws Unlayable */
    public static function of(Figure $figure, Placing $placing): self
    {
        $point = $placing->point;
        $own = $figure->heightOf($point);
        $height = $placing->height ?? $own;
        $down = new Torso($figure, false);
        $body = $placing->armsUp ? new Torso($figure, true) : $down;
        $foremost = $point === TapePoint::Hip ? $down->foremost($figure->at['hip'], $figure->at['waist']) : null;
        $needed = $foremost !== null && self::isNeeded($down, $own, $foremost) ? $foremost : null;
        $held = match ($placing->board) {
            null => $needed,
            true => $foremost,
            false => null,
        };

        $true = LaidTape::round($down, $own, 0.0, 0.0)->length($needed);
        /** @var list<array{Slip, bool, Closure(float): float}> $steps  each slip, whether it was made, and what it makes of the length so far */
        $steps = [
            [Slip::Board, $held !== $needed, static fn (): float => LaidTape::round($down, $own, 0.0, 0.0)->length($held)],
            [Slip::Arms, $placing->armsUp, static fn (): float => LaidTape::round($body, $own, 0.0, 0.0)->length($held)],
            [Slip::Place, $height !== $own, static fn (): float => LaidTape::round($body, $height, 0.0, 0.0)->length($held)],
            [Slip::Slant, $placing->front !== 0.0 || $placing->left !== 0.0, static fn (): float => LaidTape::round($body, $height, $placing->front, $placing->left)->length($held)],
            [Slip::Breath, $placing->breath !== 0.0, static fn (float $now): float => $now * (1 + $point->breathShare() * $placing->breath)],
            [Slip::Pull, $placing->pull !== 0.0, static fn (float $now): float => $now * (1 - $point->pullShare() * $placing->pull)],
            [Slip::Cloth, $placing->over !== 0.0, static fn (float $now): float => $now + 2 * M_PI * $placing->over],
            [Slip::Fingers, $placing->fingers > 0, static fn (float $now): float => $now + self::fingers($placing->fingers, $now)],
            [Slip::Stretched, $placing->stretched !== 0.0, static fn (float $now): float => $now / (1 + $placing->stretched)],
            [Slip::End, $placing->startsAt !== 0.0, static fn (float $now): float => $now + $placing->startsAt],
        ];
        [$now, $shares] = [$true, []];
        foreach ($steps as [$slip, $isMade, $after]) {
            if ($isMade) {
                $next = $after($now);
                $shares[$slip->value] = $next - $now;
                $now = $next;
            }
        }

        return new self($true, $now, $shares);
    }

    /** How much longer a tape round a circle of so long a girth is with so many fingers under it, side by side. */
    public static function fingers(int $count, float $girth): float
    {
        [$thick, $half] = [self::FINGER_THICK, self::FINGER_HALF * ($count - 1)];
        $radius = $girth / (2 * M_PI);
        $away = hypot($half, $radius + $thick);

        return 2 * (sqrt($away ** 2 - $radius ** 2) + $half - $radius * (acos($radius / $away) + atan($half / ($radius + $thick))));
    }

    /** Whether the front between hip and waist comes so far before that of the hip that a tape would miss it. */
    private static function isNeeded(Torso $torso, float $hip, float $foremost): bool
    {
        [, $front, , $middle] = $torso->at($hip);

        return $foremost - ($front + $middle) > self::BEFORE_HIP;
    }
}
