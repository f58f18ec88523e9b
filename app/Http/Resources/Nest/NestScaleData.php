<?php

declare(strict_types=1);

namespace App\Http\Resources\Nest;

use OpenApi\Attributes as OA;
use Underbolt\Nest\Mending\HeldFigure;
use Underbolt\Nest\Mending\TrueSize;

/** A drawing held against what is known of its pattern. */
final readonly class NestScaleData
{
    /** @param  list<string>  $says  what was held against it, in sentences: what is off, or everything where all is */
    public function __construct(
        #[OA\Property(description: 'of how much of its true size it seems to be; null where all that is known agrees', nullable: true)] public ?float $seems,
        public array $says,
    ) {
    }

    public static function of(TrueSize $held): self
    {
        $seems = $held->seems();
        $told = $seems === null ? $held->differing() : $held->figures;

        return new self($seems === null ? null : round($seems, 4), array_map(
            static fn (HeldFigure $one): string => sprintf('%s: %.1f cm on the drawing, %.1f cm on the pattern', $one->what, $one->drawn / 10, $one->known / 10),
            $told,
        ));
    }
}
