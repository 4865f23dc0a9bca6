<?php

declare(strict_types=1);

return [
    'none_here' => 'Hier kann zurzeit nichts gebucht werden. <link>Sehen Sie, wen Sie sonst treffen können</link>.',
    'ask_for_time' => '{host} um eine Zeit bitten',
    'heading' => 'Sprechen Sie mit uns',
    'card' => 'Code von Ihrer Karte eingeben',
    'again' => 'Wo sind meine Termine?',
    'none_now' => 'Zurzeit kann nichts gebucht werden.',
    'intro' => 'Wählen Sie, wen Sie treffen möchten, und dann eine Zeit. Ein Konto ist nicht nötig.',
    'under_way' => 'Läuft gerade',
    'seek' => 'Name, Fach oder Raum',
    'about' => 'Oder wer frei ist für',
    'show_times' => 'Freie Zeiten zeigen',
    'found' => '{many, plural, one {# Person gefunden} other {# Personen gefunden}}',
    'some_shown' => '{shown, number, integer} von {many, number, integer} werden gezeigt.',
    'show_more' => 'Mehr zeigen',
    'or_type' => 'Oder geben Sie oben einen Namen ein.',
    'nobody' => 'Niemand mit diesem Namen hat offene Zeiten. Versuchen Sie ein Fach oder weniger vom Wort.',
    'again_sent' =>
        'Wenn für diese Adresse etwas gebucht ist, ist eine Nachricht mit Ihren Terminen dorthin unterwegs.',
    'again_email' => 'Die E-Mail-Adresse, mit der Sie gebucht haben',
    'again_send' => 'Noch einmal schicken',
    'staff' => 'Für das Kollegium: anmelden',
    'find_heading' => 'Wer ist wann frei',
    'find_about' => 'Worum es geht',
    'find_from' => 'Von',
    'find_to' => 'Bis',
    'find_names' => 'Nur diese Namen oder Fächer',
    'find_booked' =>
        '{at} bei {host} gehört Ihnen. Wählen Sie die nächste Zeit, oder sehen Sie <link>alles, was Sie gebucht ' .
        'haben</link>.',
    'find_no_clash' => 'Zeiten, die sich mit Ihren Terminen überschneiden, werden nicht gezeigt.',
    'find_small_times' => 'Die kleinen Zeiten sind in Ihrer eigenen Zeitzone, {city}.',
    'find_time' => '{host}, {from} bis {until}',
    'find_all_of' => '{count, plural, one {Die einzige Zeit von {host}} other {Alle # Zeiten von {host}}}',
    'find_all' => 'alle {count, number, integer}',
    'find_nobody' => 'Niemand bietet das an diesen Tagen an. Sehen Sie andere Tage an, oder <link>alle</link>.',
    'find_these' =>
        'Lehrkräfte {first, number, integer} bis {last, number, integer} von {all, number, integer}, nach Namen.',
    'find_before' => 'Die davor',
    'find_after' => 'Die danach',
    'round' =>
        '{said, select, wishes {<bold>{title}</bold>, {when}: {wishes}} free {<bold>{title}</bold>, {when}: ' .
        '{hosts, plural, one {# Lehrkraft} other {# Lehrkräfte}}, mit freien Zeiten} other {<bold>{title}</bold>, ' .
        '{when}: {hosts, plural, one {# Lehrkraft} other {# Lehrkräfte}}}}',
    'round_wishes' => 'Ihre Wünsche',
    'round_plan' => 'Alle Termine planen',
    'round_beside' => 'Nebeneinander ansehen',
    'find_none_that_day' => '{subject}: an diesem Tag nichts frei',
    'find_ruler' => '{host}, {subject}',
    'next_elsewhere' => '{next} ({there} in Ihrer Zeitzone)',
    'ask_all_the_same' => 'Sie können trotzdem um eine Zeit bitten:',
    'ask_none_suits' => 'Keine Zeit, die passt?',
];
