<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\BinEntry;
use App\Models\BinKind;
use App\Models\Card;
use App\Models\House;
use App\Models\Make;
use App\Models\Nest;
use App\Models\Pattern;
use App\Models\Wearer;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/** Deletes in a way that can be taken back: a wearer with all cards and makes, a pattern with its makes. */
final class Bin
{
    public const KEPT_DAYS = 30;

    public static function put(Wearer|Card|Pattern|Make|House|Nest $record): BinEntry
    {
        $entry = new BinEntry(['user_id' => $record->user_id, 'kind' => BinKind::of($record), 'name' => self::name($record)]);
        DB::transaction(static function () use ($record, $entry): void {
            $entry->save();
            foreach (self::along($record) as $records) {
                $records->update(['bin_entry_id' => $entry->id]);
            }
            $record->newQuery()->whereKey($record->id)->update(['bin_entry_id' => $entry->id]);
        });

        return $entry;
    }

    /** What goes with a record, in words: "2 cards and 3 makes"; empty where it goes alone. */
    public static function alongWords(Wearer|Card|Pattern|Make|House|Nest $record): string
    {
        return self::words(array_map(static fn (Builder $records): int => $records->count(), self::along($record)));
    }

    /** What went with it, as `alongWords` says it. */
    public static function wentAlong(BinEntry $entry): string
    {
        $many = [];
        foreach (BinKind::cases() as $kind) {
            if ($kind !== $entry->kind) {
                $many[$kind->value] = self::inside($entry, $kind)->count();
            }
        }

        return self::words($many);
    }

    /**
     * Brings back what went at once. A make whose pattern or wearer went meanwhile comes back with those.
     *
     * @throws StillInBin when it would be without what it needs
     */
    public static function restore(BinEntry $entry): void
    {
        DB::transaction(static function () use ($entry): void {
            self::refuseTorn($entry);
            foreach (self::inside($entry, BinKind::Make)->get() as $make) {
                Make::anywhere()->whereKey($make->id)->update(['bin_entry_id' => self::waitsFor($make, $entry)?->id]);
            }
            self::makeRoom($entry);
            foreach (BinKind::cases() as $kind) {
                self::inside($entry, $kind)->update(['bin_entry_id' => null]);
            }
            $entry->delete();
        });
    }

    /** A drawing that comes back takes its place again: the one that is there goes into the bin. */
    private static function makeRoom(BinEntry $entry): void
    {
        foreach (Nest::anywhere()->where('bin_entry_id', $entry->id)->get() as $nest) {
            $there = Nest::query()->where('pattern_id', $nest->pattern_id)->where('piece', $nest->piece)->first();
            if ($there !== null) {
                self::put($there);
                // A page that saw the other one must not mark this one by mistake.
                Nest::anywhere()->whereKey($nest->id)->update(['version' => max($nest->version, $there->version) + 1]);
            }
        }
    }

    /**
     * Lets go for good what was deleted before a day. A card that a make is planned from stays as long as the make.
     *
     * @return int how many entries went
     */
    public static function empty(CarbonImmutable $before): int
    {
        return BinEntry::query()->where('created_at', '<', $before)->get()->filter(self::letGo(...))->count();
    }

    /** @return bool false, and nothing goes, while a make is planned from the card */
    public static function letGo(BinEntry $entry): bool
    {
        $isNeeded = $entry->kind === BinKind::Card
            && Make::anywhere()->whereIn('card_id', self::inside($entry, BinKind::Card)->select('id'))->exists();

        return ! $isNeeded && $entry->delete() === true;
    }

    /** @throws StillInBin */
    private static function refuseTorn(BinEntry $entry): void
    {
        $record = self::inside($entry, $entry->kind)->firstOrFail();
        if ($record instanceof House && House::query()->where('user_id', $record->user_id)->where('name', $record->name)->exists()) {
            throw new StillInBin("{$record->name} has habits again: put those into the bin first.");
        }
        $other = self::waitsFor($record, $entry);
        if ($other !== null) {
            throw new StillInBin("{$other->name} is in the bin: bring that back first.");
        }
    }

    /** @return ?BinEntry another one that holds what the record can't be without */
    private static function waitsFor(Model $record, BinEntry $entry): ?BinEntry
    {
        $needs = match (true) {
            $record instanceof Card => [Wearer::anywhere()->whereKey($record->wearer_id)],
            $record instanceof Make => [
                Pattern::anywhere()->whereKey($record->pattern_id),
                Wearer::anywhere()->whereKey(Card::anywhere()->whereKey($record->card_id)->select('wearer_id')),
            ],
            $record instanceof Nest => [Pattern::anywhere()->whereKey($record->pattern_id)],
            default => [],
        };
        foreach ($needs as $needed) {
            $holds = $needed->where('bin_entry_id', '!=', $entry->id)->value('bin_entry_id');
            if ($holds !== null) {
                return BinEntry::query()->whereKey($holds)->firstOrFail();
            }
        }

        return null;
    }

    /** @return Builder<covariant Wearer|Card|Pattern|Make|House|Nest> */
    private static function inside(BinEntry $entry, BinKind $kind): Builder
    {
        return $kind->model()::anywhere()->where('bin_entry_id', $entry->id);
    }

    /**
     * @return array<string, Builder<covariant Card|Make>> what is in use and goes along, by kind
     */
    private static function along(Wearer|Card|Pattern|Make|House|Nest $record): array
    {
        return match (true) {
            $record instanceof Wearer => [
                BinKind::Card->value => Card::query()->where('wearer_id', $record->id),
                // Those of cards that were thrown away are makes of the wearer as well.
                BinKind::Make->value => Make::query()->whereHas('card', static fn (Builder $cards): Builder => $cards->where('wearer_id', $record->id)),
            ],
            $record instanceof Pattern => [BinKind::Make->value => Make::query()->where('pattern_id', $record->id)],
            default => [],
        };
    }

    /** @param  array<string, int>  $many */
    private static function words(array $many): string
    {
        $words = [];
        foreach (array_filter($many, static fn (int $count): bool => $count > 0) as $kind => $count) {
            $words[] = BinKind::from($kind)->counted($count);
        }

        return implode(' and ', $words);
    }

    private static function name(Wearer|Card|Pattern|Make|House|Nest $record): string
    {
        return match (true) {
            $record instanceof Card => "{$record->wearer->name}, {$record->taken_on->format('j M Y')}",
            $record instanceof Make => "{$record->card->wearer->name}, {$record->pattern->name}",
            $record instanceof Nest => "{$record->piece} of {$record->pattern->name}",
            default => $record->name,
        };
    }
}
