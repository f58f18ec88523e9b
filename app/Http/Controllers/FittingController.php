<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\FittingRequest;
use App\Http\Requests\SeenRequest;
use App\Http\Requests\VerdictRequest;
use App\Http\Resources\Fitting\FittingData;
use App\Http\Resources\Fitting\LearnedData;
use App\Http\Resources\Fitting\OffersData;
use App\Http\Resources\Plan\BenchConflictData;
use App\Http\Resources\Plan\BenchData;
use App\Models\Make;
use App\Paper\MakePaper;
use App\Records\LearnedEase;
use App\Records\MakeHistory;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Wearing\Stage;

/** What fittings find and what wearing tells, and what both teach for the next make. */
final class FittingController
{
    #[OA\Get(path: '/api/makes/{make}/fitting', operationId: 'fitting',
        parameters: [new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [
            new OA\Response(response: 200, description: 'its tracings and findings', content: new OA\JsonContent(ref: FittingData::class)),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function show(Request $request, Make $make): JsonResponse
    {
        return new JsonResponse(self::data($request, $make));
    }

    #[OA\Put(path: '/api/makes/{make}/fitting', operationId: 'keepFitting',
        parameters: [new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: FittingRequest::class)),
        responses: [
            new OA\Response(response: 200, description: 'kept, and in the plan', content: new OA\JsonContent(ref: FittingData::class)),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
            new OA\Response(response: 409, description: 'changed elsewhere', content: new OA\JsonContent(ref: BenchConflictData::class)),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function update(FittingRequest $request, Make $make): JsonResponse
    {
        return MakeChange::kept($request, $make, ['fitting' => $request->document()], static fn (): FittingData => self::data($request, $make));
    }

    #[OA\Put(path: '/api/makes/{make}/verdict', operationId: 'keepVerdict',
        parameters: [new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: VerdictRequest::class)),
        responses: [
            new OA\Response(response: 200, description: 'kept, with the ease as cut that it came with', content: new OA\JsonContent(ref: FittingData::class)),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
            new OA\Response(response: 409, description: 'changed elsewhere', content: new OA\JsonContent(ref: BenchConflictData::class)),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function verdict(VerdictRequest $request, Make $make): JsonResponse
    {
        return MakeChange::kept($request, $make, ['verdict' => $make->sizeWords()->kept($request->document())], static function () use ($request, $make): FittingData {
            $verdict = $make->worn();
            // What is judged was worn, whether that was ticked or not.
            if ($verdict->day !== null && ! isset($make->done->{Stage::Worn->value})) {
                $make->done = (object) ([Stage::Worn->value => $verdict->day] + get_object_vars($make->done));
            }

            return self::data($request, $make);
        });
    }

    #[OA\Get(path: '/api/makes/{make}/offers', operationId: 'offers',
        parameters: [new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [
            new OA\Response(response: 200, description: 'what earlier makes teach for this one', content: new OA\JsonContent(ref: OffersData::class)),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function offers(Request $request, Make $make): JsonResponse
    {
        return new JsonResponse(OffersData::of($make, SignedIn::user($request)->unit));
    }

    #[OA\Put(path: '/api/makes/{make}/offers/{level}', operationId: 'takeOffer',
        parameters: [
            new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
            new OA\Parameter(name: 'level', in: 'path', required: true, schema: new OA\Schema(type: 'string', enum: Level::class)),
        ],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: SeenRequest::class)),
        responses: [
            new OA\Response(response: 200, description: 'the ease is taken', content: new OA\JsonContent(ref: LearnedData::class)),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
            new OA\Response(response: 409, description: 'changed elsewhere', content: new OA\JsonContent(ref: BenchConflictData::class)),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function take(SeenRequest $request, Make $make, Level $level): JsonResponse
    {
        $unit = SignedIn::user($request)->unit;
        $learned = MakeHistory::before($make)->learned()[$level->value] ?? abort(404, 'Earlier makes teach nothing there.');
        $before = $make->fitting;
        $ease = LearnedEase::at($make, $level, $learned, $unit);

        return MakeChange::kept($request, $make, ['choices' => $ease->choices, 'fitting' => $ease->fitting], static fn (): LearnedData => new LearnedData(
            BenchData::of($make, $unit, CarbonImmutable::today()),
            $ease->tookBack,
            $before,
        ));
    }

    private static function data(Request $request, Make $make): FittingData
    {
        $unit = SignedIn::user($request)->unit;

        return FittingData::of($make, MakePaper::of($make, $unit)->plan, $unit);
    }
}
