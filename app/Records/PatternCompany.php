<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Card;
use App\Models\Make;
use App\Models\Pattern;
use App\Models\SizeLabels;
use App\Models\SizeWords;
use App\Models\User;
use App\Models\Wearer;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use stdClass;
use Underbolt\Company\Company;
use Underbolt\Company\Row;
use Underbolt\File\ChoicesReader;
use Underbolt\File\Typed\FaultLog;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Pattern as CorePattern;
use Underbolt\Planning\Asked\Make as CoreMake;
use Underbolt\Refusal;
use Underbolt\Wearing\Learned;

/**
 * A pattern and those it is to be made for. What is kept of it: `wearers`, the ids of who is on it (all, where it is
 * left out); `choices` for all, as in a make file; `exceptions`, by a wearer's id, what is chosen otherwise; the `unit`
 * that is meant in both.
 */
final class PatternCompany
{
    private readonly FaultLog $log;

    private readonly ?CorePattern $core;

    /** @var ?Collection<int, Wearer> read once, for the head and for the rows */
    private ?Collection $everyone = null;

    /** @var array<int, Collection<int, Make>> all makes of a wearer, by id */
    private array $makes = [];

    /**
     * @param  ?SizeLabels  $labels  each wearer's own where they are left out
     * @param  bool  $knowsLikes  whether a make begins with the ease that the wearer's earlier ones taught
     */
    public function __construct(
        public readonly Pattern $pattern,
        private readonly User $user,
        private readonly ?SizeLabels $labels = null,
        private readonly bool $knowsLikes = false,
    ) {
        $this->log = new FaultLog;
        $this->core = $pattern->toCore($this->log);
    }

    public function core(): ?CorePattern
    {
        return $this->core;
    }

    public function choices(): stdClass
    {
        $choices = $this->pattern->company->choices ?? null;

        return $choices instanceof stdClass ? $choices : new stdClass;
    }

    /** By a wearer's id. */
    public function exceptions(): stdClass
    {
        $exceptions = $this->pattern->company->exceptions ?? null;

        return $exceptions instanceof stdClass ? $exceptions : new stdClass;
    }

    /**
     * The choices that a make of the wearer would begin with where what is known of the wearer counts: with the ease that
     * earlier makes of the kind taught, where no other is chosen.
     */
    private function likedChoicesOf(Wearer $wearer): stdClass
    {
        $choices = $this->choicesOf($wearer->id);
        if (! $this->knowsLikes || $this->core === null || isset($choices->liked_ease) || isset($choices->own_garment)) {
            return $choices;
        }
        $this->makes[$wearer->id] ??= MakeHistory::all($wearer->id);
        $learned = MakeHistory::like($wearer, $this->makes[$wearer->id], $this->core->garment, $this->core->fabric->kind)->learned();
        $known = array_filter($learned, static fn (Learned $of): bool => $of->ease !== null);
        $liked = array_map(fn (Learned $of): string => $of->ease === null ? '' : LengthPrint::sentence($of->ease, $this->unit()), $known);

        return $liked === [] ? $choices : (object) (['liked_ease' => (object) $liked] + get_object_vars($choices));
    }

    /** By a wearer's id, sizes named as the wearer would have them. */
    public function shownExceptions(): stdClass
    {
        $shown = get_object_vars($this->exceptions());
        foreach ($this->everyone() as $wearer) {
            if (isset($shown[$wearer->id])) {
                $shown[$wearer->id] = $this->shownException($wearer);
            }
        }

        return (object) $shown;
    }

    private function shownException(Wearer $wearer): stdClass
    {
        return (new SizeWords($this->pattern, $this->labelsOf($wearer)))->shown($this->exception($wearer->id));
    }

    private function labelsOf(Wearer $wearer): SizeLabels
    {
        return $this->labels ?? $wearer->sizeLabels();
    }

    /** What is chosen otherwise for one wearer; empty where nothing is. */
    public function exception(int $wearer): stdClass
    {
        $exception = $this->exceptions()->{(string) $wearer} ?? null;

        return $exception instanceof stdClass ? $exception : new stdClass;
    }

