<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Requests\BringBackRequest;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Answers 413 before anything is decoded: no card or chart comes near this size. */
final class RefuseLargeBodies
{
    private const LESS = 'That is far more than any chart or drawing holds. Paste only the table, or keep only the lines.';

    private const MOST_BYTES = 256_000;

    private const MOST_BYTES_OF_A_DRAWING = 8_200_000;

    /** The file, and what is said beside it. */
    private const MOST_BYTES_OF_EVERYTHING = BringBackRequest::MOST_MB * 1_001_000;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        [$most, $says] = match (true) {
            $request->is('api/me/everything') => [self::MOST_BYTES_OF_EVERYTHING, 'That is far more than any workroom holds.'],
            $request->is('api/patterns/*/nests/*', 'api/charts/file') => [self::MOST_BYTES_OF_A_DRAWING, self::LESS],
            default => [self::MOST_BYTES, self::LESS],
        };
        if ((int) $request->headers->get('Content-Length', '0') > $most) {
            return new JsonResponse(['message' => $says], 413);
        }

        return $next($request);
    }
}
