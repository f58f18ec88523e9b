<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\Measure\LengthKind;
use Underbolt\Measure\LengthText;
use Underbolt\Pattern\FabricNeed;
use Underbolt\Pattern\Follows;
use Underbolt\Pattern\LengthenLine;
use Underbolt\Pattern\Notes;
use Underbolt\Pattern\Notion;
use Underbolt\Pattern\Piece;

/** Reads what the instruction sheet lists: pieces, cloth, notions, and where the paper may be cut. */
final class NotesReader
{
    private const MOST = 60;

    /** @param  array<string, Node>  $fields  the pattern's */
    public static function read(array $fields, int $sizes): Notes
    {
        return new Notes(
            self::each($fields['pieces'] ?? null, self::piece(...)),
            self::each($fields['fabric_needs'] ?? null, static fn (Node $node): FabricNeed => self::cloth($node, $sizes)),
            self::each($fields['notions'] ?? null, static fn (Node $node): ?Notion => self::notion($node, $sizes)),
            self::each($fields['lengthen_lines'] ?? null, static fn (Node $node): ?LengthenLine => $node->oneOf(LengthenLine::class)),
        );
    }

    /**
     * @template T of object
     *
     * @param  callable(Node): ?T  $read
     * @return list<T>
     */
    private static function each(?Node $node, callable $read): array
    {
        $all = array_map($read, $node?->items(self::MOST) ?? []);

        return array_values(array_filter($all, static fn (?object $one): bool => $one !== null));
    }

    private static function piece(Node $node): ?Piece
    {
        $fields = $node->fields(['name', 'follows', 'cups']);
        $name = isset($fields['name']) ? $fields['name']->text() : $node->missing('name');
        $cups = self::texts($fields['cups'] ?? null);

        return $name === null ? null : new Piece($name, ($fields['follows'] ?? null)?->oneOf(Follows::class) ?? Follows::AllLevels, $cups);
    }

    /** @return list<string> */
    private static function texts(?Node $node): array
    {
        $texts = array_map(static fn (Node $item): ?string => $item->text(), $node?->items(self::MOST) ?? []);

        return array_values(array_filter($texts, static fn (?string $text): bool => $text !== null));
    }

    private static function cloth(Node $node, int $sizes): FabricNeed
    {
        $fields = $node->fields(['view', 'cloth', 'width', 'amounts']);
        $amounts = isset($fields['amounts']) ? self::inOneUnit($fields['amounts']) : null;

        return new FabricNeed(
            ($fields['view'] ?? null)?->text(),
            ($fields['cloth'] ?? null)?->textOrEmpty() ?? '',
            ($fields['width'] ?? null)?->length(LengthKind::Cloth),
            $amounts === null ? [] : ChartReader::figures($amounts, LengthKind::Cloth, $sizes),
            array_map(static fn (Node $item): ?string => $item->lengthText(), $amounts?->items() ?? []),
        );
    }

    /** A figure that names no unit takes that of the others in its row; where those name several it has to say. */
    private static function inOneUnit(Node $row): Node
    {
        $items = $row->items(PatternReader::MOST_SIZES) ?? [];
        $units = [];
        foreach ($items as $item) {
            $word = $item->unitWord();
            $units += $word === null ? [] : [(string) LengthText::unitNanometres($word) => $word];
        }
        if ($units === []) {
            return $row;
        }
        foreach ($items as $item) {
            if (count($units) > 1 && $item->isBareText()) {
                $item->fault('names no unit, and the others in its row name several ('.implode(', ', $units).'): say which');
            }
        }

        return $row->withUnit(array_values($units)[0]);
    }

    private static function notion(Node $node, int $sizes): ?Notion
    {
        $fields = $node->fields(['view', 'name', 'by_size']);
        $name = isset($fields['name']) ? $fields['name']->text() : $node->missing('name');
        $items = ($fields['by_size'] ?? null)?->items() ?? [];
        $given = count($items);
        if ($given !== $sizes) {
            $node->fault("has {$given} entries for {$sizes} sizes; give one for each size, empty where none is needed");
        }
        $bySize = array_map(static fn (Node $item): string => $item->isNull() ? '' : $item->textOrEmpty() ?? '', array_slice($items, 0, $sizes));

        return $name === null ? null : new Notion(($fields['view'] ?? null)?->text(), $name, $bySize);
    }
}
