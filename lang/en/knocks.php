<?php

declare(strict_types=1);

// Knocks: times that no sheet offers, asked for and answered. In ICU MessageFormat.
return [
    'title' => 'Asked of you',
    'on_board' => 'Ask for another time',
    'on_board_next' => 'when both of you are free',
    'ask_title' => 'Ask {host} for a time',
    'closed' => '{host} cannot be asked for another time just now. What can be booked is on their page.',
    'no_scripts' =>
        'To ask for another time, this page needs scripts. {phone, select, none {The school office helps you, too.} other {The school office does it for you: {phone}.}}',
    'kept_for' =>
        'Your times are kept for you until they are answered, {hours, plural, one {for an hour} other {for # hours}} at the longest.',
    'calendar_read' =>
        '{count, plural, =0 {Your calendar says that you have nothing to do.} one {One busy time was read from your calendar.} other {# busy times were read from your calendar.}} {skipped, plural, =0 {} one {One entry could not be read.} other {# entries could not be read.}}',
    'own_not_read' => 'What was read of your calendar cannot be understood any more. Read it again.',
    'feed_address' => 'The address of a calendar begins with https://, http:// or webcal://.',
    'feed_or_file' => 'Give the address of your calendar, or choose a file.',
    'file_size' => 'A calendar file has 10 MB at most.',
    // What is wrong with a wish, at its field.
    'work_address' => 'An address begins with https:// or http://, such as https://docs.example.org/essay.',
    'no_choice' => 'Put at least one time on the rulers.',
    'three_choices' => 'Three times are enough.',
    'no_such_length' =>
        '{minutes, plural, one {A meeting of one minute} other {A meeting of # minutes}} cannot be asked for here. Pick one of the lengths above.',
    'outside' => 'This time is outside of the hours in which they can be asked. Pick one on the green band.',
    'not_free' => 'You are not free then, or somebody else who has to be there is not.',
    'choices_overlap' => 'This time overlaps another of your choices.',
    'not_together' => 'These cannot be asked together just now. Ask one of them alone.',
    // Why it cannot be.
    'gone' =>
        '{time} has just been taken. {count, plural, =0 {Nothing near it is free for all of you; look at other days.} one {{times} is free for all of you. Nothing was sent; your text is still here.} other {{times} are free for all of you. Nothing was sent; your text is still here.}}',
    'enough_of_yours' =>
        'You have {most, plural, one {one request} other {# requests}} open already. They stand with your bookings. When one is answered, you can ask again.',
    'enough_of_theirs' =>
        '{host} has as many open requests as they take at once. Nothing was sent. Try again in a day or two, or book a time at their door.',
    'over' => 'This request is no longer open: it was answered, or taken back, or its time is up. Nothing was changed.',
    'not_asked' => 'This request does not wait for an answer of yours just now. Nothing was changed.',
    'no_such_time' => 'This time is not among those that are asked for any more. Look again; nothing was changed.',
    'begun' => 'This time has begun already. Say yes to another one, or name other times.',
    'closed_day' => 'The school is closed on that day by now. Name other times; nothing was changed.',
    'too_near_for_maybe' => 'It is too near for a maybe: whoever asks has to know by two hours before. Say yes or no.',
    'cannot_be_had' =>
        'Something else is in the way at this time by now, on your side or on theirs. Nothing was changed; name other times.',
    'not_offered' => 'This time is offered no longer. Nothing was changed.',
    'move_by_asking' =>
        'This time was agreed with {host}. To have another one, ask {host} again at their door, and give this one back once it is agreed.',
    'no_place' => 'Say where you meet people: at least one place.',
    'no_hours' => 'There is no day on which even the shortest meeting fits. Say between which hours you can be asked.',
    // How it stands, to a host.
    'host_asked' => 'Kept until {until}.',
    'host_maybe' => 'You have said maybe. Kept until {until}; you are asked again the day before.',
    'host_proposed' => 'Other times are named, and kept until {until}. It is theirs to pick one.',
    'other_none' => '{host} has not answered yet',
    'other_accepted' => '{host} has said yes',
    'other_maybe' => '{host} has said maybe',
    'other_declined' => '{host} has said no',
    'over_accepted' => 'Agreed: {when}',
    'over_declined' => 'Declined',
    'over_lapsed' => 'Not answered in time',
    'over_taken_back' => 'They ask no longer',
    // How it stands, to whoever asked.
    'pass_unconfirmed' =>
        'Kept for you until {until}. One press in the message to {email}, and {hosts, plural, one {{host} is asked} other {{host} are asked}}.',
    'pass_asked' =>
        '{hosts, plural, one {{host} has been asked.} other {{host} have been asked.}} Your times are kept until {until}.',
    'pass_maybe' =>
        '{hosts, plural, one {{host} says maybe.} other {Not all whom you have asked are sure yet.}} This time is kept for you, and is not sure yet. You hear more by {until} at the latest.',
    'pass_proposed' =>
        '{hosts, plural, one {{host} names other times.} other {Other times are named.}} They are kept for you until {until}; one press takes one.',
    'pass_declined' => '{host} cannot meet you at these times.',
    'pass_lapsed' => 'Nobody has answered in time. Your times are free again.',
    'pass_taken_back' => 'You have taken this back.',
    // On the pages of whoever is asked.
    'waiting' =>
        '{own, plural, =0 {} one {Somebody asks you for a time.} other {# people ask you for a time.}} {others, plural, =0 {} one {Somebody asks a colleague whom you stand in for.} other {# people ask colleagues whom you stand in for.}}',
    // Letters.
    'letter_asked' => '{who} asks you for a time.',
    'letter_asked_heading' => 'Asked: {title}, by {who}',
    'letter_sent' => 'You have asked {host} for a time. It is kept until {until}.',
    'letter_sent_heading' => 'You have asked {host}: {title}',
    'letter_to_confirm' =>
        'You want to ask {host} for a time. It is kept for you until {until}. One press on the address below, and {host} is asked. If you have asked for nothing, do nothing: it is free again then.',
    'letter_to_confirm_heading' => 'Please confirm: ask {host} for a time',
    'letter_one_accepted' => '{by} has said yes to this time. {who} needs both of you: can you, too?',
    'letter_one_accepted_heading' => '{by} has said yes: {title}',
    'letter_maybe' =>
        '{host} says maybe. The time is kept for you, and is not sure yet. You hear more by {until} at the latest.',
    'letter_maybe_heading' => 'Maybe: {title}, with {host}',
    'letter_asked_again' => 'You have said maybe to {who}. The time is tomorrow, or sooner: can you?',
    'letter_asked_again_heading' => 'Sure by now? {title}, with {who}',
    'letter_declined' => '{host} cannot meet you at these times.',
    'letter_declined_heading' => 'Declined: {title}, with {host}',
    'letter_off' => 'This is off, and its time is free again. If your calendar has it, this message takes it out.',
    'letter_off_heading' => 'Off: {title}, with {who}',
    'letter_proposed' =>
        '{host} names other times. They are kept for you until {until}. Open your bookings to take one.',
    'letter_proposed_heading' => 'Other times: {title}, with {host}',
    'letter_proposed_instead' =>
        '{by} has named these times to {who}. They are kept until {until}, and {who} takes one of them. What was asked for stands no more: if your calendar has it, this message takes it out.',
    'letter_proposed_instead_heading' => 'Other times named: {title}, with {who}',
    'letter_lapsed' => 'Nobody has answered in time. Your times are free again.',
    'letter_lapsed_heading' => 'Not answered: {title}, with {host}',
    'letter_by_calendar' => 'You can answer here, or with the buttons of your calendar.',
    'letter_by_buttons' => 'Answer with these buttons, or on your page.',
    'fact_about' => 'What it is about',
    'fact_details' => 'In their words',
    'fact_details_yours' => 'In your words',
    'fact_work' => 'The work in question',
    'fact_student' => 'About',
    'fact_where' => 'Where',
    'fact_from' => 'From',
    'fact_with' => 'With',
    'fact_choice' => '{position, selectordinal, one {#st choice} two {#nd choice} few {#rd choice} other {#th choice}}',
    'fact_time' => 'When',
    'fact_answer' => 'Answer',
    'button_accept' => 'Yes, {when}',
    'button_maybe' => 'Maybe, {when}',
    'button_decline' => 'I can’t',
    'to_page' => 'See it beside your day, or name other times',
    'to_pass' => 'Your bookings: see how it stands, or take it back',
    'to_confirm' => 'Yes, this is my address: ask them',
    'summary' => '{title}, with {other}',
    'also' => 'They also ask for {times}.',
    // The page that a button in a letter opens.
    'mail_from' => 'Asked by {who}{student, select, none {} other {, about {student}}}.',
    'mail_ask_accept' => 'Say yes to {when}?',
    'mail_ask_maybe' => 'Say maybe to {when}? It stays kept, and you are asked again the day before.',
    'mail_ask_decline' => 'Say that you cannot? All times that are kept for it are free again.',
    'mail_press_accept' => 'Yes, I can',
    'mail_press_maybe' => 'Maybe',
    'mail_press_decline' => 'I can’t',
    'mail_done_accept' => 'Done: {who} hears that you can.',
    'mail_done_maybe' => 'Done: {who} hears that it is not sure yet.',
    'mail_done_decline' => 'Done: {who} hears that you cannot.',
    'mail_over_title' => 'This button is good for nothing any more',
    'mail_over' => 'The request was answered or changed since that message was written. Nothing was done now.',
    'mail_to_page' => 'All that is asked of you',
    'forgotten_title' => 'Asked for',
    'also_asked' => 'also asked for',
    'word' => 'A word to them, if you like',
    // To an address that has not answered: nothing that a stranger wrote goes there.
    'stranger_title' => 'a time of your own',
    // What it asks, beside what a host adds.
    'field_student' => 'Student’s name',
    'field_phone' => 'Phone number',
    'field_about' => 'What it is about',
    'field_work' => 'Address of the work',
];
