<?php

declare(strict_types=1);

return [
    'block' =>
        '{days} {hours}{ends, select, until { (من {first} إلى {until})} times { (ابتداءً من {first}، {times, plural, zero {بلا تكرار} one {مرة واحدة} two {مرتين} few {# مرات} many {# مرة} other {# مرة}})} endless { (ابتداءً من {first}، بلا نهاية)} other {}}{without, plural, =0 {} other {، ما عدا {days_without}}}{plus, plural, =0 {} other {، وكذلك {days_plus}}}، مدة اللقاء بالدقائق {minutes, number, integer}{gap, plural, =0 {} one {، وبينها دقيقة واحدة} two {، وبينها دقيقتان} few {، وبينها # دقائق} many {، وبينها # دقيقة} other {، وبينها # دقيقة}}.',
    'dates' => 'في {dates}',
    'many_dates' => 'عدد الأيام {count, number, integer}، من {first} إلى {last}،',
    'some_dates' => 'في بعض الأيام',
    'daily' =>
        '{weeks, plural, =0 {كل يوم} =1 {كل يوم} two {كل يوم، كل أسبوعين} few {كل يوم، كل # أسابيع} many {كل يوم، كل # أسبوعًا} other {كل يوم، كل # أسبوع}}',
    'weekly' =>
        '{weeks, plural, =0 {كل أسبوع: {days}} =1 {كل أسبوع: {days}} two {كل أسبوعين: {days}} few {كل # أسابيع: {days}} many {كل # أسبوعًا: {days}} other {كل # أسبوع: {days}}}',
    'monthly' =>
        '{months, plural, =0 {كل شهر: {days}} =1 {كل شهر: {days}} two {كل شهرين: {days}} few {كل # أشهر: {days}} many {كل # شهرًا: {days}} other {كل # شهر: {days}}}',
    'nth_day' => 'اليوم {number, selectordinal, other {#}}',
    'nth_weekday' => '{day} رقم {number, selectordinal, other {#}}',
    'last_day' => 'اليوم الأخير',
    'last_weekday' => '{day} الأخير',
    'from_last_day' => 'اليوم {number, selectordinal, other {#}} قبل النهاية',
    'from_last_weekday' => '{day} رقم {number, selectordinal, other {#}} قبل النهاية',
    'hours' => 'من {stretches}',
    'stretch' => '{from} إلى {until}',
    'stretch_over_midnight' => '{from} إلى {until} من اليوم التالي',
    'by_day' => '{hours} ({day} {other})',
    'range' => 'من {first} إلى {last}',
    'change' =>
        '{what, select, closed {{day}: مغلق} stays {{day}{stretches, plural, =0 {} other {، {hours}}}} other {{day}: نُقل إلى {to}{stretches, plural, =0 {} other {، {hours}}}}}',
    'none_comes' => 'لا ينتج عن هذا لقاء.',
    'tally' =>
        '{meetings}؛ {over, select, none {لا يبقى شيء} once {دقائق باقية: {minutes, plural, other {{minutes, number, integer}}}} each {دقائق باقية كل يوم: {minutes, plural, other {{minutes, number, integer}}}} other {دقائق باقية في اليوم حتى: {minutes, plural, other {{minutes, number, integer}}}}}.',
    'one_day' => 'لقاءات في {date}: {meetings, plural, other {{meetings, number, integer}}}',
    'days' =>
        'لقاءات في اليوم: {vary, select, no {} other {من {least, number, integer} إلى }}{most, plural, other {{most, number, integer}}}، الأيام: {days, number, integer}، المجموع: {all, number, integer}',
    'days_endless' =>
        'لقاءات في اليوم: {vary, select, no {} other {من {least, number, integer} إلى }}{most, plural, other {{most, number, integer}}}، بلا نهاية',
];
