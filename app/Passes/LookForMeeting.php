<?php

declare(strict_types=1);

namespace App\Passes;

use App\Framework\Clock;
use App\Models\Sheet;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Looks, in its own time, for a meeting to which somebody asks to be brought: whoever asks learns nothing by how long it takes. */
final class LookForMeeting implements ShouldBeEncrypted, ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public function __construct(
        private readonly int $sheet,
        private readonly string $student,
        private readonly string $name,
        private readonly string $email,
    ) {}

    public function handle(AskToJoin $ask): void
    {
        $sheet = Sheet::query()->find($this->sheet);
        $sheet === null || $ask($sheet, $this->student, $this->name, $this->email, Clock::now());
    }
}
