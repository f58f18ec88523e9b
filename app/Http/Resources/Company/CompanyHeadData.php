<?php

declare(strict_types=1);

namespace App\Http\Resources\Company;

use App\Http\Resources\Plan\ChoicesDocument;
use App\Models\Wearer;
use App\Records\PatternCompany;
use OpenApi\Attributes as OA;
use stdClass;
use Underbolt\Measure\Unit;

/** What a company sheet is of. */
final readonly class CompanyHeadData
{
    /**
     * @param  int  $version  of the company sheet, to be sent back with a change
     * @param  list<string>  $views
     * @param  list<string>  $fits
     * @param  list<CompanyWearerData>  $wearers  all that could be on it
     * @param  ?list<int>  $picked  the ids of who is on it; null for all
     * @param  stdClass  $exceptions  what is chosen otherwise, by a wearer's id
     * @param  value-of<Unit>  $unit  meant in the choices
     */
    private function __construct(
        public int $pattern_id,
        public int $version,
        public string $pattern,
        public string $house,
        public array $views,
        public array $fits,
        public array $wearers,
        public ?array $picked,
        #[OA\Property(ref: ChoicesDocument::class, description: 'for all')] public stdClass $choices,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(ref: ChoicesDocument::class))] public stdClass $exceptions,
        public string $unit,
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
