<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use App\Records\LastTime;

/** What the last make of the same pattern was changed by; each is taken by hand, or all at once. */
final readonly class LastTimeData
{
    /**
     * @param  string  $worn  how it was, in words; empty where nothing was said
     * @param  string  $note  one sentence for next time
     * @param  list<LastChangeData>  $changes
     */
    private function __construct(public int $make_id, public string $title, public string $worn, public string $note, public array $changes)
    {
    }

    public static function ofAny(?LastTime $last): ?self
    {
        return $last === null ? null : new self($last->make->id, $last->make->title(), $last->worn, $last->note, array_map(
            static fn (string $key, string $words): LastChangeData => new LastChangeData($key, $words, $last->isTaken($key), $last->isTaken($key) || str_starts_with($key, 'findings.') ? null : $last->here[$key] ?? null),
            array_keys($last->changes),
            array_values($last->changes),
        ));
    }
}
