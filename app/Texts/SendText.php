<?php

declare(strict_types=1);

namespace App\Texts;

use App\Framework\Clock;
use App\Framework\Undoable;
use App\Models\Instant;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;

/** One text message, queued with what it tells of; each once, and what did not arrive is written down. */
final class SendText implements ShouldQueue
{
    use Queueable;

    public int $tries = 4;

    /**
     * @param  string  $key  one for each message
     * @param  string|null  $change  the key of what it tells of, where that can be taken back
     */
    public function __construct(
        private readonly ?int $pass,
        private readonly string $to,
        private readonly string $text,
        private readonly string $key,
        private readonly ?string $change = null,
    ) {}

    /** @return list<int> seconds to wait before each new attempt */
    public function backoff(): array
    {
        return [10, 60, 300];
    }

    public function handle(TextMessages $texts): void
    {
        // What was taken back while it waited is not told.
        if (
            DB::table('texts_sent')->where('key', $this->key)->where('failure', '')->exists() ||
            Undoable::wasTakenBack($this->change)
        ) {
            return;
        }
        // A space that is not broken is no letter of GSM 03.38: one of them and a message takes twice the room.
        $texts->send($this->to, str_replace("\u{A0}", ' ', $this->text));
        $this->noted('');
    }

    public function failed(\Throwable $failure): void
    {
        $this->noted(mb_strimwidth($failure->getMessage(), 0, 290, '…'));
    }

    /**
     * Why messages did not arrive.
     *
     * @param  list<string>  $keys
     * @return array<string, string> by the keys of those that did not
     */
    public static function failures(array $keys): array
    {
        return array_map(
            strval(...),
            DB::table('texts_sent')->where('failure', '!=', '')->whereIn('key', $keys)->pluck('failure', 'key')->all(),
        );
    }

    private function noted(string $failure): void
    {
        DB::table('texts_sent')->updateOrInsert(
            ['key' => $this->key],
            [
                'pass_id' => $this->pass,
                'phone' => $this->to,
                'failure' => $failure,
                'sent_at' => Instant::column(Clock::now()),
            ],
        );
    }
}
