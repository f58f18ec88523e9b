<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use App\Models\Make;
use OpenApi\Attributes as OA;
use stdClass;
use Underbolt\Advice\Headline;
use Underbolt\Altering\Alteration;
use Underbolt\Altering\FittingFinding;
use Underbolt\Altering\FittingPlace;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Planning\Plan;
use Underbolt\Wearing\ChangedSince;
use Underbolt\Wearing\OwnLine;
use Underbolt\Wearing\Trial;

/** The tracings of a make, what was found on them, and what was said of it once it was worn. */
final readonly class FittingData
{
    /**
     * @param  int  $version  of the make, to be sent back with a change
     * @param  string  $title  its own name, or its pattern's
     * @param  value-of<Unit>  $unit  that the make's figures are kept in
     * @param  list<FittingFindingData>  $findings
     * @param  list<OwnLineData>  $own_lines  of those that are measured on both
     * @param  list<string>  $changed_since  at which levels the make is cut in another size than when the verdict was kept
     * @param  list<WornLevelData>  $levels
     * @param  list<WordData>  $places
     * @param  list<WordData>  $deeds
     * @param  list<ProposedPiecesData>  $pieces  those that have the seam there
     * @param  list<string>  $all_pieces  that the pattern lists
     * @param  list<TrialData>  $trials
     */
    private function __construct(
        public int $make_id,
        public int $version,
        public string $wearer,
        public string $title,
        public string $unit,
        public string $headline,
        #[OA\Property(ref: FittingDocument::class)] public stdClass $document,
        public array $findings,
        public array $own_lines,
        #[OA\Property(ref: VerdictDocument::class)] public stdClass $verdict,
        public array $changed_since,
        public array $levels,
        public array $places,
        public array $deeds,
        public array $pieces,
        public array $all_pieces,
        public array $trials,
    ) {
    }

    public static function of(Make $make, Plan $plan, Unit $unit): self
    {
        $fitting = $make->fitted();
        $verdict = $make->worn();

        return new self(
            make_id: $make->id,
            version: $make->version,
            wearer: $make->card->wearer->name,
            title: $make->title(),
            unit: $make->unit->value,
            headline: Headline::of($plan),
            document: $make->fitting,
            findings: array_map(static fn (FittingFinding $finding): FittingFindingData => FittingFindingData::of($finding, $fitting, $unit), $fitting->findings),
            own_lines: array_map(static fn (OwnLine $line): OwnLineData => OwnLineData::of($line, $unit), $fitting->ownLines),
            verdict: VerdictDocument::worded($make),
            changed_since: ChangedSince::of(array_map($make->sizeWords()->name(...), $verdict->sizes), $plan),
            levels: WornLevelData::all($plan, $verdict->ease),
            places: array_map(static fn (FittingPlace $place): WordData => new WordData($place->value, $place->words()), FittingPlace::cases()),
            deeds: array_map(static fn (Alteration $deed): WordData => new WordData($deed->value, $deed->words()), Alteration::cases()),
            pieces: ProposedPiecesData::all($plan),
            all_pieces: array_map(static fn (Piece $piece): string => $piece->name, $plan->make->pattern->notes->pieces),
            trials: array_map(TrialData::of(...), Trial::cases()),
        );
    }
}
