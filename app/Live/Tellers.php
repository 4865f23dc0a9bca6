<?php

declare(strict_types=1);

namespace App\Live;

use App\Framework\Clock;
use App\Models\Instant;
use Illuminate\Support\Facades\DB;

/**
 * The web servers that have readers of their own, and which stamps each has told them.
 *
 * What a server has told is written down by stamp and never as a number up to which it has come: one transaction may have
 * taken a lower number than another and be there later. A stamp goes when all have told it that were heard of within a
 * minute; pages of one that comes back after longer look by themselves meanwhile (web/lib/live.svelte.ts).
 */
final readonly class Tellers
{
    /** Seconds after which nobody waits for a server that says nothing. */
    private const GONE = 60;

    /** Seconds between two words that this one is there. */
    public const SAYS = 10;

    /** @param  string  $me  this server's name, which no other has */
    public function __construct(private string $me) {}

    /** The server's own: that of the machine, where its settings name none. */
    public static function here(): self
    {
        $named = preg_replace('/[^A-Za-z0-9._-]+/', '-', (string) (config('recess.server') ?: gethostname()));

        return new self(substr((string) $named, 0, 64));
    }

    /** That this server is there; and what only servers that are gone have not told goes. */
    public function say(): void
    {
        DB::statement(
            'INSERT INTO tellers (name, heard_at) VALUES (?, ?) ON DUPLICATE KEY UPDATE heard_at = VALUES(heard_at)',
            [$this->me, Instant::column(Clock::now())],
        );
        DB::table('tellers')->where('heard_at', '<=', self::since())->delete();
        $this->clear(
            array_values(DB::table('stamps_told')->where('teller', $this->me)->limit(2_000)->pluck('stamp_id')->all()),
        );
    }

    /**
     * What this server has not told yet, the oldest first.
     *
     * @return array<int, string> channels by the numbers of stamps
     */
    public function untold(int $atMost): array
    {
        return DB::table('stamps')
            ->whereNotExists(
                fn($told) => $told
                    ->selectRaw('1')
                    ->from('stamps_told')
                    ->whereColumn('stamp_id', 'stamps.id')
                    ->where('teller', $this->me),
            )
            ->orderBy('id')
            ->limit($atMost)
            ->pluck('channel', 'id')
            ->all();
    }

    /** @param  list<int>  $stamps  that this server has told */
    public function told(array $stamps): void
    {
        $others = DB::table('tellers')->where('name', '<>', $this->me)->where('heard_at', '>', self::since())->exists();
        if (!$others) {
            // The only one, as almost always: nothing has to be written down first.
            $this->takeAway($stamps);

            return;
        }
        DB::table('stamps_told')->insertOrIgnore(
            array_map(fn(int $stamp): array => ['stamp_id' => $stamp, 'teller' => $this->me], $stamps),
        );
        $this->clear($stamps);
    }

    /**
     * Takes away which of these nobody has to tell any more. Each server looks after it has written down its own, so
     * whoever is last sees all.
     *
     * @param  list<int>  $stamps
     */
    private function clear(array $stamps): void
    {
        if ($stamps === []) {
            return;
        }
        $there = DB::table('tellers')
            ->where('heard_at', '>', self::since())
            ->where('name', '<>', $this->me)
            ->pluck('name')
            ->all();
        $by = DB::table('stamps_told')
            ->whereIn('stamp_id', $stamps)
            ->whereIn('teller', $there)
            ->groupBy('stamp_id')
            ->selectRaw('stamp_id, COUNT(*) AS tellers')
            ->pluck('tellers', 'stamp_id');
        $this->takeAway(
            array_values(
                array_filter($stamps, static fn(int $stamp): bool => (int) ($by[$stamp] ?? 0) >= count($there)),
            ),
        );
    }

    /** @param  list<int>  $stamps */
    private function takeAway(array $stamps): void
    {
        DB::table('stamps')->whereIn('id', $stamps)->delete();
        DB::table('stamps_told')->whereIn('stamp_id', $stamps)->delete();
    }

    private static function since(): string
    {
        return Instant::column(Clock::now() - self::GONE);
    }
}
