<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\File\Keys\SeamKeys;
use Underbolt\File\Shape\Fields;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Paper\SeamData;

/** Reads what the paper says about the side seam. */
final class SeamReader
{
    /** @param  int  $sizes  how many sizes the pattern has */
    public static function read(Fields $fields, int $sizes): SeamData
    {
        $keys = new SeamKeys;
        $long = SizedLengths::read($fields, [$keys->underarmToWaist, $keys->waistToHip, $keys->hipToHem, $keys->waistToHemEdge], $sizes);
        $single = static fn (string $key): ?Length => ($long[$key] ?? null) instanceof Length ? $long[$key] : null;

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
     * @param  array<string, int>  $edges  by level
     * @return array<string, int<1, max>>
     */
    private static function edges(array $edges): array
    {
        return array_filter($edges, static fn (int $count): bool => $count > 0);
    }
}
