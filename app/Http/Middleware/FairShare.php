<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Controllers\SignedIn;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Sleep;
use Symfony\Component\HttpFoundation\Response;

/** A few requests of an account are worked on at once; a few more wait their turn, and the others are told to come back. */
final class FairShare
{
    private const AT_ONCE = 3;

    /** Each of them takes somebody who could answer others: no more than a page asks for when it opens. */
    private const WAITING = 3;

    private const WAIT_MS = 3_000;

    private const AGAIN_MS = 15;

    /** A work that was killed gives its place back after so long. */
    private const SECONDS = 60;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = SignedIn::user($request)->id;
        $places = new Places(self::SECONDS);
        if (! $places->take("share {$user}", self::AT_ONCE)) {
            if (! $places->take("share waits {$user}", self::WAITING)) {
                return self::later();
            }
            $until = CarbonImmutable::now()->addMilliseconds(self::WAIT_MS);
            while (! $places->take("share {$user}", self::AT_ONCE)) {
                if (CarbonImmutable::now()->greaterThan($until)) {
                    $places->release();

                    return self::later();
                }
                Sleep::for(self::AGAIN_MS)->milliseconds();
            }
            $places->backFirst();
        }

        return $places->during(static fn (): Response => $next($request));
    }

    private static function later(): JsonResponse
    {
        return new JsonResponse(['message' => 'So much is being asked for at once that this has to wait. Try again in a moment.', 'errors' => []], 429, ['Retry-After' => '1']);
    }
}
