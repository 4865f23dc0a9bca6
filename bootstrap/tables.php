<?php

declare(strict_types=1);

// The room that keeps each table: it alone writes it by name, and others ask it. Tables whose rows are models in Models/ may be read
// by name anywhere (tests/app/RoomsTest.php).
return [
    'Models' => ['former_secrets'],
    'Framework' => [
        'activity_log',
        'cache',
        'cache_locks',
        'changes',
        'failed_jobs',
        'guards',
        'jobs',
        'limits',
        'migrations',
    ],
    'Live' => ['stamps'],
    'Texts' => ['texts_sent'],
    'Passkeys' => ['passkeys'],
    'School' => ['kiosks', 'saved_places', 'schools'],
    'Accounts' => ['account_keys', 'lendings', 'staff'],
    'SignIn' => ['devices', 'recovery_codes', 'sessions'],
    'Directory' => [
        'card_codes',
        'class_student',
        'class_teachers',
        'expected',
        'guardian_student',
        'guardians',
        'rolls_brought_in',
        'school_classes',
        'students',
    ],
    'Calendars' => ['busy_spans', 'calendars'],
    'Timetables' => ['sheet_slugs'],
    'Booking' => ['bookings', 'guests', 'holds', 'notices', 'passes', 'seats'],
    'Passes' => ['joiners'],
    'Waiting' => ['freed', 'waiting'],
    'Line' => ['desk_days', 'offers', 'turns'],
    'Knocks' => ['knock_choices', 'knock_hosts', 'knock_terms', 'knocks'],
    'Answers' => ['entries_sent', 'mail_left', 'mail_marks'],
    'Writing' => ['drafts'],
    'Publishing' => ['blocks', 'looks', 'places', 'sheet_hosts', 'sheets', 'slot_changes'],
    'Sharing' => ['family_letters'],
    'Plans' => ['shortlists'],
    'Rounds' => ['round_asks', 'round_hosts', 'round_interpreters', 'round_letters', 'round_longer', 'rounds'],
    'Allotting' => ['allotments', 'allotted'],
    'Day' => ['after_letters', 'meeting_notes'],
    'Telling' => ['digests_sent', 'letters_unsent', 'reminders_sent'],
    'Demo' => ['mailroom_answers', 'mailroom_messages', 'open_rooms', 'room_guests'],
];
