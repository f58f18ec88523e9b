<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Pattern\Follows;
use Underbolt\Pattern\Piece;

/** Which size one paper piece is cut in. */
final readonly class PieceCut
{
    /** @param  list<int>  $sizes  from the top down, places in the pattern's list; several are blended, none is one size for all */
    private function __construct(public string $name, public Follows $follows, public array $sizes)
    {
    }

    /**
     * The pieces of the pattern, or those its garment usually has; a cup piece only for its cup.
     *
     * @param  array<string, int>  $sizes  by level
     * @return list<self>
     */
    public static function all(Situation $situation, array $sizes, ?int $frame): array
    {
        $pattern = $situation->make->pattern;
        $pieces = $pattern->notes->pieces !== [] ? $pattern->notes->pieces : ($pattern->garment?->usualPieces() ?? []);
        $cup = $situation->cupRow ?? $situation->cup?->letter;
        $ours = array_filter($pieces, static fn (Piece $piece): bool => $piece->serves($cup));

        return array_values(array_map(static fn (Piece $piece): self => new self($piece->name, $piece->follows, self::sizes($piece->follows, $sizes, $frame)), $ours));
    }

    /**
     * @param  array<string, int>  $sizes
     * @return list<int>
     */
    private static function sizes(Follows $follows, array $sizes, ?int $frame): array
    {
        $first = array_values($sizes)[0] ?? null;
        $found = match ($follows) {
            Follows::Frame => [$frame ?? $first],
            Follows::Waist => [$sizes['waist'] ?? $first],
            Follows::Hip => [$sizes['hip'] ?? $first],
            Follows::WaistAndHip => [$sizes['waist'] ?? null, $sizes['hip'] ?? null],
            Follows::AllLevels => [$frame, $sizes['bust'] ?? null, $sizes['waist'] ?? null, $sizes['hip'] ?? null],
            Follows::OneSize => [],
        };
        $cut = [];
        foreach ($found as $size) {
            if ($size !== null && $size !== end($cut)) {
                $cut[] = $size;
            }
        }

        return $cut;
    }
}
