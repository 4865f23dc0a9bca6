<?php

declare(strict_types=1);

// A host's own calendars on a calendar server, both ways. ICU MessageFormat.
return [
    'title' => 'Ihre eigenen Kalender',
    'heading' => 'Ihre eigenen Kalender, in beide Richtungen',
    'about' =>
        'Was in Ihrem Kalender belegt ist, wird hier niemandem angeboten, und was hier gebucht wird, steht ' .
        'binnen Sekunden darin. Für Kalender auf einem Server, der CalDAV spricht; die meisten tun es und nennen ' .
        'die Adresse in ihren Einstellungen.',
    'other_ways' =>
        'Ohne einen Server genügen <link>die Adresse eines Feeds oder eine Datei</link> und die Briefe, die Sie ' .
        'bekommen.',
    'connect_heading' => 'Wo sie liegen',
    'address' => 'Adresse des Servers',
    'address_help' => 'Wie Ihr Kalenderprogramm sie hat; sie beginnt mit https://',
    'name' => 'Ihr Name dort',
    'password' => 'Ihr Passwort dort',
    'password_help' =>
        'Besser eines nur für Programme, wo der Server solche vergibt. Es wird versiegelt aufbewahrt und ' .
        'niemandem gezeigt.',
    'connect' => 'Meine Kalender finden',
    'connecting' => 'Wird gesucht…',
    'again_heading' => 'Anderes Passwort oder anderer Server',
    'on' => '{name}, auf {host}',
    'looked' => 'Nachgesehen: {when}.',
    'which_heading' => 'Wofür jeder da ist',
    'which_about' =>
        'Ein Gespräch steht in Ihrem Kalender mit Namen, Nummer und Antworten derer, die kommen: besser in ' .
        'einem, den sonst niemand liest.',
    'counts' => 'Was darin belegt ist, nimmt hier Zeiten heraus',
    'counts_times' =>
        '{times, plural, =0 {Nichts Kommendes darin.} one {Eine belegte Zeit, die noch kommt.} other {# belegte ' .
        'Zeiten, die noch kommen.}}',
    'skipped' => '{many, plural, one {Ein Eintrag war nicht zu lesen.} other {# Einträge waren nicht zu lesen.}}',
    'takes' => 'Meine Gespräche kommen in diesen',
    'takes_none' => 'Meine Gespräche kommen in keinen',
    'written' =>
        '{many, plural, =0 {Noch steht kein Gespräch darin.} one {Ein Gespräch steht darin.} other {# Gespräche ' .
        'stehen darin.}}',
    'read_only' => 'In diesen dürfen Sie nicht schreiben.',
    'keep' => 'Speichern',
    'keeping' => 'Wird gespeichert…',
    'kept' => 'Gespeichert, und nachgesehen.',
    'look_now' => 'Jetzt nachsehen',
    'looked_now' => 'Eben nachgesehen.',
    'disconnect' => 'Diesen Server vergessen',
    'disconnect_about' =>
        'Name und Passwort werden vergessen, und nichts dort nimmt mehr Zeiten heraus. Gespräche, die in Ihrem ' .
        'Kalender stehen, bleiben darin; was aus ihnen wird, wird dort nicht mehr eingetragen.',
    'disconnect_sure' => 'Vergessen',
    'disconnect_not' => 'Lassen',
    'still_counts' => '{failure} Was davon bekannt war, gilt weiter; es wird von selbst wieder versucht.',
    'demo' => 'In dieser Vorführung gibt es einen unter {address}, mit dem Namen {name} und dem Passwort {password}.',
    'not_https' =>
        'Die Adresse eines Kalenderservers beginnt mit https://, damit niemand unterwegs Ihr Passwort liest.',
    'wrong_password' => 'Der Server kennt diesen Namen mit diesem Passwort nicht.',
    'not_let' => 'Der Server lässt uns dort weder lesen noch schreiben.',
    'no_calendars' =>
        'Unter dieser Adresse sind keine Kalender. Kopieren Sie sie aus Ihrem Kalenderprogramm, oder fragen Sie, ' .
        'wer den Server betreut.',
    'full' => 'Ihr Kalender dort ist voll: Es kann nichts mehr eingetragen werden, bis etwas herausgenommen ist.',
    'error' => 'Der Server hat mit einem Fehler geantwortet ({status}).',
    'elsewhere' =>
        'Der Server schickt uns weiter zu {host}. Ihr Passwort ist für den, den Sie genannt haben: Geben Sie ' .
        'stattdessen diese Adresse an, wenn sie stimmt.',
    'no_end' => 'Der Server schickt uns ohne Ende von einer Adresse zur nächsten.',
    'not_understood' => 'Was der Server geantwortet hat, ist nicht, wie Kalenderserver sprechen.',
    'not_this_one' => 'In diesen können Ihre Gespräche nicht. Wählen Sie einen anderen.',
    'calendar_gone' =>
        'Der Kalender „{calendar}“ ist nicht mehr auf Ihrem Server: Er nimmt hier keine Zeiten heraus, und Ihre ' .
        'Gespräche stehen nicht darin.',
    'not_in_step' =>
        'Ihr eigener Kalender ist gerade nicht zu erreichen: Was davon bekannt war, gilt weiter, und neue ' .
        'Gespräche stehen noch nicht darin. Sehen Sie in den Einstellungen unter „Ihre eigenen Kalender“ nach.',
    'taken_out_there' =>
        'Sie haben das Gespräch mit {name} aus Ihrem Kalender genommen. Es steht: {name} erwartet Sie, {when}. ' .
        'Sagen Sie es auf seinem Blatt ab, wenn Sie nicht kommen können.',
    'proposed' =>
        'Sie haben das Gespräch mit {name} in Ihrem Kalender verschoben: {there}. {name} ist gefragt worden, ob ' .
        'das passt; bis dahin gilt es wie vereinbart: {when}.',
    'moved_there' =>
        'In Ihrem Kalender ist das Gespräch mit {name}: {there}. {name} weiß davon nichts: Vereinbart war ' .
        '{when}. Verschieben Sie es auf seinem Blatt, dann wird es mitgeteilt.',
];
