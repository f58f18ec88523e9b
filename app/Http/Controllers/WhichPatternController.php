<?php

declare(strict_types=1);

namespace App\Http\Controllers;

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
        parameters: [new OA\Parameter(name: 'wearer', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [
            new OA\Response(response: 200, description: 'each pattern as it would be cut for the wearer', content: new OA\JsonContent(ref: WhichPatternData::class)),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
        ])]
    public function __invoke(Request $request, Wearer $wearer): JsonResponse
    {
        return new JsonResponse(WhichPatternData::of($wearer->load('cards.readings'), SignedIn::user($request), CarbonImmutable::today()));
    }
}
