<?php

declare(strict_types=1);

return [
    'title' => 'Worum Sie gebeten werden',
    'on_board' => 'Um eine andere Zeit bitten',
    'on_board_next' => 'wenn Sie beide frei sind',
    'ask_title' => '{host} um eine Zeit bitten',
    'closed' =>
        '{host} kann zurzeit nicht um eine andere Zeit gebeten werden. Was gebucht werden kann, steht auf der Seite von {host}.',
    'no_scripts' =>
        'Um um eine andere Zeit zu bitten, braucht diese Seite JavaScript. {phone, select, none {Auch das Sekretariat der Schule hilft Ihnen.} other {Das Sekretariat der Schule macht es für Sie: {phone}.}}',
    'kept_for' =>
        'Ihre Zeiten sind für Sie reserviert, bis sie beantwortet sind, längstens {hours, plural, one {# Stunde} other {# Stunden}}.',
    'calendar_read' =>
        '{count, plural, =0 {Ihr Kalender sagt, dass Sie nichts vorhaben.} one {# belegte Zeit wurde aus Ihrem Kalender gelesen.} other {# belegte Zeiten wurden aus Ihrem Kalender gelesen.}} {skipped, plural, =0 {} one {# Eintrag konnte nicht gelesen werden.} other {# Einträge konnten nicht gelesen werden.}}',
    'own_not_read' =>
        'Was von Ihrem Kalender gelesen wurde, ist nicht mehr zu verstehen. Lesen Sie ihn noch einmal ein.',
    'feed_address' => 'Die Adresse eines Kalenders beginnt mit https://, http:// oder webcal://.',
    'feed_or_file' => 'Geben Sie die Adresse Ihres Kalenders an, oder wählen Sie eine Datei.',
    'file_size' => 'Eine Kalenderdatei hat höchstens 10 MB.',
    'work_address' => 'Eine Adresse beginnt mit https:// oder http://, zum Beispiel https://docs.example.org/essay.',
    'no_choice' => 'Setzen Sie mindestens eine Zeit auf die Leisten.',
    'three_choices' => 'Drei Zeiten reichen.',
    'no_such_length' =>
        '{minutes, plural, one {Um ein Gespräch von # Minute} other {Um ein Gespräch von # Minuten}} kann hier nicht gebeten werden. Wählen Sie eine der Längen oben.',
    'outside' =>
        'Diese Zeit liegt außerhalb der Stunden, in denen gefragt werden kann. Wählen Sie eine auf dem grünen Band.',
    'not_free' => 'Sie sind dann nicht frei, oder jemand anderes, der dabei sein muss.',
    'choices_overlap' => 'Diese Zeit überschneidet sich mit einer anderen, die Sie gewählt haben.',
    'not_together' => 'Diese können zurzeit nicht zusammen gefragt werden. Fragen Sie eine Person allein.',
    'gone' =>
        '{time} wurde gerade vergeben. {count, plural, =0 {In der Nähe ist für Sie alle nichts frei; sehen Sie andere Tage an.} one {{times} ist für Sie alle frei. Nichts wurde gesendet; Ihr Text steht noch da.} other {{times} sind für Sie alle frei. Nichts wurde gesendet; Ihr Text steht noch da.}}',
    'enough_of_yours' =>
        'Sie haben schon {most, plural, one {# Anfrage} other {# Anfragen}} offen. Sie stehen bei Ihren Terminen. Wenn eine beantwortet ist, können Sie wieder fragen.',
    'enough_of_theirs' =>
        '{host} hat so viele offene Anfragen, wie auf einmal gehen. Nichts wurde gesendet. Versuchen Sie es in ein, zwei Tagen wieder, oder buchen Sie auf der Seite von {host}.',
    'over' =>
        'Diese Anfrage ist nicht mehr offen: Sie wurde beantwortet oder zurückgenommen, oder ihre Frist ist um. Nichts wurde geändert.',
    'not_asked' => 'Diese Anfrage wartet gerade nicht auf Ihre Antwort. Nichts wurde geändert.',
    'no_such_time' => 'Um diese Zeit wird nicht mehr gebeten. Sehen Sie noch einmal nach; nichts wurde geändert.',
    'begun' => 'Diese Zeit hat schon begonnen. Sagen Sie zu einer anderen ja, oder nennen Sie andere Zeiten.',
    'closed_day' =>
        'An diesem Tag ist die Schule inzwischen geschlossen. Nennen Sie andere Zeiten; nichts wurde geändert.',
    'too_near_for_maybe' =>
        'Für ein Vielleicht ist es zu knapp: Wer fragt, muss es zwei Stunden vorher wissen. Sagen Sie ja oder nein.',
    'cannot_be_had' =>
        'Inzwischen steht dieser Zeit etwas im Weg, bei Ihnen oder dort. Nichts wurde geändert; nennen Sie andere Zeiten.',
    'not_offered' => 'Diese Zeit wird nicht mehr angeboten. Nichts wurde geändert.',
    'move_by_asking' =>
        'Diese Zeit ist mit {host} vereinbart. Für eine andere fragen Sie auf der Seite von {host} neu und geben diese zurück, sobald die neue vereinbart ist.',
    'no_place' => 'Sagen Sie, wo man Sie trifft: mindestens einen Ort.',
    'no_hours' =>
        'An keinem Tag passt auch nur das kürzeste Gespräch. Sagen Sie, zwischen welchen Stunden man Sie bitten kann.',
    'host_asked' => 'Gehalten bis {until}.',
    'host_maybe' => 'Sie haben „vielleicht“ gesagt. Gehalten bis {until}; am Tag davor werden Sie noch einmal gefragt.',
    'host_proposed' => 'Andere Zeiten sind genannt und bis {until} gehalten. Die andere Seite wählt eine.',
    'other_none' => '{host} hat noch nicht geantwortet',
    'other_accepted' => '{host} hat zugesagt',
    'other_maybe' => '{host} hat vielleicht gesagt',
    'other_declined' => '{host} hat abgesagt',
    'over_accepted' => 'Vereinbart: {when}',
    'over_declined' => 'Abgelehnt',
    'over_lapsed' => 'Nicht rechtzeitig beantwortet',
    'over_taken_back' => 'Die Anfrage ist zurückgenommen',
    'pass_unconfirmed' =>
        'Bis {until} für Sie reserviert. Ein Klick in der Nachricht an {email}, und {hosts, plural, one {{host} wird gefragt} other {{host} werden gefragt}}.',
    'pass_asked' =>
        '{hosts, plural, one {{host} ist gefragt.} other {{host} sind gefragt.}} Ihre Zeiten sind bis {until} reserviert.',
    'pass_maybe' =>
        '{hosts, plural, one {{host} sagt vielleicht.} other {Noch nicht alle, die Sie gefragt haben, sind sicher.}} Diese Zeit ist für Sie reserviert, aber noch nicht sicher. Sie hören mehr, spätestens {until}.',
    'pass_proposed' =>
        '{hosts, plural, one {{host} nennt andere Zeiten.} other {Es sind andere Zeiten genannt.}} Sie sind bis {until} für Sie reserviert; ein Klick nimmt eine.',
    'pass_declined' => '{host} kann Sie zu diesen Zeiten nicht treffen.',
    'pass_lapsed' => 'Niemand hat rechtzeitig geantwortet. Ihre Zeiten sind wieder frei.',
    'pass_taken_back' => 'Sie haben das zurückgenommen.',
    'waiting' =>
        '{own, plural, =0 {} one {Jemand bittet Sie um eine Zeit.} other {# Personen bitten Sie um eine Zeit.}} {others, plural, =0 {} one {Jemand bittet eine Person, die Sie vertreten.} other {# Personen bitten solche, die Sie vertreten.}}',
    'letter_asked' => '{who} bittet Sie um eine Zeit.',
    'letter_asked_heading' => 'Anfrage: {title}, von {who}',
    'letter_sent' => 'Sie haben {host} um eine Zeit gebeten. Sie ist bis {until} reserviert.',
    'letter_sent_heading' => 'Sie haben {host} gefragt: {title}',
    'letter_to_confirm' =>
        'Sie möchten {host} um eine Zeit bitten. Sie ist bis {until} für Sie reserviert. Ein Klick auf die Adresse unten, und {host} wird gefragt. Wenn Sie um nichts gebeten haben, tun Sie nichts: Dann ist sie wieder frei.',
    'letter_to_confirm_heading' => 'Bitte bestätigen: {host} um eine Zeit bitten',
    'letter_one_accepted' => '{by} hat zu dieser Zeit ja gesagt. {who} braucht Sie beide: Können Sie auch?',
    'letter_one_accepted_heading' => '{by} hat ja gesagt: {title}',
    'letter_maybe' =>
        '{host} sagt vielleicht. Die Zeit ist für Sie reserviert, aber noch nicht sicher. Sie hören mehr, spätestens {until}.',
    'letter_maybe_heading' => 'Vielleicht: {title}, bei {host}',
    'letter_asked_again' => 'Sie haben {who} „vielleicht“ gesagt. Die Zeit ist morgen oder früher: Können Sie?',
    'letter_asked_again_heading' => 'Schon sicher? {title}, mit {who}',
    'letter_declined' => '{host} kann Sie zu diesen Zeiten nicht treffen.',
    'letter_declined_heading' => 'Abgelehnt: {title}, bei {host}',
    'letter_off' =>
        'Das findet nicht statt, und die Zeit ist wieder frei. Wenn sie in Ihrem Kalender steht, nimmt diese Nachricht sie heraus.',
    'letter_off_heading' => 'Findet nicht statt: {title}, mit {who}',
    'letter_proposed' =>
        '{host} nennt andere Zeiten. Sie sind bis {until} für Sie reserviert. Öffnen Sie Ihre Termine, um eine zu nehmen.',
    'letter_proposed_heading' => 'Andere Zeiten: {title}, bei {host}',
    'letter_proposed_instead' =>
        '{by} hat {who} diese Zeiten genannt. Sie sind bis {until} gehalten, und {who} nimmt eine davon. Worum gebeten wurde, gilt nicht mehr: Wenn Ihr Kalender es hat, nimmt diese Nachricht es heraus.',
    'letter_proposed_instead_heading' => 'Andere Zeiten genannt: {title}, mit {who}',
    'letter_lapsed' => 'Niemand hat rechtzeitig geantwortet. Ihre Zeiten sind wieder frei.',
    'letter_lapsed_heading' => 'Nicht beantwortet: {title}, bei {host}',
    'letter_by_calendar' => 'Sie können hier antworten, oder mit den Knöpfen Ihres Kalenders.',
    'letter_by_buttons' => 'Antworten Sie mit diesen Knöpfen, oder auf Ihrer Seite.',
    'fact_about' => 'Worum es geht',
    'fact_details' => 'In eigenen Worten',
    'fact_details_yours' => 'In Ihren Worten',
    'fact_work' => 'Die Arbeit, um die es geht',
    'fact_student' => 'Es geht um',
    'fact_where' => 'Wo',
    'fact_from' => 'Von',
    'fact_with' => 'Mit',
    'fact_choice' => '{position, selectordinal, other {#. Wahl}}',
    'fact_time' => 'Wann',
    'fact_answer' => 'Antwort',
    'button_accept' => 'Ja, {when}',
    'button_maybe' => 'Vielleicht, {when}',
    'button_decline' => 'Ich kann nicht',
    'to_page' => 'Neben Ihrem Tag ansehen, oder andere Zeiten nennen',
    'to_pass' => 'Ihre Termine: nachsehen, wie es steht, oder zurücknehmen',
    'to_confirm' => 'Ja, das ist meine Adresse: Anfrage senden',
    'summary' => '{title}, mit {other}',
    'also' => 'Auch angefragt: {times}.',
    'mail_from' => 'Anfrage von {who}{student, select, none {} other {, wegen {student}}}.',
    'mail_ask_accept' => 'Ja sagen zu {when}?',
    'mail_ask_maybe' =>
        'Vielleicht sagen zu {when}? Die Zeit bleibt gehalten, und am Tag davor werden Sie noch einmal gefragt.',
    'mail_ask_decline' => 'Sagen, dass Sie nicht können? Alle dafür gehaltenen Zeiten sind wieder frei.',
    'mail_press_accept' => 'Ja, ich kann',
    'mail_press_maybe' => 'Vielleicht',
    'mail_press_decline' => 'Ich kann nicht',
    'mail_done_accept' => 'Erledigt: {who} erfährt, dass Sie können.',
    'mail_done_maybe' => 'Erledigt: {who} erfährt, dass es noch nicht sicher ist.',
    'mail_done_decline' => 'Erledigt: {who} erfährt, dass Sie nicht können.',
    'mail_over_title' => 'Dieser Knopf gilt nicht mehr',
    'mail_over' => 'Die Anfrage wurde seit dieser Nachricht beantwortet oder geändert. Jetzt wurde nichts ausgeführt.',
    'mail_to_page' => 'Alles, worum Sie gebeten werden',
    'forgotten_title' => 'Angefragt',
    'also_asked' => 'auch angefragt',
    'word' => 'Ein Wort dazu, wenn Sie möchten',
    'stranger_title' => 'eine eigene Zeit',
    'field_student' => 'Name der Schülerin oder des Schülers',
    'field_phone' => 'Telefonnummer',
    'field_about' => 'Worum es geht',
    'field_work' => 'Adresse der Arbeit',
];
