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

    /** As long as it lasts: with its newest figures, and once to whoever has looked; again only where there is more of it. */
    public static function keepSaying(int $staff, string $key, Said $said, bool $again): void
    {
        $notice = Notice::query()->firstOrNew(['staff_id' => $staff, 'key' => $key]);
        $more = ($said->values['count'] ?? 0) > ($notice->says_with['count'] ?? 0);
        $notice->fill(['says' => $said->key, 'says_with' => $said->values]);
        if ($again && $more) {
            $notice->seen_at = null;
        }
        $notice->save();
    }

    /**
     * What was true is so no more.
     *
     * @param  list<int>  $except  staff for whom it is
     */
    public static function over(string $key, array $except = []): void
    {
        Notice::query()->where('key', $key)->whereNotIn('staff_id', $except)->delete();
    }

    /**
     * What somebody has not looked at yet.
     *
     * @param  string  $kind  with which its key begins
     * @return list<string>
     */
    public static function unseen(int $staff, string $kind): array
    {
        $notices = Notice::query()
            ->where('staff_id', $staff)
            ->whereNull('seen_at')
            ->where('key', 'like', "$kind|%");

        return array_values(array_map(self::said(...), $notices->orderByDesc('id')->get()->all()));
    }

    /** To whoever reads it now; one from before has its message as it was written. */
    public static function said(Notice $notice): string
    {
        return $notice->says === null ? $notice->message : (string) new Said($notice->says, $notice->says_with ?? []);
    }
}
