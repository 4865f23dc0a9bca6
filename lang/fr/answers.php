<?php

declare(strict_types=1);

return [
    'declined_heading' => 'Vous ne venez pas ? {title}, {when}',
    'declined_news' =>
        'Votre calendrier dit que vous ne venez pas à ce rendez-vous avec {host}. Le créneau est encore à vous.',
    'declined_link' => 'Vos rendez-vous : annulez celui-ci, ou laissez tout comme c’est',
];
