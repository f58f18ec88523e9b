<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\AccountLimits;
use Illuminate\Database\Eloquent\Builder;

/**
 * A record that can be put into the bin: from then on nothing finds it but what asks `anywhere`.
 *
 * @property ?int $bin_entry_id with what it went into the bin; null while it is in use
 */
trait Binnable
{
    protected static function bootBinnable(): void
    {
        static::addGlobalScope('in_use', static fn (Builder $records) => $records->whereNull($records->qualifyColumn('bin_entry_id')));
        // What is being brought back is counted before: all of it at once.
        static::creating(static fn (Wearer|Card|Pattern|Make|House|Nest $record): bool => $record->bin_entry_id !== null || AccountLimits::makeRoom($record));
    }

    /** @return Builder<static> in use or in the bin */
    public static function anywhere(): Builder
    {
        return static::query()->withoutGlobalScope('in_use');
    }
}
