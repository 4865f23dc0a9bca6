<?php

declare(strict_types=1);

return [
    'title' => 'Zacząć samodzielnie',
    'first_title' => 'Lekcje',
    'asked' => 'Wiadomość jest w drodze. Proszę otworzyć podany w niej adres w ciągu doby i można zacząć.',
    'heading' => 'Proszę zacząć od własnej strony',
    'news' =>
        'Ktoś, mamy nadzieję, że Państwo, chce ogłaszać terminy pod tym adresem. Strona za linkiem pyta o godziny, a potem mają Państwo własną stronę. Jeśli to nie Państwo, proszę nic nie robić: niczego się nie zachowuje.',
    'link' => 'Zacząć',
    'known_heading' => 'Mają Państwo już konto',
    'known_news' =>
        'Ktoś, mamy nadzieję, że Państwo, chce zacząć z tym adresem. Ma on już konto: proszę się zalogować albo zamówić tam nowe hasło.',
    'known_link' => 'Zaloguj się',
];
