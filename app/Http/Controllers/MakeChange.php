<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\Plan\BenchConflictData;
use App\Http\Resources\Plan\BenchData;
use App\Models\Make;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A change of a make that still is as it was seen; else 409 with how it stands now. */
final class MakeChange
{
    /**
     * @param  array<string, mixed>  $fields  of the make, as typed
     * @param  Closure(): object  $answer  what they give, ready for JSON
     */
    public static function of(Request $request, Make $make, array $fields, Closure $answer): JsonResponse
    {
        return $make->changeSince($request->integer('version'), static function () use ($make, $fields, $answer): JsonResponse {
            $make->fill($fields);
            if (isset($fields['card_id'])) {
                $make->unsetRelation('card');
            }
            // Planned before it is saved: what gives no plan is refused, and what is kept stays.
            $given = new JsonResponse($answer());
            $make->save();

            return $given;
        }) ?? new JsonResponse(new BenchConflictData(
            'This make was changed elsewhere meanwhile: here is how it stands.',
            BenchData::of($make->refresh(), SignedIn::user($request)->unit, CarbonImmutable::today()),
        ), 409);
    }
}
