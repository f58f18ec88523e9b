<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Contract\ChangedElsewhere;
use App\Contract\PartBody;
use App\Http\Requests\MakePartRequest;
use App\Http\Resources\Fitting\ClothData;
use App\Http\Resources\Fitting\ClothDocument;
use App\Http\Resources\Plan\BenchConflictData;
use App\Models\Make;
use App\Paper\MakePaper;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** The cloth of a make, and what has to be bought for it. */
final class ClothController
{
    #[OA\Get(path: '/api/makes/{make}/cloth', operationId: 'cloth',
        responses: [
            new Answer(ClothData::class, 'its cloth, and what to buy'),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function show(Request $request, Make $make): JsonResponse
    {
        return new JsonResponse(self::data($request, $make));
    }

    #[OA\Put(path: '/api/makes/{make}/cloth', operationId: 'keepCloth',
        requestBody: new PartBody('cloth', ClothDocument::class),
        responses: [
            new Answer(ClothData::class, 'kept'),
            new ChangedElsewhere(BenchConflictData::class),
        ])]
    public function update(MakePartRequest $request, Make $make): JsonResponse
    {
        return MakeChange::of($request, $make, ['cloth' => $request->document()], static fn (): ClothData => self::data($request, $make));
    }

    private static function data(Request $request, Make $make): ClothData
    {
        return ClothData::of($make, MakePaper::of($make, SignedIn::user($request)->unit)->plan);
    }
}
