<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Contract\ChangedElsewhere;
use App\Http\Requests\PatternRequest;
use App\Http\Resources\Pattern\PatternConflictData;
use App\Http\Resources\Pattern\PatternData;
use App\Models\Pattern;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** A pattern is kept as it was typed, faults and all: they are told beside it and nothing typed is lost. */
final class PatternController
{
    #[OA\Post(path: '/api/patterns', operationId: 'addPattern',
        responses: [
            new Answer(PatternData::class, 'kept', 201),
        ])]
    public function store(PatternRequest $request): JsonResponse
    {
        $pattern = SignedIn::user($request)->patterns()->create($request->pattern());

        return new JsonResponse(PatternData::of($pattern), 201);
    }

    #[OA\Get(path: '/api/patterns/{pattern}', operationId: 'pattern',
        responses: [
            new Answer(PatternData::class, 'the pattern'),
        ])]
    public function show(Pattern $pattern): JsonResponse
    {
        return new JsonResponse(PatternData::of($pattern));
    }

    #[OA\Put(path: '/api/patterns/{pattern}', operationId: 'keepPattern',
        responses: [
            new Answer(PatternData::class, 'kept'),
            new ChangedElsewhere(PatternConflictData::class),
        ])]
    public function update(PatternRequest $request, Pattern $pattern): JsonResponse
    {
        $made = $pattern->changeSince($request->integer('version'), static fn (): bool => $pattern->update($request->pattern()));

        return $made === true
            ? new JsonResponse(PatternData::of($pattern))
            : new JsonResponse(
                new PatternConflictData('This pattern was changed elsewhere meanwhile.', PatternData::of($pattern->refresh())),
                409,
            );
    }
}
