<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use Underbolt\Planning\Plan;
use Underbolt\Seam\SeamDrawing;

#[OA\Schema]
final readonly class SeamDrawingData
{
    /**
     * @param  list<int>  $depths_nm
     * @param  list<SeamLineData>  $lines
     * @param  list<?int>  $front_nm
     * @param  ?list<?int>  $back_nm
     * @param  ?list<?int>  $blend_nm
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(type: 'integer'))] public array $depths_nm,
        #[OA\Property(items: new OA\Items(ref: SeamLineData::class))] public array $lines,
        #[OA\Property(description: 'the line that is cut', items: new OA\Items(type: 'integer', nullable: true))] public array $front_nm,
        #[OA\Property(description: 'the back\'s, where it differs', type: 'array', items: new OA\Items(type: 'integer', nullable: true), nullable: true)] public ?array $back_nm,
        #[OA\Property(description: 'the front\'s blend alone, where the line is more than that', type: 'array', items: new OA\Items(type: 'integer', nullable: true), nullable: true)] public ?array $blend_nm,
    ) {
    }

    public static function of(SeamDrawing $drawing, Plan $plan): self
    {
        $lines = [];
        foreach ($drawing->lines as $size => $line) {
            $lines[] = new SeamLineData($plan->nameOf($size), self::whole($line));
        }

        return new self(
            $drawing->depths,
            $lines,
            self::whole($drawing->front),
            $drawing->back === null ? null : self::whole($drawing->back),
            $drawing->blend === null ? null : self::whole($drawing->blend),
        );
    }

    /**
     * @template T of ?float
     *
     * @param  list<T>  $line
     * @return list<(T is null ? null : int)>
     */
    private static function whole(array $line): array
    {
        return array_map(static fn (?float $out): ?int => $out === null ? null : (int) round($out), $line);
    }
}
