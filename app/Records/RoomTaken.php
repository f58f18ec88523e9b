<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Card;
use App\Models\House;
use App\Models\Make;
use App\Models\Nest;
use App\Models\Pattern;
use App\Models\Wearer;
use Illuminate\Container\Attributes\Scoped;

/** How many records there are of which a request makes more: counted once, then with it. */
#[Scoped]
final class RoomTaken
{
    /** @var array<string, int> by kind and whose they are */
    private array $counts = [];

    /** @return int how many there were before this one */
    public function before(Wearer|Card|Pattern|Make|House|Nest $record): int
    {
        [$key, $whose] = $record instanceof Card ? ['wearer_id', $record->wearer_id] : ['user_id', $record->user_id];
        $of = $record::class." {$whose}";
        $this->counts[$of] ??= $record::anywhere()->where($key, $whose)->count();

        return $this->counts[$of]++;
    }
}
