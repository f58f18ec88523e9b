<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Underbolt\Measure\Unit;

/**
 * What a tape has sent, unread by anyone yet: only the field it lands in decides whether it is a figure.
 *
 * @property int $id rising: a listener asks for what came after the last one it has seen
 * @property string $text
 * @property Unit $unit
 */
final class TapeReading extends Model
{
    protected $fillable = ['text', 'unit'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['unit' => Unit::class];
    }
}
