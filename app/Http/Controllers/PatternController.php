<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PatternRequest;
use App\Http\Resources\Pattern\PatternConflictData;
use App\Http\Resources\Pattern\PatternData;
use App\Models\Pattern;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** A pattern is kept as it was typed, faults and all: they are told beside it and nothing typed is lost. */
final class PatternController
{
    #[OA\Post(path: '/api/patterns', operationId: 'addPattern',
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: PatternRequest::class)),
        responses: [
            new OA\Response(response: 201, description: 'kept', content: new OA\JsonContent(ref: PatternData::class)),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function store(PatternRequest $request): JsonResponse
    {
        $pattern = SignedIn::user($request)->patterns()->create($request->pattern());

        return new JsonResponse(PatternData::of($pattern), 201);
    }

    #[OA\Get(path: '/api/patterns/{pattern}', operationId: 'pattern',
        parameters: [new OA\Parameter(name: 'pattern', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [
            new OA\Response(response: 200, description: 'the pattern', content: new OA\JsonContent(ref: PatternData::class)),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
        ])]
    public function show(Pattern $pattern): JsonResponse
    {
        return new JsonResponse(PatternData::of($pattern));
    }

    #[OA\Put(path: '/api/patterns/{pattern}', operationId: 'keepPattern',
        parameters: [new OA\Parameter(name: 'pattern', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: PatternRequest::class)),
        responses: [
            new OA\Response(response: 200, description: 'kept', content: new OA\JsonContent(ref: PatternData::class)),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
            new OA\Response(response: 409, description: 'changed elsewhere', content: new OA\JsonContent(ref: PatternConflictData::class)),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function update(PatternRequest $request, Pattern $pattern): JsonResponse
    {
        $made = $pattern->changeSince($request->integer('version'), static fn (): bool => $pattern->update($request->pattern()));

        return $made === true
            ? new JsonResponse(PatternData::of($pattern))
            : new JsonResponse(
                new PatternConflictData('This pattern was changed elsewhere meanwhile.', PatternData::of($pattern->refresh())),
                409,
            );
    }
}
