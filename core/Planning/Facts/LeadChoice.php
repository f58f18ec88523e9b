<?php

declare(strict_types=1);

namespace Underbolt\Planning\Facts;

use Underbolt\Measure\Point;
use Underbolt\Pattern\Charts\ChartRow;
use Underbolt\Pattern\Cups\CupLetter;
use Underbolt\Planning\Asked\Lead;
use Underbolt\Planning\Asked\Make;
use Underbolt\Sizing\Cup;

/** What chooses the frame, and why. */
final readonly class LeadChoice
{
    private function __construct(public Lead $lead, public string $why)
    {
    }

    /**
     * The make's own lead, else the sensible one for this body and pattern; that one never asks for a
     * measure that is missing, as long as another is there.
     *
     * @param  ?string  $draftedCup  of the make's range; an unknown one counts as B
     */
    public static function of(Make $make, ChartRows $rows, ?Cup $cup, ?string $draftedCup): self
    {
        $has = static fn (Point $point): bool => $make->body->at($point) !== null;
        $drafted = CupLetter::drafted($draftedCup);
        $apart = abs($cup?->lettersAbove($drafted) ?? 0);
        $hasHighBustRow = $rows->body(ChartRow::HighBust) !== null;

        return match (true) {
            $make->choices->lead !== null => new self($make->choices->lead, 'You chose it.'),
            $has(Point::CrossFront) && $rows->body(ChartRow::CrossFront) !== null => new self(
                Lead::CrossFront,
                'The pattern gives the front width, and it is measured: it says most about shoulder and armhole.',
            ),
            $cup !== null && $has(Point::FullBust) && $rows->hasCups => new self(
                Lead::Cup,
                'The pattern is drawn by cup, and the cup is known.',
            ),
            $cup !== null && $has(Point::HighBust) && ($apart > 1 || ($apart === 1 && $hasHighBustRow)) => new self(
                Lead::HighBust,
                "Cup {$cup->letter} is ".($apart > 1 ? 'more than one letter' : 'a letter')
                    ." from the {$drafted} it is drafted for: shoulder and armhole fit better by the high bust, and the bust is adjusted.",
            ),
            $has(Point::FullBust) => new self(
                Lead::FullBust,
                $cup === null
                    ? 'Without a cup the full bust leads.'
                    : "Cup {$cup->letter} is near enough to the {$drafted} it is drafted for.",
            ),
            $has(Point::HighBust) => new self(Lead::HighBust, 'The full bust is not measured, the high bust is.'),
            default => new self(Lead::FullBust, 'The bust is not measured.'),
        };
    }
}
