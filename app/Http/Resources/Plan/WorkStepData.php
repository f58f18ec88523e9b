<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use Underbolt\Altering\WorkStep;

#[OA\Schema]
final readonly class WorkStepData
{
    /**
     * @param  list<string>  $pieces
     * @param  list<string>  $how
     */
    public function __construct(
        #[OA\Property] public string $kind,
        #[OA\Property] public string $text,
        #[OA\Property(description: 'longer or wider above 0')] public ?int $amount_nm,
        #[OA\Property] public ?int $edges,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $pieces,
        #[OA\Property(description: 'what the hands do for it, one after the other', items: new OA\Items(type: 'string'))] public array $how,
    ) {
    }

    public static function of(WorkStep $step): self
    {
        return new self($step->kind, $step->text, $step->amount?->nanometres, $step->edges, $step->pieces, $step->how);
    }
}
