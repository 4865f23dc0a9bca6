<?php

declare(strict_types=1);

return [
    'tells' => [
        'lead_minutes' =>
            '{lead_minutes, plural, =0 {Można rezerwować do początku spotkania.} other {Rezerwacja najpóźniej przed spotkaniem: {lead_minutes_said}.}}',
        'lead_days' =>
            '{lead_working, select, yes {{lead_days, plural, =0 {Można rezerwować do {lead_by_said} tego samego dnia.} =1 {Można rezerwować do {lead_by_said} poprzedniego dnia roboczego.} one {Można rezerwować do {lead_by_said}, # dzień roboczy wcześniej.} few {Można rezerwować do {lead_by_said}, # dni robocze wcześniej.} many {Można rezerwować do {lead_by_said}, # dni roboczych wcześniej.} other {Można rezerwować do {lead_by_said}, # dnia roboczego wcześniej.}}} other {{lead_days, plural, =0 {Można rezerwować do {lead_by_said} tego samego dnia.} =1 {Można rezerwować do {lead_by_said} poprzedniego dnia.} one {Można rezerwować do {lead_by_said}, # dzień wcześniej.} few {Można rezerwować do {lead_by_said}, # dni wcześniej.} many {Można rezerwować do {lead_by_said}, # dni wcześniej.} other {Można rezerwować do {lead_by_said}, # dnia wcześniej.}}}}',
        'opens_at' => 'Rezerwacje otwierają się: {opens_at_said}.',
        'closes_at' => 'Rezerwacje zamykają się: {closes_at_said}.',
        'per_student' =>
            '{each_guardian, select, yes {{per_student, plural, =1 {Jeden termin na ucznia i opiekuna: kto rezerwuje na własnej stronie, ma własny.} one {Najwyżej # termin na ucznia i opiekuna.} few {Najwyżej # terminy na ucznia i opiekuna.} many {Najwyżej # terminów na ucznia i opiekuna.} other {Najwyżej # terminu na ucznia i opiekuna.}}} other {{per_student, plural, =1 {Jeden termin na ucznia.} one {Najwyżej # termin na ucznia.} few {Najwyżej # terminy na ucznia.} many {Najwyżej # terminów na ucznia.} other {Najwyżej # terminu na ucznia.}}}}',
        'per_visitor' =>
            '{per_visitor, plural, =1 {Jeden termin na osobę.} =6 {} one {Najwyżej # termin na osobę.} few {Najwyżej # terminy na osobę.} many {Najwyżej # terminów na osobę.} other {Najwyżej # terminu na osobę.}}',
        'per_week' =>
            '{per_week, plural, =1 {Jeden termin na osobę w tygodniu.} one {Najwyżej # termin na osobę w tygodniu.} few {Najwyżej # terminy na osobę w tygodniu.} many {Najwyżej # terminów na osobę w tygodniu.} other {Najwyżej # terminu na osobę w tygodniu.}}',
        'per_term' =>
            '{per_term, plural, =1 {Jeden termin na osobę w semestrze.} one {Najwyżej # termin na osobę w semestrze.} few {Najwyżej # terminy na osobę w semestrze.} many {Najwyżej # terminów na osobę w semestrze.} other {Najwyżej # terminu na osobę w semestrze.}}',
        'per_month' =>
            '{per_month, plural, =1 {Jeden termin na osobę w miesiącu.} one {Najwyżej # termin na osobę w miesiącu.} few {Najwyżej # terminy na osobę w miesiącu.} many {Najwyżej # terminów na osobę w miesiącu.} other {Najwyżej # terminu na osobę w miesiącu.}}',
        'approve' =>
            'Proszą Państwo o termin; jest Państwa, gdy przyjdzie odpowiedź. Najdłużej trwa to: {asked_hours_said}.',
        'show_who' => '{seats, plural, =1 {} other {Kto przychodzi w tym samym czasie, widzi Państwa nazwisko.}}',
    ],
    'asks' => [
        'seats' => 'Gości na termin',
        'per_day' => 'Spotkań dziennie',
        'lead_minutes' => 'Minut przed spotkaniem',
        'lead_days' => 'Dni wcześniej',
        'lead_by' => 'Godzina',
        'lead_working' => 'Dni roboczych',
        'furthest_days' => 'Dni naprzód',
        'per_student' => 'Razy na ucznia',
        'each_guardian' => 'Każdy opiekun może mieć własny termin',
        'per_visitor' => 'Razy na gościa',
        'per_week' => 'Razy na gościa w tygodniu',
        'per_term' => 'Razy na gościa w okresie',
        'per_month' => 'Razy na gościa w miesiącu',
        'opens_at' => 'Początek rezerwacji',
        'closes_at' => 'Koniec rezerwacji',
        'show_who' => 'Widać, kto jeszcze przychodzi',
        'approve' => 'Najpierw odpowiadam na każdą prośbę',
        'asked_hours' => 'Godzin, przez które prośba czeka',
        'guests' => 'Osoby towarzyszące',
        'waiting' => 'Gdy wszystko zajęte, jest lista oczekujących',
        'declined_entry' => 'Ktoś odmawia w swoim kalendarzu: oddać termin albo najpierw zapytać',
        'email_optional' => 'Adres e-mail nie jest potrzebny',
        'link_shown' => 'Kiedy pokazuje się link',
        'link_minutes' => 'Minut wcześniej',
        'reminders' => 'Minut przed spotkaniem, kiedy wychodzą przypomnienia',
    ],
    'why' => [
        'Past' => '{time} już minęło.',
        'SheetDraft' => 'Ta strona nie jest jeszcze otwarta.',
        'SheetPaused' => 'Rezerwacje są na razie wstrzymane.',
        'SheetClosed' => 'Rezerwacje są tu zamknięte.',
        'NoLongerOpen' => 'Rezerwacje są tu zamknięte.',
        'SlotClosed' => '{time} nie jest już wolne.',
        'HostBusy' => '{time} nie jest już wolne.',
        'NoSeat' => 'Ktoś właśnie zajął {time}.',
        'NoInterpreter' => 'O {time} nie ma wolnego tłumacza dla Państwa.',
        'NotLongEnough' => 'O {time} nie wystarczy czasu na to spotkanie, które jest dłuższe od innych.',
        'DayFull' => 'Ten dzień jest pełny.',
        'TooSoon' => '{time} jest za blisko, by teraz rezerwować.',
        'VisitorHasEnough' =>
            'Mają tu już Państwo tyle rezerwacji, ile można. Proszę raczej przenieść tamto spotkanie.',
        'VisitorHadWeek' =>
            'W tym tygodniu mają tu już Państwo tyle rezerwacji, ile można. Proszę wybrać inny tydzień albo przenieść tamto spotkanie.',
        'VisitorHadMonth' =>
            'W tym miesiącu mają tu już Państwo tyle rezerwacji, ile można. Proszę wybrać inny miesiąc albo przenieść tamto spotkanie.',
        'VisitorHadTerm' =>
            'W tym semestrze mają tu już Państwo tyle rezerwacji, ile można. Proszę wybrać termin w innym semestrze albo przenieść tamto spotkanie.',
        'StudentHasEnough' =>
            'Dla tego ucznia jest tu już tyle rezerwacji, ile można. Proszę raczej przenieść tamto spotkanie. Dla innego ucznia o tym samym nazwisku proszę dodać drugie imię.',
        'VisitorElsewhere' => 'Około {time} są Państwo na innym spotkaniu albo nie zdążą z jednego na drugie.',
        'StudentElsewhere' =>
            'Około {time} uczeń jest na innym spotkaniu. Dla innego ucznia o tym samym nazwisku proszę dodać drugie imię.',
        'NotAtPlace' => '{time} nie jest w wybranym miejscu.',
        'NotOpenYet' => '{time} można rezerwować od {until}.',
        'TooFarAhead' => '{time} można rezerwować od {until}.',
    ],
];
