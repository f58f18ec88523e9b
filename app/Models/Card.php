<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Underbolt\Measure\Body;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Measure\PointSet;
use Underbolt\Measure\Readings;

/**
 * One dated set of readings of one wearer on one foundation.
 *
 * @property int $id
 * @property int $user_id
 * @property int $wearer_id
 * @property CarbonImmutable $taken_on
 * @property string $foundation what was worn underneath
 * @property string $measured_by who held the tape; may be empty
 * @property PointSet $point_set which points are asked for
 * @property list<string> $answers keys of findings that were answered "it is so"
 * @property bool $round_a_board whether the hip was measured round one
 * @property Wearer $wearer
 * @property Collection<int, Reading> $readings
 */
final class Card extends Model
{
    use Binnable;
    use Keeps;
    use OwnedByUser;
    use Versioned;

    public const KEPT = ['taken_on', 'foundation', 'measured_by', 'point_set', 'answers', 'round_a_board'];

    public const BELONGS_TO = ['user_id', 'wearer_id'];

    protected $attributes = ['foundation' => '', 'measured_by' => '', 'version' => 1, 'point_set' => 'dress', 'answers' => '[]', 'round_a_board' => false];

    /** @return BelongsTo<Wearer, $this> */
    public function wearer(): BelongsTo
    {
        return $this->belongsTo(Wearer::class);
    }

    /** @return HasMany<Reading, $this> */
    public function readings(): HasMany
    {
        return $this->hasMany(Reading::class);
    }

    public function toBody(): Body
    {
        $readings = $this->readingsByPoint();

        return new Body(
            Readings::measures($readings),
            array_map(static fn (Readings $tries): Length => $tries->spread(), $readings),
            array_map(static fn (Readings $tries): int => $tries->count(), $readings),
            Hand::called($this->user_id, $this->measured_by)?->spreads() ?? [],
        );
    }

    /** @return array<string, Readings> */
    public function readingsByPoint(): array
    {
        $tries = $picked = [];
        foreach ($this->readings->sortBy('attempt') as $reading) {
            $point = $reading->point->value;
            $tries[$point][] = $length = Length::ofNanometres($reading->nanometres);
            $picked[$point] ??= $reading->picked ? $length : null;
        }

        return array_combine(array_keys($tries), array_map(Readings::of(...), $tries, $picked));
    }

    /** The reading that counts at a point from now on; null leaves it to the rule again. */
    public function pick(Point $point, ?int $attempt): void
    {
        $this->readings()->where('point', $point)->update(['picked' => false]);
        $this->readings()->where('point', $point)->where('attempt', $attempt)->update(['picked' => true]);
    }

    /** @return int<0, max> whole days since it was taken */
    public function ageInDays(CarbonImmutable $today): int
    {
        return max(0, (int) $this->taken_on->diffInDays($today));
    }

    /** @return HasMany<self, Wearer> the wearer's cards that were taken earlier, newest first; of one day the one begun first */
    public function earlier(): HasMany
    {
        $cards = $this->wearer->cards();
        $cards->whereRowValues(['taken_on', 'id'], '<', [$this->taken_on->toDateString(), $this->id]);

        return $cards;
    }

    /** The card before this one on the same foundation: on another the body measures otherwise. */
    public function before(): ?self
    {
        return $this->earlier()->where('foundation', $this->foundation)->with('readings')->first();
    }

    /** Whether this card was taken earlier; of one day the one begun first. */
    public function isBefore(self $other): bool
    {
        return [$this->taken_on, $this->id] < [$other->taken_on, $other->id];
    }

    /** Kept as a day, however it comes: with an hour of midnight it would be later than the same day without one. */
    protected function takenOn(): Attribute
    {
        return Attribute::set(static fn (CarbonImmutable|string $day): string => CarbonImmutable::parse($day)->toDateString());
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['taken_on' => 'immutable_date:Y-m-d', 'version' => 'integer', 'point_set' => PointSet::class, 'answers' => 'array', 'round_a_board' => 'boolean'];
    }
}
