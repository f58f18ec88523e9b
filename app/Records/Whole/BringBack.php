<?php

declare(strict_types=1);

namespace App\Records\Whole;

use App\Models\Card;
use App\Models\HandPoint;
use App\Models\House;
use App\Models\Make;
use App\Models\Nest;
use App\Models\Pattern;
use App\Models\Reading;
use App\Models\User;
use App\Models\Wearer;
use App\Records\AccountLimits;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Support\Facades\DB;
use stdClass;
use Throwable;
use Underbolt\Measure\Point;

/**
 * Brings everything back beside what is there: each record of the file is held against one here that it would be, so that
 * nothing is doubled. What stands here otherwise stays, unless the file is to be taken. Only looked at, nothing is written.
 *
 * @phpstan-import-type KeptHand from HandPoint
 */
final class BringBack
{
    private const KINDS = ['settings', 'hands', 'wearers', 'cards', 'readings', 'houses', 'patterns', 'drawings', 'company sheets', 'makes'];

    /** @var array<string, Told> by kind */
    private array $told;

    private readonly Here $here;

    private readonly bool $wasEmpty;

    /** @var list<?int> numbers of wearers by their place in the file; null where one is only looked at and new */
    private array $wearers = [];

    /** @var list<list<?int>> of cards, by the places of wearer and card */
    private array $cards = [];

    /** @var list<?int> */
    private array $patterns = [];

    /** @var list<string> */
    private array $patternNames = [];

    /** @var list<string> */
    private array $wearerNames = [];

    /** @var list<Closure(): void> what is done at the end, with what came into sight */
    private array $atTheEnd = [];

    /** @var array<string, array<string, KeptHand>> */
    private array $hands = [];

    private function __construct(private readonly User $user, private readonly ?Arrival $arrival, private readonly bool $takes)
    {
        $this->here = new Here($user);
        $this->wasEmpty = $user->isEmpty();
        $this->told = array_map(static fn (): Told => new Told, array_flip(self::KINDS));
    }

    /**
     * @param  iterable<array{string, array<string, mixed>}>  $records  as `RecordsReader` lets them through
     * @param  bool  $takes  whether the file's takes the place of what stands here otherwise
     * @param  Closure(int): bool  $goesOn  asked after each record, with how many there were: whether anybody still waits for it
     * @return ?array<string, Told> by kind; null, and nothing is written, where it was stopped
     */
    public static function look(User $user, iterable $records, bool $takes, Closure $goesOn): ?array
    {
        $self = new self($user, null, $takes);

        return $self->all($records, $goesOn) ? $self->told : null;
    }

    /**
     * @param  iterable<array{string, array<string, mixed>}>  $records
     * @param  Closure(int): bool  $goesOn
     * @return ?array<string, Told>
     */
    public static function write(User $user, iterable $records, bool $takes, Closure $goesOn): ?array
    {
        $arrival = Arrival::begun($user);
        try {
            $self = new self($user, $arrival, $takes);
            $arrival->open();
            if (! $self->all($records, $goesOn)) {
                $arrival->undo();

                return null;
            }
            $arrival->land($self->end(...));

            return $self->told;
        } catch (Throwable $failure) {
            $arrival->undo();

            throw $failure;
        }
    }

    /**
     * @param  iterable<array{string, array<string, mixed>}>  $records
     * @param  Closure(int): bool  $goesOn
     */
    private function all(iterable $records, Closure $goesOn): bool
    {
        $count = 0;
        foreach ($records as [$kind, $held]) {
            match ($kind) {
                'account' => $this->settings($held),
                'hand' => $this->hand($held),
                'house' => $this->house($held),
                'wearer' => $this->wearer($held),
                'pattern' => $this->pattern($held),
                'drawing' => $this->drawing($held),
                default => $this->make($held),
            };
            $this->arrival?->pause();
            if (! $goesOn(++$count)) {
                return false;
            }
        }
        $this->allow();

        return true;
    }

    /** With what is here already, there has to be room for it. */
    private function allow(): void
    {
        $many = ['hand' => count($this->user->hands) + count($this->told['hands']->new)];
        foreach (['house' => House::class, 'wearer' => Wearer::class, 'pattern' => Pattern::class, 'make' => Make::class] as $kind => $model) {
            $many[$kind] = $model::query()->where('user_id', $this->user->id)->count() + count($this->told["{$kind}s"]->new);
        }
        AccountLimits::allow($many);
    }

    private function end(): void
    {
        if ($this->hands !== []) {
            $this->user->update(['hands' => array_replace($this->user->refresh()->hands, $this->hands)]);
        }
        foreach ($this->atTheEnd as $change) {
            $change();
        }
    }

