<?php

declare(strict_types=1);

namespace App\Records;

use Closure;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

/** What was worked out of records once, and is told again as long as nothing changed that it came from. */
final class Tellings
{
    private const AT_ONCE = 400;

    /** @param  'make'|'pattern'  $kind */
    public function __construct(private readonly string $kind)
    {
    }

    /**
     * @param  array<int, string>  $stamps  of all that a record's is worked out from, by its number
     * @param  Closure(int): array<string, mixed>  $tell
     * @return array<int, array<string, mixed>> by number
     */
    public function of(array $stamps, Closure $tell): array
    {
        $told = $this->kept($stamps);
        $new = [];
        foreach (array_diff_key($stamps, $told) as $id => $stamp) {
            $told[$id] = $tell($id);
            $new[] = ["{$this->kind}_id" => $id, 'stamp' => $stamp, 'told' => json_encode($told[$id], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE)];
        }
        $this->keep($new);

        return $told;
    }

    /** Of what all that something is worked out from makes one word. */
    public static function stamp(mixed ...$parts): string
    {
        return hash('xxh128', config()->string('app.rules').json_encode($parts, JSON_INVALID_UTF8_SUBSTITUTE));
    }

    /**
     * @param  array<int, string>  $stamps
     * @return array<int, array<string, mixed>>
     */
    private function kept(array $stamps): array
    {
        $told = [];
        foreach (array_chunk(array_keys($stamps), self::AT_ONCE) as $ids) {
            foreach (DB::table("{$this->kind}_tellings")->whereIn("{$this->kind}_id", $ids)->get() as $row) {
                /** @var array{stamp: string, told: string, make_id?: int, pattern_id?: int} $kept */
                $kept = (array) $row;
                $id = $kept["{$this->kind}_id"] ?? 0;
                if ($kept['stamp'] === ($stamps[$id] ?? null)) {
                    /** @var array<string, mixed> $telling */
                    $telling = json_decode($kept['told'], true, flags: JSON_THROW_ON_ERROR);
                    $told[$id] = $telling;
                }
            }
        }

        return $told;
    }

    /** @param  list<array<string, mixed>>  $new */
    private function keep(array $new): void
    {
        try {
            foreach (array_chunk($new, self::AT_ONCE) as $rows) {
                DB::table("{$this->kind}_tellings")->upsert($rows, ["{$this->kind}_id"], ['stamp', 'told']);
            }
        } catch (QueryException) {
            // Where nothing can be kept just now, it is worked out again the next time.
        }
    }
}
