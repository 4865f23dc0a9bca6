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
    'census' =>
        '{staff, plural, one {one staff member} other {# staff members}}, {sheets, plural, one {one sheet} other {# sheets}}, {bookings, plural, one {one booking} other {# bookings}}, {students, plural, one {one student} other {# students}}.',
    'first_key_over' => '{school} has moved in already. Its office invites everybody else, on the page “Staff”.',
    'too_much' => 'This is more than any of our pages sends, so it was not looked at. Nothing was changed.',
    'calendar_too_much' =>
        'To read this calendar takes more time or memory than a calendar may. Look for entries that repeat every minute or second in it.',
    'file_too_large' =>
        'This file has more than {lines, number} lines, or a very long one, so it was not read. Nothing was changed. Hand it in in parts.',
];
