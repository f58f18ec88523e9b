<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MakeCopyRequest;
use App\Http\Resources\Fitting\HistoryPageData;
use App\Http\Resources\Plan\MakeData;
use App\Models\Card;
use App\Models\Make;
use App\Models\Pattern;
use App\Models\Wearer;
use App\Records\MakeCopy;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** From one make to the next. */
final class HistoryController
{
    #[OA\Get(path: '/api/wearers/{wearer}/history', operationId: 'history',
        parameters: [new OA\Parameter(name: 'wearer', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [
            new OA\Response(response: 200, description: 'all makes with what was said of them', content: new OA\JsonContent(ref: HistoryPageData::class)),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
        ])]
    public function show(Request $request, Wearer $wearer): JsonResponse
    {
        return new JsonResponse(HistoryPageData::of($wearer, SignedIn::user($request)->unit));
    }

    #[OA\Post(path: '/api/makes/{make}/copies', operationId: 'copyMake',
        parameters: [new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: MakeCopyRequest::class)),
        responses: [
            new OA\Response(response: 201, description: 'begun from it', content: new OA\JsonContent(ref: MakeData::class)),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function copy(MakeCopyRequest $request, Make $make): JsonResponse
    {
        $newest = $make->card->wearer->cards->first() ?? $make->card;
        $copy = match (true) {
            $request->filled('card_id') => MakeCopy::forWearer($make, Card::query()->findOrFail($request->integer('card_id'))),
            $request->filled('pattern_id') => MakeCopy::fromPattern($make, $newest, Pattern::query()->findOrFail($request->integer('pattern_id'))),
            default => MakeCopy::again($make, $newest),
        };

        return new JsonResponse(MakeData::of($copy, SignedIn::user($request)->unit, CarbonImmutable::today()), 201);
    }
}
