<?php

declare(strict_types=1);

return [
    'way' => 'Den Weg ansehen: {place}',
    'letter_row' =>
        '{host}, {where}{directions, select, none {} other { ({directions})}}{student, select, none {} other { – es geht um {student}}}{interpreter, select, none {} other { – es dolmetscht {interpreter}}}',
    'not_as_filled_in' =>
        '{phone, select, none {So wie es ausgefüllt ist, geht das nicht. Was Sie geschrieben haben, bleibt stehen. Wenn schon etwas gebucht ist, öffnen Sie es aus der Nachricht, die Sie bekommen haben; oder fragen Sie im Sekretariat.} other {So wie es ausgefüllt ist, geht das nicht. Was Sie geschrieben haben, bleibt stehen. Wenn schon etwas gebucht ist, öffnen Sie es aus der Nachricht, die Sie bekommen haben; oder rufen Sie im Sekretariat an, {phone}.}}',
    'not_as_filled_in_letter' =>
        '{phone, select, none {So wie es ausgefüllt ist, kann diese Zeit nicht gebucht werden. Was Sie geschrieben haben, bleibt stehen. Wenn Sie mit dieser Adresse schon gebucht haben, ist eine Nachricht mit Ihren Terminen dorthin unterwegs; oder fragen Sie im Sekretariat.} other {So wie es ausgefüllt ist, kann diese Zeit nicht gebucht werden. Was Sie geschrieben haben, bleibt stehen. Wenn Sie mit dieser Adresse schon gebucht haben, ist eine Nachricht mit Ihren Terminen dorthin unterwegs; oder rufen Sie im Sekretariat an, {phone}.}}',
    'against' => [
        'visitor_enough' =>
            'Sie haben hier schon gebucht, auf einer anderen Ihrer Seiten. Öffnen Sie „Ihre Termine“ aus der Nachricht, um das zu ändern.',
        'visitor_elsewhere' =>
            'Sie haben dann ein anderes Gespräch, oder eines zu kurz davor oder danach. Bitte wählen Sie eine andere Zeit.',
        'student_enough' =>
            'Für {student} gibt es hier schon eine Zeit. Jemand anderes, der sich um {student} kümmert, hat sie gebucht. Sie können um Teilnahme bitten.',
        'student_elsewhere' =>
            'Für {student} gibt es dann ein anderes Gespräch, oder eines zu kurz davor oder danach. Bitte wählen Sie eine andere Zeit.',
    ],
    'no_link_yet' =>
        'Ihr Gespräch mit {name}, {when}, hat noch keinen Videolink. Fügen Sie ihn auf dem Blatt „{sheet}“ hinzu.',
    'busy_over' =>
        'In Ihrem Kalender „{calendar}“ liegt jetzt etwas über Ihrem Gespräch mit {name}, {when}. Das Gespräch gilt; verlegen Sie es oder sagen Sie ab, wenn Sie nicht können.',
    'letters_waiting' =>
        '{count, plural, one {Eine Nachricht geht nicht hinaus} other {# Nachrichten gehen nicht hinaus}} und {count, plural, one {wird} other {werden}} drei Tage lang wieder versucht: an {to}{more, plural, =0 {} one { und eine weitere Adresse} other { und # weitere Adressen}}. Der Mailserver sagt „{why}“. Wer den Server betreut, kann sich darum kümmern.',
    'letters_given_up' =>
        '{count, plural, one {Eine Nachricht ging nie hinaus} other {# Nachrichten gingen nie hinaus}}: an {to}{more, plural, =0 {} one { und eine weitere Adresse} other { und # weitere Adressen}}. Der Mailserver sagte „{why}“. {count, plural, one {Erreichen Sie die Person} other {Erreichen Sie diese Personen}} auf anderem Weg.',
    'mail_failed' =>
        '{phone, select, none {Eine Nachricht an {name} ({email}) kam nicht an. Eine Telefonnummer gibt es nicht.} other {Eine Nachricht an {name} ({email}) kam nicht an. Die Telefonnummer: {phone}.}}',
    'only_families' =>
        'Diese Zeiten sind für Familien, die {school} kennt. Öffnen Sie sie mit dem Link in Ihrer Nachricht, von Ihren Terminen aus oder mit dem Code von Ihrer Karte.',
    'only_staff' => 'Diese Seite ist für das Kollegium: {school}.',
    'only_anyone' => 'Diese Seite kann jeder öffnen.',
    'sheet_with' => 'bei {host}',
    'staff_come_in' => 'Anmelden und die Zeiten sehen',
    'card_title' => 'Sie haben eine Karte mit einem Code',
    'card_code' => 'Der Code auf Ihrer Karte',
    'card_open' => 'Öffnen',
    'card_unknown' =>
        'Eine Karte mit diesem Code gibt es nicht. Sehen Sie noch einmal nach: Er hat zehn Buchstaben und Ziffern.',
    'card_too_often' =>
        'Von hier wurden zu viele Codes versucht. Warten Sie eine Stunde, oder öffnen Sie den Link in Ihrer Nachricht.',
    'card_none' =>
        '{phone, select, none {Keine Karte und keine Nachricht? Rufen Sie im Sekretariat an.} other {Keine Karte und keine Nachricht? Rufen Sie im Sekretariat an, {phone}.}}',
    'no_line' =>
        '{phone, select, none {Hier kann zurzeit niemand auf die Warteliste. Sehen Sie später wieder herein, oder rufen Sie im Sekretariat an.} other {Hier kann zurzeit niemand auf die Warteliste. Sehen Sie später wieder herein, oder rufen Sie im Sekretariat an, {phone}.}}',
    'line_is_long' =>
        '{phone, select, none {Die Warteliste ist so lang, wie sie sein kann. Sehen Sie später wieder herein, oder rufen Sie im Sekretariat an.} other {Die Warteliste ist so lang, wie sie sein kann. Sehen Sie später wieder herein, oder rufen Sie im Sekretariat an, {phone}.}}',
    'not_answered' =>
        '{phone, select, none {Es kam keine rechtzeitige Antwort, deshalb ist die Zeit wieder frei. Bitte wählen Sie eine andere, oder rufen Sie im Sekretariat an.} other {Es kam keine rechtzeitige Antwort, deshalb ist die Zeit wieder frei. Bitte wählen Sie eine andere, oder rufen Sie im Sekretariat an, {phone}.}}',
    'not_confirmed' => 'Die E-Mail-Adresse hat nicht rechtzeitig geantwortet.',
    'other_host' =>
        'Um {time} wäre es bei {host}. Bestätigen Sie das mit noch einem Klick, oder wählen Sie eine andere Zeit.',
    'has_begun' => 'Dieses Gespräch hat begonnen oder ist vorbei; es kann nicht mehr verschoben oder abgesagt werden.',
    'next_free' => 'frei {when}',
    'next_opens' => 'öffnet {when}',
    'next_taken' => 'alle Zeiten sind vergeben',
    'next_over' => 'zurzeit keine weiteren Zeiten',
    'pick' => 'Wählen Sie eine Zeit',
    'free' => '{free, number} frei',
    'free_here' => '{free, number} frei an diesen Tagen',
    'clock' => '12-Stunden-Uhr',
    'slot' => [
        'taken' => '{from} bis {until} vergeben',
        'busy' => '{from} bis {until} nicht verfügbar',
        'too soon' => '{from} bis {until} zu kurzfristig',
        'not yet open' => '{from} bis {until} noch nicht geöffnet',
        'closed' => '{from} bis {until} geschlossen',
        'past' => '{from} bis {until} vorbei',
    ],
    'earliest' => 'Am frühesten:',
    'parts' => 'Tageszeit',
    'part' => [
        'any' => 'Ganzer Tag: {free, number}',
        'morning' => 'Vormittags: {free, number}',
        'afternoon' => 'Nachmittags: {free, number}',
        'late' => 'Ab {from}: {free, number}',
    ],
    'day_none' => 'An diesem Tag ist nichts frei.',
    'times' => [
        'free' => '{free, plural, =1 {Wählen Sie eine Zeit: eine ist frei} other {Wählen Sie eine Zeit: # sind frei}}',
        'taken' => 'Alle Zeiten sind vergeben',
        'opens' => 'Öffnet {opens}',
        'enough' => 'Sie haben hier schon gebucht',
        'too late' => 'Für die übrigen Zeiten ist die Buchung geschlossen',
        'over' => 'Zurzeit sind keine weiteren Zeiten geplant',
    ],
    'sheet_title' => '{sheet} bei {host}',
    'state' => [
        'kept' =>
            'Reserviert bis {until}. Klicken Sie auf den Knopf in der Nachricht an Ihre E-Mail-Adresse, dann ist es gebucht.',
        'asked' => 'Angefragt. Die Zeit wird längstens bis {until} für Sie gehalten.',
        'booked' => 'Gebucht.',
        'declined' => 'Abgelehnt.',
        'cancelled' => 'Abgesagt.',
    ],
    'undo' => [
        'given back' => 'Dieser Termin ist abgesagt.',
        'moved' => 'Der Termin ist verschoben.',
        'guest left' => 'Die Person kommt nicht.',
        'guest brought' => 'Die Person ist eingeladen.',
    ],
    'office' =>
        '{phone, select, none {Brauchen Sie Hilfe? Rufen Sie im Sekretariat der Schule an.} other {Brauchen Sie Hilfe? Rufen Sie im Sekretariat der Schule an: {phone}.}}',
    'handout' =>
        '{phone, select, none {Wenn das nicht geht, rufen Sie im Sekretariat an; dort wird für Sie gebucht.} other {Wenn das nicht geht, rufen Sie im Sekretariat an, {phone}; dort wird für Sie gebucht.}}',
    'slip' =>
        '{phone, select, none {Wenn Sie nicht kommen können, rufen Sie im Sekretariat an: Jemand anderes freut sich über die Zeit.} other {Wenn Sie nicht kommen können, rufen Sie im Sekretariat an, {phone}: Jemand anderes freut sich über die Zeit.}}',
    'notice' =>
        '{phone, select, none {Ein Konto ist nicht nötig. Oder fragen Sie im Sekretariat: Dort wird für Sie gebucht.} other {Ein Konto ist nicht nötig. Oder rufen Sie im Sekretariat an, {phone}: Dort wird für Sie gebucht.}}',
    'look_again' => 'Etwas braucht noch einen Blick. Nichts ist verloren.',
    'line_sent' =>
        'Wir haben Ihnen eine Nachricht geschickt. Klicken Sie dort auf den Knopf, und wir sagen Ihnen, wenn eine Zeit frei wird. Wenn Sie an der Reihe sind, ist sie eine Weile für Sie reserviert.',
    'confirm_first' =>
        'Diese Zeit ist nur für Sie reserviert. Klicken Sie auf den Knopf in der Nachricht an Ihre Adresse; dann ist sie gebucht und kann geändert werden.',
    'still_needed' =>
        'Jemand hat auf diesem Blatt gebucht, also bleibt es. Legen Sie es stattdessen weg: Dann steht es nicht mehr auf Ihrer Liste und nimmt keine Buchungen an.',
    'undo_late' => 'Zum Zurücknehmen ist es zu spät: Die Beteiligten haben schon davon erfahren.',
    'undo_taken' => 'Das lässt sich nicht mehr zurücknehmen: Jemand war schneller. Wählen Sie eine andere Zeit.',
    'address_subject' => 'Ist das Ihre E-Mail-Adresse?',
    'address_news' =>
        'Diese Adresse wurde für Termine an {school} angegeben. Waren Sie das? Klicken Sie auf den Knopf, und Nachrichten gehen ab jetzt dorthin. Wenn nicht, tun Sie nichts. Sie hören nichts mehr.',
    'address_press' => 'Ja, das ist meine Adresse',
    'address_asked' => 'Ist {email} Ihre Adresse?',
    'address_asked_more' =>
        'Ein Klick, und Nachrichten zu Ihren Terminen gehen dorthin; was für Sie reserviert ist, ist damit gebucht.',
    'address_done' => 'Danke. Nachrichten gehen an {email}.',
    'address_moved_subject' => 'Nachrichten zu Ihren Terminen gehen an eine andere Adresse',
    'address_moved_news' =>
        '{phone, select, none {Nachrichten zu Ihren Terminen gehen ab jetzt an {email}. Wenn Sie das nicht waren, öffnen Sie Ihre Termine und geben Sie der Seite eine neue Adresse, oder rufen Sie im Sekretariat an.} other {Nachrichten zu Ihren Terminen gehen ab jetzt an {email}. Wenn Sie das nicht waren, öffnen Sie Ihre Termine und geben Sie der Seite eine neue Adresse, oder rufen Sie im Sekretariat an, {phone}.}}',
    'join_subject' => '{name} möchte auch kommen',
    'join_news' =>
        '{name} möchte an diesem Gespräch teilnehmen. Öffnen Sie Ihre Termine, um die Person hinzuzufügen. Oder tun Sie nichts: Sie erfährt dann nichts.',
    'open_pass' => 'Ihre Termine öffnen',
    'to_pass' => 'Zu Ihren Terminen',
    'dear' => 'Guten Tag {name},',
    'line_subject' => 'Möchten Sie erfahren, wenn {host} eine Zeit frei hat?',
    'line_news' =>
        'Jemand möchte an dieser Adresse erfahren, wenn eine Zeit frei ist. Waren Sie das? Klicken Sie auf den Knopf. Wenn nicht, tun Sie nichts. Sie hören nichts mehr.',
    'line_press' => 'Ja, sagen Sie mir, wenn eine frei ist',
    'line_asked' => 'Möchten Sie erfahren, wenn eine Zeit frei ist?',
    'line_asked_more' =>
        'Wenn jemand eine Zeit zurückgibt und Sie an der Reihe sind, ist sie eine Weile für Sie reserviert, und eine Nachricht kommt.',
    'wants_heading' => 'Was Ihnen passen würde',
    'wants_when' => 'Wann',
    'wants_any_time' => 'Ganzer Tag',
    'wants_morning' => 'Am Vormittag',
    'wants_afternoon' => 'Am Nachmittag, vor vier',
    'wants_late' => 'Später, ab vier',
    'wants_where' => 'Wo',
    'wants_anywhere' => 'Überall',
    'wants_with' => 'Mit',
    'wants_anybody' => 'Bei allen',
    'wants_only' => 'Nur diese anbieten',
    'wants_tell_me' => 'Sagen Sie mir, wenn eine frei ist',
    'line_in' =>
        '{before, plural, =0 {Sie sind die erste Person.} =1 {Sie sind die zweite Person.} other {# andere sind vor Ihnen.}}',
    'line_in_more' =>
        'Wenn eine Zeit frei wird und Sie an der Reihe sind, ist sie eine Weile für Sie reserviert, und eine Nachricht kommt. Zeiten, die ohnehin frei sind, können wie immer gebucht werden.',
    'line_offered' => 'Eine Zeit ist für Sie reserviert: {when}. Sie können sie bis {until} nehmen.',
    'line_offered_more' =>
        'Öffnen Sie die Nachricht dazu, um sie zu nehmen. Wenn Sie sie verstreichen lassen, sind zuerst die anderen dran; beim zweiten Mal werden Sie nicht wieder gefragt.',
    'line_out' => 'Sie hören nicht mehr von freien Zeiten.',
    'line_leave' => 'Sagen Sie mir nichts mehr',
    'line_decline' => 'Nein, danke: diesmal nicht',
    'offer_heading' => 'Eine Zeit ist frei: {when} bei {host}',
    'offer_news' => 'Eine Zeit ist frei. Sie ist bis {until} für Sie reserviert.',
    'offer_take' => 'Diese Zeit nehmen',
    'offer_decline' => 'Nein, danke',
    'offer_what' => 'Was',
    'offer_when' => 'Wann',
    'offer_with' => 'Mit',
    'line_see' => 'Zeiten ansehen',
    'pass_renewed_heading' => 'Ihre Termine: eine neue private Adresse',
    'pass_renewed' =>
        '{why, select, together {Alles, was Sie gebucht haben, steht jetzt auf einer Seite, und die Seite hat eine neue Adresse. Frühere Links öffnen nichts mehr.} card {Die private Seite für Ihre Termine hat eine neue Adresse. Sie haben eine neue Karte, und was auf der alten stand, gilt nicht mehr. Ihre Termine sind, wie sie waren.} other {Die private Seite für Ihre Termine hat eine neue Adresse. Die alte stand in einer Kalenderdatei, die jemand öffnen konnte, den Sie hinzugefügt haben; deshalb gilt sie nicht mehr. Ihre Termine sind, wie sie waren.}} Frühere Kalendereinträge können nicht mehr aus Ihrem Kalender beantwortet werden: Benutzen Sie diese Seite.',
    'pass_renewed_link' => 'Ihre Termine',
    'pass_renewed_host' =>
        'Die private Seite von {who} hat eine neue Adresse, und wir haben keine E-Mail-Adresse, um es zu sagen. Drucken Sie den Zettel neu und geben Sie ihn weiter.',
    'everything' =>
        'Dieser Link betrifft einen Teil dessen, was Sie gebucht haben. Alles öffnet sich aus Ihrem Postfach.',
    'everything_press' => 'Schicken Sie mir einen Link zu allem',
    'everything_sent' =>
        'Eine Nachricht ist unterwegs an die E-Mail-Adresse, die wir von Ihnen kennen. Öffnen Sie sie und klicken Sie innerhalb von drei Tagen auf ihren Knopf: Dann sehen Sie alles, was Sie gebucht haben.',
    'everything_office' =>
        '{phone, select, none {Wir haben keine E-Mail-Adresse von Ihnen für einen Link. Rufen Sie im Sekretariat an, wenn Sie einen brauchen.} other {Wir haben keine E-Mail-Adresse von Ihnen für einen Link. Rufen Sie im Sekretariat an, wenn Sie einen brauchen: {phone}.}}',
    'open_everything' => 'Alles, was Sie gebucht haben',
    'open_everything_more' => 'Klicken Sie auf den Knopf, dann weiß diese Seite, dass die Nachricht Sie erreicht hat.',
    'open_everything_press' => 'Alles öffnen',
    'also_with' => '{kind, select, any {oder {any}} must {und {must}} other {oder {any}, und mit {must}}}',
    'together' =>
        '{pages, plural, one {Es gibt # weitere Seite mit Ihrem Namen und dieser Adresse.} other {Es gibt # weitere Seiten mit Ihrem Namen und dieser Adresse.}} {meetings, plural, =0 {Dort steht kein Termin bevor.} one {Dort steht # Termin.} other {Dort stehen # Termine.}}',
    'together_more' =>
        'Sie können alles auf einer Seite haben. Links in älteren Nachrichten öffnen dann nichts mehr; eine neue Nachricht bringt Ihnen den neuen Link.',
    'together_press' => 'Alles auf eine Seite',
    'together_done' => 'Alles steht auf einer Seite',
    'together_left' => 'Nicht alles ließ sich auf eine Seite bringen',
    'together_apart' =>
        '{pages, plural, one {# Seite bleibt für sich.} other {# Seiten bleiben für sich.}} Was auf beiden steht, lässt sich nicht zusammenlegen: ein Platz auf derselben Warteliste, Wünsche für dieselben Sprechtage oder dasselbe Gespräch. Nehmen Sie es auf einer zurück und klicken Sie dann noch einmal.',
    'address_moved_link' => 'Die Seite der Schule',
    'needs_address' =>
        '{phone, select, none {Hier wurden viele Zeiten ohne E-Mail-Adresse gebucht. Geben Sie eine an, damit sie antworten kann.} other {Hier wurden viele Zeiten ohne E-Mail-Adresse gebucht. Geben Sie eine an, damit sie antworten kann; oder rufen Sie im Sekretariat an, {phone}.}}',
    'many_wait' =>
        '{phone, select, none {Einige Zeiten sind hier gerade für Adressen aus Ihrem Netz reserviert, die noch nicht geantwortet haben. Klicken Sie auf den Knopf in Ihrer Nachricht, oder versuchen Sie es in einer halben Stunde wieder. Was Sie geschrieben haben, bleibt stehen.} other {Einige Zeiten sind hier gerade für Adressen aus Ihrem Netz reserviert, die noch nicht geantwortet haben. Klicken Sie auf den Knopf in Ihrer Nachricht, oder versuchen Sie es in einer halben Stunde wieder; oder rufen Sie im Sekretariat an, {phone}. Was Sie geschrieben haben, bleibt stehen.}}',
    'good_day' => 'Guten Tag,',
    'interpreter_gone' =>
        'Bei Ihrem Gespräch mit {name}, {when}, dolmetscht niemand mehr: Wer es tat, ist gegangen, und sonst ist in dieser Sprache dann niemand frei.',
    'again_title' => 'Wo sind meine Termine?',
    'again_address' => 'Die E-Mail-Adresse, mit der Sie gebucht haben',
    'again_press' => 'Noch einmal schicken',
    'again_sent' =>
        'Wenn für diese Adresse etwas gebucht ist, ist eine Nachricht mit Ihren Terminen dorthin unterwegs. Sehen Sie in Ihren E-Mails nach, auch im Spam-Ordner.',
    'again_back' => 'Alle bei uns',
    'left' => 'Sie kommen nicht mehr zu „{title}“ {when}. {visitor} kann Sie wieder hinzufügen.',
    'link' => [
        'kept' => 'Der Link kommt, wenn die Zeit gebucht ist.',
        'asked' => 'Der Link kommt, wenn Ihre Anfrage angenommen ist.',
        'later' => 'Der Link kommt später. Sie bekommen eine Nachricht, wenn er da ist.',
        'before' =>
            '{where, select, here {Der Link erscheint hier} other {Der Link erscheint auf der Seite mit Ihren Terminen}} {minutes, plural, one {# Minute} other {# Minuten}} vor dem Gespräch.',
        'called' =>
            '{where, select, here {Der Link erscheint hier} other {Der Link erscheint auf der Seite mit Ihren Terminen}}, wenn Sie aufgerufen werden.',
    ],
    'key_reused' =>
        'Dieses Formular wurde schon mit anderen Antworten gesendet. Das erste zählt. Laden Sie die Seite neu, um eine andere Zeit zu buchen.',
    'no_such_time' => 'Diese Zeit gibt es hier nicht.',
    'these_free' =>
        '{count, plural, =0 {Hier ist jetzt nichts anderes frei.} one {{times} ist frei.} other {{times} sind frei.}}',
    'guests_none' => 'Zu diesen Gesprächen werden keine Gäste erwartet.',
    'guests_enough' => 'Es kommen schon so viele Gäste, wie kommen dürfen.',
    'guest_already' => 'Diese Person kommt schon.',
    'find_title' => 'Eine Zeit finden',
    'board_title' => 'Sprechen Sie mit uns',
    'pass_title' => 'Ihre Termine',
];
