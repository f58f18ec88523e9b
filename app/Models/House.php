<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use stdClass;
use Underbolt\Measure\Unit;

/**
 * A pattern house and the habits all its patterns share.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property Unit $unit the unit its figures were typed in
 * @property stdClass $habits as typed: see `HouseHabits`
 */
final class House extends Model
{
    use Binnable;
    use Keeps;
    use OwnedByUser;
    use Versioned;

    public const KEPT = ['name', 'unit', 'habits', 'is_demo'];

    public const BELONGS_TO = ['user_id'];

    protected $attributes = ['version' => 1];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['unit' => Unit::class, 'habits' => 'object', 'version' => 'integer'];
    }
}
