<?php

declare(strict_types=1);

namespace App\Http\Resources\Account;

use App\Models\Card;
use App\Models\Nest;
use App\Models\User;

/** How much an account holds: what goes with it. */
final readonly class HoldsData
{
    /**
     * @param  int  $nests  drawings of pieces
     * @param  int  $bin  things in the bin
     */
    private function __construct(
        public int $wearers,
        public int $cards,
        public int $patterns,
        public int $nests,
        public int $houses,
        public int $makes,
        public int $bin,
    ) {
    }

    public static function of(User $user): self
    {
        return new self(
            wearers: $user->wearers()->count(),
            cards: Card::query()->whereHas('wearer', static fn ($wearers) => $wearers->where('user_id', $user->id))->count(),
            patterns: $user->patterns()->count(),
            nests: Nest::query()->where('user_id', $user->id)->count(),
            houses: $user->houses()->count(),
            makes: $user->makes()->count(),
            bin: $user->binEntries()->count(),
        );
    }
}
