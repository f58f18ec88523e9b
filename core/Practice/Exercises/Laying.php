<?php

declare(strict_types=1);

namespace Underbolt\Practice\Exercises;

use Underbolt\Practice\Figure;
use Underbolt\Practice\Placing;
use Underbolt\Practice\TapePoint;

/** An exercise at which a tape is laid: where, what is to be done, and the tape that is guessed about first. */
final readonly class Laying
{
    /**
     * @param  string  $task  what is to be done
     * @param  string  $asked  how somebody has laid the tape, for which it is guessed whether it reads more or less
     */
    private function __construct(private Exercise $exercise, public TapePoint $point, public string $task, public string $asked)
    {
    }

    /** Null where no tape is laid. */
    public static function of(Exercise $exercise): ?self
    {
        $laying = match ($exercise) {
            Exercise::Waist => [TapePoint::Waist, 'Lay the tape where the body creases when it bends to the side. Let it bend to find the place.', 'Somebody has laid it at the trouser line.'],
            Exercise::Bust => [TapePoint::Bust, 'Lay it over the fullest part, level from front to back and from side to side.', 'Somebody has let it droop behind.'],
            Exercise::Hip => [TapePoint::Hip, 'Lay it round the widest part of the seat, level.', 'Somebody has laid it too high.'],
            Exercise::FullTummy => [TapePoint::Hip, 'Lay it round the widest part of the seat. Does the front need a board held against it?', 'Somebody has laid it without a board.'],
            Exercise::LowHip => [TapePoint::Hip, 'The widest part is not where it usually lies. Look for it.', 'Somebody has laid it where hips usually are.'],
            Exercise::HighBust => [TapePoint::HighBust, 'Lay it high under the arms and above the fullest part, the arms down.', 'Somebody has measured with the arms up.'],
            Exercise::Underbust => [TapePoint::Underbust, 'Lay it level right under the fullest part.', 'Somebody has laid it over a jumper.'],
            default => null,
        };

        return $laying === null ? null : new self($exercise, ...$laying);
    }

    /** The tape that is asked about. */
    public function askedAs(Figure $figure): Placing
    {
        $own = $figure->heightOf($this->point);

        return match ($this->exercise) {
            Exercise::Bust => new Placing($this->point, front: 35.0),
            Exercise::Hip => new Placing($this->point, $own + 55.0),
            Exercise::FullTummy => new Placing($this->point, board: false),
            Exercise::LowHip => new Placing($this->point, $own + 75.0),
            Exercise::HighBust => new Placing($this->point, armsUp: true),
            Exercise::Underbust => new Placing($this->point, over: 5.0),
            default => new Placing($this->point, $figure->at['trouser_line']),
        };
    }
}
