<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Paper;

use Underbolt\Pattern\Charts\Weight;

/** Where a garment lies close and where it hangs free, by its outline (trade: "what matters where"). */
enum Silhouette: string
{
    case Fitted = 'fitted';
    case Boxy = 'boxy';
    case Flared = 'flared';

    public function name(): string
    {
        return $this === self::Flared ? 'flared from the waist' : $this->value;
    }

    /** A boxy garment is cut in one size, by the larger of bust and hip. */
    public function cutAs(): CutAs
    {
        return $this === self::Boxy ? CutAs::OneSize : CutAs::Blended;
    }

    /** @return array<string, Weight> by level */
    public function weights(): array
    {
        [$bust, $waist, $hip] = match ($this) {
            self::Fitted => [Weight::Critical, Weight::Critical, Weight::Matters],
            self::Boxy => [Weight::Matters, Weight::Free, Weight::Matters],
            self::Flared => [Weight::Critical, Weight::Critical, Weight::Free],
        };

        return ['bust' => $bust, 'waist' => $waist, 'hip' => $hip];
    }
}
