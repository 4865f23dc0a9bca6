<?php

declare(strict_types=1);

return [
    '403_title' => 'To należy do kogoś innego',
    '403_text' =>
        'Są Państwo zalogowani, ale ta strona należy do innego pracownika. Niczego nie pokazano ani nie zmieniono.',
    '404_title' => 'Nic tu nie ma',
    '404_text' =>
        'Ten adres (już) donikąd nie prowadzi. Jeśli był w wiadomości, proszę sprawdzić, czy skopiowano go w ' .
        'całości. Zarezerwowany termin pozostaje zarezerwowany.',
    '419_title' => 'Ta strona była otwarta zbyt długo',
    '419_text' =>
        'Tymczasem sesja wygasła. Proszę zalogować się ponownie i powtórzyć ostatni krok; nic wcześniejszego nie ' .
        'przepadło.',
    '429_title' => 'To było dużo naraz',
    '429_text' => 'Proszę odczekać minutę i spróbować ponownie. To, co zarezerwowano, pozostaje zarezerwowane.',
    '500_title' => 'Coś tu się nie udało',
    '500_text' =>
        'To nasza wina, nie Państwa, i zostało zapisane. Niczego nie zapisano połowicznie. Proszę spróbować za ' .
        'minutę.',
    '503_title' => 'Zaraz wracamy',
    '503_text' =>
        'Szkoła aktualizuje tę usługę. Proszę spróbować za minutę; to, co zarezerwowano, pozostaje zarezerwowane.',
];