    /** With what is chosen otherwise in place of what is chosen for all. */
    public function choicesOf(int $wearer): stdClass
    {
        return (object) (get_object_vars($this->exception($wearer)) + get_object_vars($this->choices()));
    }

    public function unit(): Unit
    {
        $unit = $this->pattern->company->unit ?? null;

        return (is_string($unit) ? Unit::tryFrom($unit) : null) ?? $this->user->unit;
    }

    /** @return ?list<int> the ids of those who were picked; null for all */
    public function picked(): ?array
    {
        $picked = $this->pattern->company->wearers ?? null;

        return is_array($picked) ? array_values(array_filter($picked, is_int(...))) : null;
    }

    /** @return Collection<int, Wearer> all that could be on it, by name, with their cards */
    public function everyone(): Collection
    {
        return $this->everyone ??= $this->user->wearers()->with('cards.readings')->get()
            ->filter(static fn (Wearer $wearer): bool => $wearer->archived_at === null)->sortBy('name')->values();
    }

    /** @return iterable<CompanyRow> of those who are on it, each as soon as it is planned */
    public function rows(): iterable
    {
        $picked = $this->picked();
        $makes = $this->user->makes()->where('pattern_id', $this->pattern->id)->with('card.readings', 'card.wearer')->get()->sortBy('id')->keyBy('card.wearer_id');
        foreach ($this->everyone() as $wearer) {
            if ($picked === null || in_array($wearer->id, $picked, true)) {
                yield $this->row($wearer, $makes->get($wearer->id));
            }
        }
    }

    /**
     * @param  Wearer  $wearer  with all cards, on the sheet or not
     * @param  ?Make  $make  the newest of the wearer from the pattern
     */
    public function row(Wearer $wearer, ?Make $make): CompanyRow
    {
        $card = $make === null ? self::cardOf($wearer) : $make->card;

        return new CompanyRow(
            wearer: $wearer,
            pattern: $this->pattern,
            card: $card,
            make: $make,
            exception: $this->shownException($wearer),
            planned: match (true) {
                $make !== null => $this->ofMake($make),
                $card !== null => $this->planned($wearer, $card),
                default => null,
            },
        );
    }

    /** The newest card that has a measure on it. */
    public static function cardOf(Wearer $wearer): ?Card
    {
        return $wearer->cards->first(static fn (Card $card): bool => $card->readings->isNotEmpty());
    }

    /** Begins the make of a row, unless there is one. */
    public function begin(Wearer $wearer, Card $card): Make
    {
        $made = Make::query()->where('user_id', $this->user->id)->where('pattern_id', $this->pattern->id)
            ->whereHas('card', static fn (Builder $cards): Builder => $cards->where('wearer_id', $wearer->id));

        return $made->get()->sortByDesc('id')->first() ?? $this->user->makes()->create([
            'card_id' => $card->id,
            'pattern_id' => $this->pattern->id,
            'unit' => $this->unit(),
            'choices' => (object) ([...(array) $this->user->usualChoices(), ...(array) $this->likedChoicesOf($wearer)]),
        ]);
    }

    /** A make that is begun says what is cut, whatever is chosen for all. */
    private function ofMake(Make $make): Row|Refusal
    {
        try {
            return Company::row($make->setRelation('pattern', $this->pattern)->toCore($this->user->unit, $this->labels));
        } catch (Refusal $refusal) {
            return $refusal;
        }
    }

    private function planned(Wearer $wearer, Card $card): Row|Refusal
    {
        $log = new FaultLog;
        $choices = ChoicesReader::read(Node::root($this->likedChoicesOf($wearer), 'choices', $this->unit(), $log), $this->unit(), $this->core, $this->user->unit);
        if ($this->core === null || $choices === null || $this->log->faults() !== [] || $log->faults() !== []) {
            return ($this->log->faults() === [] ? $log : $this->log)->refusal();
        }
        $make = new CoreMake($this->user->unit, $card->toBody(), $this->core, $choices);

        return Company::row($this->labelsOf($wearer)->on($make));
    }
}
