<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Contract\ChangedElsewhere;
use App\Contract\PartBody;
use App\Http\Requests\MakePartRequest;
use App\Http\Requests\PaperRequest;
use App\Http\Resources\Nest\MakeNestData;
use App\Http\Resources\Nest\NestLinesData;
use App\Http\Resources\Paper\DrawingData;
use App\Http\Resources\Plan\BenchConflictData;
use App\Http\Resources\Plan\ChoicesDocument;
use App\Models\Make;
use App\Paper\MakePaper;
use App\Paper\TiledPdf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;
use Underbolt\Nest\DrawnPiece;

/** The line of a make on its pattern's own curves. */
final class MakeNestController
{
    #[OA\Get(path: '/api/makes/{make}/nest', operationId: 'makeNest',
        responses: [
            new Answer(MakeNestData::class, 'the line on each drawing there is'),
        ])]
    public function show(PaperRequest $request, Make $make): JsonResponse
    {
        return new JsonResponse(MakeNestData::of($request->paper($make)));
    }

    #[OA\Put(path: '/api/makes/{make}/nest', operationId: 'chooseOnNest',
        requestBody: new PartBody('choices', ChoicesDocument::class),
        responses: [
            new Answer(NestLinesData::class, 'kept, and the line it gives'),
            new ChangedElsewhere(BenchConflictData::class),
        ])]
    public function choose(MakePartRequest $request, Make $make): JsonResponse
    {
        return MakeChange::of($request, $make, $request->choices($make), static function () use ($request, $make): NestLinesData {
            $user = SignedIn::user($request);
            $user->getsToCloth($request->wayToCloth());

            return NestLinesData::of(MakePaper::of($make, $user->unit));
        });
    }

    #[OA\Get(path: '/api/makes/{make}/nest/{piece}', operationId: 'makeNestDrawing',
        parameters: [
            new OA\Parameter(name: 'piece', in: 'path', required: true, schema: new OA\Schema(type: 'string', enum: DrawnPiece::ALL)),
            new OA\Parameter(ref: '#/components/parameters/sizes'),
        ],
        responses: [
            new Answer(DrawingData::class, 'the piece to be drawn on a screen'),
        ])]
    public function drawing(PaperRequest $request, Make $make, string $piece): JsonResponse
    {
        $paper = $request->paper($make);

        return new JsonResponse(DrawingData::of($paper->onPiece($piece)->drawn()));
    }

    #[OA\Get(path: '/api/makes/{make}/nest/{piece}.svg', operationId: 'makeNestSvg',
        parameters: [
            new OA\Parameter(name: 'piece', in: 'path', required: true, schema: new OA\Schema(type: 'string', enum: DrawnPiece::ALL)),
            new OA\Parameter(ref: '#/components/parameters/sizes'),
        ],
        responses: [
            new OA\Response(response: 200, description: 'the drawing with the new line', content: new OA\MediaType(mediaType: 'image/svg+xml')),
        ])]
    public function svg(PaperRequest $request, Make $make, string $piece): Response
    {
        $paper = $request->paper($make);

        return Download::kept($paper->onPiece($piece)->svg($paper->labels), 'image/svg+xml', $paper->fileName("{$piece}.svg"));
    }

    #[OA\Get(path: '/api/makes/{make}/nest/{piece}.dxf', operationId: 'makeNestDxf',
        parameters: [
            new OA\Parameter(name: 'piece', in: 'path', required: true, schema: new OA\Schema(type: 'string', enum: DrawnPiece::ALL)),
            new OA\Parameter(ref: '#/components/parameters/sizes'),
        ],
        responses: [
            new OA\Response(response: 200, description: 'the new piece and the printed sizes, a block each, in millimetres', content: new OA\MediaType(mediaType: 'image/vnd.dxf')),
        ])]
    public function dxf(PaperRequest $request, Make $make, string $piece): Response
    {
        $paper = $request->paper($make);

        return Download::kept($paper->onPiece($piece)->dxf($paper->labels), 'image/vnd.dxf', $paper->fileName("{$piece}.dxf"));
    }

    #[OA\Get(path: '/api/makes/{make}/nest/{piece}.pdf', operationId: 'makeNestPdf',
        parameters: [
            new OA\Parameter(name: 'piece', in: 'path', required: true, schema: new OA\Schema(type: 'string', enum: DrawnPiece::ALL)),
            new OA\Parameter(ref: '#/components/parameters/sizes'),
            new OA\Parameter(ref: '#/components/parameters/page'),
        ],
        responses: [
            new OA\Response(response: 200, description: 'the piece over pages, at true scale', content: new OA\MediaType(mediaType: 'application/pdf')),
        ])]
    public function pdf(PaperRequest $request, Make $make, string $piece): Response
    {
        $paper = $request->paper($make);

        return Download::shown(TiledPdf::of($paper->tiled($piece, $request->drawnOn())), 'application/pdf', $paper->fileName("{$piece}.pdf"));
    }
}
