<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Pattern\Level;
use Underbolt\Pattern\Pattern;
use Underbolt\Pattern\SizeChart;

/** The sizes that can be combined: those of all envelopes which share one draft. */
final readonly class SizesInPlay
{
    /** @param  list<int>  $sizes places in the pattern's list, rising */
    private function __construct(public string $draft, public array $sizes)
    {
    }

    /**
     * The draft of the chosen range; else the draft whose chart holds the most measured levels, of
     * several the first.
     *
     * @throws Unplannable when the pattern has no range of the chosen name
     */
    public static function of(Make $make): self
    {
        $pattern = $make->pattern;
        $chosen = $make->choices->range;
        $draft = $chosen === null
            ? self::holdingMost($make)
            : ($pattern->rangeNamed($chosen) ?? throw Unplannable::unknownRange($chosen))->draft;

        return new self($draft, $pattern->sizesOfDraft($draft));
    }

    /** The first other draft whose chart holds this body at a level. */
    public function otherDraftHolding(Make $make, Level $level): ?string
    {
        foreach ($make->pattern->drafts() as $draft) {
            if ($draft !== $this->draft && self::holds($make, $draft, $level)) {
                return $draft;
            }
        }

        return null;
    }

    /** The girth that has to pass at a level: at the hip the thighs too. */
    public static function bodyAt(Make $make, Level $level): ?Length
    {
        $girth = $make->body->at($level->point());
        $thighs = $level === Level::Hip ? $make->body->at(Point::ThighLevel) : null;

        return $thighs === null ? $girth : $girth?->longer($thighs);
    }

    private static function holdingMost(Make $make): string
    {
        $best = '';
        $most = -1;
        foreach ($make->pattern->drafts() as $draft) {
            $held = count(array_filter(Level::cases(), static fn (Level $level): bool => self::holds($make, $draft, $level)));
            if ($held > $most) {
                [$best, $most] = [$draft, $held];
            }
        }

        return $best;
    }

    /** Whether this body lies between the smallest and the largest figure of a draft's row. */
    private static function holds(Make $make, string $draft, Level $level): bool
    {
        $body = self::bodyAt($make, $level);
        $values = self::printed($make->pattern, $draft, $level);

        return $body !== null && $values !== []
            && min($values) - SizeChart::ON_NANOMETRES <= $body->nanometres
            && $body->nanometres <= max($values) + SizeChart::ON_NANOMETRES;
    }

    /** @return list<int> nanometres; another draft's row may be faulty, so it is only looked at */
    private static function printed(Pattern $pattern, string $draft, Level $level): array
    {
        $values = [];
        foreach ($pattern->sizesOfDraft($draft) as $size) {
            $value = $pattern->bodyChart->at($level->row(), $size);
            if ($value !== null) {
                $values[] = $value->nanometres;
            }
        }

        return $values;
    }
}
