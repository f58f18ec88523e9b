<?php

declare(strict_types=1);

namespace Underbolt\File;

use JsonException;
use Underbolt\File\Typed\FaultLog;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Point;
use Underbolt\Measure\Readings;
use Underbolt\Measure\Unit;
use Underbolt\Refusal;

/** Measure cards as JSON: one object for each card, each reading as typed. */
final class CardJson
{
    public const FORMAT = 'underbolt/cards';

    private const DEEPEST = 16;

    /**
     * @param  list<CardLine>  $lines
     * @return array<string, mixed> ready for `json_encode`
     */
    public static function of(array $lines): array
    {
        $cards = [];
        foreach ($lines as $line) {
            $card = "{$line->date}|{$line->foundation}";
            $cards[$card] ??= ['date' => $line->date, 'foundation' => $line->foundation, ...($line->measuredBy === '' ? [] : ['measured_by' => $line->measuredBy]), 'readings' => []];
            $cards[$card]['readings'][] = [
                'point' => $line->point->value, 'value' => $line->text, 'unit' => $line->unit->value, 'reading' => $line->attempt,
                ...($line->picked ? ['picked' => true] : []),
            ];
        }

        return ['format' => self::FORMAT, 'version' => 1, 'cards' => array_values($cards)];
    }

    /**
     * @param  string  $today  as `2026-11-23`: no card is taken later
     * @return array{list<CardLine>, FaultLog} what can be read, and a fault for each field that can't
     */
    public static function read(string $json, string $today): array
    {
        $log = new FaultLog;
        try {
            $document = json_decode($json, false, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException $reason) {
            $log->add('the file', 'this is no JSON ('.strtolower($reason->getMessage()).'); export the cards again');

            return [[], $log];
        }
        $fields = Node::root($document, '', Unit::Centimetre, $log)->fields(['format', 'version', 'cards']);
        if (($fields['format'] ?? null)?->text() !== self::FORMAT) {
            $log->add('format', 'must be "'.self::FORMAT.'"; is this another kind of file?');

            return [[], $log];
        }
        $lines = [];
        foreach (($fields['cards'] ?? null)?->items() ?? [] as $card) {
            array_push($lines, ...self::card($card, count($lines), $today));
            if (count($lines) > CardLines::MOST) {
                $log->add('cards', 'more than '.CardLines::MOST.' readings are more than any workroom has; split the file');

                return [[], $log];
            }
        }
        CardLines::refuseTwice($lines, $log);

        return [$lines, $log];
    }

    /** @return list<CardLine> */
    private static function card(Node $node, int $before, string $today): array
    {
        $fields = $node->fields(['date', 'foundation', 'measured_by', 'readings']);
        $date = isset($fields['date']) ? self::day($fields['date'], $today) : $node->missing('date');
        $foundation = isset($fields['foundation']) ? self::foundation($fields['foundation']) : '';
        $measuredBy = isset($fields['measured_by']) ? self::foundation($fields['measured_by']) : '';
        if ($date === null || $foundation === null || $measuredBy === null) {
            return [];
        }
        $lines = [];
        foreach (($fields['readings'] ?? null)?->items() ?? [] as $reading) {
            $line = self::reading($reading, $date, $foundation, $measuredBy, $before + count($lines) + 1);
            if ($line !== null) {
                $lines[] = $line;
            }
        }

        return $lines;
    }

    private static function day(Node $node, string $today): ?string
    {
        $date = $node->text();
        $fault = $date === null ? null : CardLine::dayFault($date, $today);

        return $fault === null ? $date : $node->fault($fault);
    }

    private static function foundation(Node $node): ?string
    {
        $foundation = $node->textOrEmpty() ?? '';
        $fault = CardLine::foundationFault($foundation);

        return $fault === null ? $foundation : $node->fault($fault);
    }

    private static function reading(Node $node, string $date, string $foundation, string $measuredBy, int $number): ?CardLine
    {
        $fields = $node->fields(['point', 'value', 'unit', 'reading', 'picked']);
        $point = isset($fields['point']) ? $fields['point']->oneOf(Point::class) : $node->missing('point');
        $text = isset($fields['value']) ? $fields['value']->text() : $node->missing('value');
        $unit = isset($fields['unit']) ? $fields['unit']->oneOf(Unit::class) : Unit::Centimetre;
        $attempt = isset($fields['reading']) ? $fields['reading']->whole(1, Readings::MOST_TRIES) : 1;
        if ($point === null || $text === null || $unit === null || $attempt === null) {
            return null;
        }
        try {
            $length = $point->read($text, $unit);
        } catch (Refusal $refusal) {
            return $fields['value']->fault($refusal->getMessage());
        }

        return new CardLine(
            point: $point,
            text: $text,
            unit: $unit,
            length: $length,
            attempt: $attempt,
            date: $date,
            foundation: $foundation,
            number: $number,
            picked: isset($fields['picked']) && $fields['picked']->flag() === true,
            measuredBy: $measuredBy,
        );
    }
}
