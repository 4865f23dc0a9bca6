<?php

declare(strict_types=1);

return [
    'people' => 'Personale',
    'known' => 'Qualcuno con questo indirizzo è già nell’elenco.',
    'has_come' => '{name} è già dentro. Chi ha dimenticato la password riceve un messaggio dalla pagina di accesso.',
    'on_sheet' => '{name} è già su un foglio. Lo tolga prima da lì.',
    'last_office' =>
        '{name} è l’unica persona della segreteria che può accedere. Dia prima la segreteria a qualcun altro.',
    'reader_has_sheets' =>
        '{name} ha dei fogli, e chi solo legge non ne ha. Li metta via prima, o li affidi a un collega.',
    'has_left' => 'Uscita: {when}.',
    'lent' => '{to} segue i suoi fogli fino al {until}.',
    'meeting' => '{when}: {who}',
    'leave_yourself' => 'Non può registrare la Sua stessa uscita. Lo fa un’altra persona della segreteria.',
    'left_said' =>
        'L’uscita di {name} è registrata. {to, select, nobody {{sheets, plural, =0 {Non c’erano fogli da chiudere} one {Un foglio è chiuso} other {# fogli sono chiusi}}} other {{sheets, plural, =0 {Non c’erano fogli da affidare} one {Un foglio ora è di {to}} other {# fogli ora sono di {to}}}}}; {moved, plural, =0 {nessun colloquio è passato di mano} one {un colloquio è passato di mano} other {# colloqui sono passati di mano}}, {cancelled, plural, =0 {nessuno è stato annullato} one {uno è stato annullato} other {# sono stati annullati}}. Tutti gli interessati ricevono un messaggio.',
    'office' => 'Segreteria',
    'moved_in' => '{school} è già insediata. La segreteria invita tutti gli altri, nella pagina «Personale».',
    'move_in' => 'Una scuola si insedia',
    'test_heading' => 'I messaggi arrivano',
    'test_dear' => 'Buongiorno,',
    'test_news' => 'questo è il messaggio di prova. I messaggi del Suo nuovo Recess arrivano.',
    'test_link' => 'La bacheca della scuola',
    'test_sent' =>
        'Il server di posta ha accettato un messaggio per {email}. Guardi se è arrivato; anche fra quelli indesiderati.',
    'test_failed' => 'Il server di posta non l’ha accettato: {why}',
    'let_in_nobody' => 'Nessuno della segreteria ha questo indirizzo.',
    'come_in' =>
        '{name} sceglie qui una password. L’indirizzo si apre una sola volta, entro sette giorni; lo esegua di nuovo per averne un altro.',
    'file_columns' =>
        'La prima riga deve nominare le colonne: name, email, subject; e, se vuole, role, con office o reader per chi non è semplicemente del personale.',
    'file_long' => 'Più di {most, number} righe. Le invii in più file.',
    'file_guessed' =>
        'Le lettere non sono né UTF-8 né UTF-16; sono state lette come le scrive Windows. Guardi i nomi con gli accenti.',
    'file_line' => 'Riga {line, number}: {why}',
    'file_twice' => 'La riga {line, number} ha lo stesso indirizzo della riga {first, number}, che conta.',
    'file_said' =>
        '{new, plural, =0 {Nessuno di nuovo} one {Una persona è nuova} other {# persone sono nuove}}, {known, plural, =0 {nessuna è già nell’elenco} one {una è già nell’elenco} other {# sono già nell’elenco}}, {notes, plural, =0 {nient’altro da dire} other {e sotto c’è altro da guardare}}.',
    'file_changed' =>
        'Qualcun altro intanto ha invitato una di queste persone. Non è stato inviato nulla; riguardi il file.',
    'file_sent' =>
        '{sent, plural, =0 {Nessuno era nuovo; nessun messaggio è partito} one {Un messaggio è in viaggio} other {# messaggi sono in viaggio}}.',
    'invited_until' => 'Invito valido fino al {until}.',
    'invitation_over' => 'L’invito è scaduto. Ne mandi un altro.',
    'password_short' =>
        'Almeno {least} caratteri. Vanno bene alcune parole che solo Lei metterebbe insieme, anche con spazi.',
    'password_long' => 'Al massimo {most} caratteri.',
    'password_guessed' =>
        'Questa è fra le prime che altri proverebbero. Prenda parole che non c’entrano con Lei né fra loro.',
    'current_wrong' => 'Questa non è la Sua password attuale.',
    'changed' => 'La Sua password ora è un’altra. Altrove l’accesso è stato chiuso.',
    'key_spent_title' => 'Questo indirizzo non apre più nulla',
    'key_spent' =>
        'Questo indirizzo è già stato usato, o il suo tempo è passato. Se ha una password, acceda. Se no, chieda sotto un messaggio, o si rivolga alla segreteria.',
    'title_invitation' => 'Benvenuti',
    'title_password' => 'Una nuova password',
    'page_invitation' => '{school} pubblica qui i suoi orari di colloquio. Scelga una password ed è dentro.',
    'page_password' => 'Scelga una nuova password. Ovunque abbia aperto l’accesso, verrà chiuso.',
    'forgotten_title' => 'Password dimenticata',
    'forgotten_said' =>
        'Se c’è un account con questo indirizzo, un messaggio è in viaggio. Si apre una sola volta, entro {hours, plural, one {un’ora} other {# ore}}. Non c’è nulla? Guardi fra quelli indesiderati, o si rivolga alla segreteria.',
    'invitation_heading' => '{school} La invita',
    'invitation_news' =>
        '{role, select, reader {{by} La invita a vedere gli elenchi di ogni giorno di {school}: chi viene, quando e dove.} other {{by} La invita a pubblicare orari di colloquio per {school}.}} L’indirizzo qui sotto si apre una sola volta, fino al {until}.',
    'invitation_link' => 'Scegliere una password ed entrare',
    'password_heading' => 'Una nuova password',
    'password_news' =>
        'Qualcuno (speriamo Lei) ha chiesto una nuova password per il Suo account. L’indirizzo qui sotto si apre una sola volta, fino al {until}. Se non è stata una Sua richiesta, non faccia nulla: la password resta com’è.',
    'password_link' => 'Scegliere una nuova password',
    'changed_heading' => 'La Sua password è stata cambiata',
    'changed_news' =>
        'La password del Suo account ora è un’altra, e altrove l’accesso è stato chiuso. Se non è stata una Sua scelta, la riprenda subito con «Password dimenticata» nella pagina di accesso, e avvisi la segreteria.',
    'changed_link' => 'Accedere',
    'lent_of_heading' => 'Un collega segue i Suoi fogli',
    'lent_of_news' =>
        '{to} segue i Suoi fogli fino al {until}, perché nessuno aspetti durante la Sua assenza. {to} vede chi ha prenotato con Lei e può cambiare ciò che può cambiare Lei. L’ha disposto {by}.',
    'lent_of_link' => 'Ai Suoi fogli',
    'lent_to_heading' => 'Lei segue i fogli di un collega',
    'lent_to_news' =>
        'Fino al {until} segue i fogli di {of}. Sono nella Sua prima pagina: vede chi ha prenotato e può cambiare ciò che può cambiare {of}. L’ha disposto {by}.',
    'lent_to_link' => 'Alla Sua prima pagina',
    'lent_over_of_heading' => 'I Suoi fogli sono di nuovo solo Suoi',
    'lent_over_of_news' => '{to} non segue più i Suoi fogli. L’ha disposto {by}.',
    'lent_over_of_link' => 'Ai Suoi fogli',
    'lent_over_to_heading' => 'I fogli di un collega non sono più da Lei',
    'lent_over_to_news' => 'Non segue più i fogli di {of}. L’ha disposto {by}.',
    'lent_over_to_link' => 'Alla Sua prima pagina',
    'wrong_keys' =>
        'Da qui sono stati provati molti link che non aprono nulla. Aspetti un’ora, o ne chieda uno nuovo alla segreteria.',
];
