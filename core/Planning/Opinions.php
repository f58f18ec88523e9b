<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Measure\Length;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\BetweenRule;
use Underbolt\Pattern\ChartSize;
use Underbolt\Pattern\SizeChart;
use Underbolt\Pattern\Standing;
use Underbolt\Sizing\EaseSchool;
use Underbolt\Sizing\LevelFacts;
use Underbolt\Sizing\SizeChoice;

/** What every school says at one level, each with the figures it goes by. */
final readonly class Opinions
{
    /** @param  list<string>  $sizes names of the pattern's sizes */
    private function __construct(private LevelFacts $facts, private array $sizes, private Unit $unit)
    {
    }

    /** @return list<Opinion> one of every school */
    public static function at(LevelFacts $facts, Make $make): array
    {
        $self = new self($facts, $make->pattern->sizes, $make->unit);

        return [
            $self->chart(School::ChartUp, BetweenRule::Up),
            $self->chart(School::ChartDown, BetweenRule::Down),
            $self->chart(School::ChartNearest, BetweenRule::Nearest),
            $self->drafted(),
            $self->liked(),
            $self->quarters(),
        ];
    }

    /**
     * Whether all schools that can tell name one size.
     *
     * @param  list<Opinion>  $opinions
     */
    public static function agree(array $opinions): bool
    {
        $sizes = array_filter(array_map(static fn (Opinion $opinion): ?int => $opinion->size, $opinions), static fn (?int $size): bool => $size !== null);

        return count(array_unique($sizes)) === 1;
    }

    private function chart(School $school, BetweenRule $rule): Opinion
    {
        $found = $this->facts->chart->sizeOf($this->facts->body, $rule);

        return new Opinion($school, $found->size, $this->standing($found, $rule));
    }

    private function standing(ChartSize $found, BetweenRule $rule): string
    {
        $body = $this->say($this->facts->body);
        $lower = $this->printed($found->lower);
        $upper = $this->printed($found->upper);

        return match ($found->standing) {
            Standing::On => "{$body} is the chart's {$this->printed($found->size)}.",
            Standing::Below => "{$body} is below the smallest, {$upper}.",
            Standing::Above => "{$body} is above the largest, {$lower}.",
            Standing::Between => "{$body} lies between {$lower} and {$upper}; ".match ($rule) {
                BetweenRule::Up => 'the printed figure is the most the size is meant for, so go up.',
                BetweenRule::Down => 'the ease carries the difference, so go down.',
                BetweenRule::Nearest => "{$this->sizes[$found->size]} is nearer.",
            },
        };
    }

    private function drafted(): Opinion
    {
        $size = $this->facts->chart->nearest($this->facts->body, $this->facts->between);
        $ease = $this->facts->draftedEase($size);
        $difference = $this->facts->chart->at($size)?->minus($this->facts->body) ?? Length::zero();
        $left = $difference->isZero() ? 'nothing is left over' : $this->say($difference->abs()).($difference->nanometres > 0 ? ' is taken in' : ' is let out');

        return new Opinion(School::Drafted, $size, $ease === null
            ? "{$this->sizes[$size]} is drawn for {$this->printedFigure($size)}: {$left}."
            : "The draft gives {$this->say($ease)} of ease; {$this->sizes[$size]} comes nearest to keeping it: {$left}.");
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
        $size = SizeChoice::at($this->facts->under(EaseSchool::Liked));
        $wished = $this->facts->body->plus($liked);
        $refused = $this->facts->leavesLeastEase($size) ? '' : ' No size leaves the least ease.';

        return new Opinion(School::Liked, $size, "{$this->say($this->facts->body)} and {$this->say($liked)} of ease make {$this->say($wished)}; {$this->sizes[$size]} finishes at {$this->say($this->facts->finishedAt($size))}.{$refused}");
    }

    /** The smallest size whose quarter holds the tape: (body + ease) / 4 laid on the tissue. */
    private function quarters(): Opinion
    {
        if ($this->facts->finished === null) {
            return new Opinion(School::Quarters, null, 'No finished figures are printed here. Lay the tape on the tissue itself.');
        }
        $needed = $this->facts->body->plus($this->facts->likedEase ?? $this->facts->leastEase);
        $quarter = $this->say($needed->dividedBy(4));
        $size = self::smallest($this->facts->finished, $needed);

        return new Opinion(School::Quarters, $size, $size === null
            ? "A quarter of {$this->say($needed)} is {$quarter}; no size is as wide."
            : "A quarter of {$this->say($needed)} is {$quarter}; {$this->sizes[$size]} is the first line beyond it, at {$this->say($this->facts->finishedAt($size)?->dividedBy(4))}.");
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
        return $this->say($this->facts->chart->at($size));
    }

    private function say(?Length $length): string
    {
        return $length === null ? 'not printed' : LengthPrint::sentence($length, $this->unit);
    }
}
