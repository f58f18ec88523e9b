<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\JsonResponse;

/** What one who asks for too much at once is told: to come back. */
final class Later
{
    /**
     * The server in front lets such an answer trickle, some two seconds of it: who asks again at once whatever is answered,
     * ten at a time, would have the machine busy with refusing. Nobody is at work on it meanwhile.
     */
    private const BYTES_A_SECOND = 400;

    public static function answer(string $says, int $seconds): JsonResponse
    {
        return new JsonResponse(['message' => $says, 'errors' => []], 429, ['Retry-After' => (string) $seconds, 'X-Accel-Limit-Rate' => (string) self::BYTES_A_SECOND]);
    }
}
