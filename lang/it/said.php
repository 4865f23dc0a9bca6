<?php

declare(strict_types=1);

return [
    'slot' => '{date}, {from} – {until} ({zone})',
    'zone' => 'ora di {city}',
    'fact' => '{name}: {value}',
    'answer' => '{name} {value}',
    'then' => '{before}, {next}',
    'and' => '{others} e {last}',
    'or' => '{others} o {last}',
    'days' => '{count, plural, one {# giorno} other {# giorni}}',
    'hours' => '{count, plural, one {# ora} other {# ore}}',
    'minutes' => '{count, plural, one {# minuto} other {# minuti}}',
    'fact_what' => 'Che cosa',
    'fact_when' => 'Quando',
    'fact_where' => 'Dove',
    'fact_video' => 'Link video',
    'fact_way' => 'Come arrivare',
    'fact_with' => 'Con',
    'fact_also' => 'Partecipano anche',
    'fact_about' => 'Riguarda',
    'fact_phone' => 'Telefono',
    'fact_email' => 'E-mail',
    'signed_out' =>
        'Il Suo accesso non è più aperto: qui non è stato premuto nulla per mezz’ora, o è uscito altrove. Ciò che è qui è com’era alle {at}. <link>Acceda in un’altra scheda</link>; questa pagina allora prosegue.',
    'not_heard' =>
        'Dalla scuola non arrivano notizie dalle {at}. Ciò che si legge è di allora; questa pagina continua a provare e si aggiornerà da sola.',
    'pattern_date' => 'EEEE d MMMM y',
    'pattern_plain' => 'd MMMM y',
    'pattern_short' => 'EEE d MMM',
    'pattern_day' => 'EEEE d MMMM',
    'pattern_month' => 'LLLL y',
    'am' => '{time} am',
    'pm' => '{time} pm',
    'moment' => '{date}, {time}',
    'between' => '{from} – {until}',
    'shortly' => '{date}, {from} – {until}',
];
