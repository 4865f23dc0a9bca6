<?php

declare(strict_types=1);

return [
    'was' => 'Es war {moment}.',
    'not_to_move' => 'Dieser Termin kann nicht mehr verschoben werden.',
    'not_moved' =>
        'Gerade hat jemand eine dieser Zeiten genommen, deshalb wurde nichts geändert. Alles, was Sie gebucht hatten, bleibt, wo es war. Sehen Sie den Plan noch einmal an.',
    'back_heading' => 'Abgesagt: {title}',
    'back_news' =>
        '{count, plural, one {Sie haben diesen Termin abgesagt.} other {Sie haben diese # Termine abgesagt.}} Die Zeiten sind jetzt frei für andere.',
    'back_link' => 'Wieder buchen',
    'title' => 'Sprechtage',
    'new' => 'Ein neuer Sprechtag',
    'only_families' =>
        'Diese Sprechtage sind für Familien von {school}. Die Karte, die Sie bekommen haben, öffnet sie.',
    'day_said' =>
        '{from} bis {until}, {waiting, plural, =0 {keine Wartezeit dazwischen} one {# Minute zwischen den Gesprächen} other {# Minuten zwischen den Gesprächen}}.',
    'between_none' => 'gleich danach',
    'between_wait' => '{wait, plural, one {# Minute} other {# Minuten}} warten',
    'between_way' => '{way, plural, one {# Minute} other {# Minuten}} für den Weg',
    'between_both' => '{way, plural, one {# Minute} other {# Minuten}} für den Weg, {wait} warten',
    'left_nothing' => '{host} hat keine Zeit mehr frei.',
    'left_interpreter' => '{host} hat freie Zeiten, aber dann ist niemand frei, der in Ihre Sprache dolmetscht.',
    'left_interpreter_stay' =>
        '{host} hat freie Zeiten, aber dann ist niemand frei, der in Ihre Sprache dolmetscht; {time} ginge, wenn Sie bis {until} bleiben können.',
    'left_interpreter_come' =>
        '{host} hat freie Zeiten, aber dann ist niemand frei, der in Ihre Sprache dolmetscht; {time} ginge, wenn Sie dann kommen können.',
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
        '{most, plural, one {Vielleicht passt # Termin} other {Vielleicht passen bis zu # Termine}}; alle Wege ließen sich in der Zeit, die eine Seite hat, nicht ansehen.',
    'gone' =>
        'Gerade hat jemand {time} bei {host} genommen. Nichts wurde gebucht; hier ist der nächstbeste Plan, die Änderungen sind markiert.',
    'no_longer' =>
        'Die Schule hat diese Zeit verlegt oder geschlossen: {time} bei {host}. Nichts wurde gebucht; hier ist der nächstbeste Plan, die Änderungen sind markiert.',
    'no_interpreter' =>
        '{time}, wenn Sie bei {host} wären, ist niemand mehr frei, der dolmetscht. Nichts wurde gebucht; hier ist der nächstbeste Plan, die Änderungen sind markiert.',
    'dates' => '{first} bis {last}',
    'card_how' =>
        '{teachers, select, none {} other {Mit {teachers}. }}Fotografieren Sie das Quadrat, oder tippen Sie den Code auf {address}',
    'card_teachers' => '{names} und {more} andere',
    'cards_cut' =>
        'Dies sind die Karten der ersten {most, number} von {all, number} Kindern. Drucken Sie die anderen Klasse für Klasse.',
    'have_it' =>
        'Sie haben schon einen Termin bei {host} für {child}, vielleicht von einer anderen Seite. Mehr wurde nicht gebucht; der Plan geht von dem aus, was Sie haben.',
    'child_has_it' =>
        '{apart, select, yes {Ein Termin bei {host} für {child} kann von hier nicht gebucht werden. Nichts wurde gebucht; das Sekretariat weiß mehr.} other {Ein Termin bei {host} für {child} ist schon von jemand anderem aus der Familie gebucht. Nichts wurde gebucht; fragen Sie dort oder im Sekretariat.}}',
    'elsewhere' =>
        '{apart, select, yes {Die Zeit {time} kann nicht mehr gebucht werden. Nichts wurde gebucht; hier ist der nächstbeste Plan, die Änderungen sind markiert.} other {Sie, oder {child} mit jemand anderem, haben {time} jetzt einen anderen Termin. Nichts wurde gebucht; hier ist der nächstbeste Plan, die Änderungen sind markiert.}}',
    'left_child' =>
        '{apart, select, yes {Ein Termin bei {host} für {child} kann von hier nicht gebucht werden. Das Sekretariat weiß mehr.} other {Jemand anderes, der sich um {child} kümmert, hat bei {host} schon gebucht.}}',
    'not_open' => 'Diese Sprechtage nehmen jetzt keine Buchungen an. Das Sekretariat weiß mehr.',
    'collecting' => 'Zuerst kommen hier Wünsche. Nichts kann gebucht werden, bis alle ihre Zeiten kennen.',
    'cohort_opens' => 'Für Sie öffnet die Buchung {moment}.',
    'not_in_it' => 'Diese Person ist an diesen Sprechtagen nicht da oder nimmt jetzt keine Buchungen an.',
    'not_theirs' => 'Für dieses Kind können Sie hier nicht buchen.',
    'twice' => 'Diese Person steht für ein Kind doppelt da.',
    'nothing_picked' => 'Kreuzen Sie jemanden an, den Sie treffen möchten.',
    'no_such_hours' => 'Diese Stunden gibt es an dem Tag nicht.',
    'kept_heading' => '{moved, plural, =0 {Ihr Plan} other {Ihr neuer Plan}}: {title}',
    'kept_news' =>
        '{moved, plural, =0 {{count, plural, one {Dieser Termin gehört Ihnen} other {Diese # Termine gehören Ihnen}}.} one {Sie haben # Termin verschoben. {count, plural, one {Dieser Termin gehört} other {Diese # Termine gehören}} jetzt Ihnen.} other {Sie haben # Termine verschoben. {count, plural, one {Dieser Termin gehört} other {Diese # Termine gehören}} jetzt Ihnen.}} Öffnen Sie Ihre Termine, um einen zu ändern oder abzusagen.',
    'kept_to_confirm' =>
        '{count, plural, one {Dieser Termin ist} other {Diese # Termine sind}} eine halbe Stunde für Sie reserviert. Ein Klick auf die Adresse unten, und alles ist gebucht.',
    'kept_link' => 'Alles, was Sie gebucht haben',
    'kept_confirm' => 'Ja, das ist meine Adresse: buchen',
    'no_scripts' =>
        'Der Plan wird gesucht, während Sie zusehen; das braucht JavaScript. Ohne buchen Sie bei einer Lehrkraft nach der anderen:',
    'published_already' =>
        'Dieser Sprechtag ist veröffentlicht. Was allen Blättern gemeinsam ist, kann hier nicht mehr geändert werden.',
    'wished_already' => 'Familien haben schon Wünsche geschickt, also bleibt er veröffentlicht. Nichts wurde geändert.',
    'wishes_too_late' => 'Wünsche enden vor dem ersten Tag des Sprechtags, damit Zeit zum Verteilen bleibt.',
    'wishes_until_over' =>
        'Der Moment, bis zu dem Familien wünschen, ist schon vorbei. Setzen Sie einen späteren, dann veröffentlichen Sie.',
    'cohort_too_late' =>
        'Diese kommen zuerst: früher, als die Buchung für alle beginnt; sagen Sie also oben, wann das ist.',
    'booked_already' => 'Jemand hat schon gebucht, also bleibt er veröffentlicht. Nichts wurde geändert.',
    'changed_elsewhere' =>
        'Jemand hat diesen Sprechtag inzwischen geändert. Was Sie getippt haben, ist noch hier; laden Sie die Seite neu, um das andere zu sehen.',
    'nobody_in_it' => 'Noch ist niemand bei diesem Sprechtag. Wählen Sie Lehrkräfte, dann veröffentlichen Sie.',
    'all_closed' =>
        'Die Schule ist an allen diesen Tagen geschlossen, es gäbe also keine Zeiten. Nichts wurde veröffentlicht.',
    'no_place' =>
        '{count, plural, one {{names} hat noch keinen Ort: Niemand würde hinfinden.} other {# haben noch keinen Ort, also würde niemand hinfinden: {names}{count, plural, =2 {} =3 {} =4 {} =5 {} other { und andere}}.}} Nichts wurde veröffentlicht.',
    'not_past' => 'Der erste Tag ist schon vorbei.',
    'dates_needed' =>
        'Ein Sprechtag ist an bestimmten Tagen. Schreiben Sie sie wie „12. märz, 14. märz 16:00-19:00 /10“, oder „2027-03-09 16:00-19:00 /10 abstand 5“.',
    'too_long' => 'Ein Sprechtag liegt innerhalb von zwei Monaten.',
    'too_many_hosts' => 'Bei einem Sprechtag können höchstens {most} dabei sein.',
    'no_such_staff' => 'Eine dieser Personen arbeitet nicht mehr hier.',
    'no_such_class' => 'Eine dieser Klassen gibt es nicht mehr.',
    'look_said' =>
        '{slots, plural, one {Eine Zeit} other {# Zeiten}} je Lehrkraft: {all, number} bei {hosts, plural, one {einer Lehrkraft} other {# Lehrkräften}}.',
    'look_untaught' =>
        '{count, plural, one {Ein Kind hat} other {# Kinder haben}} keine ihrer Lehrkräfte bei diesem Sprechtag. Ihre Familien sehen alle, die dabei sind.',
    'look_short' =>
        '{count, plural, =0 {Alle haben Zeit für alle, die sie unterrichten.} one {Eine Lehrkraft unterrichtet mehr Kinder, als sie Zeiten hat.} other {# Lehrkräfte unterrichten mehr Kinder, als sie Zeiten haben.}}',
    'absent_on_sheet' =>
        'Dieser Sprechtag ist veröffentlicht. Schließen Sie die Zeiten auf Ihrem Blatt: Dort sehen Sie zuerst, wen es trifft.',
    'interpreter_here' => 'Eine dieser Personen arbeitet nicht mehr hier, oder steht für eine Sprache zweimal da.',
    'interpreter_is_host' =>
        'Wer bei diesem Sprechtag Familien empfängt, kann dort nicht dolmetschen: Die Zeiten werden vergeben, bevor man weiß, welche frei sind.',
    'no_such_language' => 'Das ist keine Sprache, die wir kennen; schreiben Sie ihren Code, etwa fr, ar oder uk.',
    'not_taught' => 'Eines dieser Kinder wird von dieser Lehrkraft nicht mehr unterrichtet.',
    'not_published_yet' =>
        'Dieser Sprechtag ist noch nicht veröffentlicht: Tragen Sie sie dort ein, wo er geschrieben wird. Nichts wurde geändert.',
    'it_is_over' => 'Alle Tage dieses Sprechtags sind vorbei. Nichts wurde geändert.',
    'nobody_here' => 'Niemand dieses Namens empfängt hier Familien.',
    'has_meetings' => 'Jemand hat bei {host} gebucht, also bleibt es dabei. Nichts wurde geändert.',
    'without_link' =>
        '{count, plural, one {{names} spricht per Video und hat noch keinen Link.} other {# sprechen per Video und haben noch keinen Link: {names}.}}',
    'ground' =>
        '{count, plural, one {{names} braucht} other {# Familien brauchen}} das Erdgeschoss{count, plural, one {} other {: {names}}}.',
    'needs_ground' => 'braucht das Erdgeschoss',
    'due_said' =>
        '{can, plural, =0 {Jetzt würde niemandem geschrieben.} one {Einer Bezugsperson würde geschrieben.} other {# Bezugspersonen würde geschrieben.}} {lately, plural, =0 {} one {Einer wurde innerhalb eines Tages geschrieben.} other {# wurde innerhalb eines Tages geschrieben.}} {cannot, plural, =0 {} one {Eine hat keine Adresse: Drucken Sie eine Karte.} other {# haben keine Adresse: Drucken Sie Karten.}}',
    'invite_heading' => '{title}: {collects, select, yes {Wen möchten Sie treffen?} other {Wählen Sie Ihre Zeiten}}',
    'remind_heading' => '{title}: Wir haben noch nichts von Ihnen gehört',
    'remind_news_book' =>
        'Sie können Zeiten für {students} buchen, bei allen, die dort unterrichten, und sehen, wie es zusammenpasst.',
    'remind_news_wish' =>
        'Sie können sagen, wen Sie wegen {students} treffen möchten und wann Sie kommen können, bis {moment}.',
    'remind_link' => 'Seite öffnen',
    'remind_text' => '{title}: Zeiten für {students} unter {link}',
    'wished_gone' =>
        '{count, plural, one {Eine Familie hat sich {names} gewünscht, inzwischen nicht mehr dabei. Sie hat Nachricht.} other {# Familien haben sich {names} gewünscht, inzwischen nicht mehr dabei. Sie haben Nachricht.}}',
    'nobody_yet' => 'Bei diesem Sprechtag hat noch niemand gebucht.',
    'place_needed' => 'Sagen Sie, wo man Sie findet.',
    'link_needed' => 'Ein Videogespräch braucht seinen Link, der mit https:// beginnt',
    'longer' => '{student}, für länger',
];
