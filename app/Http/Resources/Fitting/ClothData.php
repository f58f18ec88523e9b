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
use Underbolt\Planning\Plan;
use Underbolt\Work\ShoppingNeed;
use Underbolt\Work\ToBuy;

#[OA\Schema(description: 'the cloth of a make, and what has to be there before it is cut')]
final readonly class ClothData
{
    /**
     * @param  list<CautionData>  $cautions
     * @param  list<int>  $widths_nm
     * @param  list<EnvelopeNeedData>  $envelopes
     * @param  list<FileData>  $files
     * @param  list<NeedData>  $needs
     */
    private function __construct(
        #[OA\Property] public int $make_id,
        #[OA\Property(description: 'of the make, to be sent back with a change')] public int $version,
        #[OA\Property] public string $wearer,
        #[OA\Property(description: 'its own name, or its pattern\'s')] public string $title,
        #[OA\Property(description: 'meant in the document', enum: ['cm', 'in'])] public string $unit,
        #[OA\Property(ref: ClothDocument::class)] public stdClass $document,
        #[OA\Property(description: 'cloths that the pattern recommends, as printed')] public string $recommended,
        #[OA\Property(description: 'what it is drafted for')] public string $drafted_for,
        #[OA\Property(description: 'how far the cloth stretches, in per cent; null where it wasn\'t tried', nullable: true)] public ?float $stretch_percent,
        #[OA\Property(description: 'where cloth and pattern don\'t go together', items: new OA\Items(ref: CautionData::class))] public array $cautions,
        #[OA\Property(description: 'that the pattern lists amounts for', items: new OA\Items(type: 'integer'))] public array $widths_nm,
        #[OA\Property(items: new OA\Items(ref: EnvelopeNeedData::class))] public array $envelopes,
        #[OA\Property(items: new OA\Items(ref: FileData::class))] public array $files,
        #[OA\Property(items: new OA\Items(ref: NeedData::class))] public array $needs,
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
        );
    }
}
