<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * Something that was deleted, with all that went along; when it goes, the database lets all of that go.
 *
 * @property int $id
 * @property int $user_id
 * @property BinKind $kind
 * @property string $name
 * @property CarbonImmutable $created_at when it was deleted
 */
final class BinEntry extends Model
{
    use OwnedByUser;

    protected $fillable = ['user_id', 'kind', 'name'];

    protected static function booted(): void
    {
        self::addGlobalScope('deleted', static fn (Builder $entries) => $entries->where('arriving', false));
    }

    /** @return Builder<self> what holds records that are on their way in, and were never deleted */
    public static function arriving(): Builder
    {
        return self::query()->withoutGlobalScope('deleted')->where('arriving', true);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => BinKind::class, 'created_at' => 'immutable_datetime'];
    }
}
