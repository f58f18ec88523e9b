<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Answer;
use App\Contract\ChangedElsewhere;
use App\Contract\PartBody;
use App\Http\Requests\MakeCardRequest;
use App\Http\Requests\MakeNamesRequest;
use App\Http\Requests\MakePartRequest;
use App\Http\Requests\MakeRequest;
use App\Http\Resources\Plan\BenchConflictData;
use App\Http\Resources\Plan\BenchData;
use App\Http\Resources\Plan\ChoicesDocument;
use App\Http\Resources\Plan\MakeData;
use App\Http\Resources\Plan\PlanData;
use App\Http\Resources\Plan\WhyNotData;
use App\Models\Make;
use App\Paper\MakePaper;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class MakeController
{
    #[OA\Post(path: '/api/makes', operationId: 'startMake',
        responses: [
            new Answer(MakeData::class, 'started', 201),
        ])]
    public function store(MakeRequest $request): JsonResponse
    {
        $user = SignedIn::user($request);
        $make = $user->makes()->create([...$request->ids(), 'unit' => $user->unit, 'choices' => $user->usualChoices()]);

        return new JsonResponse(self::data($request, $make), 201);
    }

    #[OA\Get(path: '/api/makes/{make}', operationId: 'make',
        responses: [
            new Answer(MakeData::class, 'the make'),
        ])]
    public function show(Request $request, Make $make): JsonResponse
    {
        return new JsonResponse(self::data($request, $make));
    }

    #[OA\Patch(path: '/api/makes/{make}', operationId: 'nameMake',
        responses: [
            new Answer(MakeData::class, 'kept'),
            new ChangedElsewhere(BenchConflictData::class),
        ])]
    public function name(MakeNamesRequest $request, Make $make): JsonResponse
    {
        return MakeChange::of($request, $make, $request->names(), static fn (): MakeData => self::data($request, $make));
    }

    #[OA\Get(path: '/api/makes/{make}/bench', operationId: 'bench',
        responses: [
            new Answer(BenchData::class, 'the make with its plan, or with why there is none'),
        ])]
    public function bench(Request $request, Make $make): JsonResponse
    {
        return new JsonResponse(self::benchOf($request, $make));
    }

    #[OA\Get(path: '/api/makes/{make}/plan', operationId: 'plan',
        responses: [
            new Answer(PlanData::class, 'the plan; its sentences speak in the unit of the user'),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function plan(Request $request, Make $make): JsonResponse
    {
        return new JsonResponse(PlanData::on(self::paper($request, $make)));
    }

    #[OA\Get(path: '/api/makes/{make}/why-not', operationId: 'whyNot',
        responses: [
            new OA\Response(
                response: 200,
                description: 'how every size would do at every level',
                content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: WhyNotData::class)),
            ),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function whyNot(Request $request, Make $make): JsonResponse
    {
        return new JsonResponse(WhyNotData::all(self::paper($request, $make)->plan));
    }

    #[OA\Put(path: '/api/makes/{make}/card', operationId: 'changeMakeCard',
        responses: [
            new Answer(BenchData::class, 'planned from that card'),
            new ChangedElsewhere(BenchConflictData::class),
        ])]
    public function changeCard(MakeCardRequest $request, Make $make): JsonResponse
    {
        return MakeChange::of($request, $make, ['card_id' => $request->integer('card_id')], static fn (): BenchData => self::benchOf($request, $make));
    }

    #[OA\Put(path: '/api/makes/{make}/choices', operationId: 'choose',
        requestBody: new PartBody('choices', ChoicesDocument::class),
        responses: [
            new Answer(PlanData::class, 'kept, and the plan it gives'),
            new ChangedElsewhere(BenchConflictData::class),
        ])]
    public function choose(MakePartRequest $request, Make $make): JsonResponse
    {
        return MakeChange::of($request, $make, $request->choices($make), static function () use ($request, $make): PlanData {
            SignedIn::user($request)->getsToCloth($request->wayToCloth());

            return PlanData::on(self::paper($request, $make));
        });
    }

    private static function data(Request $request, Make $make): MakeData
    {
        return MakeData::of($make, SignedIn::user($request)->unit, CarbonImmutable::today());
    }

    private static function benchOf(Request $request, Make $make): BenchData
    {
        return BenchData::of($make, SignedIn::user($request)->unit, CarbonImmutable::today());
    }

    private static function paper(Request $request, Make $make): MakePaper
    {
        return MakePaper::of($make, SignedIn::user($request)->unit);
    }
}
