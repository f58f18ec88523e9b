<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Http\Requests\PaperRequest;
use App\Http\Resources\Paper\CutSheetData;
use App\Models\Make;
use App\Paper\CutSheetPdf;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** The cut sheet of a make, and what is ticked on it. */
final class CutSheetController
{
    #[OA\Get(path: '/api/makes/{make}/cut-sheet', operationId: 'cutSheet',
        parameters: [
            new OA\Parameter(ref: '#/components/parameters/sizes'),
        ],
        responses: [
            new Answer(CutSheetData::class, 'the sheet; its sentences speak in the unit of the user'),
        ])]
    public function show(PaperRequest $request, Make $make): JsonResponse
    {
        return new JsonResponse(CutSheetData::of($request->paper($make)));
    }

    #[OA\Get(path: '/api/makes/{make}/cut-sheet.pdf', operationId: 'cutSheetPdf',
        parameters: [
            new OA\Parameter(ref: '#/components/parameters/sizes'),
            new OA\Parameter(ref: '#/components/parameters/page'),
        ],
        responses: [
            new OA\Response(response: 200, description: 'the sheet to print', content: new OA\MediaType(mediaType: 'application/pdf')),
        ])]
    public function pdf(PaperRequest $request, Make $make): Response
    {
        $paper = $request->paper($make);

        return Download::shown(CutSheetPdf::of($paper, $request->page(), CarbonImmutable::today()), 'application/pdf', $paper->fileName('cut-sheet.pdf'));
    }

    #[OA\Put(path: '/api/makes/{make}/done/{key}', operationId: 'tick',
        parameters: [
            new OA\Parameter(name: 'key', description: 'of a step or a stage', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
        ],
        responses: [
            new OA\Response(response: 200, description: 'all that is done, days by key', content: new OA\JsonContent(
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(type: 'string'),
            )),
        ])]
    public function tick(Make $make, string $key): JsonResponse
    {
        return self::done($make, $key, CarbonImmutable::today());
    }

    #[OA\Delete(path: '/api/makes/{make}/done/{key}', operationId: 'untick',
        parameters: [
            new OA\Parameter(name: 'key', description: 'of a step or a stage', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
        ],
        responses: [
            new OA\Response(response: 200, description: 'all that is done, days by key', content: new OA\JsonContent(
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(type: 'string'),
            )),
        ])]
    public function untick(Make $make, string $key): JsonResponse
    {
        return self::done($make, $key, null);
    }

    private static function done(Make $make, string $key, ?CarbonImmutable $day): JsonResponse
    {
        $make->tick($key, $day);

        return new JsonResponse($make->done);
    }
}
