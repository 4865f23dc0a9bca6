<?php

declare(strict_types=1);

return [
    'early' => 'Gespräche um {time} sind in den frühen Morgenstunden.',
    'make_it' => 'Daraus {time} machen',
    'endless' => 'Das wiederholt sich ohne Ende.',
    'end_it' => 'Am {date} enden',
    'closed' => 'Die Schule ist am {dates} geschlossen, also gibt es dann kein Gespräch.',
    'take_out' => '{days, plural, one {Herausnehmen} other {Herausnehmen}}',
    'across' =>
        'Das liegt quer zu Ihrem Blatt „{sheet}“ am {date}, {from} bis {until}. Was zuerst gebucht wird, nimmt die Zeit auf beiden.',
    'too_soon' => 'Keine Zeit ist übrig, die noch gebucht werden kann: Jede ist früher, als die Regeln erlauben.',
    'nothing_left' => 'So, wie es steht, kann keine Zeit gebucht werden.',
    'until_an_hour' => 'Buchen bis eine Stunde vorher erlauben',
    'room_used' => '{room} nutzt am {date} um {from} jemand anderes.',
    'room_promised' => '{room} steht auch auf dem Blatt „{sheet}“ von {host}: am {date}, {from} bis {until}.',
    'use_link' => '{link} nehmen',
    'link_password' =>
        'Dieser Link trägt einen Benutzernamen oder ein Passwort, das alle lesen könnten, die ihn bekommen.',
    'link_session' =>
        'Dieser Link trägt Ihre eigene Sitzung („{name}“). Er endet mit ihr, oder lässt andere als Sie handeln.',
    'link_host' => 'Dieser Link trägt den Schlüssel dessen, der einlädt („{name}“): Wer ihn hat, leitet das Gespräch.',
    'link_expires' => 'Dieser Link gilt nach einiger Zeit nicht mehr („{name}“).',
    'link_entrance' =>
        'Das sieht nach dem eigenen Eingang aus. Kopieren Sie den Link, der für Eingeladene gedacht ist.',
    'link_shared' =>
        'Dieser Link steht auch auf dem Blatt „{sheet}“: Wer ihn von dort hat, kann in diese Gespräche kommen.',
    'no_picture' => 'Das ist kein brauchbares Bild. Wählen Sie eine PNG-, JPEG- oder WebP-Datei.',
    'picture_unread' =>
        'Dieses Bild ist nicht lesbar. Speichern Sie es neu, als PNG oder JPEG, und versuchen Sie es noch einmal.',
];
