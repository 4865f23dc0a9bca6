<?php

declare(strict_types=1);

return [
    'must' => '{names} {count, plural, one {deve} other {devono}} esserci.',
    'any' => 'Può ricevere al Suo posto: {names}.',
    'manage' => '{names} {count, plural, one {lo segue} other {lo seguono}}.',
    'told_must' =>
        '{owner} L’ha messa su «{title}» come chi deve esserci: ogni prenotazione prende anche il Suo tempo. Se non può, lo dica nella sua pagina.',
    'told_any' =>
        '{owner} L’ha messa su «{title}» come chi può ricevere al posto suo: si può prenotare con Lei. Se non può, lo dica nella sua pagina.',
    'asked_must' => 'A questi colloqui deve esserci.',
    'asked_any' => 'Questi colloqui possono essere con Lei.',
    'refused' =>
        '{name} non può esserci su «{title}» e non vi figura più.{meetings, plural, =0 {} one { Un colloquio futuro si tiene senza questa persona.} other { # colloqui futuri si tengono senza questa persona.}}',
    'sheet' => 'Il foglio',
    'owner_names' =>
        'Chi altri è su questo foglio lo dice {owner}, di cui è, o la segreteria. Tutto il resto lo può cambiare Lei.',
];
