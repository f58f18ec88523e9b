<?php

declare(strict_types=1);

namespace Underbolt\Pattern;

use Underbolt\Measure\Length;

/** The ease the sizes were drawn with along one finished row: finished less body. */
final readonly class DraftedEase
{
    /**
     * @param  string  $path  of the finished row, as in the make file
     * @param  list<?Length>  $ease  one for each size; null where one of the two figures is not printed
     */
    private function __construct(public Level $level, public string $path, public array $ease)
    {
    }

    /** @return list<self> one for every finished row the pattern has, for all and for one view, fit or cup */
    public static function all(Pattern $pattern): array
    {
        $rows = [];
        foreach (self::levels($pattern) as $level) {
            $rows[] = self::row($pattern, $level, "finished.{$level->row()->value}", $pattern->finished, null);
        }
        foreach ($pattern->cups->all() as $cup) {
            $rows[] = self::row($pattern, Level::Bust, "cups.finished.{$cup}", $pattern->cups->finishedChart($cup), $cup);
        }
        foreach ($pattern->parts->only as $index => $part) {
            foreach (self::levels($pattern) as $level) {
                $rows[] = self::row($pattern, $level, "finished_by[{$index}].finished.{$level->row()->value}", $part->chart, $part->cup);
            }
        }

        return array_values(array_filter($rows, static fn (self $row): bool => array_filter($row->ease) !== []));
    }

    /** @return list<Level> */
    private static function levels(Pattern $pattern): array
    {
        return array_values(array_filter(Level::cases(), $pattern->hasLevel(...)));
    }

    private static function row(Pattern $pattern, Level $level, string $path, Chart $finished, ?string $cup): self
    {
        // A cup's finished bust is drawn for the body of that cup, where the chart has one.
        $ofCup = $cup !== null && $level === Level::Bust && in_array($cup, $pattern->cups->withBodyRows(), true);
        $body = $ofCup ? $pattern->cups->bodyChart($cup) : $pattern->bodyChart;
        $ease = array_map(static function (int $size) use ($body, $finished, $level): ?Length {
            $chart = $body->at($level->row(), $size);

            return $chart === null ? null : $finished->at($level->row(), $size)?->minus($chart);
        }, array_keys($pattern->sizes));

        return new self($level, $path, $ease);
    }
}
