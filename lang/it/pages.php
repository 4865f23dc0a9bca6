<?php

declare(strict_types=1);

return [
    'if_you_like' => '(se vuole)',
    'help_by_phone' => 'Serve aiuto? Chiami la segreteria della scuola: <link>{phone}</link>',
    'help' => 'Serve aiuto? Chiami la segreteria della scuola.',
    'recess' => 'Recess',
    'less' => 'Meno',
    'more' => 'Altro',
    'a_moment' => 'Un momento, si va avanti da soli. Nulla va perso, e nulla accade due volte.',
    'no_answer' =>
        'Nessuna risposta. Ciò che ha scritto è ancora qui. Controlli la connessione e prema di nuovo; nulla ' .
        'accade due volte.',
    'another_look' => 'Qualcosa va rivisto. Nulla è andato perso.',
    'signed_out' =>
        'Nel frattempo la sessione è scaduta. Acceda di nuovo in un’altra scheda, poi prema ancora qui; nulla va ' .
        'perso.',
    'file_too_large' => 'Quel file è troppo grande. Nulla è stato salvato; ciò che ha scritto è ancora qui.',
    'file_too_large_here' => 'Questo file è troppo grande.',
    'a_lot' => 'Era molto in una volta. Aspetti un minuto e prema di nuovo; nulla va perso.',
    'machine_away' =>
        'Il server della scuola non risponde da mezzo minuto. Ciò che ha scritto è ancora qui. Prema di nuovo fra ' .
        'un minuto; nulla accade due volte.',
    'went_wrong' => 'Qui qualcosa è andato storto. Nulla è stato salvato a metà. Riprovi fra un minuto.',
    'go_on' => 'Continuare',
    'leave_it' => 'Lasciare',
    'undo' => 'Annullare',
    'close_this' => 'Chiudere',
    'e_mail_address' => 'Indirizzo e-mail',
    'with' => 'con <link>{host}</link>',
    'with_also' => 'con <link>{host}</link> {also}',
    'clock_24' => 'Orologio di 24 ore',
    'clock_12' => 'Orologio di 12 ore',
    'with_titles' => 'con <link>{host}</link>, {titles}',
    'with_also_titles' => 'con <link>{host}</link> {also}, {titles}',
    'and' => '{others} e {last}',
    'minutes_short' => '{minutes, number, integer} min',
    'day_1' => 'lunedì',
    'day_2' => 'martedì',
    'day_3' => 'mercoledì',
    'day_4' => 'giovedì',
    'day_5' => 'venerdì',
    'day_6' => 'sabato',
    'day_7' => 'domenica',
    'one_moment' => 'Un momento…',
    'slot' => '{day}, {from} – {until}',
    'language' => 'Lingua',
];
