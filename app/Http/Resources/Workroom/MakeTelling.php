<?php

declare(strict_types=1);

namespace App\Http\Resources\Workroom;

use App\Http\Resources\Account\FaultData;
use App\Http\Resources\Plan\CurvePartData;
use App\Models\Make;
use App\Models\User;
use App\Records\Tellings;
use Illuminate\Database\Eloquent\Model;
use Underbolt\Advice\Caution;
use Underbolt\Advice\Cautions;
use Underbolt\Advice\Headline;
use Underbolt\Measure\Unit;
use Underbolt\Planning\Plan;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Refusal;

/** What the workroom tells of a plan, which is kept until something changes that it came from. */
final readonly class MakeTelling
{
    /** What of a record changes without its plan. */
    private const ASIDE = ['version', 'created_at', 'updated_at', 'done', 'verdict', 'note', 'name', 'company', 'company_version', 'notes', 'archived_at', 'agreed_on', 'wardrobe', 'answers'];

    /** @param  ?list<CurvePartData>  $line */
    private function __construct(public ?string $headline, public ?string $waits_for, public int $cautions, public int $to_settle, public bool $lacks_measures, public ?array $line)
    {
    }

    /**
     * @param  list<Make>  $makes  of one user, with their cards, readings, wearers and patterns
     * @return array<int, self> by number
     */
    public static function all(User $user, array $makes): array
    {
        $houses = $user->houses()->get()->keyBy('name')->map(self::attributes(...))->all();
        $byNumber = $stamps = [];
        foreach ($makes as $make) {
            $byNumber[$make->id] = $make;
            $stamps[$make->id] = Tellings::stamp(
                $user->unit->value,
                self::attributes($make),
                self::attributes($make->card),
                $make->card->readings->map(self::attributes(...))->all(),
                self::attributes($make->card->wearer),
                self::attributes($make->pattern),
                $houses[$make->pattern->house] ?? null,
                $user->hands[$make->card->measured_by] ?? null,
            );
        }
        $told = (new Tellings('make'))->of($stamps, static fn (int $id): self => self::of($byNumber[$id], $user->unit));

        return array_map(self::again(...), $told);
    }

    private static function of(Make $make, Unit $unit): self
    {
        try {
            $plan = PlanBuilder::build($make->toCore($unit));
            $cautions = Cautions::shown($plan);

            return new self(
                headline: Headline::of($plan),
                waits_for: null,
                cautions: count($cautions),
                to_settle: count(array_filter($cautions, static fn (Caution $caution): bool => $caution->code->stopsCut())),
                lacks_measures: $plan->waitsFor() !== [],
                line: self::line($plan),
            );
        } catch (Refusal $refusal) {
            $fault = $refusal->faults()[0];

            return new self(null, FaultData::of($fault)->message, 0, 0, str_starts_with($fault->field, 'body'), null);
        }
    }

    /** @param  array<string, mixed>  $told  as it was kept */
    private static function again(array $told): self
    {
        /** @var array{headline: ?string, waits_for: ?string, cautions: int, to_settle: int, lacks_measures: bool, line: ?list<array{top_nm: int, end_nm: int, out_at_top_nm: int, out_at_end_nm: int, slope_at_top: float, slope_at_end: float}>} $told */
        $line = $told['line'] === null ? null : array_map(static fn (array $part): CurvePartData => new CurvePartData(...$part), $told['line']);

        return new self($told['headline'], $told['waits_for'], $told['cautions'], $told['to_settle'], $told['lacks_measures'], $line);
    }

    /** @return ?list<CurvePartData> */
    private static function line(Plan $plan): ?array
    {
        $drawing = $plan->isOnePrintedLine() ? null : $plan->drawing();

        return $drawing === null ? null : array_map(CurvePartData::of(...), $drawing->front->parts);
    }

    /** @return array<string, mixed> as they lie in the database */
    private static function attributes(Model $record): array
    {
        return array_diff_key($record->getAttributes(), array_flip(self::ASIDE));
    }
}
