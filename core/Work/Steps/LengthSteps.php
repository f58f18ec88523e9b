<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Altering\WorkOrder;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Listed;
use Underbolt\Pattern\Paper\Garment;
use Underbolt\Pattern\Paper\LengthenLine;
use Underbolt\Pattern\Paper\PrintedPlace;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Work\Facts\MakePieces;

/** What is done to the length of the paper, each change where it does no harm (common practice, no published source). */
final readonly class LengthSteps
{
    /** More than this is never folded out in one place: 8 cm. */
    private const MOST_FOLDED_NM = 80_000_000;

    private function __construct(private Given $given)
    {
    }

    /** @return list<Step> above and below the waist: they move the levels */
    public static function ofLevels(Given $given): array
    {
        $self = new self($given);
        $lengths = $given->plan->lengths;
        $seam = $given->plan->seam;

        // Pieces that are printed anew have it in them.
        return $given->line->isPrinted ? [] : [
            ...$self->between('above_waist', $lengths->aboveWaist, $seam->underarmToWaist, Level::Bust, Level::Waist, LengthenLine::AboveWaist, 'above the waist', 'between underarm and waist'),
            ...$self->between('below_waist', $lengths->belowWaist, $seam->waistToHip, Level::Waist, Level::Hip, LengthenLine::BelowWaist, 'between waist and hip', 'between waist and hip'),
        ];
    }

    /** @return list<Step> hem and sleeve */
    public static function ofEnds(Given $given): array
    {
        $self = new self($given);

        return [...($given->line->isPrinted ? [] : $self->hem($given->plan->lengths->hem)), ...$self->sleeve($given->plan->lengths->sleeve)];
    }

    /** @return list<Step> */
    private function between(string $stretch, ?Length $change, ?Length $printed, Level $upper, Level $lower, LengthenLine $line, string $what, string $where): array
    {
        if ($change === null || ! $this->canBeDone($change)) {
            return [];
        }
        $place = $this->isPrinted($line) ? "at the printed line {$where}" : "half way {$where}, square to the grain";
        $along = $this->given->pieces->alongside($upper, $lower);
        $how = [
            $this->isTooMuch($change, $printed)
                ? "That is more than one fold carries: split it over two lines a third of the way {$where} each, half of it at either."
                : "Cut across {$place} and ".($change->isPositive() ? 'spread' : 'overlap').' by the amount, front and back the same; keep fold and grain line straight.',
            $this->isBlendFirst() ? 'Rejoin the drawn line across the gap.' : 'True the side seam across it.',
            ...($along === [] ? [] : [Listed::of($along).': the length follows.']),
            ...$this->moved($upper, $change),
        ];

        return [$this->step($stretch, $what, $change, $how, $this->given->pieces->across($upper, $lower))];
    }

    /** @return list<string> what is printed below the stretch, and goes with the paper */
    private function moved(Level $upper, Length $change): array
    {
        $places = array_filter($this->given->plan->make->pattern->notes->places, static fn (PrintedPlace $place): bool => $place->isBelow($upper));
        $names = array_values(array_map(static fn (PrintedPlace $place): string => $place->name.($place->pieces === [] ? '' : ' ('.Listed::of($place->pieces).')'), $places));

        return $names === [] ? [] : [Listed::of($names).": goes {$this->given->saying->length($change)} ".($change->isPositive() ? 'down' : 'up').' with the paper.'];
    }

    /** @return list<Step> */
    private function hem(?Length $change): array
    {
        if ($change === null || ! $this->canBeDone($change)) {
            return [];
        }
        $above = $this->given->plan->lengths->aboveWaist;
        $from = $above === null || $above->isZero() ? 'It is counted from the paper\'s waist.' : 'It is counted from the changed waist.';
        $amount = $this->given->saying->length($change);
        $made = $this->given->plan->lengths->hemMakesUp;
        $madeUp = $this->canBeDone($made) ? ["{$this->given->saying->length($made)} of it ".($made->isPositive() ? 'was wanted' : 'was too much').' above the waist, where nothing is changed for it.'] : [];
        $how = match (true) {
            $this->isTooMuch($change, $this->given->plan->seam->hipToHem) => "Cut off at the new edge, {$amount} higher, and redraw the hem there as the old one is shaped.",
            $this->isPrinted(LengthenLine::Hem) => 'Cut across at the printed line above the hem and '.($change->isPositive() ? 'spread' : 'overlap').' by the amount.',
            default => "Draw the new edge {$amount} ".($change->isPositive() ? 'lower' : 'higher').', along the old one; where a slit or notch stands, cut across between it and the hip instead.',
        };

        return [$this->step('hem', 'at the hem', $change, [$how, $from, ...$madeUp], $this->given->pieces->hemmed())];
    }

    /** @return list<Step> a sleeve that gets longer and has nothing at its end is drawn on there: nothing is cut */
    private function sleeve(?Length $change): array
    {
        if ($change === null || ! $this->canBeDone($change)) {
            return [];
        }
        $isDrawnOn = $change->isPositive() && ! $this->given->pieces->hasCuff() && ! $this->isPrinted(LengthenLine::Sleeve);
        $place = $this->isPrinted(LengthenLine::Sleeve) ? 'at the printed line in the sleeve' : 'half way between underarm and elbow';
        $how = match (true) {
            $isDrawnOn => 'At its lower end draw both edges straight on by the amount, and the hem there.',
            $this->isTooMuch($change, $this->given->plan->seam->sleeveLength) => 'That is more than one fold carries: split it over two lines, one above the elbow and one below it, half of it at either.',
            default => "Cut across {$place} and ".($change->isPositive() ? 'spread' : 'overlap').' by the amount; true its edges.',
        };

        return [$this->step('sleeve', 'in the sleeve', $change, [$how], $this->given->pieces->sleeves())];
    }

    /**
     * @param  list<string>  $how
     * @param  list<Piece>  $pieces
     */
    private function step(string $stretch, string $what, Length $change, array $how, array $pieces): Step
    {
        $amount = $this->given->saying->length($change);
        $verb = $change->isPositive() ? 'Lengthen' : 'Shorten';
        $names = MakePieces::names($pieces);
        $legs = $this->given->plan->make->pattern->garment === Garment::Trousers && $stretch !== 'sleeve' ? ['Inside leg and crotch: the same, square to the grain.'] : [];
        $applied = [];
        foreach ($pieces as $piece) {
            $sides = match ($piece->side) {
                PieceSide::Both => Given::SIDES,
                PieceSide::Front, PieceSide::Back => [$piece->side],
                default => [null],
            };
            foreach ($sides as $side) {
                $applied[] = Applied::further($piece->name, in_array($stretch, ['hem', 'sleeve'], true) ? 'hem' : 'across', $side, null, Given::TRACE, $change, $stretch, 1);
            }
        }

        return new Step(
            given: $this->given,
            id: "length-{$stretch}",
            kind: StepKind::Length,
            short: "{$verb} {$what} by {$amount}.",
            how: [...$how, ...$legs],
            code: "length.{$stretch}",
            params: ['by' => $amount],
            needs: [Given::TRACE],
            applied: $applied,
        );
    }

    private function isPrinted(LengthenLine $line): bool
    {
        return in_array($line, $this->given->plan->make->pattern->notes->lines, true);
    }

    private function isBlendFirst(): bool
    {
        return $this->given->plan->lengths->order === WorkOrder::BlendFirst && $this->given->drawnSides !== [];
    }

    private function isTooMuch(Length $change, ?Length $stretch): bool
    {
        $most = $stretch === null ? self::MOST_FOLDED_NM : min(self::MOST_FOLDED_NM, intdiv($stretch->nanometres, 2));

        return $change->isNegative() && $change->abs()->nanometres > $most;
    }

    private function canBeDone(Length $change): bool
    {
        return $this->given->plan->make->canBeDone($change);
    }
}
