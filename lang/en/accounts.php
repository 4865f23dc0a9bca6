<?php

declare(strict_types=1);

// Who works here, invitations and passwords, in ICU MessageFormat.
return [
    'people' => 'Staff',
    'known' => 'Somebody with this address is on the list already.',
    'has_come' => '{name} has come already. Whoever forgot their password gets a letter from the page where one signs in.',
    'on_sheet' => '{name} stands on a sheet already. Take them off it first.',
    'last_office' => '{name} is the only one of the office who can sign in. Give the office to somebody else first.',
    'office' => 'Office',
    'moved_in' => '{school} has moved in already. Its office invites everybody else, on the page “Staff”.',
    'come_in' => '{name} chooses a password here. The address opens once, within seven days; run this again for another.',
    'invited_until' => 'Invited, until {until}.',
    'invitation_over' => 'The invitation is over. Send another.',
    'password_short' => 'At least {least} characters. A few words that only you put together are good, with spaces too.',
    'password_long' => 'At most {most} characters.',
    'password_guessed' => 'This one is among the first that others would try. Take words that have nothing to do with you or with each other.',
    'current_wrong' => 'This is not the password you have now.',
    'changed' => 'Your password is another one now. Everywhere else you are signed out.',
    'key_spent_title' => 'This address opens nothing any more',
    'key_spent' => 'This address was used already, or its time is over. If you have a password, sign in. If not, ask for a letter below, or ask the office.',
    'title_invitation' => 'Welcome',
    'title_password' => 'A new password',
    'page_invitation' => '{school} publishes its meeting times here. Choose a password and you are in.',
    'page_password' => 'Choose a new password. Wherever you are signed in now, you will be signed out.',
    'forgotten_title' => 'Password forgotten',
    'forgotten_said' => 'If there is an account with this address, a letter is on its way. It opens once, within {hours, plural, one {an hour} other {# hours}}. Nothing there? Look among the unwanted, or ask the office.',
    // The letters.
    'dear' => 'Dear {name},',
    'invitation_heading' => '{school} invites you',
    'invitation_news' => '{by} has invited you to publish meeting times for {school}. The address below opens once, until {until}.',
    'invitation_link' => 'Choose a password and come in',
    'password_heading' => 'A new password',
    'password_news' => 'Somebody, we hope you, has asked for a new password for your account. The address below opens once, until {until}. If it was not you, do nothing: your password stays as it is.',
    'password_link' => 'Choose a new password',
    'changed_heading' => 'Your password was changed',
    'changed_news' => 'The password of your account is another one now, and everywhere else you were signed out. If it was not you, take it back at once with “Password forgotten” where one signs in, and tell the office.',
    'changed_link' => 'Sign in',
];
