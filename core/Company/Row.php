<?php

declare(strict_types=1);

namespace Underbolt\Company;

use Underbolt\Advice\Caution;
use Underbolt\Advice\Cautions;
use Underbolt\Advice\Headline;
use Underbolt\Pattern\Charts\ChartPosition;
use Underbolt\Pattern\Paper\Range;
use Underbolt\Planning\Choosing\AlternativeName;
use Underbolt\Planning\Choosing\ReceiptLine;
use Underbolt\Planning\Choosing\SizeStep;
use Underbolt\Planning\Choosing\Sureness;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;
use Underbolt\Sizing\Sure;
use Underbolt\Work\ShoppingNeed;
use Underbolt\Work\ToBuy;

/** One body in one pattern, as it stands beside others: all of it from the plan of that make. */
final readonly class Row
{
    /** @var ?Caution the first of those that stop a cut; else the first of all; null where there is nothing to watch */
    public ?Caution $worst;

    public int $cautions;

    /** @var list<Range> the fewest envelopes that hold every size cut, the owned ones first */
    public array $envelopes;

    /** @var list<ShoppingNeed> for the largest size cut */
    public array $needs;

    /** @var float what the sizes cost, in fit and work together; the less, the better the pattern serves */
    public float $cost;

    /** @var list<ReceiptLine> what it is made of */
    public array $receipt;

    private function __construct(public Plan $plan)
    {
        $cautions = Cautions::shown($plan);
        $buy = ToBuy::of($plan);
        $taken = $plan->taken();
        $this->worst = $cautions[0] ?? null;
        $this->cautions = count($cautions);
        $this->envelopes = $buy->envelopes;
        $this->needs = $buy->needs;
        $this->cost = $taken->cost;
        $this->receipt = $taken->receipt;
    }

    public static function of(Plan $plan): self
    {
        return new self($plan);
    }

    /** @return array<string, string> names by level, of those that are measured */
    public function sizes(): array
    {
        return array_map(fn (LevelPlan $level): string => $this->plan->nameOf($level->size), array_filter($this->plan->levels));
    }

    public function frame(): ?string
    {
        return $this->plan->frame->size === null ? null : $this->plan->nameOf($this->plan->frame->size);
    }

    /** @return list<int> how many sizes lie between bust and waist, and between waist and hip, where both are measured */
    public function steps(): array
    {
        return array_values(array_map(static fn (SizeStep $step): int => $step->sizes, array_filter($this->plan->steps)));
    }

    /** @return list<string> what is in the line beside the blend: `the waist let out 3 cm` */
    public function drawnIn(): array
    {
        $drawn = Headline::drawnIn($this->plan);

        return array_map(static fn (string $level, string $what): string => "the {$level} {$what}", array_keys($drawn), $drawn);
    }

    /** What the finished garment alone would have cut, in words such as `12 all the way`; null where that is no other way. */
    public function byFinished(): ?string
    {
        foreach ($this->plan->alternatives() as $way) {
            if ($way->name === AlternativeName::ByFinished && ! $way->sizes->equals($this->plan->sizes)) {
                return Headline::sizesInWords($way->sizes, $this->plan);
            }
        }

        return null;
    }

    /** What is made at the bust, in words such as `full, 5 cm`; null where nothing is. */
    public function adjustment(): ?string
    {
        $bust = $this->plan->bust;

        return $bust === null || ! $bust->isMade() ? null : "{$bust->kind->value}, {$this->plan->make->say($bust->total->abs())}";
    }

    /** The level that is the least sure; null where none is measured. */
    public function leastSure(): ?Sureness
    {
        $worst = null;
        foreach (array_filter($this->plan->levels) as $level) {
            $worst = $worst === null || self::doubt($level->sureness->sure) > self::doubt($worst->sure) ? $level->sureness : $worst;
        }

        return $worst;
    }

    private static function doubt(Sure $sure): int
    {
        return match ($sure) {
            Sure::ByHand => 0,
            Sure::Firm => 1,
            Sure::NearTheEdge => 2,
            Sure::MeasureAgain => 3,
        };
    }

    /** Whether its sizes may be told. Here all stand beside one another: a place in the row of lines would tell as much as a name. */
    public function areSizesNamed(): bool
    {
        return ! $this->plan->make->pattern->areLinesCounted();
    }

    /** The size of neck and shoulders; null where sizes are not named. */
    public function namedFrame(): ?string
    {
        return $this->areSizesNamed() ? $this->frame() : null;
    }

    /** @return list<Range> its envelopes; none where sizes are not named, as an envelope is named by its sizes */
    public function namedEnvelopes(): array
    {
        return $this->areSizesNamed() ? $this->envelopes : [];
    }

    /** @return list<Range> those of them that are not owned */
    public function toGet(): array
    {
        return array_values(array_filter($this->namedEnvelopes(), static fn (Range $range): bool => ! $range->owned));
    }

    /** Whether a measure lies outside what the chart holds. */
    public function isOutside(): bool
    {
        foreach (array_filter($this->plan->levels) as $level) {
            $chart = $level->facts->chartSize;
            if (in_array($chart?->standing, [ChartPosition::Below, ChartPosition::Above], true)) {
                return true;
            }
        }

        return false;
    }
}
