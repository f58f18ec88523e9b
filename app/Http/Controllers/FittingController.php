<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Contract\ChangedElsewhere;
use App\Contract\PartBody;
use App\Http\Requests\MakePartRequest;
use App\Http\Requests\SeenRequest;
use App\Http\Requests\TakeLastRequest;
use App\Http\Resources\Fitting\FittingData;
use App\Http\Resources\Fitting\FittingDocument;
use App\Http\Resources\Fitting\LearnedData;
use App\Http\Resources\Fitting\OffersData;
use App\Http\Resources\Fitting\VerdictDocument;
use App\Http\Resources\Plan\BenchConflictData;
use App\Http\Resources\Plan\BenchData;
use App\Models\Make;
use App\Paper\MakePaper;
use App\Records\LastTime;
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
        responses: [
            new Answer(FittingData::class, 'its tracings and findings'),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function show(Request $request, Make $make): JsonResponse
    {
        return new JsonResponse(self::data($request, $make));
    }

    #[OA\Put(path: '/api/makes/{make}/fitting', operationId: 'keepFitting',
        requestBody: new PartBody('fitting', FittingDocument::class),
        responses: [
            new Answer(FittingData::class, 'kept, and in the plan'),
            new ChangedElsewhere(BenchConflictData::class),
        ])]
    public function update(MakePartRequest $request, Make $make): JsonResponse
    {
        return MakeChange::of($request, $make, ['fitting' => $request->document()], static fn (): FittingData => self::data($request, $make));
    }

    #[OA\Put(path: '/api/makes/{make}/verdict', operationId: 'keepVerdict',
        requestBody: new PartBody('verdict', VerdictDocument::class),
        responses: [
            new Answer(FittingData::class, 'kept, with the ease as cut that it came with'),
            new ChangedElsewhere(BenchConflictData::class),
        ])]
    public function verdict(MakePartRequest $request, Make $make): JsonResponse
    {
        return MakeChange::of($request, $make, ['verdict' => $make->sizeWords()->kept($request->document())], static function () use ($request, $make): FittingData {
            $verdict = $make->worn();
            // What is judged was worn, whether that was ticked or not.
            if ($verdict->day !== null && ! isset($make->done->{Stage::Worn->value})) {
                $make->done = (object) ([Stage::Worn->value => $verdict->day] + get_object_vars($make->done));
            }

            return self::data($request, $make);
        });
    }

    #[OA\Get(path: '/api/makes/{make}/offers', operationId: 'offers',
        responses: [
            new Answer(OffersData::class, 'what earlier makes teach for this one'),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function offers(Request $request, Make $make): JsonResponse
    {
        return new JsonResponse(OffersData::of($make, SignedIn::user($request)->unit));
    }

    #[OA\Put(path: '/api/makes/{make}/offers/{level}', operationId: 'takeOffer',
        parameters: [
            new OA\Parameter(name: 'level', in: 'path', required: true, schema: new OA\Schema(type: 'string', enum: Level::class)),
        ],
        responses: [
            new Answer(LearnedData::class, 'the ease is taken'),
            new ChangedElsewhere(BenchConflictData::class),
        ])]
    public function take(SeenRequest $request, Make $make, Level $level): JsonResponse
    {
        $unit = SignedIn::user($request)->unit;
        $history = MakeHistory::before($make);
        $learned = $history->learned()[$level->value] ?? abort(404, 'Earlier makes teach nothing there.');
        $before = $make->fitting;
        $ease = LearnedEase::at($make, $level, $learned, $history, $unit);

        return MakeChange::of($request, $make, ['choices' => $ease->choices, 'fitting' => $ease->fitting], static fn (): LearnedData => new LearnedData(
            BenchData::of($make, $unit, CarbonImmutable::today()),
            $ease->tookBack,
            $ease->cutIn,
            $before,
        ));
    }

    #[OA\Put(path: '/api/makes/{make}/offers/last', operationId: 'takeLast',
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: TakeLastRequest::class)),
        responses: [
            new Answer(BenchData::class, 'changed as the last one was'),
            new ChangedElsewhere(BenchConflictData::class),
        ])]
    public function takeLast(TakeLastRequest $request, Make $make): JsonResponse
    {
        $unit = SignedIn::user($request)->unit;
        $last = LastTime::of(MakeHistory::before($make), $make, $unit) ?? abort(404, 'There is no earlier make of this pattern.');

        return MakeChange::of($request, $make, $last->into($make, $request->changes()), static fn (): BenchData => BenchData::of($make, $unit, CarbonImmutable::today()));
    }

    private static function data(Request $request, Make $make): FittingData
    {
        $unit = SignedIn::user($request)->unit;

        return FittingData::of($make, MakePaper::of($make, $unit)->plan, $unit);
    }
}
