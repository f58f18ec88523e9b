<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Contract\ChangedElsewhere;
use App\Http\Requests\WearerChangeRequest;
use App\Http\Requests\WearerRequest;
use App\Http\Resources\Card\WearerConflictData;
use App\Http\Resources\Card\WearerData;
use App\Http\Resources\Card\WearerPageData;
use App\Models\Wearer;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class WearerController
{
    #[OA\Post(path: '/api/wearers', operationId: 'addWearer',
        responses: [
            new Answer(WearerData::class, 'added', 201),
        ])]
    public function store(WearerRequest $request): JsonResponse
    {
        $wearer = SignedIn::user($request)->wearers()->create(['name' => $request->name()]);

        return new JsonResponse(WearerData::of($wearer->load('cards.readings'), CarbonImmutable::today()), 201);
    }

    #[OA\Get(path: '/api/wearers/{wearer}', operationId: 'wearer',
        responses: [
            new Answer(WearerPageData::class, 'the wearer with all cards'),
        ])]
    public function show(Wearer $wearer): JsonResponse
    {
        return new JsonResponse(WearerPageData::of($wearer, CarbonImmutable::today()));
    }

    #[OA\Patch(path: '/api/wearers/{wearer}', operationId: 'changeWearer',
        responses: [
            new Answer(WearerPageData::class, 'kept'),
            new ChangedElsewhere(WearerConflictData::class),
        ])]
    public function update(WearerChangeRequest $request, Wearer $wearer): JsonResponse
    {
        $changes = $request->changes($wearer, $wearer->unit ?? SignedIn::user($request)->unit, CarbonImmutable::now());
        $made = $wearer->changeSince(
            $request->integer('version'),
            static fn (): bool => $wearer->update($changes),
        );
        $stands = WearerPageData::of($made === true ? $wearer : $wearer->refresh(), CarbonImmutable::today());

        return $made === true
            ? new JsonResponse($stands)
            : new JsonResponse(new WearerConflictData('This wearer was changed elsewhere meanwhile.', $stands), 409);
    }
}
