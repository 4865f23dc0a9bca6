<?php

declare(strict_types=1);

return [
    'date' => '{date}',
    'until' => 'fino al {last}',
    'hours' => 'dalle {from} alle {until}',
    'month' =>
        '{number, plural, =1 {gennaio} =2 {febbraio} =3 {marzo} =4 {aprile} =5 {maggio} =6 {giugno} =7 {luglio} =8 {agosto} =9 {settembre} =10 {ottobre} =11 {novembre} other {dicembre}}',
    'of_each_month' => 'il {which} {day} di ogni mese',
    'which' => 'Che cosa si intende?',
    'which_weekday' => '{date} è {is}, non {said}. Quale si intende?',
    'days_or_hours' => '«{typed}» sono giorni o ore?',
    'which_date' => 'Che data è {typed}?',
    'read_as' => '{typed} è stato letto come {meant}.',
    'read_as_later' => '{typed} è stato letto come {meant}, dopo le {start}.',
    'start_is_early' => '{start} è di primo mattino.',
    'is_early' => 'Dalle {from} alle {until} è di primo mattino.',
    'morning' => 'Dalle {from} alle {until} è stato letto come mattina.',
    'afternoon' => 'Dalle {from} alle {until} è stato letto come pomeriggio: dalle {later} alle {later_end}.',
    'every_other' =>
        '«Ogni {which} {day}» è stato letto come ogni {weeks, plural, one {settimana} other {# settimane}}.',
    'times_of_those_before' => 'Gli ultimi giorni hanno gli orari di quelli prima.',
    'repeats_from' => 'Si ripete ogni {day} dal {date}.',
    'endless' => 'Si ripete senza fine. Scriva fino al e una data, o 10 volte.',
    'first_is_on' => 'La prima è {day} {date}. Scriva dal e una data per un’altra settimana.',
    'last_is_on' =>
        '{times, plural, one {# volta che si tiene} other {# volte che si tengono}}: l’ultima è il {date}, perché alcuni giorni in mezzo sono chiusi o tolti.',
    'every_day' => 'Ogni giorno dal {first} al {last}.',
    'first_day' => 'Il primo giorno è stato letto come {date}.',
    'until_month' => 'Fino a {month} è stato letto come fino al {last}.',
    'next_read_as' => 'Il prossimo {day} è stato letto come {date}.',
    'next_is' => 'Il prossimo {day} è {date}.',
    'feast' => '{feast, select, christmas {Natale} other {Pasqua}} è stato letto come {date}.',
    'other_is_past' => '{typed} è stato letto come {date}, perché {past} è passato.',
    'day_is_past' => 'Il {day, number, integer} {month} è passato, quindi è stato letto come {date}.',
    'closed_days' => 'I giorni di chiusura della scuola sono tolti da sé.',
    'all_past' => 'È tutto passato: finisce il {last}, e non ne viene alcun colloquio.',
    'none_left' => 'Non resta nessuno dei suoi giorni, e non ne viene alcun colloquio.',
    'closed_then' => 'La scuola è chiusa il {date}, e non ne viene alcun colloquio.',
    'closed_all' => 'La scuola è chiusa in tutti quei giorni, e non ne viene alcun colloquio.',
    'closed_on' => 'La scuola è chiusa il {dates}: allora non si tiene nulla.',
    'too_long' => 'Una riga veloce ha al massimo {most, number, integer} caratteri.',
    'days_missing' => 'Mancano i giorni. Li scriva, come mar gio o 3 dic.',
    'hours_missing' => 'Manca da quando a quando. Lo scriva, come 10:25-11:35.',
    'length_missing' => 'Manca quanto dura un colloquio. Lo scriva, come /15.',
    'no_days' => 'Mancano i giorni.',
    'whose_times' =>
        'Non è chiaro quali ore vadano con quali giorni. Scriva le ore dopo i loro giorni: mar 9-11 gio 14-16.',
    'pause_outside' => 'La pausa {pause} è fuori dalle ore di cui è la pausa.',
    'pause_of_all' => 'La pausa non lascia nulla delle ore.',
    'kinds_apart' =>
        'Giorni della settimana, giorni del mese e date si dicono in blocchi separati, con ; fra loro, o una data in più con più.',
    'dates_do_not_repeat' =>
        'Le date non si ripetono, quindi non hanno un primo giorno, una fine, né «ogni». Scriva giorni della settimana per ciò che si ripete.',
    'ends_before_it_begins' => 'Finirebbe il {last}, prima di cominciare il {first}.',
    'step_too_small' =>
        'I colloqui di {minutes, plural, one {# minuto} other {# minuti}} non possono cominciare ogni {step, plural, one {minuto} other {# minuti}}.',
    'minutes_needed' => 'Qui servono minuti, come /15.',
    'length_twice' => 'La durata di un colloquio è detta due volte.',
    'gap_needed' => 'Qui serve un numero di minuti, come intervallo 5.',
    'weeks' => 'Può durare da 1 a 520 settimane.',
    'every_days' =>
        'Ogni {number, number, integer} giorni non si può dire. Nomini i giorni della settimana, come ogni lun mer ven.',
    'every_what' => 'Ogni che cosa? Può essere 2 settimane, altro mar, giorno o 15 minuti.',
    'date_needed' => 'Qui serve una data, come 28 mag o 2027-05-28.',
    'dates_needed' => 'Qui serve una data, come 25 dic o 21 dic - 3 gen.',
    'end_needed' => 'Qui serve una data, come 28 mag.',
    'hours_needed' => 'Qui servono ore, come 10:25-11:35.',
    'range_too_long' => 'Un periodo di date dura al massimo dieci anni.',
    'end_of_what' => 'La fine di che cosa? Può essere mag, o un periodo della scuola.',
    'no_such_term' =>
        '{nearest, select, unknown {Nessun periodo con questo nome è noto.} other {Nessun periodo con questo nome è noto. Si intende «{nearest}»?}}',
    'no_term' => 'La scuola non ha un tale periodo. Scriva fino al e una data.',
    'next_what' => 'Qui potrebbe stare un giorno della settimana, una settimana o un periodo, come martedì prossimo.',
    'no_such_digits' => 'Non c’è una data {typed}. Scriva il mese in lettere, come 3 dic.',
    'no_such_day' => 'Non c’è un {day, number, integer} {year, select, any {{month}} other {{month} {year}}}.',
    'no_end' => '«{typed}» è un’ora senza fine. Scriva da quando a quando, come {typed}-17:00.',
    'biweekly' =>
        '«{typed}» può essere ogni due settimane o due volte a settimana. Scriva ogni 2 settimane, o nomini entrambi i giorni.',
    'not_understood' =>
        '{at, select, end {La fine della riga} other {«{typed}»}} {could, select, nearest {non si capisce. Si intende «{nearest}»?} number {da solo non si capisce. Per una durata, scriva /{typed}.} days {non si capisce. Qui potrebbero stare giorni, come mar gio o 3 dic.} hours {non si capisce. Qui potrebbero stare ore, come 10:25-11:35.} length {non si capisce. Qui potrebbe stare una durata, come /15.} other {non si capisce. La riga potrebbe finire qui, o con fino al 28 mag.}}',
];
