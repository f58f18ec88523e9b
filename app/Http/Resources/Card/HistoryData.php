<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use App\Models\Card;
use App\Models\Wearer;
use OpenApi\Attributes as OA;
use Underbolt\Measure\Body;
use Underbolt\Measure\PointGuides;

/** How one point went over the cards of one foundation: another bra is no change of the body. */
final readonly class HistoryData
{
    /**
     * @param  list<string>  $days
     * @param  list<int>  $length_nm  what was measured on each of them
     * @param  int  $change_nm  since the card before
     */
    public function __construct(
        public string $foundation,
        public string $point,
        public string $name,
        #[OA\Property(description: 'oldest first', items: new OA\Items(type: 'string', format: 'date'))] public array $days,
        public array $length_nm,
        public int $change_nm,
    ) {
    }

    /** @return list<self> of the points that were measured on two cards or more, from the top of the body down */
    public static function all(Wearer $wearer): array
    {
        $histories = [];
        foreach ($wearer->cards->reverse()->groupBy('foundation') as $foundation => $cards) {
            $bodies = $cards->map(static fn (Card $card): Body => $card->toBody());
            foreach (PointGuides::all() as $guide) {
                [$days, $lengths] = [[], []];
                foreach ($cards as $index => $card) {
                    $length = $bodies[$index]->at($guide->point);
                    if ($length !== null) {
                        $days[] = $card->taken_on->toDateString();
                        $lengths[] = $length->nanometres;
                    }
                }
                if (count($days) > 1) {
                    $histories[] = new self(
                        foundation: (string) $foundation,
                        point: $guide->point->value,
                        name: $guide->name,
                        days: $days,
                        length_nm: $lengths,
                        change_nm: $lengths[count($lengths) - 1] - $lengths[count($lengths) - 2],
                    );
                }
            }
        }

        return $histories;
    }
}
