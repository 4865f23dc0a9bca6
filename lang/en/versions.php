<?php

declare(strict_types=1);

// What people write on sheets and rounds, in further languages. ICU MessageFormat.
return [
    'title' => '{title} in further languages',
    'heading' => 'In further languages',
    'about' =>
        'Whoever reads one of these languages reads what you write here; everybody else reads it as it was ' .
        'written first. What every sheet asks (name, telephone) is there in all of them already.',
    'written_in' => 'Written in',
    'not_said' => 'not said',
    'into' => 'Into which language',
    'in' => 'In {language}',
    'save' => 'Keep {language}',
    'kept' => 'Kept.',
    'leave' => 'Leave it',
    'save_first' => 'Keep it before you turn to another language.',
    'as_before' => 'As before: {text}',
    'left' => 'Of what does not stand there any more; it goes when you keep this',
    'meanwhile' =>
        'Somebody else has changed this meanwhile. What you typed is still here; look at the page anew in ' .
        'another tab.',
    'changed' => 'The sheet has changed since this page was opened. Open it anew; nothing was kept.',
    'one_line' => '“{text}” has to stay on one line.',
    'long' => '“{text}”: that is too long for it.',
    'link' => 'In further languages',
];
