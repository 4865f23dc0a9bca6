<?php

declare(strict_types=1);

return [
    'title' => 'Liegen gelassene Post',
    'left_too_large' => 'Sie ist größer, als die Antwort eines Kalenders sein kann.',
    'left_automatic' => 'Ein Programm hat sie von selbst geschickt, etwa eine Abwesenheitsnotiz.',
    'left_no_calendar' => 'Es ist eine gewöhnliche Nachricht: Vielleicht möchte sie jemand lesen.',
    'left_not_readable' => 'Ihr Kalenderteil ist nicht lesbar.',
    'left_other_method' => 'Es ist eine Einladung oder etwas anderes, keine Antwort.',
    'left_unknown_entry' => 'Sie antwortet auf einen Eintrag, der nicht von uns ist oder den es nicht mehr gibt.',
    'left_stranger' => 'Sie kommt von einer Adresse, an die dieser Eintrag nie ging.',
    'left_other_address' => 'Sie ging an eine andere Adresse, als der Eintrag nennt.',
    'left_older' => 'Sie antwortet auf einen Eintrag, der seitdem geändert wurde, oder eine andere Antwort kam später.',
    'left_off' => 'Worauf sie antwortet, findet nicht statt, oder ist schon beantwortet.',
    'left_begun' => 'Sie kam nach Beginn des Gesprächs.',
    'left_nothing' => 'Was sie sagt, bleibt ohne Folge: Abgesagt wird auf der eigenen Seite.',
    'left_refused' => 'Worum sie bittet, ist nicht mehr zu haben.',
    'declined_heading' => 'Kommen Sie nicht? {title}, {when}',
    'declined_news' =>
        'Ihr Kalender sagt, dass Sie nicht zu diesem Gespräch mit {host} kommen. Die Zeit gehört noch Ihnen.',
    'declined_link' => 'Ihre Termine: absagen, oder alles lassen, wie es ist',
];
