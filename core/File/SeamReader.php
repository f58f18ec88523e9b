<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\File\Keys\SeamKeys;
use Underbolt\File\Shape\Fields;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Paper\SeamData;

/** Reads what the paper says about the side seam. */
final class SeamReader
{
    /** @param  int  $sizes  how many sizes the pattern has */
    public static function read(Fields $fields, int $sizes): SeamData
    {
        $keys = new SeamKeys;
        $long = [];
        foreach ([$keys->underarmToWaist, $keys->waistToHip, $keys->hipToHem, $keys->waistToHemEdge] as $key) {
            $node = $fields->node($key);
            $long[$key->name] = $node === null ? null : self::long($node, $fields->get($key), $sizes);
        }
        $single = static fn (string $key): ?Length => $long[$key] instanceof Length ? $long[$key] : null;

        return new SeamData(
            edges: self::edges($fields->byName($keys->edges)),
            underarmToWaist: $single('underarm_to_waist'),
            shoulderToWaist: $fields->get($keys->shoulderToWaist),
            waistToHip: $single('waist_to_hip'),
            hipToHem: $single('hip_to_hem'),
            seamAllowance: $fields->get($keys->seamAllowance),
            hemAllowance: $fields->get($keys->hemAllowance),
            sleeveLength: $fields->get($keys->sleeveLength),
            sleeveHemAllowance: $fields->get($keys->sleeveHemAllowance),
            waistToHemEdge: $single('waist_to_hem_edge'),
            nestEdges: self::edges($fields->byName($keys->nestEdges)),
            leans: $fields->sure($keys->leans),
            guessed: $fields->get($keys->guessed) ?? [],
            bySize: array_filter($long, is_array(...)),
        );
    }

    /**
     * @param  Length|list<?Length>|null  $read
     * @return Length|list<?Length>|null a row has a figure or null for each size; one of nulls alone is none
     */
    private static function long(Node $node, Length|array|null $read, int $sizes): Length|array|null
    {
        if (! is_array($read)) {
            return $read;
        }
        if (count($read) !== $sizes) {
            return $node->fault('has '.count($read)." figures for {$sizes} sizes; give one for each size, null where none is printed, or one for all");
        }

        return array_filter($read) === [] ? null : $read;
    }

    /**
     * @param  array<string, int>  $edges  by level
     * @return array<string, int<1, max>>
     */
    private static function edges(array $edges): array
    {
        return array_filter($edges, static fn (int $count): bool => $count > 0);
    }
}
