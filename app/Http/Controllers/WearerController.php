<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\WearerChangeRequest;
use App\Http\Requests\WearerRequest;
use App\Http\Resources\Card\WearerConflictData;
use App\Http\Resources\Card\WearerData;
use App\Http\Resources\Card\WearerPageData;
use App\Models\Wearer;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class WearerController
{
    #[OA\Post(path: '/api/wearers', operationId: 'addWearer',
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: WearerRequest::class)),
        responses: [
            new OA\Response(response: 201, description: 'added', content: new OA\JsonContent(ref: WearerData::class)),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function store(WearerRequest $request): JsonResponse
    {
        $wearer = SignedIn::user($request)->wearers()->create(['name' => $request->name()]);

        return new JsonResponse(WearerData::of($wearer->load('cards.readings'), CarbonImmutable::today()), 201);
    }

    #[OA\Get(path: '/api/wearers/{wearer}', operationId: 'wearer',
        parameters: [new OA\Parameter(name: 'wearer', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [
            new OA\Response(
                response: 200,
                description: 'the wearer with all cards',
                content: new OA\JsonContent(ref: WearerPageData::class),
            ),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
        ])]
    public function show(Wearer $wearer): JsonResponse
    {
        return new JsonResponse(WearerPageData::of($wearer, CarbonImmutable::today()));
    }

    #[OA\Patch(path: '/api/wearers/{wearer}', operationId: 'changeWearer',
        parameters: [new OA\Parameter(name: 'wearer', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: WearerChangeRequest::class)),
        responses: [
            new OA\Response(response: 200, description: 'kept', content: new OA\JsonContent(ref: WearerPageData::class)),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
            new OA\Response(response: 409, description: 'changed elsewhere', content: new OA\JsonContent(ref: WearerConflictData::class)),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function update(WearerChangeRequest $request, Wearer $wearer): JsonResponse
    {
        $made = $wearer->changeSince(
            $request->integer('version'),
            static fn (): bool => $wearer->update($request->changes($wearer, CarbonImmutable::now())),
        );
        $stands = WearerPageData::of($made === true ? $wearer : $wearer->refresh(), CarbonImmutable::today());

        return $made === true
            ? new JsonResponse($stands)
            : new JsonResponse(new WearerConflictData('This wearer was changed elsewhere meanwhile.', $stands), 409);
    }
}
