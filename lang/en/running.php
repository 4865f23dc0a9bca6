<?php

declare(strict_types=1);

// What the commands for a school's technician say, in ICU MessageFormat.
return [
    'queue_well' => 'Letters go out.',
    'queue_wrong' =>
        '{waiting, plural, one {One letter or other work waits} other {# letters and other work wait}}, the oldest for {minutes, plural, one {a minute} other {# minutes}}. Is the queue running? bin/recess school status says so.',
    'scheduler_well' => 'The scheduler runs.',
    'scheduler_wrong' =>
        '{known, select, no {The scheduler has not run yet} other {The scheduler has been silent for {minutes, plural, one {a minute} other {# minutes}}}}: no reminders are sent meanwhile. bin/recess school status says whether it runs.',
    'letters_well' => 'No letter of the last day was given up.',
    'letters_wrong' =>
        '{failed, plural, one {One letter or other work} other {# letters and other work}} of the last day could not be done at all. Why: bin/recess school artisan queue:failed; again: bin/recess school artisan queue:retry all.',
    'clock_well' => 'Nothing was written down later than now.',
    'clock_wrong' =>
        'Something was written down {minutes, plural, one {a minute} other {# minutes}} later than now: the machine’s clock was set back, or was wrong before. Set it right: times that were booked meanwhile are right, but “too late” and reminders go by the clock.',
    'workers_well' => 'The workers are there.',
    'worker_silent' =>
        '{queue, select, rounds {The worker that finds times for rounds} other {The worker that sends letters}} has not been heard of for {minutes, plural, one {a minute} other {# minutes}}. bin/recess up starts what does not run.',
    'held' =>
        '{held, plural, =0 {No letter of a restored backup is held.} one {One letter or other work of a restored backup is held} other {# letters and other work of a restored backup are held}}{held, plural, =0 {} other {: it may have gone out before the restore. Send it with bin/recess school artisan recess:held send, or drop it with … recess:held drop.}}',
    'held_sent' => '{held, plural, one {One letter or other work goes} other {# letters and other work go}} out now.',
    'held_dropped' =>
        '{held, plural, one {One letter or other work was} other {# letters and other work were}} dropped.',
    'held_how' => 'There are recess:held, recess:held send and recess:held drop. Nothing was done.',
    'unsent_well' => 'No letter has been tried in vain for long.',
    'letters_waiting' =>
        '{count, plural, one {One letter was tried and does} other {# letters were tried and do}} not go out. The mail server says “{why}”.',
    'letters_given_up' =>
        '{count, plural, one {One letter was} other {# letters were}} given up within a day. The mail server said “{why}”.',
    'mail_well' => 'The mail server takes our letters ({server}).',
    'mail_wrong' =>
        'The mail server ({server}) does not take our letters: “{why}”. Letters wait, and are tried for three days. Set it right: bin/recess install --mail-host NAME --mail-user NAME --mail-password-file FILE',
    'other_tables' =>
        'The tables of this school are of another version of Recess than its code, so nothing is shown and nothing is written; nothing is lost. Whoever looks after the server: bin/recess doctor, then bin/recess up.',
    'census' =>
        '{staff, plural, one {one staff member} other {# staff members}}, {sheets, plural, one {one sheet} other {# sheets}}, {bookings, plural, one {one booking} other {# bookings}}, {students, plural, one {one student} other {# students}}.',
    'first_key_over' => '{school} has moved in already. Its office invites everybody else, on the page “Staff”.',
    'too_much' => 'This is more than any of our pages sends, so it was not looked at. Nothing was changed.',
    'calendar_too_much' =>
        'To read this calendar takes more time or memory than a calendar may. Look for entries that repeat every minute or second in it.',
    'file_quote_open' =>
        'A quotation mark (") that is opened in line {line, number} of this file is not closed, so what follows would be one long word. Nothing was changed. Close it, or take it out, and hand the file in again.',
    'file_too_large' =>
        'This file has more than {lines, number} lines, or a very long one, so it was not read. Nothing was changed. Hand it in in parts.',
    // To whoever presses too often.
    'a_lot_at_once' => 'That was a lot at once. Wait a minute and press again; nothing is lost.',
    // Over pages.
    'settings_title' => 'Settings',
    'school_title' => 'The school',
    // A text message that did not go out
    'text_refused' => 'The gateway for text messages answered {status}.',
    'text_unanswered' => 'The gateway for text messages did not answer.',
    'no_texts' => 'No text messages are sent here.',
];
