<?php

declare(strict_types=1);

namespace App\Keeping;

/**
 * What is kept of whom, table by table: the one place in which it is said. What expires, what is erased, what a visitor takes
 * along and what docs/security.md lists follow from it; a table or a column of words that is not here fails a test.
 */
final class WhatIsKept
{
    private const AS_SCHOOL = 'so many days after their last meeting as the school says (180), or when they ask';

    private const BY_HAND = 'by hand, or with a file of the school’s';

    /** @return array<string, Kept> by table */
    public static function all(): array
    {
        return self::ofVisitors() + self::ofFamilies() + self::ofStaff() + self::ofTheSchool() + self::ofNobody();
    }

    /** @return array<string, Kept> in the order in which they are taken away: what hangs on a booking before it */
    private static function ofVisitors(): array
    {
        $empty = [
            'student' => '',
            'student_key' => '',
            'student_id' => null,
            'answers' => '{}',
            'cancel_note' => '',
            'answer_note' => '',
            'link' => null,
            'language' => null,
            'interpreter_id' => null,
            'origin' => null,
        ];

        return [
            'meeting_notes' => Kept::of(
                'visitors, students',
                'what a host noted for themselves',
                'as above, or when its writer empties it',
                ['text'],
            )->goesBy('booking'),
            'turns' => Kept::of(
                'visitors',
                'when they were here, called in and over; words to and fro; who came without a booking',
                'as above; of those without a booking, so many days after that day',
                ['name', 'student', 'phone', 'word', 'answer', 'arrived_by', 'outcome'],
            )->goesBy('booking'),
            'offers' => Kept::of('visitors', 'another time that is offered, and the word with it', 'as above', [
                'word',
                'keeper',
            ])->goesBy('booking'),
            'notices' => Kept::of(
                'visitors, students',
                'what their host should look at, with a name in it',
                'as above; so many days after it was raised',
                ['message', 'says', 'says_with', 'key'],
            )
                ->goesBy('booking')
                ->agesBy('created_at'),
            'joiners' => Kept::of('those who ask to come', 'name, e-mail address', 'answered; as above', [
                'name',
                'email',
            ])->goesBy('booking'),
            'guests' => Kept::of(
                'guests',
                'that they come along; who they are stands in their own pass',
                'as above',
                [],
            )->goesBy('booking or pass'),
            'texts_sent' => Kept::of(
                'visitors',
                'text messages: number, and why one did not arrive',
                'as above; so many days after it was sent',
                ['phone', 'key', 'failure'],
            )
                ->goesBy('pass')
                ->agesBy('sent_at'),
            'entries_sent' => Kept::of(
                'visitors, guests, hosts',
                'to which address a calendar entry went, and when it was answered last',
                'as above; 400 days at least',
                ['email', 'uid'],
            )->goesBy('entry'),
            'after_letters' => Kept::of(
                'visitors',
                'a message to all who came, or did not: to whom it went',
                'as above, by name; the message stays with its sheet',
                ['sent_to', 'subject', 'text', 'to', 'request_key'],
            ),
            'knocks' => Kept::of(
                'visitors',
                'what they asked for: title, words, a web address, times, answers',
                'as above, from the last thing that happened to it; the title of the meeting that came of it with it',
                [
                    'title',
                    'details',
                    'work',
                    'student',
                    'answers',
                    'answer_note',
                    'uid',
                    'keeper',
                    'state',
                    'request_key',
                    'request_digest',
                ],
            )->goesBy('pass'),
            'waiting' => Kept::of(
                'those who wait',
                'what they wait for',
                'a day, if their address does not answer; else as above',
                ['token_hash', 'keeper', 'wants'],
            )->goesBy('pass'),
            'shortlists' => Kept::of(
                'visitors',
                'whom they want to meet in a round, when they can come, for which language they need somebody, answers about each child',
                'as above',
                ['asked', 'wished'],
            )->goesBy('pass'),
            'allotted' => Kept::of(
                'visitors, students',
                'what they wished of a round, and what they were given',
                'as above; the next look for times',
                ['host', 'student', 'language', 'why'],
            )->goesBy('pass'),
            'bookings' => Kept::of(
                'students, visitors',
                'name; answers to the sheet’s questions; links and words of the meeting; hash of the network, until the address answers',
                'as above; that there was a meeting stays, without saying whose',
                [
                    'student',
                    'student_key',
                    'answers',
                    'link',
                    'answer_note',
                    'cancel_note',
                    'language',
                    'origin',
                    'uid',
                    'request_key',
                    'request_digest',
                    'state',
                    'made_by',
                    'cancelled_by',
                    'cancelled_by_id',
                ],
            )->becomes('pass', $empty),
            'passes' => Kept::of(
                'visitors, guests',
                'name, e-mail address, phone number, their clock and language',
                self::AS_SCHOOL,
                [
                    'name',
                    'email',
                    'new_email',
                    'phone',
                    'language',
                    'mail_failure',
                    'token_hash',
                    'seed',
                    'renew_because',
                ],
            )->becomes('row', [
                'name' => '',
                'email' => null,
                'new_email' => null,
                'phone' => '',
                'language' => null,
                'mail_failure' => '',
                'renew_because' => null,
            ]),
        ];
    }

