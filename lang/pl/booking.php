<?php

declare(strict_types=1);

return [
    'way' => 'Zobacz drogę: {place}',
    'letter_row' =>
        '{host}, {where}{directions, select, none {} other { ({directions})}}{student, select, none {} other { – dotyczy: {student}}}{interpreter, select, none {} other { – tłumaczy {interpreter}}}',
    'not_as_filled_in' =>
        '{phone, select, none {W tej postaci nie jest to możliwe. Wpisany tekst jest zachowany. Jeśli coś jest już zarezerwowane, proszę otworzyć to z otrzymanej wiadomości; albo zapytać w sekretariacie.} other {W tej postaci nie jest to możliwe. Wpisany tekst jest zachowany. Jeśli coś jest już zarezerwowane, proszę otworzyć to z otrzymanej wiadomości; albo zadzwonić do sekretariatu, {phone}.}}',
    'not_as_filled_in_letter' =>
        '{phone, select, none {W tej postaci nie można zarezerwować tego terminu. Wpisany tekst jest zachowany. Jeśli na ten adres już coś rezerwowano, wiadomość ze spotkaniami jest w drodze; albo proszę zapytać w sekretariacie.} other {W tej postaci nie można zarezerwować tego terminu. Wpisany tekst jest zachowany. Jeśli na ten adres już coś rezerwowano, wiadomość ze spotkaniami jest w drodze; albo proszę zadzwonić do sekretariatu, {phone}.}}',
    'against' => [
        'visitor_enough' =>
            'Mają tu już Państwo rezerwację, na innej swojej stronie. Aby ją zmienić, proszę otworzyć „Państwa spotkania” z otrzymanej wiadomości.',
        'visitor_elsewhere' => 'Mają Państwo wtedy inne spotkanie albo zbyt blisko. Proszę wybrać inny termin.',
        'student_enough' =>
            'Jest tu już termin w sprawie: {student}. Zarezerwowała go inna osoba opiekująca się uczniem. Można poprosić o dołączenie.',
        'student_elsewhere' =>
            'Jest wtedy inne spotkanie w sprawie: {student} albo zbyt blisko. Proszę wybrać inny termin.',
    ],
    'no_link_yet' => 'Spotkanie ({name}, {when}) nie ma jeszcze linku wideo. Proszę go dodać na arkuszu „{sheet}”.',
    'busy_over' =>
        'W kalendarzu „{calendar}” jest teraz coś w czasie spotkania ({name}, {when}). Spotkanie jest aktualne; proszę je przesunąć albo odwołać, jeśli nie mogą Państwo przyjść.',
    'letters_waiting' =>
        '{count, plural, one {Jedna wiadomość nie wychodzi i jest ponawiana} few {# wiadomości nie wychodzą i są ponawiane} many {# wiadomości nie wychodzi i jest ponawianych} other {# wiadomości nie wychodzi i jest ponawianych}} przez trzy dni: do {to}{more, plural, =0 {} one { i jeszcze jednego adresu} few { i # innych adresów} many { i # innych adresów} other { i # innego adresu}}. Serwer poczty mówi „{why}”. Może to naprawić osoba opiekująca się serwerem.',
    'letters_given_up' =>
        '{count, plural, one {Jedna wiadomość nigdy nie wyszła} few {# wiadomości nigdy nie wyszły} many {# wiadomości nigdy nie wyszło} other {# wiadomości nigdy nie wyszło}}: do {to}{more, plural, =0 {} one { i jeszcze jednego adresu} few { i # innych adresów} many { i # innych adresów} other { i # innego adresu}}. Serwer poczty powiedział „{why}”. Proszę dotrzeć do {count, plural, one {tej osoby} other {tych osób}} inaczej.',
    'mail_failed' =>
        '{phone, select, none {Wiadomość ({name}, {email}) nie doszła. Numeru telefonu nie podano.} other {Wiadomość ({name}, {email}) nie doszła. Numer telefonu: {phone}.}}',
    'only_families' =>
        'Te terminy są dla rodzin, które {school} zna. Otwiera je link z wiadomości, strona Państwa spotkań albo kod z karty.',
    'only_staff' => 'Ta strona jest dla pracowników: {school}.',
    'only_anyone' => 'Tę stronę może otworzyć każdy.',
    'sheet_with' => 'prowadzi {host}',
    'staff_come_in' => 'Zaloguj się i zobacz terminy',
    'card_title' => 'Mają Państwo kartę z kodem',
    'card_code' => 'Kod z Państwa karty',
    'card_open' => 'Otwórz',
    'card_unknown' => 'Nie ma karty z tym kodem. Proszę sprawdzić jeszcze raz: ma dziesięć liter i cyfr.',
    'card_too_often' =>
        'Z tego miejsca próbowano zbyt wielu kodów. Proszę odczekać godzinę albo otworzyć link z wiadomości.',
    'card_none' =>
        '{phone, select, none {Bez karty i wiadomości? Proszę zadzwonić do sekretariatu.} other {Bez karty i wiadomości? Proszę zadzwonić do sekretariatu, {phone}.}}',
    'no_line' =>
        '{phone, select, none {Na razie nikogo nie można wpisać na listę oczekujących. Proszę zajrzeć później albo zadzwonić do sekretariatu.} other {Na razie nikogo nie można wpisać na listę oczekujących. Proszę zajrzeć później albo zadzwonić do sekretariatu, {phone}.}}',
    'line_is_long' =>
        '{phone, select, none {Lista oczekujących jest pełna. Proszę zajrzeć później albo zadzwonić do sekretariatu.} other {Lista oczekujących jest pełna. Proszę zajrzeć później albo zadzwonić do sekretariatu, {phone}.}}',
    'not_answered' =>
        '{phone, select, none {Nie było odpowiedzi na czas, więc termin znów jest wolny. Proszę wybrać inny albo zadzwonić do sekretariatu.} other {Nie było odpowiedzi na czas, więc termin znów jest wolny. Proszę wybrać inny albo zadzwonić do sekretariatu, {phone}.}}',
    'not_confirmed' => 'Adres e-mail nie odpowiedział na czas.',
    'other_host' => 'O {time} prowadzi {host}. Proszę potwierdzić jeszcze jednym kliknięciem albo wybrać inny termin.',
    'has_begun' => 'To spotkanie się zaczęło albo skończyło; nie można go już przenieść ani odwołać.',
    'next_free' => 'wolne: {when}',
    'next_opens' => 'otwarcie: {when}',
    'next_taken' => 'wszystkie terminy są zajęte',
    'next_over' => 'na razie brak terminów',
    'pick' => 'Proszę wybrać termin',
    'free' => '{free, plural, one {# wolny} few {# wolne} many {# wolnych} other {# wolnego}}',
    'free_here' =>
        '{free, plural, one {# wolny w te dni} few {# wolne w te dni} many {# wolnych w te dni} other {# wolnego w te dni}}',
    'clock' => 'Zegar 12-godzinny',
    'slot' => [
        'taken' => '{from}–{until} zajęty',
        'busy' => '{from}–{until} niedostępny',
        'too soon' => '{from}–{until} za późno na rezerwację',
        'not yet open' => '{from}–{until} jeszcze nie otwarty',
        'closed' => '{from}–{until} zamknięty',
        'past' => '{from}–{until} miniony',
    ],
    'earliest' => 'Najwcześniej:',
    'parts' => 'Pora dnia',
    'part' => [
        'any' => 'Cały dzień: {free, number}',
        'morning' => 'Przed południem: {free, number}',
        'afternoon' => 'Po południu: {free, number}',
        'late' => 'Od {from}: {free, number}',
    ],
    'day_none' => 'Tego dnia nic nie jest wolne.',
    'times' => [
        'free' =>
            '{free, plural, =1 {Proszę wybrać termin: jeden jest wolny} one {Proszę wybrać termin: # jest wolny} few {Proszę wybrać termin: # są wolne} many {Proszę wybrać termin: # jest wolnych} other {Proszę wybrać termin: # jest wolne}}',
        'taken' => 'Wszystkie terminy są zajęte',
        'opens' => 'Otwarcie: {opens}',
        'enough' => 'Mają tu już Państwo rezerwację',
        'too late' => 'Na pozostałe terminy nie można już rezerwować',
        'over' => 'Na razie nie ma dalszych terminów',
    ],
    'sheet_title' => '{sheet}, {host}',
    'state' => [
        'kept' => 'Czeka do {until}. Po naciśnięciu przycisku w wiadomości na Państwa adres jest zarezerwowane.',
        'asked' => 'Wysłano prośbę. Termin czeka na Państwa najdłużej do {until}.',
        'booked' => 'Zarezerwowane.',
        'declined' => 'Odrzucone.',
        'cancelled' => 'Odwołane.',
    ],
    'undo' => [
        'given back' => 'To spotkanie jest odwołane.',
        'moved' => 'Spotkanie zostało przeniesione.',
        'guest left' => 'Ta osoba nie przyjdzie.',
        'guest brought' => 'Ta osoba jest zaproszona.',
    ],
    'office' =>
        '{phone, select, none {Potrzebna pomoc? Proszę zadzwonić do sekretariatu szkoły.} other {Potrzebna pomoc? Proszę zadzwonić do sekretariatu szkoły: {phone}.}}',
    'handout' =>
        '{phone, select, none {Jeśli to niemożliwe, proszę zadzwonić do sekretariatu: zarezerwuje za Państwa.} other {Jeśli to niemożliwe, proszę zadzwonić do sekretariatu, {phone}: zarezerwuje za Państwa.}}',
    'slip' =>
        '{phone, select, none {Jeśli nie mogą Państwo przyjść, proszę zadzwonić do sekretariatu: ktoś inny ucieszy się z terminu.} other {Jeśli nie mogą Państwo przyjść, proszę zadzwonić do sekretariatu, {phone}: ktoś inny ucieszy się z terminu.}}',
    'notice' =>
        '{phone, select, none {Konto nie jest potrzebne. Albo proszę zapytać w sekretariacie: zarezerwuje za Państwa.} other {Konto nie jest potrzebne. Albo proszę zadzwonić do sekretariatu, {phone}: zarezerwuje za Państwa.}}',
    'look_again' => 'Coś wymaga poprawki. Nic nie przepadło.',
    'line_sent' =>
        'Wysłaliśmy Państwu wiadomość. Po naciśnięciu jej przycisku damy znać, gdy zwolni się termin. Gdy przyjdzie kolej na Państwa, termin przez pewien czas poczeka.',
    'confirm_first' =>
        'Ten termin tylko czeka na Państwa. Proszę nacisnąć przycisk w wiadomości, która przyszła na Państwa adres; wtedy jest zarezerwowany i można go zmieniać.',
    'still_needed' =>
        'Ktoś zarezerwował na tym arkuszu, więc on zostaje. Proszę go raczej odłożyć: zniknie z listy i nie przyjmie rezerwacji.',
    'undo_late' => 'Za późno, by cofnąć: zainteresowani już wiedzą.',
    'undo_taken' => 'Nie można już cofnąć: ktoś był szybszy. Proszę wybrać inny termin.',
    'address_subject' => 'Czy to Państwa adres e-mail?',
    'address_news' =>
        'Ten adres podano przy spotkaniach: {school}. Czy to Państwo? Po naciśnięciu przycisku wiadomości będą przychodzić tam. Jeśli nie, proszę nic nie robić. Nic więcej nie przyjdzie.',
    'address_press' => 'Tak, to mój adres',
    'address_asked' => 'Czy {email} to Państwa adres?',
    'address_asked_more' =>
        'Jedno kliknięcie i wiadomości o spotkaniach przychodzą tam; to, co na Państwa czeka, jest tym samym zarezerwowane.',
    'address_done' => 'Dziękujemy. Wiadomości idą na {email}.',
    'address_moved_subject' => 'Wiadomości o Państwa spotkaniach idą na inny adres',
    'address_moved_news' =>
        '{phone, select, none {Wiadomości o Państwa spotkaniach idą odtąd na {email}. Jeśli to nie Państwo, proszę otworzyć swoje spotkania i nadać stronie nowy adres albo zadzwonić do sekretariatu.} other {Wiadomości o Państwa spotkaniach idą odtąd na {email}. Jeśli to nie Państwo, proszę otworzyć swoje spotkania i nadać stronie nowy adres albo zadzwonić do sekretariatu, {phone}.}}',
    'join_subject' => '{name} też chce przyjść',
    'join_news' =>
        '{name} prosi o dołączenie do tego spotkania. Aby dodać tę osobę, proszę otworzyć swoje spotkania. Albo nic nie robić: niczego się nie dowie.',
    'open_pass' => 'Otworzyć Państwa spotkania',
    'to_pass' => 'Do Państwa spotkań',
    'dear' => 'Dzień dobry, {name},',
    'line_subject' => 'Czy powiadomić Państwa, gdy {host} będzie mieć wolny termin?',
    'line_news' =>
        'Ktoś poprosił o powiadomienie na ten adres, gdy termin będzie wolny. Czy to Państwo? Proszę nacisnąć przycisk. Jeśli nie, proszę nic nie robić. Nic więcej nie przyjdzie.',
    'line_press' => 'Tak, proszę mnie powiadomić',
    'line_asked' => 'Czy powiadomić Państwa, gdy termin będzie wolny?',
    'line_asked_more' =>
        'Gdy ktoś odda termin i przyjdzie kolej na Państwa, termin przez pewien czas poczeka i przyjdzie wiadomość.',
    'wants_heading' => 'Co by Państwu odpowiadało',
    'wants_when' => 'Kiedy',
    'wants_any_time' => 'Cały dzień',
    'wants_morning' => 'Przed południem',
    'wants_afternoon' => 'Po południu, przed szesnastą',
    'wants_late' => 'Później, od szesnastej',
    'wants_where' => 'Gdzie',
    'wants_anywhere' => 'Gdziekolwiek',
    'wants_with' => 'Z kim',
    'wants_anybody' => 'Ktokolwiek',
    'wants_only' => 'Proponować mi tylko te',
    'wants_tell_me' => 'Proszę mnie powiadomić',
    'line_in' =>
        '{before, plural, =0 {Są Państwo pierwsi.} =1 {Są Państwo drudzy.} one {Przed Państwem jest # osoba.} few {Przed Państwem są # osoby.} many {Przed Państwem jest # osób.} other {Przed Państwem jest # osoby.}}',
    'line_in_more' =>
        'Gdy termin się zwolni i przyjdzie kolej na Państwa, przez pewien czas poczeka i przyjdzie wiadomość. Terminy i tak wolne można rezerwować jak zawsze.',
    'line_offered' => 'Czeka na Państwa termin: {when}. Można go wziąć do {until}.',
    'line_offered_more' =>
        'Aby go wziąć, proszę otworzyć wiadomość o nim. Jeśli go Państwo przepuszczą, najpierw pytamy innych; za drugim razem już nie pytamy.',
    'line_out' => 'Nie dostają już Państwo powiadomień o wolnych terminach.',
    'line_leave' => 'Proszę mnie już nie powiadamiać',
    'line_decline' => 'Nie, dziękuję: nie tym razem',
    'offer_heading' => 'Wolny termin: {when}, {host}',
    'offer_news' => 'Termin jest wolny. Czeka na Państwa do {until}.',
    'offer_take' => 'Wziąć ten termin',
    'offer_decline' => 'Nie, dziękuję',
    'offer_what' => 'Co',
    'offer_when' => 'Kiedy',
    'offer_with' => 'Z kim',
    'line_see' => 'Zobacz terminy',
    'pass_renewed_heading' => 'Państwa spotkania: nowy prywatny adres',
    'pass_renewed' =>
        '{why, select, together {Wszystkie Państwa rezerwacje są teraz na jednej stronie, a strona ma nowy adres. Dawne linki niczego nie otwierają.} card {Prywatna strona Państwa spotkań ma nowy adres. Mają Państwo nową kartę, a to, co było na starej, już nie działa. Spotkania są, jak były.} other {Prywatna strona Państwa spotkań ma nowy adres. Stary był w pliku kalendarza, który mogła otworzyć dodana przez Państwa osoba, więc już nie działa. Spotkania są, jak były.}} Na dawne wpisy kalendarza nie można już odpowiadać z kalendarza: proszę używać tej strony.',
    'pass_renewed_link' => 'Państwa spotkania',
    'pass_renewed_host' =>
        'Prywatna strona ({who}) ma nowy adres, a nie mamy e-maila, żeby o tym powiedzieć. Proszę wydrukować kartkę jeszcze raz i ją wręczyć.',
    'everything' => 'Ten link dotyczy części Państwa rezerwacji. Całość otwiera się z Państwa poczty.',
    'everything_press' => 'Proszę przysłać mi link do całości',
    'everything_sent' =>
        'Wiadomość jest w drodze na znany nam Państwa adres e-mail. Proszę otworzyć ją i w ciągu trzech dni nacisnąć przycisk: wtedy zobaczą Państwo wszystkie rezerwacje.',
    'everything_office' =>
        '{phone, select, none {Nie mamy Państwa adresu e-mail, by wysłać link. Jeśli jest potrzebny, proszę zadzwonić do sekretariatu.} other {Nie mamy Państwa adresu e-mail, by wysłać link. Jeśli jest potrzebny, proszę zadzwonić do sekretariatu: {phone}.}}',
    'open_everything' => 'Wszystkie Państwa rezerwacje',
    'open_everything_more' => 'Po naciśnięciu przycisku ta strona wie, że wiadomość dotarła.',
    'open_everything_press' => 'Otwórz wszystko',
    'also_with' => '{kind, select, any {lub {any}} must {i {must}} other {lub {any}, a także {must}}}',
    'together' =>
        '{pages, plural, one {Jest jeszcze # strona z Państwa nazwiskiem i tym adresem.} few {Są jeszcze # strony z Państwa nazwiskiem i tym adresem.} many {Jest jeszcze # stron z Państwa nazwiskiem i tym adresem.} other {Jest jeszcze # strony z Państwa nazwiskiem i tym adresem.}} {meetings, plural, =0 {Nie ma tam nadchodzących spotkań.} one {Jest tam # spotkanie.} few {Są tam # spotkania.} many {Jest tam # spotkań.} other {Jest tam # spotkania.}}',
    'together_more' =>
        'Można mieć wszystko na jednej stronie. Linki z dawnych wiadomości wtedy niczego nie otworzą; nowa wiadomość przyniesie nowy link.',
    'together_press' => 'Wszystko na jedną stronę',
    'together_done' => 'Wszystko jest na jednej stronie',
    'together_left' => 'Nie wszystko dało się umieścić na jednej stronie',
    'together_apart' =>
        '{pages, plural, one {# strona pozostaje osobno.} few {# strony pozostają osobno.} many {# stron pozostaje osobno.} other {# strony pozostaje osobno.}} Tego, co jest na obu, nie można połączyć: miejsca na tej samej liście oczekujących, życzeń na te same dni albo tego samego spotkania. Proszę wycofać to na jednej z nich i nacisnąć ponownie.',
    'address_moved_link' => 'Strona szkoły',
    'needs_address' =>
        '{phone, select, none {Wiele terminów zarezerwowano tu bez adresu e-mail. Proszę podać adres, by mógł odpowiedzieć.} other {Wiele terminów zarezerwowano tu bez adresu e-mail. Proszę podać adres, by mógł odpowiedzieć; albo zadzwonić do sekretariatu, {phone}.}}',
    'many_wait' =>
        '{phone, select, none {Kilka terminów czeka tu teraz na adresy z Państwa sieci, które jeszcze nie odpowiedziały. Proszę nacisnąć przycisk w swojej wiadomości albo spróbować za pół godziny. Wpisany tekst jest zachowany.} other {Kilka terminów czeka tu teraz na adresy z Państwa sieci, które jeszcze nie odpowiedziały. Proszę nacisnąć przycisk w swojej wiadomości albo spróbować za pół godziny; albo zadzwonić do sekretariatu, {phone}. Wpisany tekst jest zachowany.}}',
    'good_day' => 'Dzień dobry,',
    'interpreter_gone' =>
        'Na spotkaniu ({name}, {when}) nikt już nie tłumaczy: tej osoby już nie ma, a innej wolnej z tym językiem wtedy brak.',
    'again_title' => 'Gdzie są moje spotkania?',
    'again_address' => 'Adres e-mail użyty przy rezerwacji',
    'again_press' => 'Wyślij je ponownie',
    'again_sent' =>
        'Jeśli na ten adres coś zarezerwowano, wiadomość z Państwa spotkaniami jest w drodze. Proszę zajrzeć do poczty, także do spamu.',
    'again_back' => 'Wszyscy u nas',
    'left' => 'Nie przyjdą już Państwo na „{title}”, {when}. {visitor} może dodać Państwa ponownie.',
    'link' => [
        'kept' => 'Link przyjdzie, gdy termin będzie zarezerwowany.',
        'asked' => 'Link przyjdzie, gdy prośba zostanie przyjęta.',
        'later' => 'Link przyjdzie później. Dostaną Państwo wiadomość, gdy będzie.',
        'before' =>
            '{where, select, here {Link pojawi się tutaj} other {Link pojawi się na stronie Państwa spotkań}} {minutes, plural, one {# minutę} few {# minuty} many {# minut} other {# minuty}} przed spotkaniem.',
        'called' =>
            '{where, select, here {Link pojawi się tutaj} other {Link pojawi się na stronie Państwa spotkań}} po wezwaniu.',
    ],
    'key_reused' =>
        'Ten formularz wysłano już z innymi odpowiedziami. Liczy się pierwszy. Aby zarezerwować inny termin, proszę wczytać stronę ponownie.',
    'no_such_time' => 'Nie ma tu takiego terminu.',
    'these_free' =>
        '{count, plural, =0 {Nic innego nie jest tu teraz wolne.} one {Wolny termin: {times}.} few {Wolne terminy: {times}.} many {Wolne terminy: {times}.} other {Wolne terminy: {times}.}}',
    'guests_none' => 'Na tych spotkaniach nie przewidziano gości.',
    'guests_enough' => 'Przyjdzie już tylu gości, ilu może.',
    'guest_already' => 'Ta osoba już przyjdzie.',
    'find_title' => 'Znaleźć termin',
    'board_title' => 'Spotkania z nami',
    'pass_title' => 'Państwa spotkania',
];
