<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Demo\DemoWorkroom;
use App\Http\Resources\Workroom\WorkroomData;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** The demo's people, patterns and makes in somebody's own workroom, to look around in. */
final class DemoDataController
{
    #[OA\Post(path: '/api/demo-data', operationId: 'addDemoData', responses: [
        new Answer(WorkroomData::class, 'the workroom with it', 201),
        new OA\Response(response: 409, description: 'it is there already'),
    ])]
    public function store(Request $request): JsonResponse
    {
        $user = SignedIn::user($request);
        abort_if(DemoWorkroom::isIn($user), 409, 'The demo’s data are here already.');
        DemoWorkroom::addTo($user, CarbonImmutable::today());

        return new JsonResponse(WorkroomData::of($user, CarbonImmutable::today()), 201);
    }

    #[OA\Delete(path: '/api/demo-data', operationId: 'takeDemoDataOut', responses: [
        new Answer(WorkroomData::class, 'the workroom without it'),
    ])]
    public function destroy(Request $request): JsonResponse
    {
        $user = SignedIn::user($request);
        DemoWorkroom::takeOutOf($user);

        return new JsonResponse(WorkroomData::of($user, CarbonImmutable::today()));
    }
}
