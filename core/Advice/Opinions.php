<?php

declare(strict_types=1);

namespace Underbolt\Advice;

use Underbolt\Measure\Length;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Point;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\BetweenRule;
use Underbolt\Pattern\Charts\ChartPosition;
use Underbolt\Pattern\Charts\ChartSize;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Charts\SizeChart;
use Underbolt\Planning\Asked\Lead;
use Underbolt\Planning\Facts\Situation;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;
use Underbolt\Sizing\EaseSchool;
use Underbolt\Sizing\LevelFacts;

/** What every school says at one level, each with the figures it goes by. */
final readonly class Opinions
{
    /** @param  list<string>  $sizes names of the pattern's sizes */
    private function __construct(private LevelFacts $facts, private Length $body, private array $sizes, private Unit $unit)
    {
    }

    /** @return array<string, list<Opinion>> by level, for those that are measured */
    public static function of(Plan $plan): array
    {
        return array_map(static fn (LevelPlan $level): array => self::at($level, $plan->situation), array_filter($plan->levels));
    }

    /** @return list<Opinion> one of every school, and what the half girths suggest; none where the level is not measured */
    public static function at(LevelPlan $level, Situation $situation): array
    {
        $make = $situation->make;
        $facts = $level->facts;
        if ($facts->body === null) {
            return [];
        }
        $self = new self($facts, $facts->body, $make->pattern->sizes, $make->unit);
        // With a cup or a full bust adjustment the room in front is made already.
        $isMade = $situation->lead->lead === Lead::Cup || ($facts->frame !== null && $facts->adjustmentAt($level->size)?->isPositive() === true);
        $halves = $facts->level === Level::Bust && ! $isMade
            ? $self->halves($make->body->at(Point::HalfFullBust), $level->size, $situation->inPlay->sizes)
            : null;

        return [
            $self->chart(School::ChartUp, BetweenRule::Up),
            $self->chart(School::ChartDown, BetweenRule::Down),
            $self->chart(School::ChartNearest, BetweenRule::Nearest),
            $self->drafted(),
            $self->liked(),
            $self->quarters(),
            ...($halves === null ? [] : [$halves]),
        ];
    }

    /**
     * Whether all schools that can tell name the size that is cut, what the half girths suggest among them.
     *
     * @param  list<Opinion>  $opinions
     */
    public static function agreeOn(array $opinions, int $size): bool
    {
        $schools = array_filter(
            $opinions,
            static fn (Opinion $opinion): bool => $opinion->size !== null,
        );
        $others = array_filter($schools, static fn (Opinion $opinion): bool => $opinion->size !== $size);

        return $schools !== [] && $others === [];
    }

    private function chart(School $school, BetweenRule $rule): Opinion
    {
        $found = $this->facts->chart->sizeOf($this->body, $rule);

        return new Opinion($school, $found->size, $this->standing($found, $rule));
    }

    private function standing(ChartSize $found, BetweenRule $rule): string
    {
        $body = $this->say($this->body);
        $lower = $this->printed($found->lower);
        $upper = $this->printed($found->upper);

        return match ($found->standing) {
            ChartPosition::On => "{$body} is the chart's {$this->printed($found->size)}.",
            ChartPosition::Below => "{$body} is below the smallest, {$upper}.",
            ChartPosition::Above => "{$body} is above the largest, {$lower}.",
            ChartPosition::Between => "{$body} lies between {$lower} and {$upper}; ".match ($rule) {
                BetweenRule::Up => 'the printed figure is the most the size is meant for, so go up.',
                BetweenRule::Down => 'the ease carries the difference, so go down.',
                BetweenRule::Nearest => "{$this->sizes[$found->size]} is nearer.",
            },
        };
    }

    private function drafted(): Opinion
    {
        $size = $this->facts->under(EaseSchool::Drafted)->own;
        $ease = $this->facts->toldEase($size);
        $difference = $this->facts->chart->over($size, $this->body) ?? Length::zero();
        // What is done with it is the plan's to say: at a level that needn't fit it is nothing.
        $left = $difference->isZero() ? 'no difference' : "{$this->say($difference->abs())} too ".($difference->isPositive() ? 'much' : 'little');

        return new Opinion(School::Drafted, $size, $ease === null
            ? "{$this->sizes[$size]} is drawn for {$this->printedFigure($size)}: {$left}."
            : "The pattern's own ease is {$this->say($ease)}; {$this->sizes[$size]} comes nearest to keeping it: {$left}.");
    }

    private function liked(): Opinion
    {
        $liked = $this->facts->likedEase;
        if ($liked === null) {
            return new Opinion(School::Liked, null, 'No liked ease is given here. Lay a garment you like flat and measure it.');
        }
        if ($this->facts->finished === null) {
            return new Opinion(School::Liked, null, 'No finished figures are printed here. Measure the flat pattern, or make a toile.');
        }
        $asked = $this->facts->under(EaseSchool::Liked);
        $wished = $this->body->plus($liked);
        $refused = $asked->isTooSmall($asked->own) ? ' No size leaves the least ease.' : '';

        return new Opinion(
            School::Liked,
            $asked->own,
            "{$this->say($this->body)} and {$this->say($liked)} of ease make {$this->say($wished)}; "
                ."{$this->sizes[$asked->own]} finishes at {$this->say($this->facts->finishedAt($asked->own))}.{$refused}",
        );
    }

    /**
     * Whether the front is fuller than the back by a size: twice the front half against the whole.
     *
     * @param  non-empty-list<int>  $inPlay
     */
    private function halves(?Length $half, int $size, array $inPlay): ?Opinion
    {
        $place = (int) array_search($size, $inPlay, true);
        $grade = $this->grade($inPlay[$place] ?? $size, $inPlay[$place + 1] ?? null) ?? $this->grade($inPlay[$place - 1] ?? null, $size);
        $more = $half?->plus($half)->minus($this->body);
        if ($half === null || $more === null || $grade === null || $more->abs()->isLessThan($grade)) {
            return null;
        }
        $front = $more->isPositive();
        [$larger, $smaller] = $front ? ['front', 'back'] : ['back', 'front'];

        return new Opinion(
            School::FrontLarger,
            $inPlay[$place + ($front ? 1 : -1)] ?? $size,
            "Twice the front half, {$this->say($half->plus($half))}, is {$this->say($more->abs())} "
                .($front ? 'more' : 'less')
                ." than the full bust, as much as a size or more: cut the {$larger} one size larger and the {$smaller} one "
                    .'smaller; the sum stays.',
        );
    }

    private function grade(?int $from, ?int $to): ?Length
    {
        $inner = $from === null ? null : $this->facts->chart->at($from);

        return $inner === null || $to === null ? null : $this->facts->chart->at($to)?->minus($inner);
    }

    /** The smallest size whose quarter holds the tape: (body + ease) / 4 laid on the tissue. */
    private function quarters(): Opinion
    {
        if ($this->facts->finished === null) {
            return new Opinion(School::Quarters, null, 'No finished figures are printed here. Lay the tape on the paper pattern itself.');
        }
        $needed = $this->body->plus($this->facts->likedEase ?? $this->facts->least ?? Length::zero());
        $quarter = $this->say($needed->dividedBy(4));
        $size = self::smallest($this->facts->finished, $needed);

        return new Opinion(School::Quarters, $size, $size === null
            ? "A quarter of {$this->say($needed)} is {$quarter}; no size is as wide."
            : "A quarter of {$this->say($needed)} is {$quarter}; ".($this->facts->finishedAt($size)?->compare($needed) === 0
                ? "{$this->sizes[$size]} is that line."
                : "{$this->sizes[$size]} is the first line beyond it, at {$this->say($this->facts->finishedAt($size)?->dividedBy(4))}."));
    }

    private static function smallest(SizeChart $finished, Length $needed): ?int
    {
        foreach ($finished->values() as $size => $girth) {
            if (! $girth->isLessThan($needed)) {
                return $size;
            }
        }

        return null;
    }

    private function printed(?int $size): string
    {
        return $size === null ? '' : "{$this->sizes[$size]} ({$this->printedFigure($size)})";
    }

    private function printedFigure(int $size): string
    {
        $range = $this->facts->chart->rangeAt($size);

        return $range === null ? $this->say($this->facts->chart->at($size)) : "{$this->say($range->from)} to {$this->say($range->to)}";
    }

    private function say(?Length $length): string
    {
        return $length === null ? 'not printed' : LengthPrint::sentence($length, $this->unit);
    }
}
