<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Directory\Guardian;
use App\Directory\Student;
use App\Framework\SlotKey;
use App\Framework\Spell;
use App\Knocks\Knock;
use App\Knocks\KnockChoice;
use App\Models\Booking;
use App\Models\Guest;
use App\Models\Instant;
use App\Models\Pass;
use App\Models\Round;
use App\Models\Turn;
use App\Models\Waiting;
use App\Passes\Joiner;
use App\Plans\Shortlist;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** All that is kept of a visitor, for themselves: as JSON to take along, and for a page to read. */
final class KeptData
{
    /** @return array<string, mixed> instants as RFC 3339 writes them */
    public static function of(Pass $pass): array
    {
        $guardian =
            $pass->guardian_id === null ? null : Guardian::query()->with('students.classes')->find($pass->guardian_id);

        return [
            'format' => 'recess-kept',
            'version' => 1,
            'you' => [
                'name' => $pass->name,
                'email' => $pass->email,
                'email_to_be' => $pass->new_email,
                'phone' => $pass->phone,
                'clock' => $pass->clock,
                'language' => $pass->language,
                'since' => $pass->created_at?->toRfc3339String(),
                'email_answered' => $pass->confirmed_at?->toRfc3339String(),
            ],
            'school_lists' =>
                $guardian === null
                    ? null
                    : [
                        'name' => $guardian->name,
                        'email' => $guardian->email,
                        'phone' => $guardian->phone,
                        'language' => $guardian->language,
                        'number' => $guardian->number,
                        'students' => array_values(
                            $guardian->students
                                ->map(
                                    static fn(Student $one): array => [
                                        'name' => $one->name,
                                        'number' => $one->number,
                                        'classes' => array_values($one->classes->pluck('name')->all()),
                                    ],
                                )
                                ->all(),
                        ),
                    ],
            'meetings' => array_values(
                $pass
                    ->bookings()
                    ->with(['sheet.host.school', 'place', 'host', 'guests.pass', 'turn'])
                    ->orderBy('starts_at')
                    ->get()
                    ->map(self::meeting(...))
                    ->all(),
            ),
            'asked_for' => array_values(
                Knock::query()
                    ->where('pass_id', $pass->id)
                    ->with(Knock::PARTS)
                    ->orderBy('id')
                    ->get()
                    ->map(self::asked(...))
                    ->all(),
            ),
            'wishes' => array_values(
                Shortlist::query()
                    ->where('pass_id', $pass->id)
                    ->orderBy('id')
                    ->get()
                    ->map(
                        static fn(Shortlist $one): array => [
                            'round' => (string) Round::query()->whereKey($one->round_id)->value('title'),
                            'ticked' => $one->asked,
                            'sent' => $one->wished,
                        ],
                    )
                    ->all(),
            ),
            'late' => ['by_mail' => $pass->late_by_mail, 'by_text' => $pass->late_by_text],
            'texts' => array_values(
                DB::table('texts_sent')
                    ->where('pass_id', $pass->id)
                    ->orderBy('id')
                    ->get(['phone', 'sent_at'])
                    ->map(
                        static fn(\stdClass $one): array => [
                            'to' => $one->phone,
                            'at' => SlotKey::of(Instant::of((string) $one->sent_at)),
                        ],
                    )
                    ->all(),
            ),
            'brought_to' => array_values(
                Guest::query()
                    ->where('pass_id', $pass->id)
                    ->with('booking.sheet')
                    ->get()
                    ->map(
                        static fn(Guest $one): array => [
                            'meeting' => $one->booking->sheet->title,
                            'starts' => SlotKey::of($one->booking->span()->start),
                        ],
                    )
                    ->all(),
            ),
            'texts_and_letters' => self::rest($pass),
            'in_line' => array_values(
                Waiting::query()
                    ->where('pass_id', $pass->id)
                    ->with('sheet')
                    ->get()
                    ->map(static fn(Waiting $one): array => ['sheet' => $one->sheet->title, 'wants' => $one->wants])
                    ->all(),
            ),
        ];
    }

    /**
     * What else WhatIsKept declares of a visitor, as it stands: so that nothing is kept of which its owner does not read.
     *
     * @return array<string, list<array<string, mixed>>> by table
     */
    private static function rest(Pass $pass): array
    {
        // These stand above in words; of what a host noted for themselves, its writer decides.
        $said = [
            'passes' => 0,
            'bookings' => 0,
            'knocks' => 0,
            'waiting' => 0,
            'shortlists' => 0,
            'guests' => 0,
            'joiners' => 0,
            'turns' => 0,
            'meeting_notes' => 0,
        ];
        $rest = [];
        foreach (array_diff_key(WhatIsKept::all(), $said) as $table => $kept) {
            $rows = $kept->by === null ? null : ForgetPerson::rowsOf($table, $kept, $pass);
            $found =
                $rows === null
                    ? []
                    : $rows
                        ->limit(500)
                        ->get($kept->columns)
                        ->map(
                            static fn(\stdClass $one): array => array_diff_key((array) $one, [
                                'keeper' => 0,
                                'uid' => 0,
                                'key' => 0,
                            ]),
                        )
                        ->all();
            $found === [] || ($rest[$table] = array_values($found));
        }

        return $rest;
    }

    /** @return array<string, string|null>|null what happened on the day; a host's own note is their own, and goes with the meeting */
    private static function day(?Turn $turn): ?array
    {
        $at = static fn(?CarbonImmutable $when): ?string => $when === null ? null : SlotKey::of($when->getTimestamp());

        return $turn === null
            ? null
            : [
                'here' => $at($turn->arrived_at),
                'called' => $at($turn->called_at),
                'over' => $at($turn->ended_at),
                'became' => $turn->outcome?->value,
                'word' => $turn->word,
                'answer' => $turn->answer,
            ];
    }

    /** @return array<string, mixed> */
    private static function asked(Knock $knock): array
    {
        return [
            'title' => $knock->title,
            'details' => $knock->details,
            'work' => $knock->work,
            'with' => $knock->names(),
            'student' => $knock->student,
            'answers' => (object) $knock->answers,
            'state' => $knock->state->value,
            'answer' => $knock->answer_note,
            'times' => array_values(
                $knock->choices
                    ->map(
                        static fn(KnockChoice $one): array => [
                            'starts' => SlotKey::of($one->span()->start),
                            'ends' => SlotKey::of($one->span()->end),
                            'by' => $one->by->value,
                        ],
                    )
                    ->all(),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function meeting(Booking $booking): array
    {
        return [
            'sheet' => $booking->sheet->title,
            'with' => $booking->host->name,
            'starts' => SlotKey::of($booking->span()->start),
            'ends' => SlotKey::of($booking->span()->end),
            'said' => Spell::slot($booking->span(), $booking->sheet->host->school->timeZone()),
            'place' => $booking->place->label,
            'student' => $booking->student,
            'answers' => (object) $booking->answers,
            'state' => $booking->state->value,
            'note' => $booking->cancel_note,
            'answer' => $booking->answer_note,
            'link' => $booking->link,
            'day' => self::day($booking->turn),
            'guests' => array_values($booking->guests->map(static fn(Guest $one): string => $one->pass->name)->all()),
            'asked_to_come' => array_values(Joiner::query()->where('booking_id', $booking->id)->pluck('name')->all()),
        ];
    }
}
