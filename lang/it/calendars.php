<?php

declare(strict_types=1);

return [
    'feed_name' => 'Colloqui',
    'not_http' => 'L’indirizzo di un calendario inizia con https://, http:// o webcal://.',
    'not_allowed' =>
        'Questo indirizzo porta nella rete della scuola, da cui non si prendono calendari. L’amministratore può ' .
        'permetterlo.',
    'not_plain' =>
        'Il nome del server ha lettere che gli indirizzi non hanno. Lo copi di nuovo dal Suo programma di ' .
        'calendario.',
    'unknown_host' => 'Nessun server con quel nome è noto. Guardi di nuovo l’indirizzo.',
    'no_end' => 'L’indirizzo porta da uno all’altro senza fine. Lo copi di nuovo dal Suo programma di calendario.',
    'too_large' => 'Il calendario supera {megabytes} MB.',
    'not_let' => 'Il server non ce lo lascia leggere. Copi l’indirizzo privato dal Suo programma di calendario.',
    'gone' => 'A questo indirizzo non c’è più un calendario.',
    'error' => 'Il server ha risposto con un errore ({status}). Riproviamo più tardi.',
    'no_answer' => 'Il server non ha risposto in tempo. Riproviamo più tardi.',
    'address_or_file' => 'Dia l’indirizzo di un calendario, o scelga un file.',
    'file_most' => 'Un file di calendario ha al massimo {megabytes} MB.',
    'skipped' => 'Riga {line, number, integer}, {what}: {why}',
    'summary' => '{title}: {with}',
    'summary_about' => '{title}: {with}, per {student}',
];
