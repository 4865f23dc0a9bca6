<?php

declare(strict_types=1);

return [
    'title' => 'Alunni',
    'not_known' => 'Una classe o un alunno scelto qui non è più nell’elenco della scuola. Scelga di nuovo.',
    'number_taken' => 'Qualcun altro ha questo numero.',
    'first_line' =>
        'La prima riga è letta come intestazione: «{line}». Se è già un alunno, scriva sopra una riga di intestazioni e scelga di nuovo il file. Non si riporta nulla finché non preme.',
    'part_twice' => 'Due colonne non possono essere la stessa cosa. Scelga altro per una di loro.',
    'changed_meanwhile' =>
        'Qualcosa è cambiato da quando ha guardato questo file. Non è stato riportato nulla; lo riguardi.',
    'nothing_new' =>
        '{wrong, plural, =0 {È già tutto nell’elenco. Non cambierebbe nulla.} other {Non cambierebbe nulla: ciò che si è potuto capire è già nell’elenco.}}',
    'would' =>
        '{new, plural, =0 {Nessun nuovo alunno} one {Un nuovo alunno} other {# nuovi alunni}}, {changed, plural, =0 {nessuno cambiato} one {uno cambiato} other {# cambiati}}, {gone, plural, =0 {nessuno uscito} one {uno uscito} other {# usciti}}; {guardians, plural, =0 {nessun nuovo referente} one {un nuovo referente} other {# nuovi referenti}}, {guardians_changed, plural, =0 {nessuno cambiato} one {uno cambiato} other {# cambiati}}; {classes, plural, =0 {nessuna nuova classe} one {una nuova classe} other {# nuove classi}}.{open, plural, =0 {} one { Una riga aspetta la Sua risposta.} other { # righe aspettano la Sua risposta.}}',
    'brought_in' =>
        'Riportato: {new, plural, =0 {nessun nuovo alunno} one {un nuovo alunno} other {# nuovi alunni}}, {changed, plural, =0 {nessuno cambiato} one {uno cambiato} other {# cambiati}}, {gone, plural, =0 {nessuno messo via} one {uno messo via} other {# messi via}}; {guardians, plural, =0 {nessun nuovo referente} one {un nuovo referente} other {# nuovi referenti}}.',
    'no_name_column' => 'Dica quale colonna ha i nomi degli alunni.',
    'too_long' => 'Più di {most, number} righe. Le invii in più file.',
    'guessed' =>
        'Le lettere non sono né UTF-8 né UTF-16; sono state lette come le scrive Windows. Guardi i nomi con gli accenti.',
    'no_name' => 'Riga {line, number}: «{name}» non è un nome. È stata tralasciata.',
    'number_twice' => 'Riga {line, number}: {name} ha il numero {number}, che è di {other}. È stata tralasciata.',
    'ask_lines' =>
        'Le righe {other, number} e {line, number} sono entrambe {name}, senza un numero che le distingua: {same, select, yes {entrambe in {class}} other {{other_class, select, none {senza classe} other {{other_class}}} e {class, select, none {senza classe} other {{class}}}}}.',
    'ask_known' =>
        '{name} ({class, select, none {senza classe} other {{class}}}, {number, select, none {senza numero} other {numero {number}}}) forse è {name}, già qui ({known_class, select, none {senza classe} other {{known_class}}}, {known_number, select, none {senza numero} other {numero {known_number}}}).',
    'ask_which' =>
        '{name} ({class, select, none {senza classe} other {{class}}}, {number, select, none {senza numero} other {numero {number}}}): {count, plural, one {una persona} other {# persone}} con questo nome già qui, e nulla dice quale sia. La prenda per un altro alunno, o la tralasci e dia un numero a ciascuno.',
    'answer_first' => 'Alcuni di questi forse sono un alunno o due. Lo dica prima; non è stato riportato nulla.',
    'brought_in_at' =>
        'Riportato l’ultima volta il {at}: {new, plural, =0 {nessun nuovo alunno} one {un nuovo alunno} other {# nuovi alunni}}, {changed, plural, =0 {nessuno cambiato} one {uno cambiato} other {# cambiati}}, {gone, plural, =0 {nessuno messo via} one {uno messo via} other {# messi via}}. Si può annullare per un giorno.',
    'taken_back' =>
        'Quel file è annullato: chi era nuovo è messo via, e tutti gli altri sono come prima.{stay, plural, =0 {} one { Un alunno è stato cambiato a mano da allora, e resta così.} other { # alunni sono stati cambiati a mano da allora, e restano così.}}',
    'nothing_to_take_back' =>
        'Non si può più annullare nulla: è passato un giorno, o qualcuno l’ha già fatto. Non è stato cambiato nulla.',
    'no_address' => 'Riga {line, number}: «{email}» non è un indirizzo e-mail. {name} è stato preso senza.',
    'no_phone' => 'Riga {line, number}: «{phone}» non è un numero di telefono. {name} è stato preso senza.',
    'guardian_without_name' => 'Riga {line, number}: {email} è senza nome, ed è stato tralasciato.',
    'no_id' => 'Riga {line, number} di users.csv: {name} non ha sourcedId. È stata tralasciata.',
    'class_unknown' =>
        '{count, plural, one {Un’iscrizione è} other {# iscrizioni sono}} di una classe che classes.csv non ha.',
    'no_bundle' => 'Non è né una tabella né un pacchetto con un manifest.csv.',
    'bundle_large' => 'Aperto, questo pacchetto è più grande di quello di qualsiasi scuola. Non è stato letto nulla.',
    'table_missing' => '{table} manca nel pacchetto, o il suo manifesto dice che manca. Non è stato riportato nulla.',
    'part_student_number' => 'Numero dell’alunno',
    'part_student_name' => 'Nome dell’alunno, intero',
    'part_student_given' => 'Nome dell’alunno',
    'part_student_family' => 'Cognome dell’alunno',
    'part_class' => 'Classe',
    'part_teacher_email' => 'E-mail del docente',
    'part_guardian1_name' => 'Nome del referente',
    'part_guardian1_email' => 'E-mail del referente',
    'part_guardian1_phone' => 'Telefono del referente',
    'part_guardian1_language' => 'Lingua del referente',
    'part_guardian1_may_book' => 'Se può prenotare (yes, no)',
    'part_guardian2_name' => 'Nome del secondo referente',
    'part_guardian2_email' => 'E-mail del secondo referente',
    'part_guardian2_phone' => 'Telefono del secondo referente',
    'part_guardian2_language' => 'Lingua del secondo referente',
    'part_guardian2_may_book' => 'Se il secondo può prenotare (yes, no)',
];
