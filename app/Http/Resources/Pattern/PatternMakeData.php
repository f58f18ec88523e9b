<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use App\Models\Make;
use App\Models\Pattern;

/** A make from the pattern. */
final readonly class PatternMakeData
{
    /** @param  string  $name  its own; may be empty */
    public function __construct(
        public int $id,
        public string $wearer,
        public string $name,
    ) {
    }

    /** @return list<self> the newest first */
    public static function all(Pattern $pattern): array
    {
        $makes = Make::query()->where('pattern_id', $pattern->id)->with('card.wearer')->get()->sortByDesc('id');

        return array_values($makes->map(static fn (Make $make): self => new self($make->id, $make->card->wearer->name, $make->name))->all());
    }
}
