<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\JsonResponse;

/** What one who asks for too much at once is told: to come back. */
final class Later
{
    public static function answer(string $says, int $seconds): JsonResponse
    {
        return new JsonResponse(['message' => $says, 'errors' => []], 429, ['Retry-After' => (string) $seconds]);
    }
}
