<?php

declare(strict_types=1);

namespace App\Answers;

use App\Models\Instant;
use Illuminate\Support\Facades\DB;

/**
 * To which address an entry went, and what came back last. An answer counts from there alone, to that entry or a later one,
 * and only when it was written later than the last (RFC 5546, 2.1.5).
 */
final class EntrySent
{
    /** @param  int  $now  seconds since the epoch */
    public static function note(string $uid, string $email, int $sequence, int $now): void
    {
        DB::insert(
            'INSERT INTO entries_sent (uid, email, sequence, sent_at) VALUES (?, ?, ?, ?) ON DUPLICATE KEY UPDATE sequence = GREATEST(sequence, VALUES(sequence)), sent_at = VALUES(sent_at)',
            [$uid, mb_strtolower($email), $sequence, Instant::column($now)],
        );
    }

    /** Whether that address was ever sent that entry. */
    public static function went(string $uid, string $email): bool
    {
        return DB::table('entries_sent')->where('uid', $uid)->where('email', mb_strtolower($email))->exists();
    }

    /** Whether an answer counts; from then on no older one does. To be called inside the transaction that acts on it. */
    public static function counts(string $uid, string $email, int $sequence, int $stamp): bool
    {
        return DB::table('entries_sent')
            ->where('uid', $uid)
            ->where('email', mb_strtolower($email))
            ->where('sequence', '<=', $sequence)
            ->where(
                static fn($last) => $last
                    ->whereNull('answered_sequence')
                    ->orWhere('answered_sequence', '<', $sequence)
                    ->orWhere(
                        static fn($same) => $same
                            ->where('answered_sequence', $sequence)
                            ->where('answered_stamp', '<', $stamp),
                    ),
            )
            ->update(['answered_sequence' => $sequence, 'answered_stamp' => $stamp]) === 1;
    }
}
