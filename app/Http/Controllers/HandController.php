<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\HandRequest;
use App\Http\Resources\Practice\HandData;
use App\Models\Hand;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** Hands that measure, and how far each scatters. */
final class HandController
{
    #[OA\Get(path: '/api/hands', operationId: 'hands', responses: [
        new OA\Response(response: 200, description: 'by name', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: HandData::class))),
    ])]
    public function index(Request $request): JsonResponse
    {
        return self::answer(SignedIn::user($request));
    }

    #[OA\Put(path: '/api/hands', operationId: 'keepHand', responses: [
        new OA\Response(response: 200, description: 'read; kept once all five are there', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: HandData::class))),
    ])]
    public function keep(HandRequest $request): JsonResponse
    {
        $user = SignedIn::user($request);
        $kept = $request->kept(CarbonImmutable::today());
        if ($request->isComplete()) {
            Hand::keep($user, $request->string('name')->toString(), [$request->point()->value => $kept]);
        }

        return self::answer($user);
    }

    #[OA\Delete(path: '/api/hands/{name}', operationId: 'forgetHand', responses: [
        new OA\Response(response: 200, description: 'those that are left', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: HandData::class))),
    ])]
    public function forget(Request $request, string $name): JsonResponse
    {
        $user = SignedIn::user($request);
        Hand::forget($user, $name);

        return self::answer($user);
    }

    private static function answer(User $user): JsonResponse
    {
        return new JsonResponse(array_map(HandData::of(...), Hand::all($user)));
    }
}
