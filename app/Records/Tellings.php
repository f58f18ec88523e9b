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

    /** Nobody who only reads waits for somebody who writes: what isn't kept is worked out again. */
    private const WAIT_MS = 100;

    /** @param  'make'|'pattern'  $kind */
    public function __construct(private readonly string $kind)
    {
    }

    /**
     * @param  array<int, string>  $stamps  of all that a record's is worked out from, by its number
     * @param  Closure(int): (array<string, mixed>|object)  $tell
     * @return array<int, array<string, mixed>> by number
     */
    public function of(array $stamps, Closure $tell): array
    {
        $told = $this->kept($stamps);
        $new = [];
        foreach (array_diff_key($stamps, $told) as $id => $stamp) {
            $text = json_encode($tell($id), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE);
            $told[$id] = self::read($text);
            $new[] = ["{$this->kind}_id" => $id, 'stamp' => $stamp, 'told' => $text];
        }
        $this->keep($new);

        return $told;
    }

    /** Of all that something is worked out from, and the rules it is worked out by. */
    public static function stamp(mixed ...$parts): string
    {
        return Stamp::word(config()->string('app.rules'), ...$parts);
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
                    $told[$id] = self::read($kept['told']);
                }
            }
        }

        return $told;
    }

    /** @return array<string, mixed> whether it was just worked out or kept, the same */
    private static function read(string $text): array
    {
        /** @var array<string, mixed> $telling */
        $telling = json_decode($text, true, flags: JSON_THROW_ON_ERROR);

        return $telling;
    }

    /** @param  list<array<string, mixed>>  $new */
    private function keep(array $new): void
    {
        if ($new === []) {
            return;
        }
        $isSet = static fn (int $ms): bool => DB::statement("pragma busy_timeout = {$ms}");
        try {
            $isSet(self::WAIT_MS);
            foreach (array_chunk($new, self::AT_ONCE) as $rows) {
                DB::table("{$this->kind}_tellings")->upsert($rows, ["{$this->kind}_id"], ['stamp', 'told']);
            }
        } catch (QueryException) {
            // Where nothing can be kept just now, it is worked out again the next time.
        } finally {
            $isSet(config()->integer('database.connections.sqlite.busy_timeout'));
        }
    }
}
