<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use App\Http\Resources\Workroom\CardSummary;
use App\Models\Card;
use App\Models\User;
use App\Models\Wearer;
use Carbon\CarbonImmutable;
use stdClass;

final readonly class WearerData
{
    /**
     * @param  bool  $archived  put away
     * @param  list<CardSummary>  $cards  newest first
     */
    public function __construct(
        public int $id,
        public string $name,
        public bool $archived,
        public array $cards,
    ) {
    }

    /** @return list<self> of a user, by name */
    public static function all(User $user, CarbonImmutable $today): array
    {
        $cards = CardSummary::all($user, $today);
        $wearers = $user->wearers()->toBase()->orderBy('name')->orderBy('id')->get(['id', 'name', 'archived_at']);

        return array_values($wearers->map(static function (object $row) use ($cards): self {
            /** @var stdClass&object{id: int, name: string, archived_at: ?string} $row */
            return new self($row->id, $row->name, $row->archived_at !== null, $cards[$row->id] ?? []);
        })->all());
    }

    public static function of(Wearer $wearer, CarbonImmutable $today): self
    {
        return new self(
            $wearer->id,
            $wearer->name,
            $wearer->archived_at !== null,
            array_values($wearer->cards->map(static fn (Card $card): CardSummary => CardSummary::of($card, $today))->all()),
        );
    }
}
