<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChoicesRequest;
use App\Http\Requests\MakeRequest;
use App\Http\Resources\MakeData;
use App\Http\Resources\PlanData;
use App\Http\Resources\WhyNotData;
use App\Models\Make;
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

        return new JsonResponse(MakeData::of($make->load('card.wearer', 'pattern')), 201);
    }

    #[OA\Get(path: '/api/makes/{make}', operationId: 'make',
        parameters: [new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [
            new OA\Response(response: 200, description: 'the make', content: new OA\JsonContent(ref: MakeData::class)),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
        ])]
    public function show(Make $make): JsonResponse
    {
        return new JsonResponse(MakeData::of($make->load('card.wearer', 'pattern')));
    }

    #[OA\Get(path: '/api/makes/{make}/plan', operationId: 'plan',
        parameters: [new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [
            new OA\Response(response: 200, description: 'the plan; its sentences speak in the unit of the user', content: new OA\JsonContent(ref: PlanData::class)),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function plan(Request $request, Make $make): JsonResponse
    {
        return self::planned($request, $make);
    }

    #[OA\Get(path: '/api/makes/{make}/why-not', operationId: 'whyNot',
        parameters: [new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [
            new OA\Response(response: 200, description: 'how every size would do at every level', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: WhyNotData::class))),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function whyNot(Request $request, Make $make): JsonResponse
    {
        return new JsonResponse(WhyNotData::all(self::plannedFor($request, $make)));
    }

    #[OA\Put(path: '/api/makes/{make}/choices', operationId: 'choose',
        parameters: [new OA\Parameter(name: 'make', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: ChoicesRequest::class)),
        responses: [
            new OA\Response(response: 200, description: 'kept, and the plan it gives', content: new OA\JsonContent(ref: PlanData::class)),
            new OA\Response(response: 404, ref: '#/components/responses/NotFound'),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function choose(ChoicesRequest $request, Make $make): JsonResponse
    {
        $make->choices = $request->choices();
        // Planned before it is saved: choices that give no plan are refused and the kept ones stay.
        $answer = self::planned($request, $make);
        $make->save();

        return $answer;
    }

    private static function planned(Request $request, Make $make): JsonResponse
    {
        return new JsonResponse(PlanData::of(self::plannedFor($request, $make)));
    }

    private static function plannedFor(Request $request, Make $make): Plan
    {
        $make->load('card.readings', 'pattern');

        return PlanBuilder::build($make->toCore(SignedIn::user($request)->unit));
    }
}
