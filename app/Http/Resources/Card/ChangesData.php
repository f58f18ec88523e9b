<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use App\Models\Card;
use OpenApi\Attributes as OA;
use Underbolt\Measure\PointGuides;

/** How the body changed since the card before on the same foundation. */
final readonly class ChangesData
{
    /** @param  object  $change_nm  by point, of those measured on both */
    public function __construct(
        #[OA\Property(format: 'date')] public string $since,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer'))] public object $change_nm,
    ) {
    }

    public static function since(Card $before, Card $card): self
    {
        [$was, $is] = [$before->toBody(), $card->toBody()];
        $changes = [];
        foreach (PointGuides::all() as $code => $guide) {
            $old = $was->at($guide->point);
            $new = $is->at($guide->point);
            if ($old !== null && $new !== null) {
                $changes[$code] = $new->minus($old)->nanometres;
            }
        }

        return new self($before->taken_on->toDateString(), (object) $changes);
    }
}
