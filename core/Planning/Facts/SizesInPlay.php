<?php

declare(strict_types=1);

namespace Underbolt\Planning\Facts;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\ChartRow;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Charts\SizeChart;
use Underbolt\Pattern\Cups\CupLetter;
use Underbolt\Pattern\Paper\Range;
use Underbolt\Pattern\Pattern;
use Underbolt\Planning\Asked\Make;
use Underbolt\Planning\Asked\Unplannable;
use Underbolt\Sizing\Cup;

/** The sizes that can be combined: those of all envelopes which share one draft. */
final readonly class SizesInPlay
{
    /**
     * @param  non-empty-list<int>  $sizes  places in the pattern's list, rising
     * @param  string  $why  why this draft and no other
     */
    private function __construct(public string $draft, public array $sizes, public string $why)
    {
    }

    /**
     * The draft of the chosen range; else the draft whose chart holds the most measured levels, of
     * several the one with the drafted cup nearest the body's, then the first.
     *
     * @throws Unplannable when the pattern has no range of the chosen name
     */
    public static function of(Make $make): self
    {
        $pattern = $make->pattern;
        $chosen = $make->choices->range;
        if ($chosen !== null) {
            $draft = ($pattern->rangeNamed($chosen) ?? throw Unplannable::unknownRange($chosen))->draft;

            return new self($draft, $pattern->sizesOfDraft($draft), "You chose {$chosen}.");
        }
        [$draft, $why] = self::fitting($make);

        return new self($draft, $pattern->sizesOfDraft($draft), $why);
    }

    /**
     * The make's range: the chosen one; else, of those that share the draft, the one in which the full
     * bust falls, and the first where it falls in none.
     */
    public function rangeFor(Make $make): Range
    {
        $pattern = $make->pattern;
        $chosen = $make->choices->range === null ? null : $pattern->rangeNamed($make->choices->range);
        if ($chosen !== null) {
            return $chosen;
        }
        $ranges = array_values(array_filter($pattern->ranges, fn (Range $range): bool => $range->draft === $this->draft));
        $bust = Level::Bust->girthOf($make->body);
        $size = $bust === null
            ? null
            : $pattern->bodyChart->over(ChartRow::FullBust, $this->sizes)?->sizeOf($bust, $make->choices->between)->size;
        foreach ($ranges as $range) {
            if ($size !== null && in_array($size, $range->sizes, true)) {
                return $range;
            }
        }

        return $ranges[0];
    }

    /** The first other draft whose chart holds this body at a level. */
    public function otherDraftHolding(Make $make, Level $level): ?string
    {
        foreach ($this->otherDrafts($make->pattern) as $draft) {
            if (self::holds($make, $draft, $level)) {
                return self::nameOf($make->pattern, $draft);
            }
        }

        return null;
    }

    /**
     * The first other draft with a size that comes nearer to a wished girth, by more than so much.
     *
     * @param  Length  $apart  how far the girth picked here is from the wished one, less what a nearer one has to gain
     * @param  callable(int): ?Length  $finished  the finished girth by size
     */
    public function otherDraftNearer(Pattern $pattern, Length $wished, Length $apart, callable $finished): ?string
    {
        foreach ($this->otherDrafts($pattern) as $draft) {
            foreach ($pattern->sizesOfDraft($draft) as $size) {
                if ($finished($size)?->minus($wished)->abs()->isLessThan($apart) === true) {
                    return self::nameOf($pattern, $draft);
                }
            }
        }

        return null;
    }

    /** @return list<string> */
    private function otherDrafts(Pattern $pattern): array
    {
        return array_values(array_filter($pattern->drafts(), fn (string $draft): bool => $draft !== $this->draft));
    }

    /** What a draft is called by: its own name, or its first envelope's. */
    private static function nameOf(Pattern $pattern, string $draft): string
    {
        foreach ($pattern->ranges as $range) {
            if ($range->draft === $draft) {
                return $range->draftNamed ? $draft : $range->name;
            }
        }

        return $draft;
    }

    /** @return array{string, string} the draft and why it was taken */
    private static function fitting(Make $make): array
    {
        $pattern = $make->pattern;
        $drafts = $pattern->drafts();
        if (count($drafts) === 1) {
            return [$drafts[0], 'All its sizes nest.'];
        }
        $cup = Cup::of($make->body, $pattern->cups->ruleFor(null));
        $best = $drafts[0];
        foreach ($drafts as $draft) {
            $best = self::rank($make, $draft, $cup) > self::rank($make, $best, $cup) ? $draft : $best;
        }
        $held = self::rank($make, $best, $cup)[0];

        return [
            $best,
            "Its chart holds {$held} of the measured levels"
                .($cup === null ? '.' : ", and its drafted cup is as near to {$cup->letter} as any."),
        ];
    }

    /** @return array{int, int} more is better: levels held, then nearness of the drafted cup */
    private static function rank(Make $make, string $draft, ?Cup $cup): array
    {
        $held = count(
            array_filter(
                Level::cases(),
                static fn (Level $level): bool => $make->pattern->hasLevel($level) && self::holds($make, $draft, $level),
            ),
        );
        $ranges = array_values(array_filter($make->pattern->ranges, static fn (Range $range): bool => $range->draft === $draft));
        $drafted = CupLetter::drafted($ranges[0]->draftedCup ?? null);

        return [$held, -abs($cup?->lettersAbove($drafted) ?? 0)];
    }

    /** Whether this body lies between the smallest and the largest figure of a draft's row. */
    private static function holds(Make $make, string $draft, Level $level): bool
    {
        $body = $level->girthOf($make->body);
        $values = self::printed($make->pattern, $draft, $level);

        return $body !== null && $values !== []
            && min($values) - SizeChart::ON_NM <= $body->nanometres
            && $body->nanometres <= max($values) + SizeChart::ON_NM;
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
