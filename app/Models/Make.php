<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use stdClass;
use Underbolt\File\ChoicesReader;
use Underbolt\File\FaultLog;
use Underbolt\File\FaultyFile;
use Underbolt\File\Node;
use Underbolt\Measure\Unit;
use Underbolt\Planning\Make as CoreMake;

/**
 * One wearer's card, one pattern, and the choices for it.
 *
 * @property int $id
 * @property int $user_id
 * @property int $card_id
 * @property int $pattern_id
 * @property Unit $unit the unit meant in the choices
 * @property stdClass $choices the `choices` part of a make file, as typed
 * @property stdClass $done days by what is done: a step's key, or a stage
 * @property stdClass $extras keys of its own that the file brought it came from
 * @property Card $card
 * @property Pattern $pattern
 */
final class Make extends Model
{
    use Binnable;
    use OwnedByUser;
    use Versioned;

    protected $fillable = ['card_id', 'pattern_id', 'unit', 'choices', 'extras'];

    protected $attributes = ['extras' => '{}', 'done' => '{}', 'version' => 1];

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
     *
     * @throws FaultyFile naming every fault of the pattern and the choices
     */
    public function toCore(Unit $spoken): CoreMake
    {
        $log = new FaultLog;
        $pattern = $this->pattern->toCore($log);
        $choices = ChoicesReader::read(Node::root($this->choices, 'choices', $this->unit, $log), $this->unit, $pattern, $spoken);
        if ($pattern === null || $choices === null || $log->faults() !== []) {
            throw $log->refusal();
        }

        return new CoreMake($spoken, $this->card->toBody(), $pattern, $choices);
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
        return ['unit' => Unit::class, 'choices' => 'object', 'extras' => 'object', 'done' => 'object', 'version' => 'integer'];
    }
}
