<?php

declare(strict_types=1);

namespace App\Http\Resources\Workroom;

use App\Models\BinEntry;
use App\Models\BinKind;
use App\Records\Bin;
use Carbon\CarbonImmutable;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'something that was deleted and can be brought back')]
final readonly class BinEntryData
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property(enum: BinKind::class)] public string $kind,
        #[OA\Property] public string $name,
        #[OA\Property(description: 'what went with it, in words; empty where it went alone')] public string $with,
        #[OA\Property(format: 'date')] public string $deleted_on,
        #[OA\Property(description: 'days until it goes for good')] public int $days_left,
    ) {
    }

    public static function of(BinEntry $entry, CarbonImmutable $now): self
    {
        return new self(
            $entry->id,
            $entry->kind->value,
            $entry->name,
            Bin::wentAlong($entry),
            $entry->created_at->toDateString(),
            max(0, Bin::KEPT_DAYS - (int) $entry->created_at->diffInDays($now)),
        );
    }
}
