<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Card;
use App\Models\Wearer;
use Underbolt\File\CardLine;

/** Lines of a file on their way into a wearer's cards: one card for each date and foundation. */
final readonly class CardImport
{
    public function __construct(private Wearer $wearer)
    {
    }

    /** What stands in the place of a line now. */
    public function standing(CardLine $line): ?string
    {
        return $this->card($line)?->readings
            ->first(static fn ($reading): bool => $reading->point === $line->point && $reading->attempt === $line->attempt)
            ?->text;
    }

    /** @param  list<CardLine>  $lines */
    public function write(array $lines): void
    {
        $touched = [];
        foreach ($lines as $line) {
            $card = $this->card($line) ?? $this->begin($line);
            $card->readings()->updateOrCreate(
                ['point' => $line->point, 'attempt' => $line->attempt],
                ['text' => $line->text, 'unit' => $line->unit, 'nanometres' => $line->length->nanometres],
            );
            $touched[$card->id] = $card;
        }
        foreach ($touched as $card) {
            $card->advance($card->version);
        }
    }

    private function card(CardLine $line): ?Card
    {
        return $this->wearer->cards->first(
            static fn (Card $card): bool => $card->taken_on->toDateString() === $line->date && $card->foundation === $line->foundation,
        );
    }

    private function begin(CardLine $line): Card
    {
        $card = $this->wearer->cards()->create([
            'user_id' => $this->wearer->user_id, 'taken_on' => $line->date, 'foundation' => $line->foundation,
        ]);
        $card->setRelation('readings', $card->newCollection());
        $this->wearer->cards->push($card);

        return $card;
    }
}
