<?php

declare(strict_types=1);

return [
    'here_early' =>
        'Das ist zu früh: Ab {time} am {date} können Sie sagen, dass Sie da sind. Nichts ist verloren; kommen Sie ' .
        'dann wieder.',
    'here_off' => 'Dieser Termin ist abgesagt.',
    'here_over' => 'Dieser Termin ist vorbei.',
    'no_word' => 'Es gibt nichts mehr zu antworten.',
    'offer_answered' => 'Dieses Angebot ist schon beantwortet, oder seine Frist ist um. Nichts wurde geändert.',
    'offer_gone' => 'Diese Zeit wird nicht mehr angeboten. Ihre anderen Termine sind, wie sie waren.',
    'offer_open' => '{time} ist angeboten und bis {until} reserviert.',
    'late_heading' =>
        '{minutes, plural, =0 {{host} ist wieder pünktlich} one {{host} hat etwa # Minute Verspätung} other ' .
        '{{host} hat etwa # Minuten Verspätung}}',
    'late_news' =>
        '{minutes, plural, =0 {{host} ist wieder pünktlich. Ihr Termin beginnt um {time}, wie geplant.} one ' .
        '{{host} hat heute etwa # Minute Verspätung. Ihr Termin beginnt gegen {time}. Ihre Zeit bleibt Ihre.} ' .
        'other {{host} hat heute etwa # Minuten Verspätung. Ihr Termin beginnt gegen {time}. Ihre Zeit bleibt ' .
        'Ihre.}}',
    'late_link' => 'Ihre Termine: wie lange es dauert, nach jetzigem Stand',
    'late_text' =>
        '{minutes, plural, =0 {{school}: {host} ist wieder pünktlich. Ihr Termin beginnt um {time}.} one ' .
        '{{school}: {host} hat etwa # Minute Verspätung. Ihr Termin beginnt gegen {time}.} other {{school}: {host} ' .
        'hat etwa # Minuten Verspätung. Ihr Termin beginnt gegen {time}.}}',
    'offer_heading' => '{host} bietet Ihnen eine andere Zeit an',
    'offer_news' =>
        '{host} bietet Ihnen {time} an. Die Zeit ist bis {until} für Sie reserviert. Öffnen Sie Ihre Termine, um ' .
        'sie zu nehmen.',
    'offer_instead' => 'Nach diesem Gespräch',
    'offer_link' => 'Diese Zeit nehmen, oder ablehnen',
    'offer_text' => '{host} bietet Ihnen {time} an. Öffnen Sie Ihre Termine, um die Zeit zu nehmen: {link}',
    'kiosk_title' => 'Angekommen: {school}',
    'kiosk_too_often' =>
        'Das waren viele Versuche an diesem Tablet. Fragen Sie im Sekretariat, oder versuchen Sie es in zehn ' .
        'Minuten wieder.',
    'kiosk_no_code' =>
        'Zu diesem Code gibt es heute nichts. Sehen Sie nach, ob er vollständig ist, oder suchen Sie sich mit Name ' .
        'und Uhrzeit.',
    'kiosk_no_name' =>
        'Niemand dieses Namens hat um diese Zeit einen Termin, oder er ist noch nicht nah. Schreiben Sie den ' .
        'ganzen Namen, wie er gebucht wurde, Ihren oder den des Kindes; oder fragen Sie im Sekretariat.',
    'kiosk_time' => 'Schreiben Sie die Uhrzeit des Termins, zum Beispiel {time}.',
    'after_link' => 'Ihre Termine',
    'plain_ahead' => 'Ab {time} können Sie hier sagen, dass Sie da sind.',
    'plain_here' => 'Ich bin da',
    'plain_waits' =>
        '{host} weiß, dass Sie da sind. {wait, plural, =0 {} one {Sie sind innerhalb von # Minute an der Reihe.} ' .
        'other {Sie sind innerhalb von # Minuten an der Reihe.}} Laden Sie die Seite neu, um den neuen Stand zu ' .
        'sehen.',
    'plain_called' => 'Bitte kommen Sie jetzt herein.',
    'plain_late' => '{host} hat etwa {minutes, plural, one {# Minute} other {# Minuten}} Verspätung.',
    'plain_word' => '{host}: „{word}“',
    'ahead_minutes' => 'in {minutes, plural, one {# Minute} other {# Minuten}}',
    'ahead_today' => 'heute um {time}',
    'ahead_tomorrow' => 'morgen um {time}',
    'ahead_date' => 'am {date}',
    'wait_now' => 'Sie sind jeden Moment an der Reihe.',
    'wait_about' => 'Sie sind in etwa {high, plural, one {# Minute} other {# Minuten}} an der Reihe.',
    'wait_within' => 'Sie sind innerhalb von {high, plural, one {# Minute} other {# Minuten}} an der Reihe.',
    'wait_between' =>
        'Sie sind in {low, number, integer} bis {high, plural, one {# Minute} other {# Minuten}} an der Reihe.',
    'see_the_way' => 'Den Weg ansehen: {place}',
    'the_way' => 'Der Weg: {place}',
    'kiosk_head' => '{school}, {day}',
    'kiosk_no_camera' =>
        'Die Kamera dieses Tablets lässt sich nicht benutzen. Geben Sie den Code ein, oder Ihren Namen und die ' .
        'Uhrzeit.',
    'kiosk_yours' => 'Ihre Termine heute',
    'kiosk_with' => '<time>{at}</time> bei {host}',
    'kiosk_known' => '{host} weiß, dass Sie da sind.',
    'kiosk_go_in' => 'Bitte gehen Sie jetzt hinein.',
    'kiosk_missed' =>
        '{host} hat gewartet und dann weitergemacht. Sagen Sie, dass Sie da sind; wenn es geht, findet sich ein ' .
        'Moment.',
    'kiosk_here' => 'Ich bin da',
    'kiosk_ahead' => 'Ab {at} können Sie hier sagen, dass Sie da sind.',
    'kiosk_over' => 'Dieser Termin ist vorbei.',
    'kiosk_late' => '{host} hat etwa {minutes, plural, one {# Minute} other {# Minuten}} Verspätung.',
    'kiosk_done' => 'Fertig',
    'kiosk_forgets' => 'Diese Seite vergisst Sie gleich.',
    'kiosk_question' => 'Sind Sie zu einem Gespräch hier?',
    'kiosk_code' => 'Der Code von Ihren Terminen oder Ihrer Karte',
    'kiosk_find' => 'Suchen',
    'kiosk_camera_sees' => 'Was die Kamera sieht',
    'kiosk_hold' => 'Halten Sie den QR-Code Ihrer Termine oder Ihrer Karte vor die Kamera.',
    'kiosk_no_picture' => 'Ohne Kamera',
    'kiosk_show' => 'Das Quadrat der Kamera zeigen',
    'kiosk_name' => 'Oder der ganze Name, Ihrer oder der des Kindes',
    'kiosk_and_time' => 'und die Uhrzeit des Termins, sobald er nah ist',
    'kiosk_like' => 'wie {time}',
    'kiosk_who_is_where' => 'Wer ist wo',
    'kiosk_host' => '{known, select, yes {<bold>{host}</bold>: {places}} other {<bold>{host}</bold>}}',
    'kiosk_about_late' => 'etwa {minutes, plural, one {# Minute} other {# Minuten}} später',
    'kiosk_nobody' => 'Heute hat niemand mehr Termine.',
];
