<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Str;

/**
 * A tape measure that sends its readings itself; one for each user.
 *
 * @property int $id
 * @property int $user_id
 * @property string $token_hash
 */
final class Tape extends Model
{
    protected $fillable = ['user_id', 'token_hash'];

    /** @return HasMany<TapeReading, $this> */
    public function readings(): HasMany
    {
        return $this->hasMany(TapeReading::class);
    }

    /** Gives the user's tape a new token, the only one that works from now on, and tells it this once. */
    public static function issue(User $user): string
    {
        $token = Str::random(32);
        self::query()->updateOrCreate(['user_id' => $user->id], ['token_hash' => self::hash($token)]);

        return $token;
    }

    /** Keeps its own newest readings: other tapes count for nothing here. */
    public function forgetOlderThan(int $kept): void
    {
        $last = $this->readings()->toBase()->orderByDesc('id')->skip($kept)->value('id');
        if (is_int($last)) {
            $this->readings()->where('id', '<=', $last)->delete();
        }
    }

    public static function withToken(string $token): ?self
    {
        return self::query()->where('token_hash', self::hash($token))->first();
    }

    private static function hash(string $token): string
    {
        return hash('sha256', $token);
    }
}
