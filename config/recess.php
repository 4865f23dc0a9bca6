<?php

declare(strict_types=1);

return [
    'version' => trim((string) @file_get_contents(__DIR__ . '/../VERSION')),
    // Which of an installation's schools this process serves (app/Registry); that of its own settings has no name.
    'school' => '',
    // Where an installation's schools are listed, and what opens that list (ops/instance.sh).
    'registry' => ['password' => env('REGISTRY_PASSWORD'), 'key' => env('REGISTRY_KEY')],
    // The demo opens the mailroom to everybody and prints its sign-ins. Never on where real families book.
    'demo' => (bool) env('RECESS_DEMO', false),
    // A calendar server beside the demo, for whoever has none.
    'demo_calendars' => (string) env('RECESS_DEMO_CALENDARS', ''),
    // What the demo's sign-in page offers; all of its staff have this password.
    'demo_sign_in' => [
        'password' => 'low-tide-bell',
        'people' => [
            ['email' => 'ines.tavares@gannetcove.example', 'who' => 'Inês Tavares, who teaches'],
            ['email' => 'ruta.simkute@gannetcove.example', 'who' => 'Ruta Šimkutė, of the office'],
            ['email' => 'bram.ostler@gannetcove.example', 'who' => 'Bram Ostler, at the front desk'],
        ],
    ],
    // Whether somebody may sign up alone: a tutor without a school.
    'tutors' => (bool) env('RECESS_TUTORS', false),
    // The school's own service that knows its people, by OpenID Connect.
    'oidc' => [
        'issuer' => env('RECESS_OIDC_ISSUER'),
        'client_id' => env('RECESS_OIDC_CLIENT_ID'),
        'client_secret' => env('RECESS_OIDC_CLIENT_SECRET'),
        'name' => env('RECESS_OIDC_NAME'),
        'makes_accounts' => (bool) env('RECESS_OIDC_MAKES_ACCOUNTS', false),
    ],
    // Routes to measure against; see bin/recess bench.
    'bench' => (bool) env('RECESS_BENCH', false),
    // From one network address. A whole school may sit behind one, so these stop floods, not families.
    'limits' => [
        'visitor-writes' => [
            'most' => (int) env('RECESS_VISITOR_WRITES_PER_MINUTE', 120),
            'seconds' => 60,
            'by' => 'network',
        ],
        // Each asks another's server.
        'calendar-servers' => ['most' => 20, 'seconds' => 600, 'by' => 'person'],
        'pass-reads' => ['most' => (int) env('RECESS_PASS_READS_PER_MINUTE', 300), 'seconds' => 60, 'by' => 'network'],
        // A tablet is one reader; a whole school may sit behind its address.
        'kiosk' => ['most' => (int) env('RECESS_PASS_READS_PER_MINUTE', 300), 'seconds' => 60, 'by' => 'network'],
        // Messages to all who came: a slip is mended, nobody is flooded.
        'after-letters' => ['most' => 20, 'seconds' => 3600, 'by' => 'person'],
        // Looks at one sheet, or at the board: the web server answers most of them from what it worked out a second ago.
        'reads' => ['most' => (int) env('RECESS_READS_PER_MINUTE', 1200), 'seconds' => 60, 'by' => 'network and sheet'],
        // A whole line is not made up from one place, and nobody is flooded with questions whether they wait.
        'waiting' => ['most' => 20, 'seconds' => 3600, 'by' => 'network'],
        'waiting-address' => ['most' => 5, 'seconds' => 3600, 'by' => 'email'],
        // Who knocks looks at a few times and asks for some; nobody's desk is buried. How many may be open, each host says.
        'knocks' => ['most' => (int) env('RECESS_KNOCKS_PER_HOUR', 30), 'seconds' => 3600, 'by' => 'network'],
        'knock-address' => ['most' => 6, 'seconds' => 86_400, 'by' => 'email'],
        // To fetch somebody's feed is dear.
        'calendar-looks' => ['most' => 30, 'seconds' => 3600, 'by' => 'network'],
        // Names and addresses are mended now and then, not all day.
        'holder' => ['most' => 60, 'seconds' => 3600, 'by' => 'network'],
        // A worksheet is drawn anew a moment after each key; nobody types faster than this.
        // A family's plan is found anew with each tick; a whole school may be behind one address.
        'plans' => ['most' => (int) env('RECESS_PLANS_PER_MINUTE', 1200), 'seconds' => 60, 'by' => 'network'],
        'worksheet' => ['most' => (int) env('RECESS_DRAWINGS_PER_MINUTE', 240), 'seconds' => 60, 'by' => 'person'],
        // Letters that open accounts are few to one address; a whole staff room sits behind one network. Of keys, wrong ones
        // are counted, and nothing else (Accounts/WrongKeys).
        'account-letters' => ['most' => 10, 'seconds' => 3600, 'by' => 'email'],
        'account-letters-from' => ['most' => 300, 'seconds' => 3600, 'by' => 'network'],
        'passkeys' => ['most' => 600, 'seconds' => 3600, 'by' => 'network'],
        'elsewhere' => ['most' => 600, 'seconds' => 3600, 'by' => 'network'],
        'password' => ['most' => 10, 'seconds' => 3600, 'by' => 'person'],
        'invitations' => ['most' => 300, 'seconds' => 3600, 'by' => 'person'],
        // An address is not flooded with its own passes, whoever asks.
        'everything' => ['most' => 5, 'seconds' => 3600, 'by' => 'pass'],
        'pass-again' => ['most' => 5, 'seconds' => 3600, 'by' => 'email'],
    ],
    // Of one network on one sheet: so many bookings stand for addresses that never answered, where the school asks no answer;
    // and so many more wait for one at once (Booking/Unanswered).
    'unanswered' => ['stand' => (int) env('RECESS_UNANSWERED', 3), 'wait' => (int) env('RECESS_UNANSWERED_WAIT', 4)],
    // Days after which a sheet that was put away goes for good, with its bookings.
    'keep_days' => (int) env('RECESS_KEEP_DAYS', 730),
    // Hosts of calendar feeds that may lie in the school's own network, with commas between: "calendar.school.example".
    'feed_hosts' => array_filter(explode(',', (string) env('RECESS_FEED_HOSTS', ''))),
    // Where a room of its own opens for each meeting, with {room} in it; without one, the stand-in's rooms are used.
    'video_address' => env('RECESS_VIDEO_ADDRESS'),
    // A gateway for text messages: an address, a body and headers ("Name: value", | between) with {to} and {text} in them.
    'texts' => [
        'address' => env('RECESS_TEXT_ADDRESS'),
        'body' => env('RECESS_TEXT_BODY'),
        'headers' => env('RECESS_TEXT_HEADERS'),
    ],
    // On which the web server takes word that something changed (app/Live); without one, pages look now and then.
    'live_socket' => env('RECESS_LIVE_SOCKET'),
    // What this server is called among several that serve the same schools; without one, as its machine is.
    'server' => env('RECESS_SERVER'),
    // When a new day begins at desks, as a time of the school's clock: an evening may pass midnight.
    'day_begins' => env('RECESS_DAY_BEGINS', '04:00'),
    // The mailbox that is read for answers of calendar programs: its address, with {key} in it where the mail server takes
    // "answers+anything@school.example" for it, and how it is read (imap://host, imaps://host:993).
    'answers' => [
        'address' => env('RECESS_ANSWERS_ADDRESS'),
        'mailbox' => env('RECESS_ANSWERS_MAILBOX'),
        'user' => env('RECESS_ANSWERS_USER'),
        'password' => env('RECESS_ANSWERS_PASSWORD'),
    ],
    // Seconds without another booking after which a family gets one letter for all that it booked; 0: a letter for each.
    'sitting_quiet' => (int) env('RECESS_SITTING_QUIET', 120),
    // How long a picked time is kept while its visitor types, in seconds.
    'keep_seconds' => 300,
];
