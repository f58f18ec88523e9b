<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Facades\DB;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;

/**
 * Somebody who measures, and how far their readings lie apart; kept with the account, called by a name.
 *
 * @phpstan-import-type KeptHand from HandPoint
 */
final readonly class Hand
{
    /** @param  array<string, HandPoint>  $points  by point, from the top of the body down */
    private function __construct(public string $name, public array $points)
    {
    }

    /** @param  array<string, KeptHand>  $kept  by point */
    public static function of(string $name, array $kept): self
    {
        $points = [];
        foreach (Point::cases() as $point) {
            if (isset($kept[$point->value])) {
                $points[$point->value] = HandPoint::read($point, $kept[$point->value]);
            }
        }

        return new self($name, $points);
    }

    /** By the name that a card says; whoever is not known scatters as anybody. */
    public static function called(int $user, string $name): ?self
    {
        if ($name === '') {
            return null;
        }
        $hands = User::query()->whereKey($user)->first()->hands ?? [];

        return isset($hands[$name]) ? self::of($name, $hands[$name]) : null;
    }

    /** @return list<self> by name */
    public static function all(User $user): array
    {
        $hands = $user->hands;
        ksort($hands, SORT_NATURAL | SORT_FLAG_CASE);

        return array_map(static fn (string $name, array $kept): self => self::of($name, $kept), array_map(strval(...), array_keys($hands)), $hands);
    }

    /**
     * Keeps what a hand has shown at some points beside what it showed at others.
     *
     * @param  array<string, KeptHand>  $points
     */
    public static function keep(User $user, string $name, array $points): void
    {
        DB::transaction(static function () use ($user, $name, $points): void {
            $hands = $user->refresh()->hands;
            $user->update(['hands' => array_replace($hands, [$name => array_replace($hands[$name] ?? [], $points)])]);
        });
    }

    public static function forget(User $user, string $name): void
    {
        DB::transaction(static fn (): bool => $user->refresh()->update(['hands' => array_diff_key($user->hands, [$name => true])]));
    }

    /** @return array<string, Length> by point */
    public function spreads(): array
    {
        return array_map(static fn (HandPoint $at): Length => $at->spread, $this->points);
    }
}
