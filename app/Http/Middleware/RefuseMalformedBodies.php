<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use stdClass;
use Symfony\Component\HttpFoundation\Response;

/**
 * What is sent to the API is a JSON object, or an upload where a file is meant, and anything else is refused before it is
 * looked at: a form or a spoilt document would read as an empty one, and wipe what stands.
 */
final class RefuseMalformedBodies
{
    private const DEEPEST = 64;

    /** Where a file is meant: they come as a form, by POST alone. */
    private const UPLOADS = ['api/charts/file', 'api/me/everything', 'api/patterns/*/nests/*'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->is('api/*') || $request->isMethodSafe()) {
            return $next($request);
        }
        // What is to be written stands in the body alone: an address could hold half of a document.
        $request->query->replace([]);
        $type = (string) $request->headers->get('Content-Type', '');
        $isUpload = $request->isMethod('POST') && $request->is(...self::UPLOADS) && ! $request->isJson();
        $body = $request->getContent();

        return match (true) {
            $isUpload, $type === '' && $body === '' => $next($request),
            ! $request->isJson() => self::refused('This takes JSON alone, sent as application/json: a form would read as an empty record.', 415),
            $body !== '' && ! self::isDocument($body) => self::refused('What was sent can\'t be read: it must be one JSON object, in UTF-8.', 422),
            default => $next($request),
        };
    }

    private static function refused(string $message, int $status): JsonResponse
    {
        return new JsonResponse(['message' => $message, 'errors' => []], $status);
    }

    private static function isDocument(string $body): bool
    {
        // A character that no keyboard types: databases and files end a text there.
        if (str_contains($body, '\u0000')) {
            return false;
        }
        $document = json_decode($body, false, self::DEEPEST);

        // An empty list is what some send for nothing.
        return $document instanceof stdClass || $document === [];
    }
}
