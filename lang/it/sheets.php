<?php

declare(strict_types=1);

return [
    'how_anyone' => 'Scelga un orario qui; non serve un account:',
    'how_families' => 'Scelga un orario con il link del messaggio che è Suo, o qui con il codice della Sua scheda:',
    'how_staff' => 'Scelga un orario qui; acceda come sempre:',
    'day_title' => 'Chi viene il {date}',
    'card_for' => 'per {students}',
    'card_how' => 'Fotografi il quadrato, o scriva il codice su {address}',
    'missing_title' => 'Un titolo',
    'missing_when' => 'Quando: giorni, ore e una durata',
    'missing_look' => 'Quando: c’è qualcosa da riguardare',
    'missing_blanks' => 'Quando: {blanks}',
    'missing_blank' =>
        '{blank, select, dates {un giorno} date {un giorno} days {giorni della settimana} from {da quando} until {fino a quando} minutes {quanto dura ciascuno} hours {da quando a quando} first {il primo giorno} last {l’ultimo giorno} other {un giorno e ore}}',
    'missing_where' => 'Dove: un’aula, il telefono o un link video',
    'card_nobody' => 'Nessuno nell’elenco della scuola può prenotare su questo foglio.',
    'roster' =>
        '{missing, plural, =0 {Si è prenotato per {expected, plural, one {l’unico alunno} other {tutti e # gli alunni}}.} one {Non ancora prenotato: # su {expected, plural, one {un alunno} other {# alunni}}.} other {Non ancora prenotati: # su {expected, plural, one {un alunno} other {# alunni}}.}}',
    'letters_sent' =>
        '{sent, plural, =0 {Non restava nessuno a cui scrivere: ogni famiglia ha prenotato, non ha indirizzo, o ha ricevuto un messaggio nell’ultimo giorno.} one {Un messaggio è in viaggio.} other {# messaggi sono in viaggio.}}',
    'letter_heading' => '{title} con {host}',
    'letter_news' => '{host} ha orari per Lei, riguarda {students}.',
    'letter_link' => 'Scegliere un orario',
    'fill' => '{taken, number} presi su {slots, number}',
    'none_comes' => 'Colloqui: da questi giorni e ore non ne viene nessuno',
    'fill_none' =>
        '{standing, plural, =0 {Nessun orario a venire} one {Nessun orario a venire; un colloquio resta} other {Nessun orario a venire; # colloqui restano}}',
    'fill_next' => '{taken, number} presi su {slots, number} nei prossimi giorni',
    'links_there' => 'Alcuni di questi colloqui hanno già un link, ed è stato inviato. Cambi quelli uno per uno.',
    'link_cleaned' => 'Senza quello è {link}',
    'nobody_yet' => 'Nessuno ha ancora prenotato.',
    'expected_guessed' => 'Le lettere di questa tabella sono state indovinate; guardi se gli accenti sono giusti.',
    'expected_none' =>
        'Non vi è stato trovato alcun nome. Ne scriva uno per riga, o porti una tabella con una colonna chiamata «name».',
    'expected_no_column' =>
        'Questa tabella non ha una colonna chiamata «name» (o «first name» e «last name»). Non è stato salvato nulla.',
    'expected_too_many' => 'Sono più di {most, number}. Non è stato salvato nulla; ne porti meno.',
    'expected_no_name' => 'La riga {line, number} non ha nome ed è tralasciata.',
    'expected_bad_email' => 'Riga {line, number}, {name}: non è un indirizzo e-mail; è nell’elenco senza.',
    'expected_bad_phone' => 'Riga {line, number}, {name}: non è un numero di telefono; è nell’elenco senza.',
    'expected_twice' => '{twice, plural, one {Uno era già nell’elenco.} other {# erano già nell’elenco.}}',
    'reminders_sent' =>
        '{sent, plural, =0 {Non restava nessuno da avvisare: ciascuno ha prenotato, non è raggiungibile, o ha ricevuto un promemoria nell’ultimo giorno.} one {Un promemoria è in viaggio.} other {# promemoria sono in viaggio.}}',
    'expected_heading' => 'Un orario per {student}: {title} con {host}',
    'expected_dear' => 'A chi prenota per {student},',
    'expected_invites' => '{host} vuole parlare di {student}. Scelga un orario: il link qui sotto conosce il nome.',
    'expected_text_invites' => '{host} vuole parlare di {student}. Scelga un orario: {link}',
    'expected_news' =>
        '{host} aspetta {student} e non c’è ancora un orario. Il link qui sotto conosce il nome; il resto è un clic.',
    'expected_text' => '{host} aspetta {student} e non c’è ancora un orario. Ne scelga uno: {link}',
    'expected_card' => 'Fotografi il quadrato e scelga un orario; conosce il nome.',
    'cards_of_drafts' =>
        'Le schede aprono un foglio, e questo non è ancora pubblicato. Prima lo pubblichi; poi le stampi.',
    'cards_of_everybody' =>
        'Questo foglio è per tutte le famiglie della scuola: le loro schede le stampa la segreteria. Nomini delle classi sul foglio, o si rivolga alla segreteria.',
    'cancel_over' => 'Questo colloquio è cominciato o è finito, quindi non si può più annullare.',
    'undo_moved' => 'Il colloquio con {name} è spostato a {when}.',
    'undo_given_back' => 'Il colloquio con {name} è annullato.',
    'shift_clock' => '{minutes, plural, =0 {stessa ora} one {1 min {way}} other {# min {way}}}',
    'shift_days' =>
        '{days, plural, one {un giorno {day_way}} other {# giorni {day_way}}}, {minutes, plural, =0 {stessa ora} one {1 min {way}} other {# min {way}}}',
    'move_all' =>
        '{count, plural, one {La proposta è} other {Tutte e # le proposte sono}} {days, plural, =0 {nello stesso giorno} one {un giorno {day_way}} other {# giorni {day_way}}}, {minutes, plural, =0 {alla stessa ora} one {# minuto {way}} other {# minuti {way}}}.',
    'move_each' =>
        'La proposta sposta {count} persone il meno possibile: {days, plural, =0 {nello stesso giorno} one {di un giorno al massimo} other {di # giorni al massimo}}, {minutes, plural, =0 {alla stessa ora} one {e di # minuto sull’orologio al massimo} other {e di # minuti sull’orologio al massimo}}.',
    'affected' =>
        'Questa modifica tocca persone che hanno prenotato. Non è ancora salvato nulla: veda chi colpisce, e scelga.',
    'address_form' => 'Un indirizzo ha lettere minuscole, cifre e trattini singoli: colloqui-autunno.',
    'address_taken' => 'Un altro foglio ha questo indirizzo, o l’ha avuto. Ne scelga un altro.',
    'nothing_to_book' =>
        'Su questo foglio non si può più prenotare alcun orario, quindi non è stato pubblicato. È tenuto come bozza. Scelga una data più tardi, o permetta di prenotare più vicino al colloquio.',
    'no_draft_again' =>
        'Qualcuno ha prenotato qui o aspetta un orario, quindi questo foglio non può tornare bozza. Lo metta in pausa, o lo chiuda: chi ha prenotato tiene il suo orario.',
    'settle_all' => 'Va scelto un orario per ogni persona che viene spostata.',
    'settle_gone' => 'Un orario scelto non è più sul foglio.',
    'settle_taken' =>
        'Un orario scelto per qualcuno è preso, o si scontra con una prenotazione che resta com’è. Non è stato salvato nulla. Riguardi gli orari.',
    'moved' =>
        'Qualcun altro ha cambiato questo foglio da quando l’ha aperto. Nulla di Suo è perso o salvato. Guardi entrambi e scelga.',
    'too_long' => 'È più di quanto stia su un foglio. Accorci ciò che vi è scritto.',
    'too_many' => 'Sarebbero più di {most, number, integer} colloqui. Riguardi la durata, le ore e l’ultimo giorno.',
    'date_past' => '{date} è passato. Scelga oggi o più tardi.',
    'date_far' => '{date} è fra più di tre anni. Riguardi l’anno.',
    'link_needed' => 'Lo riempia, o scelga che si crei un link per ogni colloquio, o di aggiungerlo dopo.',
    'no_link_maker' => 'Qui nulla crea un link per ogni colloquio. Ne dia uno per tutti, o lo aggiunga dopo.',
    'two_answers' => 'Scriva almeno due risposte fra cui scegliere, una per riga.',
    'student_once' => 'Il nome dell’alunno si chiede una volta, e con la domanda fatta per questo.',
    'title_yours' => 'I Suoi fogli',
    'title_new' => 'Nuovo foglio',
    'title_change' => 'Cambiare {title}',
    'your_title' => 'Il Suo titolo',
    'begins_about' => 'Di che cosa si tratta?',
    'begins_conferences' => 'Colloqui con le famiglie',
    'begins_office_hours' => 'Ricevimento',
    'handout_dear' => 'Gentili famiglie,',
    'handout_when' => '{title} con {host}: {when}',
    'handout_pick' => 'Scelga un orario.',
    'file_not_text' => 'Questo file non è testo UTF-8. Lo esporti di nuovo, o lo salvi in UTF-8.',
    'file_not_ours' => 'Non è un foglio scritto da Recess: non ha "format": "{format}".',
    'file_other_version' => 'Questo file è stato scritto da un’altra versione di Recess e qui non si può leggere.',
    'begins_imported' => 'Orari importati',
    'begins_place' => 'Da dire',
    'ask_student' => 'Nome dell’alunno',
    'ask_student_hint' => 'Di chi si parlerà.',
    'ask_phone' => 'Numero di telefono',
    'ask_word' => 'Una parola prima',
    'ask_word_hint' => 'La legge solo la persona che incontra.',
];
