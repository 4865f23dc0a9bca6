<?php

declare(strict_types=1);

// What is written down, in ICU MessageFormat: who did what, and never the contents.
return [
    'title' => 'Who did what',
    'nobody' => 'Nobody who is signed in',
    'came_in' => 'signed in by {how, select, password {password} code {password and a second factor} letter {a letter} service {the school’s own service} first {an invitation or a new password} other {{how}}}',
    'not_in' => 'could not sign in: a wrong {what, select, code {code} other {password}} for {about}',
    'let_in' => 'at the server made a way in for {about}, without the second factor',
    'password' => 'has another password: {about}',
    'factor_on' => 'switched a second factor on',
    'factor_off' => 'switched the second factor off',
    'invited' => 'invited {about}',
    'uninvited' => 'took the invitation of {about} back',
    'role' => 'made {about} {role, select, office {one of the office} reader {a reader} other {staff}}',
    'lent' => 'had {to} look after the sheets of {about}',
    'left' => 'let {about} leave',
    'school' => 'changed the school’s settings',
    'roll' => 'brought a file of students in: {new, plural, one {one new} other {# new}}, {changed, plural, one {one changed} other {# changed}}, {gone, plural, one {one gone} other {# gone}}',
    'student' => 'changed the student {about}',
    'student_away' => 'put the student {about} away',
    'student_back' => 'brought the student {about} back',
    'new_code' => 'gave {about} another code',
    'export' => 'took {what} of the sheet “{about}” out',
    'looked' => 'looked at the sheet “{about}” of {host}, and what is told there',
    'letters' => 'wrote to families about the sheet “{about}”: {sent, plural, one {one letter} other {# letters}}',
    'thrown_away' => 'threw the sheet “{about}” away',
    'found' => 'looked at what is kept of visitors',
    'kept' => 'took out all that is kept of a visitor',
    'forgotten' => 'took away what was kept of a visitor',
    'forgot_themselves' => 'had what was kept of them taken away: a visitor, on their pass',
    'expired' => 'took away what {passes, plural, one {one visitor} other {# visitors}} had told, after {days, plural, one {a day} other {# days}}',
    'kiosk' => '{name} made the tablet “{about}” for the entrance.',
    'kiosk_ended' => '{name} ended the tablet “{about}”.',
];
