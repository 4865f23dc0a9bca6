<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Framework\Clock;
use App\Framework\Contended;
use App\Framework\LogBook;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Instant;
use App\Models\Notice;
use App\Models\School;
use Illuminate\Console\Command;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Once somebody's last meeting is so many days over as the school says, what they told goes; their hosts are told a week before. Run each night. */
final class ExpireCommand extends Command
{
    private const DAY = 86_400;

    /** Hosts hear of what goes within so many days, and not again within that time. */
    private const WARNED = 14;

    private const AT_ONCE = 500;

    protected $signature = 'recess:expire';

    protected $description = 'Take away what visitors told, once their last meeting is over for as long as the school says; and old notes of who did what';

    public function handle(): int
    {
        $now = Clock::now();
        foreach (School::query()->get() as $school) {
            $this->tellHosts($school, $now);
            $taken = 0;
            do {
                $passes = self::over($school, $now - $school->keep_days * self::DAY)->limit(self::AT_ONCE)->pluck('passes.id')->all();
                Contended::transaction(static fn () => ForgetPerson::takeAway(array_values(array_map(intval(...), $passes)), $now));
                $taken += count($passes);
            } while (count($passes) === self::AT_ONCE);
            if ($taken > 0) {
                LogBook::note('expired', $school, ['passes' => $taken, 'days' => $school->keep_days]);
            }
            // Of those who just came in, without a booking, and of whom a host expected.
            $over = $now - $school->keep_days * self::DAY;
            DB::table('turns')->whereNull('booking_id')->where('created_at', '<', Instant::column($over))
                ->whereIn('staff_id', DB::table('staff')->where('school_id', $school->id)->select('id'))->delete();
            DB::table('desk_days')->where('created_at', '<', Instant::column($over))
                ->whereIn('staff_id', DB::table('staff')->where('school_id', $school->id)->select('id'))->delete();
            DB::table('expected')->where('updated_at', '<', Instant::column($over))
                ->whereIn(
                    'sheet_id',
                    DB::table('sheets')->join('staff', 'staff.id', '=', 'sheets.staff_id')->where('staff.school_id', $school->id)->select('sheets.id'),
                )->delete();
            DB::table('allotments')->where('ended_at', '<', Instant::column($over))
                ->whereIn('round_id', DB::table('rounds')->where('school_id', $school->id)->select('id'))->delete();
            DB::table('entries_sent')->where('sent_at', '<', Instant::column(min($over, $now - 400 * self::DAY)))->delete();
            DB::table('activity_log')->where('created_at', '<', Instant::column($now - max(31, $school->log_days) * self::DAY))->delete();
        }

        return self::SUCCESS;
    }

    /** @return Builder visitors' passes of whom something is known, and whose last meeting was over at an instant */
    public static function over(School $school, int $instant): Builder
    {
        $meetings = static fn (Builder $any): Builder => $any->from('bookings')->whereColumn('bookings.pass_id', 'passes.id');

        $wishes = static fn (Builder $any): Builder => $any->from('shortlists')->whereColumn('shortlists.pass_id', 'passes.id');

        return DB::table('passes')->where('passes.created_at', '<', Instant::column($instant))
            ->where(static fn ($known) => $known->whereNull('passes.forgotten_at')->whereNull('passes.guardian_id')->whereNull('passes.staff_id')
                // Of those whom the school knows, what they told.
                ->orWhereExists(
                    static fn (Builder $any) => $meetings($any)->where(
                        static fn ($told) => $told->where('bookings.student', '!=', '')->orWhere('bookings.answers', '!=', '{}'),
                    ),
                )
                ->orWhereExists(static fn (Builder $any) => $wishes($any))
                ->orWhereExists(static fn (Builder $any) => $any->from('knocks')->whereColumn('knocks.pass_id', 'passes.id')))
            ->where(static fn ($here) => $here
                ->whereExists(
                    static fn (Builder $any) => $wishes($any)->join('rounds', 'rounds.id', '=', 'shortlists.round_id')->where('rounds.school_id', $school->id),
                )
                ->orWhereExists(
                    static fn (Builder $any) => $any->from('bookings')->join('sheets', 'sheets.id', '=', 'bookings.sheet_id')
                        ->join('staff', 'staff.id', '=', 'sheets.staff_id')->whereColumn('bookings.pass_id', 'passes.id')
                        ->where('staff.school_id', $school->id),
                )
                ->orWhereExists(static fn (Builder $any) => $any->from('knocks')->join('staff', 'staff.id', '=', 'knocks.staff_id')->whereColumn('knocks.pass_id', 'passes.id')->where('staff.school_id', $school->id)))
            ->whereNotExists(
                static fn (Builder $any) => $any->from('knocks')->whereColumn('knocks.pass_id', 'passes.id')
                    ->where('knocks.updated_at', '>=', Instant::column($instant)),
            )
            // Wishes are needed until times are given.
            ->whereNotExists(static fn (Builder $any) => $wishes($any)->join('rounds', 'rounds.id', '=', 'shortlists.round_id')->where(static fn ($still) => $still
                ->where('shortlists.updated_at', '>=', Instant::column($instant))->orWhere('rounds.wishes_until', '>=', Instant::column($instant))))
            ->whereNotExists(static fn (Builder $any) => $meetings($any)->where('bookings.ends_at', '>=', Instant::column($instant)))
            ->whereNotExists(static fn (Builder $any) => $any->from('waiting')->whereColumn('waiting.pass_id', 'passes.id'))
            ->whereNotExists(
                static fn (Builder $any) => $any->from('guests')
                    ->join('bookings as theirs', 'theirs.id', '=', 'guests.booking_id')
                    ->whereColumn('guests.pass_id', 'passes.id')->where('theirs.ends_at', '>=', Instant::column($instant)),
            )
            ->orderBy('passes.id');
    }

    /** Hosts who may still need something of it. */
    private function tellHosts(School $school, int $now): void
    {
        $zone = $school->timeZone();
        $goes = $now + self::WARNED * self::DAY;
        $hosts = DB::table('bookings')->whereIn('pass_id', self::over($school, $goes - $school->keep_days * self::DAY)->select('passes.id')->reorder())
            ->groupBy('staff_id')->selectRaw('staff_id, COUNT(*) AS meetings, UNIX_TIMESTAMP(MIN(ends_at)) AS first')->get();
        // Who heard of it lately need not hear of the same again tomorrow.
        $lately = Notice::query()->where('key', 'like', 'goes|%')
            ->where('created_at', '>', Instant::column($now - (self::WARNED - 1) * self::DAY))->pluck('staff_id')->flip();
        foreach ($hosts->reject(static fn (\stdClass $one): bool => $lately->has((int) $one->staff_id)) as $one) {
            Notice::query()->firstOrCreate(['staff_id' => (int) $one->staff_id, 'key' => 'goes|'.gmdate('Y-m-d', $now)], [
                'message' => Words::say(
                    'keeping.goes',
                    ['meetings' => (int) $one->meetings, 'date' => Spell::date($zone->dateAt((int) $one->first + ($school->keep_days + 1) * self::DAY))],
                ),
            ]);
        }
    }
}
