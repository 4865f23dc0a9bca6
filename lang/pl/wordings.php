<?php

declare(strict_types=1);

// The school's own words, in place of ours: a page of the office. ICU MessageFormat.
return [
    'title' => 'Nasze słowa',
    'about' =>
        'Każde zdanie programu Recess można powiedzieć słowami Państwa szkoły: na stronach, w listach, na ' .
        'papierze. Wystarczy je znaleźć i napisać inne; od tej chwili obowiązuje.',
    'language' => 'Język',
    'find' => 'Słowa zdania',
    'find_press' => 'Szukaj',
    'own_only' => 'Tylko nasze własne ({count, number, integer})',
    'type_first' => 'Proszę wpisać kilka słów tak, jak stoją na stronie lub w liście.',
    'none' => 'Żadne zdanie nie ma tych słów.',
    'none_own' => 'Nic jeszcze nie jest sformułowane inaczej.',
    'more' =>
        '{count, plural, one {I jeszcze jedno} few {I jeszcze #} many {I jeszcze #} other {I jeszcze #}}. ' .
        'Proszę wpisać więcej słów.',
    'found' => '{count, plural, =0 {Nic nie znaleziono} one {# zdanie} few {# zdania} many {# zdań} other {# zdania}}',
    'own' => 'Państwa',
    'ours_is' => 'Nasze',
    'ours_changed' => 'Nasze zmieniło się, odkąd to zostało napisane.',
    'english_is' => 'Po angielsku',
    'where' => 'Stoi tu',
    'change' => 'Zmień',
    'change_of' => 'Zmień „{text}”',
    'another' => 'Państwa sformułowanie',
    'another_about' =>
        'To, co stoi w nawiasach klamrowych, jest wypełniane w chwili użycia: pierwsze słowo w nich proszę ' .
        'zostawić bez zmian. Przy liczbie każdy sposób jej powiedzenia ma własne nawiasy.',
    'save' => 'Tak ma być',
    'leave' => 'Zostaw',
    'back' => 'Wróć do naszego',
    'kept' => 'Od teraz tak to brzmi.',
    'not_there' => 'Takiego zdania już nie ma. Proszę poszukać ponownie.',
    'meanwhile' =>
        'Ktoś inny zmienił je w międzyczasie: „{text}”. Państwa wersja nie została zachowana; proszę ' .
        'poszukać ponownie.',
    'fault_empty' => 'Proszę coś napisać albo nacisnąć „Wróć do naszego”.',
    'fault_letters' => 'Tych liter nie da się odczytać. Muszą być w UTF-8.',
    'fault_long' =>
        'To za długie: najwyżej {most, plural, one {# znak} few {# znaki} many {# znaków} other {# znaku}}.',
    'fault_unseen' => 'Jest w nim znak, którego nie widać. Proszę wpisać je ręcznie zamiast wklejać.',
    'fault_brackets' => 'Brakuje nawiasu klamrowego albo jest o jeden za dużo.',
    'fault_lines' => 'Zdanie musi zmieścić się w jednym wierszu.',
    'fault_tags' => 'Znaki takie jak {signs} mogą stać tylko tak jak w naszym.',
    'fault_lacking' => 'Brakuje: {names}. To jest wypełniane w chwili użycia.',
    'fault_strange' => 'Tego nikt nie wypełnia: {names}.',
    'fault_plural' => 'Brakuje sposobu powiedzenia liczby: {way} (na przykład {numbers}).',
    'in_times' => 'strona, na której rezerwuje się termin',
    'in_find' => 'strony, na których rodziny kogoś znajdują',
    'in_pass' => 'przepustka rodziny',
    'in_round' => 'strona konsultacji dla rodzin',
    'in_asking' => 'prośba o inny termin',
    'in_entrance' => 'tablet przy wejściu',
    'in_desk' => 'stanowisko spotkań',
    'in_sheets' => 'arkusze nauczyciela',
    'in_rounds' => 'przygotowanie konsultacji',
    'in_office' => 'strony sekretariatu',
    'in_account' => 'logowanie i ustawienia',
    'in_letter' => 'list',
    'in_paper' => 'papier',
    'in_plain' => 'strony bez skryptów',
    'in_error' => 'strona, która mówi, że coś się nie udało',
    'in_text' => 'SMS',
    'in_answer' => 'odpowiedź albo część innego zdania',
    'file_title' => 'Wszystko, dla tłumaczy',
    'file_about' =>
        'Plik PO, jaki czytają i zapisują programy tłumaczy. ' .
        'To, co wraca, jest najpierw przeglądane; przyjmuje się całość albo nic.',
    'file_out' => 'Wszystkie zdania ({language})',
    'file_in' => 'Plik PO ze zdaniami',
    'file_choose' => 'Przejrzyj plik',
    'file_take' => 'Przyjmij {count, plural, one {# zdanie} few {# zdania} many {# zdań} other {# zdania}}',
    'file_more' => '{count, plural, one {i jeszcze jedno} few {i jeszcze #} many {i jeszcze #} other {i jeszcze #}}',
    'file_ours' => 'nasze: {text}',
    'file_letters' =>
        'Liter tego pliku nie da się odczytać. Proszę zapisać go jako UTF-8 i wybrać ponownie. ' .
        'Nic nie zostało przyjęte.',
    'file_not_read' =>
        '{line, select, none {To nie jest plik PO.} other {To nie jest plik PO: wiersza {line} ' .
        'nie da się odczytać.}} Nic nie zostało przyjęte.',
    'file_language' =>
        'Plik nie mówi, w jakim jest języku, albo to język, którego Recess nie zna („{language}”). ' .
        'W nagłówku potrzebny jest wiersz taki jak „Language: it”. Nic nie zostało przyjęte.',
    'file_fault' => 'Wiersz {line, number, integer}, {key}: {why}',
    'file_faults_more' =>
        '{more, plural, one {I jeszcze jedno.} few {I jeszcze #.} many {I jeszcze #.} other {I jeszcze #.}}',
    'file_strange' =>
        '{count, plural, one {# zdania już nie ma w Recess, zostało pominięte} ' .
        'few {# zdań już nie ma w Recess, zostały pominięte} ' .
        'many {# zdań już nie ma w Recess, zostały pominięte} ' .
        'other {# zdania już nie ma w Recess, zostało pominięte}}: {keys}{more, plural, =0 {} ' .
        'one {, i jeszcze jedno} few {, i jeszcze #} many {, i jeszcze #} other {, i jeszcze #}}.',
    'file_changed' =>
        'Angielski tekst zmienił się od wysłania pliku, więc zostaje to, co jest ({count, plural, one {# ' .
        'zdanie} few {# zdania} many {# zdań} other {# zdania}}): {keys}{more, plural, =0 {} ' .
        'one {, i jeszcze jedno} few {, i jeszcze #} many {, i jeszcze #} other {, i jeszcze #}}.',
    'file_unsure' =>
        'Oznaczone jako niepewne (fuzzy) i pominięte ({count, plural, one {# zdanie} few {# zdania} ' .
        'many {# zdań} other {# zdania}}): {keys}{more, plural, =0 {} one {, i jeszcze jedno} ' .
        'few {, i jeszcze #} many {, i jeszcze #} other {, i jeszcze #}}.',
    'file_meanwhile' => 'Coś się zmieniło od przejrzenia. Proszę przejrzeć plik jeszcze raz. Nic nie zostało przyjęte.',
    'file_taken' =>
        'Od teraz {count, plural, one {# zdanie brzmi} few {# zdania brzmią} many {# zdań brzmi} ' .
        'other {# zdania brzmi}} inaczej ({language}).',
    'file_would' =>
        '{language}: {count, plural, =0 {nic nie brzmiałoby inaczej} one {# zdanie brzmiałoby inaczej} ' .
        'few {# zdania brzmiałyby inaczej} many {# zdań brzmiałoby inaczej} ' .
        'other {# zdania brzmiałoby inaczej}}. {faults, plural, =0 {} ' .
        'one {# zdanie jest błędne; najpierw trzeba je poprawić w pliku.} ' .
        'few {# zdania są błędne; najpierw trzeba je poprawić w pliku.} ' .
        'many {# zdań jest błędnych; najpierw trzeba je poprawić w pliku.} ' .
        'other {# zdania jest błędne; najpierw trzeba je poprawić w pliku.}}',
    'back_all' => 'Wróć wszędzie do naszych ({language})',
    'back_all_sure' =>
        '{count, plural, one {Zniknie # Państwa zdanie} few {Znikną # Państwa zdania} ' .
        'many {Zniknie # Państwa zdań} other {Zniknie # Państwa zdania}}. ' .
        'Jeśli mają zostać, najpierw proszę pobrać plik.',
];
