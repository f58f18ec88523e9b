<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use App\Models\Make;
use App\Models\SizeLabels;
use Underbolt\File\Typed\FaultLog;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pattern;

/** What is known of a level that can't be planned yet. */
final readonly class KnownLevelData
{
    /**
     * @param  value-of<Level>  $level
     * @param  ?int  $measure_nm  null where it isn't measured yet
     * @param  string  $size  in the middle of the pattern's: round it the tape lies until the body is known
     * @param  list<NotchData>  $notches  the sizes for which anything is printed, smallest first
     */
    public function __construct(
        public string $level,
        public ?int $measure_nm,
        public string $size,
        public array $notches,
    ) {
    }

    /**
     * @param  list<Level>  $levels  from the top down
     * @return list<self> those of them that the pattern has; none where it can't be read
     */
    public static function all(Make $make, array $levels): array
    {
        $pattern = $make->pattern->toCore(new FaultLog);
        if ($pattern === null) {
            return [];
        }
        $body = $make->card->toBody();
        $named = $make->sizeLabels() === SizeLabels::Hidden ? $pattern->withLinesCounted() : $pattern;
        $known = [];
        foreach (array_filter($levels, $named->hasLevel(...)) as $level) {
            $notches = self::notches($named, $level);
            if ($notches !== []) {
                $known[] = new self($level->value, $level->girthOf($body)?->nanometres, $notches[intdiv(count($notches), 2)]->size, $notches);
            }
        }

        return $known;
    }

    /** @return list<NotchData> */
    private static function notches(Pattern $pattern, Level $level): array
    {
        $finished = $pattern->finishedFor(null, null, null);
        $notches = array_map(static function (int $size) use ($pattern, $level, $finished): NotchData {
            $printed = $pattern->bodyChart->spanAt($level->row(), $size);
            $range = $printed?->isRange() === true ? $printed : null;

            return new NotchData(
                size: $pattern->shortNameOf($size),
                chart_nm: $printed?->middle->nanometres,
                chart_from_nm: $range?->from->nanometres,
                chart_to_nm: $range?->to->nanometres,
                finished_nm: $finished->at($level->row(), $size)?->nanometres,
                drafted_ease_nm: null,
                your_ease_nm: null,
                left_over_nm: null,
                per_edge_nm: null,
            );
        }, array_keys($pattern->sizes));

        return array_values(array_filter($notches, static fn (NotchData $notch): bool => $notch->chart_nm !== null || $notch->finished_nm !== null));
    }
}
