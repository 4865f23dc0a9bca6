<?php

declare(strict_types=1);

return [
    'title' => 'Che cosa si conserva di chi prenota',
    'goes' =>
        '{meetings, plural, one {Ciò che è stato detto per uno dei Suoi colloqui} other {Ciò che è stato detto per # dei Suoi colloqui}} sparisce dal {date}, con nomi e numeri, come conserva la Sua scuola. Prima tiri fuori ciò che Le serve ancora.',
    'page_title' => 'Tutto ciò che è conservato su di Lei',
    'page_intro' =>
        '{school} conserva questo su di Lei, e nient’altro. Sparisce da solo {days, plural, one {# giorno} other {# giorni}} dopo il Suo ultimo colloquio.',
    'page_lists' => 'Dagli elenchi della scuola:',
    'page_no_meetings' => 'Nessun colloquio.',
    'page_file' => 'Portarlo via come file',
    'page_forget' => 'Farlo cancellare',
    'page_forget_says' =>
        'Si cancellano il Suo nome, indirizzo e numero, e tutto ciò che ha detto, con la Sua pagina privata. {ahead, plural, =0 {} one {Il colloquio che ha prenotato è disdetto, e la scuola è avvisata.} other {I # colloqui che ha prenotato sono disdetti, e la scuola è avvisata.}} Non si può tornare indietro.',
    'page_forget_lists' => 'Ciò che è negli elenchi della scuola vi resta; la segreteria può dirle di più.',
    'page_sure' => 'Sì, cancellare tutto',
    'page_back' => 'Ai Suoi colloqui',
    'forgotten_title' => 'È cancellato',
    'forgotten' =>
        'Ciò che era conservato su di Lei non c’è più, e l’indirizzo della Sua pagina privata non apre più nulla.',
    'board' => 'Alla pagina iniziale',
    'forgotten_known' =>
        'Tutto ciò che ha detto è cancellato. È ancora negli elenchi della scuola, perciò la Sua pagina privata continua ad aprirsi.',
    'page_state' =>
        '{state, select, kept {tenuto per poco} asked {richiesto} booked {prenotato} declined {rifiutato} cancelled {disdetto} other {}}',
    'page_answer' => '{question}: {answer}',
    'page_yes' => 'sì',
    'page_no' => 'no',
];
