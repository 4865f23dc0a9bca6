<?php

declare(strict_types=1);

return [
    'title' => 'Accesso',
    'wrong' => 'E-mail e password non vanno insieme. Controlli entrambe, o chieda sotto una nuova password.',
    'too_often' => 'È stato provato troppe volte. Aspetti un minuto e riprovi.',
    'too_often_hour' =>
        'È stato provato troppe volte, da più posti. Aspetti un’ora, o chieda una nuova password con un messaggio.',
    'second_title' => 'Ancora una cosa',
    'begin_anew' => 'C’è voluto troppo. Acceda di nuovo.',
    'code_wrong' =>
        'Questo codice non è giusto, o è già stato usato. Prenda quello che ora mostra il telefono, o uno di quelli su carta.',
    'second_on' => 'Un secondo fattore è già attivo. Prima lo disattivi.',
    'second_off' => 'Non c’è un secondo fattore per cui avere codici.',
    'second_wanted' => 'La Sua scuola chiede un secondo fattore alla segreteria. Prima lo imposti, in «Accesso».',
    'prove' => 'Mostri ancora una volta che è Lei.',
    'letter_said' =>
        'Se c’è un account con questo indirizzo, e la sua scuola lo permette, un messaggio è in viaggio. La fa entrare una volta, entro dieci minuti.',
    'come_title' => 'Entrare',
    'not_in' => 'Non ha fatto l’accesso',
    'new_subject' => 'Personale',
    'oidc_down' => 'Ora {service} non risponde. Riprovi fra un minuto, o acceda qui con la Sua password.',
    'oidc_untrusted' =>
        'Della risposta di {service} non ci si può fidare, quindi non è entrato nessuno. Ricominci; se succede ancora, lo dica a chi segue il server.',
    'oidc_begin_anew' => 'C’è voluto troppo, o è cominciato in un’altra finestra. Ricominci.',
    'oidc_not_there' => '{service} non ha dato l’accesso.',
    'oidc_no_address' =>
        '{service} non dice di aver verificato il Suo indirizzo e-mail, quindi non possiamo sapere chi è qui. Acceda con la Sua password, o si rivolga alla segreteria.',
    'oidc_unknown' =>
        '{email} qui non è nell’elenco del personale. Chieda alla segreteria di invitarLa con questo indirizzo.',
    'letter_heading' => 'Accedere',
    'letter_news' =>
        'Qualcuno (speriamo Lei) vuole accedere con un messaggio. L’indirizzo qui sotto si apre una sola volta, fino al {until}. Se non è stata una Sua richiesta, non faccia nulla.',
    'letter_link' => 'Accedere',
    'factor_on_heading' => 'Un secondo fattore è attivo',
    'factor_on_news' =>
        'Il Suo account d’ora in poi chiede un secondo fattore. Se non è stata una Sua scelta, avvisi subito la segreteria.',
    'factor_on_link' => 'Accedere',
    'factor_off_heading' => 'Il secondo fattore non è più attivo',
    'factor_off_news' =>
        'Il Suo account non chiede più un secondo fattore. Se non è stata una Sua scelta, prenda subito un’altra password con «Password dimenticata» nella pagina di accesso, e avvisi la segreteria.',
    'factor_off_link' => 'Accedere',
    'passkey_late' => 'C’è voluto troppo. Prema di nuovo.',
    'passkey_refused' =>
        'Questa passkey non è stata accettata, e non è entrato nessuno. Prema di nuovo; se succede ancora, acceda con la Sua password.',
    'passkey_unknown' =>
        'Questa passkey qui non apre più alcun account. Acceda con la Sua password, e ne crei un’altra in «Accesso».',
    'passkey_not_made' =>
        'Ciò che ha creato la Sua macchina qui non si può usare, e non è stato cambiato nulla. Prema di nuovo, o prenda un’altra macchina.',
    'passkey_no_name' =>
        'Le passkey hanno bisogno dell’indirizzo proprio della scuola, con un nome e https. Apra Recess lì.',
    'passkey_most' => 'Ha {most, number} passkey. Prima ne tolga una.',
    'passkey_there' => 'Questa passkey c’è già.',
    'passkey_on_heading' => 'Ha una nuova passkey',
    'passkey_on_news' =>
        'Il Suo account d’ora in poi si apre con la passkey «{name}». Se non è stata una Sua scelta, la tolga subito in «Accesso», prenda un’altra password, e avvisi la segreteria.',
    'passkey_on_link' => 'Accedere',
    'passkey_off_heading' => 'Una passkey è stata tolta',
    'passkey_off_news' =>
        'La passkey «{name}» non apre più il Suo account. Se non è stata una Sua scelta, prenda subito un’altra password con «Password dimenticata» nella pagina di accesso, e avvisi la segreteria.',
    'passkey_off_link' => 'Accedere',
    'in_title' => 'Accedere',
    'account_of_the_school' => 'l’account della scuola',
    'back' => 'Tornare all’accesso',
    'forgotten' => 'Password dimenticata',
    'forgotten_what' => 'Riceve un messaggio con un indirizzo dove sceglierne una nuova.',
    'email' => 'Indirizzo e-mail',
    'send_letter' => 'Inviarmi il messaggio',
];