    /** @param  array<string, mixed>  $held */
    private function settings(array $held): void
    {
        $told = $this->told['settings'];
        if (json_encode($this->user->settings()) === json_encode(array_replace($this->user->settings(), $held))) {
            $told->same++;

            return;
        }
        $this->wasEmpty ? $told->new[] = 'unit, paper and practice' : $told->different[] = 'unit, paper and practice';
        if ($this->wasEmpty || $this->takes) {
            $this->atTheEnd[] = function () use ($held): void {
                $this->user->update(['practice' => json_decode((string) json_encode($held['practice']), true)] + $held);
            };
        }
    }

    /** @param  array<string, mixed>  $held */
    private function hand(array $held): void
    {
        $name = self::text($held, 'name');
        /** @var array<string, KeptHand> $points */
        $points = json_decode((string) json_encode($held['points']), true);
        $here = $this->user->hands[$name] ?? null;
        if ($here === $points) {
            $this->told['hands']->same++;

            return;
        }
        $here === null ? $this->told['hands']->new[] = $name : $this->told['hands']->different[] = $name;
        if ($here === null || $this->takes) {
            $this->hands[$name] = array_replace($here ?? [], $points);
        }
    }

    /** @param  array<string, mixed>  $held */
    private function house(array $held): void
    {
        $name = self::text($held, 'name');
        $this->stands('houses', $name, $held, $this->here->house($name)) ?? $this->create(new House, $held);
    }

    /** @param  array<string, mixed>  $held */
    private function wearer(array $held): void
    {
        $name = $this->wearerNames[] = self::text($held, 'name');
        /** @var list<stdClass> $cards */
        $cards = $held['cards'];
        unset($held['cards']);
        $own = $this->stands('wearers', $name, $held, $this->here->wearer($name));
        $wearer = $this->wearers[] = $own->id ?? $this->create(new Wearer, $held);
        $this->cards[] = array_map(fn (stdClass $card): ?int => $this->card(ReadRecords::parts($card), $name, $wearer, $own !== null), $cards);
    }

    /**
     * @param  array<string, mixed>  $held
     * @param  ?int  $wearer  null where one is only looked at and new
     */
    private function card(array $held, string $name, ?int $wearer, bool $isKnown): ?int
    {
        /** @var list<stdClass> $readings */
        $readings = $held['readings'];
        unset($held['readings']);
        $day = self::text($held, 'taken_on');
        $found = $isKnown && $wearer !== null ? $this->here->card($wearer, $day, self::text($held, 'foundation')) : null;
        $own = $this->stands('cards', "{$name}, ".CarbonImmutable::parse($day)->format('j M Y'), $held, $found);
        $card = $own->id ?? $this->create(new Card, ['wearer_id' => $wearer] + $held);
        $new = [];
        foreach ($readings as $typed) {
            $reading = ReadRecords::parts($typed);
            $here = $own === null ? null : Here::reading($own, self::text($reading, 'point'), (int) self::text($reading, 'attempt'));
            if ($this->stands('readings', "{$name}, ".Point::from(self::text($reading, 'point'))->words(), $reading, $here) === null) {
                $new[] = ['card_id' => $card] + $reading;
            }
        }
        $this->keepReadings($new, $own !== null);

        return $card;
    }

    /** @param  list<array<string, mixed>>  $new  of one card */
    private function keepReadings(array $new, bool $isCardInSight): void
    {
        if ($this->arrival === null || $new === []) {
            return;
        }
        $now = CarbonImmutable::now()->toDateTimeString();
        $rows = array_map(static fn (array $reading): array => $reading + ['created_at' => $now, 'updated_at' => $now], $new);
        $insert = static fn (): int => DB::table('readings')->insertOrIgnore($rows);
        if ($isCardInSight) {
            $this->atTheEnd[] = static function () use ($insert): void {
                $insert();
            };
        } else {
            $insert();
        }
    }

    /** @param  array<string, mixed>  $held */
    private function pattern(array $held): void
    {
        $company = $held['company'];
        unset($held['company']);
        $name = $this->patternNames[] = self::text($held, 'name');
        $own = $this->stands('patterns', $name, $held, $this->here->pattern($name, self::text($held, 'house')));
        $sheet = RecordsFile::renumbered($company instanceof stdClass ? $company : new stdClass, array_filter($this->wearers, is_int(...)));
        $this->patterns[] = $own->id ?? $this->create(new Pattern, $held + ['company' => $sheet]);
        $this->company($sheet, $name, $own);
    }

