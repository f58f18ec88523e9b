<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Auth;

/** A record that its own user alone can reach: to anyone else's request it does not exist (404). */
trait OwnedByUser
{
    /**
     * @param  mixed  $value
     * @param  string|null  $field
     */
    public function resolveRouteBinding($value, $field = null): ?Model
    {
        return static::query()
            ->where('user_id', Auth::id())
            ->where($field ?? $this->getRouteKeyName(), $value)
            ->first();
    }
}
