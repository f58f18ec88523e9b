<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Pattern\Level;
use Underbolt\Pattern\SeamData;

/** Reads what the paper says about the side seam. */
final class SeamReader
{
    private const LENGTHS = ['underarm_to_waist', 'shoulder_to_waist', 'waist_to_hip', 'hip_to_hem', 'waist_to_hem_edge', 'sleeve_length'];

    private const ALLOWANCES = ['seam_allowance', 'hem_allowance', 'sleeve_hem_allowance'];

    private const MOST_EDGES = 40;

    public static function read(?Node $node): SeamData
    {
        $fields = $node?->fields(['edges', 'nest_edges', ...self::LENGTHS, ...self::ALLOWANCES]) ?? [];
        $length = static fn (string $key): ?Length => ($fields[$key] ?? null)?->length(in_array($key, self::ALLOWANCES, true) ? LengthKind::Allowance : LengthKind::Along);

        return new SeamData(
            edges: self::edges($fields['edges'] ?? null),
            underarmToWaist: $length('underarm_to_waist'),
            shoulderToWaist: $length('shoulder_to_waist'),
            waistToHip: $length('waist_to_hip'),
            hipToHem: $length('hip_to_hem'),
            seamAllowance: $length('seam_allowance'),
            hemAllowance: $length('hem_allowance'),
            sleeveLength: $length('sleeve_length'),
            sleeveHemAllowance: $length('sleeve_hem_allowance'),
            waistToHemEdge: $length('waist_to_hem_edge'),
            nestEdges: self::edges($fields['nest_edges'] ?? null),
        );
    }

    /** @return array<string, int<1, max>> */
    private static function edges(?Node $node): array
    {
        $edges = array_map(
            static fn (Node $field): ?int => $field->whole(1, self::MOST_EDGES),
            $node?->fields(array_column(Level::cases(), 'value')) ?? [],
        );

        return array_filter($edges, static fn (?int $count): bool => $count !== null && $count > 0);
    }
}
