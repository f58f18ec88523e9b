<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChoicesRequest;
use App\Http\Requests\MakeCardRequest;
use App\Http\Requests\MakeNamesRequest;
use App\Http\Requests\MakeRequest;
use App\Http\Resources\Plan\BenchConflictData;
use App\Http\Resources\Plan\BenchData;
use App\Http\Resources\Plan\MakeData;
use App\Http\Resources\Plan\PlanData;
use App\Http\Resources\Plan\WhyNotData;
use App\Models\Make;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use Underbolt\Planning\Plan;
use Underbolt\Planning\PlanBuilder;

final class MakeController
{
    #[OA\Post(path: '/api/makes', operationId: 'startMake',
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: MakeRequest::class)),
        responses: [
            new OA\Response(response: 201, description: 'started', content: new OA\JsonContent(ref: MakeData::class)),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function store(MakeRequest $request): JsonResponse
    {
        $user = SignedIn::user($request);
        $make = $user->makes()->create([...$request->ids(), 'unit' => $user->unit, 'choices' => (object) []]);

        return self::answer($request, $make, 201);
    }

    #[OA\Get(path: '/api/makes/{make}', operationId: 'make',
        parameters: [new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [
            new OA\Response(response: 200, description: 'the make', content: new OA\JsonContent(ref: MakeData::class)),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
        ])]
    public function show(Request $request, Make $make): JsonResponse
    {
        return self::answer($request, $make);
    }

    #[OA\Patch(path: '/api/makes/{make}', operationId: 'nameMake',
        parameters: [new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: MakeNamesRequest::class)),
        responses: [
            new OA\Response(response: 200, description: 'kept', content: new OA\JsonContent(ref: MakeData::class)),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
            new OA\Response(response: 409, description: 'changed elsewhere', content: new OA\JsonContent(ref: BenchConflictData::class)),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function name(MakeNamesRequest $request, Make $make): JsonResponse
    {
        return MakeChange::of($request, $make, static function () use ($request, $make): JsonResponse {
            $make->update($request->names());

            return self::answer($request, $make);
        });
    }

    #[OA\Get(path: '/api/makes/{make}/bench', operationId: 'bench',
        parameters: [new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [
            new OA\Response(
                response: 200,
                description: 'the make with its plan, or with why there is none',
                content: new OA\JsonContent(ref: BenchData::class),
            ),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
        ])]
    public function bench(Request $request, Make $make): JsonResponse
    {
        return self::onBench($request, $make);
    }

    #[OA\Get(path: '/api/makes/{make}/plan', operationId: 'plan',
        parameters: [new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [
            new OA\Response(
                response: 200,
                description: 'the plan; its sentences speak in the unit of the user',
                content: new OA\JsonContent(ref: PlanData::class),
            ),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function plan(Request $request, Make $make): JsonResponse
    {
        return new JsonResponse(PlanData::of(self::plannedFor($request, $make)));
    }

    #[OA\Get(path: '/api/makes/{make}/why-not', operationId: 'whyNot',
        parameters: [new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [
            new OA\Response(
                response: 200,
                description: 'how every size would do at every level',
                content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: WhyNotData::class)),
            ),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function whyNot(Request $request, Make $make): JsonResponse
    {
        return new JsonResponse(WhyNotData::all(self::plannedFor($request, $make)));
    }

    #[OA\Put(path: '/api/makes/{make}/card', operationId: 'changeMakeCard',
        parameters: [new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: MakeCardRequest::class)),
        responses: [
            new OA\Response(response: 200, description: 'planned from that card', content: new OA\JsonContent(ref: BenchData::class)),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
            new OA\Response(response: 409, description: 'changed elsewhere', content: new OA\JsonContent(ref: BenchConflictData::class)),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function changeCard(MakeCardRequest $request, Make $make): JsonResponse
    {
        return MakeChange::of($request, $make, static function () use ($request, $make): JsonResponse {
            $make->update(['card_id' => $request->integer('card_id')]);

            return self::onBench($request, $make->refresh());
        });
    }

    #[OA\Put(path: '/api/makes/{make}/choices', operationId: 'choose',
        parameters: [new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: ChoicesRequest::class)),
        responses: [
            new OA\Response(response: 200, description: 'kept, and the plan it gives', content: new OA\JsonContent(ref: PlanData::class)),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
            new OA\Response(response: 409, description: 'changed elsewhere', content: new OA\JsonContent(ref: BenchConflictData::class)),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function choose(ChoicesRequest $request, Make $make): JsonResponse
    {
        return MakeChange::chosen($request, $make, static fn (Make $chosen): PlanData => PlanData::of(self::plannedFor($request, $chosen)));
    }

    private static function answer(Request $request, Make $make, int $status = 200): JsonResponse
    {
        return new JsonResponse(MakeData::of($make, SignedIn::user($request)->unit, CarbonImmutable::today()), $status);
    }

    private static function onBench(Request $request, Make $make): JsonResponse
    {
        return new JsonResponse(BenchData::of($make, SignedIn::user($request)->unit, CarbonImmutable::today()));
    }

    private static function plannedFor(Request $request, Make $make): Plan
    {
        $make->load('card.readings', 'pattern');

        return PlanBuilder::build($make->toCore(SignedIn::user($request)->unit));
    }
}
