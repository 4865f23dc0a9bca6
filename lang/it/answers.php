<?php

declare(strict_types=1);

return [
    'title' => 'Posta lasciata da parte',
    'left_too_large' => 'È più grande di quanto possa essere la risposta di un calendario.',
    'left_automatic' => 'L’ha mandata una macchina da sola, come un avviso di assenza.',
    'left_no_calendar' => 'È un messaggio comune: forse qualcuno vorrà leggerlo.',
    'left_not_readable' => 'La parte di calendario non si può leggere.',
    'left_other_method' => 'È un invito o altro, non una risposta.',
    'left_unknown_entry' => 'Risponde a una voce che non è nostra, o che non c’è più.',
    'left_stranger' => 'Viene da un indirizzo a cui quella voce non è mai stata inviata.',
    'left_other_address' => 'È stata inviata a un indirizzo diverso da quello della voce.',
    'left_older' => 'Risponde a una voce cambiata da allora, o un’altra risposta è arrivata dopo.',
    'left_off' => 'Ciò a cui risponde non si tiene, o ha già avuto risposta.',
    'left_begun' => 'È arrivata dopo l’inizio del colloquio.',
    'left_nothing' => 'Ciò che dice resta senza effetto: chi riceve annulla dalla propria pagina.',
    'left_refused' => 'Ciò che chiede non si può più avere.',
    'declined_heading' => 'Non viene? {title}, {when}',
    'declined_news' => 'Il Suo calendario dice che non viene a questo colloquio con {host}. L’orario è ancora Suo.',
    'declined_link' => 'I Suoi colloqui: lo disdica, o lasci tutto com’è',
];
