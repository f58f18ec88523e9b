<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Make;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Who follows a link that can't be answered, as to a file that can't be made, meets a page in our words, with the way to what is missing; never JSON. */
final class RefusalAsPage
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $answer = $next($request);
        $isFollowed = $request->isMethod('GET') && str_contains((string) $request->headers->get('Accept'), 'text/html');
        if (! $isFollowed || ! $answer instanceof JsonResponse || $answer->getStatusCode() < 400) {
            return $answer;
        }
        $told = $answer->getData(true);
        $make = $request->route('make');

        return new Response(view('refusal', [
            'heading' => $request->is('api/*') ? 'This file can’t be made yet.' : 'The workroom can’t be opened just now.',
            'message' => is_array($told) && is_string($told['message'] ?? null) ? $told['message'] : 'This can\'t be made just now.',
            'faults' => self::faults(is_array($told) ? $told['errors'] ?? [] : [], $make instanceof Make ? $make : null),
            'make' => $make instanceof Make ? $make : null,
        ])->render(), $answer->getStatusCode(), ['Content-Type' => 'text/html; charset=utf-8', 'Cache-Control' => 'no-store']);
    }

    /** @return list<array{string, ?string, ?string}> a sentence, the way to what mends it, and what that is called */
    private static function faults(mixed $errors, ?Make $make): array
    {
        $faults = [];
        foreach (is_array($errors) ? $errors : [] as $field => $sentences) {
            [$way, $name] = $make === null ? [null, null] : self::way((string) $field, $make);
            foreach (is_array($sentences) ? $sentences : [] as $sentence) {
                $faults[] = [is_string($sentence) ? $sentence : '', $way, $name];
            }
        }

        return $faults;
    }

    /** @return array{string, string} */
    private static function way(string $field, Make $make): array
    {
        return match (true) {
            str_starts_with($field, 'pattern.seam') => ["/patterns/{$make->pattern_id}#levels", 'To its lengths'],
            str_starts_with($field, 'pattern') => ["/patterns/{$make->pattern_id}", 'To the pattern'],
            str_starts_with($field, 'body') => ["/cards/{$make->card_id}?for={$make->id}", 'To the measure card'],
            default => ["/makes/{$make->id}", 'To the bench'],
        };
    }
}
