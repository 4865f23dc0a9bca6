<?php

declare(strict_types=1);

// A phone number that cannot be read, in ICU MessageFormat.
return [
    'none' => 'This does not look like a phone number. A number of another country begins with + and its code.',
    'which_country' =>
        'We cannot tell which country this number is of. Please write it with + and the country’s code, such as +44 20 7946 0018.',
];
