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
    private const LENGTHS = ['underarm_to_waist', 'shoulder_to_waist', 'waist_to_hip', 'hip_to_hem', 'sleeve_length'];

    private const ALLOWANCES = ['seam_allowance', 'hem_allowance', 'sleeve_hem_allowance'];

    private const MOST_EDGES = 40;

    public static function read(?Node $node): SeamData
    {
        $fields = $node?->fields(['edges', ...self::LENGTHS, ...self::ALLOWANCES]) ?? [];
        $length = static fn (string $key, LengthKind $kind): ?Length => ($fields[$key] ?? null)?->length($kind);

        return new SeamData(
            self::edges($fields['edges'] ?? null),
            $length('underarm_to_waist', LengthKind::Along),
            $length('shoulder_to_waist', LengthKind::Along),
            $length('waist_to_hip', LengthKind::Along),
            $length('hip_to_hem', LengthKind::Along),
            $length('seam_allowance', LengthKind::Allowance),
            $length('hem_allowance', LengthKind::Allowance),
            $length('sleeve_length', LengthKind::Along),
            $length('sleeve_hem_allowance', LengthKind::Allowance),
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
