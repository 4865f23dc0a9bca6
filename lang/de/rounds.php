<?php

declare(strict_types=1);

return [
    'was' => 'Es war {moment}.',
    'not_to_move' => 'Dieser Termin kann nicht mehr verschoben werden.',
    'not_moved' =>
        'Gerade hat jemand eine dieser Zeiten genommen, deshalb wurde nichts geändert. Alles, was Sie gebucht ' .
        'hatten, bleibt, wo es war. Sehen Sie den Plan noch einmal an.',
    'back_heading' => 'Abgesagt: {title}',
    'back_news' =>
        '{count, plural, one {Sie haben diesen Termin abgesagt.} other {Sie haben diese # Termine abgesagt.}} Die ' .
        'Zeiten sind jetzt frei für andere.',
    'back_link' => 'Wieder buchen',
    'only_families' =>
        'Diese Sprechtage sind für Familien von {school}. Die Karte, die Sie bekommen haben, öffnet sie.',
    'day_said' =>
        '{from} bis {until}, {waiting, plural, =0 {keine Wartezeit dazwischen} one {# Minute zwischen den ' .
        'Gesprächen} other {# Minuten zwischen den Gesprächen}}.',
    'between_none' => 'gleich danach',
    'between_wait' => '{wait, plural, one {# Minute} other {# Minuten}} warten',
    'between_way' => '{way, plural, one {# Minute} other {# Minuten}} für den Weg',
    'between_both' => '{way, plural, one {# Minute} other {# Minuten}} für den Weg, {wait} warten',
    'left_nothing' => '{host} hat keine Zeit mehr frei.',
    'left_interpreter' => '{host} hat freie Zeiten, aber dann ist niemand frei, der in Ihre Sprache dolmetscht.',
    'left_interpreter_stay' =>
        '{host} hat freie Zeiten, aber dann ist niemand frei, der in Ihre Sprache dolmetscht; {time} ginge, wenn ' .
        'Sie bis {until} bleiben können.',
    'left_interpreter_come' =>
        '{host} hat freie Zeiten, aber dann ist niemand frei, der in Ihre Sprache dolmetscht; {time} ginge, wenn ' .
        'Sie dann kommen können.',
    'left_outside' => '{host} hat keine Zeit frei, während Sie kommen können.',
    'left_outside_stay' =>
        '{host} hat keine Zeit frei, während Sie kommen können; {time} ginge, wenn Sie bis {until} bleiben können.',
    'left_outside_come' =>
        '{host} hat keine Zeit frei, während Sie kommen können; {time} ginge, wenn Sie dann kommen können.',
    'left_clashes' => '{host} ist nur frei, während Sie bei {others} sind oder auf dem Weg dorthin.',
    'left_clashes_stay' =>
        '{host} ist nur frei, während Sie bei {others} sind; {time} ist frei, wenn Sie bis {until} bleiben können.',
    'left_clashes_come' =>
        '{host} ist nur frei, während Sie bei {others} sind; {time} ist frei, wenn Sie dann kommen können.',
    'take_otherwise' => 'Ich kann um {time} kommen',
    'not_proven' =>
        'Ein guter Plan. Ob es einen besseren gibt, ließ sich in der Zeit, die eine Seite hat, nicht klären.',
    'not_proven_meetings' =>
        '{most, plural, one {Vielleicht passt # Termin} other {Vielleicht passen bis zu # Termine}}; alle Wege ' .
        'ließen sich in der Zeit, die eine Seite hat, nicht ansehen.',
    'gone' =>
        'Gerade hat jemand {time} bei {host} genommen. Nichts wurde gebucht; hier ist der nächstbeste Plan, die ' .
        'Änderungen sind markiert.',
    'no_longer' =>
        'Die Schule hat diese Zeit verlegt oder geschlossen: {time} bei {host}. Nichts wurde gebucht; hier ist der ' .
        'nächstbeste Plan, die Änderungen sind markiert.',
    'no_interpreter' =>
        '{time}, wenn Sie bei {host} wären, ist niemand mehr frei, der dolmetscht. Nichts wurde gebucht; hier ist ' .
        'der nächstbeste Plan, die Änderungen sind markiert.',
    'have_it' =>
        'Sie haben schon einen Termin bei {host} für {child}, vielleicht von einer anderen Seite. Mehr wurde nicht ' .
        'gebucht; der Plan geht von dem aus, was Sie haben.',
    'child_has_it' =>
        '{apart, select, yes {Ein Termin bei {host} für {child} kann von hier nicht gebucht werden. Nichts wurde ' .
        'gebucht; das Sekretariat weiß mehr.} other {Ein Termin bei {host} für {child} ist schon von jemand ' .
        'anderem aus der Familie gebucht. Nichts wurde gebucht; fragen Sie dort oder im Sekretariat.}}',
    'elsewhere' =>
        '{apart, select, yes {Die Zeit {time} kann nicht mehr gebucht werden. Nichts wurde gebucht; hier ist der ' .
        'nächstbeste Plan, die Änderungen sind markiert.} other {Sie, oder {child} mit jemand anderem, haben ' .
        '{time} jetzt einen anderen Termin. Nichts wurde gebucht; hier ist der nächstbeste Plan, die Änderungen ' .
        'sind markiert.}}',
    'left_child' =>
        '{apart, select, yes {Ein Termin bei {host} für {child} kann von hier nicht gebucht werden. Das ' .
        'Sekretariat weiß mehr.} other {Jemand anderes, der sich um {child} kümmert, hat bei {host} schon ' .
        'gebucht.}}',
    'not_open' => 'Diese Sprechtage nehmen jetzt keine Buchungen an. Das Sekretariat weiß mehr.',
    'cohort_opens' => 'Für Sie öffnet die Buchung {moment}.',
    'not_in_it' => 'Diese Person ist an diesen Sprechtagen nicht da oder nimmt jetzt keine Buchungen an.',
    'not_theirs' => 'Für dieses Kind können Sie hier nicht buchen.',
    'twice' => 'Diese Person steht für ein Kind doppelt da.',
    'nothing_picked' => 'Kreuzen Sie jemanden an, den Sie treffen möchten.',
    'no_such_hours' => 'Diese Stunden gibt es an dem Tag nicht.',
    'kept_heading' => '{moved, plural, =0 {Ihr Plan} other {Ihr neuer Plan}}: {title}',
    'kept_news' =>
        '{moved, plural, =0 {{count, plural, one {Dieser Termin gehört Ihnen} other {Diese # Termine gehören ' .
        'Ihnen}}.} one {Sie haben # Termin verschoben. {count, plural, one {Dieser Termin gehört} other {Diese # ' .
        'Termine gehören}} jetzt Ihnen.} other {Sie haben # Termine verschoben. {count, plural, one {Dieser Termin ' .
        'gehört} other {Diese # Termine gehören}} jetzt Ihnen.}} Öffnen Sie Ihre Termine, um einen zu ändern oder ' .
        'abzusagen.',
    'kept_to_confirm' =>
        '{count, plural, one {Dieser Termin ist} other {Diese # Termine sind}} eine halbe Stunde für Sie ' .
        'reserviert. Ein Klick auf die Adresse unten, und alles ist gebucht.',
    'kept_link' => 'Alles, was Sie gebucht haben',
    'kept_confirm' => 'Ja, das ist meine Adresse: buchen',
    'no_scripts' =>
        'Der Plan wird gesucht, während Sie zusehen; das braucht JavaScript. Ohne buchen Sie bei einer Lehrkraft ' .
        'nach der anderen:',
    'invite_heading' => '{title}: {collects, select, yes {Wen möchten Sie treffen?} other {Wählen Sie Ihre Zeiten}}',
    'remind_heading' => '{title}: Wir haben noch nichts von Ihnen gehört',
    'remind_news_book' =>
        'Sie können Zeiten für {students} buchen, bei allen, die dort unterrichten, und sehen, wie es ' .
        'zusammenpasst.',
    'remind_news_wish' =>
        'Sie können sagen, wen Sie wegen {students} treffen möchten und wann Sie kommen können, bis {moment}.',
    'remind_link' => 'Seite öffnen',
    'remind_text' => '{title}: Zeiten für {students} unter {link}',
];
