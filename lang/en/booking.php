<?php

declare(strict_types=1);

// What is said of bookings and of waiting, beside the reasons that the rules give (rules.php).
return [
    'way' => 'See the way to {place}',
    // One of several meetings in one letter, behind its time.
    'letter_row' =>
        '{host}, {where}{directions, select, none {} other { ({directions})}}{student, select, none {} other { – about {student}}}{interpreter, select, none {} other { – {interpreter} interprets}}',
    'not_as_filled_in' =>
        '{phone, select, none {This cannot be done as it is filled in. What you typed is kept. If something is booked already, open it from the letter you got; or ask the office.} other {This cannot be done as it is filled in. What you typed is kept. If something is booked already, open it from the letter you got; or ring the office, {phone}.}}',
    'not_as_filled_in_letter' =>
        '{phone, select, none {This time cannot be booked as it is filled in. What you typed is kept. If you booked with this address before, a letter with your bookings is on its way to it; or ask the office.} other {This time cannot be booked as it is filled in. What you typed is kept. If you booked with this address before, a letter with your bookings is on its way to it; or ring the office, {phone}.}}',
    // To whoever has shown that it is theirs.
    'against' => [
        'visitor_enough' =>
            'You have booked here already, on another page of yours. Open “Your bookings” from the letter you got to change it.',
        'visitor_elsewhere' => 'You have another meeting then, or too close to it. Please pick another time.',
        'student_enough' =>
            'There is a time about {student} here already. Somebody else who looks after {student} booked it. You can ask to join them.',
        'student_elsewhere' =>
            'There is another meeting about {student} then, or too close to it. Please pick another time.',
    ],
    'no_link_yet' => 'Your meeting with {name}, {when}, has no video link yet. Add it on the sheet “{sheet}”.',
    'busy_over' =>
        'Your calendar “{calendar}” now has something over your meeting with {name}, {when}. The meeting stands; move or cancel it if you cannot come.',
    'letters_waiting' =>
        '{count, plural, one {A letter does} other {# letters do}} not go out, and {count, plural, one {is} other {are}} tried again, for three days: to {to}{more, plural, =0 {} one { and one other address} other { and # other addresses}}. The mail server says “{why}”. Whoever looks after the server can see to it.',
    'letters_given_up' =>
        '{count, plural, one {A letter} other {# letters}} never went out: to {to}{more, plural, =0 {} one { and one other address} other { and # other addresses}}. The mail server said “{why}”. Reach {count, plural, one {its reader} other {their readers}} in another way.',
    'mail_failed' =>
        '{phone, select, none {A message to {name} ({email}) did not arrive. They gave no phone number.} other {A message to {name} ({email}) did not arrive. Their phone number: {phone}.}}',
    'only_families' =>
        'These times are for families whom {school} knows. Open them by the link in your letter, from your bookings, or with the code from your card.',
    'only_staff' => 'This sheet is for those who work at {school}.',
    'only_anyone' => 'This sheet can be opened by anybody.',
    'sheet_with' => 'with {host}',
    'staff_come_in' => 'Sign in and see the times',
    'card_title' => 'You have a card with a code',
    'card_code' => 'The code on your card',
    'card_open' => 'Open',
    'card_unknown' => 'There is no card with this code. Look at it once more: it has ten letters and digits.',
    'card_too_often' => 'Too many codes were tried from here. Wait an hour, or open the link in your letter.',
    'card_none' =>
        '{phone, select, none {No card and no letter? Ring the office.} other {No card and no letter? Ring the office, {phone}.}}',
    'no_line' =>
        '{phone, select, none {Nobody can be put in line here just now. Look in again later, or ring the office.} other {Nobody can be put in line here just now. Look in again later, or ring the office, {phone}.}}',
    'line_is_long' =>
        '{phone, select, none {The line is as long as it can be. Look in again later, or ring the office.} other {The line is as long as it can be. Look in again later, or ring the office, {phone}.}}',
    'not_answered' =>
        '{phone, select, none {There was no answer in time, so the time is free again. Please pick another, or ring the office.} other {There was no answer in time, so the time is free again. Please pick another, or ring the office, {phone}.}}',
    'not_confirmed' => 'The e-mail address has not answered in time.',
    'other_host' => 'At {time} it would be with {host}. Choose that with one more press, or pick another time.',
    'has_begun' => 'This meeting has begun or is over, so it cannot be moved or cancelled any more.',
    'next_free' => 'free {when}',
    'next_opens' => 'opens {when}',
    'next_taken' => 'every time is taken',
    'next_over' => 'no more times just now',
    'pick' => 'Pick a time',
    'free' => '{free, number} free',
    'free_here' => '{free, number} free on these days',
    'clock' => '12-hour clock',
    'slot' => [
        'taken' => '{from} to {until} taken',
        'busy' => '{from} to {until} not available',
        'too soon' => '{from} to {until} too soon to book',
        'not yet open' => '{from} to {until} not open yet',
        'closed' => '{from} to {until} closed',
        'past' => '{from} to {until} over',
    ],
    'earliest' => 'The earliest:',
    'parts' => 'Part of the day',
    'part' => [
        'any' => 'Any time: {free, number}',
        'morning' => 'Mornings: {free, number}',
        'afternoon' => 'Afternoons: {free, number}',
        'late' => 'From {from}: {free, number}',
    ],
    'day_none' => 'Nothing is free on this day.',
    'times' => [
        'free' => '{free, plural, =1 {Pick a time: one is free} other {Pick a time: # are free}}',
        'taken' => 'Every time is taken',
        'opens' => 'Opens {opens}',
        'enough' => 'You have booked here already',
        'too late' => 'Booking has closed for the times that are left',
        'over' => 'No more times are planned here just now',
    ],
    'sheet_title' => '{sheet} with {host}',
    'state' => [
        'kept' => 'Kept until {until}. Press what was sent to your e-mail address, and it is booked.',
        'asked' => 'Asked for. It is held for you until {until} at the longest.',
        'booked' => 'Booked.',
        'declined' => 'Declined.',
        'cancelled' => 'Cancelled.',
    ],
    'undo' => [
        'given back' => 'This meeting is cancelled.',
        'moved' => 'The meeting is moved.',
        'guest left' => 'They are not coming.',
        'guest brought' => 'They are invited.',
    ],
    'office' =>
        '{phone, select, none {If you need help, ring the school’s office.} other {If you need help, ring the school’s office: {phone}.}}',
    'handout' =>
        '{phone, select, none {If you cannot, ring the office and they book for you.} other {If you cannot, ring the office, {phone}, and they book for you.}}',
    'slip' =>
        '{phone, select, none {If you cannot come, ring the office: somebody else is glad of the time.} other {If you cannot come, ring the office, {phone}: somebody else is glad of the time.}}',
    'notice' =>
        '{phone, select, none {No account is needed. Or ask the office: they book for you.} other {No account is needed. Or ring the office, {phone}: they book for you.}}',
    'look_again' => 'Something needs another look. Nothing was lost.',
    'line_sent' =>
        'We have sent you a letter. Press the button in it, and we tell you when a time is free. When it is your turn, the time is kept for you for a while.',
    'confirm_first' =>
        'This time is only kept for you. Press what stands in the message that came to your address; then it is booked, and can be changed.',
    'still_needed' =>
        'Somebody has booked on this sheet, so it stays. Put it away instead: then it is off your list and takes no bookings.',
    'undo_late' => 'It is too late to take this back: those whom it concerns have been told.',
    'undo_taken' => 'This cannot be taken back any more: somebody was quicker. Pick another time.',
    'address_subject' => 'Is this your e-mail address?',
    'address_news' =>
        'This address was given for bookings at {school}. Was that you? Press the button, and letters go there from now on. If not, do nothing. You hear no more.',
    'address_press' => 'Yes, this is my address',
    'address_asked' => 'Is {email} your address?',
    'address_asked_more' =>
        'One press and messages about your meetings go there; what is kept for you is booked with it.',
    'address_done' => 'Thank you. Messages go to {email}.',
    'address_moved_subject' => 'Messages about your meetings go to another address',
    'address_moved_news' =>
        '{phone, select, none {Letters about your bookings go to {email} from now on. If that was not you, open your bookings and give the page a new address, or ring the office.} other {Letters about your bookings go to {email} from now on. If that was not you, open your bookings and give the page a new address, or ring the office, {phone}.}}',
    'join_subject' => '{name} would like to come too',
    'join_news' =>
        '{name} asks to join this meeting. Open your bookings to add them. Or do nothing: they are told nothing.',
    'open_pass' => 'Open your bookings',
    'to_pass' => 'To your bookings',
    'dear' => 'Dear {name},',
    'line_subject' => 'Would you like to be told when {host} has a free time?',
    'line_news' =>
        'Somebody asked to be told at this address when a time is free. Was that you? Press the button. If not, do nothing. You hear no more.',
    'line_press' => 'Yes, tell me when one is free',
    'line_asked' => 'Would you like to be told when a time is free?',
    'line_asked_more' =>
        'When somebody gives a time back, and it is your turn, it is kept for you for a while and a message comes.',
    'wants_heading' => 'What would suit you',
    'wants_when' => 'When',
    'wants_any_time' => 'Any time',
    'wants_morning' => 'In the morning',
    'wants_afternoon' => 'In the afternoon, before four',
    'wants_late' => 'Later, from four on',
    'wants_where' => 'Where',
    'wants_anywhere' => 'Anywhere',
    'wants_with' => 'With',
    'wants_anybody' => 'Anybody',
    'wants_only' => 'Only offer me these',
    'wants_tell_me' => 'Tell me when one is free',
    'line_in' => '{before, plural, =0 {You are first.} =1 {You are second.} other {# others are before you.}}',
    'line_in_more' =>
        'When a time comes free and it is your turn, it is kept for you for a while and a message comes. Times that are free anyway can be booked as ever.',
    'line_offered' => 'A time is kept for you: {when}. It is yours to take until {until}.',
    'line_offered_more' =>
        'Open the letter about it to take it. If you let it go, the others are asked first; the second time you are not asked again.',
    'line_out' => 'You are not told of free times any more.',
    'line_leave' => 'Do not tell me any more',
    'line_decline' => 'No, thank you: not this time',
    'offer_heading' => 'A time is free: {when} with {host}',
    'offer_news' => 'A time is free. It is kept for you until {until}.',
    'offer_take' => 'Take this time',
    'offer_decline' => 'No, thank you',
    'offer_what' => 'What',
    'offer_when' => 'When',
    'offer_with' => 'With',
    'line_see' => 'See the times',
    'pass_renewed_heading' => 'Your bookings: a new private address',
    'pass_renewed' =>
        '{why, select, together {All that you booked is on one page now, and the page has a new address. Links from before open nothing any more.} card {The private page for your bookings has a new address. You have a new card, and what was on the old one no longer works. Your bookings are as they were.} other {The private page for your bookings has a new address. The old one stood in a calendar file that somebody you added could open, so it no longer works. Your bookings are as they were.}} Calendar entries from before can no longer be answered from your calendar: use this page.',
    'pass_renewed_link' => 'Your bookings',
    'pass_renewed_host' =>
        'The private page of {who} has a new address, and we have no e-mail address to tell them. Print their slip again and hand it to them.',
    'everything' => 'This link is about one part of what you booked. Everything opens from your mailbox.',
    'everything_press' => 'Send me a link to everything',
    'everything_sent' =>
        'A letter is on its way to the e-mail address that we know of you. Open it and press its button within three days: then you see everything you booked.',
    'everything_office' =>
        '{phone, select, none {We have no e-mail address of you to send a link to. Ring the office if you need one.} other {We have no e-mail address of you to send a link to. Ring the office if you need one: {phone}.}}',
    'open_everything' => 'Everything you booked',
    'open_everything_more' => 'Press the button, and this page knows that the letter reached you.',
    'open_everything_press' => 'Open everything',
    'also_with' => '{kind, select, any {or {any}} must {and {must}} other {or {any}, and with {must}}}',
    'together' =>
        '{pages, plural, one {There is one more page with your name and this address.} other {There are # more pages with your name and this address.}} {meetings, plural, =0 {No meeting is to come there.} one {One meeting stands there.} other {# meetings stand there.}}',
    'together_more' =>
        'You can have all of it on one page. Links in older letters then open nothing; a new letter brings you the new link.',
    'together_press' => 'Put everything on one page',
    'together_done' => 'Everything is on one page',
    'together_left' => 'Not everything could be put on one page',
    'together_apart' =>
        '{pages, plural, one {One page stays by itself.} other {# pages stay by themselves.}} What stands on both cannot be put together: a place in the same line, wishes for the same conference days, or the same meeting. Take it back on one of them, then press again.',
    'address_moved_link' => 'The school’s page',
    'needs_address' =>
        '{phone, select, none {Many times here were booked without an e-mail address. Give one, so that it can answer.} other {Many times here were booked without an e-mail address. Give one, so that it can answer; or ring the office, {phone}.}}',
    'many_wait' =>
        '{phone, select, none {Some times here are kept just now for addresses in your network that have not answered yet. Press what stands in the letter to yours, or try again in half an hour. What you typed is kept.} other {Some times here are kept just now for addresses in your network that have not answered yet. Press what stands in the letter to yours, or try again in half an hour; or ring the office, {phone}. What you typed is kept.}}',
    'good_day' => 'Good day,',
    'interpreter_gone' =>
        'Nobody interprets any more at your meeting with {name}, {when}: whoever did has left, and no other of that language is free then.',
    'again_title' => 'Where are my bookings?',
    'again_address' => 'The e-mail address you booked with',
    'again_press' => 'Send them again',
    'again_sent' =>
        'If something is booked for this address, a letter with your bookings is on its way to it. Look in your mail, and in the folder for unwanted mail too.',
    'again_back' => 'All our staff',
    'left' => 'You do not come to “{title}” on {when} any more. {visitor} can add you again.',
    // Where a video link is not there yet.
    'link' => [
        'kept' => 'The link comes when the time is booked.',
        'asked' => 'The link comes when your wish is accepted.',
        'later' => 'The link comes later. You get a message when it is there.',
        'before' =>
            '{where, select, here {The link appears here} other {The link appears on your page with your bookings}} {minutes, plural, one {one minute} other {# minutes}} before the meeting.',
        'called' =>
            '{where, select, here {The link appears here} other {The link appears on your page with your bookings}} when you are called in.',
    ],
    // What is answered to a press that cannot be.
    'key_reused' =>
        'This form was already sent with other answers. The first one counts. Load the page again to book another time.',
    'no_such_time' => 'There is no such time on this sheet.',
    'these_free' =>
        '{count, plural, =0 {Nothing else is free on this sheet now.} one {{times} is free.} other {{times} are free.}}',
    'guests_none' => 'No guests are expected at these meetings.',
    'guests_enough' => 'As many guests as may come are coming already.',
    'guest_already' => 'This person is coming already.',
    // Over pages.
    'find_title' => 'Find a time',
    'board_title' => 'Meet our staff',
    'pass_title' => 'Your bookings',
];
