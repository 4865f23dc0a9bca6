<?php

declare(strict_types=1);

// What a letter about a meeting says first, in ICU MessageFormat: by what happened and who reads it. Of {who} pressed it is
// you (who reads), the visitor, a guest, the host, a colleague or the office; {name} is theirs.
return [
    // What it is called in a mailbox.
    'subject' =>
        '{what, select, booked {Booked} please_confirm {Please confirm} lapsed {Lapsed} asked {Asked} ' .
        'accepted {Accepted} maybe {Maybe} declined {Declined} moved {Moved} moved_away {Moved away} ' .
        'cancelled {Cancelled} link_added {Link added} link_changed {Link changed} place_changed {Place changed} ' .
        'answers_changed {Answers changed} reminder {Reminder} guest_brought {Guest brought} guest_left {Guest left} ' .
        'other {}}: {date} {time} with {with} – {title}',
    'booked' => [
        'host' =>
            '{who, select, you {You booked this for {visitor}.} office {The office booked a time with you for {visitor}.} visitor {{visitor} booked a time with you.} other {{name} booked a time with you for {visitor}.}}',
        'visitor' =>
            '{who, select, office {The school office booked this time for you.} host {{name} booked this time for you.} colleague {{name} booked this time for you.} other {This time is yours.}}',
        'guest' => '{visitor} added you to this meeting.',
    ],
    'please_confirm' => [
        'visitor' =>
            'This time is kept for you until {until}. Press the button and it is booked. If you did not ask for a time, do nothing: it is free again then.',
    ],
    'lapsed' => ['visitor' => 'This time was kept for you. It is free again.'],
    'moved_away' => ['host' => 'This meeting is with {host} now, at another time. Your time is free again.'],
    'asked' => [
        'host' => '{visitor} asks for a time with you. It is held until {until}.',
        'visitor' => 'You asked for this time. It is held for you until {host} answers, but no longer than {until}.',
        'guest' => '{visitor} asked for this time. It is held until {host} answers, but no longer than {until}.',
    ],
    'accepted' => [
        'host' =>
            '{who, select, you {You said yes to {visitor}.} visitor {{visitor} took the time that you named.} other {{name} said yes to {visitor}.}}',
        'visitor' => '{who, select, you {This time is yours.} other {{name} said yes. This time is yours.}}',
        'guest' =>
            '{who, select, visitor {{visitor} took this time.} other {{name} said yes.}} The meeting takes place.',
    ],
    'maybe' => [
        'host' =>
            '{who, select, you {You said “not sure yet” to {visitor}.} other {{name} said “not sure yet” to {visitor}.}}',
        'visitor' => '{name} is not sure yet. The time is held for you until {until}.',
        'guest' => '{name} is not sure yet. The time is held until {until}.',
    ],
    'declined' => [
        'host' => '{who, select, you {You said no to {visitor}.} other {{name} said no to {visitor}.}}',
        'visitor' => '{host} cannot meet you at this time. Other times may be free.',
        'guest' => '{host} cannot meet at this time. The meeting does not take place.',
    ],
    'moved' => [
        'host' =>
            '{who, select, you {You moved this meeting.} office {The office moved this meeting.} other {{name} moved this meeting.}} This is the new time.',
        'visitor' =>
            '{held, select, yes {The time you asked for is another one now. It is held for you until {host} answers, but no longer than {until}.} other {{who, select, you {You moved this meeting.} office {The school office moved this meeting.} host {{name} had to move this meeting.} colleague {{name} had to move this meeting.} other {{name} moved this meeting.}} This is the new time.}}',
        'guest' =>
            '{who, select, you {You moved this meeting.} office {The school office moved this meeting.} host {{name} had to move this meeting.} colleague {{name} had to move this meeting.} other {{name} moved this meeting.}} This is the new time.',
    ],
    'cancelled' => [
        'host' =>
            '{who, select, you {You cancelled this meeting.} office {The office cancelled this meeting.} other {{name} cancelled this meeting.}} The time is free again.',
        'visitor' =>
            '{who, select, you {You cancelled this meeting. The time is free for others now.} office {The school office cancelled this meeting.} host {{name} had to cancel this meeting. We are sorry.} colleague {{name} had to cancel this meeting. We are sorry.} other {{name} cancelled this meeting.}}',
        'guest' =>
            '{who, select, you {You cancelled this meeting. The time is free for others now.} office {The school office cancelled this meeting.} host {{name} had to cancel this meeting. We are sorry.} colleague {{name} had to cancel this meeting. We are sorry.} other {{name} cancelled this meeting.}}',
    ],
    'link_added' => [
        'host' => 'The video link is there.',
        'visitor' => 'The video link for this meeting is there.',
        'guest' => 'The video link for this meeting is there.',
    ],
    'link_changed' => [
        'host' => 'The video link of this meeting is a new one. The old one does not work any more.',
        'visitor' => 'The video link of this meeting is a new one. The old one does not work any more.',
        'guest' => 'The video link of this meeting is a new one. The old one does not work any more.',
    ],
    'place_changed' => [
        'host' => 'This meeting is in another place now.',
        'visitor' => 'This meeting is in another place now.',
        'guest' => 'This meeting is in another place now.',
    ],
    'answers_changed' => ['host' => '{name} changed what they told you.'],
    'reminder' => [
        'host' => 'This meeting is {when}.',
        'visitor' => 'This meeting is {when}.',
        'guest' => 'This meeting is {when}.',
    ],
    'guest_brought' => [
        'host' => '{name} added {guest} to this meeting.',
        'visitor' =>
            '{who, select, you {You added {guest} to this meeting.} other {{name} added {guest} to this meeting.}} They get a private page of their own.',
        'about' => '{name} added you to this meeting.',
        'guest' => '{name} added {guest} to this meeting.',
    ],
    'guest_left' => [
        'host' => '{guest} does not come to this meeting any more. The meeting itself stays.',
        'visitor' =>
            '{who, select, you {You removed {guest} from this meeting.} other {{guest} does not come to this meeting any more.}} The meeting itself stays.',
        'about' =>
            '{who, select, you {You do not come to this meeting any more.} other {{name} removed you from this meeting.}} The meeting itself stays.',
        'guest' => '{guest} does not come to this meeting any more. The meeting itself stays.',
    ],
    'sitting' => [
        'heading' => '{count} times booked: {school}',
        'news' => 'These {count, number} times are yours.',
        'press' =>
            '{may, select, change {Move or cancel {time}, {host}} cancel {Cancel {time}, {host}} other {Look at {time}, {host}}}',
        'another' => 'Book another time',
    ],
    // Where a letter leads, by what its reader may do there.
    'link' => [
        'answer' => 'Answer this wish',
        'everybody' => 'See everybody who has booked',
        'another' => 'Pick another time',
        'confirm' => 'Yes, this is my address: book it',
        'change' => 'Your bookings: look, move or cancel',
        'cancel' => 'Your bookings: look or cancel',
        'look' => 'Your bookings',
    ],
    // On pages, of a meeting that is off.
    'off' => [
        'declined' => '{host} cannot meet you at this time.',
        'cancelled' =>
            '{who, select, you {You cancelled this meeting. The time is free for others now.} office {The school office cancelled this meeting.} host {{name} had to cancel this meeting.} colleague {{name} had to cancel this meeting.} other {{name} cancelled this meeting.}}',
        'by' => '{who, select, office {by the office} other {by {name}}}',
    ],
    // Once a day, to a host who wants it so.
    'digest_heading' => 'Your meetings: {times, plural, one {# time has} other {# times have}} something new',
    'digest' => 'This is new since yesterday.',
    'digest_link' => 'See your sheets',
    'digest_line' =>
        '{state, select, booked {booked} asked {asked for, and waits for your answer} cancelled {cancelled} kept {not confirmed yet} declined {declined} other {}}: {who}{about, select, none {} other {, about {student}}}',
    // To whoever has lost the way to their bookings.
    'again_heading' => 'Your bookings',
    'again' => 'Here are your bookings.',
    'again_other' => 'And {number}',
    // Before what a letter tells.
    'was' => 'No longer',
    'that_day' => 'Also that day',
    'free_now' => 'Free just now',
];
