<?php

declare(strict_types=1);

// The day: what hosts and visitors read about the line, in ICU MessageFormat.
return [
    'pressed_elsewhere' => 'Something was pressed at this desk a moment before. Nothing of yours was done; this is how it is now.',
    'not_there' => 'They are not on this day any more: the time was given back or moved. Nothing was changed.',
    'over_already' => 'That meeting is over already. Nothing was changed.',
    'in_already' => 'They were called in already. Nothing was changed.',
    'not_in' => 'Nobody has called this meeting in yet. Nothing was changed.',
    'nobody_waits' => 'Nobody waits just now, so the word went to nobody.',
    'undo_late' => 'That can no longer be taken back: it is too long ago, or something else was pressed since.',
    'swap_unlike' => 'Only two meetings of the same sheet and the same length can change their times.',
    'swap_clash' => 'One of them is in another meeting at that time, or their place is not there then. Both have their times as they were.',
    'here_early' => 'That is too early: from {time} on {date} you can say that you are here. Nothing is lost; come back then.',
    'here_off' => 'This meeting is off: the time was given back or cancelled.',
    'here_over' => 'This meeting is over.',
    'no_word' => 'There is nothing to answer any more.',
    'offer_gone' => 'That time is offered no longer. Your other times are as they were.',
    'offer_open' => '{time} is offered to them, and kept until {until}.',
    'unbooked' => 'Came in without a booking',
    'desk_title' => 'Desk of {host}',
    // What was just pressed, beside the way back.
    'done_call' => 'Called in.',
    'done_end' => 'The meeting is over.',
    'done_met' => 'Noted: they came.',
    'done_missed' => 'Noted: they did not come.',
    'done_unmarked' => 'They are waited for again.',
    'done_more' => 'Some minutes more.',
    'done_break' => 'You are on a break; whoever waits is told.',
    'done_back' => 'You are back.',
    'done_late' => 'Whoever comes later is told that you run late.',
    'done_in_time' => 'Nothing is said of being late any more.',
    'done_swap' => 'They have changed their times; each gets a message.',
    'done_unbooked' => 'They are in the line.',
    'done_away' => 'They are told that the meeting is not today.',
    'done_word' => 'The word is on their pages.',
    'done_here' => 'Noted: they are here.',
];
