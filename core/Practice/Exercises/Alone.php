<?php

declare(strict_types=1);

namespace Underbolt\Practice\Exercises;

use Underbolt\Practice\MeasuringHelp;

/** Measuring alone: one of five things spoils the figure. */
final class Alone
{
    /** @var list<array{string, string}> what spoils a figure, and why */
    private const SPOILS = [
        ['looking down at the tape to read it', 'Looking down bends you forward, and the tape slides: read it in a mirror, or hold it with a finger and look then.'],
        ['drawing the tummy in', 'The garment is worn by the body as it stands: nothing is held in.'],
        ['both hands behind the back, to lay the tape level there', 'Raised and turned arms draw the body up: lay the tape in front and turn it round the body.'],
        ['pulling it tight, so that it stays', 'A tape that stays by itself is too tight: an elastic underneath holds it.'],
        ['round the jumper you wear anyway', 'What lies under the tape is measured too.'],
    ];

    private const OFFERED = 4;

    public static function draw(Draw $draw): Question
    {
        [$spoils, $why] = $draw->one(self::SPOILS);
        $helps = array_slice($draw->shuffled(MeasuringHelp::ALONE), 0, self::OFFERED);
        $offered = [[$spoils, true], ...array_map(static fn (string $one): array => [$one, false], $helps)];

        return Question::choice('Measuring alone: which of these spoils the figure?', $draw->shuffled($offered), [$why]);
    }
}
