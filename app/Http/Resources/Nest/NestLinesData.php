<?php

declare(strict_types=1);

namespace App\Http\Resources\Nest;

use App\Http\Resources\Plan\PlanData;
use App\Models\Nest;
use App\Paper\MakePaper;
use Underbolt\Nest\NestChecks;
use Underbolt\Nest\NestLine;
use Underbolt\Refusal;

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
        $lines = [];
        foreach ($paper->nests() as $nest) {
            $lines[$nest->piece] = self::line($paper, $nest);
        }

        $difference = $paper->seamDifference();
        $how = $paper->plan->make->choices->trueSeams;

        return new self(
            PlanData::on($paper),
            array_map(static fn (Nest $nest): NestLineData => NestLineData::of($nest, $paper), $paper->nests()),
            NestChecks::of($lines['front'] ?? null, $lines['back'] ?? null, $how === null ? null : $difference, $how),
            $difference !== null,
            $difference === null ? null : $how?->value,
        );
    }

    private static function line(MakePaper $paper, Nest $nest): ?NestLine
    {
        try {
            return $paper->lineOn($nest);
        } catch (Refusal) {
            return null;
        }
    }
}
