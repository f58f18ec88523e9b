<?php

declare(strict_types=1);

namespace Underbolt\File;

use JsonException;
use stdClass;
use Underbolt\File\Typed\FaultLog;
use Underbolt\File\Typed\FaultyFile;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Unit;
use Underbolt\Nest\DrawnPiece;
use Underbolt\Nest\LineIs;
use Underbolt\Nest\NestMarks;
use Underbolt\Nest\Reach;
use Underbolt\Nest\Side;

/** Reads the marks on a nest: lines by size, ends, levels, grain and fold, all in millimetres of the drawing. */
final class NestMarksReader
{
    private const DEEPEST = 8;

    /** No drawing is larger, in millimetres. */
    private const FARTHEST_MM = 100_000.0;

    private const KEYS = [
        'piece', 'lines', 'underarm', 'hem', 'waist_y', 'hip_y', 'lengthen_y', 'armhole_top', 'hem_fold', 'grain', 'fold', 'line_is', 'frame', 'true_size', 'ends_at',
    ];

    /** @throws FaultyFile naming every fault met */
    public static function read(string $json): NestMarks
    {
        try {
            $document = json_decode($json, false, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException $reason) {
            throw FaultyFile::notJson(strtolower($reason->getMessage()));
        }

        return self::marks($document);
    }

    /**
     * @param  mixed  $document  as `json_decode` gives it, objects as stdClass
     *
     * @throws FaultyFile likewise
     */
    public static function marks(mixed $document): NestMarks
    {
        $log = new FaultLog;
        $root = Node::root($document, '', Unit::Centimetre, $log);
        $fields = $root->fields(self::KEYS);
        $piece = isset($fields['piece']) ? $fields['piece']->text() : $root->missing('piece');
        $drawn = DrawnPiece::tryFrom($piece ?? '');
        if ($piece !== null && $drawn === null) {
            $fields['piece']->fault('must be one of '.implode(', ', DrawnPiece::ALL));
        }
        $endsAt = isset($fields['ends_at']) ? $fields['ends_at']->text() : null;
        $reach = match (true) {
            $drawn?->isSkirt() === true => Reach::FromWaist,
            $endsAt === 'waist' => Reach::ToWaist,
            default => Reach::Whole,
        };
        // A piece that ends at a waist seam has that height at its end.
        $waist = $reach === Reach::Whole ? (isset($fields['waist_y']) ? self::height($fields['waist_y']) : $root->missing('waist_y')) : 0.0;
        $hip = $reach !== Reach::ToWaist ? (isset($fields['hip_y']) ? self::height($fields['hip_y']) : $root->missing('hip_y')) : 0.0;
        if ($reach === Reach::Whole && $waist !== null && $hip !== null && $hip <= $waist) {
            $fields['hip_y']->fault('must lie below the waist');
        }
        $lengthen = isset($fields['lengthen_y']) ? $fields['lengthen_y']->fields(['above_waist', 'below_waist']) : [];
        $fold = isset($fields['fold']) ? $fields['fold']->oneOf(Side::class) : Side::Left;
        $marks = [];
        foreach (['underarm', 'hem', 'armhole_top', 'hem_fold'] as $name) {
            $marks[$name] = self::places($fields[$name] ?? null);
        }
        $grain = isset($fields['grain']) ? self::twoPlaces($fields['grain']) : null;
        $frame = isset($fields['frame']) ? self::twoPlaces($fields['frame']) : null;
        $lineIs = isset($fields['line_is']) ? $fields['line_is']->oneOf(LineIs::class) : null;
        $isTrueSize = isset($fields['true_size']) && $fields['true_size']->flag() === true;
        $lines = array_map(static fn (Node $id): string => $id->text() ?? '', isset($fields['lines']) ? self::bySize($fields['lines']) : []);
        if ($log->faults() !== [] || $waist === null || $hip === null || $fold === null) {
            throw $log->refusal();
        }

        return new NestMarks(
            isFront: $drawn?->isFront() === true,
            lines: $lines,
            underarm: $marks['underarm'],
            hem: $marks['hem'],
            waistY: $waist,
            hipY: $hip,
            aboveWaistY: isset($lengthen['above_waist']) ? self::height($lengthen['above_waist']) : null,
            belowWaistY: isset($lengthen['below_waist']) ? self::height($lengthen['below_waist']) : null,
            armholeTop: $marks['armhole_top'],
            hemFold: $marks['hem_fold'],
            grain: $grain,
            fold: $fold,
            lineIs: $lineIs,
            frame: $frame,
            isTrueSize: $isTrueSize,
            reach: $reach,
        );
    }

    /**
     * The frame alone, whatever else is marked or isn't yet.
     *
     * @return ?array{array{float, float}, array{float, float}}
     */
    public static function frame(mixed $document): ?array
    {
        $frame = $document instanceof stdClass ? $document->frame ?? null : null;

        return $frame === null ? null : self::twoPlaces(Node::root($frame, 'frame', Unit::Centimetre, new FaultLog));
    }

    private static function height(Node $node): ?float
    {
        return $node->number(-self::FARTHEST_MM, self::FARTHEST_MM);
    }

    /** @return array<string, array{float, float}> by size */
    private static function places(?Node $node): array
    {
        return array_filter(array_map(self::place(...), $node === null ? [] : self::bySize($node)), static fn (?array $place): bool => $place !== null);
    }

    /** @return array<string, Node> */
    private static function bySize(Node $node): array
    {
        return $node->entries();
    }

    /** @return ?array{float, float} */
    private static function place(Node $node): ?array
    {
        $pair = $node->items(2);
        [$x, $y] = $pair !== null && count($pair) === 2 ? array_map(self::height(...), $pair) : [null, null];

        return $x === null || $y === null ? $node->fault('must be a place, [x, y] in millimetres') : [$x, $y];
    }

    /** @return ?array{array{float, float}, array{float, float}} */
    private static function twoPlaces(Node $node): ?array
    {
        $ends = $node->items(2);
        [$from, $to] = $ends !== null && count($ends) === 2 ? array_map(self::place(...), $ends) : [null, null];
        if ($from === null || $to === null || $from === $to) {
            return $node->fault('must be two places apart, [[x, y], [x, y]]');
        }

        return [$from, $to];
    }
}
