<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Http\Requests\ImportRequest;
use App\Http\Resources\Account\FaultData;
use App\Http\Resources\Card\ImportData;
use App\Http\Resources\Card\ImportLineData;
use App\Models\Wearer;
use App\Records\CardImport;
use App\Records\FileName;
use App\Records\RecordFiles;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;
use Underbolt\File\CardCsv;
use Underbolt\File\CardJson;
use Underbolt\File\CardLine;

/** All cards of a wearer as a file, out and in. */
final class CardFileController
{
    #[OA\Get(path: '/api/wearers/{wearer}/cards.csv', operationId: 'exportCards',
        responses: [
            new OA\Response(response: 200, description: 'one reading a line', content: new OA\MediaType(mediaType: 'text/csv')),
        ])]
    public function export(Wearer $wearer): Response
    {
        return self::download(RecordFiles::cardsCsv($wearer), 'text/csv; charset=utf-8', $wearer, 'csv');
    }

    #[OA\Get(path: '/api/wearers/{wearer}/cards.json', operationId: 'exportCardsAsJson',
        responses: [
            new OA\Response(response: 200, description: 'all cards, each reading as typed', content: new OA\JsonContent(type: 'object')),
        ])]
    public function exportJson(Wearer $wearer): Response
    {
        return self::download(RecordFiles::cardsJson($wearer), 'application/json', $wearer, 'json');
    }

    #[OA\Post(path: '/api/wearers/{wearer}/cards/import', operationId: 'importCards',
        responses: [
            new Answer(ImportData::class, 'what was understood; nothing is written while there is a fault'),
        ])]
    public function import(ImportRequest $request, Wearer $wearer): JsonResponse
    {
        $text = $request->string('text')->toString();
        $today = CarbonImmutable::today()->toDateString();
        [$lines, $log] = str_starts_with(ltrim($text), '{') ? CardJson::read($text, $today) : CardCsv::read($text, $today);
        $import = new CardImport($wearer->load('cards.readings'));
        $shown = array_map(static fn (CardLine $line): ImportLineData => ImportLineData::of($line, $import->standing($line)), $lines);
        $write = $request->boolean('write') && $log->faults() === [];
        if ($write) {
            $import->write($lines);
        }

        return new JsonResponse(new ImportData($shown, array_map(FaultData::of(...), $log->faults()), $write));
    }

    private static function download(string $text, string $type, Wearer $wearer, string $ending): Response
    {
        return Download::kept($text, $type, FileName::of($wearer->name)."-cards.{$ending}");
    }
}
