<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MakePartRequest;
use App\Http\Resources\Plan\BenchConflictData;
use App\Http\Resources\Plan\BenchData;
use App\Models\Make;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use stdClass;

/** A change of a make that still is as it was seen; else 409 with how it stands now. */
final class MakeChange
{
    /** @param  Closure(): JsonResponse  $change */
    public static function of(Request $request, Make $make, Closure $change): JsonResponse
    {
        return $make->changeSince($request->integer('version'), $change) ?? new JsonResponse(new BenchConflictData(
            'This make was changed elsewhere meanwhile: here is how it stands.',
            BenchData::of($make->refresh(), SignedIn::user($request)->unit, CarbonImmutable::today()),
        ), 409);
    }

    /** @param  Closure(Make): object  $planned  what the choices give, ready for JSON */
    public static function chosen(MakePartRequest $request, Make $make, Closure $planned): JsonResponse
    {
        return self::kept($request, $make, ['choices' => $make->sizeWords()->kept($request->document())], static fn (): object => $planned($make));
    }

    /**
     * @param  array<string, stdClass>  $parts  of the make, as typed
     * @param  Closure(): object  $answer  what they give, ready for JSON
     */
    public static function kept(Request $request, Make $make, array $parts, Closure $answer): JsonResponse
    {
        return self::of($request, $make, static function () use ($make, $parts, $answer): JsonResponse {
            $make->fill($parts);
            // Planned before it is saved: what gives no plan is refused, and what is kept stays.
            $given = new JsonResponse($answer());
            $make->save();

            return $given;
        });
    }
}
