<?php

declare(strict_types=1);

return [
    'early' => 'Spotkania o {time} są nad ranem.',
    'make_it' => 'Zrobić z tego {time}',
    'endless' => 'To powtarza się bez końca.',
    'end_it' => 'Zakończyć {date}',
    'closed' => 'Szkoła jest zamknięta: {dates}, więc nie ma wtedy spotkań.',
    'take_out' => '{days, plural, one {Usunąć} few {Usunąć} many {Usunąć} other {Usunąć}}',
    'across' =>
        'To przecina się z Państwa arkuszem „{sheet}”, {date}, {from} do {until}. Co pierwsze zarezerwowane, zajmuje termin na obu.',
    'too_soon' =>
        'Nie zostaje żaden termin, który można jeszcze zarezerwować: każdy jest wcześniej, niż pozwalają zasady.',
    'nothing_left' => 'W tym stanie nie da się zarezerwować żadnego terminu.',
    'until_an_hour' => 'Pozwolić rezerwować do godziny wcześniej',
    'room_used' => '{room}: {date} o {from} korzysta z niej ktoś inny.',
    'room_promised' => '{room} jest też na arkuszu „{sheet}”, {host}: {date}, {from} do {until}.',
    'use_link' => 'Użyć {link}',
    'link_password' => 'Ten link niesie nazwę użytkownika albo hasło, które mógłby przeczytać każdy, kto go dostanie.',
    'link_session' =>
        'Ten link niesie Państwa własną sesję („{name}”). Umiera razem z nią albo pozwala innym działać za Państwa.',
    'link_host' => 'Ten link niesie klucz prowadzącego („{name}”): kto go ma, ten prowadzi.',
    'link_expires' => 'Ten link po pewnym czasie przestaje działać („{name}”).',
    'link_entrance' =>
        'To wygląda na własne wejście prowadzącego. Proszę skopiować link przeznaczony dla zaproszonych.',
    'link_shared' => 'Ten link jest też na arkuszu „{sheet}”: kto ma go stamtąd, może wejść na te spotkania.',
    'no_picture' => 'To nie jest obraz, którego można użyć. Proszę wybrać plik PNG, JPEG albo WebP.',
    'picture_unread' =>
        'Tego obrazu nie da się odczytać. Proszę zapisać go na nowo, jako PNG albo JPEG, i spróbować jeszcze raz.',
];
