<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Booking\CancelBooking;
use App\Booking\Ending;
use App\Booking\Presser;
use App\Day\AfterLetter;
use App\Framework\Contended;
use App\Framework\Words;
use App\Knocks\Knock;
use App\Knocks\KnockRefused;
use App\Knocks\KnockState;
use App\Knocks\TakeKnockBack;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\Pass;
use App\Models\SheetKind;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * What is known of a visitor is taken away: name, address, number, what they told and about whom. That somebody met
 * somebody at a time stays, without saying who. Times to come are given back first, and those concerned are told.
 */
final class ForgetPerson
{
    public function __construct(private readonly CancelBooking $cancel, private readonly TakeKnockBack $takeBack) {}

    /** @param  int  $now  seconds since the epoch */
    public function __invoke(Pass $pass, Presser $by, int $now): void
    {
        foreach (
            $pass
                ->bookings()
                ->whereIn('state', BookingState::standing())
                ->where('ends_at', '>', Instant::column($now))
                ->with('sheet.host.school')
                ->get()
            as $booking
        ) {
            ($this->cancel)($booking, Ending::by($by, ''));
        }
        foreach (
            Knock::query()->where('pass_id', $pass->id)->whereIn('state', KnockState::open())->with(Knock::PARTS)->get()
            as $knock
        ) {
            try {
                ($this->takeBack)($knock);
            } catch (KnockRefused) {
                // Answered at this moment: what came of it is a booking, or nothing.
            }
        }
        Contended::transaction(static fn() => self::takeAway([$pass->id], $now));
    }

    /**
     * Of several at once, whose meetings are all over: table by table, as WhatIsKept says.
     *
     * @param  list<int>  $passes
     */
    public static function takeAway(array $passes, int $now): void
    {
        $bookings = array_values(
            array_map(intval(...), DB::table('bookings')->whereIn('pass_id', $passes)->pluck('id')->all()),
        );
        $brought = array_values(
            array_map(intval(...), DB::table('guests')->whereIn('booking_id', $bookings)->pluck('pass_id')->all()),
        );
        self::outOfTitles($passes);
        self::outOfLetters($bookings);
        foreach (WhatIsKept::all() as $table => $kept) {
            $rows = self::rows($table, $kept, $passes, $bookings);
            $kept->blank === null ? $rows?->delete() : $rows?->update($kept->blank);
        }
        // What opened it opens nothing any more.
        self::ofThemselves($passes)->update([
            'token_hash' => DB::raw("SHA2(CONCAT('" . Str::random(32) . "', id), 256)"),
            'seed' => null,
            // What reaches a part of it is sealed with this.
            'generation' => DB::raw('generation + 1'),
            'forgotten_at' => Instant::column($now),
        ]);
        DB::table('former_secrets')->where('of', 'passes')->whereIn('row', $passes)->delete();
        // Whom they brought was known for that alone.
        $alone = self::holdingNothing($brought);
        $alone === [] || self::takeAway($alone, $now);
    }

    /** A visitor's own rows of a table; null where there are none of visitors. */
    public static function rowsOf(string $table, Kept $kept, Pass $pass): ?Builder
    {
        return self::rows(
            $table,
            $kept,
            [$pass->id],
            array_values(array_map(intval(...), $pass->bookings()->pluck('id')->all())),
        );
    }

    /**
     * The rows of a table that are those visitors'; null where there are none of visitors.
     *
     * @param  list<int>  $passes
     * @param  list<int>  $bookings
     */
    private static function rows(string $table, Kept $kept, array $passes, array $bookings): ?Builder
    {
        return match ($kept->by) {
            null => null,
            'pass' => DB::table($table)->whereIn('pass_id', $passes),
            'booking' => DB::table($table)->whereIn('booking_id', $bookings),
            'booking or pass' => DB::table($table)->where(
                static fn(Builder $one) => $one->whereIn('booking_id', $bookings)->orWhereIn('pass_id', $passes),
            ),
            'entry' => DB::table($table)->whereIn('uid', [
                ...DB::table('bookings')->whereIn('id', $bookings)->pluck('uid'),
                ...DB::table('knocks')->whereIn('pass_id', $passes)->pluck('uid'),
            ]),
            'row' => self::ofThemselves($passes),
            default => throw new \LogicException("Nothing of $table is found by $kept->by."),
        };
    }

    /**
     * Whom the school knows by its own lists keeps their pass; it holds nothing of before.
     *
     * @param  list<int>  $passes
     */
    private static function ofThemselves(array $passes): Builder
    {
        return DB::table('passes')->whereIn('id', $passes)->whereNull('guardian_id')->whereNull('staff_id');
    }

    /**
     * @param  list<int>  $passes
     * @return list<int> those with nothing on them any more
     */
    private static function holdingNothing(array $passes): array
    {
        $left = self::ofThemselves($passes)->whereNull('forgotten_at');
        foreach (['bookings', 'guests', 'knocks', 'waiting', 'shortlists'] as $table) {
            $left->whereNotExists(
                static fn(Builder $any) => $any->from($table)->whereColumn("$table.pass_id", 'passes.id'),
            );
        }

        return array_values(array_map(intval(...), $left->pluck('id')->all()));
    }

    /**
     * What they asked for is in their words, down to the name of its sheet.
     *
     * @param  list<int>  $passes
     */
    private static function outOfTitles(array $passes): void
    {
        DB::table('sheets')
            ->where('kind', SheetKind::Knock)
            ->whereIn('id', DB::table('bookings')->whereIn('pass_id', $passes)->select('sheet_id'))
            ->update(['title' => Words::say('knocks.forgotten_title')]);
    }

    /**
     * That a message went to somebody stays, and no longer to whom.
     *
     * @param  list<int>  $bookings
     */
    private static function outOfLetters(array $bookings): void
    {
        $sheets = DB::table('bookings')->whereIn('id', $bookings)->distinct()->pluck('sheet_id');
        foreach (AfterLetter::query()->whereIn('sheet_id', $sheets)->get() as $letter) {
            $letter->update([
                'sent_to' => array_map(
                    static fn(array $one): array => in_array($one['booking'], $bookings, true)
                        ? ['booking' => $one['booking'], 'name' => '', 'email' => '']
                        : $one,
                    $letter->sent_to,
                ),
            ]);
        }
    }
}
