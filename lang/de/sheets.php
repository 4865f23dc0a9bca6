<?php

declare(strict_types=1);

return [
    'how_anyone' => 'Wählen Sie hier eine Zeit; ein Konto ist nicht nötig:',
    'how_families' => 'Wählen Sie eine Zeit mit dem Link in Ihrer Nachricht, oder hier mit dem Code auf Ihrer Karte:',
    'how_staff' => 'Wählen Sie hier eine Zeit; Sie melden sich an wie immer:',
    'day_title' => 'Wer am {date} kommt',
    'card_for' => 'für {students}',
    'card_how' => 'Fotografieren Sie das Quadrat, oder tippen Sie den Code auf {address}',
    'missing_title' => 'Ein Titel',
    'missing_when' => 'Wann: Tage, Zeiten und eine Länge',
    'missing_look' => 'Wann: Da ist noch etwas anzusehen',
    'missing_blanks' => 'Wann: {blanks}',
    'missing_blank' =>
        '{blank, select, dates {ein Tag} date {ein Tag} days {Wochentage} from {von wann} until {bis wann} minutes {wie lange jedes} hours {von wann bis wann} first {der erste Tag} last {der letzte Tag} other {ein Tag und Zeiten}}',
    'missing_where' => 'Wo: ein Raum, das Telefon oder ein Videolink',
    'card_nobody' => 'Auf diesem Blatt darf niemand aus dem Verzeichnis buchen.',
    'roster' =>
        '{missing, plural, =0 {Gebucht ist für {expected, plural, one {das eine Kind} other {alle # Kinder}}.} one {Noch nicht gebucht: # von {expected, plural, one {einem Kind} other {# Kindern}}.} other {Noch nicht gebucht: # von {expected, plural, one {einem Kind} other {# Kindern}}.}}',
    'letters_sent' =>
        '{sent, plural, =0 {Es war niemand übrig, dem zu schreiben wäre: Jede Familie hat gebucht, hat keine Adresse, oder bekam innerhalb eines Tages eine Nachricht.} one {Eine Nachricht ist unterwegs.} other {# Nachrichten sind unterwegs.}}',
    'letter_heading' => '{title} bei {host}',
    'letter_news' => '{host} hat Zeiten für Sie, es geht um {students}.',
    'letter_link' => 'Zeit wählen',
    'fill' => '{taken, number} von {slots, number} vergeben',
    'none_comes' => 'Gespräche: Aus diesen Tagen und Stunden kommt keines heraus',
    'fill_none' =>
        '{standing, plural, =0 {Keine Zeit mehr} one {Keine Zeit mehr; ein Gespräch steht} other {Keine Zeit mehr; # Gespräche stehen}}',
    'fill_next' => '{taken, number} von {slots, number} an den nächsten Tagen vergeben',
    'links_there' =>
        'Manche dieser Gespräche haben schon einen Link, und er wurde verschickt. Ändern Sie diese einzeln.',
    'link_cleaned' => 'Ohne das lautet er {link}',
    'nobody_yet' => 'Noch hat niemand gebucht.',
    'expected_guessed' => 'Die Buchstaben dieser Tabelle wurden erraten; sehen Sie nach, ob Akzente stimmen.',
    'expected_none' =>
        'Darin stand kein Name. Schreiben Sie einen pro Zeile, oder bringen Sie eine Tabelle mit einer Spalte namens „name“.',
    'expected_no_column' =>
        'Diese Tabelle hat keine Spalte namens „name“ (oder „first name“ und „last name“). Nichts wurde gespeichert.',
    'expected_too_many' => 'Das sind mehr als {most, number}. Nichts wurde gespeichert; bringen Sie weniger.',
    'expected_no_name' => 'Zeile {line, number} hat keinen Namen und ist ausgelassen.',
    'expected_bad_email' =>
        'Zeile {line, number}, {name}: Das ist keine E-Mail-Adresse; der Name steht ohne auf der Liste.',
    'expected_bad_phone' =>
        'Zeile {line, number}, {name}: Das ist keine Telefonnummer; der Name steht ohne auf der Liste.',
    'expected_twice' =>
        '{twice, plural, one {Ein Name stand schon auf der Liste.} other {# standen schon auf der Liste.}}',
    'reminders_sent' =>
        '{sent, plural, =0 {Es war niemand übrig zum Erinnern: Alle haben gebucht, sind nicht erreichbar, oder wurden innerhalb eines Tages erinnert.} one {Eine Erinnerung ist unterwegs.} other {# Erinnerungen sind unterwegs.}}',
    'expected_heading' => 'Ein Termin für {student}: {title} bei {host}',
    'expected_dear' => 'Guten Tag an alle, die für {student} buchen,',
    'expected_invites' =>
        '{host} möchte über {student} sprechen. Wählen Sie eine Zeit: Der Link unten kennt den Namen.',
    'expected_text_invites' => '{host} möchte über {student} sprechen. Wählen Sie eine Zeit: {link}',
    'expected_news' =>
        '{host} erwartet {student} und hat noch keine Zeit dafür. Der Link unten kennt den Namen; der Rest ist ein Klick.',
    'expected_text' => '{host} erwartet {student} und hat noch keine Zeit dafür. Wählen Sie eine: {link}',
    'expected_card' => 'Fotografieren Sie das Quadrat und wählen Sie eine Zeit; es kennt den Namen.',
    'cards_of_drafts' =>
        'Karten öffnen ein Blatt, und dieses ist noch nicht veröffentlicht. Veröffentlichen Sie es zuerst; dann drucken Sie.',
    'cards_of_everybody' =>
        'Dieses Blatt ist für alle Familien der Schule: Ihre Karten druckt das Sekretariat. Nennen Sie Klassen auf dem Blatt, oder fragen Sie das Sekretariat.',
    'cancel_over' => 'Dieses Gespräch hat begonnen oder ist vorbei, also kann es nicht mehr abgesagt werden.',
    'undo_moved' => 'Das Gespräch mit {name} ist auf {when} verlegt.',
    'undo_given_back' => 'Das Gespräch mit {name} ist abgesagt.',
    'shift_clock' => '{minutes, plural, =0 {gleiche Zeit} one {1 Min. {way}} other {# Min. {way}}}',
    'shift_days' =>
        '{days, plural, one {einen Tag {day_way}} other {# Tage {day_way}}}, {minutes, plural, =0 {gleiche Zeit} one {1 Min. {way}} other {# Min. {way}}}',
    'move_all' =>
        '{count, plural, one {Der Vorschlag ist} other {Alle # Vorschläge sind}} {days, plural, =0 {am selben Tag} one {einen Tag {day_way}} other {# Tage {day_way}}}, {minutes, plural, =0 {zur selben Zeit} one {# Minute {way}} other {# Minuten {way}}}.',
    'move_each' =>
        'Der Vorschlag verlegt {count} Personen am wenigsten: {days, plural, =0 {am selben Tag} one {um höchstens einen Tag} other {um höchstens # Tage}}, {minutes, plural, =0 {zur selben Zeit} one {und um höchstens # Minute auf der Uhr} other {und um höchstens # Minuten auf der Uhr}}.',
    'affected' =>
        'Diese Änderung trifft Leute, die gebucht haben. Noch ist nichts gespeichert: Sehen Sie, wen es trifft, und wählen Sie.',
    'address_form' => 'Eine Adresse hat kleine Buchstaben, Ziffern und einzelne Bindestriche: elterngespraeche-herbst.',
    'address_taken' => 'Ein anderes Blatt hat diese Adresse, oder hatte sie. Wählen Sie eine andere.',
    'nothing_to_book' =>
        'Auf diesem Blatt kann keine Zeit mehr gebucht werden, also wurde es nicht veröffentlicht. Es ist als Entwurf gespeichert. Wählen Sie einen späteren Tag, oder erlauben Sie Buchungen näher am Gespräch.',
    'no_draft_again' =>
        'Jemand hat hier gebucht oder wartet auf eine Zeit, also kann dieses Blatt kein Entwurf mehr werden. Halten Sie es an, oder schließen Sie es: Wer gebucht hat, behält die Zeit.',
    'settle_all' => 'Für alle, die verlegt werden, muss eine Zeit gewählt sein.',
    'settle_gone' => 'Eine gewählte Zeit steht nicht mehr auf dem Blatt.',
    'settle_taken' =>
        'Eine für jemanden gewählte Zeit ist vergeben, oder stößt mit einer Buchung zusammen, die bleibt. Nichts wurde gespeichert. Sehen Sie die Zeiten noch einmal an.',
    'moved' =>
        'Jemand anderes hat dieses Blatt geändert, seit Sie es öffneten. Von Ihnen ist nichts verloren oder gespeichert. Sehen Sie beides an und wählen Sie.',
    'too_long' => 'Das ist mehr, als auf ein Blatt passt. Kürzen Sie, was darauf steht.',
    'too_many' =>
        'Das wären mehr als {most, number, integer} Gespräche. Sehen Sie Länge, Stunden und letzten Tag noch einmal an.',
    'date_past' => '{date} ist vorbei. Wählen Sie heute oder später.',
    'date_far' => '{date} ist mehr als drei Jahre voraus. Sehen Sie das Jahr noch einmal an.',
    'link_needed' =>
        'Bitte füllen Sie dies aus, oder wählen Sie, dass für jedes Gespräch ein Link gemacht oder später hinzugefügt wird.',
    'no_link_maker' =>
        'Hier macht nichts einen Link für jedes Gespräch. Geben Sie einen für alle, oder fügen Sie ihn später hinzu.',
    'two_answers' => 'Schreiben Sie mindestens zwei Antworten zur Auswahl, eine pro Zeile.',
    'student_once' => 'Der Name des Kindes wird einmal gefragt, und mit der Frage, die dafür da ist.',
    'title_yours' => 'Ihre Blätter',
    'title_new' => 'Neues Blatt',
    'title_change' => '{title} ändern',
    'your_title' => 'Ihr Titel',
    'begins_about' => 'Worum geht es?',
    'begins_conferences' => 'Elterngespräche',
    'begins_office_hours' => 'Sprechstunde',
    'handout_dear' => 'Liebe Familien,',
    'handout_when' => '{title} mit {host}: {when}',
    'handout_pick' => 'Wählen Sie eine Zeit.',
    'file_not_text' => 'Diese Datei ist kein UTF-8-Text. Exportieren Sie sie neu, oder speichern Sie sie als UTF-8.',
    'file_not_ours' => 'Dieses Blatt hat Recess nicht geschrieben: Es hat kein "format": "{format}".',
    'file_other_version' => 'Diese Datei hat eine andere Version von Recess geschrieben; sie ist hier nicht lesbar.',
    'begins_imported' => 'Hereingeholte Zeiten',
    'begins_place' => 'Noch zu sagen',
    'ask_student' => 'Name des Kindes',
    'ask_student_hint' => 'Um wen es geht.',
    'ask_phone' => 'Telefonnummer',
    'ask_word' => 'Ein Wort vorab',
    'ask_word_hint' => 'Das liest nur, wen Sie treffen.',
];
