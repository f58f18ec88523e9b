<?php

declare(strict_types=1);

namespace Underbolt\File;

use JsonException;
use Underbolt\File\Keys\FigureKeys;
use Underbolt\File\Keys\PlacingKeys;
use Underbolt\File\Keys\RingKeys;
use Underbolt\File\Shape\Fields;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\File\Typed\FaultLog;
use Underbolt\File\Typed\FaultyFile;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Unit;
use Underbolt\Practice\Arms;
use Underbolt\Practice\Figure;
use Underbolt\Practice\Placing;
use Underbolt\Practice\Ring;
use Underbolt\Practice\TapePoint;

/** Reads figures and placings of tape practice, from files or as they were sent. */
final class PracticeReader
{
    private const DEEPEST = 8;

    /** @throws FaultyFile naming every fault met */
    public static function figure(string $json): Figure
    {
        $keys = new FigureKeys;
        $log = new FaultLog;
        $fields = (new ObjectShape($keys))->read(Node::root(self::decoded($json), '', Unit::Centimetre, $log));
        array_map($fields->get(...), [$keys->format, $keys->version]);
        $name = $fields->get($keys->name) ?? '';
        $typed = $fields->all($keys->rings);
        $rings = self::rings($typed);
        $at = $fields->byName($keys->at);
        foreach ($fields->has($keys->at) ? array_diff(Figure::HEIGHTS, array_keys($at)) : [] as $missing) {
            $fields->node($keys->at)?->missing($missing);
        }
        if ($fields->has($keys->rings) && count($typed) < FigureKeys::LEAST_RINGS) {
            $fields->node($keys->rings)?->fault('must be '.FigureKeys::LEAST_RINGS.' or more');
        }
        self::refuseDisorder($fields, $keys, $rings, $at);
        if ($log->faults() !== [] || $rings === []) {
            throw $log->refusal();
        }

        return new Figure($name, $rings, [
            'underbust' => $at['underbust'], 'bust' => $at['bust'], 'high_bust' => $at['high_bust'],
            'waist' => $at['waist'], 'trouser_line' => $at['trouser_line'], 'hip' => $at['hip'],
        ]);
    }

    /** @throws FaultyFile likewise */
    public static function placing(string $json, Figure $figure): Placing
    {
        return self::placed(self::decoded($json), $figure);
    }

    /**
     * @param  mixed  $document  as `json_decode` gives it, objects as stdClass
     *
     * @throws FaultyFile likewise
     */
    public static function placed(mixed $document, Figure $figure): Placing
    {
        $keys = new PlacingKeys;
        $log = new FaultLog;
        $fields = (new ObjectShape($keys))->read(Node::root($document, '', Unit::Centimetre, $log));
        $point = $fields->get($keys->point);
        $height = $fields->get($keys->height);
        if ($height !== null && ($height < $figure->lowest() || $height > $figure->highest())) {
            $fields->node($keys->height)?->fault("must lie within the figure's rings, {$figure->lowest()} to {$figure->highest()}");
        }
        $board = $fields->get($keys->board);
        if ($board !== null && $point !== null && $point !== TapePoint::Hip) {
            $fields->node($keys->board)?->fault('is held at the hip alone');
        }
        $fingers = $fields->sure($keys->fingers);
        $placing = $point === null ? null : new Placing(
            point: $point,
            height: $height,
            front: $fields->sure($keys->front),
            left: $fields->sure($keys->left),
            over: $fields->sure($keys->over),
            fingers: max(0, min(3, $fingers)),
            pull: $fields->sure($keys->pull),
            breath: $fields->sure($keys->breath),
            armsUp: $fields->sure($keys->arms) === Arms::Up,
            board: $board,
            stretched: $fields->sure($keys->stretched),
            startsAt: $fields->sure($keys->startsAt),
        );
        if ($log->faults() !== [] || $placing === null) {
            throw $log->refusal();
        }

        return $placing;
    }

    /** @throws FaultyFile */
    private static function decoded(string $json): mixed
    {
        try {
            return json_decode($json, false, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException $reason) {
            throw FaultyFile::notJson(strtolower($reason->getMessage()));
        }
    }

    /**
     * @param  list<Fields>  $typed
     * @return list<Ring> those that could be read
     */
    private static function rings(array $typed): array
    {
        $keys = new RingKeys;
        $rings = [];
        foreach ($typed as $ring) {
            $figures = array_map($ring->get(...), [$keys->z, $keys->w, $keys->f, $keys->r, $keys->c]);
            if (! in_array(null, $figures, true)) {
                $rings[] = new Ring(...$figures);
            }
        }

        return $rings;
    }

    /**
     * @param  list<Ring>  $rings
     * @param  array<string, float>  $at
     */
    private static function refuseDisorder(Fields $fields, FigureKeys $keys, array $rings, array $at): void
    {
        foreach ($rings as $i => $ring) {
            if ($i > 0 && $ring->z <= $rings[$i - 1]->z) {
                $fields->node($keys->rings)?->fault('must rise strictly from low to high');
                break;
            }
        }
        if (isset($at['bust'], $at['waist'], $at['hip']) && ($at['bust'] <= $at['waist'] || $at['waist'] <= $at['hip'])) {
            $fields->node($keys->at)?->fault('must have the bust above the waist, and the waist above the hip');
        }
    }
}
