<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use App\Models\Card;
use Carbon\CarbonImmutable;
use OpenApi\Attributes as OA;
use Underbolt\Measure\CardCheck;
use Underbolt\Measure\CardWarning;
use Underbolt\Measure\Unit;

#[OA\Schema]
final readonly class CardData
{
    /**
     * @param  list<ReadingData>  $readings
     * @param  list<MeasureData>  $measures
     * @param  list<CardWarningData>  $findings
     */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public int $version,
        #[OA\Property] public int $wearer_id,
        #[OA\Property] public string $wearer,
        #[OA\Property(description: 'figures are typed in; null for the user\'s own', enum: ['cm', 'in'], nullable: true)]
        public ?string $unit,
        #[OA\Property(format: 'date')] public string $taken_on,
        #[OA\Property] public string $foundation,
        #[OA\Property(enum: ['three', 'dress', 'skirt', 'trousers', 'everything'])] public string $point_set,
        #[OA\Property(items: new OA\Items(ref: ReadingData::class))] public array $readings,
        #[OA\Property(items: new OA\Items(ref: MeasureData::class))] public array $measures,
        #[OA\Property(items: new OA\Items(ref: CardWarningData::class))] public array $findings,
        #[OA\Property(ref: ChangesData::class, nullable: true)] public ?ChangesData $changes,
    ) {
    }

    /** @param  Unit  $unit the unit the sentences speak in */
    public static function of(Card $card, Unit $unit, CarbonImmutable $today): self
    {
        $card->load('readings', 'wearer');
        $before = $card->before();
        $readings = $card->readingsByPoint();
        $findings = (new CardCheck($readings, $before?->toBody(), $unit))->findings($card->taken_on, $today);

        return new self(
            id: $card->id,
            version: $card->version,
            wearer_id: $card->wearer_id,
            wearer: $card->wearer->name,
            unit: $card->wearer->unit?->value,
            taken_on: $card->taken_on->toDateString(),
            foundation: $card->foundation,
            point_set: $card->point_set->value,
            readings: array_values($card->readings->sortBy('attempt')->map(ReadingData::of(...))->all()),
            measures: MeasureData::all($readings),
            findings: array_map(static fn (CardWarning $finding): CardWarningData => CardWarningData::of($finding, $card->answers), $findings),
            changes: $before === null ? null : ChangesData::since($before, $card),
        );
    }
}
