<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Contracts\Cache\Lock;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Sleep;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Places that are taken for as long as a request is worked on, and given back whatever comes of it. */
final class Places
{
    /** @var list<Lock> */
    private array $held = [];

    /** @param  int  $seconds  a work that was killed gives its place back after so long */
    public function __construct(private readonly int $seconds)
    {
    }

    /** Takes the first of so many places of a name that is free. */
    public function take(string $name, int $places): bool
    {
        for ($place = 0; $place < $places; $place++) {
            $lock = Cache::lock("{$name} {$place}", $this->seconds);
            if ($lock->get() === true) {
                $this->held[] = $lock;

                return true;
            }
        }

        return false;
    }

    /**
     * Waits until it is the turn; where it takes too long, all that was taken is given back.
     *
     * @param  Closure(): bool  $isTurn
     */
    public function await(Closure $isTurn, int $mostMs, int $againMs): bool
    {
        // Counted, not read off a clock: that may be set back meanwhile.
        for ($waited = 0; ! $isTurn(); $waited += $againMs) {
            if ($waited > $mostMs) {
                $this->release();

                return false;
            }
            Sleep::for($againMs)->milliseconds();
        }

        return true;
    }

    /** Gives back the last that was taken. */
    public function back(): void
    {
        array_pop($this->held)?->release();
    }

    /** Gives back the first that was taken. */
    public function backFirst(): void
    {
        array_shift($this->held)?->release();
    }

    /**
     * @param  Closure(): Response  $answer  a stream is worked on while it is sent, and keeps its places until then
     * @param  ?Closure(): void  $after  done once it is, whatever came of it
     */
    public function during(Closure $answer, ?Closure $after = null): Response
    {
        $sent = null;
        try {
            $sent = $answer();
        } finally {
            $send = $sent instanceof StreamedResponse ? $sent->getCallback() : null;
            if ($sent instanceof StreamedResponse && $send !== null) {
                $sent->setCallback(function () use ($send, $after): void {
                    try {
                        $send();
                    } finally {
                        $this->release();
                        $after?->__invoke();
                    }
                });
            } else {
                $this->release();
                $after?->__invoke();
            }
        }

        return $sent;
    }

    public function release(): void
    {
        while ($this->held !== []) {
            $this->back();
        }
    }
}
