<?php

declare(strict_types=1);

namespace App\Models;

use Closure;
use Illuminate\Support\Facades\DB;

/**
 * A record that counts its changes, so that one made from an old view of it is noticed.
 *
 * @property int $version grows by one with every change
 */
trait Versioned
{
    /**
     * Makes a change, and counts it, if the record still is as it was seen.
     *
     * @template T
     *
     * @param  Closure(): T  $change
     * @return ?T what the change gives; null, and nothing is changed, where the record has changed since
     */
    public function changeSince(int $seen, Closure $change): mixed
    {
        $made = null;
        DB::transaction(function () use ($seen, $change, &$made): void {
            $made = $this->advance($seen) ? $change() : null;
        });

        return $made;
    }

    private function advance(int $seen): bool
    {
        $changed = self::query()->where('id', $this->id)->where('version', $seen)->update(['version' => $seen + 1]);
        if ($changed === 1) {
            $this->version = $seen + 1;
            $this->syncOriginalAttribute('version');
        }

        return $changed === 1;
    }
}
