<?php

declare(strict_types=1);

namespace App\CalendarServers;

use App\Framework\Guard;
use App\Framework\Words;
use App\Models\Calendar;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Which of somebody's calendars count as busy, and into which one their meetings go. */
final class TickCalendars
{
    /**
     * @param  list<int>  $busy  numbers of calendars
     * @param  int|null  $meetings  the one that takes them; null for none. A number of none of theirs, or of one that cannot
     *     be written to, is refused (HTTP 422), and nothing is changed
     */
    public function __invoke(CalendarServer $server, array $busy, ?int $meetings): void
    {
        DB::transaction(static function () use ($server, $busy, $meetings): void {
            Guard::raise("calendar-server|$server->staff_id");
            $calendars = $server->calendars()->get()->keyBy('id');
            $strange = array_diff([...$busy, ...$meetings === null ? [] : [$meetings]], $calendars->modelKeys());
            if ($strange !== [] || ($meetings !== null && $calendars->find($meetings)?->can_write !== true)) {
                throw ValidationException::withMessages(['meetings' => Words::say('servers.not_this_one')]);
            }
            foreach ($calendars as $one) {
                $counts = in_array($one->id, $busy, true);
                if ($counts && $one->calendar_id === null) {
                    $made = Calendar::query()->create(['staff_id' => $server->staff_id, 'name' => $one->name]);
                    $one->calendar_id = $made->id;
                } elseif (!$counts && $one->calendar_id !== null) {
                    $one->busy?->delete();
                    $one->calendar_id = null;
                }
                $one->takes_meetings = $one->id === $meetings;
                $one->save();
            }
        });
    }
}
