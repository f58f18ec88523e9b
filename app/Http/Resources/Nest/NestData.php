<?php

declare(strict_types=1);

namespace App\Http\Resources\Nest;

use App\Http\Resources\Account\FaultData;
use App\Models\Nest;
use App\Models\Pattern;
use OpenApi\Attributes as OA;
use stdClass;
use Underbolt\File\Typed\FaultLog;
use Underbolt\Nest\Readiness;
use Underbolt\Nest\SizeNames;
use Underbolt\Refusal;

/** The drawing of one piece in all its sizes, and what is marked on it. */
final readonly class NestData
{
    /**
     * @param  'front'|'back'|'front_lining'|'back_lining'|'skirt_front'|'skirt_back'  $piece
     * @param  int  $version  to be sent back with a change
     * @param  string  $name  of the file
     * @param  bool  $has_size  whether the file said how large it is
     * @param  list<string>  $notes  what was left out
     * @param  list<NestDrawnLineData>  $lines
     * @param  stdClass  $proposed  ids by size
     * @param  list<FaultData>  $missing  what is missing before a line can be drawn
     * @param  ?NestScaleData  $scale  null until enough is marked to hold it against the pattern
     */
    public function __construct(
        public string $piece,
        public int $version,
        public string $name,
        #[OA\Property] public float $width_mm,
        #[OA\Property] public float $height_mm,
        public bool $has_size,
        public array $notes,
        public array $lines,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))] public stdClass $proposed,
        #[OA\Property(ref: NestMarksDocument::class)] public stdClass $marks,
        #[OA\Property(description: 'where the ends of the sizes lie that were not marked', ref: NestMarksDocument::class)] public stdClass $filled,
        public array $missing,
        public ?NestScaleData $scale,
    ) {
    }

    /** @param  Pattern  $pattern  that it is of */
    public static function of(Nest $nest, Pattern $pattern): self
    {
        $drawing = $nest->drawn();
        $filled = new stdClass;
        $missing = [];
        try {
            $marks = $nest->marked($drawing);
            $filled = (object) ['underarm' => (object) $marks->underarm, 'hem' => (object) $marks->hem];
            // Ready is said where every make has its line, and nowhere else.
            Readiness::check($drawing, $marks);
            $nest->settle($drawing, $pattern);
        } catch (Refusal $refusal) {
            $missing = array_map(FaultData::of(...), $refusal->faults());
        }

        $held = $nest->held($drawing, $pattern);

        return new self(
            piece: $nest->piece,
            version: $nest->version,
            name: $nest->name,
            width_mm: round($drawing->widthMm, 2),
            height_mm: round($drawing->heightMm, 2),
            has_size: $drawing->hasSize,
            notes: $drawing->notes,
            lines: array_map(NestDrawnLineData::of(...), $drawing->lines),
            proposed: (object) SizeNames::propose($drawing, $pattern->toCore(new FaultLog)->sizes ?? []),
            marks: $nest->marks,
            filled: $filled,
            missing: $missing,
            scale: $held === null ? null : NestScaleData::of($held),
        );
    }
}
