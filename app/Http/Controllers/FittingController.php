<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\FittingRequest;
use App\Http\Requests\VerdictRequest;
use App\Http\Resources\Fitting\FittingData;
use App\Http\Resources\Fitting\OffersData;
use App\Http\Resources\Plan\BenchConflictData;
use App\Models\Make;
use App\Paper\MakePaper;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** What fittings find and what wearing tells, and what both teach for the next make. */
final class FittingController
{
    #[OA\Get(path: '/api/makes/{make}/fitting', operationId: 'fitting',
        parameters: [new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [
            new OA\Response(response: 200, description: 'its tracings and findings', content: new OA\JsonContent(ref: FittingData::class)),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function show(Request $request, Make $make): JsonResponse
    {
        return new JsonResponse(self::data($request, $make));
    }

    #[OA\Put(path: '/api/makes/{make}/fitting', operationId: 'keepFitting',
        parameters: [new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: FittingRequest::class)),
        responses: [
            new OA\Response(response: 200, description: 'kept, and in the plan', content: new OA\JsonContent(ref: FittingData::class)),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
            new OA\Response(response: 409, description: 'changed elsewhere', content: new OA\JsonContent(ref: BenchConflictData::class)),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function update(FittingRequest $request, Make $make): JsonResponse
    {
        return MakeChange::kept($request, $make, ['fitting' => $request->document()], static fn (): FittingData => self::data($request, $make));
    }

    #[OA\Put(path: '/api/makes/{make}/verdict', operationId: 'keepVerdict',
        parameters: [new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: VerdictRequest::class)),
        responses: [
            new OA\Response(response: 200, description: 'kept, with the ease as cut that it came with', content: new OA\JsonContent(ref: FittingData::class)),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
            new OA\Response(response: 409, description: 'changed elsewhere', content: new OA\JsonContent(ref: BenchConflictData::class)),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function verdict(VerdictRequest $request, Make $make): JsonResponse
    {
        return MakeChange::kept($request, $make, ['verdict' => $make->sizeWords()->kept($request->document())], static function () use ($request, $make): FittingData {
            $make->worn();

            return self::data($request, $make);
        });
    }

    #[OA\Get(path: '/api/makes/{make}/offers', operationId: 'offers',
        parameters: [new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [
            new OA\Response(response: 200, description: 'what earlier makes teach for this one', content: new OA\JsonContent(ref: OffersData::class)),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function offers(Request $request, Make $make): JsonResponse
    {
        return new JsonResponse(OffersData::of($make, SignedIn::user($request)->unit));
    }

    private static function data(Request $request, Make $make): FittingData
    {
        $unit = SignedIn::user($request)->unit;

        return FittingData::of($make, MakePaper::of($make, $unit)->plan, $unit);
    }
}
