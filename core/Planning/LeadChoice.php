<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Measure\Point;
use Underbolt\Pattern\CupLetter;
use Underbolt\Sizing\Cup;

/** What chooses the frame, and why. */
final readonly class LeadChoice
{
    private function __construct(public Lead $lead, public string $why)
    {
    }

    /**
     * The make's own lead, else the sensible one for this body and pattern.
     *
     * @param  ?string  $draftedCup  of the make's range; an unknown one counts as B
     * @param  ?Lead  $kept  one that was settled before, whatever the choices say
     */
    public static function of(Make $make, ChartRows $rows, ?Cup $cup, ?string $draftedCup, ?Lead $kept): self
    {
        $chosen = $kept ?? $make->choices->lead;
        if ($chosen !== null) {
            return new self($chosen, 'You chose it.');
        }
        if ($rows->cups !== [] && $cup !== null) {
            return new self(Lead::Cup, 'The pattern has bust rows by cup, and the cup is known.');
        }
        $drafted = CupLetter::ORDER[CupLetter::draftedInches($draftedCup)];
        $apart = $cup?->lettersAbove($drafted);
        if ($cup !== null && $apart !== null && abs($apart) > 1 && $make->body->at(Point::HighBust) !== null) {
            return new self(Lead::HighBust, "Cup {$cup->letter} is more than one letter from the {$drafted} it is drafted for: shoulder and armhole fit better by the high bust, and the bust is adjusted.");
        }

        return new self(Lead::FullBust, $cup === null ? 'Without a cup the full bust leads.' : "Cup {$cup->letter} is near enough to the {$drafted} it is drafted for.");
    }
}
