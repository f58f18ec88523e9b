<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Http\Requests\TapeReadingRequest;
use App\Http\Resources\Card\TapeData;
use App\Http\Resources\Card\TapeReadingData;
use App\Http\Resources\Card\TapeReadingsData;
use App\Models\Tape;
use App\Models\TapeReading;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** The open interface of a talking tape (docs/tape.md): it posts with its token, the card page asks for what came. */
final class TapeController
{
    /** Older ones are nobody's any more. */
    private const KEPT = 50;

    #[OA\Post(path: '/api/tape/token', operationId: 'pairTape', responses: [
        new Answer(TapeData::class, 'a new token; the one before stops working', 201),
        new OA\Response(response: 401, ref: '#/components/responses/NotSignedIn'),
    ])]
    public function pair(Request $request): JsonResponse
    {
        $user = SignedIn::user($request);
        $token = Tape::issue($user);

        return new JsonResponse(new TapeData(url('/api/tape'), $token, self::newest()), 201);
    }

    #[OA\Post(path: '/api/tape', operationId: 'sendTapeReading', security: [['tape' => []]],
        responses: [
            new Answer(TapeReadingData::class, 'taken', 201),
            new OA\Response(response: 401, ref: '#/components/responses/NotSignedIn'),
        ])]
    public function send(TapeReadingRequest $request): JsonResponse
    {
        $tape = Tape::withToken((string) $request->bearerToken()) ?? abort(
            401,
            'No tape has this token. Pair it anew on the measure card.',
        );
        $reading = $tape->readings()->create($request->reading());
        $tape->forgetOlderThan(self::KEPT);

        return new JsonResponse(TapeReadingData::of($reading), 201);
    }

    #[OA\Get(path: '/api/tape/readings', operationId: 'tapeReadings',
        parameters: [
            new OA\Parameter(
                name: 'after',
                description: 'the last reading that was seen',
                in: 'query',
                required: true,
                schema: new OA\Schema(type: 'integer'),
            ),
        ],
        responses: [
            new Answer(TapeReadingsData::class, 'what came since'),
            new OA\Response(response: 401, ref: '#/components/responses/NotSignedIn'),
        ])]
    public function readings(Request $request): JsonResponse
    {
        $tape = Tape::query()->where('user_id', SignedIn::user($request)->id)->first();
        $readings = $tape === null ? [] : $tape->readings()->where('id', '>', $request->integer('after'))->get()->sortBy('id')->all();

        return new JsonResponse(new TapeReadingsData(array_map(TapeReadingData::of(...), array_values($readings))));
    }

    private static function newest(): int
    {
        $id = TapeReading::query()->max('id');

        return is_int($id) ? $id : 0;
    }
}
