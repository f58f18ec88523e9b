<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Contract\ChangedElsewhere;
use App\Http\Requests\PickRequest;
use App\Http\Requests\ReadingRequest;
use App\Http\Requests\SeenRequest;
use App\Http\Resources\Card\CardData;
use App\Http\Resources\Card\ConflictData;
use App\Models\Card;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;
use Underbolt\Measure\Point;

final class ReadingController
{
    #[OA\Put(path: '/api/cards/{card}/readings/{point}/{attempt}', operationId: 'keepReading',
        parameters: [
            new OA\Parameter(
                name: 'attempt',
                description: 'which try, from 1 to 9',
                in: 'path',
                required: true,
                schema: new OA\Schema(type: 'integer'),
            ),
        ],
        responses: [
            new Answer(CardData::class, 'kept'),
            new ChangedElsewhere(ConflictData::class),
        ])]
    public function update(ReadingRequest $request, Card $card, Point $point, int $attempt): JsonResponse
    {
        $length = $request->length($point);

        return CardAnswer::after($request, $card, static fn () => $card->readings()->updateOrCreate(
            ['point' => $point, 'attempt' => $attempt],
            ['text' => $request->string('text')->toString(), 'unit' => $request->unit(), 'nanometres' => $length->nanometres],
        ));
    }

    #[OA\Delete(path: '/api/cards/{card}/readings/{point}/{attempt}', operationId: 'dropReading',
        parameters: [
            new OA\Parameter(
                name: 'attempt',
                description: 'which try, from 1 to 9',
                in: 'path',
                required: true,
                schema: new OA\Schema(type: 'integer'),
            ),
        ],
        responses: [
            new Answer(CardData::class, 'the reading is gone'),
            new ChangedElsewhere(ConflictData::class),
        ])]
    public function destroy(SeenRequest $request, Card $card, Point $point, int $attempt): JsonResponse
    {
        return CardAnswer::after(
            $request,
            $card,
            static fn () => $card->readings()->where('point', $point)->where('attempt', $attempt)->delete(),
        );
    }

    #[OA\Post(path: '/api/cards/{card}/readings/{point}/from/{other}', operationId: 'takeOverReadings',
        parameters: [
            new OA\Parameter(
                name: 'other',
                description: 'another card of the same wearer',
                in: 'path',
                required: true,
                schema: new OA\Schema(type: 'integer'),
            ),
        ],
        responses: [
            new Answer(CardData::class, 'the point has the other card\'s readings'),
            new ChangedElsewhere(ConflictData::class),
        ])]
    public function takeOver(SeenRequest $request, Card $card, Point $point, Card $other): JsonResponse
    {
        abort_if($other->wearer_id !== $card->wearer_id, 404);

        return CardAnswer::after($request, $card, static function () use ($card, $point, $other): void {
            $card->readings()->where('point', $point)->delete();
            foreach ($other->readings()->where('point', $point)->get() as $reading) {
                $card->readings()->create($reading->only(['point', 'attempt', 'text', 'unit', 'nanometres', 'picked']));
            }
        });
    }

    #[OA\Put(path: '/api/cards/{card}/picks/{point}', operationId: 'pickReading',
        responses: [
            new Answer(CardData::class, 'that reading counts'),
            new ChangedElsewhere(ConflictData::class),
        ])]
    public function pick(PickRequest $request, Card $card, Point $point): JsonResponse
    {
        return CardAnswer::after($request, $card, static fn () => $card->pick($point, $request->attempt()));
    }
}
