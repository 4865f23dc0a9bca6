<?php

declare(strict_types=1);

// A tutor without a school, in ICU MessageFormat.
return [
    'title' => 'Begin alone',
    'first_title' => 'Lessons',
    'asked' => 'A letter is on its way. Open the address in it within a day, and you begin.',
    'heading' => 'Begin with your own page',
    'news' =>
        'Somebody, we hope you, wants to publish times at this address. The page behind it asks for your hours, and then you have a door of your own. If it was not you, do nothing: nothing is kept.',
    'link' => 'Begin',
    'known_heading' => 'You have an account already',
    'known_news' =>
        'Somebody, we hope you, wanted to begin with this address. It has an account already: sign in, or ask for a new password there.',
    'known_link' => 'Sign in',
];
