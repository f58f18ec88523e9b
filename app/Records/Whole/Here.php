<?php

declare(strict_types=1);

namespace App\Records\Whole;

use App\Models\Card;
use App\Models\House;
use App\Models\Make;
use App\Models\Nest;
use App\Models\Pattern;
use App\Models\Reading;
use App\Models\User;
use App\Models\Wearer;
use Closure;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder;

/** What an account has already, each once: what was found is not found again. Only names are kept at hand. */
final class Here
{
    /** @var array<string, list<int>> numbers by kind and what a record is like */
    private array $numbers = [];

    /** @var ?Collection<int, Card> those of the wearer that was asked for last */
    private ?Collection $cards = null;

    private ?int $of = null;

    public function __construct(User $user)
    {
        $this->remember('house', $user->houses()->toBase(), 'name');
        $this->remember('wearer', $user->wearers()->toBase(), 'name');
        $this->remember('card', Card::query()->where('user_id', $user->id)->toBase(), "wearer_id || ' ' || substr(taken_on, 1, 10) || ' ' || foundation");
        $this->remember('pattern', $user->patterns()->toBase(), "name || ' ' || house");
        $this->remember('drawing', Nest::query()->where('user_id', $user->id)->toBase(), "pattern_id || ' ' || piece");
        $this->remember('make', $user->makes()->toBase(), "card_id || ' ' || pattern_id || ' ' || name");
    }

    /** @param  literal-string  $like  what a record of the kind is told by, as the database says it */
    private function remember(string $kind, Builder $records, string $like): void
    {
        foreach ($records->orderBy('id')->selectRaw("{$like} as told_by, id")->pluck('told_by', 'id') as $id => $name) {
            $this->numbers["{$kind} ".(is_string($name) ? $name : '')][] = (int) $id;
        }
    }

    public function house(string $name): ?House
    {
        return House::query()->find($this->first("house {$name}"));
    }

    public function wearer(string $name): ?Wearer
    {
        return Wearer::query()->find($this->first("wearer {$name}"));
    }

    public function card(int $wearer, string $day, string $foundation): ?Card
    {
        $number = $this->first("card {$wearer} {$day} {$foundation}");
        if ($number === null) {
            return null;
        }
        // A file has the cards of a wearer one after the other.
        if ($this->cards === null || $this->of !== $wearer) {
            $this->cards = Card::query()->where('wearer_id', $wearer)->with('readings')->get()->keyBy('id');
            $this->of = $wearer;
        }

        return $this->cards->get($number);
    }

    public function pattern(string $name, string $house): ?Pattern
    {
        return Pattern::query()->find($this->first("pattern {$name} {$house}"));
    }

    public function nest(int $pattern, string $piece): ?Nest
    {
        return Nest::query()->find($this->first("drawing {$pattern} {$piece}"));
    }

    /** @param  Closure(Make): bool  $isSame  of several of one name the one that says the same */
    public function make(int $card, int $pattern, string $name, Closure $isSame): ?Make
    {
        $these = $this->numbers[$like = "make {$card} {$pattern} {$name}"] ?? [];
        $found = null;
        foreach (count($these) > 1 ? Make::query()->findMany($these)->sortBy('id') : [] as $make) {
            $found ??= $isSame($make) ? $make : null;
        }
        $found ??= Make::query()->find($these[0] ?? null);
        $this->numbers[$like] = array_values(array_diff($these, [$found?->id]));

        return $found;
    }

    /** One reading of a card stands at each try. */
    public static function reading(Card $card, string $point, int $attempt): ?Reading
    {
        return $card->readings->first(static fn (Reading $reading): bool => $reading->point->value === $point && $reading->attempt === $attempt);
    }

    private function first(string $like): ?int
    {
        return isset($this->numbers[$like]) ? array_shift($this->numbers[$like]) : null;
    }
}
