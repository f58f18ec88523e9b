<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;
use Underbolt\Pattern\EaseLook;
use Underbolt\Pattern\Level;
use Underbolt\Pattern\Pattern;

/** What the charts leave out: how much ease each size was drawn with, finished less body. */
#[OA\Schema(description: 'nanometres, one for each size')]
final readonly class DraftedEaseData
{
    /**
     * @param  list<?int>  $bust
     * @param  list<?int>  $waist
     * @param  list<?int>  $hip
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(type: 'integer', nullable: true))] public array $bust,
        #[OA\Property(items: new OA\Items(type: 'integer', nullable: true))] public array $waist,
        #[OA\Property(items: new OA\Items(type: 'integer', nullable: true))] public array $hip,
    ) {
    }

    public static function of(?Pattern $pattern): self
    {
        $row = static fn (Level $level): array => array_map(
            static fn (int $size): ?int => $pattern === null ? null : EaseLook::drafted($pattern, $level, $size)?->nanometres,
            array_keys($pattern->sizes ?? []),
        );

        return new self($row(Level::Bust), $row(Level::Waist), $row(Level::Hip));
    }
}
