<?php

declare(strict_types=1);

namespace App\Texts;

use App\Framework\Clock;
use App\Models\Instant;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/** One text message, queued with what it tells of; each once, and what did not arrive is written down. */
final class SendText implements ShouldQueue
{
    use Queueable;

    public int $tries = 4;

    /** @param  string  $key  one for each message */
    public function __construct(private readonly ?int $pass, private readonly string $to, private readonly string $text, private readonly string $key)
    {
    }

    /** As what was taken back is known (the table's keys are UUIDs; RFC 9562, 5.5). */
    public static function undone(string $key): string
    {
        return Uuid::uuid5(Uuid::NAMESPACE_URL, $key)->toString();
    }

    /** @return list<int> seconds to wait before each new attempt */
    public function backoff(): array
    {
        return [10, 60, 300];
    }

    public function handle(TextMessages $texts): void
    {
        // What was taken back while it waited is not told.
        if (DB::table('texts_sent')->where('key', $this->key)->where('failure', '')->exists() || DB::table('undone')->where('change_key', self::undone($this->key))->exists()) {
            return;
        }
        $texts->send($this->to, $this->text);
        $this->noted('');
    }

    public function failed(\Throwable $failure): void
    {
        $this->noted(mb_strimwidth($failure->getMessage(), 0, 290, '…'));
    }

    private function noted(string $failure): void
    {
        DB::table('texts_sent')->updateOrInsert(['key' => $this->key], ['pass_id' => $this->pass, 'phone' => $this->to, 'failure' => $failure, 'sent_at' => Instant::column(Clock::now())]);
    }
}
