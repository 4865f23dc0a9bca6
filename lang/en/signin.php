<?php

declare(strict_types=1);

// Signing in, in ICU MessageFormat.
return [
    'title' => 'Signing in',
    'wrong' => 'E-mail and password do not belong together. Check both, or ask for a new password below.',
    'too_often' => 'That was tried too often. Wait a minute and try again.',
    'too_often_hour' =>
        'That was tried too often, from several places. Wait an hour, or ask for a new password by letter.',
    'second_title' => 'One thing more',
    'begin_anew' => 'That took too long. Sign in again.',
    'code_wrong' =>
        'This code is not right, or was used already. Take the one that your telephone shows now, or one of those on paper.',
    'second_on' => 'A second factor is on already. Switch it off first.',
    'second_off' => 'There is no second factor to have codes for.',
    'second_wanted' => 'Your school asks a second factor of its office. Set it up first, under “Signing in”.',
    'prove' => 'Show once more that it is you.',
    'letter_said' =>
        'If there is an account with this address, and its school allows it, a letter is on its way. It signs you in once, within ten minutes.',
    'come_title' => 'Come in',
    'not_in' => 'You are not signed in',
    'new_subject' => 'Staff',
    'oidc_down' =>
        'There is no answer from {service} just now. Try again in a minute, or sign in with your password here.',
    'oidc_untrusted' =>
        'The answer from {service} cannot be trusted, so nobody was signed in. Begin again; if it happens again, tell whoever looks after the server.',
    'oidc_begin_anew' => 'That took too long, or was begun in another window. Begin again.',
    'oidc_not_there' => '{service} did not sign you in.',
    'oidc_no_address' =>
        '{service} does not say that it has checked your e-mail address, so we cannot tell who you are here. Sign in with your password, or ask the office.',
    'oidc_unknown' => '{email} is not on the list of staff here. Ask the office to invite you at this address.',
    // The letters.
    'letter_heading' => 'Sign in',
    'letter_news' =>
        'Somebody, we hope you, wants to sign in by letter. The address below opens once, until {until}. If it was not you, do nothing.',
    'letter_link' => 'Sign in',
    'factor_on_heading' => 'A second factor is on',
    'factor_on_news' =>
        'Your account asks for a second factor from now on. If it was not you, tell the office at once.',
    'factor_on_link' => 'Sign in',
    'factor_off_heading' => 'The second factor is off',
    'factor_off_news' =>
        'Your account asks for no second factor any more. If it was not you, take another password at once with “Password forgotten” where one signs in, and tell the office.',
    'factor_off_link' => 'Sign in',
    // Passkeys.
    'passkey_late' => 'That took too long. Press again.',
    'passkey_refused' =>
        'This passkey was not accepted, and nobody was signed in. Press again; if it happens again, sign in with your password.',
    'passkey_unknown' =>
        'This passkey opens no account here any more. Sign in with your password, and make another one under “Signing in”.',
    'passkey_not_made' =>
        'What your machine made cannot be used here, and nothing was changed. Press again, or use another machine.',
    'passkey_no_name' => 'Passkeys need the school’s own address, with a name and https. Open Recess there.',
    'passkey_most' => 'You have {most, number} passkeys. Remove one first.',
    'passkey_there' => 'This passkey is there already.',
    'passkey_on_heading' => 'You have a new passkey',
    'passkey_on_news' =>
        'Your account opens with the passkey “{name}” from now on. If it was not you, remove it under “Signing in” at once, take another password, and tell the office.',
    'passkey_on_link' => 'Sign in',
    'passkey_off_heading' => 'A passkey was removed',
    'passkey_off_news' =>
        'The passkey “{name}” opens your account no more. If it was not you, take another password at once with “Password forgotten” where you sign in, and tell the office.',
    'passkey_off_link' => 'Sign in',
    // Over pages.
    'in_title' => 'Sign in',
    'account_of_the_school' => 'the school’s account',
    // Whoever is not in
    'back' => 'Back to signing in',
    'forgotten' => 'Password forgotten',
    'forgotten_what' => 'You get a letter with an address where you choose a new one.',
    'email' => 'E-mail address',
    'send_letter' => 'Send me the letter',
];
