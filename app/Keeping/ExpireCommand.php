<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Framework\Clock;
use App\Framework\Contended;
use App\Framework\LogBook;
use App\Framework\Notices;
use App\Framework\Said;
use App\Framework\Spell;
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
                $passes = self::over($school, $now - $school->keep_days * self::DAY)
                    ->limit(self::AT_ONCE)
                    ->pluck('passes.id')
                    ->all();
                Contended::transaction(
                    static fn() => ForgetPerson::takeAway(array_values(array_map(intval(...), $passes)), $now),
                );
                $taken += count($passes);
            } while (count($passes) === self::AT_ONCE);
            if ($taken > 0) {
                LogBook::note('expired', $school, ['passes' => $taken, 'days' => $school->keep_days]);
            }
            // Of those who just came in, without a booking, and of whom a host expected.
            $over = $now - $school->keep_days * self::DAY;
            DB::table('turns')
                ->whereNull('booking_id')
                ->where('created_at', '<', Instant::column($over))
                ->whereIn('staff_id', DB::table('staff')->where('school_id', $school->id)->select('id'))
                ->delete();
            foreach (WhatIsKept::all() as $table => $kept) {
                $kept->ages === null ||
                    self::ofSchool($table, $school)
                        ->where("$table.$kept->ages", '<', Instant::column($over))
                        ->delete();
            }
            DB::table('allotments')
                ->where('ended_at', '<', Instant::column($over))
                ->whereIn('round_id', DB::table('rounds')->where('school_id', $school->id)->select('id'))
                ->delete();
            DB::table('entries_sent')
                ->where('sent_at', '<', Instant::column(min($over, $now - 400 * self::DAY)))
                ->delete();
            DB::table('activity_log')
                ->where('created_at', '<', Instant::column($now - max(31, $school->log_days) * self::DAY))
                ->delete();
        }

        return self::SUCCESS;
    }

    /** A table's rows of one school: by who works there, or by their sheets; of what has neither, by its visitor's meetings. */
    private static function ofSchool(string $table, School $school): Builder
    {
        $staff = DB::table('staff')->where('school_id', $school->id)->select('id');

        return match ($table) {
            'expected' => DB::table($table)->whereIn(
                'sheet_id',
                DB::table('sheets')->whereIn('staff_id', $staff)->select('id'),
            ),
            // Of nobody who ever met anybody here, or of somebody who did.
            'texts_sent' => DB::table($table)->where(
                static fn(Builder $any) => $any
                    ->whereNull('pass_id')
                    ->orWhereIn('pass_id', DB::table('bookings')->whereIn('staff_id', $staff)->select('pass_id'))
                    ->orWhereNotIn('pass_id', DB::table('bookings')->select('pass_id')),
            ),
            default => DB::table($table)->whereIn('staff_id', $staff),
        };
    }

    /** What may be on a pass: a table, what joins it to its school, and the instants that keep it. */
    private const ON_A_PASS = [
        ['bookings', 'bookings.staff_id', ['bookings.ends_at']],
        ['guests', 'theirs.staff_id', ['theirs.ends_at']],
        ['knocks', 'knocks.staff_id', ['knocks.updated_at']],
        ['waiting', 'sheets.staff_id', ['waiting.updated_at']],
        // Wishes are needed until times are given.
        ['shortlists', 'rounds.school_id', ['shortlists.updated_at', 'rounds.wishes_until']],
    ];

    /** @param  array{string, string, list<string>}  $what */
    private static function on(Builder $any, array $what): Builder
    {
        [$table] = $what;
        $any->from($table)->whereColumn("$table.pass_id", 'passes.id');

        return match ($table) {
            'guests' => $any->join('bookings as theirs', 'theirs.id', '=', 'guests.booking_id'),
            'waiting' => $any->join('sheets', 'sheets.id', '=', 'waiting.sheet_id'),
            'shortlists' => $any->join('rounds', 'rounds.id', '=', 'shortlists.round_id'),
            default => $any,
        };
    }

    /** @return Builder passes of whose holders something is known, and whose last meeting was over at an instant; guests', and of those who only waited, among them */
    public static function over(School $school, int $instant): Builder
    {
        $column = Instant::column($instant);
        $over = DB::table('passes')->where('passes.created_at', '<', $column)->where(
            static fn(Builder $known) => $known
                ->where(
                    static fn(Builder $own) => $own
                        ->whereNull('passes.forgotten_at')
                        ->whereNull('passes.guardian_id')
                        ->whereNull('passes.staff_id'),
                )
                // Of those whom the school knows, what they told.
                ->orWhereExists(
                    static fn(Builder $any) => self::on($any, self::ON_A_PASS[0])->where(
                        static fn(Builder $told) => $told
                            ->where('bookings.student', '!=', '')
                            ->orWhere('bookings.answers', '!=', '{}'),
                    ),
                )
                ->orWhereExists(static fn(Builder $any) => self::on($any, self::ON_A_PASS[2]))
                ->orWhereExists(static fn(Builder $any) => self::on($any, self::ON_A_PASS[3]))
                ->orWhereExists(static fn(Builder $any) => self::on($any, self::ON_A_PASS[4])),
        );
        foreach (self::ON_A_PASS as $what) {
            $over->whereNotExists(
                static fn(Builder $any) => self::on($any, $what)->where(static function (Builder $still) use (
                    $what,
                    $column,
                ): void {
                    foreach ($what[2] as $until) {
                        $still->orWhere($until, '>=', $column);
                    }
                }),
            );
        }

        // Here, or nowhere at all: what nothing leads to any more goes with whichever school looks first.
        return $over
            ->where(static function (Builder $here) use ($school): void {
                foreach (self::ON_A_PASS as $what) {
                    $here->orWhereExists(
                        static fn(Builder $any) => $what[0] === 'shortlists'
                            ? self::on($any, $what)->where($what[1], $school->id)
                            : self::on($any, $what)->whereIn(
                                $what[1],
                                DB::table('staff')->where('school_id', $school->id)->select('id'),
                            ),
                    );
                }
                $here->orWhere(static function (Builder $nowhere): void {
                    foreach (self::ON_A_PASS as $what) {
                        $nowhere->whereNotExists(static fn(Builder $any) => self::on($any, $what));
                    }
                    $nowhere->whereNull('passes.guardian_id')->whereNull('passes.staff_id');
                });
            })
            ->orderBy('passes.id');
    }

    /** Hosts who may still need something of it. */
    private function tellHosts(School $school, int $now): void
    {
        $zone = $school->timeZone();
        $goes = $now + self::WARNED * self::DAY;
        $hosts = DB::table('bookings')
            ->whereIn(
                'pass_id',
                self::over($school, $goes - $school->keep_days * self::DAY)
                    ->select('passes.id')
                    ->reorder(),
            )
            ->groupBy('staff_id')
            ->selectRaw('staff_id, COUNT(*) AS meetings, UNIX_TIMESTAMP(MIN(ends_at)) AS first')
            ->get();
        // Who heard of it lately need not hear of the same again tomorrow.
        $lately = Notice::query()
            ->where('key', 'like', 'goes|%')
            ->where('created_at', '>', Instant::column($now - (self::WARNED - 1) * self::DAY))
            ->pluck('staff_id')
            ->flip();
        foreach ($hosts->reject(static fn(\stdClass $one): bool => $lately->has((int) $one->staff_id)) as $one) {
            $date = Spell::date($zone->dateAt((int) $one->first + ($school->keep_days + 1) * self::DAY));
            $said = new Said('keeping.goes', ['meetings' => (int) $one->meetings, 'date' => $date]);
            Notices::tellOnce((int) $one->staff_id, 'goes|' . gmdate('Y-m-d', $now), $said);
        }
    }
}
