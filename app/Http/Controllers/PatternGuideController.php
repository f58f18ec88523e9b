<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Http\Requests\HouseRequest;
use App\Http\Resources\Pattern\HouseConflictData;
use App\Http\Resources\Pattern\HouseData;
use App\Http\Resources\Pattern\PatternGuideData;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** What can be chosen while a pattern is put in, and the habits of houses among it. */
final class PatternGuideController
{
    #[OA\Get(path: '/api/pattern-guide', operationId: 'patternGuide', responses: [
        new Answer(PatternGuideData::class, 'kinds of garment, outlines, charts to start from, houses'),
    ])]
    public function show(Request $request): JsonResponse
    {
        return new JsonResponse(PatternGuideData::of(array_values(SignedIn::user($request)->houses()->get()->sortBy('name')->all())));
    }

    #[OA\Put(path: '/api/houses', operationId: 'keepHouse',
        responses: [
            new Answer(HouseData::class, 'kept; all its patterns follow'),
        ])]
    public function keep(HouseRequest $request): JsonResponse
    {
        $name = $request->string('name')->toString();
        $houses = SignedIn::user($request)->houses();
        // One that was deleted meanwhile is kept anew: nothing typed is lost.
        $house = $houses->firstOrCreate(['name' => $name], $request->house());
        $made = $house->wasRecentlyCreated
            || $house->changeSince($request->integer('version'), static fn (): bool => $house->update($request->house())) === true;

        return $made
            ? new JsonResponse(HouseData::of($house))
            : new JsonResponse(new HouseConflictData("The habits of {$name} were changed elsewhere meanwhile.", HouseData::of($house->refresh())), 409);
    }
}
