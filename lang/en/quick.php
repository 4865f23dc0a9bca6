<?php

declare(strict_types=1);

// The quick line: what it asks, notes and does not understand. Said by the core as keys and values (core/Message.php).
// {typed} is what somebody wrote, word for word. ICU MessageFormat.
return [
    // What a date and a month are called
    'date' => '{date}',
    'until' => 'until {last}',
    'hours' => '{from} to {until}',
    'month' =>
        '{number, plural, =1 {January} =2 {February} =3 {March} =4 {April} =5 {May} =6 {June} =7 {July} =8 {August} =9 {September} =10 {October} =11 {November} other {December}}',
    'of_each_month' => 'the {which} {day} of each month',
    // Asked, where it can be read in more than one way
    'which' => 'What is meant?',
    'which_weekday' => '{date} is a {is}, not a {said}. Which is meant?',
    'days_or_hours' => 'Is “{typed}” days or hours?',
    'which_date' => 'Which date is {typed}?',
    // Noted, where something was filled in
    'read_as' => '{typed} was read as {meant}.',
    'read_as_later' => '{typed} was read as {meant}, later than {start}.',
    'start_is_early' => '{start} is in the early morning.',
    'is_early' => '{from} to {until} is in the early morning.',
    'morning' => '{from} to {until} was read as the morning.',
    'afternoon' => '{from} to {until} was read as the afternoon: {later} to {later_end}.',
    'every_other' => 'Every {which} {day} was read as every {weeks, plural, one {week} other {# weeks}}.',
    'times_of_those_before' => 'The last days have the times of those before them.',
    'repeats_from' => 'It repeats on every {day} from {date} on.',
    'endless' => 'It repeats without an end. Write until and a date, or 10 times.',
    'first_is_on' => 'The first is on {day} {date}. Write from and a date for another week.',
    'last_is_on' =>
        '{times, plural, one {# time} other {# times}} that take place: the last is on {date}, as some days on the way are closed or left out.',
    'every_day' => 'Every day from {first} to {last}.',
    'first_day' => 'The first day was read as {date}.',
    'until_month' => 'Until {month} was read as until {last}.',
    'next_read_as' => 'Next {day} was read as {date}.',
    'next_is' => 'Next {day} is {date}.',
    'feast' => '{feast, select, christmas {Christmas} other {Easter}} was read as {date}.',
    'other_is_past' => '{typed} was read as {date}, as {past} is past.',
    'day_is_past' => '{day, number, integer} {month} is past, so it was read as {date}.',
    'closed_days' => 'The school’s closed days fall out by themselves.',
    'all_past' => 'All of it is past: it ends on {last}, and no meeting comes of it.',
    'none_left' => 'None of its days is left, and no meeting comes of it.',
    'closed_then' => 'The school is closed on {date}, and no meeting comes of it.',
    'closed_all' => 'The school is closed on all of its days, and no meeting comes of it.',
    'closed_on' => 'The school is closed on {dates}: nothing takes place then.',
    // Not understood
    'too_long' => 'A quick line has at most {most, number, integer} characters.',
    'days_missing' => 'It does not say on which days. Write them, such as tue thu or 3 dec.',
    'hours_missing' => 'It does not say from when until when. Write it, such as 10:25-11:35.',
    'length_missing' => 'It does not say how long a meeting is. Write it, such as /15.',
    'no_days' => 'It does not say on which days.',
    'whose_times' =>
        'It is not clear which times belong to which days. Write the times after their days: tue 9-11 thu 14-16.',
    'pause_outside' => 'The pause {pause} lies outside the times that it is a pause of.',
    'pause_of_all' => 'The pause leaves nothing of the times.',
    'kinds_apart' =>
        'Days of the week, days of the month and dates are said in blocks of their own, with ; between, or a date more with plus.',
    'dates_do_not_repeat' =>
        'Dates do not repeat, so they have no first day, no end and no “every”. Write days of the week for what repeats.',
    'ends_before_it_begins' => 'It would end on {last}, before it begins on {first}.',
    'step_too_small' =>
        'Meetings of {minutes, plural, one {# minute} other {# minutes}} cannot begin every {step, plural, one {minute} other {# minutes}}.',
    'minutes_needed' => 'Minutes are needed here, such as /15.',
    'length_twice' => 'The length of a meeting is said twice.',
    'gap_needed' => 'A number of minutes is needed here, such as gap 5.',
    'weeks' => 'It can go on for 1 to 520 weeks.',
    'every_days' =>
        'Every {number, number, integer} days cannot be said. Name the days of the week, such as every mon wed fri.',
    'every_what' => 'Every what? It could be 2 weeks, other tue, day or 15 minutes.',
    'date_needed' => 'A date is needed here, such as 28 may or 2027-05-28.',
    'dates_needed' => 'A date is needed here, such as 25 dec or 21 dec - 3 jan.',
    'end_needed' => 'A date is needed here, such as 28 may.',
    'hours_needed' => 'Times are needed here, such as 10:25-11:35.',
    'range_too_long' => 'A range of dates lasts ten years at most.',
    'end_of_what' => 'The end of what? It could be may, or a term of the school.',
    'no_such_term' =>
        '{nearest, select, unknown {No term of that name is known.} other {No term of that name is known. Is “{nearest}” meant?}}',
    'no_term' => 'The school has no such term. Write until and a date.',
    'next_what' => 'A weekday, week or term could stand here, such as next tuesday.',
    'no_such_digits' => 'There is no date {typed}. Write the month in letters, such as 3 dec.',
    'no_such_day' => 'There is no {day, number, integer} {year, select, any {{month}} other {{month} {year}}}.',
    'no_end' => '“{typed}” is a time with no end to it. Write from when until when, such as {typed}-17:00.',
    'biweekly' => '“{typed}” can be every two weeks or twice a week. Write every 2 weeks, or name both days.',
    'not_understood' =>
        '{at, select, end {The end of the line} other {“{typed}”}} {could, select, nearest {is not understood. Is “{nearest}” meant?} number {alone is not understood. For a length, write /{typed}.} days {is not understood. Days could stand here, such as tue thu or 3 dec.} hours {is not understood. Times could stand here, such as 10:25-11:35.} length {is not understood. A length could stand here, such as /15.} other {is not understood. The line could end here, or with until 28 may.}}',
];
