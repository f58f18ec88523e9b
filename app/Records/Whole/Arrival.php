<?php

declare(strict_types=1);

namespace App\Records\Whole;

use App\Models\BinEntry;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Sleep;

/**
 * Records on their way in: written a few at a time, so that nobody waits for them, and out of sight as what is in the bin is,
 * until they land all at once. What was left by a server that was killed on the way goes the next time, or within a day.
 */
final class Arrival
{
    /** So long others may wait for what is written at once; then it is their turn. */
    private const WRITE_MS = 40;

    private const OTHERS_MS = 15;

    /** Of what goes again at once. */
    private const GONE_AT_ONCE = 500;

    private const LEFT_BEHIND_HOURS = 20;

    /** Children first. */
    private const TABLES = ['makes', 'nests', 'cards', 'wearers', 'patterns', 'houses'];

    private float $since = 0.0;

    /** Transactions that were open before. */
    private readonly int $outside;

    private function __construct(public readonly int $id)
    {
        $this->outside = DB::transactionLevel();
    }

    public static function begun(User $user): self
    {
        self::leave(BinEntry::arriving()->where('user_id', $user->id)->pluck('id')->all());
        $entry = BinEntry::query()->forceCreate(['user_id' => $user->id, 'kind' => 'make', 'name' => '', 'arriving' => true]);

        return new self($entry->id);
    }

    /** What nobody brings any further. */
    public static function clear(CarbonImmutable $now): void
    {
        self::leave(BinEntry::arriving()->where('created_at', '<', $now->subHours(self::LEFT_BEHIND_HOURS))->pluck('id')->all());
    }

    public function open(): void
    {
        DB::beginTransaction();
        $this->since = hrtime(true) / 1e6;
    }

    /** Between two records: others get their turn. */
    public function pause(): void
    {
        if (hrtime(true) / 1e6 - $this->since > self::WRITE_MS) {
            DB::commit();
            Sleep::for(self::OTHERS_MS)->milliseconds();
            $this->open();
        }
    }

    /**
     * All is written: it comes into sight at once, with what else belongs to it.
     *
     * @param  callable(): void  $else
     */
    public function land(callable $else): void
    {
        DB::commit();
        DB::transaction(function () use ($else): void {
            foreach (self::TABLES as $table) {
                DB::table($table)->where('bin_entry_id', $this->id)->update(['bin_entry_id' => null]);
            }
            $else();
            DB::table('bin_entries')->where('id', $this->id)->delete();
        });
    }

    /** Nothing of it was ever here. */
    public function undo(): void
    {
        while (DB::transactionLevel() > $this->outside) {
            DB::rollBack();
        }
        self::leave([$this->id]);
    }

    /** @param  array<array-key, mixed>  $ids */
    private static function leave(array $ids): void
    {
        foreach ($ids as $id) {
            foreach (self::TABLES as $table) {
                do {
                    $gone = DB::table($table)->whereIn('id', DB::table($table)->where('bin_entry_id', $id)->limit(self::GONE_AT_ONCE)->select('id'))->delete();
                } while ($gone === self::GONE_AT_ONCE);
            }
            DB::table('bin_entries')->where('id', $id)->delete();
        }
    }
}