    /** @return array<string, Kept> */
    private static function ofFamilies(): array
    {
        return [
            'students' => Kept::of('students', 'name, number', self::BY_HAND, [
                'name',
                'name_key',
                'family',
                'sort_key',
                'number',
            ]),
            'guardians' => Kept::of(
                'guardians',
                'name, number, e-mail address, phone number, language',
                self::BY_HAND,
                ['name', 'name_key', 'number', 'email', 'phone', 'language'],
            ),
            'guardian_student' => Kept::of('guardians', 'for whom they may book', self::BY_HAND, []),
            'class_student' => Kept::of('students', 'in which class they are', self::BY_HAND, []),
            'class_teachers' => Kept::of('staff', 'who teaches a class, by address', self::BY_HAND, ['email']),
            'rolls_brought_in' => Kept::of(
                'students, guardians',
                'how the directory was before the last file: names, addresses, numbers',
                'a day after it was brought in',
                ['before'],
            ),
            'card_codes' => Kept::of('guardians', 'hash of the code on a card', 'thirty days after what it opens', [
                'code_hash',
            ]),
            'family_letters' => Kept::of(
                'guardians',
                'when they were written to about which sheet',
                'the sheet goes',
                [],
            ),
            'round_letters' => Kept::of(
                'guardians',
                'when they were written to about which round',
                'the round goes',
                [],
            ),
            'expected' => Kept::of(
                'students',
                'whom a host expects: name, class, address or number, when they were reminded',
                'so many days after they were put on; by hand; the sheet goes',
                ['name', 'name_key', 'class', 'email', 'phone', 'failure'],
            )->agesBy('updated_at'),
            'round_asks' => Kept::of(
                'students',
                'whom a teacher needs to see in a round',
                'the teacher takes them out; the student or the round goes',
                [],
            ),
            'round_longer' => Kept::of(
                'students',
                'whom a teacher meets for longer',
                'the teacher takes them out; the student or the round goes',
                [],
            ),
        ];
    }

    /** @return array<string, Kept> */
    private static function ofStaff(): array
    {
        return [
            'staff' => Kept::of(
                'staff',
                'name, e-mail address, subject, hash of the password, second factor (encrypted), picture, how and in which language they read',
                'by hand',
                [
                    'name',
                    'subject',
                    'email',
                    'password',
                    'remember_token',
                    'title',
                    'slug',
                    'zone',
                    'clock',
                    'language',
                    'notify',
                    'feed_hash',
                    'picture',
                    'totp_secret',
                ],
            ),
            'passkeys' => Kept::of('staff', 'public keys with which they sign in, and what they call them', 'by hand', [
                'credential',
                'public_key',
                'name',
                'credential_hash',
            ]),
            'calendars' => Kept::of(
                'staff',
                'calendars of their own: address (encrypted), text, what was skipped',
                'by hand',
                ['name', 'address', 'text', 'etag', 'failure', 'skipped'],
            ),
            'calendar_servers' => Kept::of(
                'staff',
                'where their calendars are, and as whom they are read there (all of it encrypted)',
                'by hand',
                ['address', 'name', 'password', 'says', 'says_with'],
            ),
            'server_calendars' => Kept::of('staff', 'their calendars there', 'the server goes', [
                'path',
                'name',
                'token',
            ]),
            'server_objects' => Kept::of('staff', 'their entries there, as they were read', 'the server goes', [
                'path',
                'path_hash',
                'etag',
                'text',
            ]),
            'server_entries' => Kept::of(
                'staff, visitors',
                'their meetings as they were written there (encrypted)',
                'the meeting is over, or off; the server goes',
                ['path', 'etag', 'written', 'hash'],
            ),
            'busy_spans' => Kept::of('staff', 'their busy times, with titles', 'the calendar goes', ['title']),
            'knock_terms' => Kept::of('staff', 'when and how they can be asked', 'by hand', [
                'hours',
                'lengths',
                'place_ids',
                'questions',
                'intro',
                'audience',
            ]),
            'drafts' => Kept::of('staff', 'what was typed and not saved', '60 days', ['form', 'line']),
            'sessions' => Kept::of(
                'staff',
                'network address and browser of a session',
                'half an hour after the last press',
                ['id', 'ip_address', 'user_agent', 'payload'],
            ),
            'devices' => Kept::of('staff', 'machines on which they stay signed in', 'thirty days', [
                'name',
                'token_hash',
            ]),
            'changes' => Kept::of(
                'visitors, staff',
                'what was before something was done that can be taken back',
                'half a minute',
                ['key', 'about', 'what', 'facts'],
            ),
            'recovery_codes' => Kept::of('staff', 'hashes of codes on paper', 'the second factor is switched off', [
                'code_hash',
            ]),
            'account_keys' => Kept::of('invited, forgotten', 'hash of a key', 'a day after it ends', [
                'purpose',
                'token_hash',
            ]),
            'desk_days' => Kept::of(
                'staff',
                'their desk of a day: lateness, breaks',
                'so many days after that day as the school says',
                [],
            )->agesBy('created_at'),
            'round_hosts' => Kept::of('staff', 'where they are in a round, and when they are not', 'the round goes', [
                'kind',
                'label',
                'link',
                'directions',
                'absent',
                'before',
            ]),
            'round_interpreters' => Kept::of('staff', 'for which language they interpret', 'the round goes', [
                'language',
            ]),
            'knock_hosts' => Kept::of('staff', 'what they answered to who asked', 'with what was asked', ['answer']),
            'sheet_hosts' => Kept::of('staff', 'which part they have in somebody’s sheet', 'by hand', ['role']),
            'activity_log' => Kept::of(
                'staff, visitors',
                'who did what, by name, never the contents',
                'as the school says (365 days), a month at least',
                ['description', 'properties', 'event', 'log_name', 'subject_type', 'causer_type', 'batch_uuid'],
            ),
            'lendings' => Kept::of('staff', 'who looks after whose sheets', 'its day', []),
            'looks' => Kept::of('staff', 'when they last looked at a sheet', 'the sheet goes', []),
            'digests_sent' => Kept::of('staff', 'on which days they had a letter of what is new', 'they leave', []),
        ];
    }

