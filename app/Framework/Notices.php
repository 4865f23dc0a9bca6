<?php

declare(strict_types=1);

namespace App\Framework;

use App\Models\Notice;

/** What a staff member should look at: raised once for one cause, and said to whoever reads it then. */
final class Notices
{
    /** To be looked at, also where the same was looked at before. */
    public static function tell(int $staff, string $key, Said $said, ?int $booking = null): void
    {
        Notice::query()->updateOrCreate(
            ['staff_id' => $staff, 'key' => $key],
            ['booking_id' => $booking, 'seen_at' => null, 'says' => $said->key, 'says_with' => $said->values],
        );
    }

    /** To be looked at once. */
    public static function tellOnce(int $staff, string $key, Said $said, ?int $booking = null): void
    {
        Notice::query()->firstOrCreate(
            ['staff_id' => $staff, 'key' => $key],
            ['booking_id' => $booking, 'says' => $said->key, 'says_with' => $said->values],
        );
    }

    /** To whoever reads it now; one from before has its message as it was written. */
    public static function said(Notice $notice): string
    {
        return $notice->says === null ? $notice->message : (string) new Said($notice->says, $notice->says_with ?? []);
    }
}
