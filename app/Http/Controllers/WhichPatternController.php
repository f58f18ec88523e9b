<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Http\Resources\Company\WhichPatternData;
use App\Models\Wearer;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** A wearer and every pattern there is. */
final class WhichPatternController
{
    #[OA\Get(path: '/api/wearers/{wearer}/patterns', operationId: 'whichPattern',
        responses: [
            new Answer(WhichPatternData::class, 'each pattern as it would be cut for the wearer'),
        ])]
    public function __invoke(Request $request, Wearer $wearer): JsonResponse
    {
        return new JsonResponse(WhichPatternData::of($wearer->load('cards.readings'), SignedIn::user($request), CarbonImmutable::today()));
    }
}
