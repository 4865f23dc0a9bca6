<?php

declare(strict_types=1);

return [
    'subject' =>
        '{what, select, booked {Gebucht} please_confirm {Bitte bestätigen} lapsed {Abgelaufen} asked {Angefragt} accepted {Zugesagt} maybe {Vielleicht} declined {Abgelehnt} moved {Verschoben} moved_away {Verlegt} cancelled {Abgesagt} link_added {Link da} link_changed {Neuer Link} place_changed {Anderer Ort} answers_changed {Antworten geändert} reminder {Erinnerung} guest_brought {Gast dabei} guest_left {Gast abgemeldet} other {}}: {date} {time} mit {with} – {title}',
    'booked' => [
        'host' =>
            '{who, select, you {Sie haben dies für {visitor} gebucht.} office {Das Sekretariat hat für {visitor} eine Zeit bei Ihnen gebucht.} visitor {{visitor} hat eine Zeit bei Ihnen gebucht.} other {{name} hat für {visitor} eine Zeit bei Ihnen gebucht.}}',
        'visitor' =>
            '{who, select, office {Das Sekretariat hat diese Zeit für Sie gebucht.} host {{name} hat diese Zeit für Sie gebucht.} colleague {{name} hat diese Zeit für Sie gebucht.} other {Diese Zeit gehört Ihnen.}}',
        'guest' => '{visitor} hat Sie zu diesem Gespräch hinzugefügt.',
    ],
    'please_confirm' => [
        'visitor' =>
            'Diese Zeit ist bis {until} für Sie reserviert. Klicken Sie auf den Knopf, dann ist sie gebucht. Wenn Sie um keine Zeit gebeten haben, tun Sie nichts: Dann ist sie wieder frei.',
    ],
    'lapsed' => [
        'visitor' => 'Diese Zeit war für Sie reserviert. Sie ist wieder frei.',
    ],
    'moved_away' => [
        'host' => 'Dieses Gespräch ist jetzt mit {host}, zu einer anderen Zeit. Ihre Zeit ist wieder frei.',
    ],
    'asked' => [
        'host' => '{visitor} bittet um eine Zeit bei Ihnen. Sie ist bis {until} gehalten.',
        'visitor' =>
            'Sie haben um diese Zeit gebeten. Sie wird für Sie gehalten, bis {host} antwortet, längstens bis {until}.',
        'guest' =>
            '{visitor} hat um diese Zeit gebeten. Sie wird gehalten, bis {host} antwortet, längstens bis {until}.',
    ],
    'accepted' => [
        'host' =>
            '{who, select, you {Sie haben {visitor} zugesagt.} visitor {{visitor} hat die Zeit genommen, die Sie genannt haben.} other {{name} hat {visitor} zugesagt.}}',
        'visitor' =>
            '{who, select, you {Diese Zeit gehört Ihnen.} other {{name} hat zugesagt. Diese Zeit gehört Ihnen.}}',
        'guest' =>
            '{who, select, visitor {{visitor} hat diese Zeit genommen.} other {{name} hat zugesagt.}} Das Gespräch findet statt.',
    ],
    'maybe' => [
        'host' =>
            '{who, select, you {Sie haben {visitor} „noch nicht sicher“ gesagt.} other {{name} hat {visitor} „noch nicht sicher“ gesagt.}}',
        'visitor' => '{name} ist noch nicht sicher. Die Zeit wird bis {until} für Sie gehalten.',
        'guest' => '{name} ist noch nicht sicher. Die Zeit wird bis {until} gehalten.',
    ],
    'declined' => [
        'host' => '{who, select, you {Sie haben {visitor} abgesagt.} other {{name} hat {visitor} abgesagt.}}',
        'visitor' => '{host} kann Sie zu dieser Zeit nicht treffen. Vielleicht sind andere Zeiten frei.',
        'guest' => '{host} kann zu dieser Zeit nicht. Das Gespräch findet nicht statt.',
    ],
    'moved' => [
        'host' =>
            '{who, select, you {Sie haben dieses Gespräch verlegt.} office {Das Sekretariat hat dieses Gespräch verlegt.} other {{name} hat dieses Gespräch verlegt.}} Dies ist die neue Zeit.',
        'visitor' =>
            '{held, select, yes {Die Zeit, um die Sie gebeten haben, ist jetzt eine andere. Sie wird für Sie gehalten, bis {host} antwortet, längstens bis {until}.} other {{who, select, you {Sie haben diesen Termin verschoben.} office {Das Sekretariat hat diesen Termin verschoben.} host {{name} musste diesen Termin verschieben.} colleague {{name} musste diesen Termin verschieben.} other {{name} hat diesen Termin verschoben.}} Das ist die neue Zeit.}}',
        'guest' =>
            '{who, select, you {Sie haben diesen Termin verschoben.} office {Das Sekretariat hat diesen Termin verschoben.} host {{name} musste diesen Termin verschieben.} colleague {{name} musste diesen Termin verschieben.} other {{name} hat diesen Termin verschoben.}} Das ist die neue Zeit.',
    ],
    'cancelled' => [
        'host' =>
            '{who, select, you {Sie haben dieses Gespräch abgesagt.} office {Das Sekretariat hat dieses Gespräch abgesagt.} other {{name} hat dieses Gespräch abgesagt.}} Die Zeit ist wieder frei.',
        'visitor' =>
            '{who, select, you {Sie haben diesen Termin abgesagt. Die Zeit ist jetzt frei für andere.} office {Das Sekretariat hat diesen Termin abgesagt.} host {{name} musste diesen Termin absagen. Das tut uns leid.} colleague {{name} musste diesen Termin absagen. Das tut uns leid.} other {{name} hat diesen Termin abgesagt.}}',
        'guest' =>
            '{who, select, you {Sie haben diesen Termin abgesagt. Die Zeit ist jetzt frei für andere.} office {Das Sekretariat hat diesen Termin abgesagt.} host {{name} musste diesen Termin absagen. Das tut uns leid.} colleague {{name} musste diesen Termin absagen. Das tut uns leid.} other {{name} hat diesen Termin abgesagt.}}',
    ],
    'link_added' => [
        'host' => 'Der Videolink ist da.',
        'visitor' => 'Der Video-Link für dieses Gespräch ist da.',
        'guest' => 'Der Video-Link für dieses Gespräch ist da.',
    ],
    'link_changed' => [
        'host' => 'Der Videolink dieses Gesprächs ist neu. Der alte geht nicht mehr.',
        'visitor' => 'Der Video-Link dieses Gesprächs ist ein neuer. Der alte geht nicht mehr.',
        'guest' => 'Der Video-Link dieses Gesprächs ist ein neuer. Der alte geht nicht mehr.',
    ],
    'place_changed' => [
        'host' => 'Dieses Gespräch ist jetzt an einem anderen Ort.',
        'visitor' => 'Dieses Gespräch ist jetzt an einem anderen Ort.',
        'guest' => 'Dieses Gespräch ist jetzt an einem anderen Ort.',
    ],
    'answers_changed' => [
        'host' => '{name} hat die Angaben geändert.',
    ],
    'reminder' => [
        'host' => 'Dieses Gespräch ist {when}.',
        'visitor' => 'Dieser Termin ist {when}.',
        'guest' => 'Dieser Termin ist {when}.',
    ],
    'guest_brought' => [
        'host' => '{name} hat {guest} zu diesem Gespräch hinzugefügt.',
        'visitor' =>
            '{who, select, you {Sie haben {guest} zu diesem Gespräch hinzugefügt.} other {{name} hat {guest} zu diesem Gespräch hinzugefügt.}} Die Person bekommt eine eigene private Seite.',
        'about' => '{name} hat Sie zu diesem Gespräch hinzugefügt.',
        'guest' => '{name} hat {guest} zu diesem Gespräch hinzugefügt.',
    ],
    'guest_left' => [
        'host' => '{guest} kommt nicht mehr zu diesem Gespräch. Das Gespräch selbst bleibt.',
        'visitor' =>
            '{who, select, you {Sie haben {guest} aus diesem Gespräch entfernt.} other {{guest} kommt nicht mehr zu diesem Gespräch.}} Das Gespräch selbst bleibt.',
        'about' =>
            '{who, select, you {Sie kommen nicht mehr zu diesem Gespräch.} other {{name} hat Sie aus diesem Gespräch entfernt.}} Das Gespräch selbst bleibt.',
        'guest' => '{guest} kommt nicht mehr zu diesem Gespräch. Das Gespräch selbst bleibt.',
    ],
    'sitting' => [
        'heading' => '{count} Zeiten gebucht: {school}',
        'news' => 'Diese {count, number} Zeiten gehören Ihnen.',
        'press' =>
            '{may, select, change {{time}, {host}: verschieben oder absagen} cancel {{time}, {host}: absagen} other {{time}, {host}: ansehen}}',
        'another' => 'Noch eine Zeit buchen',
    ],
    'link' => [
        'answer' => 'Diese Anfrage beantworten',
        'everybody' => 'Alle sehen, die gebucht haben',
        'another' => 'Andere Zeit wählen',
        'confirm' => 'Ja, das ist meine Adresse: buchen',
        'change' => 'Ihre Termine: ansehen, verschieben oder absagen',
        'cancel' => 'Ihre Termine: ansehen oder absagen',
        'look' => 'Ihre Termine',
    ],
    'off' => [
        'declined' => '{host} kann Sie zu dieser Zeit nicht treffen.',
        'cancelled' =>
            '{who, select, you {Sie haben diesen Termin abgesagt. Die Zeit ist jetzt frei für andere.} office {Das Sekretariat hat diesen Termin abgesagt.} host {{name} musste diesen Termin absagen.} colleague {{name} musste diesen Termin absagen.} other {{name} hat diesen Termin abgesagt.}}',
        'by' => '{who, select, office {vom Sekretariat} other {von {name}}}',
    ],
    'digest_heading' => 'Ihre Gespräche: Neues bei {times, plural, one {# Zeit} other {# Zeiten}}',
    'digest' => 'Das ist seit gestern neu.',
    'digest_link' => 'Ihre Blätter ansehen',
    'digest_line' =>
        '{state, select, booked {gebucht} asked {erbeten, wartet auf Ihre Antwort} cancelled {abgesagt} kept {noch nicht bestätigt} declined {abgelehnt} other {}}: {who}{about, select, none {} other {, wegen {student}}}',
    'again_heading' => 'Ihre Termine',
    'again' => 'Hier sind Ihre Termine.',
    'again_other' => 'Und {number}',
    'was' => 'Nicht mehr',
    'that_day' => 'Auch an diesem Tag',
    'free_now' => 'Gerade frei',
];
