<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Http\Resources\Workroom\WorkroomData;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class WorkroomController
{
    #[OA\Get(path: '/api/workroom', operationId: 'workroom', responses: [
        new Answer(WorkroomData::class, 'makes, wearers and patterns'),
        new OA\Response(response: 401, ref: '#/components/responses/NotSignedIn'),
    ])]
    public function __invoke(Request $request): JsonResponse
    {
        return new JsonResponse(WorkroomData::of(SignedIn::user($request), CarbonImmutable::today()));
    }
}
