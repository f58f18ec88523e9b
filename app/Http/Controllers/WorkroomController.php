<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Http\Resources\Workroom\MakesAsked;
use App\Http\Resources\Workroom\WorkroomData;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class WorkroomController
{
    #[OA\Get(path: '/api/workroom', operationId: 'workroom', parameters: [
        new OA\Parameter(name: 'find', description: 'part of what a make, its wearer or its pattern is called', in: 'query', schema: new OA\Schema(type: 'string')),
        new OA\Parameter(name: 'pages', description: 'how many pages of '.MakesAsked::A_PAGE.' makes; one where it is left out', in: 'query', schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new Answer(WorkroomData::class, 'makes, wearers and patterns'),
        new OA\Response(response: 401, ref: '#/components/responses/NotSignedIn'),
    ])]
    public function __invoke(Request $request): JsonResponse
    {
        $find = $request->query('find');
        $asked = new MakesAsked(is_string($find) ? trim($find) : '', $request->integer('pages', 1));

        return new JsonResponse(WorkroomData::of(SignedIn::user($request), CarbonImmutable::today(), $asked));
    }
}
