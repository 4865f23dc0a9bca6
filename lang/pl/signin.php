<?php

declare(strict_types=1);

return [
    'title' => 'Logowanie',
    'wrong' => 'E-mail i hasło do siebie nie pasują. Proszę sprawdzić oba albo zamówić poniżej nowe hasło.',
    'too_often' => 'Za dużo prób. Proszę odczekać minutę i spróbować jeszcze raz.',
    'too_often_hour' => 'Za dużo prób, z kilku miejsc. Proszę odczekać godzinę albo zamówić nowe hasło wiadomością.',
    'second_title' => 'Jeszcze jedno',
    'begin_anew' => 'To trwało za długo. Proszę zalogować się jeszcze raz.',
    'code_wrong' =>
        'Ten kod nie jest dobry albo już go użyto. Proszę wziąć ten, który pokazuje teraz telefon, albo jeden z papieru.',
    'second_on' => 'Drugi składnik jest już włączony. Najpierw proszę go wyłączyć.',
    'second_off' => 'Nie ma drugiego składnika, do którego byłyby kody.',
    'second_wanted' => 'Szkoła wymaga od sekretariatu drugiego składnika. Najpierw proszę go ustawić, w „Logowanie”.',
    'prove' => 'Proszę jeszcze raz pokazać, że to Państwo.',
    'letter_said' =>
        'Jeśli istnieje konto z tym adresem i szkoła na to pozwala, wiadomość jest w drodze. Loguje raz, w ciągu dziesięciu minut.',
    'come_title' => 'Wejść',
    'not_in' => 'Nie są Państwo zalogowani',
    'new_subject' => 'Pracownicy',
    'oidc_down' => '{service} teraz nie odpowiada. Proszę spróbować za minutę albo zalogować się tu hasłem.',
    'oidc_untrusted' =>
        'Odpowiedzi ({service}) nie można ufać, więc nikogo nie zalogowano. Proszę zacząć od nowa; jeśli to się powtórzy, powiedzieć osobie opiekującej się serwerem.',
    'oidc_begin_anew' => 'To trwało za długo albo zaczęto w innym oknie. Proszę zacząć od nowa.',
    'oidc_not_there' => '{service} Państwa nie loguje.',
    'oidc_no_address' =>
        '{service} nie mówi, że sprawdza Państwa adres e-mail, więc nie wiemy, kim tu Państwo są. Proszę zalogować się hasłem albo zapytać w sekretariacie.',
    'oidc_unknown' =>
        '{email} nie jest tu na liście pracowników. Proszę poprosić sekretariat o zaproszenie na ten adres.',
    'letter_heading' => 'Zaloguj się',
    'letter_news' =>
        'Ktoś, mamy nadzieję, że Państwo, chce zalogować się wiadomością. Adres poniżej otwiera się jeden raz, do {until}. Jeśli to nie Państwo, proszę nic nie robić.',
    'letter_link' => 'Zaloguj się',
    'factor_on_heading' => 'Drugi składnik jest włączony',
    'factor_on_news' =>
        'Państwa konto wymaga odtąd drugiego składnika. Jeśli to nie Państwo, proszę od razu powiedzieć w sekretariacie.',
    'factor_on_link' => 'Zaloguj się',
    'factor_off_heading' => 'Drugi składnik jest wyłączony',
    'factor_off_news' =>
        'Państwa konto nie wymaga już drugiego składnika. Jeśli to nie Państwo, proszę od razu wziąć inne hasło przez „Zapomniane hasło” na stronie logowania i powiedzieć w sekretariacie.',
    'factor_off_link' => 'Zaloguj się',
    'passkey_late' => 'To trwało za długo. Proszę nacisnąć jeszcze raz.',
    'passkey_refused' =>
        'Tego klucza dostępu nie przyjęto i nikogo nie zalogowano. Proszę nacisnąć jeszcze raz; jeśli to się powtórzy, zalogować się hasłem.',
    'passkey_unknown' =>
        'Ten klucz dostępu nie otwiera tu już żadnego konta. Proszę zalogować się hasłem i utworzyć inny w „Logowanie”.',
    'passkey_not_made' =>
        'Tego, co utworzyło urządzenie, nie da się tu użyć i niczego nie zmieniono. Proszę nacisnąć jeszcze raz albo wziąć inne urządzenie.',
    'passkey_no_name' =>
        'Klucze dostępu potrzebują własnego adresu szkoły, z nazwą i https. Proszę otworzyć Recess tam.',
    'passkey_most' => 'Mają Państwo {most, number} kluczy dostępu. Najpierw proszę jeden usunąć.',
    'passkey_there' => 'Ten klucz dostępu już jest.',
    'passkey_on_heading' => 'Mają Państwo nowy klucz dostępu',
    'passkey_on_news' =>
        'Państwa konto otwiera odtąd klucz dostępu „{name}”. Jeśli to nie Państwo, proszę go od razu usunąć w „Logowanie”, wziąć inne hasło i powiedzieć w sekretariacie.',
    'passkey_on_link' => 'Zaloguj się',
    'passkey_off_heading' => 'Usunięto klucz dostępu',
    'passkey_off_news' =>
        'Klucz dostępu „{name}” nie otwiera już Państwa konta. Jeśli to nie Państwo, proszę od razu wziąć inne hasło przez „Zapomniane hasło” na stronie logowania i powiedzieć w sekretariacie.',
    'passkey_off_link' => 'Zaloguj się',
    'in_title' => 'Zaloguj się',
    'account_of_the_school' => 'konto szkoły',
    'back' => 'Z powrotem do logowania',
    'forgotten' => 'Zapomniane hasło',
    'forgotten_what' => 'Dostaną Państwo wiadomość z adresem, pod którym wybiera się nowe.',
    'email' => 'Adres e-mail',
    'send_letter' => 'Wysłać mi wiadomość',
];
