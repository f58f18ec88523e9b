<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Altering\WorkOrder;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Cloth\Notion;
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
        $place = $this->isPrinted($line) ? "at the printed line {$where}" : 'half way between '.$this->gap($upper, $lower, $printed).', square to the grain';
        $along = $this->given->pieces->alongside($upper, $lower);
        $how = [
            $this->isTooMuch($change, $printed)
                ? "That is too much for one fold: split it over two lines a third of the way {$where} each, half of it at either."
                : "Cut across {$place} and ".($change->isPositive() ? 'spread' : 'overlap').' by the amount, front and back the same; keep fold and grain line straight.'.($change->isPositive() ? ' Or trace down to there, slide the paper along its grain by the amount, and trace on.' : ''),
            $this->isBlendFirst() ? 'Rejoin the drawn line across the gap.' : 'True the side seam across it.',
            ...($along === [] ? [] : [Listed::of($along).': the length follows.']),
            ...($change->isPositive() && $this->hasZip() ? ["An opening along it gets {$this->given->saying->length($change)} longer: is your zip?"] : []),
            ...$this->moved($upper, $change),
        ];

        return [$this->step($stretch, $what, $change, $how, $this->given->pieces->across($upper, $lower))];
    }

    /** The two marks that stand farthest apart on a stretch, in words: nothing that is printed there is cut through. */
    private function gap(Level $upper, Level $lower, ?Length $long): string
    {
        $marks = [[0, $upper->onPaper()]];
        foreach ($this->given->plan->make->pattern->notes->places as $place) {
            if ($long !== null && $place->level === $upper && $place->below->isPositive() && $place->below->isLessThan($long)) {
                $marks[] = [$place->below->nanometres, $place->name];
            } elseif ($long !== null && $place->level === $lower && $place->below->isNegative() && $place->below->abs()->isLessThan($long)) {
                $marks[] = [$long->nanometres - $place->below->abs()->nanometres, $place->name];
            }
        }
        $marks[] = [$long->nanometres ?? 1, $lower->onPaper()];
        sort($marks);
        $widest = 0;
        foreach (array_keys(array_slice($marks, 1)) as $at) {
            $widest = $marks[$at + 1][0] - $marks[$at][0] > $marks[$widest + 1][0] - $marks[$widest][0] ? $at : $widest;
        }

        return "{$marks[$widest][1]} and {$marks[$widest + 1][1]}";
    }

    private function hasZip(): bool
    {
        return array_filter($this->given->plan->make->pattern->notes->notions, static fn (Notion $notion): bool => preg_match('/\b(zips?|zippers?|\w*reißverschluss|fermeture éclair|fermeture à glissière|rits|cremallera|cerniera)\b/iu', $notion->name) === 1) !== [];
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
            default => "Draw the new edge {$amount} ".($change->isPositive() ? 'lower' : 'higher').", along the old one; {$this->slit($change)}",
        };

        return [$this->step('hem', 'at the hem', $change, [$how, $from, ...$madeUp], $this->given->pieces->hemmed())];
    }

    /** What stands at the hem keeps its length where the paper is cut above it. */
    private function slit(Length $change): string
    {
        $places = array_values(array_filter($this->given->plan->make->pattern->notes->places, static fn (PrintedPlace $place): bool => $place->isBelow(Level::Hip)));
        $verb = $change->isPositive() ? 'spread' : 'overlap';

        return $places === []
            ? 'where a slit or notch stands, cut across between it and the hip instead.'
            : "to keep {$places[0]->name} as long as it is, cut across half way between hip and {$places[0]->name} and {$verb} there instead.";
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
            $change->isPositive() && $change->nanometres > self::MOST_FOLDED_NM => 'That is too much for one cut: split it over two lines, one above the elbow and one below it, half of it at either; true its edges.',
            $this->isTooMuch($change, $this->given->plan->seam->sleeveLength) => 'That is too much for one fold: split it over two lines, one above the elbow and one below it, half of it at either.',
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
