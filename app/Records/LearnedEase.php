<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Make;
use stdClass;
use Underbolt\Altering\Alteration;
use Underbolt\Altering\FittingPlace;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Refusal;
use Underbolt\Wearing\Learned;
use Underbolt\Wearing\Wear;

/**
 * An ease that earlier makes teach, taken at one level. It holds what was found on them: what this make carries of that
 * into the same line is taken back, or it would be added twice.
 */
final readonly class LearnedEase
{
    /**
     * @param  list<string>  $tookBack  in words
     * @param  ?string  $cutIn  the size in which this pattern was found right there, called as the wearer would have it: it is set, as a liked
     *   ease alone might pick its neighbour
     */
    private function __construct(public stdClass $choices, public stdClass $fitting, public array $tookBack, public ?string $cutIn)
    {
    }

    /** @param  Unit  $unit  in which it is typed */
    public static function at(Make $make, Level $level, Learned $learned, MakeHistory $history, Unit $unit): self
    {
        $choices = clone $make->choices;
        $least = $learned->least($unit);
        if ($least !== null) {
            $choices->least_ease = self::with($choices->least_ease ?? null, $level, self::say($least, $unit));

            return new self($choices, $make->fitting, [], null);
        }
        $choices->ease = 'liked';
        $choices->liked_ease = self::with($choices->liked_ease ?? null, $level, self::say($learned->ease ?? Length::zero(), $unit));
        $cutIn = self::rightIn($history, $make, $level);
        if ($cutIn !== null) {
            $choices->sizes = self::with($choices->sizes ?? null, $level, $cutIn);
        }
        $tookBack = [];
        $byHand = $choices->by_hand ?? null;
        if ($byHand instanceof stdClass && isset($byHand->{$level->value})) {
            $choices->by_hand = clone $byHand;
            unset($choices->by_hand->{$level->value});
            $tookBack[] = "what was set by hand at the {$level->value}";
        }
        $fitting = clone $make->fitting;
        $findings = is_array($fitting->findings ?? null) ? $fitting->findings : [];
        $left = array_values(array_filter($findings, static fn (mixed $finding): bool => ! self::isIn($finding, $level)));
        if ($left !== $findings) {
            $fitting->findings = $left;
            $tookBack[] = "what was found on an earlier make at the {$level->value}";
        }

        return new self($choices, $fitting, $tookBack, $cutIn === null ? null : $make->sizeWords()->name($cutIn));
    }

    /** The size of the newest make of the same pattern that was right there. */
    private static function rightIn(MakeHistory $history, Make $present, Level $level): ?string
    {
        foreach ($history->ofPattern as $make) {
            try {
                $verdict = $make->worn();
            } catch (Refusal) {
                continue;
            }
            if (isset($verdict->wear[$level->value])) {
                $size = $verdict->wear[$level->value] === Wear::Right ? $verdict->sizes[$level->value] ?? null : null;

                return in_array($size, (array) ($present->pattern->document->sizes ?? []), true) ? $size : null;
            }
        }

        return null;
    }

    /** Whether a carried finding is in the ease at a level: what was drawn or sewn there. One that moves more levels is taken back at all of them. */
    private static function isIn(mixed $finding, Level $level): bool
    {
        $deeds = [Alteration::Add->value, Alteration::Take->value, Alteration::Narrower->value, Alteration::Wider->value];
        $isCarried = $finding instanceof stdClass && ($finding->carried ?? false) === true && in_array($finding->what ?? null, $deeds, true);
        $place = $isCarried && is_string($finding->place ?? null) ? FittingPlace::tryFrom($finding->place) : null;

        return $place === FittingPlace::Princess || in_array($level, $place?->levels() ?? [], true);
    }

    private static function with(mixed $eases, Level $level, string $ease): stdClass
    {
        $now = $eases instanceof stdClass ? clone $eases : new stdClass;
        $now->{$level->value} = $ease;

        return $now;
    }

    private static function say(Length $length, Unit $unit): string
    {
        return LengthPrint::sentence($length, $unit);
    }
}
