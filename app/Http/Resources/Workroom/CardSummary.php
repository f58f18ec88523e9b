<?php

declare(strict_types=1);

namespace App\Http\Resources\Workroom;

use App\Models\Card;
use App\Models\Reading;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;
use stdClass;

final readonly class CardSummary
{
    /**
     * @param  int  $age_days  whole days since it was taken
     * @param  int  $measured  how many points are measured
     * @param  list<string>  $points  which, by their codes
     */
    public function __construct(
        public int $id,
        #[OA\Property(format: 'date')] public string $taken_on,
        public int $age_days,
        public string $foundation,
        public int $measured,
        public array $points,
    ) {
    }

    /**
     * @return array<int, list<self>> of a user, newest first, by the number of the wearer
     */
    public static function all(User $user, CarbonImmutable $today): array
    {
        $points = DB::table('readings')->whereColumn('card_id', 'cards.id')->selectRaw('group_concat(distinct point)');
        $rows = Card::query()->where('user_id', $user->id)->toBase()->orderByDesc('taken_on')->orderByDesc('id')
            ->select(['id', 'wearer_id', 'taken_on', 'foundation'])->selectSub($points, 'points')->get();
        $cards = [];
        foreach ($rows as $row) {
            /** @var stdClass&object{id: int, wearer_id: int, taken_on: string, foundation: string, points: ?string} $row */
            $day = substr($row->taken_on, 0, 10);
            $measured = $row->points === null ? [] : explode(',', $row->points);
            $age = max(0, (int) CarbonImmutable::parse($day)->diffInDays($today));
            $cards[$row->wearer_id][] = new self($row->id, $day, $age, $row->foundation, count($measured), $measured);
        }

        return $cards;
    }

    public static function of(Card $card, CarbonImmutable $today): self
    {
        return new self(
            $card->id,
            $card->taken_on->toDateString(),
            $card->ageInDays($today),
            $card->foundation,
            $card->readings->unique('point')->count(),
            array_values($card->readings->unique('point')->map(static fn (Reading $reading): string => $reading->point->value)->all()),
        );
    }
}
