<?php

declare(strict_types=1);

return [
    'block' =>
        '{days} {hours}{ends, select, until {（{first} 至 {until}）} times {（从 {first} 起，{times, plural, other {# 次}}）} endless {（从 {first} 起，长期）} other {}}{without, plural, =0 {} other {，{days_without}除外}}{plus, plural, =0 {} other {，另加{days_plus}}}，每次 {minutes, number, integer} 分钟{gap, plural, =0 {} other {，间隔 # 分钟}}.',
    'dates' => '{dates}',
    'many_dates' => '{first} 至 {last} 共 {count, number, integer} 天',
    'some_dates' => '部分日期',
    'daily' => '{weeks, plural, =1 {每天} other {每 # 周的每一天}}',
    'weekly' => '{weeks, plural, =1 {每周{days}} other {每 # 周的{days}}}',
    'monthly' => '{months, plural, =1 {每月的{days}} other {每 # 个月的{days}}}',
    'nth_day' => '第 {number, selectordinal, other {#}} 天',
    'nth_weekday' => '第 {number, selectordinal, other {#}} 个{day}',
    'last_day' => '最后一天',
    'last_weekday' => '最后一个{day}',
    'from_last_day' => '倒数第 {number, selectordinal, other {#}} 天',
    'from_last_weekday' => '倒数第 {number, selectordinal, other {#}} 个{day}',
    'hours' => '{stretches}',
    'stretch' => '{from} 至 {until}',
    'stretch_over_midnight' => '{from} 至次日 {until}',
    'by_day' => '{hours}（{day} {other}）',
    'range' => '{first} 至 {last}',
    'change' =>
        '{what, select, closed {{day}：停课} stays {{day}{stretches, plural, =0 {} other {，{hours}}}} other {{day}：改到 {to}{stretches, plural, =0 {} other {，{hours}}}}}',
    'none_comes' => '这样不会产生面谈。',
    'tally' =>
        '{meetings}；{over, select, none {没有剩余} once {剩余 {minutes, plural, other {# 分钟}}} each {每天剩余 {minutes, plural, other {# 分钟}}} other {一天最多剩余 {minutes, plural, other {# 分钟}}}}。',
    'one_day' => '{date} 有 {meetings, plural, other {# 次面谈}}',
    'days' =>
        '{days, number, integer} 天，每天{vary, select, no {} other { {least, number, integer} 到}} {most, plural, other {# 次面谈}}，共 {all, number, integer} 次',
    'days_endless' =>
        '每天{vary, select, no {} other { {least, number, integer} 到}} {most, plural, other {# 次面谈}}，没有结束',
];
