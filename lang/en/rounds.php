<?php

declare(strict_types=1);

// A school's rounds, in ICU MessageFormat: what families, teachers and the office read.
return [
    'was' => 'It was {moment}.',
    'not_to_move' => 'This meeting cannot be moved any more.',
    'not_moved' =>
        'Somebody has just taken one of these times, so nothing was changed. All you had booked stands where it was. Look at the plan once more.',
    'back_heading' => 'Cancelled: {title}',
    'back_news' =>
        '{count, plural, one {You cancelled this meeting.} other {You cancelled these # meetings.}} The times are free for others now.',
    'back_link' => 'Book again',
    'title' => 'Rounds',
    'new' => 'A new round',
    // For families.
    'only_families' => 'These conference days are for families of {school}. The card you were given opens them.',
    'day_said' =>
        '{from} to {until}, {waiting, plural, =0 {no waiting between} ' .
        'one {# minute between meetings} other {# minutes between meetings}}.',
    'between_none' => 'right after',
    'between_wait' => '{wait, plural, one {1 minute} other {# minutes}} to wait',
    'between_way' => '{way, plural, one {1 minute} other {# minutes}} for the way',
    'between_both' => '{way, plural, one {1 minute} other {# minutes}} for the way, {wait} to wait',
    'left_nothing' => '{host} has no free time left.',
    'left_interpreter' => '{host} has free times, but no interpreter of your language has then.',
    'left_interpreter_stay' =>
        '{host} has free times, but no interpreter of your language has then; {time} would be free, if you can stay until {until}.',
    'left_interpreter_come' =>
        '{host} has free times, but no interpreter of your language has then; {time} would be free, if you can come then.',
    'left_outside' => '{host} has no free time while you can come.',
    'left_outside_stay' =>
        '{host} has no free time while you can come; {time} would be free, if you can stay until {until}.',
    'left_outside_come' => '{host} has no free time while you can come; {time} would be free, if you can come then.',
    'left_clashes' => '{host} is only free while you are with {others}, or on the way there.',
    'left_clashes_stay' =>
        '{host} is only free while you are with {others}; {time} is free, if you can stay until {until}.',
    'left_clashes_come' => '{host} is only free while you are with {others}; {time} is free, if you can come then.',
    'take_otherwise' => 'I can come at {time}',
    'not_proven' => 'A good plan. Whether a better one exists could not be looked at in the time a page may take.',
    'not_proven_meetings' =>
        'Perhaps up to {most, plural, one {one meeting fits} other {# meetings fit}}; all ways could not be looked at in the time a page may take.',
    'gone' =>
        'Somebody has just taken {time} with {host}. Nothing was booked; the next best plan is here, with what changed marked.',
    'no_longer' =>
        'The school has moved or closed that time: {time} with {host}. Nothing was booked; the next best plan is here, with what changed marked.',
    'no_interpreter' =>
        'No interpreter is free any more on {time}, when you would be with {host}. Nothing was booked; the next best plan is here, with what changed marked.',
    'dates' => '{first} to {last}',
    'card_how' =>
        '{teachers, select, none {} other {With {teachers}. }}Photograph the square, or type the code at {address}',
    'card_teachers' => '{names} and {more} others',
    'cards_cut' =>
        'These are the cards of the first {most, number} students of {all, number}. Print the others class by class.',
    'have_it' =>
        'You have a time with {host} about {child} already, perhaps from another page. Nothing more was booked; the plan here goes on from what you have.',
    'child_has_it' =>
        '{apart, select, yes {A time with {host} about {child} cannot be booked from here. Nothing was booked; the school’s office knows more.} other {A time with {host} about {child} is booked already by somebody else who looks after them. Nothing was booked; ask them, or the office.}}',
    'elsewhere' =>
        '{apart, select, yes {The time on {time} cannot be booked any more. Nothing was booked; the next best plan is here, with what changed marked.} other {You, or {child} with somebody else, have another meeting on {time} now. Nothing was booked; the next best plan is here, with what changed marked.}}',
    'left_child' =>
        '{apart, select, yes {A time with {host} about {child} cannot be booked from here. The school’s office knows more.} other {Somebody else who looks after {child} has booked {host} already.}}',
    'not_open' => 'These conference days take no bookings now. The school’s office knows more.',
    'collecting' => 'Wishes come first here. Nothing can be booked until everybody has heard of their times.',
    'cohort_opens' => 'For you booking opens on {moment}.',
    'not_in_it' => 'They are not there on these conference days, or take no bookings now.',
    'not_theirs' => 'About this child you cannot book here.',
    'twice' => 'They are there twice for one child.',
    'nothing_picked' => 'Tick somebody whom you want to meet.',
    'no_such_hours' => 'These hours do not exist on that day.',
    'kept_heading' => '{moved, plural, =0 {Your plan} other {Your new plan}}: {title}',
    'kept_news' =>
        '{moved, plural, =0 {{count, plural, one {This meeting is yours} other {These # meetings are yours}}.} one {You moved a meeting. {count, plural, one {This meeting is yours} other {These # meetings are yours}} now.} other {You moved # meetings. {count, plural, one {This meeting is yours} other {These # meetings are yours}} now.}} Open your bookings to change or cancel one.',
    'kept_to_confirm' =>
        '{count, plural, one {This meeting is} other {These # meetings are}} kept for you for half an hour. One press on the address below and all of it is booked.',
    'kept_link' => 'Everything you booked',
    'kept_confirm' => 'Yes, this is my address: book it',
    'no_scripts' =>
        'The plan is found while you look, which needs scripts. Without them you book with one teacher after the other:',
    // For the office, and teachers.
    'published_already' => 'This round is published. What is common to all sheets cannot be changed here any more.',
    'wished_already' => 'Families have sent wishes already, so it stays published. Nothing was changed.',
    'wishes_too_late' => 'Wishes end before the first day of the round, so that there is time to allot.',
    'wishes_until_over' => 'The moment until which families wish is over already. Set a later one, then publish.',
    'cohort_too_late' => 'They come first: earlier than booking opens for everybody, so say above when that is.',
    'booked_already' => 'Somebody has booked already, so it stays published. Nothing was changed.',
    'changed_elsewhere' =>
        'Somebody has changed this round meanwhile. What you typed is still here; load the page anew to see theirs.',
    'nobody_in_it' => 'Nobody is in this round yet. Pick teachers, then publish.',
    'all_closed' => 'The school is closed on all of these days, so there would be no times. Nothing was published.',
    'no_place' =>
        '{count, plural, one {{names} has no place yet: nobody would find them.} other {# have no place yet, so nobody would find them: {names}{count, plural, =2 {} =3 {} =4 {} =5 {} other { and others}}.}} Nothing was published.',
    'not_past' => 'The first date is over already.',
    'dates_needed' =>
        'A round is on dates. Write them as “12 march, 14 march 16:00-19:00 /10”, or “2027-03-09 16:00-19:00 /10 gap 5”.',
    'too_long' => 'A round lies within two months.',
    'too_many_hosts' => 'At most {most} can be in a round.',
    'no_such_staff' => 'One of these does not work here any more.',
    'no_such_class' => 'One of these classes is not there any more.',
    'look_said' =>
        '{slots, plural, one {One time} other {# times}} for each teacher: {all, number} for {hosts, plural, one {one teacher} other {# teachers}}.',
    'look_untaught' =>
        '{count, plural, one {One student has} other {# students have}} none of their teachers in this round. Their families see everybody who is in it.',
    'look_short' =>
        '{count, plural, =0 {Everybody has time for all whom they teach.} one {One teacher teaches more students than they have times.} other {# teachers teach more students than they have times.}}',
    'absent_on_sheet' => 'This round is published. Close the times on your sheet: there you see first whom it hits.',
    'interpreter_here' => 'One of these does not work here any more, or is there twice for one language.',
    'interpreter_is_host' =>
        'Whoever meets families in this round cannot interpret there: their times are given before anybody knows which are free.',
    'no_such_language' => 'This is no language that we know; write its code, such as fr, ar or uk.',
    'not_taught' => 'One of these students is not among those whom they teach any more.',
    'not_published_yet' => 'This round is not published yet: put them in it where it is written. Nothing was changed.',
    'it_is_over' => 'All dates of this round are over. Nothing was changed.',
    'nobody_here' => 'Nobody of that name meets families here.',
    'has_meetings' => 'Somebody has booked with {host}, so they stay in it. Nothing was changed.',
    'without_link' =>
        '{count, plural, one {{names} meets by video and has no link yet.} other {# meet by video and have no link yet: {names}.}}',
    'ground' =>
        '{count, plural, one {{names} needs} other {# families need}} the ground floor{count, plural, one {} other {: {names}}}.',
    'needs_ground' => 'needs the ground floor',
    'due_said' =>
        '{can, plural, =0 {Nobody would be written to now.} one {One guardian would be written to.} other {# guardians would be written to.}} {lately, plural, =0 {} one {One was within the last day.} other {# were within the last day.}} {cannot, plural, =0 {} one {One has no address: print a card.} other {# have no address: print cards.}}',
    'invite_heading' => '{title}: {collects, select, yes {whom do you want to meet?} other {pick your times}}',
    'remind_heading' => '{title}: we have not heard from you yet',
    'remind_news_book' => 'You can book times for {students}, with all who teach them, and see how it fits together.',
    'remind_news_wish' => 'You can say whom you want to meet about {students}, and when you can come, until {moment}.',
    'remind_link' => 'Open the round',
    'remind_text' => '{title}: times for {students} at {link}',
    'wished_gone' =>
        '{count, plural, one {One family has wished for {names}, who is not in it any more. It has been told.} other {# families have wished for {names}, not in it any more. They have been told.}}',
    'nobody_yet' => 'Nobody has booked in this round yet.',
    'place_needed' => 'Say where people find you.',
    'link_needed' => 'A video meeting needs its link, beginning with https://',
    'longer' => '{student}, for longer',
];
