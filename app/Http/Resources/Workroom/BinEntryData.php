<?php

declare(strict_types=1);

namespace App\Http\Resources\Workroom;

use App\Models\BinEntry;
use App\Models\BinKind;
use App\Records\Bin;
use Carbon\CarbonImmutable;
use OpenApi\Attributes as OA;

/** Something that was deleted and can be brought back. */
final readonly class BinEntryData
{
    /**
     * @param  value-of<BinKind>  $kind
     * @param  string  $with  what went with it, in words; empty where it went alone
     * @param  int  $days_left  days until it goes for good
     */
    public function __construct(
        public int $id,
        public string $kind,
        public string $name,
        public string $with,
        #[OA\Property(format: 'date')] public string $deleted_on,
        public int $days_left,
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
