<?php

declare(strict_types=1);

// What a sheet's rules say to people, by the field of the rulebook (core/Rules/Rulebook.php) or the reason they give.
return [
    // To visitors, before they pick. A rule that is not stated says nothing.
    'tells' => [
        'lead_minutes' =>
            '{lead_minutes, plural, =0 {Can be booked until the meeting begins.} other {Can be booked until {lead_minutes_said} before the meeting.}}',
        'lead_days' =>
            '{lead_working, select, yes {{lead_days, plural, =0 {Can be booked until {lead_by_said} on the day.} =1 {Can be booked until {lead_by_said} on the working day before.} other {Can be booked until {lead_by_said}, # working days before.}}} other {{lead_days, plural, =0 {Can be booked until {lead_by_said} on the day.} =1 {Can be booked until {lead_by_said} on the day before.} other {Can be booked until {lead_by_said}, # days before.}}}}',
        'opens_at' => 'Booking opens {opens_at_said}.',
        'closes_at' => 'Booking closes {closes_at_said}.',
        'per_student' =>
            '{each_guardian, select, yes {{per_student, plural, =1 {One time for each student and guardian: who books on a pass of their own has one of their own.} other {At most # times for each student and guardian.}}} other {{per_student, plural, =1 {One time for each student.} other {At most # times for each student.}}}}',
        'per_visitor' =>
            '{per_visitor, plural, =1 {One time for each visitor.} =6 {} other {At most # times for each visitor.}}',
        'per_week' =>
            '{per_week, plural, =1 {One time for each visitor in a week.} other {At most # times for each visitor in a week.}}',
        'per_term' =>
            '{per_term, plural, =1 {One time for each visitor in a term.} other {At most # times for each visitor in a term.}}',
        'per_month' =>
            '{per_month, plural, =1 {One time for each visitor in a month.} other {At most # times for each visitor in a month.}}',
        'approve' => 'You ask for a time; it is yours when the answer comes, within {asked_hours_said}.',
        'show_who' => '{seats, plural, =1 {} other {Whoever comes to the same time sees your name.}}',
    ],
    // To whoever writes a sheet: what the blank is for.
    'asks' => [
        'seats' => 'Visitors to a slot',
        'per_day' => 'Meetings a day',
        'lead_minutes' => 'Minutes before the meeting',
        'lead_days' => 'Days before',
        'lead_by' => 'Clock time',
        'lead_working' => 'Working days',
        'furthest_days' => 'Days ahead',
        'per_student' => 'Times per student',
        'each_guardian' => 'Each guardian may have a time of their own',
        'per_visitor' => 'Times per visitor',
        'per_week' => 'Times per visitor in a week',
        'per_term' => 'Times per visitor in a term',
        'per_month' => 'Times per visitor in a month',
        'opens_at' => 'Booking opens',
        'closes_at' => 'Booking closes',
        'show_who' => 'They see who else comes',
        'approve' => 'I answer each wish first',
        'asked_hours' => 'Hours a wish is held',
        'guests' => 'Guests',
        'waiting' => 'When all is taken, there is a waiting list',
        'declined_entry' => 'Somebody declines it in their calendar: give the time back, or ask them first',
        'email_optional' => 'An e-mail address is not needed',
        'link_shown' => 'When the link is shown',
        'link_minutes' => 'Minutes before',
        'reminders' => 'Minutes before the meeting at which reminders go out',
    ],
    // To whoever wants a slot that they cannot have: {time} is its clock time.
    'why' => [
        'Past' => '{time} is over.',
        'SheetDraft' => 'This page is not open yet.',
        'SheetPaused' => 'Booking is paused just now.',
        'SheetClosed' => 'Booking has closed here.',
        'NoLongerOpen' => 'Booking has closed here.',
        'SlotClosed' => '{time} is not free any more.',
        'HostBusy' => '{time} is not free any more.',
        'NoSeat' => 'Somebody has just taken {time}.',
        'NoInterpreter' => 'At {time} nobody who interprets for you is free.',
        'NotLongEnough' => 'At {time} there is not enough time for this meeting, which is longer than others.',
        'DayFull' => 'That day is full.',
        'TooSoon' => '{time} is too soon to be booked now.',
        'VisitorHasEnough' => 'You have booked here already, as often as can be. Move that booking instead.',
        'VisitorHadWeek' =>
            'You have booked here in that week already, as often as can be. Pick another week, or move that booking.',
        'VisitorHadMonth' =>
            'You have booked here in that month already, as often as can be. Pick another month, or move that booking.',
        'VisitorHadTerm' =>
            'You have booked here in that term already, as often as can be. Pick a time in another term, or move that booking.',
        'StudentHasEnough' =>
            'The student has been booked here already, as often as can be. Move that booking instead. For another student of the same name, add a middle name.',
        'VisitorElsewhere' =>
            'You are in another meeting around {time}, or could not get from one to the other in time.',
        'StudentElsewhere' =>
            'The student is in another meeting around {time}. For another student of the same name, add a middle name.',
        'NotAtPlace' => '{time} is not at the place you have chosen.',
        'NotOpenYet' => '{time} can be booked from {until} on.',
        'TooFarAhead' => '{time} can be booked from {until} on.',
    ],
];
