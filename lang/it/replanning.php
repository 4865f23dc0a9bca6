<?php

declare(strict_types=1);

return [
    'title' => 'Se capita qualcosa: {round}',
    'away_said' =>
        '{hit, plural, =0 {Allora nessuno ha prenotato con {host}, quindi non c’è nessuno da avvisare.} one {Un colloquio con {host} non può esserci.} other {# colloqui con {host} non possono esserci.}} {hit, plural, =0 {} other {{placed, plural, =0 {Per nessuno c’è un altro orario.} one {Per uno c’è un altro orario, spostato il meno possibile.} other {Per # ci sono altri orari, spostati il meno possibile.}}}}',
    'stead' => '{time} con {host}',
    'away_done' => '{host} è assente. Tutti gli interessati lo sanno fra mezzo minuto.',
    'is_away' =>
        '{host} è assente: {times, plural, one {un orario è chiuso, il {from}} other {# orari sono chiusi, dal {from}}}.',
    'not_away' => 'Non c’è un’assenza, o è finita. Non è stato cambiato nulla.',
    'not_in_it' => 'Non ha un foglio aperto in questa tornata.',
    'others_hit' =>
        'Colpisce altri rispetto a quelli che ha visto: intanto qualcuno ha prenotato o spostato. Non è stato cambiato nulla; guardi ancora.',
    'taken_meanwhile' => 'Uno di questi orari intanto è stato preso. Non è stato cambiato nulla; guardi ancora.',
    'evening_said' =>
        '{meetings, plural, =0 {Nessuno ha prenotato il {from}; gli orari passano al {to}.} one {Un colloquio passa dal {from} al {to}, alla sua ora.} other {# colloqui di {families, plural, one {una famiglia} other {# famiglie}} passano dal {from} al {to}, ciascuno alla sua ora.}} {cannot, plural, =0 {} one {Uno non può esserci allora, e viene annullato.} other {# non possono esserci allora, e vengono annullati.}}',
    'evening_done' =>
        'La serata è spostata. Fra mezzo minuto ogni famiglia riceve tutti i suoi colloqui in un messaggio.',
    'not_its_date' => 'La tornata non è in questa data.',
    'date_over' => 'Questa data è passata.',
    'date_far' => 'È troppo lontano per la stessa tornata. La rifaccia con nuove date.',
    'date_taken' => 'La tornata è già in questa data.',
    'date_closed' => 'La scuola è chiusa in questa data.',
    'others_cannot' =>
        'In quella data non possono altri rispetto a quelli che ha visto. Non è stato cambiato nulla; guardi ancora.',
    'moved_heading' => 'Un’altra data: {title}',
    'moved_news' =>
        '{count, plural, one {Il Suo colloquio è ora in un’altra data, alla stessa ora.} other {I Suoi # colloqui sono ora in un’altra data, alla stessa ora.}}',
    'moved_link' => 'Tutto ciò che ha prenotato',
    'video_said' =>
        '{can, plural, =0 {Nessuno ha un link.} one {Un docente ha un link.} other {# docenti hanno un link.}} {cannot, plural, =0 {} one {{names} non ne ha, e resta dov’è finché non lo dice.} other {# non ne hanno, e restano dove sono finché non lo dicono: {names}{cannot, plural, =1 {} =2 {} =3 {} =4 {} =5 {} =6 {} =7 {} =8 {} =9 {} =10 {} =11 {} =12 {} other { e altri}}.}}',
    'by_video_label' => 'In video',
    'undone' => 'Tutto è com’era. Non è stato scritto a nessuno.',
    'undo_late' => 'È tardi per annullarlo: è già stato scritto loro.',
    'undo_taken' => 'Non si può più annullare: qualcuno ora ha uno di questi orari. Non è stato cambiato nulla.',
];
