<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use OpenApi\Attributes as OA;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;
use Underbolt\Wearing\CameBack;

#[OA\Schema(description: 'a finding that came back from make to make; taken only by hand')]
final readonly class CameBackData
{
    /** @param  list<string>  $pieces */
    private function __construct(
        #[OA\Property] public string $words,
        #[OA\Property] public string $place,
        #[OA\Property] public string $what,
        #[OA\Property(description: 'as it would be typed')] public string $amount,
        #[OA\Property] public string $where,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $pieces,
    ) {
    }

    public static function of(CameBack $back, Unit $unit): self
    {
        $amount = LengthPrint::sentence($back->latest->amount, $unit);

        return new self(ucfirst($back->words($amount)), $back->latest->place->value, $back->latest->deed->value, $amount, $back->latest->part->value, $back->latest->pieces);
    }
}
