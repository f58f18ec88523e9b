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

/** What an account has already, each once: what was found is not found again. */
final class Here
{
    /** @var array<string, list<House>> */
    private array $houses = [];

    /** @var array<string, list<Wearer>> */
    private array $wearers = [];

    /** @var array<string, list<Card>> */
    private array $cards = [];

    /** @var array<string, list<Reading>> */
    private array $readings = [];

    /** @var array<string, list<Pattern>> */
    private array $patterns = [];

    /** @var array<string, list<Nest>> */
    private array $nests = [];

    /** @var array<string, list<Make>> */
    private array $makes = [];

    public function __construct(User $user)
    {
        foreach ($user->houses()->get()->sortBy('id') as $house) {
            $this->houses[$house->name][] = $house;
        }
        foreach ($user->wearers()->with('cards.readings')->get()->sortBy('id') as $wearer) {
            $this->wearers[$wearer->name][] = $wearer;
            foreach ($wearer->cards->sortBy('id') as $card) {
                $this->cards["{$wearer->id} {$card->taken_on->toDateString()} {$card->foundation}"][] = $card;
                foreach ($card->readings as $reading) {
                    $this->readings["{$card->id} {$reading->point->value} {$reading->attempt}"][] = $reading;
                }
            }
        }
        foreach ($user->patterns()->with('nests')->get()->sortBy('id') as $pattern) {
            $this->patterns["{$pattern->name} {$pattern->house}"][] = $pattern;
            foreach ($pattern->nests as $nest) {
                $this->nests["{$pattern->id} {$nest->piece}"][] = $nest;
            }
        }
        foreach ($user->makes()->get()->sortBy('id') as $make) {
            $this->makes["{$make->card_id} {$make->pattern_id} {$make->name}"][] = $make;
        }
    }

    public function house(string $name): ?House
    {
        return isset($this->houses[$name]) ? array_shift($this->houses[$name]) : null;
    }

    public function wearer(string $name): ?Wearer
    {
        return isset($this->wearers[$name]) ? array_shift($this->wearers[$name]) : null;
    }

    public function card(string $like): ?Card
    {
        return isset($this->cards[$like]) ? array_shift($this->cards[$like]) : null;
    }

    public function reading(string $like): ?Reading
    {
        return isset($this->readings[$like]) ? array_shift($this->readings[$like]) : null;
    }

    public function pattern(string $like): ?Pattern
    {
        return isset($this->patterns[$like]) ? array_shift($this->patterns[$like]) : null;
    }

    public function nest(string $like): ?Nest
    {
        return isset($this->nests[$like]) ? array_shift($this->nests[$like]) : null;
    }

    /** @param  Closure(Make): bool  $isSame  of several of one name the one that says the same */
    public function make(string $like, Closure $isSame): ?Make
    {
        $these = $this->makes[$like] ?? [];
        $same = array_filter($these, $isSame);
        $place = array_key_first($same) ?? array_key_first($these);
        if ($place === null) {
            return null;
        }
        $found = $these[$place];
        unset($these[$place]);
        $this->makes[$like] = array_values($these);

        return $found;
    }
}
