<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\Card\CardData;
use App\Http\Resources\Card\ConflictData;
use App\Models\Card;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The card as it stands after a request, and the guard that no change is made on an outdated sight of it. */
final class CardAnswer
{
    public static function of(Request $request, Card $card, int $status = 200): JsonResponse
    {
        return new JsonResponse(self::data($request, $card), $status);
    }

    /**
     * Makes a change if the card still is as it was seen; else 409 with the card as it stands now.
     *
     * @param  Closure(): mixed  $change
     */
    public static function after(Request $request, Card $card, Closure $change): JsonResponse
    {
        $made = $card->changeSince($request->integer('version'), static function () use ($change): bool {
            $change();

            return true;
        });

        return $made === true
            ? self::of($request, $card)
            : new JsonResponse(
                new ConflictData('This card was changed elsewhere since you opened it.', self::data($request, $card->refresh())),
                409,
            );
    }

    private static function data(Request $request, Card $card): CardData
    {
        return CardData::of($card, SignedIn::user($request)->unit, CarbonImmutable::today());
    }
}
