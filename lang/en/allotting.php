<?php

declare(strict_types=1);

// A round's wishes and the times they are given, in ICU MessageFormat: what families, teachers and the office read.
return [
    // For families.
    'board_until' => 'wishes are taken until {moment}',
    'board_over' => 'the times are being given; whoever sent wishes hears of theirs',
    'over' =>
        'Wishes for this round are not taken any more. The times that are free are here once all wishes have theirs.',
    'windows_needed' => 'Say when you can come: on no evening nobody can meet you.',
    'until' => 'You can send wishes, and change them, until {moment}.',
    'until_over' => 'Wishes could be sent until {moment}. You hear which times are yours as soon as all have theirs.',
    'sent_at' => 'Your wishes are with the school since {moment}.',
    'plain_how' => 'Write 1 beside whom you want to meet most, then 2, and so on; leave the others empty.',
    'plain_when' => 'When can you come?',
    'plain_others' => 'Somebody else',
    'plain_from' => 'from',
    'plain_until' => 'to',
    'plain_from_again' => 'and from',
    'plain_until_again' => 'to',
    'plain_needs' => 'What you need',
    'plain_walk' => 'Time to walk between rooms',
    'plain_breather' => 'A break between two meetings',
    'plain_minutes' => '{n, plural, =0 {none} one {# minute} other {# minutes}}',
    'plain_interpreter' => 'Interpreter',
    'plain_no_interpreter' => 'none is needed',
    'plain_ground' => 'We need the ground floor',
    'plain_phone' => 'Phone number',
    'plain_name' => 'Your name',
    'plain_email' => 'Your e-mail address',
    'plain_child' => 'Child {n}',
    'plain_child_name' => 'Student’s name',
    'plain_send' => 'Send these wishes',
    'too_many' => 'More wishes than we can take. Leave some out.',
    'wishes_heading' => 'Your wishes: {title}',
    'wishes_news' =>
        '{count, plural, =0 {You took your wishes back. Nothing is with the school. You can send new ones until {moment}.} one {Your wish is with the school. You can change it until {moment}. After that you hear which time is yours.} other {Your # wishes are with the school, in this order. You can change them until {moment}. After that you hear which times are yours.}}',
    'wishes_to_confirm' =>
        '{count, plural, one {Your wish is} other {Your # wishes are}} kept. They count once this address has answered: one press below.',
    'gone_heading' => '{host} is not there any more',
    'gone_news' =>
        '{host} is not there on these days any more. Your other wishes stand. {open, select, yes {You can wish for somebody else until {moment}.} other {Ring the office if you want somebody else.}}',
    'gone' =>
        '{count, plural, one {{names} is not there on these days any more.} other {{names} are not there on these days any more.}} Pick somebody else, or go on with the rest.',
    'wishes_link' => 'Change or add wishes',
    'wishes_confirm' => 'Yes, this is my address',
    'wishes_row' => '{host}{student, select, none {} other { – about {student}}}',
    'wishes_when' => 'You can come',
    'wishes_hours' => '{day}, {from} to {until}',
    'wishes_needs' => 'You need',
    'wishes_interpreter' => 'an interpreter ({language})',
    'wishes_ground' => 'the ground floor',
    'wishes_break' => '{n, plural, one {a break of # minute} other {a break of # minutes}}',
    'wishes_rank' => '{rank, selectordinal, one {#st} two {#nd} few {#rd} other {#th}} wish',
    'given_heading' => 'Your times: {title}',
    'given_news' =>
        '{count, plural, =0 {No time could be given for what you wished.} one {This time is yours.} other {These # times are yours.}} {left, plural, =0 {That is all that was wished.} one {For one wish there was no time; it stands below.} other {For # wishes there was no time; they stand below.}} What is free now can be booked by everybody.',
    'given_asked' => 'Some of them a teacher asked for.',
    'given_link' => 'Your bookings: change, print or cancel',
    'given_left' => 'No time with {host}',
    'host_heading' => 'Your meetings: {title}',
    'host_news' =>
        'The times are allotted: {count, plural, =0 {nobody comes to you so far} one {one meeting is yours} other {# meetings are yours}}. What is still free on your sheet can be booked by everybody now.',
    'host_link' => 'Your sheet, with who comes',
    'families_with_none' =>
        '{count, plural, =0 {Every family has at least one meeting.} one {One family has no meeting at all.} other {# families have no meeting at all.}}',
    // What would help a family that has nothing.
    'helps_times' => 'More times of these teachers would help, or hours at which they have some left.',
    'helps_other_hours' => 'Other hours would help: ask the family for some before you publish.',
    'helps_interpreter' => 'An interpreter at other hours would help, or a second one.',
    'helps_another' => 'They can wish for somebody else.',
    'why_outside_windows' => '{host} has no time while they can come.',
    'why_host_full' => 'The times of {host} while they can come went to others.',
    'why_clashes' => '{host} is only free while they are in another meeting, or on the way.',
    'why_no_interpreter' => '{host} has times left, but no interpreter of their language has then.',
    'why_other_guardian' => 'Another guardian of the child wished for {host} first.',
    'why_host_gone' => '{host} is not in the round any more.',
    'why_time_gone' => 'The time with {host} went to something else before it could be booked.',
    'to_family_outside_windows' => 'There is no time while you can come.',
    'to_family_host_full' => 'The times while you can come went to others.',
    'to_family_clashes' => 'Free only while you are in another meeting, or on the way.',
    'to_family_no_interpreter' => 'There are times, but no interpreter of your language has then.',
    'to_family_other_guardian' =>
        '{apart, select, yes {It could not be given to you. The school’s office knows more.} other {Another guardian of the child wished for the same, and was first.}}',
    'to_family_host_gone' => '{host} is not in the round any more.',
    'to_family_time_gone' => 'The time went to something else before it could be booked.',
    // For the office.
    'title' => 'Allotment: {round}',
    'sent' =>
        '{families, plural, =0 {No family has sent wishes yet.} one {One family has sent wishes.} other {# families have sent wishes.}}',
    'none_yet' => 'Nothing is allotted yet.',
    'waiting' => 'It begins in a moment.',
    'running' => '{granted, number} of {wishes, number} wishes so far; more than {bound, number} can never be granted.',
    'found' =>
        '{granted, number} of {wishes, number} wishes are granted. It is proven that never more than {bound, number} can be.',
    'short' =>
        'Nothing was booked, and nobody was told: just before the first letter {short, plural, one {one of these times} other {# of these times}} could not be had any more. What is left stands here: {granted, number} of {wishes, number} wishes. Look at it, then publish it, or have it found once more.',
    'found_best' => '{granted, number} of {wishes, number} wishes are granted. It is proven that no more can be.',
    'booking' => '{booked, number} of {families, number} families have their times.',
    'booked' =>
        'All {families, number} families have their times and were told. What is free is open to everybody.{gone, plural, =0 {} one { One wish lost its time between being found and being booked; its family was told.} other { # wishes lost their times between being found and being booked; their families were told.}}',
    'failed' => 'It ended before anything was found. Nothing was booked; begin it once more.',
    'not_granted' =>
        '{count, plural, =0 {Every wish is granted.} one {One wish is not granted.} other {# wishes are not granted{listed, plural, =200 {; the first 200 stand here, all of them in the table} other {}}.}}',
    'not_collecting' => 'This round collects no wishes.',
    'allotted_already' => 'The times of this round are allotted and booked already.',
    'at_work' => 'Somebody has begun one already; it is still at work. Nothing else was begun.',
    'not_the_last' => 'Another one was found since. Look at that one, then publish it.',
    'still_collecting' =>
        'Families can still send wishes. End that first, or wait until it is over; then have it found once more. Nothing was booked.',
    'wishes_since' =>
        'It was found while wishes could still come. Have it found once more, then publish. Nothing was booked.',
    'nothing_to_pin' => 'There is nothing here whose time could still change.',
    'too_late' => 'Wishes end before the first day of the round.',
];
