<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use stdClass;
use Underbolt\File\ChoicesReader;
use Underbolt\File\ClothReader;
use Underbolt\File\FittingReader;
use Underbolt\File\Typed\FaultLog;
use Underbolt\File\Typed\FaultyFile;
use Underbolt\File\Typed\Node;
use Underbolt\File\VerdictReader;
use Underbolt\Measure\Unit;
use Underbolt\Planning\Asked\Make as CoreMake;
use Underbolt\Wearing\Fitting;
use Underbolt\Wearing\FoundByFitting;
use Underbolt\Wearing\Verdict;

/**
 * One wearer's card, one pattern, and the choices for it.
 *
 * @property int $id
 * @property int $user_id
 * @property int $card_id
 * @property int $pattern_id
 * @property Unit $unit the unit meant in the choices
 * @property stdClass $choices the `choices` part of a make file, as typed
 * @property string $name may be empty
 * @property string $note one sentence; may be empty
 * @property stdClass $fitting the `fitting` part of a make file, as typed
 * @property stdClass $verdict its `verdict` part, likewise
 * @property stdClass $cloth its `cloth` part, likewise
 * @property stdClass $done days by what is done: a step's key, or a stage
 * @property CarbonImmutable $created_at
 * @property stdClass $extras keys of its own that the file brought it came from
 * @property Card $card
 * @property Pattern $pattern
 */
final class Make extends Model
{
    use Binnable;
    use Keeps;
    use OwnedByUser;
    use Versioned;

    public const KEPT = ['unit', 'choices', 'name', 'note', 'fitting', 'verdict', 'cloth', 'done', 'extras'];

    public const BELONGS_TO = ['user_id', 'card_id', 'pattern_id'];

    protected $attributes = ['choices' => '{}', 'extras' => '{}', 'done' => '{}', 'version' => 1, 'name' => '', 'note' => '', 'fitting' => '{}', 'verdict' => '{}', 'cloth' => '{}'];

    /** @return BelongsTo<Card, $this> */
    public function card(): BelongsTo
    {
        $card = $this->belongsTo(Card::class);
        // A make keeps the card it was planned from, thrown away or not.
        $card->withoutGlobalScope('in_use');

        return $card;
    }

    /** @return BelongsTo<Pattern, $this> */
    public function pattern(): BelongsTo
    {
        return $this->belongsTo(Pattern::class);
    }

    /**
     * @param  Unit  $spoken  the unit the plan's sentences speak in, and at whose marks stations stand
     * @param  ?SizeLabels  $labels  the wearer's where they are left out
     *
     * @throws FaultyFile naming every fault of the pattern and the choices
     */
    public function toCore(Unit $spoken, ?SizeLabels $labels = null): CoreMake
    {
        $log = new FaultLog;
        $pattern = $this->pattern->toCore($log);
        $choices = ChoicesReader::read(Node::root($this->choices, 'choices', $this->unit, $log), $this->unit, $pattern, $spoken);
        $fitting = FittingReader::read(Node::root($this->fitting, 'fitting', $this->unit, $log));
        $cloth = ClothReader::read(Node::root($this->cloth, 'cloth', $this->unit, $log));
        if ($pattern === null || $choices === null || $log->faults() !== []) {
            throw $log->refusal();
        }
        $found = FoundByFitting::of($fitting);

        $core = new CoreMake($spoken, $this->card->toBody(), $pattern, $choices, $found, $cloth);

        return ($labels ?? $this->sizeLabels())->on($core);
    }

    /** As the wearer would have them. */
    public function sizeLabels(): SizeLabels
    {
        return $this->card->wearer->sizeLabels();
    }

    /** How sizes are named in what is typed of this make. */
    public function sizeWords(): SizeWords
    {
        return new SizeWords($this->pattern, $this->sizeLabels());
    }

    /** @throws FaultyFile */
    public function fitted(): Fitting
    {
        return $this->told(fn (FaultLog $log): Fitting => FittingReader::read(Node::root($this->fitting, 'fitting', $this->unit, $log)));
    }

    /** @throws FaultyFile */
    public function worn(): Verdict
    {
        return $this->told(fn (FaultLog $log): Verdict => VerdictReader::read(Node::root($this->verdict, 'verdict', $this->unit, $log)));
    }

    /**
     * @template T
     *
     * @param  Closure(FaultLog): T  $read
     * @return T
     *
     * @throws FaultyFile naming every fault met
     */
    private function told(Closure $read): mixed
    {
        $log = new FaultLog;
        $told = $read($log);

        return $log->faults() === [] ? $told : throw $log->refusal();
    }

    /** What it is called: its own name, or its pattern's. */
    public function title(): string
    {
        return $this->name === '' ? $this->pattern->name : $this->name;
    }

    /** In one statement: two hands that tick at once both count. */
    public function tick(string $key, ?CarbonImmutable $day): void
    {
        self::query()->whereKey($this->id)->update(["done->{$key}" => $day?->toDateString()]);
        $this->refresh();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['unit' => Unit::class, 'choices' => 'object', 'extras' => 'object', 'done' => 'object', 'fitting' => 'object', 'verdict' => 'object', 'cloth' => 'object', 'version' => 'integer'];
    }
}
