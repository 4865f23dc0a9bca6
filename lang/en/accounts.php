<?php

declare(strict_types=1);

// Who works here, invitations and passwords, in ICU MessageFormat.
return [
    'people' => 'Staff',
    'known' => 'Somebody with this address is on the list already.',
    'has_come' =>
        '{name} has come already. Whoever forgot their password gets a letter from the page where one signs in.',
    'on_sheet' => '{name} stands on a sheet already. Take them off it first.',
    'last_office' => '{name} is the only one of the office who can sign in. Give the office to somebody else first.',
    'reader_has_sheets' =>
        '{name} has sheets, and a reader has none. Put them away first, or have a colleague take them.',
    'has_left' => 'Left on {when}.',
    'lent' => '{to} looks after their sheets until {until}.',
    'meeting' => '{when}: {who}',
    'leave_yourself' => 'You cannot let yourself leave. Somebody else of the office does that.',
    'left_said' =>
        '{name} has left. {to, select, nobody {{sheets, plural, =0 {There were no sheets to close} one {One sheet is closed} other {# sheets are closed}}} other {{sheets, plural, =0 {There were no sheets to hand over} one {One sheet is {to}’s now} other {# sheets are {to}’s now}}}}; {moved, plural, =0 {no meeting changed hands} one {one meeting changed hands} other {# meetings changed hands}}, {cancelled, plural, =0 {none was cancelled} one {one was cancelled} other {# were cancelled}}. Everybody concerned gets a letter.',
    'office' => 'Office',
    'moved_in' => '{school} has moved in already. Its office invites everybody else, on the page “Staff”.',
    'move_in' => 'A school moves in',
    'test_heading' => 'Letters arrive',
    'test_dear' => 'Hello,',
    'test_news' => 'This is the letter that was to be tried. Letters from your new Recess arrive.',
    'test_link' => 'The school’s board',
    'test_sent' => 'The mail server took a letter to {email}. Look whether it has come; among the unwanted, too.',
    'test_failed' => 'The mail server did not take it: {why}',
    'let_in_nobody' => 'Nobody of the office has this address.',
    'come_in' =>
        '{name} chooses a password here. The address opens once, within seven days; run this again for another.',
    'file_columns' =>
        'The first line has to name the columns: name, email, subject; and role, if you like, with office or reader for those who are not simply staff.',
    'file_long' => 'More than {most, number} lines. Send them in several files.',
    'file_guessed' =>
        'Its letters are neither UTF-8 nor UTF-16; they were read as Windows writes them. Look at the names with accents.',
    'file_line' => 'Line {line, number}: {why}',
    'file_twice' => 'Line {line, number} has the same address as line {first, number}, which counts.',
    'file_said' =>
        '{new, plural, =0 {Nobody new} one {One is new} other {# are new}}, {known, plural, =0 {none is on the list already} one {one is on the list already} other {# are on the list already}}, {notes, plural, =0 {nothing else to say} other {and there is more to look at below}}.',
    'file_changed' => 'Somebody else invited one of these meanwhile. Nothing was sent; look at the file again.',
    'file_sent' =>
        '{sent, plural, =0 {Nobody was new; no letter was sent} one {One letter is on the way} other {# letters are on the way}}.',
    'invited_until' => 'Invited, until {until}.',
    'invitation_over' => 'The invitation is over. Send another.',
    'password_short' =>
        'At least {least} characters. A few words that only you put together are good, with spaces too.',
    'password_long' => 'At most {most} characters.',
    'password_guessed' =>
        'This one is among the first that others would try. Take words that have nothing to do with you or with each other.',
    'current_wrong' => 'This is not the password you have now.',
    'changed' => 'Your password is another one now. Everywhere else you are signed out.',
    'key_spent_title' => 'This address opens nothing any more',
    'key_spent' =>
        'This address was used already, or its time is over. If you have a password, sign in. If not, ask for a letter below, or ask the office.',
    'title_invitation' => 'Welcome',
    'title_password' => 'A new password',
    'page_invitation' => '{school} publishes its meeting times here. Choose a password and you are in.',
    'page_password' => 'Choose a new password. Wherever you are signed in now, you will be signed out.',
    'forgotten_title' => 'Password forgotten',
    'forgotten_said' =>
        'If there is an account with this address, a letter is on its way. It opens once, within {hours, plural, one {an hour} other {# hours}}. Nothing there? Look among the unwanted, or ask the office.',
    // The letters.
    'invitation_heading' => '{school} invites you',
    'invitation_news' =>
        '{role, select, reader {{by} has invited you to see each day’s lists of {school}: who comes, when and where.} other {{by} has invited you to publish meeting times for {school}.}} The address below opens once, until {until}.',
    'invitation_link' => 'Choose a password and come in',
    'password_heading' => 'A new password',
    'password_news' =>
        'Somebody, we hope you, has asked for a new password for your account. The address below opens once, until {until}. If it was not you, do nothing: your password stays as it is.',
    'password_link' => 'Choose a new password',
    'changed_heading' => 'Your password was changed',
    'changed_news' =>
        'The password of your account is another one now, and everywhere else you were signed out. If it was not you, take it back at once with “Password forgotten” where one signs in, and tell the office.',
    'changed_link' => 'Sign in',
    'lent_of_heading' => 'A colleague looks after your sheets',
    'lent_of_news' =>
        '{to} looks after your sheets until {until}, so that nobody waits while you are away. They see who has booked with you, and can change what you can. {by} has set it so.',
    'lent_of_link' => 'To your sheets',
    'lent_to_heading' => 'You look after a colleague’s sheets',
    'lent_to_news' =>
        'Until {until} you look after the sheets of {of}. They stand on your first page: you see who has booked, and can change what {of} can. {by} has set it so.',
    'lent_to_link' => 'To your first page',
    'lent_over_of_heading' => 'Your sheets are yours alone again',
    'lent_over_of_news' => '{to} does not look after your sheets any more. {by} has set it so.',
    'lent_over_of_link' => 'To your sheets',
    'lent_over_to_heading' => 'A colleague’s sheets are not with you any more',
    'lent_over_to_news' => 'You do not look after the sheets of {of} any more. {by} has set it so.',
    'lent_over_to_link' => 'To your first page',
    'wrong_keys' => 'Many links that open nothing were tried from here. Wait an hour, or ask the office for a new one.',
];
