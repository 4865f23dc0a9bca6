<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Booking\CancelBooking;
use App\Day\AfterLetter;
use App\Framework\Contended;
use App\Framework\Words;
use App\Knocks\Knock;
use App\Knocks\KnockRefused;
use App\Knocks\KnockState;
use App\Knocks\TakeKnockBack;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\Party;
use App\Models\Pass;
use App\Models\SheetKind;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * What is known of a visitor is taken away: name, address, number, what they told and about whom. That somebody met
 * somebody at a time stays, without saying who. Times to come are given back first, and those concerned are told.
 */
final class ForgetPerson
{
    public function __construct(private readonly CancelBooking $cancel, private readonly TakeKnockBack $takeBack)
    {
    }

    /** @param  int  $now  seconds since the epoch */
    public function __invoke(Pass $pass, Party $by, int $now): void
    {
        foreach ($pass->bookings()->whereIn('state', BookingState::standing())->where('ends_at', '>', Instant::column($now))->with('sheet.host.school')->get() as $booking) {
            ($this->cancel)($booking, $by, '');
        }
        foreach (Knock::query()->where('pass_id', $pass->id)->whereIn('state', KnockState::open())->with(Knock::PARTS)->get() as $knock) {
            try {
                ($this->takeBack)($knock);
            } catch (KnockRefused) {
                // Answered at this moment: what came of it is a booking, or nothing.
            }
        }
        Contended::transaction(static fn () => self::takeAway([$pass->id], $now));
    }

    /**
     * Of several at once, whose meetings are all over.
     *
     * @param  list<int>  $passes
     */
    public static function takeAway(array $passes, int $now): void
    {
        $bookings = static fn () => DB::table('bookings')->whereIn('pass_id', $passes);
        DB::table('joiners')->whereIn('booking_id', $bookings()->select('id'))->delete();
        // What was noted of them, said to them, and sent.
        foreach (['meeting_notes', 'turns', 'offers'] as $table) {
            DB::table($table)->whereIn('booking_id', $bookings()->select('id'))->delete();
        }
        DB::table('texts_sent')->whereIn('pass_id', $passes)->delete();
        self::askedFor($passes);
        self::outOfLetters(array_values(array_map(intval(...), $bookings()->pluck('id')->all())));
        DB::table('guests')->whereIn('booking_id', $bookings()->select('id'))->delete();
        DB::table('guests')->whereIn('pass_id', $passes)->delete();
        // What they wished of a round, and what that was given.
        foreach (['waiting', 'shortlists', 'allotted'] as $table) {
            DB::table($table)->whereIn('pass_id', $passes)->delete();
        }
        $bookings()->update([
            'student' => '', 'student_key' => '', 'student_id' => null, 'answers' => '{}', 'cancel_note' => '', 'answer_note' => '', 'link' => null, 'undo' => null,
            'language' => null, 'interpreter_id' => null,
        ]);
        // Whom the school knows by its own lists keeps their pass; it holds nothing of before.
        DB::table('passes')->whereIn('id', $passes)->whereNull('guardian_id')->whereNull('staff_id')
            ->update(['name' => '', 'email' => null, 'new_email' => null, 'phone' => '', 'mail_failure' => '', 'token_hash' => DB::raw("SHA2(CONCAT('".Str::random(32)."', id), 256)"), 'forgotten_at' => Instant::column($now)]);
        DB::table('former_secrets')->where('of', 'passes')->whereIn('row', $passes)->delete();
    }

    /**
     * What they asked for is in their words, down to the name of its sheet.
     *
     * @param  list<int>  $passes
     */
    private static function askedFor(array $passes): void
    {
        $entries = [...DB::table('bookings')->whereIn('pass_id', $passes)->pluck('uid'), ...DB::table('knocks')->whereIn('pass_id', $passes)->pluck('uid')];
        DB::table('entries_sent')->whereIn('uid', $entries)->delete();
        DB::table('sheets')->where('kind', SheetKind::Knock)->whereIn('id', DB::table('bookings')->whereIn('pass_id', $passes)->select('sheet_id'))->update(['title' => Words::say('knocks.forgotten_title')]);
        DB::table('knocks')->whereIn('pass_id', $passes)->delete();
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
            $letter->update(['sent_to' => array_map(static fn (array $one): array => in_array($one['booking'], $bookings, true) ? ['booking' => $one['booking'], 'name' => '', 'email' => ''] : $one, $letter->sent_to)]);
        }
    }
}
