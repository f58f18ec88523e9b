<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Http\Requests\ImportMakeRequest;
use App\Http\Resources\Plan\MakeData;
use App\Models\Make;
use App\Records\FileName;
use App\Records\MakeExchange;
use App\Records\RecordFiles;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** A make as a file of the open format, out and in. */
final class MakeFileController
{
    #[OA\Get(path: '/api/makes/{make}/make.json', operationId: 'exportMake',
        responses: [
            new OA\Response(response: 200, description: 'the make as typed', content: new OA\JsonContent(type: 'object')),
        ])]
    public function export(Make $make): Response
    {
        $name = FileName::of($make->card->wearer->name, $make->pattern->name).'.make.json';

        return Download::kept(RecordFiles::make($make), 'application/json', $name);
    }

    #[OA\Post(path: '/api/makes/import', operationId: 'importMake',
        responses: [
            new Answer(MakeData::class, 'kept, with its wearer and its pattern', 201),
        ])]
    public function import(ImportMakeRequest $request): JsonResponse
    {
        $user = SignedIn::user($request);
        $make = MakeExchange::import($user, $request->makeFile(), $request->string('wearer')->toString(), CarbonImmutable::today());

        return new JsonResponse(MakeData::of($make, $user->unit, CarbonImmutable::today()), 201);
    }
}
