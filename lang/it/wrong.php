<?php

declare(strict_types=1);

return [
    'early' => 'Colloqui alle {time} sono nelle prime ore del mattino.',
    'make_it' => 'Farne le {time}',
    'endless' => 'Si ripete senza fine.',
    'end_it' => 'Finirlo il {date}',
    'closed' => 'La scuola è chiusa il {dates}, quindi non c’è alcun colloquio.',
    'take_out' => '{days, plural, one {Toglierlo} other {Toglierli}}',
    'across' =>
        'Questo si incrocia con il Suo foglio «{sheet}» il {date}, dalle {from} alle {until}. Ciò che si prenota per primo prende l’orario su entrambi.',
    'too_soon' => 'Non resta alcun orario prenotabile: sono tutti prima di quanto permettano le regole.',
    'nothing_left' => 'Così com’è non si può prenotare alcun orario.',
    'until_an_hour' => 'Lasciar prenotare fino a un’ora prima',
    'room_used' => '{room} è usata da qualcun altro il {date} alle {from}.',
    'room_promised' => '{room} sta anche sul foglio «{sheet}» di {host}: il {date}, dalle {from} alle {until}.',
    'use_link' => 'Usare {link}',
    'link_password' => 'Questo link porta un nome utente o una password che chiunque lo riceva potrebbe leggere.',
    'link_session' =>
        'Questo link porta il Suo stesso accesso («{name}»). Muore con esso, o lascia agire altri come Lei.',
    'link_host' => 'Questo link porta la chiave di chi ospita («{name}»): chi l’ha, ospita.',
    'link_expires' => 'Questo link smette di funzionare dopo un certo tempo («{name}»).',
    'link_entrance' => 'Sembra l’ingresso di chi ospita. Copi il link pensato per chi invita.',
    'link_shared' => 'Questo link sta anche sul foglio «{sheet}»: chi l’ha da lì può entrare in questi colloqui.',
    'no_picture' => 'Non è un’immagine che si possa usare. Scelga un file PNG, JPEG o WebP.',
    'picture_unread' => 'Questa immagine non si può leggere. La salvi di nuovo, in PNG o JPEG, e riprovi.',
];
