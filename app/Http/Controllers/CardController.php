<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Contract\ChangedElsewhere;
use App\Http\Requests\AnswerRequest;
use App\Http\Requests\CardRequest;
use App\Http\Resources\Card\CardData;
use App\Http\Resources\Card\ConflictData;
use App\Http\Resources\Card\EarlierCardData;
use App\Models\Card;
use App\Models\Wearer;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use Underbolt\Measure\PointSet;

final class CardController
{
    #[OA\Post(path: '/api/wearers/{wearer}/cards', operationId: 'startCard',
        responses: [
            new Answer(CardData::class, 'an empty card of today', 201),
        ])]
    public function store(Request $request, Wearer $wearer): JsonResponse
    {
        // Begun from the last card: the same points on the same foundation by the same hand, none of its figures.
        $last = $wearer->cards()->first();
        $card = $wearer->cards()->create([
            'user_id' => $wearer->user_id,
            'taken_on' => CarbonImmutable::today(),
            'foundation' => $last->foundation ?? '',
            'measured_by' => $last->measured_by ?? '',
            'point_set' => $last->point_set ?? PointSet::Dress,
        ]);

        return CardAnswer::of($request, $card, 201);
    }

    #[OA\Get(path: '/api/cards/{card}', operationId: 'card',
        responses: [
            new Answer(CardData::class, 'the card'),
        ])]
    public function show(Request $request, Card $card): JsonResponse
    {
        return CardAnswer::of($request, $card);
    }

    #[OA\Get(path: '/api/cards/{card}/earlier', operationId: 'earlierCards',
        responses: [
            new OA\Response(
                response: 200,
                description: 'the wearer\'s cards before this one, newest first',
                content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: EarlierCardData::class)),
            ),
        ])]
    public function earlier(Card $card): JsonResponse
    {
        return new JsonResponse($card->earlier()->with('readings')->get()->map(EarlierCardData::of(...)));
    }

    #[OA\Patch(path: '/api/cards/{card}', operationId: 'changeCard',
        responses: [
            new Answer(CardData::class, 'kept'),
            new ChangedElsewhere(ConflictData::class),
        ])]
    public function update(CardRequest $request, Card $card): JsonResponse
    {
        return CardAnswer::after($request, $card, static fn () => $card->update($request->card()));
    }

    #[OA\Put(path: '/api/cards/{card}/answers', operationId: 'answer',
        responses: [
            new Answer(CardData::class, 'kept'),
            new ChangedElsewhere(ConflictData::class),
        ])]
    public function answer(AnswerRequest $request, Card $card): JsonResponse
    {
        return CardAnswer::after($request, $card, static function () use ($request, $card): void {
            $card->update(['answers' => $request->answered($card->answers)]);
            $point = $request->onePlace();
            if ($point !== null) {
                $card->pick($point, null);
            }
        });
    }
}
