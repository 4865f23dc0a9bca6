<?php

declare(strict_types=1);

return [
    'slot' => '{date}, {from} bis {until} ({zone})',
    'zone' => 'Ortszeit {city}',
    'fact' => '{name}: {value}',
    'answer' => '{name} {value}',
    'then' => '{before}, {next}',
    'and' => '{others} und {last}',
    'or' => '{others} oder {last}',
    'days' => '{count, plural, one {# Tag} other {# Tage}}',
    'hours' => '{count, plural, one {# Stunde} other {# Stunden}}',
    'minutes' => '{count, plural, one {# Minute} other {# Minuten}}',
    'fact_what' => 'Was',
    'fact_when' => 'Wann',
    'fact_where' => 'Wo',
    'fact_video' => 'Video-Link',
    'fact_way' => 'So finden Sie hin',
    'fact_with' => 'Mit',
    'fact_also' => 'Auch dabei',
    'fact_about' => 'Es geht um',
    'fact_phone' => 'Telefon',
    'fact_email' => 'E-Mail',
    'signed_out' =>
        'Sie sind nicht mehr angemeldet: Eine halbe Stunde wurde hier nichts gedrückt, oder Sie haben sich anderswo abgemeldet. Was hier steht, ist von {at}. <link>Melden Sie sich in einem anderen Tab an</link>; dann geht es hier weiter.',
    'not_heard' =>
        'Seit {at} kam keine Nachricht von der Schule. Was hier steht, ist der Stand von da; die Seite versucht es weiter und holt von selbst auf.',
    'pattern_date' => 'EEEE, d. MMMM y',
    'pattern_plain' => 'd. MMMM y',
    'pattern_short' => 'EE, d. MMM',
    'pattern_day' => 'EEEE, d. MMMM',
    'pattern_month' => 'LLLL y',
    'am' => '{time} am',
    'pm' => '{time} pm',
    'moment' => '{date}, {time}',
    'between' => '{from} bis {until}',
    'shortly' => '{date}, {from} bis {until}',
];
