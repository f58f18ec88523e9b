<?php

declare(strict_types=1);

namespace Underbolt\Pattern;

use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\Chart;
use Underbolt\Pattern\Charts\ChartRow;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Cups\CupLetter;

/** The ease the sizes were drawn with along one finished row: finished less body. */
final readonly class DraftedEase
{
    /**
     * @param  string  $path  of the finished row, as in the make file
     * @param  list<?Length>  $ease  one for each size; null where one of the two figures is not printed
     * @param  bool  $isFromDraftedCup  whether the body is worked out by letters from another cup that an envelope is drawn for: nobody's draft
     */
    private function __construct(public Level $level, public string $path, public array $ease, public bool $isFromDraftedCup)
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

    /** @return list<self> those that can be told: between printed figures */
    public static function told(Pattern $pattern): array
    {
        return array_values(array_filter(self::all($pattern), static fn (self $row): bool => ! $row->isFromDraftedCup));
    }

    /** @return list<Level> */
    private static function levels(Pattern $pattern): array
    {
        return array_values(array_filter(Level::cases(), $pattern->hasLevel(...)));
    }

    private static function row(Pattern $pattern, Level $level, string $path, Chart $finished, ?string $cup): self
    {
        $ease = array_map(static function (int $size) use ($pattern, $finished, $level, $cup): ?Length {
            $body = $cup === null || $level !== Level::Bust
                ? $pattern->bodyChart->at($level->row(), $size)
                : self::bustOf($pattern, $cup, $size);

            return $body === null ? null : $finished->at($level->row(), $size)?->minus($body);
        }, array_keys($pattern->sizes));

        $isWorkedOut = $cup !== null && $level === Level::Bust && self::printedAs($pattern, $cup) === null
            && array_filter(array_keys($ease), static fn (int $size): bool => ! CupLetter::same($cup, CupLetter::drafted(self::draftedCup($pattern, $size)))) !== [];

        return new self($level, $path, $ease, $isWorkedOut);
    }

    /** The body that a cup's finished bust is drawn for: its own row, else the drafted cup's an inch a letter further (common practice, no published source). */
    private static function bustOf(Pattern $pattern, string $cup, int $size): ?Length
    {
        $printed = self::printedAs($pattern, $cup);
        if ($printed !== null) {
            return $pattern->cups->bodyChart($printed)->at(ChartRow::FullBust, $size);
        }
        $letters = CupLetter::draftedInches($cup) - CupLetter::draftedInches(self::draftedCup($pattern, $size));

        return $pattern->bodyChart->at(ChartRow::FullBust, $size)?->plus(Length::ofNumber($letters, Unit::Inch));
    }

    /** How the cup's own body row calls it; null where it has none. */
    private static function printedAs(Pattern $pattern, string $cup): ?string
    {
        foreach ($pattern->cups->withBodyRows() as $printed) {
            if (CupLetter::same($printed, $cup)) {
                return $printed;
            }
        }

        return null;
    }

    private static function draftedCup(Pattern $pattern, int $size): ?string
    {
        foreach ($pattern->ranges as $range) {
            if (in_array($size, $range->sizes, true)) {
                return $range->draftedCup;
            }
        }

        return null;
    }
}
