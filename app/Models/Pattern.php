<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use stdClass;
use Underbolt\File\FaultLog;
use Underbolt\File\Node;
use Underbolt\File\PatternReader;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Pattern as CorePattern;

/**
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property string $house
 * @property Unit $unit the unit its figures were printed in
 * @property stdClass $document the `pattern` part of a make file, as typed, faults and all
 */
final class Pattern extends Model
{
    use OwnedByUser;

    protected $fillable = ['name', 'house', 'unit', 'document'];

    protected $attributes = ['house' => ''];

    /** Null where not even the sizes can be read. */
    public function toCore(FaultLog $log): ?CorePattern
    {
        return PatternReader::read(Node::root($this->document, 'pattern', $this->unit, $log));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['unit' => Unit::class, 'document' => 'object'];
    }
}
