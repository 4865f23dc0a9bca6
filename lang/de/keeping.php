<?php

declare(strict_types=1);

return [
    'title' => 'Was über Besuch aufbewahrt wird',
    'goes' =>
        '{meetings, plural, one {Was zu einem Ihrer Gespräche gesagt wurde} other {Was zu # Ihrer Gespräche gesagt wurde}} wird ab {date} gelöscht, mit Namen und Nummern, wie Ihre Schule es hält. Holen Sie vorher heraus, was Sie noch brauchen.',
    'page_title' => 'Alles, was über Sie gespeichert ist',
    'page_intro' =>
        '{school} speichert dies über Sie, und nichts anderes. Es verschwindet von selbst {days, plural, one {# Tag} other {# Tage}} nach Ihrem letzten Termin.',
    'page_lists' => 'Aus den Listen der Schule:',
    'page_no_meetings' => 'Keine Termine.',
    'page_file' => 'Als Datei mitnehmen',
    'page_forget' => 'Löschen lassen',
    'page_forget_says' =>
        'Ihr Name, Ihre Adresse und Ihre Nummer werden gelöscht, und alles, was Sie gesagt haben, mit Ihrer privaten Seite. {ahead, plural, =0 {} one {Der Termin, den Sie gebucht haben, wird abgesagt, und die Schule erfährt davon.} other {Die # Termine, die Sie gebucht haben, werden abgesagt, und die Schule erfährt davon.}} Das lässt sich nicht zurücknehmen.',
    'page_forget_lists' => 'Was in den Listen der Schule steht, bleibt dort; das Sekretariat sagt Ihnen mehr.',
    'page_sure' => 'Ja, alles löschen',
    'page_back' => 'Zurück zu Ihren Terminen',
    'forgotten_title' => 'Es ist gelöscht',
    'forgotten' => 'Was über Sie gespeichert war, ist weg, und die Adresse Ihrer privaten Seite öffnet nichts mehr.',
    'board' => 'Zurück zur Startseite',
    'forgotten_known' =>
        'Alles, was Sie gesagt haben, ist gelöscht. Sie stehen noch in den Listen der Schule, deshalb öffnet sich Ihre private Seite weiter.',
    'page_state' =>
        '{state, select, kept {kurz reserviert} asked {angefragt} booked {gebucht} declined {abgelehnt} cancelled {abgesagt} other {}}',
    'page_answer' => '{question}: {answer}',
    'page_yes' => 'ja',
    'page_no' => 'nein',
];
