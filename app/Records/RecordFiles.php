<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Card;
use App\Models\House;
use App\Models\Make;
use App\Models\Pattern;
use App\Models\Wearer;
use Underbolt\File\CardCsv;
use Underbolt\File\CardJson;
use Underbolt\File\CardLine;
use Underbolt\Measure\Length;

/** Records as the files they are kept in elsewhere, everything as it was typed. */
final class RecordFiles
{
    private const JSON = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR;

    /** All cards of a wearer, to be read in again. */
    public static function cardsJson(Wearer $wearer): string
    {
        return self::json(CardJson::of(self::lines($wearer)));
    }

    /** All cards of a wearer, to be read in again. */
    public static function cardsCsv(Wearer $wearer): string
    {
        return CardCsv::write(self::lines($wearer));
    }

    public static function pattern(Pattern $pattern): string
    {
        return self::json(['format' => 'underbolt/pattern', 'version' => 1, 'unit' => $pattern->unit->value, 'pattern' => $pattern->named()]);
    }

    public static function house(House $house): string
    {
        return self::json(['format' => 'underbolt/house', 'version' => 1, 'name' => $house->name, 'unit' => $house->unit->value, 'habits' => $house->habits]);
    }

    /** The make as typed, to be read in again. */
    public static function make(Make $make): string
    {
        return self::json(MakeExchange::export($make));
    }

    /** @param  array<array-key, mixed>  $file */
    public static function json(array $file): string
    {
        return json_encode($file, self::JSON)."\n";
    }

    /** @return list<CardLine> */
    private static function lines(Wearer $wearer): array
    {
        return array_values($wearer->load('cards.readings')->cards->flatMap(self::linesOf(...))->all());
    }

    /** @return list<CardLine> */
    private static function linesOf(Card $card): array
    {
        $lines = [];
        foreach ($card->readings->sortBy(['point', 'attempt']) as $reading) {
            $lines[] = new CardLine(
                point: $reading->point,
                text: $reading->text,
                unit: $reading->unit,
                length: Length::ofNanometres($reading->nanometres),
                attempt: $reading->attempt,
                date: $card->taken_on->toDateString(),
                foundation: $card->foundation,
                picked: $reading->picked,
                measuredBy: $card->measured_by,
            );
        }

        return $lines;
    }
}
