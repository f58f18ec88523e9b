<?php

declare(strict_types=1);

namespace Underbolt\Planning\Facts;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\ChartRow;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Paper\Range;
use Underbolt\Pattern\Pattern;
use Underbolt\Planning\Asked\Make;
use Underbolt\Planning\Asked\Unplannable;

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
     * The draft of the chosen range; else, each read by its own cup rule and rows, one that holds the measure that leads, of
     * several the one that holds the most measured levels, then the one with the drafted cup nearest the body's, then the first.
     *
     * @throws Unplannable when the pattern has no range of the chosen name
     */
    public static function of(Make $make): self
    {
        $pattern = $make->pattern;
        $chosen = $make->choices->range;
        if ($chosen !== null) {
            $range = $pattern->rangeNamed($chosen) ?? throw Unplannable::unknownRange($chosen);

            return new self($range->draft, $pattern->sizesOfDraft($range->draft), "You chose {$range->told()}.");
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
        if ($chosen?->draft === $this->draft) {
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

    /** The first other draft whose row, read as that draft reads it, holds this body at a level. */
    public function otherDraftHolding(Make $make, Level $level): ?string
    {
        foreach ($this->otherDrafts($make) as $draft) {
            if ($draft->holds($level)) {
                return self::nameOf($make->pattern, $draft->sizes->draft);
            }
        }

        return null;
    }

    /**
     * The first other draft with a size that comes nearer to a wished girth, by more than so much.
     *
     * @param  Length  $apart  how far the girth picked here is from the wished one, less what a nearer one has to gain
     */
    public function otherDraftNearer(Make $make, Level $level, Length $wished, Length $apart): ?string
    {
        foreach ($this->otherDrafts($make) as $draft) {
            foreach ($draft->finished($level)?->values() ?? [] as $finished) {
                if ($finished->minus($wished)->abs()->isLessThan($apart)) {
                    return self::nameOf($make->pattern, $draft->sizes->draft);
                }
            }
        }

        return null;
    }

    /** @return list<DraftFit> */
    private function otherDrafts(Make $make): array
    {
        return self::read($make, array_values(array_filter($make->pattern->drafts(), fn (string $draft): bool => $draft !== $this->draft)));
    }

    /**
     * @param  list<string>  $drafts
     * @return list<DraftFit> without those that can't be read
     */
    private static function read(Make $make, array $drafts): array
    {
        $read = array_map(static fn (string $draft): ?DraftFit => DraftFit::tried($make, new self($draft, $make->pattern->sizesOfDraft($draft), '')), $drafts);

        return array_values(array_filter($read, static fn (?DraftFit $fit): bool => $fit !== null));
    }

    /** What a draft is called by: its own name, or its first envelope's. */
    private static function nameOf(Pattern $pattern, string $draft): string
    {
        foreach ($pattern->ranges as $range) {
            if ($range->draft === $draft) {
                return $range->draftNamed && ! $pattern->areLinesCounted() ? $draft : $range->told();
            }
        }

        return $draft;
    }

    /** @return array{string, string} the draft and why it was taken */
    private static function fitting(Make $make): array
    {
        $drafts = $make->pattern->drafts();
        if (count($drafts) === 1) {
            return [$drafts[0], 'All its sizes are one set of lines.'];
        }
        $fits = self::read($make, $drafts);
        $best = null;
        foreach ($fits as $fit) {
            $best = $best === null || self::rank($fit) > self::rank($best) ? $fit : $best;
        }
        if ($best === null) {
            return [$drafts[0], 'It is the first.'];
        }
        $lead = $best->holdsLead() ? 'Its chart holds the measure that leads, and ' : 'No chart holds the measure that leads; this one holds ';

        return [
            $best->sizes->draft,
            "{$lead}{$best->held()} of the measured levels"
                .($best->cup === null ? '.' : ", and its drafted cup is as near to {$best->cup->letter} as any."),
        ];
    }

    /** @return array{int, int, int} more is better: whether the lead lies inside, levels held, then nearness of the drafted cup */
    private static function rank(DraftFit $fit): array
    {
        return [$fit->holdsLead() ? 1 : 0, $fit->held(), -$fit->lettersApart()];
    }
}
