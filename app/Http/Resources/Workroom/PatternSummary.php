<?php

declare(strict_types=1);

namespace App\Http\Resources\Workroom;

use App\Models\Pattern;
use OpenApi\Attributes as OA;
use Underbolt\File\Typed\FaultLog;
use Underbolt\Pattern\ChartCheck;

#[OA\Schema]
final readonly class PatternSummary
{
    /** @param  list<string>  $sizes */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $house,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $sizes,
        #[OA\Property(description: 'how many things in it need mending')] public int $faults,
    ) {
    }

    public static function of(Pattern $pattern): self
    {
        $log = new FaultLog;
        $core = $pattern->toCore($log);
        $unrising = $core === null ? [] : ChartCheck::all($core);

        return new self($pattern->id, $pattern->name, $pattern->house, $core->sizes ?? [], count($log->faults()) + count($unrising));
    }
}
