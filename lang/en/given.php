<?php

declare(strict_types=1);

// What somebody gave that cannot be: times, dates, repeats, lengths, records and calendars. Said by the core as keys and
// values (core/Message.php). ICU MessageFormat.
return [
    // Times and dates
    'span_ends_first' =>
        'A span has to end after it starts; {end, number, integer} s is not after {start, number, integer} s.',
    'range_ends_first' => 'A range of dates ends on or after its first day; {last} is before {first}.',
    'range_too_long' => 'From {first} to {last} is more than ten years. Look at the years again.',
    'zone_too_long' => 'The clock changes of the zone “{name}” take too long to work out.',
    'no_such_date' => 'There is no date “{given}”. Write it as year-month-day, such as 2026-11-26.',
    'no_such_instant' => '“{given}” is not an instant. Write it as RFC 3339 has it, such as 2026-11-26T16:30:00-04:00.',
    'no_such_time' => '“{given}” is not a time of day. Write it as 16:30, 1630, 16.30 or 4:30pm.',
    'no_such_hours' => '“{given}” says no hours. Write from when until when, such as 8:00 to 12:00, 13:00 to 16:00.',
    'early_hours' =>
        '“{given}”: in the morning or in the evening? Write 16:00 to 18:00, or 4pm to 6pm; or 5am, where it is that early.',
    'no_such_zone' => 'There is no time zone “{given}”. Use a name of the tz database, such as Europe/Lisbon.',
    'ends_before_start' => 'The end, {until}, has to be later than the start, {from}.',
    'after_midnight' =>
        '“{given}” is past midnight. A block ends by 24:00 and lasts 24 hours at most; for a longer one, write a second block on the next date.',
    'longer_than_a_day' =>
        'A stretch may last 24 hours at most; this one lasts {hours, plural, one {# hour} other {# hours}} and {minutes, plural, one {# minute} other {# minutes}}.',
    // Repeats
    'no_dates' => 'No date is chosen yet.',
    'no_days' => 'A weekly repeat needs at least one day of the week.',
    'no_month_days' => 'A monthly repeat needs at least one day of the month.',
    'month_day' =>
        'A day of the month is from 1 to 31, or from -1 (the last) to -31; {given, number, integer} was given.',
    'nth' => 'The weekdays of a month are numbered 1 to 5, or -1 (the last) to -5; {given, number, integer} was given.',
    'interval' => 'A repeat comes every 1 to 1000 weeks or months; {given, number, integer} was given.',
    'times' => 'A repeat happens from 1 to 10000 times; {given, number, integer} was given.',
    'cannot_repeat_by' =>
        '“{rule}” is more than a block can repeat by; it has to be weekly on days of the week or monthly on days of the month.',
    'both_month_days' => 'days of the month together with weekdays of the month',
    'monthly_hours' => 'other hours on some weekdays of a monthly repeat without end',
    'this_kind' => 'a repeat of this kind',
    'as_month_day' => '{given} as a day of the month',
    'nothing_left' => 'No date is left on which the block would fall.',
    'rule_part' => 'The repeat cannot be read: {name}={value}.',
    'rule_too_much' => 'The repeats of this calendar take too long to work out, and this one was left out.',
    'rule_too_long' => 'The repeat happens more often than anybody meets, and was not followed to its end.',
    // Slots
    'length' => 'A meeting lasts from 1 to 1440 minutes; {given, number, integer} was given.',
    'gap' => 'The gap between meetings is from 0 to 1440 minutes; {given, number, integer} was given.',
    'no_number' => 'A whole number of minutes is needed.',
    'stretches_overlap' => '{one} and {other} overlap. Stretches of one date lie apart, or touch.',
    'date_and_hours' => '{date}, {from} to {until}',
    'blocks_overlap' => 'Two blocks of the sheet overlap: {one} and {other}. Join them, or change one.',
    'longer_than_hours' =>
        'A meeting of {minutes, plural, one {# minute} other {# minutes}} does not fit between {from} and {until}; that is {there, plural, one {# minute} other {# minutes}}.',
    // Records, field by field
    'object' => 'An object is needed here.',
    'text' => 'A text of 1 to 200 characters is needed here.',
    'whole' => 'A whole number from {least, number, integer} to {most, number, integer} is needed here.',
    'flag' => 'true or false is needed here.',
    'list' => 'A list is needed here.',
    'too_many' => 'At most {most, number, integer} can be given here, not {given, number, integer}.',
    'at_most' => 'At most {most, number, integer} can be given here.',
    'two_instants' => 'Two instants are needed here, from and to.',
    'no_block' => 'This block cannot be read.',
    'no_hours' => 'It does not say from when until when.',
    'way' => 'Two places and the minutes between them are needed here.',
    'way_twice' => 'The way between {from} and {to} is given twice, and differently.',
    'order' => 'evenings, home and waiting can be put in order here, each once.',
    'twice' => '“{id}” is there twice.',
    'slot_overlaps' => 'It overlaps slots[{before, number, integer}]: a host is in one meeting at a time.',
    'no_host' => 'There is no host “{host}” in this round.',
    // Calendars
    'not_a_calendar' => 'Line 1: this is not a calendar. An iCalendar file begins with BEGIN:VCALENDAR.',
    'never_ends' => 'Line {line, number, integer}: {component} begins here and never ends.',
    'calendar_too_large' =>
        'This calendar has {bytes, number, integer} bytes; at most {most, number, integer} are read.',
    'no_entry' => 'Line 1: there is no VEVENT in this calendar (RFC 5545, 3.6.1).',
    'no_availability' => 'Line 1: there is no VAVAILABILITY in this calendar (RFC 7953).',
    'at_line' => 'Line {line, number, integer}: {why}',
    'of_what' => '{what}: {why}',
    'ends_otherwise' =>
        '{begun, select, undefined {{ends} ends here, but nothing has begun.} other {{ends} ends here, but {begun} is what has begun.}}',
    // Of what was left out of a calendar: an entry by its title, or one of these, and why.
    'an_entry' => 'an entry',
    'a_busy_period' => 'a busy period',
    'only_busy' => 'only {most, number, integer} busy times are read',
    'only_entries' => 'only the first {most, number, integer} entries are read',
    'unreadable' => 'it cannot be read',
];
