<?php

declare(strict_types=1);

namespace App\Http\Resources\Nest;

use App\Http\Resources\Plan\PlanData;
use App\Models\Nest;
use App\Paper\MakePaper;
use Underbolt\Nest\DrawnPiece;
use Underbolt\Nest\NestChecks;
use Underbolt\Nest\NestLine;

/** The line of a make on every drawing there is, and the plan it comes of. */
final readonly class NestLinesData
{
    /**
     * @param  list<NestLineData>  $pieces
     * @param  list<string>  $says  what the lengths of the seams say
     * @param  bool  $differs  whether front and back seam come out otherwise than they are printed, and can be trued
     * @param  'ease'|'hem'|null  $trued  what was chosen to be done about it
     */
    public function __construct(
        public PlanData $plan,
        public array $pieces,
        public array $says,
        public bool $differs,
        public ?string $trued,
    ) {
    }

    public static function of(MakePaper $paper): self
    {
        $differences = $paper->seamDifferences();
        $how = $differences === [] ? null : $paper->plan->make->choices->trueSeams;
        $says = [];
        foreach (DrawnPiece::pairs() as [$front, $back]) {
            array_push($says, ...NestChecks::of($front, self::line($paper, $front), self::line($paper, $back), $how === null ? null : $differences[$front->value] ?? null, $how));
        }
        $waists = NestChecks::waists(static fn (DrawnPiece $piece): ?NestLine => self::line($paper, $piece), $paper->plan->make->unit);

        return new self(
            PlanData::on($paper),
            array_map(static fn (Nest $nest): NestLineData => NestLineData::of($nest, $paper), $paper->nests()),
            [...$says, ...$waists],
            $differences !== [],
            $how?->value,
        );
    }

    private static function line(MakePaper $paper, DrawnPiece $piece): ?NestLine
    {
        $paper->seamDifferences();

        return $paper->ifOn($piece)?->line();
    }
}
