<?php

declare(strict_types=1);

// The day: what hosts and visitors read about the line, in ICU MessageFormat.
return [
    'pressed_elsewhere' => 'Something was pressed at this desk a moment before. Nothing of yours was done; this is how it is now.',
    'not_there' => 'They are not on this day any more: the time was given back or moved. Nothing was changed.',
    'over_already' => 'That meeting is over already. Nothing was changed.',
    'in_already' => 'They were called in already. Nothing was changed.',
    'not_in' => 'Nobody has called this meeting in yet. Nothing was changed.',
    'nobody_waits' => 'Nobody waits just now, so the word went to nobody.',
    'undo_late' => 'That can no longer be taken back: it is too long ago, or something else was pressed since.',
    'swap_unlike' => 'Only two meetings of the same sheet and the same length can change their times.',
    'swap_clash' => 'One of them is in another meeting at that time, or their place is not there then. Both have their times as they were.',
    'here_early' => 'That is too early: from {time} on {date} you can say that you are here. Nothing is lost; come back then.',
    'here_off' => 'This meeting is off: the time was given back or cancelled.',
    'here_over' => 'This meeting is over.',
    'no_word' => 'There is nothing to answer any more.',
];
