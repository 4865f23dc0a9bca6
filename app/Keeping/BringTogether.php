<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Allotting\AllotmentState;
use App\Framework\Contended;
use App\Models\Pass;
use App\Passes\ConfirmAddress;
use App\Passes\PassRenewed;
use App\Timetables\Guards;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Whoever reads a mailbox puts what was booked under its address and their name on one pass. Whoever typed that address
 * elsewhere could be anybody: all passes that it was, the one that stays too, open by their old addresses no more, and a
 * letter brings the new one. What cannot stand twice on one pass is not merged; its pass stays as it is.
 */
final class BringTogether
{
    /** Of which there is one for a pass. */
    private const ONCE = ['guests' => 'booking_id', 'waiting' => 'sheet_id', 'shortlists' => 'round_id'];

    public function __construct(private readonly ConfirmAddress $confirm) {}

    /**
     * @param  int  $now  seconds since the epoch
     * @return int how many are by themselves still
     */
    public function __invoke(Pass $pass, int $now): int
    {
        $email = (string) $pass->email;
        $apart = Contended::transaction(static function () use ($pass, $email, $now): int {
            Guards::visitor($email);
            Pass::query()->where('email', $email)->lockForUpdate()->get('id');
            $pass->refresh();
            $brought = [];
            foreach (SamePerson::others($pass) as $other) {
                self::clash($pass, $other) || ($brought[] = self::move($other, $pass));
            }
            if ($brought !== []) {
                ForgetPerson::takeAway($brought, $now);
                $pass->renew();
                event(new PassRenewed($pass, PassRenewed::TOGETHER));
            }

            return SamePerson::others($pass)->count();
        });
        ($this->confirm)($pass, $email, $now);

        return $apart;
    }

    /** Whether something would stand twice, or an allotment that reckons with it is being worked out or booked just now. */
    private static function clash(Pass $pass, Pass $other): bool
    {
        foreach (self::ONCE as $table => $once) {
            $theirs = DB::table($table)->where('pass_id', $other->id)->select($once);
            if (DB::table($table)->where('pass_id', $pass->id)->whereIn($once, $theirs)->exists()) {
                return true;
            }
        }
        $guestOf = static fn(Pass $guest, Pass $holder): Builder => DB::table('guests')
            ->where('pass_id', $guest->id)
            ->whereIn('booking_id', DB::table('bookings')->where('pass_id', $holder->id)->select('id'));

        return $guestOf($pass, $other)->exists() ||
            $guestOf($other, $pass)->exists() ||
            DB::table('allotments')
                ->whereIn('round_id', DB::table('shortlists')->where('pass_id', $other->id)->select('round_id'))
                ->whereIn('state', AllotmentState::busy())
                ->exists();
    }

    /** @return int the pass that holds nothing now */
    private static function move(Pass $from, Pass $to): int
    {
        foreach (WhatIsKept::all() as $table => $kept) {
            if ($kept->isOfPasses()) {
                DB::table($table)
                    ->where('pass_id', $from->id)
                    ->update(['pass_id' => $to->id]);
            }
        }
        // For whom a time is kept just now.
        DB::table('seats')
            ->where('pass_id', $from->id)
            ->update(['pass_id' => $to->id]);
        $guardian = $from->guardian_id;
        $from->update(['guardian_id' => null]);
        $to->update([
            // A number that nobody answered for could be anybody's, and so hears nothing by text message unasked.
            'phone' => $to->phone === '' && $from->hasAnswered() ? $from->phone : $to->phone,
            'late_by_text' => $to->late_by_text && $from->late_by_text && $to->phone === $from->phone,
            'clock' => $to->clock ?? $from->clock,
            'language' => $to->language ?? $from->language,
            'guardian_id' => $to->guardian_id ?? $guardian,
        ]);

        return $from->id;
    }
}
