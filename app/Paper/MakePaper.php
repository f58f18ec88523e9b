<?php

declare(strict_types=1);

namespace App\Paper;

use App\Models\Make;
use Illuminate\Support\Str;
use Underbolt\Measure\Unit;
use Underbolt\Nest\NestLine;
use Underbolt\Nest\NestStations;
use Underbolt\Nest\NestStrip;
use Underbolt\Paper\CutSheet;
use Underbolt\Paper\Drawing;
use Underbolt\Paper\Strip;
use Underbolt\Paper\StripLine;
use Underbolt\Planning\Make as CoreMake;
use Underbolt\Planning\Plan;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Refusal;
use Underbolt\Seam\StationTable;

/** All that leaves the screen for one make, from one plan. */
final class MakePaper
{
    /** @var array{NestStations, NestStations}|false|null front and back; false where one of them has no line, null before it was looked */
    private array|false|null $nests = null;

    /** @param  Make  $make  with its card, wearer and pattern */
    public function __construct(public readonly Make $make, public readonly Plan $plan)
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

    /** Read off the pattern's own lines, where it has the drawings of front and back; else as the plan reckons them. */
    public function stations(): StationTable
    {
        $nests = $this->nests();

        return $nests === false ? $this->plan->stationTable() : NestStations::table(...[...$nests, $this->plan->make->choices->stationEvery]);
    }

    /**
     * Read once: sheet, table and strip all ask for them.
     *
     * @return array{NestStations, NestStations}|false
     */
    private function nests(): array|false
    {
        return $this->nests ??= $this->readNests();
    }

    /** @return array{NestStations, NestStations}|false */
    private function readNests(): array|false
    {
        $lines = [];
        foreach ($this->make->pattern->exists ? $this->make->pattern->nests()->get() : [] as $nest) {
            try {
                $drawing = $nest->drawn();
                $lines[$nest->piece] = NestLine::of($this->plan, $drawing, $nest->marked($drawing))->measured;
            } catch (Refusal) {
                // Not marked yet: its page says what is missing.
            }
        }
        $front = $lines['front'] ?? null;
        // A back that is cut like the front needs no drawing of its own.
        $back = $lines['back'] ?? ($this->plan->front->isLike($this->plan->back) ? $front : null);

        return $front === null || $back === null ? false : [$front, $back];
    }

    public function sheet(): CutSheet
    {
        return CutSheet::of($this->plan, $this->stations());
    }

    /** @throws Refusal when the seam can't be drawn */
    public function strip(StripLine $line): Drawing
    {
        $nests = $this->nests();
        $shapes = null;
        if ($nests !== false) {
            $table = $this->stations();
            $shapes = [
                NestStrip::shape($nests[0], $this->plan->front->sizes, $table->front),
                NestStrip::shape($nests[1], $this->plan->back->sizes, $table->back ?? $table->front),
            ];
        }

        return Strip::of($this->plan, "Strip · {$this->title()}", $line, $shapes);
    }
}
