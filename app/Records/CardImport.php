<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Card;
use App\Models\Reading;
use App\Models\Wearer;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Underbolt\File\CardLine;

/** Lines of a file on their way into a wearer's cards: one card for each date and foundation. */
final class CardImport
{
    /** Rows of one statement: well under what the database takes. */
    private const AT_ONCE = 500;

    /** @var array<string, Card> by day and foundation */
    private array $cards = [];

    /** @var array<string, string> what stands at a place, by card, point and attempt */
    private array $standing = [];

    /** @param  Wearer  $wearer  with cards and readings */
    public function __construct(private readonly Wearer $wearer)
    {
        foreach ($wearer->cards as $card) {
            $this->cards[self::key($card->taken_on->toDateString(), $card->foundation)] ??= $card;
            foreach ($card->readings as $reading) {
                $this->standing["{$card->id}|{$reading->point->value}|{$reading->attempt}"] = $reading->text;
            }
        }
    }

    /** What stands in the place of a line now. */
    public function standing(CardLine $line): ?string
    {
        $card = $this->cards[self::key($line->date, $line->foundation)] ?? null;

        return $card === null ? null : $this->standing["{$card->id}|{$line->point->value}|{$line->attempt}"] ?? null;
    }

    /** @param  list<CardLine>  $lines */
    public function write(array $lines): void
    {
        DB::transaction(function () use ($lines): void {
            $now = CarbonImmutable::now();
            $rows = [];
            foreach ($lines as $line) {
                $card = $this->cards[self::key($line->date, $line->foundation)] ??= $this->begin($line);
                $rows[] = [
                    'card_id' => $card->id, 'point' => $line->point->value, 'attempt' => $line->attempt, 'text' => $line->text,
                    'unit' => $line->unit->value, 'nanometres' => $line->length->nanometres, 'picked' => $line->picked, 'created_at' => $now, 'updated_at' => $now,
                ];
            }
            foreach (array_chunk($rows, self::AT_ONCE) as $some) {
                Reading::query()->upsert($some, ['card_id', 'point', 'attempt'], ['text', 'unit', 'nanometres', 'picked', 'updated_at']);
            }
            foreach (array_chunk(array_unique(array_column($rows, 'card_id')), self::AT_ONCE) as $touched) {
                Card::query()->whereKey($touched)->increment('version');
            }
        });
    }

    private static function key(string $day, string $foundation): string
    {
        return "{$day}|{$foundation}";
    }

    private function begin(CardLine $line): Card
    {
        return $this->wearer->cards()->create([
            'user_id' => $this->wearer->user_id, 'taken_on' => $line->date, 'foundation' => $line->foundation, 'measured_by' => $line->measuredBy,
        ]);
    }
}
