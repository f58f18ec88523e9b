<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Http\Requests\WhatIfRequest;
use App\Http\Resources\Plan\PlanData;
use App\Http\Resources\Plan\WhatIfData;
use App\Models\Make;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;
use Underbolt\Company\Flips;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Planning\PlanBuilder;

/** A make with other measures: what would become another, and no trace left. */
final class WhatIfController
{
    #[OA\Post(path: '/api/makes/{make}/what-if', operationId: 'whatIf',
        responses: [
            new Answer(WhatIfData::class, 'the plan, and what flips'),
        ])]
    public function __invoke(WhatIfRequest $request, Make $make): JsonResponse
    {
        $make->load('card.readings', 'card.wearer', 'pattern');
        $core = $make->toCore(SignedIn::user($request)->unit);
        $body = $core->body;
        $measures = $request->measures();
        foreach ($measures as $point => $measure) {
            $body = $body->with(Point::from($point), $measure);
        }
        $other = PlanBuilder::build($core->withBody($body));

        return new JsonResponse(new WhatIfData(
            PlanData::of($other),
            Flips::between(PlanBuilder::build($core), $other),
            (object) array_map(static fn (Length $measure): int => $measure->nanometres, $measures),
        ));
    }
}
