<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use App\Models\Make;
use OpenApi\Attributes as OA;
use stdClass;
use Underbolt\Measure\Unit;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Refusal;
use Underbolt\Wearing\ChangedBy;
use Underbolt\Wearing\Stage;

/** A make of a wearer, as it was cut and worn. */
final readonly class HistoryMakeData
{
    /**
     * @param  string  $cloth  of its cloth, as typed
     * @param  ?string  $stage  null while it is only planned
     * @param  stdClass  $sizes  cut or, where no verdict was given, planned; by level
     * @param  list<string>  $changes  what it was changed by, its fittings' findings among it
     */
    private function __construct(
        public int $id,
        public string $title,
        public string $pattern,
        public ?string $garment,
        public string $cloth,
        #[OA\Property(format: 'date')] public string $begun_on,
        public ?string $stage,
        #[OA\Property(description: 'the day it was reached', format: 'date', nullable: true)] public ?string $stage_on,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))] public stdClass $sizes,
        #[OA\Property(ref: VerdictDocument::class)] public stdClass $verdict,
        public array $changes,
    ) {
    }

    public static function of(Make $make, Unit $unit): self
    {
        $stage = Stage::furthest($make->done);
        $day = $stage === null ? null : ($make->done->{$stage->value} ?? null);
        $verdict = VerdictDocument::shown($make, $unit);

        return new self(
            id: $make->id,
            title: $make->title(),
            pattern: $make->pattern->name,
            garment: is_string($make->pattern->document->garment ?? null) ? $make->pattern->document->garment : null,
            cloth: is_string($make->cloth->name ?? null) ? $make->cloth->name : '',
            begun_on: $make->created_at->toDateString(),
            stage: $stage?->words(),
            stage_on: is_string($day) ? $day : null,
            sizes: (object) ($make->worn()->sizes === [] ? self::planned($make, $unit) : $verdict->sizes ?? []),
            verdict: $verdict,
            changes: self::changes($make, $unit),
        );
    }

    /** @return list<string> none where there is no plan */
    private static function changes(Make $make, Unit $unit): array
    {
        try {
            return array_values(ChangedBy::of($make->toCore($unit), $make->fitted()));
        } catch (Refusal) {
            return [];
        }
    }

    /** @return array<string, string> by level; empty where there is no plan */
    private static function planned(Make $make, Unit $unit): array
    {
        try {
            $plan = PlanBuilder::build($make->toCore($unit));
        } catch (Refusal) {
            return [];
        }

        return array_map(static fn (LevelPlan $level): string => $plan->nameOf($level->size), array_filter($plan->levels));
    }
}
