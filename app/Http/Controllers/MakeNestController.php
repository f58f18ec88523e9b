<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PaperRequest;
use App\Http\Resources\Nest\MakeNestData;
use App\Http\Resources\Paper\DrawingData;
use App\Models\Make;
use App\Paper\MakeNest;
use App\Paper\TiledPdf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;
use Underbolt\Nest\NestSvg;
use Underbolt\Paper\Tiling;

/** The line of a make on its pattern's own curves. */
final class MakeNestController
{
    #[OA\Get(path: '/api/makes/{make}/nest', operationId: 'makeNest',
        parameters: [new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [
            new OA\Response(response: 200, description: 'the line on each drawing there is', content: new OA\JsonContent(ref: MakeNestData::class)),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function show(PaperRequest $request, Make $make): JsonResponse
    {
        return new JsonResponse(MakeNestData::of($make, $request->paper($make)->plan));
    }

    #[OA\Get(path: '/api/makes/{make}/nest/{piece}', operationId: 'makeNestDrawing',
        parameters: [
            new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
            new OA\Parameter(name: 'piece', in: 'path', required: true, schema: new OA\Schema(type: 'string', enum: ['front', 'back'])),
        ],
        responses: [
            new OA\Response(response: 200, description: 'the piece to be drawn on a screen', content: new OA\JsonContent(ref: DrawingData::class)),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function drawing(PaperRequest $request, Make $make, string $piece): JsonResponse
    {
        return new JsonResponse(DrawingData::of(MakeNest::of($request->paper($make), $piece)->drawing()));
    }

    #[OA\Get(path: '/api/makes/{make}/nest/{piece}.svg', operationId: 'makeNestSvg',
        parameters: [
            new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
            new OA\Parameter(name: 'piece', in: 'path', required: true, schema: new OA\Schema(type: 'string', enum: ['front', 'back'])),
        ],
        responses: [
            new OA\Response(response: 200, description: 'the drawing with the new line', content: new OA\MediaType(mediaType: 'image/svg+xml')),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function svg(PaperRequest $request, Make $make, string $piece): Response
    {
        $nest = MakeNest::of($request->paper($make), $piece);

        return Download::kept(NestSvg::of($nest->drawn, $nest->marks->lines, $nest->line, $nest->title()), 'image/svg+xml', $nest->fileName('svg'));
    }

    #[OA\Get(path: '/api/makes/{make}/nest/{piece}.pdf', operationId: 'makeNestPdf',
        parameters: [
            new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
            new OA\Parameter(name: 'piece', in: 'path', required: true, schema: new OA\Schema(type: 'string', enum: ['front', 'back'])),
            new OA\Parameter(ref: '#/components/parameters/page'),
        ],
        responses: [
            new OA\Response(response: 200, description: 'the piece over pages, at true scale', content: new OA\MediaType(mediaType: 'application/pdf')),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function pdf(PaperRequest $request, Make $make, string $piece): Response
    {
        $nest = MakeNest::of($request->paper($make), $piece);

        return Download::shown(TiledPdf::of(Tiling::of($nest->drawing(), $request->page())), 'application/pdf', $nest->fileName('pdf'));
    }
}
