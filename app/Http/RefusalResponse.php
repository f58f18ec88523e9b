<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Resources\Account\Problem;
use Illuminate\Http\JsonResponse;
use Underbolt\Fault;

/** What core refuses, in the shape in which the framework answers a failed validation: 422, messages by field. */
final class RefusalResponse
{
    /** @param  non-empty-list<Fault>  $faults */
    public static function of(array $faults): JsonResponse
    {
        return new JsonResponse(Problem::of($faults), 422);
    }

    /** Core names a fault in half a sentence, to stand behind the field's name. */
    public static function sentence(string $message): string
    {
        $whole = mb_strtoupper(mb_substr($message, 0, 1)).mb_substr($message, 1);

        return preg_match('/[.?!]$/', $whole) === 1 ? $whole : "{$whole}.";
    }
}
