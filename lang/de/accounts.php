<?php

declare(strict_types=1);

return [
    'people' => 'Kollegium',
    'known' => 'Jemand mit dieser Adresse steht schon auf der Liste.',
    'has_come' =>
        '{name} ist schon dabei. Wer das Passwort vergessen hat, bekommt über die Anmeldeseite eine Nachricht.',
    'on_sheet' => '{name} steht schon auf einem Blatt. Nehmen Sie den Namen zuerst dort heraus.',
    'last_office' =>
        'Nur {name} aus dem Sekretariat kann sich anmelden. Geben Sie das Sekretariat zuerst jemand anderem.',
    'reader_has_sheets' =>
        '{name} hat Blätter, und wer nur liest, hat keine. Legen Sie sie zuerst weg, oder lassen Sie sie übernehmen.',
    'has_left' => 'Gegangen: {when}.',
    'lent' => '{to} betreut die Blätter bis {until}.',
    'meeting' => '{when}: {who}',
    'leave_yourself' => 'Sie können sich nicht selbst verabschieden. Das macht jemand anderes aus dem Sekretariat.',
    'left_said' =>
        '{name} ist gegangen. {to, select, nobody {{sheets, plural, =0 {Es gab keine Blätter zu schließen} one {Ein Blatt ist geschlossen} other {# Blätter sind geschlossen}}} other {{sheets, plural, =0 {Es gab keine Blätter zu übergeben} one {Ein Blatt gehört jetzt {to}} other {# Blätter gehören jetzt {to}}}}}; {moved, plural, =0 {kein Gespräch ging in andere Hände} one {ein Gespräch ging in andere Hände} other {# Gespräche gingen in andere Hände}}, {cancelled, plural, =0 {keines wurde abgesagt} one {eines wurde abgesagt} other {# wurden abgesagt}}. Alle Betroffenen bekommen eine Nachricht.',
    'office' => 'Sekretariat',
    'moved_in' => '{school} ist schon eingezogen. Das Sekretariat lädt alle anderen ein, auf der Seite „Kollegium“.',
    'move_in' => 'Eine Schule zieht ein',
    'test_heading' => 'Nachrichten kommen an',
    'test_dear' => 'Guten Tag,',
    'test_news' => 'dies ist die Probe. Nachrichten von Ihrem neuen Recess kommen an.',
    'test_link' => 'Die Übersicht der Schule',
    'test_sent' =>
        'Der Mailserver hat eine Nachricht an {email} angenommen. Sehen Sie nach, ob sie da ist; auch bei den unerwünschten.',
    'test_failed' => 'Der Mailserver hat sie nicht angenommen: {why}',
    'let_in_nobody' => 'Niemand aus dem Sekretariat hat diese Adresse.',
    'come_in' =>
        '{name} wählt hier ein Passwort. Die Adresse öffnet sich einmal, innerhalb von sieben Tagen; führen Sie dies für eine neue noch einmal aus.',
    'file_columns' =>
        'Die erste Zeile muss die Spalten nennen: name, email, subject; und, wenn Sie mögen, role, mit office oder reader für alle, die nicht einfach zum Kollegium gehören.',
    'file_long' => 'Mehr als {most, number} Zeilen. Schicken Sie sie in mehreren Dateien.',
    'file_guessed' =>
        'Die Buchstaben sind weder UTF-8 noch UTF-16; sie wurden so gelesen, wie Windows sie schreibt. Sehen Sie sich Namen mit Akzenten an.',
    'file_line' => 'Zeile {line, number}: {why}',
    'file_twice' => 'Zeile {line, number} hat dieselbe Adresse wie Zeile {first, number}, und die zählt.',
    'file_said' =>
        '{new, plural, =0 {Niemand Neues} one {Eine Person ist neu} other {# sind neu}}, {known, plural, =0 {niemand steht schon auf der Liste} one {eine steht schon auf der Liste} other {# stehen schon auf der Liste}}, {notes, plural, =0 {sonst ist nichts zu sagen} other {und unten gibt es mehr anzusehen}}.',
    'file_changed' =>
        'Jemand anderes hat eine dieser Personen inzwischen eingeladen. Nichts wurde verschickt; sehen Sie die Datei noch einmal an.',
    'file_sent' =>
        '{sent, plural, =0 {Niemand war neu; keine Nachricht wurde verschickt} one {Eine Nachricht ist unterwegs} other {# Nachrichten sind unterwegs}}.',
    'invited_until' => 'Eingeladen, bis {until}.',
    'invitation_over' => 'Die Einladung ist abgelaufen. Schicken Sie eine neue.',
    'password_short' =>
        'Mindestens {least} Zeichen. Gut sind ein paar Wörter, die nur Sie zusammenbringen, auch mit Leerzeichen.',
    'password_long' => 'Höchstens {most} Zeichen.',
    'password_guessed' =>
        'Dieses gehört zu den ersten, die andere versuchen würden. Nehmen Sie Wörter, die nichts mit Ihnen und miteinander zu tun haben.',
    'current_wrong' => 'Das ist nicht Ihr jetziges Passwort.',
    'changed' => 'Ihr Passwort ist jetzt ein anderes. Überall sonst sind Sie abgemeldet.',
    'key_spent_title' => 'Diese Adresse öffnet nichts mehr',
    'key_spent' =>
        'Diese Adresse wurde schon benutzt, oder ihre Zeit ist vorbei. Wenn Sie ein Passwort haben, melden Sie sich an. Sonst fordern Sie unten eine Nachricht an, oder fragen Sie das Sekretariat.',
    'title_invitation' => 'Willkommen',
    'title_password' => 'Ein neues Passwort',
    'page_invitation' => '{school} veröffentlicht hier Gesprächszeiten. Wählen Sie ein Passwort, und Sie sind dabei.',
    'page_password' => 'Wählen Sie ein neues Passwort. Überall, wo Sie jetzt angemeldet sind, werden Sie abgemeldet.',
    'forgotten_title' => 'Passwort vergessen',
    'forgotten_said' =>
        'Wenn es ein Konto mit dieser Adresse gibt, ist eine Nachricht unterwegs. Sie öffnet sich einmal, innerhalb von {hours, plural, one {einer Stunde} other {# Stunden}}. Nichts da? Sehen Sie bei den unerwünschten nach, oder fragen Sie das Sekretariat.',
    'invitation_heading' => '{school} lädt Sie ein',
    'invitation_news' =>
        '{role, select, reader {{by} lädt Sie ein, die Tageslisten von {school} zu sehen: wer kommt, wann und wo.} other {{by} lädt Sie ein, Gesprächszeiten für {school} zu veröffentlichen.}} Die Adresse unten öffnet sich einmal, bis {until}.',
    'invitation_link' => 'Passwort wählen und hereinkommen',
    'password_heading' => 'Ein neues Passwort',
    'password_news' =>
        'Jemand (wir hoffen: Sie) hat ein neues Passwort für Ihr Konto angefordert. Die Adresse unten öffnet sich einmal, bis {until}. Wenn Sie es nicht waren, tun Sie nichts: Ihr Passwort bleibt, wie es ist.',
    'password_link' => 'Ein neues Passwort wählen',
    'changed_heading' => 'Ihr Passwort wurde geändert',
    'changed_news' =>
        'Das Passwort Ihres Kontos ist jetzt ein anderes, und überall sonst wurden Sie abgemeldet. Wenn Sie es nicht waren, holen Sie es sofort mit „Passwort vergessen“ auf der Anmeldeseite zurück, und sagen Sie dem Sekretariat Bescheid.',
    'changed_link' => 'Anmelden',
    'lent_of_heading' => 'Jemand aus dem Kollegium betreut Ihre Blätter',
    'lent_of_news' =>
        '{to} betreut Ihre Blätter bis {until}, damit niemand wartet, während Sie fort sind. {to} sieht, wer bei Ihnen gebucht hat, und kann ändern, was Sie ändern können. Eingestellt hat das {by}.',
    'lent_of_link' => 'Zu Ihren Blättern',
    'lent_to_heading' => 'Sie betreuen die Blätter von jemandem aus dem Kollegium',
    'lent_to_news' =>
        'Bis {until} betreuen Sie die Blätter von {of}. Sie stehen auf Ihrer ersten Seite: Sie sehen, wer gebucht hat, und können ändern, was {of} ändern kann. Eingestellt hat das {by}.',
    'lent_to_link' => 'Zu Ihrer ersten Seite',
    'lent_over_of_heading' => 'Ihre Blätter gehören wieder Ihnen allein',
    'lent_over_of_news' => '{to} betreut Ihre Blätter nicht mehr. Eingestellt hat das {by}.',
    'lent_over_of_link' => 'Zu Ihren Blättern',
    'lent_over_to_heading' => 'Fremde Blätter sind nicht mehr bei Ihnen',
    'lent_over_to_news' => 'Sie betreuen die Blätter von {of} nicht mehr. Eingestellt hat das {by}.',
    'lent_over_to_link' => 'Zu Ihrer ersten Seite',
    'wrong_keys' =>
        'Von hier wurden viele Links versucht, die nichts öffnen. Warten Sie eine Stunde, oder bitten Sie das Sekretariat um einen neuen.',
];
