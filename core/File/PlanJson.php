<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\Advice\Caution;
use Underbolt\Advice\Cautions;
use Underbolt\Advice\Opinion;
use Underbolt\Advice\Opinions;
use Underbolt\Altering\BustAdjustment;
use Underbolt\Altering\Sleeve;
use Underbolt\Altering\Take;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\ChartSize;
use Underbolt\Planning\Choosing\Alternative;
use Underbolt\Planning\Choosing\ReceiptLine;
use Underbolt\Planning\Choosing\SizeStep;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;
use Underbolt\Seam\SmallRatio;
use Underbolt\Seam\Station;
use Underbolt\Seam\StationTable;
use Underbolt\Work\PieceCut;
use Underbolt\Work\ShoppingNeed;
use Underbolt\Work\Steps\Step;
use Underbolt\Work\ToBuy;
use Underbolt\Work\WorkPlan;

/** A plan as the open format writes it: in the file's unit, numbers to four decimals, null for what is not known. */
final readonly class PlanJson
{
    private Unit $unit;

    private StationTable $stations;

    private function __construct(private Plan $plan, ?StationTable $ownLines)
    {
        $this->unit = $plan->make->unit;
        $this->stations = $ownLines ?? $plan->stationTable();
    }

    /**
     * @param  ?StationTable  $ownLines  read off the pattern's own lines; null for the plan's own
     * @return array<string, mixed> ready for `json_encode`
     */
    public static function of(Plan $plan, ?StationTable $ownLines = null): array
    {
        return (new self($plan, $ownLines))->document();
    }

    /** @return array<string, mixed> */
    private function document(): array
    {
        $work = WorkPlan::of($this->plan, $this->stations);

        return [
            'format' => 'underbolt/plan',
            'version' => 1,
            'unit' => $this->unit->value,
            'cup' => $this->plan->cup === null ? null : [
                'letter' => $this->plan->cup->letter,
                'difference' => $this->figure($this->plan->cup->difference),
                'source' => $this->plan->cup->source->value,
            ],
            'frame' => $this->frame(),
            'levels' => (object) array_map(
                fn (?LevelPlan $level): ?array => $level === null ? null : $this->level($level),
                $this->plan->levels,
            ),
            'steps' => array_map($this->step(...), $this->plan->steps),
            'bust_adjustment' => $this->bust($this->plan->bust),
            'lengths' => [
                'above_waist' => $this->figure($this->plan->lengths->aboveWaist),
                'below_waist' => $this->figure($this->plan->lengths->belowWaist),
                'hem' => $this->figure($this->plan->lengths->hem),
                'sleeve' => $this->figure($this->plan->lengths->sleeve),
            ],
            'blend' => $this->blend(),
            'sleeve' => $this->sleeve($this->plan->sleeve),
            'opinions' => (object) array_map(
                fn (array $opinions): array => array_map($this->opinion(...), $opinions),
                Opinions::of($this->plan),
            ),
            'alternatives' => array_map($this->alternative(...), $this->plan->alternatives()),
            'work' => array_map($this->work(...), $work->steps),
            'pieces' => array_map($this->piece(...), PieceCut::all($this->plan, $work)),
            'needs' => array_map($this->need(...), ToBuy::of($this->plan)->needs),
            'cautions' => array_map($this->caution(...), Cautions::of($this->plan)),
        ];
    }

    /** @return array<string, mixed> */
    private function frame(): array
    {
        $frame = $this->plan->frame;

        return [
            'lead' => $frame->lead->value,
            'size' => $this->name($frame->size),
            'measure' => $this->figure($frame->measure),
            ...$this->standing($frame->chart),
        ];
    }

    /** @return array<string, mixed> */
    private function level(LevelPlan $level): array
    {
        return [
            'measure' => $this->figure($level->facts->body),
            'chart' => ['size' => $this->name($level->facts->chartSize?->size), ...$this->standing($level->facts->chartSize)],
            'size' => $this->name($level->size),
            'own' => $this->name($level->facts->own),
            'why' => $level->why,
            'chart_value' => $this->figure($level->chartValue),
            'chart_range' => $level->chartRange === null ? null : [$this->figure($level->chartRange->from), $this->figure($level->chartRange->to)],
            'finished' => $this->figure($level->finished),
            'drafted_ease' => $this->figure($level->draftedEase),
            'your_ease' => $this->figure($level->yourEase),
            'wished' => $this->figure($level->wished),
            'left_over' => $this->figure($level->taken->leftOver),
            'per_edge' => $this->figure($level->taken->perEdge),
            'take' => $level->taken->take?->value,
            'taken' => $level->taken->leftOver === null ? null : $this->figure($level->taken->all),
            'sew_in_allowance' => $level->taken->take === Take::Sew,
            'as_cut' => $this->figure($level->asCut),
            'ease_as_cut' => $this->figure($level->easeAsCut),
            'change' => ['front' => $this->figure($level->change->front), 'back' => $this->figure($level->change->back)],
            'sure' => $level->sureness->sure->value,
            'sure_of' => $level->sureness->point->value,
        ];
    }

    /** @return array<string, mixed> */
    private function blend(): array
    {
        return [
            'stations' => array_map($this->station(...), $this->stations->front),
            'back_stations' => $this->stations->back === null ? null : array_map($this->station(...), $this->stations->back),
            'paper' => $this->plan->paper(),
            'read_off' => $this->stations->isFromNest ? 'nest' : 'plan',
        ];
    }

    /** @return ?array<string, mixed> */
    private function sleeve(?Sleeve $sleeve): ?array
    {
        return $sleeve === null ? null : [
            'size' => $this->name($sleeve->size),
            'measure' => $this->figure($sleeve->measure),
            'chart_value' => $this->figure($sleeve->chartValue),
            'finished' => $this->figure($sleeve->finished),
            'ease' => $this->figure($sleeve->ease),
            'need' => $this->figure($sleeve->need),
            'per_edge' => $this->figure($sleeve->perEdge),
        ];
    }

    /** @return array<string, mixed> */
    private function work(Step $step): array
    {
        $amount = count($step->amounts) === 1 ? $step->amounts[0] : null;

        return [
            'kind' => $step->kind->value,
            'text' => $step->text(),
            'amount' => $this->figure($amount?->amount),
            'edges' => $amount?->per,
            'pieces' => $step->pieces(),
        ];
    }

    /** @return array<string, mixed> */
    private function standing(?ChartSize $chart): array
    {
        return [
            'standing' => $chart?->standing->value,
            'lower' => $this->name($chart?->lower),
            'upper' => $this->name($chart?->upper),
        ];
    }

    /** @return ?array<string, mixed> */
    private function step(?SizeStep $step): ?array
    {
        return $step === null ? null : ['sizes' => $step->sizes, 'verdict' => $step->verdict->value];
    }

    /** @return array<string, mixed> */
    private function station(Station $station): array
    {
        return [
            'depth' => $this->figure($station->depth),
            'from' => $station->from,
            'to' => $station->to,
            'share' => $station->share === null ? null : SmallRatio::decimals($station->share),
            'blend' => $this->figure($station->blend),
            'change' => $this->figure($station->change),
            'offset' => $this->figure($station->move),
            'level' => $station->level,
        ];
    }

    /** @return ?array<string, mixed> */
    private function bust(?BustAdjustment $bust): ?array
    {
        return $bust === null ? null : [
            'kind' => $bust->kind->value,
            'total' => $this->figure($bust->total),
            'per_edge' => $this->figure($bust->perEdge()),
            'per_front_half' => $this->figure($bust->perFrontHalf()),
            'method' => $bust->method?->value,
        ];
    }

    /** @return array<string, mixed> */
    private function opinion(Opinion $opinion): array
    {
        return ['school' => $opinion->school->value, 'size' => $this->name($opinion->size), 'why' => $opinion->why];
    }

    /** @return array<string, mixed> */
    private function alternative(Alternative $alternative): array
    {
        return [
            'name' => $alternative->name->value,
            'sizes' => (object) array_map($this->name(...), $alternative->sizes->known()),
            'cost' => $alternative->cost,
            'receipt' => array_map(
                static fn (ReceiptLine $line): array => ['what' => $line->what, 'cost' => $line->cost],
                $alternative->receipt,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function piece(PieceCut $piece): array
    {
        return [
            'name' => $piece->piece->name,
            'follows' => $piece->piece->follows->value,
            'sizes' => array_map($this->name(...), $piece->sizes()),
            'back_sizes' => $piece->back === null || $piece->back === $piece->sizes() ? null : array_map($this->name(...), $piece->back),
            'changes' => $piece->changes($this->plan),
        ];
    }

    /** @return array<string, mixed> */
    private function need(ShoppingNeed $need): array
    {
        return [
            'name' => $need->name,
            'view' => $need->view,
            'width' => $this->figure($need->width),
            'amount' => $this->figure($need->amount),
            'text' => $need->text,
        ];
    }

    /** @return array<string, mixed> */
    private function caution(Caution $caution): array
    {
        return ['code' => $caution->code->value, 'level' => $caution->level?->value, 'text' => $caution->text];
    }

    private function figure(?Length $length): ?float
    {
        return $length === null ? null : LengthPrint::number($length, $this->unit);
    }

    private function name(?int $size): ?string
    {
        return $size === null ? null : $this->plan->nameOf($size);
    }
}
