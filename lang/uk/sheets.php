<?php

declare(strict_types=1);

return [
    'letter_heading' => '{title}, {host}',
    'letter_news' => '{host} має для вас час щодо: {students}.',
    'letter_link' => 'Обрати час',
    'expected_heading' => 'Час для: {student}. {title}, {host}',
    'expected_dear' => 'Тому, хто записує: {student}',
    'expected_invites' => '{host} хоче поговорити щодо: {student}. Оберіть час: посилання нижче знає ім’я.',
    'expected_text_invites' => '{host} хоче поговорити щодо: {student}. Оберіть час: {link}',
    'expected_news' =>
        '{host} чекає на: {student}, а часу ще немає. Посилання нижче знає ім’я; решта – одне натискання.',
    'expected_text' => '{host} чекає на: {student}, а часу ще немає. Оберіть: {link}',
    'expected_card' => 'Сфотографуйте квадрат і оберіть час; він знає ім’я.',
];
