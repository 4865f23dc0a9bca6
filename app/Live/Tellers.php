<?php

declare(strict_types=1);

namespace App\Live;

use App\Framework\Clock;
use App\Models\Instant;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Facades\DB;

/**
 * The web servers that have readers of their own, and which stamps each has told them.
 *
 * What a server has told is written down by stamp and never as a number up to which it has come: one transaction may have
 * taken a lower number than another and be there later. A stamp goes when all have told it that were heard of a
 * while ago; pages of one that comes back after longer look by themselves meanwhile (web/lib/live.svelte.ts).
 */
final readonly class Tellers
{
    /** Seconds after which nobody waits for a server that says nothing. */
    private const GONE = 90;

    /** Seconds between two words that this one is there. */
    public const SAYS = 30;

    /** Whether there is any stamp at all, as an expression of SQL; in the database of this process where none is named. */
    public static function any(string $database = ''): string
    {
        return "EXISTS(SELECT id FROM {$database}stamps)";
    }

    /**
     * @param  string  $me  this server's name, which no other has
     * @param  ConnectionInterface|null  $database  of another school than that of this process
     */
    public function __construct(private string $me, private ?ConnectionInterface $database = null) {}

    /** The server's own: that of the machine, where its settings name none. */
    public static function here(?ConnectionInterface $database = null): self
    {
        $named = preg_replace('/[^A-Za-z0-9._-]+/', '-', (string) (config('recess.server') ?: gethostname()));

        return new self(substr((string) $named, 0, 64), $database);
    }

    /** That this server is there; and what only servers that are gone have not told goes. */
    public function say(): void
    {
        $this->database()->statement(
            'INSERT INTO tellers (name, heard_at) VALUES (?, ?) ON DUPLICATE KEY UPDATE heard_at = VALUES(heard_at)',
            [$this->me, Instant::column(Clock::now())],
        );
        $this->database()->table('tellers')->where('heard_at', '<=', self::since())->delete();
        $this->clear(
            array_values(
                $this->database()
                    ->table('stamps_told')
                    ->where('teller', $this->me)
                    ->limit(2_000)
                    ->pluck('stamp_id')
                    ->all(),
            ),
        );
    }

    /**
     * What this server has not told yet, the oldest first.
     *
     * @return array<int, string> channels by the numbers of stamps
     */
    public function untold(int $atMost): array
    {
        return $this->database()
            ->table('stamps')
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
        $others = $this->database()
            ->table('tellers')
            ->where('name', '<>', $this->me)
            ->where('heard_at', '>', self::since())
            ->exists();
        if (!$others) {
            // The only one, as almost always: nothing has to be written down first.
            $this->takeAway($stamps);

            return;
        }
        $this->database()
            ->table('stamps_told')
            ->insertOrIgnore(
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
        $there = $this->database()
            ->table('tellers')
            ->where('heard_at', '>', self::since())
            ->where('name', '<>', $this->me)
            ->pluck('name')
            ->all();
        $by = $this->database()
            ->table('stamps_told')
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
        $this->database()->table('stamps')->whereIn('id', $stamps)->delete();
        $this->database()->table('stamps_told')->whereIn('stamp_id', $stamps)->delete();
    }

    private function database(): ConnectionInterface
    {
        return $this->database ?? DB::connection();
    }

    private static function since(): string
    {
        return Instant::column(Clock::now() - self::GONE);
    }
}
