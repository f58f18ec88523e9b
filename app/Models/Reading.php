<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Underbolt\Measure\Point;
use Underbolt\Measure\Unit;

/**
 * One figure read off the tape, as it was typed.
 *
 * @property int $id
 * @property int $card_id
 * @property Point $point
 * @property int $attempt which try at the point, from 1
 * @property string $text
 * @property Unit $unit the unit meant where the text names none
 * @property int $nanometres
 * @property bool $picked whether it was said to be the one that counts
 */
final class Reading extends Model
{
    use Keeps;

    public const KEPT = ['point', 'attempt', 'text', 'unit', 'nanometres', 'picked'];

    public const BELONGS_TO = ['card_id'];

    protected $attributes = ['picked' => false];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['point' => Point::class, 'unit' => Unit::class, 'nanometres' => 'integer', 'attempt' => 'integer', 'picked' => 'boolean'];
    }
}
