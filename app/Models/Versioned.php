<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A record that counts its changes, so that one made from an old view of it is noticed.
 *
 * @property int $version grows by one with every change
 */
trait Versioned
{
    /** Counts one more change; false where the record has changed since the version that was seen. */
    public function advance(int $seen): bool
    {
        $changed = self::query()->where('id', $this->id)->where('version', $seen)->update(['version' => $seen + 1]);
        if ($changed === 1) {
            $this->version = $seen + 1;
            $this->syncOriginalAttribute('version');
        }

        return $changed === 1;
    }
}
