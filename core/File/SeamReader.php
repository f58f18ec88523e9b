<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\File\Keys\SeamKeys;
use Underbolt\File\Shape\Fields;
use Underbolt\Pattern\Paper\SeamData;

/** Reads what the paper says about the side seam. */
final class SeamReader
{
    public static function read(Fields $fields): SeamData
    {
        $keys = new SeamKeys;

        return new SeamData(
            edges: self::edges($fields->byName($keys->edges)),
            underarmToWaist: $fields->get($keys->underarmToWaist),
            shoulderToWaist: $fields->get($keys->shoulderToWaist),
            waistToHip: $fields->get($keys->waistToHip),
            hipToHem: $fields->get($keys->hipToHem),
            seamAllowance: $fields->get($keys->seamAllowance),
            hemAllowance: $fields->get($keys->hemAllowance),
            sleeveLength: $fields->get($keys->sleeveLength),
            sleeveHemAllowance: $fields->get($keys->sleeveHemAllowance),
            waistToHemEdge: $fields->get($keys->waistToHemEdge),
            nestEdges: self::edges($fields->byName($keys->nestEdges)),
            leans: $fields->sure($keys->leans),
            guessed: $fields->get($keys->guessed) ?? [],
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
