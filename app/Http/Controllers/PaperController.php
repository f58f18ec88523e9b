<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Http\Requests\PaperRequest;
use App\Http\Resources\Paper\DrawingData;
use App\Http\Resources\Paper\SheetsData;
use App\Models\Make;
use App\Paper\MakeArchive;
use App\Paper\MakeFiles;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** What of a make is taken away as a file. */
final class PaperController
{
    #[OA\Get(path: '/api/makes/{make}/strip', operationId: 'strip',
        parameters: [
            new OA\Parameter(ref: '#/components/parameters/sizes'),
            new OA\Parameter(ref: '#/components/parameters/line'),
        ],
        responses: [
            new Answer(DrawingData::class, 'the strip to be drawn on a screen'),
        ])]
    public function strip(PaperRequest $request, Make $make): JsonResponse
    {
        return new JsonResponse(DrawingData::of($request->paper($make)->strip($request->line())));
    }

    #[OA\Get(path: '/api/makes/{make}/strip.svg', operationId: 'stripSvg',
        parameters: [
            new OA\Parameter(ref: '#/components/parameters/sizes'),
            new OA\Parameter(ref: '#/components/parameters/line'),
        ],
        responses: [
            new OA\Response(response: 200, description: 'the strip in millimetres', content: new OA\MediaType(mediaType: 'image/svg+xml')),
        ])]
    public function stripSvg(PaperRequest $request, Make $make): Response
    {
        $paper = $request->paper($make);

        return Download::kept(MakeFiles::stripSvg($paper, $request->line()), 'image/svg+xml', $paper->fileName('strip.svg'));
    }

    #[OA\Get(path: '/api/makes/{make}/strip.pdf', operationId: 'stripPdf',
        parameters: [
            new OA\Parameter(ref: '#/components/parameters/sizes'),
            new OA\Parameter(ref: '#/components/parameters/line'),
            new OA\Parameter(ref: '#/components/parameters/page'),
        ],
        responses: [
            new OA\Response(response: 200, description: 'the strip over pages, at true scale', content: new OA\MediaType(mediaType: 'application/pdf')),
        ])]
    public function stripPdf(PaperRequest $request, Make $make): Response
    {
        $paper = $request->paper($make);

        return Download::shown(MakeFiles::stripPdf($paper, $request->line(), $request->drawnOn()), 'application/pdf', $paper->fileName('strip.pdf'));
    }

    #[OA\Get(path: '/api/makes/{make}/sheets', operationId: 'sheets',
        parameters: [
            new OA\Parameter(ref: '#/components/parameters/sizes'),
            new OA\Parameter(ref: '#/components/parameters/line'),
            new OA\Parameter(ref: '#/components/parameters/page'),
        ],
        responses: [
            new Answer(SheetsData::class, 'how many pages each drawing takes'),
        ])]
    public function sheets(PaperRequest $request, Make $make): JsonResponse
    {
        return new JsonResponse(SheetsData::of($request->paper($make), $request->line(), $request->drawnOn()));
    }

    #[OA\Get(path: '/api/makes/{make}/stations.csv', operationId: 'stationsCsv',
        parameters: [
            new OA\Parameter(ref: '#/components/parameters/sizes'),
        ],
        responses: [
            new OA\Response(response: 200, description: 'the stations as a table', content: new OA\MediaType(mediaType: 'text/csv')),
        ])]
    public function stations(PaperRequest $request, Make $make): Response
    {
        $paper = $request->paper($make);

        return Download::kept(MakeFiles::stations($paper), 'text/csv; charset=utf-8', $paper->fileName('stations.csv'));
    }

    #[OA\Get(path: '/api/makes/{make}/plan.json', operationId: 'planJson',
        parameters: [
            new OA\Parameter(ref: '#/components/parameters/sizes'),
        ],
        responses: [
            new OA\Response(response: 200, description: 'the plan in the open format', content: new OA\MediaType(mediaType: 'application/json')),
        ])]
    public function plan(PaperRequest $request, Make $make): Response
    {
        $paper = $request->paper($make);

        return Download::kept(MakeFiles::plan($paper), 'application/json', $paper->fileName('plan.json'));
    }

    #[OA\Get(path: '/api/makes/{make}/all.zip', operationId: 'makeArchive',
        parameters: [
            new OA\Parameter(ref: '#/components/parameters/sizes'),
            new OA\Parameter(ref: '#/components/parameters/line'),
            new OA\Parameter(ref: '#/components/parameters/page'),
        ],
        responses: [
            new OA\Response(response: 200, description: 'every file of the make in one', content: new OA\MediaType(mediaType: 'application/zip')),
        ])]
    public function archive(PaperRequest $request, Make $make): Response
    {
        $paper = $request->paper($make);
        $zip = MakeArchive::of($paper, $request->line(), $request->page(), CarbonImmutable::today());

        return Download::kept($zip, 'application/zip', $paper->fileName('all.zip'));
    }
}
