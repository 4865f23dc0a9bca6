<?php

declare(strict_types=1);

namespace App\CalendarServers;

use App\Framework\Clock;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Something was agreed with somebody who keeps it in their own calendar: it stands there within seconds. */
final class WriteSoon implements ShouldQueue, ShouldBeUniqueUntilProcessing
{
    use Queueable;

    /** What does not go now goes with the next look, some minutes from now. */
    public int $tries = 2;

    public int $timeout = 60;

    public int $uniqueFor = 300;

    /** Seconds for all the answers of one server. */
    private const WAITS = 8;

    public function __construct(private readonly int $staff) {}

    public function uniqueId(): string
    {
        return (string) $this->staff;
    }

    public function handle(KeepInStep $keep): void
    {
        $now = Clock::now();
        $server = CalendarServer::of($this->staff);
        // One that did not answer is not waited for again here, where everybody's letters wait: the look asks it anew.
        if ($server === null || $server->says !== null || $keep($server, false, $now, self::WAITS)) {
            return;
        }
        if ($server->refresh()->says !== null) {
            return;
        }
        // Another is at it just now, and may have begun before this was agreed.
        $this->release(5);
    }
}
