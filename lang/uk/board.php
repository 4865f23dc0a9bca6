<?php

declare(strict_types=1);

return [
    'none_here' => 'Поки що тут не можна записатися. <link>Подивіться, з ким іще можна зустрітися</link>.',
    'ask_for_time' => 'Попросити про час: {host}',
    'heading' => 'Зустрічі з нами',
    'card' => 'Ввести код із картки',
    'again' => 'Де мої зустрічі?',
    'none_now' => 'Поки що не можна записатися.',
    'intro' => 'Оберіть, з ким хочете зустрітися, а потім час. Обліковий запис не потрібен.',
    'under_way' => 'Триває',
    'seek' => 'Ім’я, предмет або кабінет',
    'about' => 'Або будь-хто вільний щодо',
    'show_times' => 'Показати вільний час',
    'found' =>
        '{many, plural, one {Знайдено # людину} few {Знайдено # людини} many {Знайдено # людей} other {Знайдено # ' .
        'людини}}',
    'some_shown' => 'Показано {shown, number, integer} із {many, number, integer}.',
    'show_more' => 'Показати більше',
    'or_type' => 'Або введіть ім’я вище.',
    'nobody' => 'Ніхто з таким іменем не має відкритого часу. Спробуйте предмет або коротше слово.',
    'again_sent' => 'Якщо для цієї адреси є записи, лист із вашими зустрічами вже в дорозі.',
    'again_email' => 'Адреса, з якою ви записувалися',
    'again_send' => 'Надіслати ще раз',
    'staff' => 'Для працівників: увійти',
    'find_heading' => 'Хто вільний і коли',
    'find_about' => 'Про що йдеться',
    'find_from' => 'Від',
    'find_to' => 'До',
    'find_names' => 'Лише ці імена або предмети',
    'find_booked' => '{at}, {host}: цей час ваш. Оберіть наступний або перегляньте <link>усі ваші записи</link>.',
    'find_no_clash' => 'Час, що збігається з вашими зустрічами, не показано.',
    'find_small_times' => 'Малі години – у вашому часовому поясі, {city}.',
    'find_time' => '{host}, {from}–{until}',
    'find_all_of' =>
        '{count, plural, one {Весь час ({host}): #} few {Весь час ({host}): #} many {Весь час ({host}): #} other ' .
        '{Весь час ({host}): #}}',
    'find_all' => 'усі {count, number, integer}',
    'find_nobody' => 'У ці дні цього ніхто не пропонує. Подивіться інші дні або <link>усіх</link>.',
    'find_these' => 'Учителі {first, number, integer}–{last, number, integer} із {all, number, integer}, за іменами.',
    'find_before' => 'Попередні',
    'find_after' => 'Наступні',
    'round' =>
        '{said, select, wishes {<bold>{title}</bold>, {when}: {wishes}} free {<bold>{title}</bold>, {when}: ' .
        '{hosts, plural, one {# учитель} few {# учителі} many {# учителів} other {# учителя}}, є вільний час} ' .
        'other {<bold>{title}</bold>, {when}: {hosts, plural, one {# учитель} few {# учителі} many {# учителів} ' .
        'other {# учителя}}}}',
    'round_wishes' => 'Ваші побажання',
    'round_plan' => 'Спланувати всі зустрічі',
    'round_beside' => 'Побачити поруч',
    'find_none_that_day' => '{subject}: цього дня нічого вільного',
    'find_ruler' => '{host}, {subject}',
    'next_elsewhere' => '{next} ({there} у вашому часовому поясі)',
    'ask_all_the_same' => 'Усе одно можна попросити про час:',
    'ask_none_suits' => 'Жоден час не підходить?',
];
