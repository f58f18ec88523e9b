<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Listed;
use Underbolt\Pattern\Pieces\PieceSide;

/** Which printed lines are traced: everything after counts from them. */
final class TraceStep
{
    /** @return list<Step> */
    public static function of(Given $given): array
    {
        if ($given->levels() === []) {
            return [];
        }
        $plan = $given->plan;
        $frame = $given->frame();
        $others = self::others($given, $frame);
        $line = $plan->lineOf($frame);
        $isDrawn = $given->drawnSides() !== [] || $given->isPivoted();
        $short = match (true) {
            $others === [] && ! $isDrawn => "Trace {$line} all the way, front and back.",
            $plan->at(Level::Bust) !== null => "Trace {$line}: neck, shoulder, armhole, and the side as it is printed.",
            default => "Trace {$line}, the side as it is printed.",
        };
        $how = $others === [] ? [] : ['Trace at the side as well '.implode('; ', $others).'.'];

        return [new Step(id: Given::TRACE, kind: StepKind::Trace, short: $short, how: $how, code: 'trace', params: ['line' => $plan->nameOf($frame)], applied: SideEntries::in(Given::TRACE, $given))];
    }

    /** @return list<string> the lines that are wanted beside the frame's, where */
    private static function others(Given $given, int $frame): array
    {
        $at = [];
        foreach ($given->levels() as $level) {
            foreach (Given::SIDES as $side) {
                [$size] = $given->counted($side, $level);
                if ($size !== $frame) {
                    $at[$size][$side->value][] = $level === Level::Bust ? 'underarm' : $level->value;
                }
            }
        }

        return array_map(static fn (int $size, array $sides): string => $given->plan->lineOf($size).' '.self::where($sides), array_keys($at), $at);
    }

    /** @param  array<string, non-empty-list<string>>  $sides  places by side */
    private static function where(array $sides): string
    {
        $said = array_map(Listed::of(...), $sides);
        [$front, $back] = [$said[PieceSide::Front->value] ?? null, $said[PieceSide::Back->value] ?? null];

        return match (true) {
            $front === $back => "at the {$front}",
            $back === null => "in front, at the {$front}",
            $front === null => "on the back, at the {$back}",
            default => "in front at the {$front}, and on the back at the {$back}",
        };
    }
}
