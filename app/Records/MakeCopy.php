<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Card;
use App\Models\Make;
use App\Models\Pattern;
use stdClass;
use Underbolt\Altering\Alteration;
use Underbolt\Altering\Take;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;
use Underbolt\Wearing\Learned;
use Underbolt\Wearing\Wear;

/** A make begun from another: again, for another wearer, or from another pattern. */
final class MakeCopy
{
    /** Choices that were made for a body: they tell nothing of another. */
    private const OF_THE_BODY = [
        'sizes', 'lead', 'take', 'by_hand', 'centre_back', 'front_larger', 'lengths', 'method', 'adjust_bust', 'liked_ease', 'least_ease', 'own_garment',
    ];

    /** Choices that name something in a pattern, or were found on its paper. */
    private const OF_THE_PATTERN = ['sizes', 'range', 'view', 'fit', 'take', 'by_hand', 'centre_back', 'front_larger', 'lengths', 'order', 'method', 'adjust_bust'];

    /** What is told of the one garment that was sewn. */
    private const OF_THE_ONE = ['note', 'verdict', 'done', 'extras'];

    /** With what was learned on it: the findings of the tracing in hand are in the new one from its first tracing on, to be done again. */
    public static function again(Make $make, Card $newest): Make
    {
        return self::copy($make, $newest, $make->pattern, [], self::untried($make->fitting, self::tight($make)), $make->cloth);
    }

    /** What suits the cut stays, what suited the other body doesn't. */
    public static function forWearer(Make $make, Card $card): Make
    {
        return self::copy($make, $card, $make->pattern, self::OF_THE_BODY, new stdClass, $make->cloth);
    }

    /** What the wearer likes stays, what was read off the other paper doesn't. */
    public static function fromPattern(Make $make, Card $newest, Pattern $pattern): Make
    {
        return self::copy($make, $newest, $pattern, self::OF_THE_PATTERN, new stdClass, new stdClass);
    }

    /** @param  list<string>  $left  choices that are not taken over */
    private static function copy(Make $make, Card $card, Pattern $pattern, array $left, stdClass $fitting, stdClass $cloth): Make
    {
        $choices = clone $make->choices;
        foreach ($left as $key) {
            unset($choices->{$key});
        }
        foreach (self::tight($make) as $level) {
            $choices = self::withLessTaken($choices, $level, $make->unit);
        }
        $cloth = clone $cloth;
        unset($cloth->have);
        $copy = new Make([
            ...array_diff_key($make->only(Make::KEPT), array_flip(self::OF_THE_ONE)),
            'user_id' => $make->user_id,
            'card_id' => $card->id,
            'pattern_id' => $pattern->id,
            'choices' => $choices,
            'name' => $make->name === '' ? '' : mb_substr("{$make->name}, again", 0, 120),
            'fitting' => $fitting,
            'cloth' => $cloth,
        ]);
        $copy->save();

        return $copy;
    }

    /** @return list<string> the levels at which it wore tight */
    private static function tight(Make $make): array
    {
        $levels = $make->verdict->levels ?? null;

        return $levels instanceof stdClass ? array_keys(array_filter(get_object_vars($levels), static fn (mixed $wear): bool => $wear === Wear::Tight->value)) : [];
    }

    /**
     * With less taken in at a level: that made it tight. What was taken at the centre back stays there, less what nobody feels: else it would
     * be found at the sides again.
     */
    private static function withLessTaken(stdClass $choices, string $level, Unit $unit): stdClass
    {
        $left = clone $choices;
        $centreBack = $left->centre_back ?? null;
        $typed = $centreBack instanceof stdClass ? $centreBack->{$level} ?? null : null;
        $amount = is_string($typed) || is_numeric($typed) ? Length::tryParse((string) $typed, $unit) : null;
        if ($centreBack instanceof stdClass && $amount?->isPositive() === true) {
            $less = $amount->minus(Learned::more($unit));
            $left->centre_back = clone $centreBack;
            $left->centre_back->{$level} = $less->isPositive() ? LengthPrint::sentence($less, $unit) : '0';
            $take = $left->take ?? null;
            $left->take = $take instanceof stdClass ? clone $take : new stdClass;
            $left->take->{$level} = Take::Leave->value;
        }
        foreach ($amount?->isPositive() === true ? ['by_hand'] : ['by_hand', 'centre_back', 'take'] as $key) {
            if (! ($left->{$key} ?? null) instanceof stdClass || ! isset($left->{$key}->{$level})) {
                continue;
            }
            $here = clone $left->{$key};
            $amounts = $here->{$level} instanceof stdClass ? array_filter(get_object_vars($here->{$level}), static fn (mixed $amount): bool => ! self::isInward($amount)) : null;
            if ($key === 'take' || ($key === 'centre_back' && ! self::isInward($here->{$level})) || ($key === 'by_hand' && $amounts === [])) {
                unset($here->{$level});
            } elseif ($amounts !== null) {
                $here->{$level} = (object) $amounts;
            }
            $left->{$key} = $here;
        }

        return $left;
    }

    /** Whether an amount, as typed, is below nothing. */
    private static function isInward(mixed $amount): bool
    {
        return (is_string($amount) && preg_match('/^\s*[-−]/u', $amount) === 1) || (is_numeric($amount) && (float) $amount < 0);
    }

    /** @param  list<string>  $tight  levels at which what was taken in is left out */
    private static function untried(stdClass $fitting, array $tight): stdClass
    {
        $isTaking = [Alteration::Take->value, Alteration::Narrower->value];
        $findings = array_values(array_filter(
            CarriedFindings::of($fitting),
            static fn (stdClass $finding): bool => ! (in_array($finding->place ?? null, $tight, true) && in_array($finding->what ?? null, $isTaking, true)),
        ));

        return $findings === [] ? new stdClass : (object) ['tracing' => CarriedFindings::TRACING, 'tried' => 1, 'findings' => $findings];
    }
}
