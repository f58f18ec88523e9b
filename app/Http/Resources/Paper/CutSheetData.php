<?php

declare(strict_types=1);

namespace App\Http\Resources\Paper;

use App\Http\Resources\Plan\CautionData;
use App\Http\Resources\Plan\NeedData;
use App\Http\Resources\Plan\PieceCutData;
use App\Paper\MakePaper;
use OpenApi\Attributes as OA;
use stdClass;
use Underbolt\Advice\Cautions;
use Underbolt\Wearing\Stage;
use Underbolt\Work\PieceCut;
use Underbolt\Work\ToBuy;

#[OA\Schema(description: 'what lies beside the cutting table; lengths in whole nanometres')]
final readonly class CutSheetData
{
    /**
     * @param  list<CutSheetLevelData>  $levels
     * @param  list<CutSheetStepData>  $steps
     * @param  list<PieceCutData>  $pieces
     * @param  list<NeedData>  $needs
     * @param  list<CautionData>  $cautions
     * @param  list<StageData>  $stages
     * @param  list<string>  $sizes
     * @param  list<string>  $short_sizes
     */
    public function __construct(
        #[OA\Property] public int $make_id,
        #[OA\Property] public string $wearer,
        #[OA\Property(format: 'date')] public string $card_taken_on,
        #[OA\Property(description: 'what was worn underneath')] public string $card_foundation,
        #[OA\Property] public string $pattern,
        #[OA\Property] public string $house,
        #[OA\Property] public ?string $view,
        #[OA\Property] public ?string $fit,
        #[OA\Property] public ?string $cup,
        #[OA\Property] public string $headline,
        #[OA\Property(items: new OA\Items(ref: CutSheetLevelData::class))] public array $levels,
        #[OA\Property(description: 'in the order of work', items: new OA\Items(ref: CutSheetStepData::class))] public array $steps,
        #[OA\Property(enum: ['as printed', 'lengthened'])] public string $paper,
        #[OA\Property(ref: StationTableData::class)] public StationTableData $stations,
        #[OA\Property(items: new OA\Items(ref: PieceCutData::class))] public array $pieces,
        #[OA\Property(items: new OA\Items(ref: NeedData::class))] public array $needs,
        #[OA\Property(items: new OA\Items(ref: CautionData::class))] public array $cautions,
        #[OA\Property(description: 'what to try before the cloth is cut')] public string $toile,
        #[OA\Property(description: 'how far a make can come', items: new OA\Items(ref: StageData::class))] public array $stages,
        #[OA\Property(description: 'days by the key of what is done', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))]
        public stdClass $done,
        #[OA\Property(description: 'whether sizes are named on it', enum: ['shown', 'hidden'])] public string $labels,
        #[OA\Property(description: 'in play, smallest first', items: new OA\Items(type: 'string'))] public array $sizes,
        #[OA\Property(description: 'the same where there is little room', items: new OA\Items(type: 'string'))] public array $short_sizes,
        #[OA\Property(description: 'whether the pattern says its seam allowance')] public bool $has_allowance,
    ) {
    }

    public static function of(MakePaper $paper): self
    {
        $sheet = $paper->sheet();
        $plan = $paper->plan;
        $choices = $plan->make->choices;

        return new self(
            make_id: $paper->make->id,
            wearer: $paper->make->card->wearer->name,
            card_taken_on: $paper->make->card->taken_on->toDateString(),
            card_foundation: $paper->make->card->foundation,
            pattern: $paper->make->pattern->name,
            house: $paper->make->pattern->house,
            view: $choices->view,
            fit: $choices->fit,
            cup: $plan->cup?->letter,
            headline: $sheet->headline,
            levels: array_map(CutSheetLevelData::of(...), $sheet->levels),
            steps: array_map(CutSheetStepData::of(...), $sheet->steps),
            paper: $plan->paper(),
            stations: StationTableData::of($paper->stations()),
            pieces: array_map(static fn (PieceCut $piece): PieceCutData => PieceCutData::of($piece, $plan), PieceCut::all($plan)),
            needs: array_map(NeedData::of(...), ToBuy::of($plan)->needs),
            cautions: array_map(CautionData::of(...), Cautions::of($plan)),
            toile: $sheet->toile,
            stages: array_map(StageData::of(...), Stage::cases()),
            done: $paper->make->done,
            labels: $paper->labels->value,
            sizes: array_map($plan->nameOf(...), $plan->inPlay->sizes),
            short_sizes: array_map($plan->make->pattern->shortNameOf(...), $plan->inPlay->sizes),
            has_allowance: $plan->make->pattern->seam->seamAllowance !== null,
        );
    }
}
