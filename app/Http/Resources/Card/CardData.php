<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use App\Models\Card;
use Carbon\CarbonImmutable;
use OpenApi\Attributes as OA;
use Underbolt\Measure\CardCheck;
use Underbolt\Measure\CardWarning;
use Underbolt\Measure\PointSet;
use Underbolt\Measure\Unit;

final readonly class CardData
{
    /**
     * @param  ?value-of<Unit>  $unit  figures are typed in; null for the user's own
     * @param  value-of<PointSet>  $point_set
     * @param  bool  $round_a_board  whether the hip was measured round a board held against the tummy
     * @param  list<ReadingData>  $readings
     * @param  list<MeasureData>  $measures
     * @param  list<CardWarningData>  $findings
     */
    public function __construct(
        public int $id,
        public int $version,
        public int $wearer_id,
        public string $wearer,
        public ?string $unit,
        #[OA\Property(format: 'date')] public string $taken_on,
        public string $foundation,
        public string $measured_by,
        public string $point_set,
        public bool $round_a_board,
        public array $readings,
        public array $measures,
        public array $findings,
        public ?ChangesData $changes,
    ) {
    }

    /** @param  Unit  $unit the unit the sentences speak in */
    public static function of(Card $card, Unit $unit, CarbonImmutable $today): self
    {
        $card->load('readings', 'wearer');
        $before = $card->before();
        $readings = $card->readingsByPoint();
        $findings = (new CardCheck($readings, $before?->toBody(), $unit, $card->round_a_board))->findings($card->taken_on, $today);

        return new self(
            id: $card->id,
            version: $card->version,
            wearer_id: $card->wearer_id,
            wearer: $card->wearer->name,
            unit: $card->wearer->unit?->value,
            taken_on: $card->taken_on->toDateString(),
            foundation: $card->foundation,
            measured_by: $card->measured_by,
            point_set: $card->point_set->value,
            round_a_board: $card->round_a_board,
            readings: array_values($card->readings->sortBy('attempt')->map(ReadingData::of(...))->all()),
            measures: MeasureData::all($readings),
            findings: array_map(static fn (CardWarning $finding): CardWarningData => CardWarningData::of($finding, $card->answers), $findings),
            changes: $before === null ? null : ChangesData::since($before, $card),
        );
    }
}
