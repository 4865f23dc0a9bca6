<?php

declare(strict_types=1);

// Who is on a sheet besides its writer, in ICU MessageFormat; by what they do there.
return [
    'must' => '{names} {count, plural, one {has} other {have}} to be there.',
    'any' => '{names} may be the one instead.',
    'manage' => '{names} {count, plural, one {looks} other {look}} after it.',
    // To the colleague.
    'told_must' =>
        '{owner} has put you on “{title}” as one who has to be there: each booking takes your time too. If you cannot, say so on its page.',
    'told_any' =>
        '{owner} has put you on “{title}” as one who may be there instead: visitors can book it with you. If you cannot, say so on its page.',
    'asked_must' => 'You have to be at these meetings.',
    'asked_any' => 'These meetings may be with you.',
    // To whoever wrote the sheet.
    'refused' =>
        '{name} cannot be there on “{title}” and is not on it any more.{meetings, plural, =0 {} one { One meeting to come stands without them.} other { # meetings to come stand without them.}}',
    'sheet' => 'The sheet',
    'owner_names' =>
        'Who else is on this sheet says {owner}, whose it is, or the office. All else on it you can change.',
];
