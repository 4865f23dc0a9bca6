<?php

declare(strict_types=1);

return [
    '403_title' => 'Questo è di qualcun altro',
    '403_text' =>
        'Ha effettuato l’accesso, ma questa pagina è di un altro membro del personale. Nulla è stato mostrato o ' .
        'cambiato.',
    '404_title' => 'Qui non c’è nulla',
    '404_text' =>
        'Questo indirizzo non porta da nessuna parte (o non più). Se era in un messaggio, controlli che sia stato ' .
        'copiato per intero. Un orario prenotato resta prenotato.',
    '419_title' => 'Questa pagina è rimasta aperta troppo a lungo',
    '419_text' =>
        'Nel frattempo la sessione è scaduta. Acceda di nuovo e ripeta l’ultimo passo; nulla di ciò che precede è ' .
        'perso.',
    '429_title' => 'Era molto in una volta',
    '429_text' => 'Aspetti un minuto e riprovi. Ciò che è prenotato resta prenotato.',
    '500_title' => 'Qui qualcosa è andato storto',
    '500_text' => 'È colpa nostra, non Sua, ed è stato annotato. Nulla è stato salvato a metà. Riprovi fra un minuto.',
    '503_title' => 'Torniamo fra un momento',
    '503_text' =>
        'La scuola sta aggiornando questo servizio. Riprovi fra un minuto; ciò che è prenotato resta prenotato.',
];
