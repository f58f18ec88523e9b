<?php

/**
 * The two names of symfony/clock that Carbon refers to.
 *
 * They stand in for symfony/clock, which the registries we build from don't
 * carry (README, "Replaced packages"). Guarded, so the real package wins.
 */

declare(strict_types=1);

namespace Symfony\Component\Clock;

use DateTimeImmutable;
use DateTimeZone;
use Psr\Clock\ClockInterface as PsrClock;

if (! interface_exists(ClockInterface::class)) {
    interface ClockInterface extends PsrClock
    {
        public function sleep(float|int $seconds): void;

        public function withTimeZone(DateTimeZone|string $timezone): static;
    }
}

if (! class_exists(NativeClock::class)) {
    final class NativeClock implements ClockInterface
    {
        private readonly DateTimeZone $timezone;

        public function __construct(DateTimeZone|string|null $timezone = null)
        {
            $this->timezone = is_string($timezone)
                ? new DateTimeZone($timezone)
                : $timezone ?? new DateTimeZone(date_default_timezone_get());
        }

        public function now(): DateTimeImmutable
        {
            return new DateTimeImmutable('now', $this->timezone);
        }

        public function sleep(float|int $seconds): void
        {
            usleep((int) ($seconds * 1_000_000));
        }

        public function withTimeZone(DateTimeZone|string $timezone): static
        {
            return new self($timezone);
        }
    }
}
