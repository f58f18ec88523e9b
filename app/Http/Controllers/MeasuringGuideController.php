<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Http\Resources\Card\MeasuringGuideData;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** How to measure: it changes with the program alone, so it travels once. */
final class MeasuringGuideController
{
    #[OA\Get(path: '/api/measuring-guide', operationId: 'measuringGuide', responses: [
        new Answer(MeasuringGuideData::class, 'every point and set of points'),
        new OA\Response(response: 304, description: 'as the browser has it'),
    ])]
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(MeasuringGuideData::whole());
    }
}
