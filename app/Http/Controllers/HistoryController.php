<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
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
        responses: [
            new Answer(HistoryPageData::class, 'all makes with what was said of them'),
        ])]
    public function show(Request $request, Wearer $wearer): JsonResponse
    {
        return new JsonResponse(HistoryPageData::of($wearer, SignedIn::user($request)->unit));
    }

    #[OA\Post(path: '/api/makes/{make}/copies', operationId: 'copyMake',
        responses: [
            new Answer(MakeData::class, 'begun from it', 201),
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
