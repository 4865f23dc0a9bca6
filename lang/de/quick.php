<?php

declare(strict_types=1);

return [
    'date' => '{date}',
    'until' => 'bis {last}',
    'hours' => '{from} bis {until}',
    'month' =>
        '{number, plural, =1 {Januar} =2 {Februar} =3 {März} =4 {April} =5 {Mai} =6 {Juni} =7 {Juli} =8 {August} =9 {September} =10 {Oktober} =11 {November} other {Dezember}}',
    'of_each_month' => 'am {which} {day} jedes Monats',
    'which' => 'Was ist gemeint?',
    'which_weekday' => '{date} ist ein {is}, kein {said}. Was ist gemeint?',
    'days_or_hours' => 'Sind „{typed}“ Tage oder Stunden?',
    'which_date' => 'Welches Datum ist {typed}?',
    'read_as' => '{typed} wurde als {meant} gelesen.',
    'read_as_later' => '{typed} wurde als {meant} gelesen, später als {start}.',
    'start_is_early' => '{start} ist früh am Morgen.',
    'is_early' => '{from} bis {until} ist früh am Morgen.',
    'morning' => '{from} bis {until} wurde als Vormittag gelesen.',
    'afternoon' => '{from} bis {until} wurde als Nachmittag gelesen: {later} bis {later_end}.',
    'every_other' => '„Jeden {which} {day}“ wurde als jede {weeks, plural, one {Woche} other {#. Woche}} gelesen.',
    'times_of_those_before' => 'Die letzten Tage haben die Zeiten der Tage davor.',
    'repeats_from' => 'Es wiederholt sich ab {date}: {day}.',
    'endless' => 'Es wiederholt sich ohne Ende. Schreiben Sie bis und ein Datum, oder 10 mal.',
    'first_is_on' => 'Das erste Mal ist {day} {date}. Schreiben Sie für eine andere Woche ab und ein Datum.',
    'last_is_on' =>
        '{times, plural, one {# Mal findet statt} other {# Male finden statt}}: das letzte am {date}, da dazwischen Tage geschlossen oder ausgelassen sind.',
    'every_day' => 'Jeden Tag von {first} bis {last}.',
    'first_day' => 'Der erste Tag wurde als {date} gelesen.',
    'until_month' => 'Bis {month} wurde als bis {last} gelesen.',
    'next_read_as' => 'Nächster {day} wurde als {date} gelesen.',
    'next_is' => 'Nächster {day} ist {date}.',
    'feast' => '{feast, select, christmas {Weihnachten} other {Ostern}} wurde als {date} gelesen.',
    'other_is_past' => '{typed} wurde als {date} gelesen, da {past} vorbei ist.',
    'day_is_past' => '{day, number, integer}. {month} ist vorbei, also wurde es als {date} gelesen.',
    'closed_days' => 'Die Schließtage der Schule fallen von selbst aus.',
    'all_past' => 'Alles ist vorbei: Es endet am {last}, und kein Gespräch kommt heraus.',
    'none_left' => 'Keiner der Tage bleibt, und kein Gespräch kommt heraus.',
    'closed_then' => 'Die Schule ist am {date} geschlossen, und kein Gespräch kommt heraus.',
    'closed_all' => 'Die Schule ist an allen diesen Tagen geschlossen, und kein Gespräch kommt heraus.',
    'closed_on' => 'Die Schule ist am {dates} geschlossen: Dann findet nichts statt.',
    'too_long' => 'Eine schnelle Zeile hat höchstens {most, number, integer} Zeichen.',
    'days_missing' => 'Es fehlt, an welchen Tagen. Schreiben Sie sie, etwa di do oder 3. dez.',
    'hours_missing' => 'Es fehlt, von wann bis wann. Schreiben Sie es, etwa 10:25-11:35.',
    'length_missing' => 'Es fehlt, wie lange ein Gespräch dauert. Schreiben Sie es, etwa /15.',
    'no_days' => 'Es fehlt, an welchen Tagen.',
    'whose_times' =>
        'Es ist unklar, welche Zeiten zu welchen Tagen gehören. Schreiben Sie die Zeiten nach ihren Tagen: di 9-11 do 14-16.',
    'pause_outside' => 'Die Pause {pause} liegt außerhalb der Zeiten, in denen sie sein soll.',
    'pause_of_all' => 'Die Pause lässt nichts von den Zeiten übrig.',
    'kinds_apart' =>
        'Wochentage, Tage im Monat und Daten stehen in eigenen Blöcken, mit ; dazwischen, oder ein weiteres Datum mit plus.',
    'dates_do_not_repeat' =>
        'Daten wiederholen sich nicht, also haben sie keinen ersten Tag, kein Ende und kein „jeden“. Schreiben Sie Wochentage für das, was sich wiederholt.',
    'ends_before_it_begins' => 'Es würde am {last} enden, vor dem Beginn am {first}.',
    'step_too_small' =>
        'Gespräche von {minutes, plural, one {# Minute} other {# Minuten}} können nicht {step, plural, one {jede Minute} other {alle # Minuten}} beginnen.',
    'minutes_needed' => 'Hier sind Minuten nötig, etwa /15.',
    'length_twice' => 'Die Länge eines Gesprächs steht zweimal da.',
    'gap_needed' => 'Hier ist eine Zahl von Minuten nötig, etwa abstand 5.',
    'weeks' => 'Es kann 1 bis 520 Wochen dauern.',
    'every_days' =>
        'Alle {number, number, integer} Tage lässt sich nicht sagen. Nennen Sie Wochentage, etwa jeden mo mi fr.',
    'every_what' => 'Alle was? Es könnte 2 wochen, zweiten dienstag, tag oder 15 minuten sein.',
    'date_needed' => 'Hier ist ein Datum nötig, etwa 28. mai oder 2027-05-28.',
    'dates_needed' => 'Hier ist ein Datum nötig, etwa 25. dez oder 21. dez - 3. jan.',
    'end_needed' => 'Hier ist ein Datum nötig, etwa 28. mai.',
    'hours_needed' => 'Hier sind Zeiten nötig, etwa 10:25-11:35.',
    'range_too_long' => 'Ein Zeitraum dauert höchstens zehn Jahre.',
    'end_of_what' => 'Das Ende wovon? Es könnte mai sein, oder ein Abschnitt der Schule.',
    'no_such_term' =>
        '{nearest, select, unknown {Ein Abschnitt dieses Namens ist nicht bekannt.} other {Ein Abschnitt dieses Namens ist nicht bekannt. Ist „{nearest}“ gemeint?}}',
    'no_term' => 'Die Schule hat keinen solchen Abschnitt. Schreiben Sie bis und ein Datum.',
    'next_what' => 'Hier könnte ein Wochentag, eine Woche oder ein Abschnitt stehen, etwa nächsten dienstag.',
    'no_such_digits' => 'Ein Datum {typed} gibt es nicht. Schreiben Sie den Monat in Buchstaben, etwa 3. dez.',
    'no_such_day' =>
        'Einen {day, number, integer}. {year, select, any {{month}} other {{month} {year}}} gibt es nicht.',
    'no_end' => '„{typed}“ ist eine Zeit ohne Ende. Schreiben Sie von wann bis wann, etwa {typed}-17:00.',
    'biweekly' =>
        '„{typed}“ kann alle zwei Wochen oder zweimal die Woche heißen. Schreiben Sie alle 2 wochen, oder nennen Sie beide Tage.',
    'not_understood' =>
        '{at, select, end {Das Ende der Zeile} other {„{typed}“}} {could, select, nearest {ist nicht zu verstehen. Ist „{nearest}“ gemeint?} number {allein ist nicht zu verstehen. Für eine Länge schreiben Sie /{typed}.} days {ist nicht zu verstehen. Hier könnten Tage stehen, etwa di do oder 3. dez.} hours {ist nicht zu verstehen. Hier könnten Zeiten stehen, etwa 10:25-11:35.} length {ist nicht zu verstehen. Hier könnte eine Länge stehen, etwa /15.} other {ist nicht zu verstehen. Die Zeile könnte hier enden, oder mit bis 28. mai.}}',
];
