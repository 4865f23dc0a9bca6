<?php

declare(strict_types=1);

return [
    'title' => 'Anmeldung',
    'wrong' =>
        'E-Mail und Passwort gehören nicht zusammen. Prüfen Sie beides, oder fordern Sie unten ein neues Passwort an.',
    'too_often' => 'Das wurde zu oft versucht. Warten Sie eine Minute und versuchen Sie es noch einmal.',
    'too_often_hour' =>
        'Das wurde zu oft versucht, von mehreren Orten. Warten Sie eine Stunde, oder fordern Sie ein neues Passwort per Nachricht an.',
    'second_title' => 'Noch etwas',
    'begin_anew' => 'Das hat zu lange gedauert. Melden Sie sich noch einmal an.',
    'code_wrong' =>
        'Dieser Code stimmt nicht, oder wurde schon benutzt. Nehmen Sie den, den Ihr Telefon jetzt zeigt, oder einen auf Papier.',
    'second_on' => 'Ein zweiter Faktor ist schon an. Schalten Sie ihn zuerst aus.',
    'second_off' => 'Es gibt keinen zweiten Faktor, für den es Codes gäbe.',
    'second_wanted' =>
        'Ihre Schule verlangt vom Sekretariat einen zweiten Faktor. Richten Sie ihn zuerst ein, unter „Anmeldung“.',
    'prove' => 'Zeigen Sie noch einmal, dass Sie es sind.',
    'letter_said' =>
        'Wenn es ein Konto mit dieser Adresse gibt und die Schule es erlaubt, ist eine Nachricht unterwegs. Sie meldet Sie einmal an, innerhalb von zehn Minuten.',
    'come_title' => 'Hereinkommen',
    'not_in' => 'Sie sind nicht angemeldet',
    'new_subject' => 'Kollegium',
    'oidc_down' =>
        'Von {service} kommt gerade keine Antwort. Versuchen Sie es in einer Minute, oder melden Sie sich hier mit Ihrem Passwort an.',
    'oidc_untrusted' =>
        'Der Antwort von {service} ist nicht zu trauen, also wurde niemand angemeldet. Beginnen Sie neu; wenn es wieder geschieht, sagen Sie es denen, die den Server betreuen.',
    'oidc_begin_anew' => 'Das hat zu lange gedauert, oder begann in einem anderen Fenster. Beginnen Sie neu.',
    'oidc_not_there' => '{service} hat Sie nicht angemeldet.',
    'oidc_no_address' =>
        '{service} sagt nicht, dass Ihre E-Mail-Adresse geprüft ist, also wissen wir nicht, wer Sie hier sind. Melden Sie sich mit Ihrem Passwort an, oder fragen Sie das Sekretariat.',
    'oidc_unknown' =>
        '{email} steht hier nicht auf der Liste des Kollegiums. Bitten Sie das Sekretariat, Sie unter dieser Adresse einzuladen.',
    'letter_heading' => 'Anmelden',
    'letter_news' =>
        'Jemand (wir hoffen: Sie) möchte sich per Nachricht anmelden. Die Adresse unten öffnet sich einmal, bis {until}. Wenn Sie es nicht waren, tun Sie nichts.',
    'letter_link' => 'Anmelden',
    'factor_on_heading' => 'Ein zweiter Faktor ist an',
    'factor_on_news' =>
        'Ihr Konto verlangt ab jetzt einen zweiten Faktor. Wenn Sie es nicht waren, sagen Sie es sofort dem Sekretariat.',
    'factor_on_link' => 'Anmelden',
    'factor_off_heading' => 'Der zweite Faktor ist aus',
    'factor_off_news' =>
        'Ihr Konto verlangt keinen zweiten Faktor mehr. Wenn Sie es nicht waren, nehmen Sie sofort mit „Passwort vergessen“ auf der Anmeldeseite ein anderes Passwort, und sagen Sie es dem Sekretariat.',
    'factor_off_link' => 'Anmelden',
    'passkey_late' => 'Das hat zu lange gedauert. Drücken Sie noch einmal.',
    'passkey_refused' =>
        'Dieser Passkey wurde nicht angenommen, und niemand wurde angemeldet. Drücken Sie noch einmal; wenn es wieder geschieht, melden Sie sich mit Ihrem Passwort an.',
    'passkey_unknown' =>
        'Dieser Passkey öffnet hier kein Konto mehr. Melden Sie sich mit Ihrem Passwort an, und legen Sie unter „Anmeldung“ einen neuen an.',
    'passkey_not_made' =>
        'Was Ihr Gerät angelegt hat, ist hier nicht brauchbar, und nichts wurde geändert. Drücken Sie noch einmal, oder nehmen Sie ein anderes Gerät.',
    'passkey_no_name' =>
        'Passkeys brauchen die eigene Adresse der Schule, mit Namen und https. Öffnen Sie Recess dort.',
    'passkey_most' => 'Sie haben {most, number} Passkeys. Entfernen Sie zuerst einen.',
    'passkey_there' => 'Diesen Passkey gibt es schon.',
    'passkey_on_heading' => 'Sie haben einen neuen Passkey',
    'passkey_on_news' =>
        'Ihr Konto öffnet sich ab jetzt mit dem Passkey „{name}“. Wenn Sie es nicht waren, entfernen Sie ihn sofort unter „Anmeldung“, nehmen Sie ein anderes Passwort, und sagen Sie es dem Sekretariat.',
    'passkey_on_link' => 'Anmelden',
    'passkey_off_heading' => 'Ein Passkey wurde entfernt',
    'passkey_off_news' =>
        'Der Passkey „{name}“ öffnet Ihr Konto nicht mehr. Wenn Sie es nicht waren, nehmen Sie sofort mit „Passwort vergessen“ auf der Anmeldeseite ein anderes Passwort, und sagen Sie es dem Sekretariat.',
    'passkey_off_link' => 'Anmelden',
    'in_title' => 'Anmelden',
    'account_of_the_school' => 'das Konto der Schule',
    'back' => 'Zurück zur Anmeldung',
    'forgotten' => 'Passwort vergessen',
    'forgotten_what' => 'Sie bekommen eine Nachricht mit einer Adresse, wo Sie ein neues wählen.',
    'email' => 'E-Mail-Adresse',
    'send_letter' => 'Mir die Nachricht schicken',
];
