<?php

declare(strict_types=1);

namespace App\Demo;

use App\Http\Controllers\SessionController;
use App\Models\Card;
use App\Models\House;
use App\Models\Make;
use App\Models\Nest;
use App\Models\Pattern;
use App\Models\User;
use App\Models\Wearer;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RuntimeException;
use stdClass;
use Underbolt\File\PatternReader;
use Underbolt\File\Typed\FaultLog;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;
use Underbolt\Nest\Mending\MendedSvg;
use Underbolt\Pattern\Pattern as CorePattern;

/** The wardrobe room of an amateur theatre on a tidal island: people, patterns and makes, all invented. */
final class DemoWorkroom
{
    public static function exists(): bool
    {
        return User::query()->where('email', SessionController::DEMO_EMAIL)->exists();
    }

    /** Starts the demo data over; other users' records are not touched. */
    public static function load(CarbonImmutable $today): void
    {
        DB::transaction(static function () use ($today): void {
            User::query()->where('email', SessionController::DEMO_EMAIL)->delete();
            $user = User::query()->create([
                'name' => 'Wardrobe room',
                'email' => SessionController::DEMO_EMAIL,
                // Nobody knows it: the demo is opened by its own button.
                'password' => Str::random(40),
            ]);
            self::fill($user, $today, false);
        });
    }

    /** Puts all of it beside what somebody has, marked so that it can be taken out again. */
    public static function addTo(User $user, CarbonImmutable $today): void
    {
        DB::transaction(static fn () => self::fill($user, $today, true));
    }

    public static function isIn(User $user): bool
    {
        return $user->wearers()->where('is_demo', true)->exists() || $user->patterns()->where('is_demo', true)->exists();
    }

    /**
     * Takes it out again, with the makes that are of it alone. What somebody's own makes are made of stays, and is
     * theirs from then on.
     */
    public static function takeOutOf(User $user): void
    {
        DB::transaction(static function () use ($user): void {
            $isOwn = static fn (Builder $of): Builder => $of->withoutGlobalScope('in_use')->where('is_demo', false);
            $ofBoth = static fn (Builder $makes): Builder => $makes->whereHas('pattern', $isOwn)->orWhereHas('card.wearer', $isOwn);
            $own = Make::anywhere()->where('user_id', $user->id)->where($ofBoth)->with('card')->get();
            $user->wearers()->whereKey($own->pluck('card.wearer_id'))->update(['is_demo' => false]);
            $user->patterns()->whereKey($own->pluck('pattern_id'))->update(['is_demo' => false]);
            foreach ([$user->wearers(), $user->patterns(), $user->houses()] as $records) {
                $records->where('is_demo', true)->delete();
            }
        });
    }

    private static function fill(User $user, CarbonImmutable $today, bool $isMarked): void
    {
        $cards = self::wearers($user, $today, $isMarked);
        $patterns = self::patterns($user, $isMarked);
        $kept = $user->houses()->pluck('name')->all();
        foreach (self::data('houses') as $house) {
            // Habits that are kept already are somebody's own.
            if (! in_array(self::text($house, 'name'), $kept, true)) {
                $user->houses()->create([...House::heldBy($house), 'is_demo' => $isMarked]);
            }
        }
        self::nests($patterns);
        foreach (self::data('makes') as $make) {
            self::make($user, $make, $cards[self::text($make, 'wearer')], $patterns[self::text($make, 'pattern')], $today);
        }
    }

    /** With what was told of it, where it was worn already. */
    private static function make(User $user, stdClass $data, Card $card, Pattern $pattern, CarbonImmutable $today): void
    {
        $told = static fn (string $key): stdClass => ($data->{$key} ?? null) instanceof stdClass ? $data->{$key} : new stdClass;
        /** @var array<string, int> $done days ago by stage */
        $done = get_object_vars($told('done'));
        $verdict = $told('verdict');
        if (isset($done['worn'])) {
            $verdict->day = $today->subDays($done['worn'])->toDateString();
        }
        $make = $user->makes()->make([
            ...Make::heldBy($data),
            'card_id' => $card->id,
            'pattern_id' => $pattern->id,
            'done' => (object) array_map(static fn (int $ago): string => $today->subDays($ago)->toDateString(), $done),
            'verdict' => $verdict,
        ]);
        $make->created_at = $today->subDays(is_int($data->days_ago ?? null) ? $data->days_ago : 0);
        $make->save();
    }

    /** The first of the demo's patterns, whose chart tape practice goes by where no other is chosen. */
    public static function pattern(): ?CorePattern
    {
        $first = self::data('patterns')[0] ?? new stdClass;

        return PatternReader::read(Node::root($first->document ?? null, 'pattern', Unit::from(self::text($first, 'unit')), new FaultLog));
    }

    /** @return array<string, Card> the newest card by wearer */
    private static function wearers(User $user, CarbonImmutable $today, bool $isMarked): array
    {
        $newest = [];
        foreach (self::data('wearers') as $person) {
            $wearer = $user->wearers()->create([...Wearer::heldBy($person), 'unit' => null, 'is_demo' => $isMarked]);
            /** @var list<stdClass&object{days_ago: int, readings: stdClass}> $cards */
            $cards = $person->cards;
            foreach ($cards as $data) {
                $card = $wearer->cards()->create([
                    ...Card::heldBy($data),
                    'user_id' => $user->id,
                    'taken_on' => $today->subDays($data->days_ago),
                ]);
                self::readings($card, $data->readings, Unit::from(self::text($person, 'unit')));
                $newest[$wearer->name] = $card;
            }
        }

        return $newest;
    }

    private static function readings(Card $card, stdClass $readings, Unit $unit): void
    {
        /** @var array<string, string> $texts */
        $texts = get_object_vars($readings);
        foreach ($texts as $point => $text) {
            $card->readings()->create([
                'point' => $point,
                'text' => $text,
                'unit' => $unit,
                'nanometres' => Length::parse($text, $unit)->nanometres,
            ]);
        }
    }

    /** @return array<string, Pattern> by name */
    private static function patterns(User $user, bool $isMarked): array
    {
        $patterns = [];
        foreach (self::data('patterns') as $data) {
            $name = self::text($data, 'name');
            $patterns[$name] = $user->patterns()->create([...Pattern::heldBy($data), 'is_demo' => $isMarked]);
        }

        return $patterns;
    }

    /** @param  array<string, Pattern>  $patterns  by name */
    private static function nests(array $patterns): void
    {
        foreach (self::data('nests') as $data) {
            $pattern = $patterns[self::text($data, 'pattern')];
            $file = self::text($data, 'file');
            $pattern->nests()->create([
                ...Nest::heldBy($data),
                'user_id' => $pattern->user_id,
                'name' => $file,
                'drawing' => Nest::pack(MendedSvg::read((string) file_get_contents(database_path("demo/nests/{$file}")))),
            ]);
        }
    }

    /** @return list<stdClass> */
    private static function data(string $name): array
    {
        /** @var list<stdClass> $data */
        $data = json_decode((string) file_get_contents(database_path("demo/{$name}.json")), false, 16, JSON_THROW_ON_ERROR);

        return $data;
    }

    private static function text(stdClass $data, string $key): string
    {
        $text = $data->{$key} ?? null;

        return is_string($text) ? $text : throw new RuntimeException("the demo data has no {$key} where one is needed");
    }
}
