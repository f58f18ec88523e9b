<?php

declare(strict_types=1);

namespace App\Records\Whole;

use App\Models\Card;
use App\Models\Hand;
use App\Models\HandPoint;
use App\Models\House;
use App\Models\Make;
use App\Models\Nest;
use App\Models\Pattern;
use App\Models\Reading;
use App\Models\User;
use App\Models\Wearer;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * Brings everything back beside what is there: each record of the file is held against one here that it would be, so that
 * nothing is doubled. What stands here otherwise stays, unless the file is to be taken.
 *
 * @phpstan-import-type KeptHand from HandPoint
 */
final class BringBack
{
    /** @var array<string, Told> by kind */
    private array $told = [];

    private readonly Here $here;

    private function __construct(private readonly User $user, private readonly bool $takes)
    {
        $this->here = new Here($user);
        foreach (['hands', 'wearers', 'cards', 'readings', 'houses', 'patterns', 'drawings', 'company sheets', 'makes'] as $kind) {
            $this->told[$kind] = new Told;
        }
    }

    /**
     * @param  bool  $write  else it is only told
     * @param  bool  $takes  whether the file's takes the place of what stands here otherwise
     * @return array<string, Told> by kind
     */
    public static function of(User $user, KeptRecords $file, bool $write, bool $takes): array
    {
        $self = new self($user, $takes);
        $isDone = false;
        DB::beginTransaction();
        try {
            $self->all($file);
            $isDone = true;
        } finally {
            // What is only told was written for that alone.
            $isDone && $write ? DB::commit() : DB::rollBack();
        }

        return $self->told;
    }

    private function all(KeptRecords $file): void
    {
        foreach ($file->hands as $name => $points) {
            $this->hand($name, $points);
        }
        foreach ($file->houses as $house) {
            $this->stands('houses', $house, $this->here->house($house->like)) ?? $this->user->houses()->create($house->attributes);
        }
        $wearers = $cards = [];
        foreach ($file->wearers as $place => $wearer) {
            $own = $this->stands('wearers', $wearer, $this->here->wearer($wearer->like)) ?? $this->user->wearers()->create($wearer->attributes);
            $wearers[$place] = $own->id;
            $cards[$place] = array_map(fn (KeptRecord $card): int => $this->card($card, $own), $wearer->inside);
        }
        $patterns = array_map(fn (KeptRecord $pattern): int => $this->pattern($pattern, $wearers), $file->patterns);
        foreach ($file->makes as $make) {
            $this->make($make, $cards[$make->wearer][$make->card], $patterns[$make->pattern]);
        }
    }

    /** @param  array<string, KeptHand>  $points */
    private function hand(string $name, array $points): void
    {
        $told = $this->told['hands'];
        $here = $this->user->hands[$name] ?? null;
        if ($here === $points) {
            $told->same++;

            return;
        }
        $here === null ? $told->new[] = $name : $told->different[] = $name;
        if ($here === null || $this->takes) {
            Hand::keep($this->user, $name, $points);
        }
    }

    private function card(KeptRecord $card, Wearer $wearer): int
    {
        $own = $this->stands('cards', $card, $this->here->card("{$wearer->id} {$card->like}")) ?? $wearer->cards()->create(['user_id' => $wearer->user_id] + $card->attributes);
        foreach ($card->inside as $reading) {
            $this->stands('readings', $reading, $this->here->reading("{$own->id} {$reading->like}")) ?? $own->readings()->create($reading->attributes);
        }

        return $own->id;
    }

    /** @param  array<int, int>  $wearers  numbers here, by their place in the file */
    private function pattern(KeptRecord $pattern, array $wearers): int
    {
        $own = $this->stands('patterns', $pattern, $this->here->pattern($pattern->like)) ?? $this->user->patterns()->create($pattern->attributes);
        foreach ($pattern->inside as $nest) {
            $this->stands('drawings', $nest, $this->here->nest("{$own->id} {$nest->like}")) ?? $own->nests()->create(['user_id' => $own->user_id] + $nest->attributes);
        }
        $this->company(RecordsFile::renumbered($pattern->company, $wearers), $own->refresh());

        return $own->id;
    }

    private function company(stdClass $company, Pattern $pattern): void
    {
        if (get_object_vars($company) === []) {
            return;
        }
        $told = $this->told['company sheets'];
        if (json_encode($company) === json_encode($pattern->company)) {
            $told->same++;

            return;
        }
        $isNew = get_object_vars($pattern->company) === [];
        $isNew ? $told->new[] = $pattern->name : $told->different[] = $pattern->name;
        if ($isNew || $this->takes) {
            $pattern->keepCompany($company, $pattern->company_version);
        }
    }

    private function make(KeptMake $make, int $card, int $pattern): void
    {
        $found = $this->here->make("{$card} {$pattern} {$make->record->like}", static fn (Make $one): bool => self::says($one, $make->record));
        if ($this->stands('makes', $make->record, $found) === null) {
            $begun = $this->user->makes()->make(['card_id' => $card, 'pattern_id' => $pattern] + $make->record->attributes);
            $begun->created_at = CarbonImmutable::parse($make->begun ?? 'now');
            $begun->save();
        }
    }

    /**
     * @template T of Wearer|Card|Reading|House|Pattern|Nest|Make
     *
     * @param  ?T  $found  what it would be
     * @return ?T the same; null where it is new
     */
    private function stands(string $kind, KeptRecord $record, Wearer|Card|Reading|House|Pattern|Nest|Make|null $found): Wearer|Card|Reading|House|Pattern|Nest|Make|null
    {
        if ($found === null) {
            $this->told[$kind]->new[] = $record->name;

            return null;
        }
        if (self::says($found, $record)) {
            $this->told[$kind]->same++;

            return $found;
        }
        $this->told[$kind]->different[] = $record->name;
        if ($this->takes) {
            $found->fill($record->attributes);
            if (! $found instanceof Reading) {
                $found->version++;
            }
            $found->save();
        }

        return $found;
    }

    private static function says(Wearer|Card|Reading|House|Pattern|Nest|Make $here, KeptRecord $record): bool
    {
        // Where the drawings are packed they are no text.
        $plain = static function (array $attributes): string {
            $texts = array_map(static fn (mixed $one): mixed => is_string($one) ? bin2hex($one) : $one, $attributes);
            ksort($texts);

            return (string) json_encode($texts);
        };

        return $plain(array_intersect_key($here->kept(), $record->attributes)) === $plain($record->attributes);
    }
}
