<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use stdClass;
use Symfony\Component\HttpFoundation\Response;

/**
 * What is sent to the API is a JSON object or an uploaded file, and anything else is refused before it is looked at:
 * a form or a spoilt document would read as an empty one, and wipe what stands.
 */
final class RefuseMalformedBodies
{
    private const DEEPEST = 64;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $body = $request->is('api/*') && ! $request->isMethodSafe() ? $request->getContent() : '';
        if ($body !== '' && ! self::isDocument($request, $body)) {
            return new JsonResponse(['message' => 'What was sent can\'t be read: it must be one JSON object, in UTF-8.', 'errors' => []], 422);
        }

        return $next($request);
    }

    private static function isDocument(Request $request, string $body): bool
    {
        // A character that no keyboard types: databases and files end a text there.
        if (! $request->isJson() || str_contains($body, '\u0000')) {
            return false;
        }
        $document = json_decode($body, false, self::DEEPEST);

        // An empty list is what some send for nothing.
        return $document instanceof stdClass || $document === [];
    }
}
