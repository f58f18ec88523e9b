<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Http\Requests\ChartFileRequest;
use App\Http\Requests\ReadChartRequest;
use App\Http\Requests\ReadPartRequest;
use App\Http\Resources\Pattern\ChartPreviewData;
use App\Http\Resources\Pattern\ChartTextData;
use App\Http\Resources\Pattern\PastedPartData;
use App\Models\Pattern;
use App\Records\FileName;
use App\Records\RecordFiles;
use App\Uploads\Reader;
use App\Uploads\Reading;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;
use Underbolt\File\ChartCsv;

/** Size charts in and out. Reading writes nothing: the sheet takes what a person has looked over. */
final class ChartController
{
    #[OA\Post(path: '/api/charts/read', operationId: 'readChart',
        responses: [
            new Answer(ChartPreviewData::class, 'what was understood'),
        ])]
    public function read(ReadChartRequest $request): JsonResponse
    {
        return new JsonResponse(ChartPreviewData::of($request->preview()));
    }

    #[OA\Post(path: '/api/charts/part', operationId: 'readPart',
        responses: [
            new Answer(PastedPartData::class, 'what was understood'),
        ])]
    public function part(ReadPartRequest $request): JsonResponse
    {
        return new JsonResponse(PastedPartData::of($request->part()));
    }

    #[OA\Post(path: '/api/charts/file', operationId: 'chartFile',
        requestBody: new OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(
            required: ['file'], properties: [new OA\Property(property: 'file', type: 'string', format: 'binary')],
        ))),
        responses: [
            new Answer(ChartTextData::class, 'the sheet as it would be pasted'),
        ])]
    public function file(ChartFileRequest $request): JsonResponse
    {
        return new JsonResponse(new ChartTextData(mb_scrub(Reading::of($request->upload(), Reader::Chart, $request->upload()->getClientOriginalExtension()))));
    }

    #[OA\Get(path: '/api/patterns/{pattern}/charts.csv', operationId: 'exportCharts',
        responses: [
            new OA\Response(response: 200, description: 'sizes across, one row a line', content: new OA\MediaType(mediaType: 'text/csv')),
        ])]
    public function csv(Pattern $pattern): Response
    {
        return self::download(ChartCsv::write($pattern->document, $pattern->unit), 'text/csv; charset=utf-8', $pattern, 'csv');
    }

    #[OA\Get(path: '/api/patterns/{pattern}/pattern.json', operationId: 'exportPattern',
        responses: [
            new OA\Response(
                response: 200,
                description: 'the pattern as typed, as in a make file',
                content: new OA\JsonContent(type: 'object'),
            ),
        ])]
    public function json(Pattern $pattern): Response
    {
        return self::download(RecordFiles::pattern($pattern), 'application/json', $pattern, 'json');
    }

    private static function download(string $text, string $type, Pattern $pattern, string $ending): Response
    {
        return Download::kept($text, $type, FileName::of($pattern->name)."-charts.{$ending}");
    }
}
