<?php

declare(strict_types=1);

// What people write on sheets and rounds, in further languages. ICU MessageFormat.
return [
    'title' => '{title} w innych językach',
    'heading' => 'W innych językach',
    'about' =>
        'Kto czyta w jednym z tych języków, czyta to, co zostanie tu napisane; wszyscy inni czytają tak, jak ' .
        'napisano na początku. To, o co pyta każdy arkusz (imię i nazwisko, telefon), jest już we wszystkich.',
    'written_in' => 'Napisane w języku',
    'not_said' => 'nie podano',
    'into' => 'Na jaki język',
    'in' => 'Język: {language}',
    'save' => 'Zachowaj ({language})',
    'kept' => 'Zachowano.',
    'leave' => 'Zostaw',
    'save_first' => 'Proszę zachować przed przejściem do innego języka.',
    'as_before' => 'Jak wcześniej: {text}',
    'left' => 'Z tego, czego już tam nie ma; zniknie po zachowaniu',
    'meanwhile' =>
        'Ktoś inny zmienił to w międzyczasie. To, co wpisano, jest nadal tutaj; proszę obejrzeć stronę ' .
        'ponownie w innej karcie.',
    'changed' => 'Arkusz zmienił się od otwarcia tej strony. Proszę otworzyć ją ponownie; nic nie zostało zachowane.',
    'one_line' => '„{text}” musi zmieścić się w jednym wierszu.',
    'long' => '„{text}”: to za długie.',
    'link' => 'W innych językach',
];
