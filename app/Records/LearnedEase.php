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
use Underbolt\Wearing\Learned;

/**
 * An ease that earlier makes teach, taken at one level. It holds what was found on them: what this make carries of that
 * into the same line is taken back, or it would be added twice.
 */
final readonly class LearnedEase
{
    /**
     * @param  list<string>  $tookBack  in words
     */
    private function __construct(public stdClass $choices, public stdClass $fitting, public array $tookBack)
    {
    }

    /** @param  Unit  $unit  in which it is typed */
    public static function at(Make $make, Level $level, Learned $learned, Unit $unit): self
    {
        $choices = clone $make->choices;
        $least = $learned->least($unit);
        if ($least !== null) {
            $choices->least_ease = self::with($choices->least_ease ?? null, $level, self::say($least, $unit));

            return new self($choices, $make->fitting, []);
        }
        $choices->ease = 'liked';
        $choices->liked_ease = self::with($choices->liked_ease ?? null, $level, self::say($learned->ease ?? Length::zero(), $unit));
        $tookBack = [];
        $byHand = $choices->by_hand ?? null;
        if ($byHand instanceof stdClass && isset($byHand->{$level->value})) {
            $choices->by_hand = clone $byHand;
            unset($choices->by_hand->{$level->value});
            $tookBack[] = "what was set by hand at the {$level->value}";
        }
        $fitting = clone $make->fitting;
        $findings = is_array($fitting->findings ?? null) ? $fitting->findings : [];
        $left = array_merge([], ...array_map(static fn (mixed $finding): array => self::left($finding, $level), $findings));
        if ($left !== $findings) {
            $fitting->findings = $left;
            $tookBack[] = "what was found on an earlier make at the {$level->value}";
        }

        return new self($choices, $fitting, $tookBack);
    }

    /** @return list<mixed> what stays of a finding; one that moves the whole side seam stays at the other levels */
    private static function left(mixed $finding, Level $level): array
    {
        $isInLine = $finding instanceof stdClass && ($finding->carried ?? false) === true && in_array($finding->what ?? null, [Alteration::Add->value, Alteration::Take->value], true);
        $levels = $isInLine && is_string($finding->place ?? null) ? FittingPlace::tryFrom($finding->place)?->levels() ?? [] : [];
        if (! in_array($level, $levels, true)) {
            return [$finding];
        }

        return array_values(array_map(static function (Level $other) use ($finding): stdClass {
            $there = clone $finding;
            $there->place = $other->value;

            return $there;
        }, array_filter($levels, static fn (Level $other): bool => $other !== $level)));
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
