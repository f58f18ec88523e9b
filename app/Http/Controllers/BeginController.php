<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Http\Requests\BeginRequest;
use App\Http\Resources\Plan\BegunData;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** The first make of somebody new: pattern, wearer, card and make at one press, all of it or nothing. */
final class BeginController
{
    #[OA\Post(path: '/api/begin', operationId: 'begin',
        responses: [
            new Answer(BegunData::class, 'a make of it', 201),
        ])]
    public function __invoke(BeginRequest $request): JsonResponse
    {
        $user = SignedIn::user($request);
        $readings = $request->readings();
        $make = $user->getConnection()->transaction(static function () use ($user, $request, $readings): int {
            $card = $user->measures($request->string('wearer')->toString(), ['taken_on' => CarbonImmutable::today()]);
            $card->readings()->createMany($readings);
            $pattern = $user->patterns()->create($request->pattern());

            return $user->makes()->create([
                'card_id' => $card->id, 'pattern_id' => $pattern->id, 'unit' => $user->unit, 'choices' => $user->usualChoices(),
            ])->id;
        });

        return new JsonResponse(new BegunData($make), 201);
    }
}
