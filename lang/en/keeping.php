<?php

declare(strict_types=1);

// What is kept of people, in ICU MessageFormat.
return [
    'title' => 'What is kept of visitors',
    'goes' =>
        '{meetings, plural, one {What was told at one of your meetings} other {What was told at # of your meetings}} goes from {date} on, names and numbers with it, as your school keeps it. Take out what you still need before then.',
    'page_title' => 'All that is kept about you',
    'page_intro' =>
        '{school} keeps this about you, and nothing else. It goes by itself {days, plural, one {a day} other {# days}} after your last meeting.',
    'page_lists' => 'From the school’s own lists:',
    'page_no_meetings' => 'No meetings.',
    'page_file' => 'Take it along as a file',
    'page_forget' => 'Have it taken away',
    'page_forget_says' =>
        'Your name, address and number go, and all that you told, with your private page. {ahead, plural, =0 {} one {The time you booked is cancelled, and the school is told.} other {The # times you booked are cancelled, and the school is told.}} This cannot be taken back.',
    'page_forget_lists' => 'What is in the school’s own lists stays there; the office can tell you more.',
    'page_sure' => 'Yes, take all of it away',
    'page_back' => 'Back to your bookings',
    'forgotten_title' => 'It is taken away',
    'forgotten' => 'What was kept about you is gone, and the address of your private page opens nothing any more.',
    'board' => 'Back to the board',
    'forgotten_known' =>
        'All that you told is gone. You are still in the school’s own lists, so your private page goes on opening.',
    'page_state' =>
        '{state, select, kept {kept for a moment} asked {asked for} booked {booked} declined {declined} cancelled {cancelled} other {}}',
    'page_answer' => '{question}: {answer}',
    'page_yes' => 'yes',
    'page_no' => 'no',
];
