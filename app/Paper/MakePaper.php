<?php

declare(strict_types=1);

namespace App\Paper;

use App\Models\Make;
use Illuminate\Support\Str;
use Underbolt\Measure\Unit;
use Underbolt\Paper\CutSheet;
use Underbolt\Paper\Drawing;
use Underbolt\Paper\Strip;
use Underbolt\Paper\StripLine;
use Underbolt\Planning\Make as CoreMake;
use Underbolt\Planning\Plan;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Refusal;

/** All that leaves the screen for one make, from one plan. */
final readonly class MakePaper
{
    /** @param  Make  $make  with its card, wearer and pattern */
    public function __construct(public Make $make, public Plan $plan)
    {
    }

    /**
     * @param  Unit  $unit  the one that sentences and stations speak in
     *
     * @throws Refusal when there is no plan
     */
    public static function of(Make $make, Unit $unit, SizeLabels $labels): self
    {
        $make->load('card.readings', 'card.wearer', 'pattern');
        $core = $make->toCore($unit);
        $shown = match ($labels) {
            SizeLabels::Shown => $core,
            SizeLabels::Hidden => new CoreMake($core->unit, $core->body, $core->pattern->withLinesCounted(), $core->choices),
        };

        return new self($make, PlanBuilder::build($shown));
    }

    public function title(): string
    {
        return "{$this->make->card->wearer->name} · {$this->make->pattern->name}";
    }

    public function fileName(string $what): string
    {
        return Str::slug("{$this->make->card->wearer->name} {$this->make->pattern->name}")."-{$what}";
    }

    public function sheet(): CutSheet
    {
        return CutSheet::of($this->plan);
    }

    /** @throws Refusal when the seam can't be drawn */
    public function strip(StripLine $line): Drawing
    {
        return Strip::of($this->plan, "Strip · {$this->title()}", $line);
    }
}
