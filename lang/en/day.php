<?php

declare(strict_types=1);

// The day: what hosts and visitors read about the line, in ICU MessageFormat.
return [
    'pressed_elsewhere' =>
        'Something was pressed at this desk a moment before. Nothing of yours was done; this is how it is now.',
    'not_there' => 'They are not on this day any more: the time was cancelled or moved. Nothing was changed.',
    'over_already' => 'That meeting is over already. Nothing was changed.',
    'in_already' => 'They were called in already. Nothing was changed.',
    'not_in' => 'Nobody has called this meeting in yet. Nothing was changed.',
    'nobody_waits' => 'Nobody waits just now, so the word went to nobody.',
    'undo_late' => 'That can no longer be taken back: it is too long ago, or something else was pressed since.',
    'swap_unlike' => 'Only two meetings of the same sheet and the same length can change their times.',
    'swap_clash' =>
        'One of them is in another meeting at that time, or their place is not there then. Both have their times as they were.',
    'here_early' =>
        'That is too early: from {time} on {date} you can say that you are here. Nothing is lost; come back then.',
    'here_off' => 'This meeting is cancelled.',
    'here_over' => 'This meeting is over.',
    'no_word' => 'There is nothing to answer any more.',
    'offer_answered' => 'They have answered that offer already, or its time is up. Nothing was changed.',
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
    // Letters and text messages of the day.
    'late_heading' =>
        '{minutes, plural, =0 {{host} is in time again} ' .
        'one {{host} runs about # minute late} other {{host} runs about # minutes late}}',
    'late_news' =>
        '{minutes, plural, =0 {{host} is in time again. Your meeting begins at {time}, as planned.} ' .
        'one {{host} runs about # minute late today. Your meeting begins at about {time}. Your time stays yours.} ' .
        'other {{host} runs about # minutes late today. Your meeting begins at about {time}. Your time stays yours.}}',
    'late_link' => 'Your bookings: how long it takes, as it is now',
    'late_text' =>
        '{minutes, plural, =0 {{school}: {host} is in time again. Your meeting begins at {time}.} ' .
        'one {{school}: {host} runs about # minute late. Your meeting begins at about {time}.} ' .
        'other {{school}: {host} runs about # minutes late. Your meeting begins at about {time}.}}',
    'offer_heading' => '{host} offers you another time',
    'offer_news' => '{host} offers you {time}. It is kept for you until {until}. Open your bookings to take it.',
    'offer_instead' => 'After this meeting',
    'offer_link' => 'Take this time, or say no',
    'offer_text' => '{host} offers you {time}. Open your bookings to take it: {link}',
    // The tablet at the entrance.
    'kiosk_title' => 'Here at {school}',
    'kiosk_too_often' =>
        'That was a lot of tries at this tablet. Please ask at the office, or try again in ten minutes.',
    'kiosk_no_code' =>
        'Nothing today is found by this code. Look whether all of it is there, or find yourself by name and time.',
    'kiosk_no_name' =>
        'Nobody of that name has a meeting at that time, or it is not near yet. Write the whole name as it was booked, yours or the student’s; or ask at the office.',
    'kiosk_time' => 'Write the time of the meeting, such as {time}.',
    // Lists of a day.
    'lists_title' => 'On paper: {date}',
    'run_own' => 'Meetings of {host}',
    'outcome_met' => 'came',
    'outcome_missed' => 'did not come',
    'outcome_away' => 'was sent away',
    // Afterwards.
    'after_title' => 'Afterwards: {title}',
    'after_blank' => 'There is no blank called “{blank}”. There are {blanks}.',
    'after_link' => 'Your bookings',
    'after_gone' => 'somebody whose data is gone',
    // Where scripts do not run.
    'plain_ahead' => 'From {time} you can say here that you are there.',
    'plain_here' => 'I’m here',
    'plain_waits' =>
        '{host} knows that you are here. {wait, plural, =0 {} one {It is your turn within # minute.} ' .
        'other {It is your turn within # minutes.}} This page says it anew when it is loaded again.',
    'plain_called' => 'Please come in now.',
    'plain_late' => '{host} runs about {minutes, plural, one {# minute} other {# minutes}} late.',
    'plain_word' => '{host}: “{word}”',
    'next_meeting' => 'Your next meeting is {when}, with {who}.',
    'not_on_yours' => 'That is not on a sheet that you run. Nothing was changed.',
    // When something is, said within a sentence.
    'ahead_minutes' => 'in {minutes, plural, one {# minute} other {# minutes}}',
    'ahead_today' => 'today at {time}',
    'ahead_tomorrow' => 'tomorrow at {time}',
    'ahead_date' => 'on {date}',
    // What families see on the day
    'wait_now' => 'It is your turn any moment now.',
    'wait_about' => 'It is your turn in about {high, plural, one {# minute} other {# minutes}}.',
    'wait_within' => 'It is your turn within {high, plural, one {# minute} other {# minutes}}.',
    'wait_between' => 'It is your turn in {low, number, integer} to {high, plural, one {# minute} other {# minutes}}.',
    'see_the_way' => 'See the way to {place}',
    'the_way' => 'The way to {place}',
    // The tablet at the entrance
    'kiosk_head' => '{school}, {day}',
    'kiosk_no_camera' => 'The camera of this tablet cannot be used. Type the code, or your name and time.',
    'kiosk_yours' => 'Your meetings today',
    'kiosk_with' => '<time>{at}</time> with {host}',
    'kiosk_known' => '{host} knows that you are here.',
    'kiosk_go_in' => 'Please go in now.',
    'kiosk_missed' => '{host} has waited and has gone on. Say that you are here; they find a moment if there is one.',
    'kiosk_here' => 'I’m here',
    'kiosk_ahead' => 'From {at} you can say here that you are there.',
    'kiosk_over' => 'This meeting is over.',
    'kiosk_late' => '{host} runs about {minutes, plural, one {# minute} other {# minutes}} late.',
    'kiosk_done' => 'Done',
    'kiosk_forgets' => 'This page forgets you in a moment.',
    'kiosk_question' => 'Here for a meeting?',
    'kiosk_code' => 'The code from your bookings or your card',
    'kiosk_find' => 'Find me',
    'kiosk_camera_sees' => 'What the camera sees',
    'kiosk_hold' => 'Hold the QR code of your bookings or your card in front of the camera.',
    'kiosk_no_picture' => 'Without the camera',
    'kiosk_show' => 'Show the square to the camera',
    'kiosk_name' => 'Or the whole name, yours or the student’s',
    'kiosk_and_time' => 'and the time of the meeting, once it is near',
    'kiosk_like' => 'like {time}',
    'kiosk_who_is_where' => 'Who is where',
    'kiosk_host' => '{known, select, yes {<bold>{host}</bold>: {places}} other {<bold>{host}</bold>}}',
    'kiosk_about_late' => 'about {minutes, plural, one {# minute} other {# minutes}} late',
    'kiosk_nobody' => 'Nobody has meetings any more today.',
];
