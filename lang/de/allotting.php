<?php

declare(strict_types=1);

return [
    'board_until' => 'Wünsche sind möglich bis {moment}',
    'board_over' => 'die Zeiten werden gerade vergeben; wer Wünsche gesendet hat, hört von seinen',
    'over' => 'Wünsche werden nicht mehr angenommen. Was frei ist, steht hier, sobald alle Wünsche ihre Zeiten haben.',
    'windows_needed' => 'Sagen Sie, wann Sie kommen können: An keinem Abend kann Sie niemand treffen.',
    'until' => 'Sie können Wünsche senden und ändern, bis {moment}.',
    'until_over' =>
        'Wünsche konnten bis {moment} gesendet werden. Sie hören, welche Zeiten Ihre sind, sobald alle ihre haben.',
    'sent_at' => 'Ihre Wünsche sind seit {moment} bei der Schule.',
    'plain_how' =>
        'Schreiben Sie 1 neben die Person, die Sie am liebsten treffen möchten, dann 2 und so weiter; lassen Sie die anderen leer.',
    'plain_when' => 'Wann können Sie kommen?',
    'plain_others' => 'Jemand anderes',
    'plain_from' => 'von',
    'plain_until' => 'bis',
    'plain_from_again' => 'und von',
    'plain_until_again' => 'bis',
    'plain_needs' => 'Was Sie brauchen',
    'plain_walk' => 'Zeit für den Weg zwischen Räumen',
    'plain_breather' => 'Eine Pause zwischen zwei Gesprächen',
    'plain_minutes' => '{n, plural, =0 {keine} one {# Minute} other {# Minuten}}',
    'plain_interpreter' => 'Dolmetscher',
    'plain_no_interpreter' => 'nicht nötig',
    'plain_ground' => 'Wir brauchen das Erdgeschoss',
    'plain_phone' => 'Telefonnummer',
    'plain_name' => 'Ihr Name',
    'plain_email' => 'Ihre E-Mail-Adresse',
    'plain_child' => 'Kind {n}',
    'plain_child_name' => 'Name des Kindes',
    'plain_send' => 'Diese Wünsche senden',
    'too_many' => 'Mehr Wünsche, als wir annehmen können. Lassen Sie einige weg.',
    'wishes_heading' => 'Ihre Wünsche: {title}',
    'wishes_news' =>
        '{count, plural, =0 {Sie haben Ihre Wünsche zurückgenommen. Bei der Schule liegt nichts. Sie können bis {moment} neue senden.} one {Ihr Wunsch ist bei der Schule. Sie können ihn bis {moment} ändern. Danach hören Sie, welche Zeit Ihre ist.} other {Ihre # Wünsche sind bei der Schule, in dieser Reihenfolge. Sie können sie bis {moment} ändern. Danach hören Sie, welche Zeiten Ihre sind.}}',
    'wishes_to_confirm' =>
        '{count, plural, one {Ihr Wunsch ist vermerkt.} other {Ihre # Wünsche sind vermerkt.}} Sie zählen, sobald diese Adresse geantwortet hat: ein Klick unten.',
    'gone_heading' => '{host} ist nicht mehr da',
    'gone_news' =>
        '{host} ist an diesen Tagen nicht mehr da. Ihre anderen Wünsche bleiben. {open, select, yes {Sie können sich bis {moment} jemand anderen wünschen.} other {Rufen Sie im Sekretariat an, wenn Sie jemand anderen möchten.}}',
    'gone' =>
        '{count, plural, one {{names} ist an diesen Tagen nicht mehr da.} other {{names} sind an diesen Tagen nicht mehr da.}} Wählen Sie jemand anderen, oder machen Sie mit den übrigen weiter.',
    'wishes_link' => 'Wünsche ändern oder ergänzen',
    'wishes_confirm' => 'Ja, das ist meine Adresse',
    'wishes_row' => '{host}{student, select, none {} other { – es geht um {student}}}',
    'wishes_when' => 'Sie können kommen',
    'wishes_hours' => '{day}, {from} bis {until}',
    'wishes_needs' => 'Sie brauchen',
    'wishes_interpreter' => 'Dolmetscher ({language})',
    'wishes_ground' => 'das Erdgeschoss',
    'wishes_break' => '{n, plural, one {eine Pause von # Minute} other {eine Pause von # Minuten}}',
    'wishes_rank' => '{rank, selectordinal, other {#.}} Wunsch',
    'given_heading' => 'Ihre Zeiten: {title}',
    'given_news' =>
        '{count, plural, =0 {Für Ihre Wünsche konnte keine Zeit gegeben werden.} one {Diese Zeit gehört Ihnen.} other {Diese # Zeiten gehören Ihnen.}} {left, plural, =0 {Das ist alles, was gewünscht war.} one {Für # Wunsch gab es keine Zeit; er steht unten.} other {Für # Wünsche gab es keine Zeit; sie stehen unten.}} Was jetzt frei ist, kann von allen gebucht werden.',
    'given_asked' => 'Um einige davon hat eine Lehrkraft gebeten.',
    'given_link' => 'Ihre Termine: ändern, drucken oder absagen',
    'given_left' => 'Keine Zeit bei {host}',
    'host_heading' => 'Ihre Gespräche: {title}',
    'host_news' =>
        'Die Zeiten sind verteilt: {count, plural, =0 {bisher kommt niemand zu Ihnen} one {ein Gespräch ist Ihres} other {# Gespräche sind Ihre}}. Was auf Ihrem Blatt noch frei ist, können jetzt alle buchen.',
    'host_link' => 'Ihr Blatt, mit denen, die kommen',
    'families_with_none' =>
        '{count, plural, =0 {Jede Familie hat mindestens ein Gespräch.} one {Eine Familie hat gar kein Gespräch.} other {# Familien haben gar kein Gespräch.}}',
    'helps_times' => 'Mehr Zeiten dieser Lehrkräfte würden helfen, oder Stunden, in denen sie noch welche haben.',
    'helps_other_hours' => 'Andere Stunden würden helfen: Fragen Sie die Familie danach, bevor Sie veröffentlichen.',
    'helps_interpreter' => 'Jemand zum Dolmetschen zu anderen Stunden würde helfen, oder eine zweite Person.',
    'helps_another' => 'Sie können sich jemand anderen wünschen.',
    'why_outside_windows' => '{host} hat keine Zeit, wenn sie kommen können.',
    'why_host_full' => 'Die Zeiten von {host}, zu denen sie kommen können, gingen an andere.',
    'why_clashes' => '{host} ist nur frei, während sie in einem anderen Gespräch oder auf dem Weg sind.',
    'why_no_interpreter' => '{host} hat noch Zeiten, aber dann dolmetscht niemand in ihrer Sprache.',
    'why_other_guardian' => 'Jemand anderes, der das Kind betreut, hat sich {host} zuerst gewünscht.',
    'why_host_gone' => '{host} ist beim Sprechtag nicht mehr dabei.',
    'why_time_gone' => 'Die Zeit bei {host} ging an etwas anderes, bevor sie gebucht werden konnte.',
    'to_family_outside_windows' => 'Es gibt keine Zeit, während Sie kommen können.',
    'to_family_host_full' => 'Die Zeiten, zu denen Sie kommen können, gingen an andere.',
    'to_family_clashes' => 'Nur frei, während Sie in einem anderen Gespräch sind oder auf dem Weg.',
    'to_family_no_interpreter' => 'Es gibt Zeiten, aber dann ist niemand frei, der in Ihre Sprache dolmetscht.',
    'to_family_other_guardian' =>
        '{apart, select, yes {Das konnte Ihnen nicht gegeben werden. Das Sekretariat weiß mehr.} other {Der andere Elternteil hat sich dasselbe gewünscht und war zuerst.}}',
    'to_family_host_gone' => '{host} ist nicht mehr dabei.',
    'to_family_time_gone' => 'Die Zeit ging an etwas anderes, bevor sie gebucht werden konnte.',
    'title' => 'Verteilung: {round}',
    'sent' =>
        '{families, plural, =0 {Noch keine Familie hat Wünsche geschickt.} one {Eine Familie hat Wünsche geschickt.} other {# Familien haben Wünsche geschickt.}}',
    'none_yet' => 'Noch ist nichts verteilt.',
    'waiting' => 'Es beginnt gleich.',
    'running' =>
        'Bisher {granted, number} von {wishes, number} Wünschen; mehr als {bound, number} können nie erfüllt werden.',
    'found' =>
        '{granted, number} von {wishes, number} Wünschen sind erfüllt. Es ist bewiesen, dass es nie mehr als {bound, number} sein können.',
    'short' =>
        'Nichts wurde gebucht, und niemand hat Nachricht: Kurz vor der ersten Nachricht {short, plural, one {war eine dieser Zeiten} other {waren # dieser Zeiten}} nicht mehr zu haben. Was bleibt, steht hier: {granted, number} von {wishes, number} Wünschen. Sehen Sie es an und veröffentlichen Sie es, oder lassen Sie noch einmal suchen.',
    'found_best' =>
        '{granted, number} von {wishes, number} Wünschen sind erfüllt. Es ist bewiesen, dass es nicht mehr sein können.',
    'booking' => '{booked, number} von {families, number} Familien haben ihre Zeiten.',
    'booked' =>
        'Alle {families, number} Familien haben ihre Zeiten und Nachricht davon. Was frei ist, steht allen offen.{gone, plural, =0 {} one { Ein Wunsch verlor seine Zeit zwischen Suche und Buchung; die Familie hat Nachricht.} other { # Wünsche verloren ihre Zeiten zwischen Suche und Buchung; die Familien haben Nachricht.}}',
    'failed' => 'Es endete, bevor etwas gefunden war. Nichts wurde gebucht; beginnen Sie noch einmal.',
    'not_granted' =>
        '{count, plural, =0 {Alle Wünsche sind erfüllt.} one {Ein Wunsch ist nicht erfüllt.} other {# Wünsche sind nicht erfüllt{listed, plural, =200 {; die ersten 200 stehen hier, alle in der Tabelle} other {}}.}}',
    'not_collecting' => 'Dieser Sprechtag sammelt keine Wünsche.',
    'allotted_already' => 'Die Zeiten dieses Sprechtags sind schon verteilt und gebucht.',
    'at_work' => 'Jemand hat schon eine begonnen; sie läuft noch. Nichts weiter wurde begonnen.',
    'not_the_last' => 'Seitdem wurde eine andere gefunden. Sehen Sie sich die an und veröffentlichen Sie sie.',
    'still_collecting' =>
        'Familien können noch Wünsche schicken. Beenden Sie das zuerst, oder warten Sie das Ende ab; dann lassen Sie noch einmal suchen. Nichts wurde gebucht.',
    'wishes_since' =>
        'Sie wurde gefunden, als noch Wünsche kommen konnten. Lassen Sie noch einmal suchen, dann veröffentlichen Sie. Nichts wurde gebucht.',
    'nothing_to_pin' => 'Hier ist nichts, dessen Zeit sich noch ändern könnte.',
    'too_late' => 'Wünsche enden vor dem ersten Tag des Sprechtags.',
];
