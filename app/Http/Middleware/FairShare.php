<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Controllers\SignedIn;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpFoundation\Response;

/**
 * A few requests of an account are worked on at once; a few more wait their turn, and the others are told to come back. Who
 * has had more than a fair part of the machine in the last seconds is told so as well, however it was asked for.
 */
final class FairShare
{
    private const AT_ONCE = 3;

    /** Each of them takes somebody who could answer others: no more than a page asks for when it opens. */
    private const WAITING = 3;

    private const WAIT_MS = 3_000;

    private const AGAIN_MS = 40;

    /** A work that was killed gives its place back after so long. */
    private const SECONDS = 60;

    /** Of work, in a window of so many seconds: nearly a core while nobody else needs it, a fifth of one while the machine is busy. */
    private const WINDOW_SECONDS = 10;

    private const WORK_MS = 8_000;

    private const WORK_BUSY_MS = 2_000;

    /** While the machine is busy, who has had so much of it already has one request worked on at a time. */
    private const LITTLE_MS = 500;

    /** So many wait for a core, on the average of a minute. */
    private const BUSY_LOAD = 1.0;

    public function __construct(private readonly MachineLoad $load)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = SignedIn::user($request)->id;
        $cores = config()->integer('app.cores');
        $worked = $cores > 0 ? self::worked($user) : 0.0;
        $isBusy = $worked > self::LITTLE_MS && $this->load->waiting() > self::BUSY_LOAD * $cores;
        if ($worked > ($isBusy ? self::WORK_BUSY_MS : self::WORK_MS)) {
            return self::later(2);
        }
        $places = new Places(self::SECONDS);
        if (! self::isTurn($places, $user, $isBusy ? 1 : self::AT_ONCE)) {
            return self::later(1);
        }
        $before = self::workMs();
        $count = static fn () => self::add($user, self::workMs() - $before);

        return $places->during(static fn (): Response => $next($request), $cores > 0 ? $count : null);
    }

    private static function isTurn(Places $places, int $user, int $atOnce): bool
    {
        $take = static fn (): bool => $places->take("share {$user}", $atOnce);
        if ($take()) {
            return true;
        }
        $isTurn = $places->take("share waits {$user}", self::WAITING) && $places->await($take, self::WAIT_MS, self::AGAIN_MS);
        if ($isTurn) {
            $places->backFirst();
        }

        return $isTurn;
    }

    /** How much was worked for an account in this window and the one before, that counted by how much of it is left. */
    private static function worked(int $user): float
    {
        $now = CarbonImmutable::now()->getPreciseTimestamp(3) / 1000;
        $part = fmod($now, self::WINDOW_SECONDS) / self::WINDOW_SECONDS;
        $of = static fn (int $window): float => (float) (is_numeric($ms = Cache::get(self::window($user, $window))) ? $ms : 0);

        return $of(0) + $of(-1) * (1 - $part);
    }

    /** What costs next to nothing is not worth the writing. */
    private static function add(int $user, int $ms): void
    {
        if ($ms >= 10) {
            Cache::add($window = self::window($user, 0), 0, 3 * self::WINDOW_SECONDS);
            Cache::increment($window, $ms);
        }
    }

    private static function window(int $user, int $from): string
    {
        return "worked {$user} ".(intdiv(CarbonImmutable::now()->getTimestamp(), self::WINDOW_SECONDS) + $from);
    }

    /** Of this process, and of what it has started and ended. */
    private static function workMs(): int
    {
        $ms = 0;
        foreach ([0, 1] as $whose) {
            /** @var array<string, int> $used */
            $used = getrusage($whose);
            foreach (['utime', 'stime'] as $kind) {
                $ms += 1000 * $used["ru_{$kind}.tv_sec"] + intdiv($used["ru_{$kind}.tv_usec"], 1000);
            }
        }

        return $ms;
    }

    private static function later(int $seconds): JsonResponse
    {
        return Later::answer('So much is being asked for at once that this has to wait. Try again in a moment.', $seconds);
    }
}
