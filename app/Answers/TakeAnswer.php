<?php

declare(strict_types=1);

namespace App\Answers;

use App\Booking\LetGuestLeave;
use App\Booking\Presser;
use App\Calendars\AnswerAddress;
use App\Framework\Contended;
use App\Framework\Refused;
use App\Knocks\AcceptKnock;
use App\Knocks\DeclineKnock;
use App\Knocks\HoldKnock;
use App\Knocks\Knock;
use App\Knocks\KnockChoice;
use App\Knocks\KnockHost;
use App\Knocks\ProposeTimes;
use App\Models\Booking;
use App\Models\Guest;
use App\Models\Pass;
use App\Passes\GiveBack;
use App\Timetables\Guards;
use Recess\Calendars\Answer;
use Recess\Calendars\CalendarNotReadable;
use Recess\Calendars\PartStat;
use Recess\Time\Zone;

/** What a calendar program sent is done, as if it had been pressed; or it is left alone, and why. */
final class TakeAnswer
{
    public function __construct(
        private readonly GiveBack $giveBack,
        private readonly LetGuestLeave $letLeave,
        private readonly AcceptKnock $accept,
        private readonly HoldKnock $hold,
        private readonly DeclineKnock $decline,
        private readonly ProposeTimes $propose,
    ) {}

    /**
     * @param  int  $now  seconds since the epoch
     * @return Left|null null when it was done
     */
    public function __invoke(MailIn $mail, int $now): ?Left
    {
        try {
            $this->done($mail, $this->answer($mail), $now);

            return null;
        } catch (LeftAlone $left) {
            return $left->why;
        } catch (Refused) {
            return Left::Refused;
        }
    }

    private function answer(MailIn $mail): Answer
    {
        // A machine that answers a machine would go on for ever (RFC 3834, 2).
        $why = match (true) {
            $mail->tooLarge => Left::TooLarge,
            $mail->automatic => Left::Automatic,
            $mail->calendar === '' => Left::NoCalendar,
            default => null,
        };
        if ($why !== null) {
            throw new LeftAlone($why);
        }
        try {
            $answer = Answer::read($mail->calendar, Zone::of('UTC'));
        } catch (CalendarNotReadable) {
            throw new LeftAlone(Left::NotReadable);
        }
        if (!in_array($answer->method, ['REPLY', 'COUNTER'], true) || $answer->ofOccurrence) {
            throw new LeftAlone(Left::OtherMethod);
        }

        return $answer;
    }

    private function done(MailIn $mail, Answer $answer, int $now): void
    {
        // What was agreed has the entry of what was asked.
        $booking = Booking::query()
            ->where('uid', $answer->uid)
            ->with(['sheet.host.school', 'pass', 'guests.pass'])
            ->first();
        $knock = $booking === null ? Knock::query()->where('uid', $answer->uid)->with(Knock::PARTS)->first() : null;
        $why = match (true) {
            $booking === null && $knock === null => Left::UnknownEntry,
            $mail->from === '' || $answer->attendee !== $mail->from || !EntrySent::went($answer->uid, $mail->from)
                => Left::Stranger,
            !self::isTheirs($mail, $answer, $booking) => Left::OtherAddress,
            $booking !== null && !$booking->stands(), $knock !== null && !$knock->state->isOpen() => Left::Off,
            default => null,
        };
        if ($why !== null) {
            throw new LeftAlone($why);
        }
        Contended::transaction(function () use ($booking, $knock, $answer, $mail, $now): void {
            // Whoever else decides for it waits here; in the order in which all of them do.
            $sheet = $booking->sheet ?? $knock?->sheet;
            $sheet === null ||
                Guards::booking(
                    $sheet,
                    (string) ($booking->pass ?? $knock?->pass)?->email,
                    $booking->student ?? (string) $knock?->student,
                );
            if (!EntrySent::counts($answer->uid, $mail->from, $answer->sequence, $answer->stamp)) {
                throw new LeftAlone(Left::Older);
            }
            $booking !== null
                ? $this->ofBooking($booking, $answer, $mail->from, $now)
                : $knock !== null && $this->ofKnock($knock, $answer, $mail->from, $now);
        });
    }

    /** Whether it was sent to the address that stands in the entry of that reader, as it is now. */
    private static function isTheirs(MailIn $mail, Answer $answer, ?Booking $booking): bool
    {
        $passes =
            $booking === null
                ? []
                : [$booking->pass, ...$booking->guests->map(static fn(Guest $guest): Pass => $guest->pass)->all()];
        $theirs = array_filter(
            $passes,
            static fn(Pass $pass): bool => mb_strtolower((string) $pass->email) === $mail->from,
        );
        $generations = $theirs === [] ? [1] : array_map(static fn(Pass $pass): int => $pass->generation, $theirs);

        return array_filter(
            $generations,
            static fn(int $one): bool => AnswerAddress::isAmong($mail->sentTo, $answer->uid, $mail->from, $one),
        ) !== [];
    }

    private function ofBooking(Booking $booking, Answer $answer, string $from, int $now): void
    {
        if ($answer->method !== 'REPLY') {
            throw new LeftAlone(Left::Nothing);
        }
        // That they come was known.
        if (in_array($answer->says, [PartStat::Accepted, PartStat::Tentative], true)) {
            return;
        }
        if ($answer->says !== PartStat::Declined) {
            throw new LeftAlone(Left::Nothing);
        }
        if ($booking->span()->start <= $now) {
            throw new LeftAlone(Left::Begun);
        }
        $guest = $booking->guests->first(
            static fn(Guest $one): bool => $one->left_at === null &&
                mb_strtolower((string) $one->pass->email) === $from,
        );
        match (true) {
            mb_strtolower((string) $booking->pass->email) === $from => $booking->sheet->rules->text(
                'declined_entry',
            ) === 'ask'
                ? event(new EntryDeclined($booking))
                : ($this->giveBack)($booking->pass, $booking, $answer->comment, $now),
            $guest !== null => ($this->letLeave)($guest, Presser::pass($guest->pass), $now),
            // A host who cannot come has to say so to the other side, and that is a press of theirs.
            default => throw new LeftAlone(Left::Nothing),
        };
    }

    private function ofKnock(Knock $knock, Answer $answer, string $from, int $now): true
    {
        $host =
            $knock->hosts->first(static fn(KnockHost $one): bool => mb_strtolower($one->host->email) === $from)->host ??
            throw new LeftAlone(Left::Stranger);
        // The entry stands at the first or the chosen time; some programs send the time back, some do not.
        $choice =
            $knock->choices->first(
                static fn(KnockChoice $one): bool => $answer->span !== null &&
                    $one->span()->start === $answer->span->start,
            ) ??
            ($knock->chosen() ?? $knock->choices->first());
        if ($choice === null) {
            throw new LeftAlone(Left::Nothing);
        }
        match (true) {
            $answer->method === 'COUNTER' &&
                $answer->span !== null &&
                $answer->span->start > $now &&
                $answer->span->minutes() <= 240
                => ($this->propose)($knock, $host, [$answer->span], $answer->comment, $now),
            $answer->method === 'COUNTER' => throw new LeftAlone(Left::Nothing),
            $answer->says === PartStat::Accepted => ($this->accept)($knock, $host, $choice->id, $answer->comment, $now),
            $answer->says === PartStat::Tentative => ($this->hold)($knock, $host, $choice->id, $answer->comment, $now),
            $answer->says === PartStat::Declined => ($this->decline)($knock, $host, $answer->comment),
            default => throw new LeftAlone(Left::Nothing),
        };

        return true;
    }
}