    private function company(stdClass $company, string $name, ?Pattern $own): void
    {
        if (get_object_vars($company) === []) {
            return;
        }
        $told = $this->told['company sheets'];
        if ($own !== null && json_encode($company) === json_encode($own->company)) {
            $told->same++;

            return;
        }
        $isNew = $own === null || get_object_vars($own->company) === [];
        $isNew ? $told->new[] = $name : $told->different[] = $name;
        if ($own !== null && ($isNew || $this->takes)) {
            $this->atTheEnd[] = static function () use ($own, $company): void {
                $own->refresh();
                $own->keepCompany($company, $own->company_version);
            };
        }
    }

    /** @param  array<string, mixed>  $held  of the pattern before it */
    private function drawing(array $held): void
    {
        $pattern = $this->patterns[array_key_last($this->patterns)] ?? null;
        $held = ['drawing' => (string) base64_decode(self::text($held, 'drawing'), true)] + $held;
        $piece = self::text($held, 'piece');
        $name = ($this->patternNames[array_key_last($this->patternNames)] ?? '').", {$piece}";
        $found = $pattern === null ? null : $this->here->nest($pattern, $piece);
        $this->stands('drawings', $name, $held, $found) ?? $this->create(new Nest, ['pattern_id' => $pattern] + $held);
    }

    /** @param  array<string, mixed>  $held */
    private function make(array $held): void
    {
        /** @var array{wearer: int, card: int, pattern: int} $at */
        $at = array_intersect_key($held, ['wearer' => 0, 'card' => 0, 'pattern' => 0]);
        $begun = $held['begun'] ?? null;
        $held = array_diff_key($held, $at, ['begun' => null]);
        $card = $this->cards[$at['wearer']][$at['card']];
        $pattern = $this->patterns[$at['pattern']];
        $found = $card === null || $pattern === null ? null : $this->here->make($card, $pattern, self::text($held, 'name'), static fn (Make $one): bool => self::says($one, $held));
        $name = "{$this->wearerNames[$at['wearer']]}, {$this->patternNames[$at['pattern']]}";
        if ($this->stands('makes', $name, $held, $found) === null) {
            $this->create(new Make, ['card_id' => $card, 'pattern_id' => $pattern, 'created_at' => CarbonImmutable::parse(is_string($begun) ? $begun : 'now')] + $held);
        }
    }

    /**
     * Out of sight until all is there.
     *
     * @param  array<string, mixed>  $attributes
     */
    private function create(Wearer|Card|House|Pattern|Nest|Make $record, array $attributes): ?int
    {
        if ($this->arrival === null) {
            return null;
        }
        $record->forceFill(['user_id' => $this->user->id, 'bin_entry_id' => $this->arrival->id] + $attributes)->save();

        return $record->id;
    }

    /**
     * @template T of Wearer|Card|Reading|House|Pattern|Nest|Make
     *
     * @param  array<string, mixed>  $held  what the file's keeps
     * @param  ?T  $found  what it would be
     * @return ?T the same; null where it is new
     */
    private function stands(string $kind, string $name, array $held, Wearer|Card|Reading|House|Pattern|Nest|Make|null $found): Wearer|Card|Reading|House|Pattern|Nest|Make|null
    {
        if ($found === null) {
            $this->told[$kind]->new[] = $name;

            return null;
        }
        if (self::says($found, $held)) {
            $this->told[$kind]->same++;

            return $found;
        }
        $this->told[$kind]->different[] = $name;
        if ($this->takes && $this->arrival !== null) {
            $this->atTheEnd[] = static function () use ($found, $held): void {
                $found->fill($held);
                if (! $found instanceof Reading) {
                    $found->version++;
                }
                $found->save();
            };
        }

        return $found;
    }

    /** @param  array<string, mixed>  $held */
    private static function says(Wearer|Card|Reading|House|Pattern|Nest|Make $here, array $held): bool
    {
        // Where the drawings are packed they are no text.
        $plain = static function (array $attributes): string {
            $texts = array_map(static fn (mixed $one): mixed => is_string($one) ? bin2hex($one) : $one, $attributes);
            ksort($texts);

            return (string) json_encode($texts);
        };

        return $plain(array_intersect_key($here->kept(), $held)) === $plain(array_intersect_key($held, $here->kept()));
    }

    /** @param  array<string, mixed>  $held */
    private static function text(array $held, string $key): string
    {
        $text = $held[$key] ?? '';

        return is_scalar($text) ? (string) $text : '';
    }
}
