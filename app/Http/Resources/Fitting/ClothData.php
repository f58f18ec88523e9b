<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use App\Http\Resources\Plan\CautionData;
use App\Http\Resources\Plan\NeedData;
use App\Models\Make;
use OpenApi\Attributes as OA;
use stdClass;
use Underbolt\Advice\Caution;
use Underbolt\Advice\Cautions;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Cloth\ClothWords;
use Underbolt\Planning\Plan;
use Underbolt\Work\ShoppingNeed;
use Underbolt\Work\ToBuy;

/** The cloth of a make, and what has to be there before it is cut. */
final readonly class ClothData
{
    /**
     * @param  int  $version  of the make, to be sent back with a change
     * @param  string  $title  its own name, or its pattern's
     * @param  value-of<Unit>  $unit  meant in the document
     * @param  string  $recommended  cloths that the pattern recommends, as printed
     * @param  list<string>  $words  what the names of these cloths, and of the one at hand, mean for the choice: a sentence each
     * @param  string  $drafted_for  what it is drafted for
     * @param  list<CautionData>  $cautions  where cloth and pattern don't go together
     * @param  list<int>  $widths_nm  that the pattern lists amounts for
     * @param  list<EnvelopeNeedData>  $envelopes
     * @param  list<FileData>  $files
     * @param  list<NeedData>  $needs
     */
    private function __construct(
        public int $make_id,
        public int $version,
        public string $wearer,
        public string $title,
        public string $unit,
        #[OA\Property(ref: ClothDocument::class)] public stdClass $document,
        public string $recommended,
        public array $words,
        public string $drafted_for,
        #[OA\Property(description: 'how far the cloth stretches, in per cent; null where it wasn\'t tried', nullable: true)] public ?float $stretch_percent,
        public array $cautions,
        public array $widths_nm,
        public array $envelopes,
        public array $files,
        public array $needs,
        public int $to_buy,
    ) {
    }

    public static function of(Make $make, Plan $plan): self
    {
        $buy = ToBuy::of($plan);
        $fabric = $plan->make->pattern->fabric;
        $widths = array_filter(array_map(static fn (ShoppingNeed $need): ?int => $need->width?->nanometres, ShoppingNeed::of($plan)), is_int(...));

        return new self(
            make_id: $make->id,
            version: $make->version,
            wearer: $make->card->wearer->name,
            title: $make->title(),
            unit: $make->unit->value,
            document: $make->cloth,
            recommended: $plan->make->pattern->notes->cloths,
            words: ClothWords::in("{$plan->make->pattern->notes->cloths} ".($plan->make->cloth->name ?? '')),
            drafted_for: $fabric->kind->value.($fabric->stretchPercent > 0 ? " with {$fabric->stretchPercent} % stretch" : ''),
            stretch_percent: $plan->make->cloth?->stretchPercent(),
            cautions: array_map(
                CautionData::of(...),
                array_values(array_filter(Cautions::of($plan), static fn (Caution $caution): bool => $caution->code->isOfCloth())),
            ),
            widths_nm: array_values(array_unique($widths)),
            envelopes: array_map(EnvelopeNeedData::of(...), $buy->envelopes),
            files: array_map(FileData::of(...), $buy->files),
            needs: array_map(NeedData::of(...), $buy->needs),
            to_buy: $buy->missing(),
        );
    }
}
