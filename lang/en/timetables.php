<?php

declare(strict_types=1);

// When a sheet has times, and what comes of it, as people say it. ICU MessageFormat.
return [
    'block' =>
        '{days} {hours}{ends, select, until {, from {first} until {until}} times {, from {first}, {times, plural, one {# time} other {# times}}} endless {, from {first} without an end} other {}}{without, plural, =0 {} other {, but not {days_without}}}{plus, plural, =0 {} other {, plus {days_plus}}}, in {minutes, number, integer}-minute meetings{gap, plural, =0 {} one { with # minute between} other { with # minutes between}}.',
    // {days}
    'dates' => 'On {dates}',
    'many_dates' => 'On {count, number, integer} dates from {first} to {last}',
    'some_dates' => 'On some dates',
    'daily' => '{weeks, plural, =1 {Every day} other {Every # weeks on every day}}',
    'weekly' => '{weeks, plural, =1 {Every {days}} other {Every # weeks on {days}}}',
    'monthly' => '{months, plural, =1 {On the {days} of every month} other {On the {days} of every # months}}',
    'nth_day' => '{number, selectordinal, one {#st} two {#nd} few {#rd} other {#th}} day',
    'nth_weekday' => '{number, selectordinal, one {#st} two {#nd} few {#rd} other {#th}} {day}',
    'last_day' => 'last day',
    'last_weekday' => 'last {day}',
    'from_last_day' => '{number, selectordinal, one {#st} two {#nd} few {#rd} other {#th}} last day',
    'from_last_weekday' => '{number, selectordinal, one {#st} two {#nd} few {#rd} other {#th}} last {day}',
    // {hours}
    'hours' => 'from {stretches}',
    'stretch' => '{from} to {until}',
    'stretch_over_midnight' => '{from} to {until} of the next day',
    'by_day' => '{hours} ({day} {other})',
    // {days_without}
    'range' => '{first} to {last}',
    'change' =>
        '{what, select, closed {{day}: closed} stays {{day}{stretches, plural, =0 {} other {, {hours}}}} other {{day}: moved to {to}{stretches, plural, =0 {} other {, {hours}}}}}',
    'none_comes' => 'No meeting comes of this.',
    'tally' =>
        '{meetings}; {over, select, none {nothing left over} once {{minutes, plural, one {# minute} other {# minutes}} left over} each {{minutes, plural, one {# minute} other {# minutes}} left over each day} other {up to {minutes, plural, one {# minute} other {# minutes}} left over in a day}}.',
    // {meetings}
    'one_day' => '{meetings, plural, one {# meeting} other {# meetings}} on {date}',
    'days' =>
        '{vary, select, no {} other {from {least, number, integer} to }}{most, plural, one {# meeting} other {# meetings}} a day on {days, number, integer} days, {all, number, integer} in all',
    'days_endless' =>
        '{vary, select, no {} other {from {least, number, integer} to }}{most, plural, one {# meeting} other {# meetings}} a day, without an end',
];
