<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ClothRequest;
use App\Http\Resources\Fitting\ClothData;
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
        parameters: [new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [
            new OA\Response(response: 200, description: 'its cloth, and what to buy', content: new OA\JsonContent(ref: ClothData::class)),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function show(Request $request, Make $make): JsonResponse
    {
        return new JsonResponse(self::data($request, $make));
    }

    #[OA\Put(path: '/api/makes/{make}/cloth', operationId: 'keepCloth',
        parameters: [new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: ClothRequest::class)),
        responses: [
            new OA\Response(response: 200, description: 'kept', content: new OA\JsonContent(ref: ClothData::class)),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
            new OA\Response(response: 409, description: 'changed elsewhere', content: new OA\JsonContent(ref: BenchConflictData::class)),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function update(ClothRequest $request, Make $make): JsonResponse
    {
        return MakeChange::kept($request, $make, ['cloth' => $request->document()], static fn (): ClothData => self::data($request, $make));
    }

    private static function data(Request $request, Make $make): ClothData
    {
        return ClothData::of($make, MakePaper::of($make, SignedIn::user($request)->unit)->plan);
    }
}
