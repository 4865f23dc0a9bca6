<?php

declare(strict_types=1);

namespace Symfony\Component\Clock;

/** The system's own clock; see docs/decisions/0001-four-missing-packages.md. */
final class NativeClock implements ClockInterface
{
    private \DateTimeZone $zone;

    public function __construct(\DateTimeZone|string|null $timezone = null)
    {
        $this->zone =
            $timezone instanceof \DateTimeZone
                ? $timezone
                : new \DateTimeZone($timezone ?? date_default_timezone_get());
    }

    public function now(): \DateTimeImmutable
    {
        return new \DateTimeImmutable('now', $this->zone);
    }

    public function sleep(float|int $seconds): void
    {
        if ($seconds > 0) {
            usleep((int) ($seconds * 1_000_000));
        }
    }

    public function withTimeZone(\DateTimeZone|string $timezone): static
    {
        return new self($timezone);
    }
}
