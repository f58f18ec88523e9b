<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Controllers\SignedIn;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * What costs more than a page does, such as paper, archives and reading files, is done a little at a time: so much for
 * one account, and never by more than half of those who answer. Who asks for more waits a moment in a short queue, then
 * is told to come back.
 */
final class HeavyWork
{
    /** At once for one account. */
    private const MINE = 2;

    /** So many more of one account wait; each of them takes an answerer from others. */
    private const WAITING = 2;

    private const WAIT_MS = 6_000;

    private const AGAIN_MS = 50;

    /** A work that was killed gives its place back after so long. */
    private const SECONDS = 60;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = SignedIn::user($request)->id;
        $places = new Places(self::SECONDS);
        $isTurn = $places->take("heavy waits {$user}", self::WAITING + self::MINE)
            && $places->await(static fn (): bool => self::isTurn($places, $user), self::WAIT_MS, self::AGAIN_MS);

        return $isTurn
            ? $places->during(static fn (): Response => $next($request))
            : Later::answer('Your last papers or files are still being worked on. Try again in a few seconds.', 3);
    }

    /** One of the account's places and one of all; neither where one of them is taken. */
    private static function isTurn(Places $places, int $user): bool
    {
        $all = max(1, config()->integer('app.heavy_works'));
        // Whoever has one already gets another only while half of all are left: else a few would have them all.
        $place = $places->take("heavy {$user}", 1) ? $all : intdiv($all, 2);
        if ($place < $all && ! $places->take("heavy {$user}", self::MINE)) {
            return false;
        }
        $isFree = $places->take('heavy', $place);
        if (! $isFree) {
            $places->back();
        }

        return $isFree;
    }
}
