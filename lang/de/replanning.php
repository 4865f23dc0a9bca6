<?php

declare(strict_types=1);

return [
    'title' => 'Wenn etwas dazwischenkommt: {round}',
    'away_said' =>
        '{hit, plural, =0 {Dann hat niemand bei {host} gebucht, also braucht niemand Nachricht.} one {Ein Gespräch mit {host} kann nicht sein.} other {# Gespräche mit {host} können nicht sein.}} {hit, plural, =0 {} other {{placed, plural, =0 {Für keines gibt es eine andere Zeit.} one {Für eines gibt es eine andere Zeit, so wenig verlegt wie möglich.} other {Für # gibt es andere Zeiten, so wenig verlegt wie möglich.}}}}',
    'stead' => '{time} mit {host}',
    'away_done' => '{host} ist abwesend. Alle Betroffenen erfahren es in einer halben Minute.',
    'is_away' =>
        '{host} ist abwesend: {times, plural, one {eine Zeit ist geschlossen, am {from}} other {# Zeiten sind geschlossen, ab {from}}}.',
    'not_away' => 'Es gibt keine Abwesenheit, oder sie ist vorbei. Nichts wurde geändert.',
    'not_in_it' => 'Kein offenes Blatt bei diesem Sprechtag.',
    'others_hit' =>
        'Es trifft andere, als Sie gesehen haben: Inzwischen hat jemand gebucht oder verlegt. Nichts wurde geändert; sehen Sie noch einmal nach.',
    'taken_meanwhile' =>
        'Eine dieser Zeiten wurde inzwischen vergeben. Nichts wurde geändert; sehen Sie noch einmal nach.',
    'evening_said' =>
        '{meetings, plural, =0 {Am {from} hat niemand gebucht; die Zeiten ziehen auf den {to}.} one {Ein Gespräch zieht von {from} auf {to}, zu seiner Stunde.} other {# Gespräche von {families, plural, one {einer Familie} other {# Familien}} ziehen von {from} auf {to}, jedes zu seiner Stunde.}} {cannot, plural, =0 {} one {Eines kann dann nicht sein und wird abgesagt.} other {# können dann nicht sein und werden abgesagt.}}',
    'evening_done' =>
        'Der Abend ist verlegt. In einer halben Minute erfährt jede Familie alle ihre Gespräche in einer Nachricht.',
    'not_its_date' => 'Der Sprechtag ist nicht an diesem Tag.',
    'date_over' => 'Dieser Tag ist vorbei.',
    'date_far' => 'Das ist zu weit weg für denselben Sprechtag. Machen Sie ihn mit neuen Tagen noch einmal.',
    'date_taken' => 'Der Sprechtag ist schon an diesem Tag.',
    'date_closed' => 'Die Schule ist an diesem Tag geschlossen.',
    'others_cannot' =>
        'An diesem Tag können andere nicht, als Sie gesehen haben. Nichts wurde geändert; sehen Sie noch einmal nach.',
    'moved_heading' => 'Ein anderes Datum: {title}',
    'moved_news' =>
        '{count, plural, one {Ihr Termin ist jetzt an einem anderen Datum, zur selben Uhrzeit.} other {Ihre # Termine sind jetzt an einem anderen Datum, zur selben Uhrzeit.}}',
    'moved_link' => 'Alles, was Sie gebucht haben',
    'video_said' =>
        '{can, plural, =0 {Niemand hat einen Link.} one {Eine Lehrkraft hat einen Link.} other {# Lehrkräfte haben einen Link.}} {cannot, plural, =0 {} one {{names} hat keinen und bleibt am Ort, bis einer da ist.} other {# haben keinen und bleiben am Ort, bis einer da ist: {names}{cannot, plural, =1 {} =2 {} =3 {} =4 {} =5 {} =6 {} =7 {} =8 {} =9 {} =10 {} =11 {} =12 {} other { und andere}}.}}',
    'by_video_label' => 'Per Video',
    'undone' => 'Alles ist, wie es war. Niemandem wurde geschrieben.',
    'undo_late' => 'Zum Zurücknehmen ist es zu spät: Die Nachrichten sind geschrieben.',
    'undo_taken' =>
        'Das lässt sich nicht mehr zurücknehmen: Jemand hat inzwischen eine dieser Zeiten. Nichts wurde geändert.',
];
