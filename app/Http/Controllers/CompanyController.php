<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Contract\ChangedElsewhere;
use App\Http\Requests\CompanyRequest;
use App\Http\Requests\PaperRequest;
use App\Http\Resources\Company\CompanyConflictData;
use App\Http\Resources\Company\CompanyHeadData;
use App\Http\Resources\Company\CompanyLineData;
use App\Http\Resources\Company\CompanyRowData;
use App\Http\Resources\Company\CompanySumsData;
use App\Http\Resources\Plan\MakeData;
use App\Models\Pattern;
use App\Models\SizeLabels;
use App\Models\SizeWords;
use App\Models\Wearer;
use App\Paper\CompanyFiles;
use App\Paper\CompanyTable;
use App\Records\FileName;
use App\Records\PatternCompany;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Cache;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Underbolt\Company\Sums;

/** A pattern and all it is made for. */
final class CompanyController
{
    #[OA\Get(path: '/api/patterns/{pattern}/company', operationId: 'company',
        parameters: [new OA\Parameter(name: 'pattern', in: 'path', required: true, schema: new OA\Schema(type: 'integer')), new OA\Parameter(ref: '#/components/parameters/sizes')],
        responses: [
            new OA\Response(response: 200, description: 'a line of JSON for the head, for each row as soon as it is planned, and for the sums', content: new OA\MediaType(
                mediaType: 'application/x-ndjson',
                schema: new OA\Schema(ref: CompanyLineData::class),
            )),
        ])]
    public function show(PaperRequest $request, Pattern $pattern): StreamedResponse
    {
        $sheet = self::sheet($request, $pattern);
        $unit = SignedIn::user($request)->unit;

        return LineByLine::of(static function (Closure $tell) use ($sheet, $unit): void {
            $tell(new CompanyLineData(head: CompanyHeadData::of($sheet)));
            $planned = [];
            foreach ($sheet->rows() as $row) {
                $tell(new CompanyLineData(row: CompanyRowData::of($row, CarbonImmutable::today())));
                $planned[] = $row->planned;
            }
            $tell(new CompanyLineData(sums: CompanySumsData::of(Sums::of($planned), $unit)));
        });
    }

    #[OA\Put(path: '/api/patterns/{pattern}/company', operationId: 'keepCompany',
        responses: [
            new Answer(CompanyHeadData::class, 'kept'),
            new ChangedElsewhere(CompanyConflictData::class),
        ])]
    public function update(CompanyRequest $request, Pattern $pattern): JsonResponse
    {
        $user = SignedIn::user($request);
        $isKept = $pattern->keepCompany($request->company($user->unit, new SizeWords($pattern, SizeLabels::Shown)), $request->integer('version'));
        $head = CompanyHeadData::of(new PatternCompany($pattern, $user));

        return $isKept
            ? new JsonResponse($head)
            : new JsonResponse(new CompanyConflictData('The company sheet was changed elsewhere meanwhile.', $head), 409);
    }

    #[OA\Post(path: '/api/patterns/{pattern}/company/{wearer}', operationId: 'beginFromCompany',
        requestBody: new OA\RequestBody(content: new OA\JsonContent(properties: [
            new OA\Property(property: 'likes', description: 'with the ease that earlier makes of the wearer taught', type: 'boolean'),
        ])),
        responses: [
            new Answer(MakeData::class, 'the make that there is of that row already'),
            new Answer(MakeData::class, 'the make of that row, begun', 201),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function begin(Request $request, Pattern $pattern, Wearer $wearer): JsonResponse
    {
        $user = SignedIn::user($request);
        $card = PatternCompany::cardOf($wearer->load('cards.readings')) ?? throw ValidationException::withMessages(['wearer' => "{$wearer->name} is not measured yet."]);
        // Pressed twice it is one make: the second press waits, and finds the first one's.
        $lock = Cache::lock("begin {$pattern->id} {$wearer->id}", 10);
        $lock->block(10);
        try {
            $make = (new PatternCompany($pattern, $user, knowsLikes: $request->boolean('likes')))->begin($wearer, $card);
        } finally {
            $lock->release();
        }

        return new JsonResponse(MakeData::of($make, $user->unit, CarbonImmutable::today()), $make->wasRecentlyCreated ? 201 : 200);
    }

    #[OA\Get(path: '/api/patterns/{pattern}/company.csv', operationId: 'companyCsv',
        parameters: [new OA\Parameter(name: 'pattern', in: 'path', required: true, schema: new OA\Schema(type: 'integer')), new OA\Parameter(ref: '#/components/parameters/sizes')],
        responses: [
            new OA\Response(response: 200, description: 'the sheet as a table', content: new OA\MediaType(mediaType: 'text/csv')),
        ])]
    public function csv(PaperRequest $request, Pattern $pattern): Response
    {
        return Download::kept(CompanyFiles::csv(self::table($request, $pattern)), 'text/csv; charset=utf-8', self::fileName($pattern, 'csv'));
    }

    #[OA\Get(path: '/api/patterns/{pattern}/company.xlsx', operationId: 'companyXlsx',
        parameters: [new OA\Parameter(name: 'pattern', in: 'path', required: true, schema: new OA\Schema(type: 'integer')), new OA\Parameter(ref: '#/components/parameters/sizes')],
        responses: [
            new OA\Response(response: 200, description: 'the same for a spreadsheet', content: new OA\MediaType(mediaType: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet')),
        ])]
    public function xlsx(PaperRequest $request, Pattern $pattern): Response
    {
        return Download::kept(CompanyFiles::xlsx(self::table($request, $pattern)), 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet', self::fileName($pattern, 'xlsx'));
    }

    #[OA\Get(path: '/api/patterns/{pattern}/company.pdf', operationId: 'companyPdf',
        parameters: [
            new OA\Parameter(ref: '#/components/parameters/sizes'),
            new OA\Parameter(ref: '#/components/parameters/page'),
        ],
        responses: [
            new OA\Response(response: 200, description: 'to print, across the page', content: new OA\MediaType(mediaType: 'application/pdf')),
        ])]
    public function pdf(PaperRequest $request, Pattern $pattern): Response
    {
        $pdf = CompanyFiles::pdf($pattern, self::table($request, $pattern), $request->page(), CarbonImmutable::today());

        return Download::shown($pdf, 'application/pdf', self::fileName($pattern, 'pdf'));
    }

    private static function sheet(PaperRequest $request, Pattern $pattern): PatternCompany
    {
        return new PatternCompany($pattern, SignedIn::user($request), $request->labels());
    }

    private static function table(PaperRequest $request, Pattern $pattern): CompanyTable
    {
        return CompanyTable::of(self::sheet($request, $pattern)->rows(), SignedIn::user($request)->unit, CarbonImmutable::today());
    }

    private static function fileName(Pattern $pattern, string $ending): string
    {
        return FileName::of($pattern->name)."-company.{$ending}";
    }
}
