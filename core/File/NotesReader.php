<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\File\Keys\FabricNeedKeys;
use Underbolt\File\Keys\NotionKeys;
use Underbolt\File\Keys\PatternFileKeys;
use Underbolt\File\Keys\PatternKeys;
use Underbolt\File\Keys\PlaceKeys;
use Underbolt\File\Shape\Fields;
use Underbolt\File\Shape\LengthShape;
use Underbolt\File\Shape\RowShape;
use Underbolt\File\Typed\Known;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\LengthKind;
use Underbolt\Measure\LengthText;
use Underbolt\Pattern\Cloth\FabricKind;
use Underbolt\Pattern\Cloth\FabricNeed;
use Underbolt\Pattern\Cloth\Notion;
use Underbolt\Pattern\Paper\Notes;
use Underbolt\Pattern\Paper\PatternFile;
use Underbolt\Pattern\Paper\PrintedPlace;
use Underbolt\Pattern\Pattern;

/** Reads what the instruction sheet lists: pieces, cloth, notions, and where the paper may be cut. */
final class NotesReader
{
    /** @param  Fields  $fields  the pattern's */
    public static function read(Fields $fields, PatternKeys $keys, int $sizes, FabricKind $fabric): Notes
    {
        return new Notes(
            pieces: PieceReader::all($fields, $keys, $fabric),
            cloth: array_map(static fn (Fields $need): FabricNeed => self::cloth($need, $sizes), $fields->all($keys->fabricNeeds)),
            notions: Known::of(
                array_map(static fn (Fields $notion): ?Notion => self::notion($notion, $sizes), $fields->all($keys->notions)),
            ),
            lines: $fields->all($keys->lengthenLines),
            cloths: $fields->sure($keys->cloths),
            files: Known::of(array_map(self::file(...), $fields->all($keys->files))),
            places: Known::of(array_map(self::place(...), $fields->all($keys->places))),
        );
    }

    private static function place(Fields $fields): ?PrintedPlace
    {
        $keys = new PlaceKeys;
        [$name, $level, $below] = [$fields->get($keys->name), $fields->get($keys->level), $fields->get($keys->below)];

        return $name === null || $level === null || $below === null ? null : new PrintedPlace($name, $level, $below, $fields->all($keys->pieces));
    }

    private static function file(Fields $fields): ?PatternFile
    {
        $keys = new PatternFileKeys;
        $name = $fields->get($keys->name);

        return $name === null ? null : new PatternFile($name, $fields->get($keys->cup), $fields->get($keys->range), $fields->get($keys->sheet));
    }

    private static function cloth(Fields $fields, int $sizes): FabricNeed
    {
        $keys = new FabricNeedKeys;
        $typed = $fields->node($keys->amounts);
        $amounts = $typed === null ? null : self::inOneUnit($typed);

        return new FabricNeed(
            $fields->get($keys->view),
            $fields->sure($keys->cloth),
            $fields->get($keys->width),
            $amounts === null ? [] : ChartReader::figures($amounts, new RowShape(new LengthShape(LengthKind::Cloth)), $sizes),
            array_map(static fn (Node $item): ?string => $item->lengthText(), $amounts?->items() ?? []),
        );
    }

    /** A figure that names no unit takes that of the others in its row; where those name several it has to say. */
    private static function inOneUnit(Node $row): Node
    {
        $items = $row->items(Pattern::MOST_SIZES) ?? [];
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

    private static function notion(Fields $fields, int $sizes): ?Notion
    {
        $keys = new NotionKeys;
        $name = $fields->get($keys->name);
        $items = $fields->node($keys->bySize)?->items(Pattern::MOST_SIZES) ?? [];
        $given = count($items);
        if ($given !== $sizes) {
            $fields->fault("has {$given} entries for {$sizes} sizes; give one for each size, empty where none is needed");
        }
        $bySize = array_map(
            static fn (Node $item): string => $item->isNull() ? '' : $item->textOrEmpty() ?? '',
            array_slice($items, 0, $sizes),
        );

        return $name === null ? null : new Notion($fields->get($keys->view), $name, $bySize);
    }
}
