<?php

declare(strict_types=1);

return [
    'nobody' => 'Цього дня ніхто не приходить.',
    'outside' => 'Зачекайте, будь ласка, зовні, поки вас запросять: може, хтось має власну розмову.',
    'phone' => 'Оберіть час телефоном',
    'here' => 'тут',
    'not' => 'ні',
    'here_at' => 'тут о ______',
    'missed' => 'не прийшли',
    'phone_or_at' => 'Оберіть час телефоном або на',
    'our_time' => 'Наш час: ______________________',
    'entrance' => 'Хто куди йде: {day}',
    'with' => '{host}, {subject}',
    'interprets' => 'Перекладає {name}',
    'note' => 'Ваша нотатка: {note}',
    'arrived' => 'Тут о {time}',
    'slip_with' => '{title}, {host} ({subject})',
    'slip_about' => 'Щодо: {student}',
    'slip_where' => 'Де: {place}',
    'slip_for' => 'Для: {name}. Записала канцелярія.',
    'more_days' => 'і ще дні',
];
