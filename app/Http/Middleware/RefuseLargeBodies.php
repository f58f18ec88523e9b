<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Answers 413 before anything is decoded: no card or chart comes near this size. */
final class RefuseLargeBodies
{
    private const MOST_BYTES = 256_000;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ((int) $request->headers->get('Content-Length', '0') > self::MOST_BYTES) {
            return new JsonResponse(['message' => 'That is more than 250 kB, far more than any chart. Paste only the table.'], 413);
        }

        return $next($request);
    }
}
