<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Make;
use stdClass;
use Underbolt\File\Keys\ChoicesKeys;
use Underbolt\File\Keys\FittingKeys;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\Measure\Unit;
use Underbolt\Refusal;
use Underbolt\Wearing\ChangedBy;
use Underbolt\Wearing\Wear;

/** The last make of the same pattern by the same wearer: what it was changed by, and how it wore. */
final readonly class LastTime
{
    /**
     * @param  array<string, string>  $changes  in words, by where they stand in the make file
     * @param  array<string, string>  $here  what the present make is changed by, likewise
     * @param  string  $worn  such as `right at the bust, tight at the waist`; empty where nothing was said
     */
    private function __construct(public Make $make, public array $changes, public array $here, public string $worn, public string $note)
    {
    }

    /** Whether the present make has a change as well: a finding whatever its place in the list. */
    public function isTaken(string $key): bool
    {
        $said = $this->changes[$key] ?? null;

        return str_starts_with($key, 'findings.') ? in_array($said, $this->here, true) : $said === ($this->here[$key] ?? null);
    }

    /** The last that was worn; where none was, the last that was changed; null where there is none. */
    public static function of(MakeHistory $history, Make $present, Unit $unit): ?self
    {
        try {
            $has = ChangedBy::of($present->toCore($unit), $present->fitted());
            $changed = null;
            foreach ($history->ofPattern as $make) {
                $verdict = $make->id < $present->id ? $make->worn() : null;
                if ($verdict === null) {
                    continue;
                }
                $isWorn = $verdict->day !== null || $verdict->wear !== [];
                $changes = $isWorn || $changed === null ? ChangedBy::of($make->toCore($unit), $make->fitted()) : [];
                $last = $isWorn || $changes !== [] ? new self($make, $changes, $has, self::worn($verdict->wear), $verdict->note) : null;
                if ($isWorn) {
                    return $last;
                }
                $changed ??= $last;
            }

            return $changed;
        } catch (Refusal) {
            // What can't be read teaches nothing.
            return null;
        }
    }

    /**
     * The choices and the fitting of the present make with some of these changes in them.
     *
     * @param  list<string>  $keys
     * @return array{choices: stdClass, fitting: stdClass}
     */
    public function into(Make $present, array $keys): array
    {
        $choices = clone $present->choices;
        $theirs = (new ObjectShape(new ChoicesKeys))->wordedObject($this->make->choices, $this->make->unit);
        $findings = [];
        $open = array_filter(array_keys($this->changes), fn (string $key): bool => ! $this->isTaken($key));
        foreach (array_intersect($keys, $open) as $key) {
            [$part, $at] = explode('.', $key, 2);
            if ($part === 'findings') {
                $findings[] = (int) $at;

                continue;
            }
            $now = $choices->{$part} ?? null;
            $then = $theirs->{$part} ?? null;
            $now = $now instanceof stdClass ? clone $now : new stdClass;
            $now->{$at} = $then instanceof stdClass ? $then->{$at} ?? null : null;
            $choices->{$part} = $now;
        }

        return ['choices' => $choices, 'fitting' => $findings === [] ? $present->fitting : $this->found($present, $findings)];
    }

    /** @param  list<int>  $places  of those in hand */
    private function found(Make $present, array $places): stdClass
    {
        $fitting = clone $present->fitting;
        $theirs = (new ObjectShape(new FittingKeys))->wordedObject($this->make->fitting, $this->make->unit);
        $carried = CarriedFindings::of($theirs);
        $now = is_array($fitting->findings ?? null) ? $fitting->findings : [];
        foreach ($places as $place) {
            if (isset($carried[$place])) {
                $carried[$place]->tracing = max(CarriedFindings::TRACING, is_int($fitting->tracing ?? null) ? $fitting->tracing : 1);
                $now[] = $carried[$place];
                $fitting->tracing = $carried[$place]->tracing;
                $fitting->tried ??= 1;
            }
        }
        $fitting->findings = $now;

        return $fitting;
    }

    /** @param  array<string, Wear>  $wear  by level */
    private static function worn(array $wear): string
    {
        return implode(', ', array_map(static fn (string $level, Wear $one): string => "{$one->value} at the {$level}", array_keys($wear), array_values($wear)));
    }
}
