<?php

declare(strict_types=1);

// What comes between a published round and its evening, in ICU MessageFormat: what the office and families read.
return [
    'title' => 'When something comes up: {round}',
    // Somebody is away.
    'away_said' =>
        '{hit, plural, =0 {Nobody has booked with {host} then, so nobody has to be told.} one {One meeting with {host} cannot be.} other {# meetings with {host} cannot be.}} {hit, plural, =0 {} other {{placed, plural, =0 {There is no other time for any of them.} one {For one there is another time, moved as little as can be.} other {For # there are other times, moved as little as can be.}}}}',
    'stead' => '{time} with {host}',
    'away_done' => '{host} is away. Everybody who is concerned hears of it in half a minute.',
    'is_away' =>
        '{host} is away: {times, plural, one {one time is closed, on {from}} other {# times are closed, from {from} on}}.',
    'not_away' => 'They are not away, or it is over. Nothing was changed.',
    'not_in_it' => 'They have no open sheet in this round.',
    'others_hit' =>
        'It hits others than you have seen: somebody has booked or moved meanwhile. Nothing was changed; look once more.',
    'taken_meanwhile' => 'One of these times was taken meanwhile. Nothing was changed; look once more.',
    // An evening is moved.
    'evening_said' =>
        '{meetings, plural, =0 {Nobody has booked on {from}; the times move to {to}.} one {One meeting moves from {from} to {to}, at its hour.} other {# meetings of {families, plural, one {one family} other {# families}} move from {from} to {to}, each at its hour.}} {cannot, plural, =0 {} one {One cannot be then, and is cancelled.} other {# cannot be then, and are cancelled.}}',
    'evening_done' => 'The evening is moved. In half a minute each family hears of all its meetings in one letter.',
    'not_its_date' => 'The round is not on this date.',
    'date_over' => 'This date is over.',
    'date_far' => 'That is too far away for the same round. Make it again with new dates.',
    'date_taken' => 'The round is on this date already.',
    'date_closed' => 'The school is closed on this date.',
    'others_cannot' => 'Others cannot be on that date than you have seen. Nothing was changed; look once more.',
    'moved_heading' => 'Another date: {title}',
    'moved_news' =>
        '{count, plural, one {Your meeting is} other {Your # meetings are}} on another date now, at the same hour.',
    'moved_link' => 'Everything you booked',
    // By video.
    'video_said' =>
        '{can, plural, =0 {Nobody has a link.} one {One teacher has a link.} other {# teachers have a link.}} {cannot, plural, =0 {} one {{names} has none, and stays where they are until they say one.} other {# have none, and stay where they are until they say one: {names}{cannot, plural, =1 {} =2 {} =3 {} =4 {} =5 {} =6 {} =7 {} =8 {} =9 {} =10 {} =11 {} =12 {} other { and others}}.}}',
    'by_video_label' => 'By video',
    'undone' => 'All is as it was. Nobody was written to.',
    'undo_late' => 'It is too late to take this back: they have been written to.',
    'undo_taken' => 'This cannot be taken back any more: somebody has one of these times by now. Nothing was changed.',
];
