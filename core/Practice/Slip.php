<?php

declare(strict_types=1);

namespace Underbolt\Practice;

/** What goes wrong with a tape, in the order in which the shares are counted. */
enum Slip: string
{
    case Board = 'board';
    case Arms = 'arms';
    case Place = 'place';
    case Slant = 'slant';
    case Breath = 'breath';
    case Pull = 'pull';
    case Cloth = 'cloth';
    case Fingers = 'fingers';
    case Stretched = 'stretched';
    case End = 'end';

    public function words(): string
    {
        return match ($this) {
            self::Board => 'the board',
            self::Arms => 'arms up',
            self::Place => 'too high or too low',
            self::Slant => 'not level',
            self::Breath => 'breath',
            self::Pull => 'pulled tight',
            self::Cloth => 'cloth under it',
            self::Fingers => 'fingers under it',
            self::Stretched => 'a stretched tape',
            self::End => 'the tape\'s end',
        };
    }
}
