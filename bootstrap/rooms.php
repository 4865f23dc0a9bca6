<?php

declare(strict_types=1);

// The rooms of the application in order: each may use those before it and none after it (tests/app/RoomsTest.php).
return [
    'Framework',
    'Live',
    'Texts',
    'Video',
    'Passkeys',
    'School',
    'Accounts',
    'SignIn',
    'Directory',
    'Calendars',
    'Timetables',
    'Booking',
    'Passes',
    'Waiting',
    'Line',
    'Knocks',
    'Answers',
    'Visiting',
    'Writing',
    'Publishing',
    'Sharing',
    'Plans',
    'Rounds',
    'Allotting',
    'Replanning',
    'Day',
    'Alone',
    'Keeping',
    'Telling',
    'RoundLetters',
    'AccountLetters',
    'FamilyLetters',
];
