<?php

declare(strict_types=1);

return [
    'range_ends_first' => 'Проміжок закінчується першого дня або пізніше; {last} раніше за {first}.',
    'range_too_long' => 'Від {first} до {last} понад десять років. Перевірте роки.',
    'zone_too_long' => 'Обчислення переходів часу зони «{name}» триває надто довго.',
    'no_such_date' => 'Дати «{given}» немає. Напишіть її як рік-місяць-день, наприклад 2026-11-26.',
    'no_such_instant' => '«{given}» – не момент. Напишіть його за RFC 3339, наприклад 2026-11-26T16:30:00-04:00.',
    'no_such_time' => '«{given}» – не година. Напишіть її як 16:30, 1630, 16.30 або 4:30pm.',
    'no_such_hours' =>
        '«{given}» не називає годин. Напишіть, від коли до коли, наприклад 8:00 to 12:00, 13:00 to 16:00.',
    'early_hours' => '«{given}»: вранці чи ввечері? Напишіть 16:00 to 18:00 або 4pm to 6pm; або 5am, якщо так рано.',
    'no_such_zone' => 'Часового поясу «{given}» немає. Візьміть назву з бази tz, наприклад Europe/Lisbon.',
    'ends_before_start' => 'Кінець, {until}, має бути пізніше за початок, {from}.',
    'cannot_repeat_by' =>
        '«{rule}» – більше, ніж тут може повторюватися; має бути щотижня за днями тижня або щомісяця за днями ' .
        'місяця.',
    'this_kind' => 'повторення такого виду',
    'as_month_day' => '{given} як день місяця',
    'rule_part' => 'Повторення не можна прочитати: {name}={value}.',
    'rule_too_much' => 'Обчислення повторень цього календаря триває надто довго; це пропущено.',
    'rule_too_long' => 'Повторення буває частіше, ніж хтось зустрічається, і його не простежено до кінця.',
    'not_a_calendar' => 'Рядок 1: це не календар. Файл iCalendar починається з BEGIN:VCALENDAR.',
    'never_ends' => 'Рядок {line, number, integer}: {component} починається тут і ніколи не закінчується.',
    'calendar_too_large' =>
        'У цьому календарі {bytes, number, integer} байтів; читаємо щонайбільше {most, number, integer}.',
    'no_entry' => 'Рядок 1: у цьому календарі немає VEVENT (RFC 5545, 3.6.1).',
    'no_availability' => 'Рядок 1: у цьому календарі немає VAVAILABILITY (RFC 7953).',
    'at_line' => 'Рядок {line, number, integer}: {why}',
    'of_what' => '{what}: {why}',
    'ends_otherwise' =>
        '{begun, select, undefined {{ends} закінчується тут, але нічого не починалося.} other {{ends} закінчується ' .
        'тут, але почалося {begun}.}}',
    'an_entry' => 'запис',
    'a_busy_period' => 'зайнятий час',
    'only_busy' => 'читаємо лише зайняті часи, {most, number, integer}',
    'only_entries' => 'читаємо лише перші записи, {most, number, integer}',
    'unreadable' => 'не можна прочитати',
];
