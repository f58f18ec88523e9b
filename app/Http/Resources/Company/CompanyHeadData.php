<?php

declare(strict_types=1);

namespace App\Http\Resources\Company;

use App\Http\Resources\Plan\ChoicesDocument;
use App\Models\Wearer;
use App\Records\PatternCompany;
use OpenApi\Attributes as OA;
use stdClass;

#[OA\Schema(description: 'what a company sheet is of')]
final readonly class CompanyHeadData
{
    /**
     * @param  list<string>  $views
     * @param  list<string>  $fits
     * @param  list<CompanyWearerData>  $wearers
     * @param  ?list<int>  $picked
     */
    private function __construct(
        #[OA\Property] public int $pattern_id,
        #[OA\Property(description: 'of the company sheet, to be sent back with a change')] public int $version,
        #[OA\Property] public string $pattern,
        #[OA\Property] public string $house,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $views,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $fits,
        #[OA\Property(description: 'all that could be on it', items: new OA\Items(ref: CompanyWearerData::class))] public array $wearers,
        #[OA\Property(description: 'the ids of who is on it; null for all', type: 'array', items: new OA\Items(type: 'integer'), nullable: true)] public ?array $picked,
        #[OA\Property(ref: ChoicesDocument::class, description: 'for all')] public stdClass $choices,
        #[OA\Property(description: 'what is chosen otherwise, by a wearer\'s id', type: 'object', additionalProperties: new OA\AdditionalProperties(ref: ChoicesDocument::class))] public stdClass $exceptions,
        #[OA\Property(description: 'meant in the choices', enum: ['cm', 'in'])] public string $unit,
    ) {
    }

    public static function of(PatternCompany $sheet): self
    {
        return new self(
            pattern_id: $sheet->pattern->id,
            version: $sheet->pattern->company_version,
            pattern: $sheet->pattern->name,
            house: $sheet->pattern->house,
            views: $sheet->core()->parts->views ?? [],
            fits: $sheet->core()->parts->fits ?? [],
            wearers: array_values($sheet->everyone()->map(static fn (Wearer $wearer): CompanyWearerData => new CompanyWearerData($wearer->id, $wearer->name))->all()),
            picked: $sheet->picked(),
            choices: $sheet->choices(),
            exceptions: $sheet->shownExceptions(),
            unit: $sheet->unit()->value,
        );
    }
}
