<?php

declare(strict_types=1);

// What is said of a calendar of somebody who works here. ICU MessageFormat.
return [
    'feed_name' => 'Meetings',
    'not_http' => 'A feed’s address begins with https://, http:// or webcal://.',
    'not_allowed' =>
        'This address leads into the school’s own network, where feeds are not fetched from. The administrator can allow it.',
    'not_plain' =>
        'The name of the server has letters that addresses do not have. Copy it anew from your calendar program.',
    'unknown_host' => 'No server of that name is known. Look at the address again.',
    'no_end' => 'The address leads from one to the next without an end. Copy it anew from your calendar program.',
    'too_large' => 'The calendar is larger than {megabytes} MB.',
    'not_let' => 'The server does not let us read it. Copy the private address from your calendar program.',
    'gone' => 'There is no calendar at this address any more.',
    'error' => 'The server answered with an error ({status}). We try again later.',
    'no_answer' => 'The server did not answer in time. We try again later.',
    'address_or_file' => 'Give the address of a feed, or choose a file.',
    'file_most' => 'A calendar file has {megabytes} MB at most.',
    // Of what could not be read of a calendar
    'skipped' => 'Line {line, number, integer}, {what}: {why}',
    'summary' => '{title}: {with}',
    'summary_about' => '{title}: {with}, about {student}',
];
