<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Contract\ChangedElsewhere;
use App\Http\Requests\NestFileRequest;
use App\Http\Requests\NestMarksRequest;
use App\Http\Resources\Nest\NestConflictData;
use App\Http\Resources\Nest\NestData;
use App\Http\Resources\Nest\NestPagesData;
use App\Models\Nest;
use App\Models\Pattern;
use App\Records\Bin;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;
use Underbolt\Nest\DrawnPiece;
use Underbolt\Nest\Mending\ScaledMarks;

/** The drawings of a pattern's own pieces: brought, marked, taken away. */
final class NestController
{
    #[OA\Get(path: '/api/patterns/{pattern}/nests', operationId: 'nests',
        responses: [
            new OA\Response(
                response: 200,
                description: 'those that were brought',
                content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: NestData::class)),
            ),
        ])]
    public function index(Pattern $pattern): JsonResponse
    {
        return new JsonResponse($pattern->nests()->get()->sortBy(static fn (Nest $nest): int => (int) array_search($nest->piece, DrawnPiece::ALL, true))->values()->map(static fn (Nest $nest): NestData => NestData::of($nest, $pattern)));
    }

    #[OA\Post(path: '/api/patterns/{pattern}/nests/{piece}', operationId: 'bringNest',
        parameters: [
            new OA\Parameter(name: 'piece', in: 'path', required: true, schema: new OA\Schema(type: 'string', enum: DrawnPiece::ALL)),
        ],
        requestBody: new OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(
            required: ['file', 'version'],
            properties: [
                new OA\Property(property: 'file', description: 'SVG or PDF', type: 'string', format: 'binary'),
                new OA\Property(property: 'page', description: 'of a PDF', type: 'integer', nullable: true),
                new OA\Property(property: 'layout', description: 'how the pages of a PDF lie, as JSON with columns, cells, across_mm and down_mm, or cells and moved: then they are put together', type: 'string', nullable: true),
                new OA\Property(property: 'version', description: 'of the drawing in whose place it comes, as it was seen; 0 where there was none', type: 'integer'),
            ],
        ))),
        responses: [
            new Answer(NestData::class, 'read, in the place of the one before, which goes into the bin', 201),
            new ChangedElsewhere(NestConflictData::class),
        ])]
    public function store(NestFileRequest $request, Pattern $pattern, string $piece): JsonResponse
    {
        $drawing = $request->drawing();
        $seen = $request->integer('version');
        $before = $pattern->nests()->where('piece', $piece)->first();
        // Another drawing has other lines: what was marked on the one before stays with that, in the bin.
        $bring = static function () use ($pattern, $piece, $request, $drawing, $seen): Nest {
            $nest = $pattern->nests()->make([
                'user_id' => $pattern->user_id, 'piece' => $piece, 'name' => $request->shortName(), 'drawing' => $drawing,
            ]);
            $nest->version = $seen + 1;
            $nest->save();

            return $nest;
        };
        $nest = $before === null ? $bring() : $before->changeSince($seen, static function () use ($before, $bring): Nest {
            Bin::put($before);

            return $bring();
        });

        return $nest === null ? self::changedElsewhere($before, $pattern) : new JsonResponse(NestData::of($nest, $pattern), 201);
    }

    #[OA\Post(path: '/api/patterns/{pattern}/nests/{piece}/pages', operationId: 'nestPages',
        parameters: [
            new OA\Parameter(name: 'piece', in: 'path', required: true, schema: new OA\Schema(type: 'string', enum: DrawnPiece::ALL)),
        ],
        requestBody: new OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(
            required: ['file', 'version'],
            properties: [
                new OA\Property(property: 'file', description: 'PDF', type: 'string', format: 'binary'),
                new OA\Property(property: 'layout', description: 'how the pages lie, as JSON; without it that is proposed', type: 'string', nullable: true),
                new OA\Property(property: 'version', type: 'integer'),
            ],
        ))),
        responses: [
            new Answer(NestPagesData::class, 'read; nothing is kept'),
        ])]
    public function pages(NestFileRequest $request, Pattern $pattern, string $piece): Response
    {
        return new Response($request->pages(), 200, ['Content-Type' => 'application/json']);
    }

    #[OA\Put(path: '/api/patterns/{pattern}/nests/{piece}', operationId: 'markNest',
        parameters: [
            new OA\Parameter(name: 'piece', in: 'path', required: true, schema: new OA\Schema(type: 'string', enum: DrawnPiece::ALL)),
        ],
        responses: [
            new Answer(NestData::class, 'kept, complete or not'),
            new ChangedElsewhere(NestConflictData::class),
        ])]
    public function update(NestMarksRequest $request, Pattern $pattern, string $piece): JsonResponse
    {
        $nest = $pattern->nests()->where('piece', $piece)->firstOrFail();
        $made = $nest->changeSince($request->integer('version'), static function () use ($request, $nest): bool {
            $scale = $request->filled('scale') ? $request->float('scale') : null;

            // What is marked on it becomes larger with it.
            return $nest->update($scale === null
                ? ['marks' => $request->marks()]
                : ['marks' => ScaledMarks::of($request->marks(), $scale), 'drawing' => Nest::pack($nest->whole()->scaled($scale))]);
        });

        return $made === true
            ? new JsonResponse(NestData::of($nest, $pattern))
            : self::changedElsewhere($nest, $pattern);
    }

    private static function changedElsewhere(Nest $nest, Pattern $pattern): JsonResponse
    {
        return new JsonResponse(new NestConflictData('This nest was changed elsewhere meanwhile.', NestData::of($nest->refresh(), $pattern)), 409);
    }
}
