<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Controllers\SignedIn;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Contracts\Cache\Lock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Sleep;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

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

    private const WAIT_MS = 3_000;

    private const AGAIN_MS = 50;

    /** A work that was killed gives its place back after so long. */
    private const SECONDS = 60;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = SignedIn::user($request)->id;
        $waiting = $this->place("heavy waits {$user}", self::WAITING + self::MINE);
        if ($waiting === null) {
            return self::later();
        }
        $held = [];
        try {
            $until = CarbonImmutable::now()->addMilliseconds(self::WAIT_MS);
            while (($held = $this->places($user)) === []) {
                if (CarbonImmutable::now()->greaterThan($until)) {
                    return self::later();
                }
                Sleep::for(self::AGAIN_MS)->milliseconds();
            }

            $answer = $next($request);
            if ($answer instanceof StreamedResponse) {
                $this->heldWhileSent($answer, [...$held, $waiting]);
                $held = [];
                $waiting = null;
            }

            return $answer;
        } finally {
            self::release([...$held, ...($waiting === null ? [] : [$waiting])]);
        }
    }

    /**
     * A stream is worked on while it is sent.
     *
     * @param  list<Lock>  $locks
     */
    private function heldWhileSent(StreamedResponse $answer, array $locks): void
    {
        $send = $answer->getCallback();
        $answer->setCallback(static function () use ($send, $locks): void {
            try {
                if ($send !== null) {
                    $send();
                }
            } finally {
                self::release($locks);
            }
        });
    }

    /** @param  list<Lock>  $locks */
    private static function release(array $locks): void
    {
        foreach ($locks as $lock) {
            $lock->release();
        }
    }

    /** @return list<Lock> one of the account's and one of all; none where either is taken */
    private function places(int $user): array
    {
        $mine = $this->place("heavy {$user}", self::MINE);
        $all = $mine === null ? null : $this->place('heavy', max(1, config()->integer('app.heavy_works')));
        if ($mine === null || $all === null) {
            $mine?->release();

            return [];
        }

        return [$mine, $all];
    }

    /** The first of so many places that is free; null where none is. */
    private function place(string $name, int $places): ?Lock
    {
        for ($place = 0; $place < $places; $place++) {
            $lock = Cache::lock("{$name} {$place}", self::SECONDS);
            if ($lock->get() === true) {
                return $lock;
            }
        }

        return null;
    }

    private static function later(): JsonResponse
    {
        return new JsonResponse(['message' => 'Your last papers or files are still being worked on. Try again in a few seconds.', 'errors' => []], 429, ['Retry-After' => '3']);
    }
}
