<?php

declare(strict_types=1);

// A host's own calendars on a calendar server, both ways. ICU MessageFormat.
return [
    'title' => 'Your own calendars',
    'heading' => 'Your own calendars, both ways',
    'about' =>
        'What is busy in your calendar is offered to nobody here, and what is booked here stands in it within ' .
        'seconds. For calendars on a server that speaks CalDAV; most do, and say the address in their settings.',
    'other_ways' => 'Without one, <link>a feed’s address or a file</link> does, and the letters that you get.',
    'connect_heading' => 'Where they are',
    'address' => 'Address of the server',
    'address_help' => 'As your calendar program has it, beginning with https://',
    'name' => 'Your name there',
    'password' => 'Your password there',
    'password_help' =>
        'Better one that is for programs alone, where the server gives out such. It is kept sealed, and shown to ' .
        'nobody.',
    'connect' => 'Find my calendars',
    'connecting' => 'Looking for them…',
    'again_heading' => 'Another password or server',
    'on' => '{name}, on {host}',
    'looked' => 'Looked at {when}.',
    'which_heading' => 'What each is for',
    'which_about' =>
        'A meeting stands in your calendar with the name, number and answers of whoever comes: better in one ' .
        'that nobody else reads.',
    'counts' => 'What is busy in it takes times out here',
    'counts_times' =>
        '{times, plural, =0 {Nothing to come in it.} one {One busy time to come.} other {# busy times to come.}}',
    'skipped' => '{many, plural, one {One entry could not be read.} other {# entries could not be read.}}',
    'takes' => 'My meetings go into this one',
    'takes_none' => 'My meetings go into none',
    'written' =>
        '{many, plural, =0 {No meeting stands in it yet.} one {One meeting stands in it.} other {# meetings ' .
        'stand in it.}}',
    'read_only' => 'You may not write to it.',
    'keep' => 'Keep this',
    'keeping' => 'Keeping it…',
    'kept' => 'Kept, and looked at.',
    'look_now' => 'Look now',
    'looked_now' => 'Looked at just now.',
    'disconnect' => 'Forget this server',
    'disconnect_about' =>
        'Name and password are forgotten, and nothing there takes times out any more. Meetings that stand in ' .
        'your calendar stay in it; what becomes of them is not written there any more.',
    'disconnect_sure' => 'Forget it',
    'disconnect_not' => 'Leave it',
    'still_counts' => '{failure} What was known of it still counts; it is tried again by itself.',
    'demo' => 'In this demo there is one at {address}, with the name {name} and the password {password}.',
    'not_https' =>
        'The address of a calendar server begins with https://, so that nobody on the way reads your password.',
    'wrong_password' => 'The server does not know this name with this password.',
    'not_let' => 'The server does not let us read or write there.',
    'no_calendars' =>
        'There are no calendars at this address. Copy it from your calendar program, or ask whoever runs the server.',
    'full' => 'Your calendar there is full: nothing more can be written to it until something is taken out.',
    'error' => 'The server answered with an error ({status}).',
    'elsewhere' =>
        'The server sends us on to {host}. Your password is for the one you named: give that address instead, if ' .
        'it is right.',
    'no_end' => 'The server sends us from one address to the next without an end.',
    'not_understood' => 'What the server answered is not how calendar servers speak.',
    'not_this_one' => 'Your meetings cannot go into this one. Pick another.',
    'calendar_gone' =>
        'The calendar “{calendar}” is not on your server any more: it takes no times out here, and your meetings ' .
        'are not in it.',
    'not_in_step' =>
        'Your own calendar cannot be reached just now: what was known of it still counts, and new meetings are ' .
        'not in it yet. Look at “Your own calendars” in your settings.',
    'taken_out_there' =>
        'You took the meeting with {name} out of your calendar. It stands: {name} expects you, {when}. Call it ' .
        'off on its sheet if you cannot come.',
    'proposed' =>
        'You moved the meeting with {name} in your calendar to {there}. {name} has been asked whether that ' .
        'suits; until they say so it stands as it was agreed: {when}.',
    'moved_there' =>
        'In your calendar the meeting with {name} is {there}. {name} knows nothing of it: it was agreed for ' .
        '{when}. Move it on its sheet, and they are told.',
];