    /** @return array<string, Kept> what the school says of itself, and what is under way */
    private static function ofTheSchool(): array
    {
        return [
            'mail_left' => Kept::of(
                'whoever wrote to the mailbox',
                'sender and subject of what was left alone',
                '30 days, the last 500',
                ['sender', 'subject', 'why', 'mark'],
            ),
            'jobs' => Kept::of('everybody', 'letters under way', 'sent', ['queue', 'payload']),
            'letters_unsent' => Kept::of(
                'everybody',
                'letters that the mail server does not take: address, subject, and why',
                'it goes out, or 30 days after it was given up',
                ['job', 'email', 'about', 'said'],
            ),
            'failed_jobs' => Kept::of('everybody', 'letters that could not go', '30 days', [
                'uuid',
                'connection',
                'queue',
                'payload',
                'exception',
            ]),
            'limits' => Kept::of('everybody', 'counts by hash of a network or mail address', 'the end of its hour', [
                'digest',
            ]),
            'former_secrets' => Kept::of(
                'everybody',
                'hashes of what opened before the key was renewed',
                'half a year',
                ['digest', 'of'],
            ),
            'room_guests' => Kept::of('visitors', 'in the demo, who is at the door of a video room', 'the demo', [
                'room',
                'guest',
                'name',
                'state',
                'word',
            ]),
            'mailroom_messages' => Kept::of('everybody', 'in the demo, letters, for all to read', 'the demo', [
                'recipient',
                'subject',
                'raw',
                'message_id',
            ]),
            'mailroom_answers' => Kept::of('everybody', 'in the demo, what was answered in the mailroom', 'the demo', [
                'raw',
            ]),
        ];
    }

    /** @return array<string, Kept> */
    private static function ofNobody(): array
    {
        return array_fill_keys(
            [
                'allotments',
                'blocks',
                'cache',
                'cache_locks',
                'freed',
                'guards',
                'holds',
                'kiosks',
                'knock_choices',
                'mail_marks',
                'migrations',
                'open_rooms',
                'places',
                'reminders_sent',
                'rounds',
                'saved_places',
                'schools',
                'school_classes',
                'seats',
                'sheets',
                'sheet_slugs',
                'slot_changes',
                'stamps',
                'stamps_told',
                'tellers',
                'wordings',
            ],
            Kept::nothing(),
        );
    }

    /** The table of docs/security.md. */
    public static function table(): string
    {
        $rows = ['| of whom | what | table | until |', '| --- | --- | --- | --- |'];
        foreach (self::all() as $table => $kept) {
            $kept->of === '' || ($rows[] = "| $kept->of | $kept->what | `$table` | $kept->until |");
        }

        return implode("\n", $rows) . "\n";
    }
}
