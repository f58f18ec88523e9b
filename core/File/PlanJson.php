<?php

declare(strict_types=1);

namespace Underbolt\File;

use Brick\Math\RoundingMode;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\ChartSize;
use Underbolt\Planning\Caution;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;
use Underbolt\Planning\Step;
use Underbolt\Seam\Station;

/** A plan as the open format writes it: in the file's unit, numbers to four decimals, null for what is not known. */
final readonly class PlanJson
{
    private function __construct(private Plan $plan, private Unit $unit)
    {
    }

    /** @return array<string, mixed> ready for `json_encode` */
    public static function of(Plan $plan): array
    {
        return (new self($plan, $plan->make->unit))->document();
    }

    /** @return array<string, mixed> */
    private function document(): array
    {
        return [
            'format' => 'underbolt/plan',
            'version' => 1,
            'unit' => $this->unit->value,
            'cup' => null,
            'frame' => $this->frame(),
            'levels' => (object) array_map(fn (?LevelPlan $level): ?array => $level === null ? null : $this->level($level), $this->plan->levels),
            'steps' => array_map($this->step(...), $this->plan->steps),
            'bust_adjustment' => null,
            'lengths' => [
                'above_waist' => $this->figure($this->plan->lengths->aboveWaist),
                'below_waist' => $this->figure($this->plan->lengths->belowWaist),
                'hem' => $this->figure($this->plan->lengths->hem),
                'sleeve' => null,
            ],
            'blend' => ['stations' => array_map($this->station(...), $this->plan->stations())],
            'opinions' => null,
            'alternatives' => null,
            'cautions' => array_map($this->caution(...), $this->plan->cautions),
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
            'chart' => ['size' => $this->name($level->chart->size), ...$this->standing($level->chart)],
            'size' => $this->name($level->size),
            'chart_value' => $this->figure($level->chartValue),
            'finished' => $this->figure($level->finished),
            'drafted_ease' => $this->figure($level->draftedEase),
            'your_ease' => $this->figure($level->yourEase),
            'wished' => $this->figure($level->leftOver->wished),
            'left_over' => $this->figure($level->leftOver->total),
            'per_edge' => $this->figure($level->leftOver->perEdge),
            'sew_in_allowance' => $level->leftOver->sewInAllowance(),
            'sure' => null,
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
    private function step(?Step $step): ?array
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
            'share' => $station->share?->toScale(4, RoundingMode::HALF_UP)->toFloat(),
            'offset' => $this->figure($station->offset),
            'level' => $station->level,
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
