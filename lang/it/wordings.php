<?php

declare(strict_types=1);

// The school's own words, in place of ours: a page of the office. ICU MessageFormat.
return [
    'title' => 'Le nostre parole',
    'about' =>
        'Ogni frase di Recess può essere detta con le parole della vostra scuola: sulle pagine, nelle ' .
        'lettere, sulla carta. Trovatela, scrivetene un’altra, e da allora è quella che si legge.',
    'language' => 'In',
    'find' => 'Parole della frase',
    'find_press' => 'Cerca',
    'own_only' => 'Solo le nostre ({count, number, integer})',
    'type_first' => 'Scriva alcune parole come stanno sulla pagina o nella lettera.',
    'none' => 'Nessuna frase ha queste parole.',
    'none_own' => 'Niente è ancora detto diversamente.',
    'more' => '{count, plural, one {E ancora una} many {E ancora #} other {E ancora #}}. Scriva più parole.',
    'found' => '{count, plural, =0 {Niente trovato} one {# frase} many {# frasi} other {# frasi}}',
    'own' => 'Vostra',
    'ours_is' => 'La nostra',
    'ours_changed' => 'La nostra è cambiata da quando è stata scritta questa.',
    'english_is' => 'In inglese',
    'where' => 'Si trova in',
    'change' => 'Modifica',
    'change_of' => 'Modifica «{text}»',
    'another' => 'La vostra formulazione',
    'another_about' =>
        'Ciò che sta tra parentesi graffe viene riempito quando si dice: lasci la prima parola com’è. ' .
        'Di un numero ogni modo di dirlo ha le sue parentesi.',
    'save' => 'Si dica così',
    'leave' => 'Lascia stare',
    'back' => 'Torna alla nostra',
    'kept' => 'Da ora si dice così.',
    'not_there' => 'Questa frase non c’è più. La cerchi di nuovo.',
    'meanwhile' =>
        'Nel frattempo qualcun altro l’ha riformulata: «{text}». La sua non è stata tenuta; la cerchi di nuovo.',
    'fault_empty' => 'Scriva qualcosa, oppure prema «Torna alla nostra».',
    'fault_letters' => 'Le lettere non si possono leggere. Devono essere UTF-8.',
    'fault_long' => 'È troppo lunga: al massimo {most, plural, one {# lettera} many {# lettere} other {# lettere}}.',
    'fault_unseen' => 'Contiene un segno che non si vede. La scriva invece di incollarla.',
    'fault_brackets' => 'Manca una parentesi graffa, o ce n’è una di troppo.',
    'fault_lines' => 'Deve stare su una riga sola.',
    'fault_tags' => 'Segni come {signs} possono stare solo dove stanno nella nostra.',
    'fault_lacking' => 'Manca questo: {names}. Viene riempito quando si dice.',
    'fault_strange' => 'Questo non lo riempie nessuno: {names}.',
    'fault_plural' => 'Manca un modo di dire il numero: {way} (per esempio {numbers}).',
    'in_times' => 'la pagina in cui si prenota un orario',
    'in_find' => 'le pagine in cui le famiglie trovano qualcuno',
    'in_pass' => 'il pass di una famiglia',
    'in_round' => 'la pagina dei colloqui per le famiglie',
    'in_asking' => 'la richiesta di un altro orario',
    'in_entrance' => 'il tablet all’ingresso',
    'in_desk' => 'il banco',
    'in_sheets' => 'i fogli di un docente',
    'in_rounds' => 'la preparazione dei colloqui',
    'in_office' => 'le pagine della segreteria',
    'in_account' => 'l’accesso e le impostazioni',
    'in_letter' => 'una lettera',
    'in_paper' => 'una carta',
    'in_plain' => 'le pagine senza script',
    'in_error' => 'la pagina che dice che qualcosa è andato storto',
    'in_text' => 'un SMS',
    'in_answer' => 'una risposta, o una parte di un’altra frase',
    'file_title' => 'Tutto, per chi traduce',
    'file_about' =>
        'Un file PO, come lo leggono e lo scrivono i programmi dei traduttori. ' .
        'Ciò che torna viene prima guardato; si prende tutto, o niente.',
    'file_out' => 'Tutte le frasi in {language}',
    'file_in' => 'Un file PO con frasi',
    'file_choose' => 'Guarda un file',
    'file_take' => 'Prendi {count, plural, one {# frase} many {# frasi} other {# frasi}}',
    'file_more' => '{count, plural, one {e ancora una} many {e ancora #} other {e ancora #}}',
    'file_ours' => 'la nostra: {text}',
    'file_letters' =>
        'Le lettere di questo file non si possono leggere. Lo salvi come UTF-8 e lo scelga di nuovo. ' .
        'Non è stato preso niente.',
    'file_not_read' =>
        '{line, select, none {Questo non è un file PO.} other {Questo non è un file PO: la riga {line} ' .
        'non si può leggere.}} Non è stato preso niente.',
    'file_language' =>
        'Il file non dice di che lingua è, o è una che Recess non parla («{language}»). ' .
        'L’intestazione ha bisogno di una riga come «Language: it». Non è stato preso niente.',
    'file_fault' => 'Riga {line, number, integer}, {key}: {why}',
    'file_faults_more' => '{more, plural, one {E ancora una.} many {E ancora #.} other {E ancora #.}}',
    'file_strange' =>
        '{count, plural, one {Una non è più una frase di Recess e resta fuori} ' .
        'many {# non sono più frasi di Recess e restano fuori} ' .
        'other {# non sono più frasi di Recess e restano fuori}}: {keys}{more, plural, =0 {} ' .
        'one {, e ancora una} many {, e ancora #} other {, e ancora #}}.',
    'file_changed' =>
        'Di {count, plural, one {una frase} many {# frasi} other {# frasi}} ' .
        'l’inglese è cambiato da quando il file è uscito; ciò che si dice resta: {keys}{more, plural, =0 {} ' .
        'one {, e ancora una} many {, e ancora #} other {, e ancora #}}.',
    'file_unsure' =>
        '{count, plural, one {Una è segnata come incerta (fuzzy) e resta fuori} ' .
        'many {# sono segnate come incerte (fuzzy) e restano fuori} ' .
        'other {# sono segnate come incerte (fuzzy) e restano fuori}}: {keys}{more, plural, =0 {} ' .
        'one {, e ancora una} many {, e ancora #} other {, e ancora #}}.',
    'file_meanwhile' => 'Qualcosa è cambiato da quando ha guardato. Guardi di nuovo il file. Non è stato preso niente.',
    'file_taken' =>
        'Da ora {count, plural, one {una frase si dice} many {# frasi si dicono} other {# frasi si dicono}} ' .
        'diversamente ({language}).',
    'file_would' =>
        '{language}: {count, plural, =0 {niente si direbbe diversamente} ' .
        'one {una frase si direbbe diversamente} many {# frasi si direbbero diversamente} ' .
        'other {# frasi si direbbero diversamente}}. {faults, plural, =0 {} ' .
        'one {Una è sbagliata; la corregga prima nel file.} many {# sono sbagliate; le corregga prima nel ' .
        'file.} other {# sono sbagliate; le corregga prima nel file.}}',
    'back_all' => 'Torna a tutte le nostre ({language})',
    'back_all_sure' =>
        '{count, plural, one {Sparisce una vostra frase} many {Spariscono # vostre frasi} ' .
        'other {Spariscono # vostre frasi}}. Prima scarichi il file, se vuole tenerle.',
];
