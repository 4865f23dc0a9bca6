<?php

declare(strict_types=1);

// What staff read about their sheets, in ICU MessageFormat.
return [
    // Whom a sheet is for, and getting it to them.
    'how_anyone' => 'Pick a time here; no account is needed:',
    'how_families' => 'Pick a time with the link in the letter that is yours, or here with the code on your card:',
    'how_staff' => 'Pick a time here; you sign in as always:',
    'day_title' => 'Who comes on {date}',
    'card_for' => 'for {students}',
    'card_how' => 'Photograph the square, or type the code at {address}',
    'missing_title' => 'A title',
    'missing_when' => 'When: days, times and a length',
    'missing_look' => 'When: something there needs another look',
    'missing_blanks' => 'When: {blanks}',
    'missing_blank' =>
        '{blank, select, dates {a day} date {a day} days {days of the week} from {from when} until {until when} minutes {how long each} hours {from when until when} first {the first day} last {the last day} other {a day and times}}',
    'missing_where' => 'Where: a room, the phone or a video link',
    'card_nobody' => 'Nobody in the directory may book on this sheet.',
    'roster' =>
        '{missing, plural, =0 {All {expected, plural, one {the one student} other {# students}} are booked for.} ' .
        'one {Not booked yet: # of {expected, plural, one {the one student} other {# students}}.} ' .
        'other {Not booked yet: # of {expected, plural, one {one student} other {# students}}.}}',
    'letters_sent' =>
        '{sent, plural, =0 {Nobody was left to write to: each family has booked, has no address, or was written to within a day.} one {One letter is on the way.} other {# letters are on the way.}}',
    'letter_heading' => '{title} with {host}',
    'letter_news' => '{host} has times for you, about {students}.',
    'letter_link' => 'Pick a time',
    'fill' => '{taken, number} of {slots, number} taken',
    'none_comes' => 'Meetings: none comes of these days and hours',
    'fill_none' =>
        '{standing, plural, =0 {No time to come} one {No time to come; one meeting stands} other {No time to come; # meetings stand}}',
    'fill_next' => '{taken, number} of {slots, number} taken on its next days',
    'links_there' => 'Some of these meetings have a link already, and it has been sent. Change those one by one.',
    'link_cleaned' => 'Without that it is {link}',
    'nobody_yet' => 'Nobody has booked yet.',
    // Those whom a host expects on a sheet that is for anyone.
    'expected_guessed' => 'The letters of this table were guessed; look whether accents are right.',
    'expected_none' => 'No name was found in it. Write one on each line, or bring a table with a column called “name”.',
    'expected_no_column' =>
        'This table has no column called “name” (or “first name” and “last name”). Nothing was kept.',
    'expected_too_many' => 'That are more than {most, number}. Nothing was kept; bring fewer.',
    'expected_no_name' => 'Line {line, number} has no name and is left out.',
    'expected_bad_email' => 'Line {line, number}, {name}: that is no e-mail address; they are on the list without one.',
    'expected_bad_phone' => 'Line {line, number}, {name}: that is no phone number; they are on the list without one.',
    'expected_twice' => '{twice, plural, one {One was on the list already.} other {# were on the list already.}}',
    'reminders_sent' =>
        '{sent, plural, =0 {Nobody was left to remind: each has booked, cannot be reached, or was reminded within a day.} one {One reminder is on the way.} other {# reminders are on the way.}}',
    'expected_heading' => 'A time for {student}: {title} with {host}',
    'expected_dear' => 'To whoever books for {student},',
    'expected_invites' => '{host} wants to meet about {student}. Pick a time: the link below knows the name.',
    'expected_text_invites' => '{host} wants to meet about {student}. Pick a time: {link}',
    'expected_news' =>
        '{host} expects {student} and has no time for them yet. The link below knows the name; the rest is a press.',
    'expected_text' => '{host} expects {student} and has no time for them yet. Pick one: {link}',
    'expected_card' => 'Photograph the square and pick a time; it knows the name.',
    'cards_of_drafts' => 'Cards open a sheet, and this one is not published yet. Publish it first; then print them.',
    'cards_of_everybody' =>
        'This sheet is for all families of the school: their cards are the office’s to print. Name classes on the sheet, or ask the office.',
    'cancel_over' => 'This meeting has begun or is over, so it cannot be cancelled any more.',
    'undo_moved' => '{name} is moved to {when}.',
    'undo_given_back' => 'The meeting with {name} is cancelled.',
    // How far a meeting goes in what is proposed.
    'shift_clock' => '{minutes, plural, =0 {same time} one {1 min {way}} other {# min {way}}}',
    'shift_days' =>
        '{days, plural, one {one day {day_way}} other {# days {day_way}}}, {minutes, plural, =0 {same time} one {1 min {way}} other {# min {way}}}',
    'move_all' =>
        '{count, plural, one {What is proposed is} other {All # are proposed to meet}} ' .
        '{days, plural, =0 {on the same day} one {one day {day_way}} other {# days {day_way}}}, ' .
        '{minutes, plural, =0 {at the same time} one {# minute {way}} other {# minutes {way}}}.',
    'move_each' =>
        'What is proposed moves {count} people least: ' .
        '{days, plural, =0 {on the same day} one {by one day at most} other {by # days at most}}, ' .
        '{minutes, plural, =0 {at the same time} ' .
        'one {and by # minute on the clock at most} other {and by # minutes on the clock at most}}.',
    // What is answered where a sheet cannot be as it was written.
    'affected' => 'This change touches people who have booked. Nothing is saved yet: see whom it hits, and choose.',
    'address_form' => 'An address has small letters, digits and single hyphens: autumn-conferences.',
    'address_taken' => 'Another sheet has this address, or had it. Choose another.',
    'nothing_to_book' =>
        'No time on this sheet can still be booked, so it was not published. It is kept as a draft. Choose a later date, or allow booking closer to the meeting.',
    'no_draft_again' =>
        'Somebody has booked here or waits for a time, so this sheet cannot be a draft again. Pause it, or close it: whoever has booked keeps their time.',
    'settle_all' => 'A time has to be chosen for everybody who is moved.',
    'settle_gone' => 'A time that was chosen is not on the sheet any more.',
    'settle_taken' =>
        'A time that was chosen for somebody is taken, or collides with a booking that stays as it is. Nothing was saved. Look at the times again.',
    'moved' =>
        'Somebody else has changed this sheet since you opened it. Nothing of yours was lost or saved. Look at both and choose.',
    'too_long' => 'This is more than a worksheet holds. Shorten what is written on it.',
    'too_many' =>
        'That would make more than {most, number, integer} meetings. Look at the length, the hours and the last day again.',
    'date_past' => '{date} is past. Choose today or later.',
    'date_far' => '{date} is more than three years ahead. Look at the year again.',
    'link_needed' => 'Please fill this in, or choose to have a link made for each meeting, or to add it later.',
    'no_link_maker' => 'Nothing here makes a link for each meeting. Give one for all, or add it later.',
    'two_answers' => 'Write at least two answers to choose from, one to a line.',
    'student_once' => 'The student’s name is asked once, and by the question made for it.',
    // What stands on a new one, and over pages.
    'title_yours' => 'Your sheets',
    'title_new' => 'New sheet',
    'title_change' => 'Change {title}',
    'your_title' => 'Your title',
    'begins_about' => 'What is it about?',
    'begins_conferences' => 'Conferences',
    'begins_office_hours' => 'Office hours',
    // What is handed to families, and what begins with a file.
    'handout_dear' => 'Dear families,',
    'handout_when' => '{title} with {host}: {when}',
    'handout_pick' => 'Pick a time.',
    'file_not_text' => 'This file is not UTF-8 text. Export it anew, or save it as UTF-8.',
    'file_not_ours' => 'This is not a sheet that Recess has written: it has no "format": "{format}".',
    'file_other_version' => 'This file was written by another version of Recess and cannot be read here.',
    'begins_imported' => 'Imported times',
    'begins_place' => 'To be said',
    // What is asked unless somebody says otherwise
    'ask_student' => 'Student’s name',
    'ask_student_hint' => 'Who the meeting is about.',
    'ask_phone' => 'Phone number',
    'ask_word' => 'A word beforehand',
    'ask_word_hint' => 'Only the person you meet reads it.',
];
