<?php

declare(strict_types=1);

// What is said beside a field that cannot be taken as it was typed, as the rules of fields say it.
return [
    'phone' => 'This does not look like a phone number. A number of another country begins with + and its code.',
    'phone_of_which_country' =>
        'We cannot tell which country this number is of. Please write it with + and the country’s code, such as +44 20 7946 0018.',
    'mail' => 'This does not look like an e-mail address.',
    'name' => 'Please write a name, without addresses or signs that no name has.',
    'name_long' => 'Please write a shorter name: up to 120 letters.',
];
