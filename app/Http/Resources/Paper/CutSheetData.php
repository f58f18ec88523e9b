<?php

declare(strict_types=1);

namespace App\Http\Resources\Paper;

use App\Http\Resources\Pattern\OptionData;
use App\Http\Resources\Plan\CautionData;
use App\Http\Resources\Plan\NeedData;
use App\Http\Resources\Plan\PieceCutData;
use App\Models\SizeLabels;
use App\Paper\MakePaper;
use OpenApi\Attributes as OA;
use stdClass;
use Underbolt\Altering\PaperWay;
use Underbolt\Altering\TryFirst;
use Underbolt\CutSheet\CutFrom;
use Underbolt\CutSheet\ToileAdvice;
use Underbolt\Wearing\Stage;
use Underbolt\Work\Pictures\LinePicture;
use Underbolt\Work\PieceCut;
use Underbolt\Work\Steps\Step;
use Underbolt\Work\Steps\StepKind;

/** What lies beside the cutting table; lengths in whole nanometres. */
final readonly class CutSheetData
{
    /**
     * @param  string  $card_foundation  what was worn underneath
     * @param  list<string>  $cut_from  which of the pattern's sheets, in words such as `cup C`, `view B`
     * @param  list<CutSheetLevelData>  $levels
     * @param  list<CutSheetStepData>  $steps  in the order of work
     * @param  string  $why  why in this order
     * @param  list<CheckLengthData>  $checks
     * @param  list<MissingData>  $missing
     * @param  'as printed'|'lengthened'  $paper
     * @param  ?LinePictureData  $picture  of the line to cut; null where there is none to draw
     * @param  value-of<PaperWay>  $to_cloth  how the line gets to the cloth
     * @param  list<PieceCutData>  $pieces
     * @param  list<NeedData>  $needs
     * @param  list<CautionData>  $cautions
     * @param  string  $toile  what to try before the cloth is cut
     * @param  ?value-of<TryFirst>  $try_first  where the sewist has chosen it
     * @param  ?bool  $sleeve_first  whether the sleeve's steps come before the body's; null where there are none
     * @param  list<OptionData>  $try_first_ways  what could be tried first
     * @param  list<StageData>  $stages  how far a make can come
     * @param  stdClass  $done  days by the key of what is done
     * @param  value-of<SizeLabels>  $labels  whether sizes are named on it
     * @param  list<string>  $sizes  in play, smallest first
     * @param  list<string>  $short_sizes  the same where there is little room
     * @param  bool  $has_allowance  whether the pattern says its seam allowance
     */
    public function __construct(
        public int $make_id,
        public string $wearer,
        #[OA\Property(format: 'date')] public string $card_taken_on,
        public string $card_foundation,
        public string $pattern,
        public string $house,
        public array $cut_from,
        public string $headline,
        public array $levels,
        public array $steps,
        public string $why,
        public string $paper,
        public string $to_cloth,
        public ?LinePictureData $picture,
        public StationTableData $stations,
        public array $pieces,
        public array $checks,
        public array $missing,
        public array $needs,
        public array $cautions,
        public string $toile,
        public ?string $try_first,
        public array $try_first_ways,
        public ?bool $sleeve_first,
        public array $stages,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))] public stdClass $done,
        public string $labels,
        public array $sizes,
        public array $short_sizes,
        public bool $has_allowance,
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
            cut_from: CutFrom::words($plan, $sheet->buy),
            headline: $sheet->headline,
            levels: array_map(CutSheetLevelData::of(...), $sheet->levels),
            steps: array_map(static fn (Step $step): CutSheetStepData => CutSheetStepData::of($step, $plan), $sheet->work->steps),
            why: $sheet->work->why,
            paper: $plan->paper(),
            to_cloth: $choices->paper->value,
            picture: LinePictureData::ofAny(LinePicture::of($plan, $sheet->work->line)),
            stations: StationTableData::of($sheet->work->line, $plan),
            pieces: array_map(static fn (PieceCut $piece): PieceCutData => PieceCutData::of($piece, $plan), $sheet->pieces),
            checks: array_map(CheckLengthData::of(...), $sheet->checks),
            missing: array_map(MissingData::of(...), $sheet->missing),
            needs: array_map(NeedData::of(...), $sheet->buy->needs),
            cautions: array_map(CautionData::of(...), $sheet->cautions),
            toile: $sheet->toile,
            try_first: ToileAdvice::chosen($sheet->plan)?->value,
            try_first_ways: array_map(static fn (TryFirst $one): OptionData => new OptionData($one->value, $one->words()), ToileAdvice::ways($sheet->plan)),
            sleeve_first: array_filter($sheet->work->steps, static fn (Step $step): bool => $step->kind === StepKind::Sleeve) === [] ? null : $sheet->plan->make->choices->sleeveFirst,
            stages: array_map(StageData::of(...), Stage::cases()),
            done: $paper->make->done,
            labels: $paper->labels->value,
            sizes: array_map($plan->nameOf(...), $plan->inPlay->sizes),
            short_sizes: array_map($plan->make->pattern->shortNameOf(...), $plan->inPlay->sizes),
            has_allowance: $plan->make->pattern->seam->seamAllowance !== null,
        );
    }
}
