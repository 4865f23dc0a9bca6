<?php

declare(strict_types=1);

return [
    'here_early' => 'È troppo presto: dalle {time} del {date} potrà dire che è qui. Nulla va perso; torni allora.',
    'here_off' => 'Questo colloquio è disdetto.',
    'here_over' => 'Questo colloquio è finito.',
    'no_word' => 'Non c’è più nulla a cui rispondere.',
    'offer_answered' => 'A quell’offerta si è già risposto, o il suo tempo è scaduto. Nulla è stato cambiato.',
    'offer_gone' => 'Quell’orario non è più offerto. Gli altri Suoi colloqui sono come prima.',
    'offer_open' => '{time} è offerto, e tenuto fino a {until}.',
    'late_heading' =>
        '{minutes, plural, =0 {{host} è di nuovo in orario} one {{host} è in ritardo di circa # minuto} other ' .
        '{{host} è in ritardo di circa # minuti}}',
    'late_news' =>
        '{minutes, plural, =0 {{host} è di nuovo in orario. Il Suo colloquio inizia alle {time}, come previsto.} ' .
        'one {{host} oggi è in ritardo di circa # minuto. Il Suo colloquio inizia verso le {time}. Il Suo orario ' .
        'resta Suo.} other {{host} oggi è in ritardo di circa # minuti. Il Suo colloquio inizia verso le {time}. ' .
        'Il Suo orario resta Suo.}}',
    'late_link' => 'I Suoi colloqui: quanto ci vuole, com’è adesso',
    'late_text' =>
        '{minutes, plural, =0 {{school}: {host} è di nuovo in orario. Il Suo colloquio inizia alle {time}.} one ' .
        '{{school}: {host} è in ritardo di circa # minuto. Il Suo colloquio inizia verso le {time}.} other ' .
        '{{school}: {host} è in ritardo di circa # minuti. Il Suo colloquio inizia verso le {time}.}}',
    'offer_heading' => '{host} Le offre un altro orario',
    'offer_news' => '{host} Le offre {time}. È tenuto per Lei fino a {until}. Apra i Suoi colloqui per prenderlo.',
    'offer_instead' => 'Dopo questo colloquio',
    'offer_link' => 'Prendere questo orario, o dire di no',
    'offer_text' => '{host} Le offre {time}. Apra i Suoi colloqui per prenderlo: {link}',
    'kiosk_title' => 'Arrivo: {school}',
    'kiosk_too_often' =>
        'Sono stati molti tentativi su questo tablet. Chieda in segreteria, o riprovi fra dieci minuti.',
    'kiosk_no_code' =>
        'Oggi con questo codice non si trova nulla. Guardi se è completo, o si cerchi con nome e orario.',
    'kiosk_no_name' =>
        'Nessuno con quel nome ha un colloquio a quell’ora, o non è ancora vicino. Scriva il nome intero come è ' .
        'stato prenotato, il Suo o quello dello studente; o chieda in segreteria.',
    'kiosk_time' => 'Scriva l’orario del colloquio, per esempio {time}.',
    'after_link' => 'I Suoi colloqui',
    'plain_ahead' => 'Dalle {time} potrà dire qui che è presente.',
    'plain_here' => 'Sono qui',
    'plain_waits' =>
        '{host} sa che è qui. {wait, plural, =0 {} one {Tocca a Lei entro # minuto.} other {Tocca a Lei entro # ' .
        'minuti.}} Ricarichi questa pagina per sapere com’è adesso.',
    'plain_called' => 'Prego, entri adesso.',
    'plain_late' => '{host} è in ritardo di circa {minutes, plural, one {# minuto} other {# minuti}}.',
    'plain_word' => '{host}: «{word}»',
    'ahead_minutes' => 'fra {minutes, plural, one {# minuto} other {# minuti}}',
    'ahead_today' => 'oggi alle {time}',
    'ahead_tomorrow' => 'domani alle {time}',
    'ahead_date' => '{date}',
    'wait_now' => 'Tocca a Lei da un momento all’altro.',
    'wait_about' => 'Tocca a Lei fra circa {high, plural, one {# minuto} other {# minuti}}.',
    'wait_within' => 'Tocca a Lei entro {high, plural, one {# minuto} other {# minuti}}.',
    'wait_between' => 'Tocca a Lei fra {low, number, integer} e {high, plural, one {# minuto} other {# minuti}}.',
    'see_the_way' => 'Vedere la strada: {place}',
    'the_way' => 'La strada: {place}',
    'kiosk_head' => '{school}, {day}',
    'kiosk_no_camera' => 'La fotocamera di questo tablet non si può usare. Scriva il codice, o nome e orario.',
    'kiosk_yours' => 'I Suoi colloqui di oggi',
    'kiosk_with' => '<time>{at}</time> con {host}',
    'kiosk_known' => '{host} sa che è qui.',
    'kiosk_go_in' => 'Prego, entri adesso.',
    'kiosk_missed' => '{host} ha atteso, poi ha continuato con altri. Dica che è qui; se c’è un momento, si troverà.',
    'kiosk_here' => 'Sono qui',
    'kiosk_ahead' => 'Dalle {at} potrà dire qui che è presente.',
    'kiosk_over' => 'Questo colloquio è finito.',
    'kiosk_late' => '{host} è in ritardo di circa {minutes, plural, one {# minuto} other {# minuti}}.',
    'kiosk_done' => 'Fatto',
    'kiosk_forgets' => 'Questa pagina La dimentica fra un momento.',
    'kiosk_question' => 'È qui per un colloquio?',
    'kiosk_code' => 'Il codice dei Suoi colloqui o della Sua carta',
    'kiosk_find' => 'Cercarmi',
    'kiosk_camera_sees' => 'Ciò che vede la fotocamera',
    'kiosk_hold' => 'Tenga il codice QR dei Suoi colloqui o della carta davanti alla fotocamera.',
    'kiosk_no_picture' => 'Senza fotocamera',
    'kiosk_show' => 'Mostrare il quadrato alla fotocamera',
    'kiosk_name' => 'O il nome intero, il Suo o quello dello studente',
    'kiosk_and_time' => 'e l’orario del colloquio, quando è vicino',
    'kiosk_like' => 'per esempio {time}',
    'kiosk_who_is_where' => 'Chi è dove',
    'kiosk_host' => '{known, select, yes {<bold>{host}</bold>: {places}} other {<bold>{host}</bold>}}',
    'kiosk_about_late' => 'circa {minutes, plural, one {# minuto} other {# minuti}} di ritardo',
    'kiosk_nobody' => 'Oggi nessuno ha più colloqui.',
];
