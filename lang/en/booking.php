<?php

declare(strict_types=1);

// What is said of bookings, beside the reasons that the rules give (rules.php).
return [
    'not_as_filled_in' => 'This booking cannot be made as it is filled in. If there is a pass for the same student or e-mail address already, book from that pass; or ring the office. What you typed is kept.',
];
