<?php

declare(strict_types=1);

return [
    'heading' => 'Poprosić o termin: {host}',
    'intro' => 'Gdy żaden termin <link>na stronie</link> nie pasuje. {intro}',
    'about' => 'O co chodzi?',
    'your_choices' => 'Państwa wybór',
    'know' => 'Co warto wiedzieć',
    'earlier_days' => 'Wcześniejsze dni',
    'later_days' => 'Późniejsze dni',
    'first_choice' => 'Pierwszy wybór',
    'second_choice' => 'Drugi wybór',
    'third_choice' => 'Trzeci wybór',
    'earlier' => 'Wcześniej',
    'later' => 'Później',
    'choice_taken' => 'Tymczasem zostało to zajęte. Proszę przenieść albo usunąć.',
    'choice_put' => 'Ustawić na pierwszym wspólnym terminie',
    'choice_second' => 'Podać drugi wybór',
    'choice_third' => 'Podać trzeci wybór',
    'choice_only' => '{choice}: tylko {minutes, plural, one {# minuta} few {# minuty} many {# minut} other {# minuty}}',
    'choice_minutes' => '{choice}: {minutes, plural, one {# minuta} few {# minuty} many {# minut} other {# minuty}}',
    'choice_out_of' => '{choice}: usunąć',
    'choice_out' => 'Usunąć',
    'how_long' => 'Jak długo?',
    'own_besides' => 'Państwa spotkania mówią, kiedy są Państwo gdzie indziej. Proszę dodać swój kalendarz',
    'own_add' => 'Proszę dodać swój kalendarz, by zobaczyć, kiedy obie strony są wolne',
    'own_reading' => 'Odczytywanie…',
    'own_read' => 'Odczytaj',
    'own_promise' =>
        'Jest czytany raz i nigdzie nie przechowywany: na tę stronę wraca tylko to, kiedy są Państwo zajęci, i ' .
        'znika razem z nią. Nikt nie dowiaduje się, co w nim jest.',
    'own_file' => 'Plik kalendarza (.ics)',
    'own_address' => 'Albo adres kalendarza',
    'own_leave_out' => 'Pominąć go',
    'sent_press_more' => 'Jeszcze jeden krok: proszę zajrzeć do poczty.',
    'sent_kept' =>
        'Państwa terminy czekają pół godziny. Po naciśnięciu przycisku w wiadomości na {email} prośba idzie dalej. ' .
        'Jak stoi sprawa, widać na <link>prywatnej stronie</link>. Jej adres powinni mieć tylko Państwo.',
    'sent_hear' =>
        'Wiadomość przyjdzie na {email}. {kept} Jak stoi sprawa, widać na <link>prywatnej stronie</link>. Jej ' .
        'adres powinni mieć tylko Państwo.',
    'sent_answer' =>
        'Odpowiedź przyjdzie do Państwa spotkań. {kept} Jak stoi sprawa, widać na <link>prywatnej stronie</link>. ' .
        'Jej adres powinni mieć tylko Państwo.',
    'sent_to_bookings' => 'Do Państwa spotkań',
    'where' => 'Gdzie?',
    'student' => 'Kogo to dotyczy?',
    'student_help' => 'Imię i nazwisko ucznia.',
    'details' => 'Szczegóły',
    'work' => 'Adres pracy, o którą chodzi',
    'work_help' => 'Na przykład https://docs.example.org/essay',
    'place' => 'Gdzie: <bold>{label}</bold> <faint>{directions}</faint>',
    'goes_to' => 'Trafi to do <link>Państwa spotkań</link>: {name}.',
    'somebody_else' => 'Prosi ktoś inny',
    'email_help' => 'Do odpowiedzi i wpisu w kalendarzu.',
    'when' => 'Kiedy obie strony są wolne?',
    'when_help' => 'Proszę kliknąć lub przeciągnąć na zielonym pasku. Podane godziny: {zone}.',
    'more_days' => '{many, plural, one {# dzień więcej} few {# dni więcej} many {# dni więcej} other {# dnia więcej}}',
    'with' => 'Także z kimś jeszcze',
    'nothing_fits' => 'Tego dnia nic się już nie mieści.',
    'only_fit' =>
        '{minutes, plural, one {Mieści się tam tylko # minuta.} few {Mieszczą się tam tylko # minuty.} many ' .
        '{Mieści się tam tylko # minut.} other {Mieści się tam tylko # minuty.}}',
    'no_other' => 'W te dni nie ma innego wspólnego terminu tej długości.',
    'put_on_0' => 'Pierwszy wybór na {day}',
    'put_on_1' => 'Drugi wybór na {day}',
    'put_on_2' => 'Trzeci wybór na {day}',
    'choice_step' => '{choice}: {step}',
    'sent' =>
        '{many, plural, one {Prośba idzie do: {names}.} few {Prośba idzie do: {names}.} many {Prośba idzie do: ' .
        '{names}.} other {Prośba idzie do: {names}.}}',
    'press' => 'Wyślij prośbę: {names}',
    'press_one_of' => 'Poproś o jeden z nich: {names}',
    'with_these' => 'Razem: {names}',
    'none_common' => 'W te dni nie ma wspólnego wolnego terminu.',
    'none_common_later' => 'W te dni nie ma wspólnego wolnego terminu; proszę spojrzeć na późniejsze.',
    'none_common_all' => 'W te dni nie ma wolnego terminu wspólnego dla wszystkich.',
    'none_common_all_later' =>
        'W te dni nie ma wolnego terminu wspólnego dla wszystkich; proszę spojrzeć na późniejsze.',
    'band_none' => '{day}: nic wspólnego',
    'band' => '{day}: wspólnie {spans}',
    'band_both' => 'obie strony',
    'band_you' => 'Państwo',
    'band_all' => 'wszyscy',
    'band_from' => 'od {at}',
    'band_nothing' => 'nic',
    'hours' => '{hours, plural, one {# godzina} few {# godziny} many {# godzin} other {# godziny}}',
];
