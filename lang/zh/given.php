<?php

declare(strict_types=1);

return [
    'range_ends_first' => '日期范围应在第一天或之后结束；{last} 早于 {first}。',
    'range_too_long' => '{first} 至 {last} 超过十年。请检查年份。',
    'zone_too_long' => '时区“{name}”的时间变更计算时间过长。',
    'no_such_date' => '没有“{given}”这个日期。请写成年-月-日，例如 2026-11-26。',
    'no_such_instant' => '“{given}”不是时刻。请按 RFC 3339 书写，例如 2026-11-26T16:30:00-04:00。',
    'no_such_time' => '“{given}”不是时间。请写成 16:30、1630、16.30 或 4:30pm。',
    'no_such_hours' => '“{given}”没有说明时段。请写明从何时到何时，例如 8:00 to 12:00, 13:00 to 16:00。',
    'early_hours' => '“{given}”：早上还是晚上？请写 16:00 to 18:00 或 4pm to 6pm；如果确实很早，写 5am。',
    'no_such_zone' => '没有时区“{given}”。请使用 tz 数据库的名称，例如 Europe/Lisbon。',
    'ends_before_start' => '结束时间 {until} 必须晚于开始时间 {from}。',
    'cannot_repeat_by' => '“{rule}”超出了这里可重复的方式；只能每周在某几天，或每月在某几天。',
    'this_kind' => '这种重复',
    'as_month_day' => '{given} 作为每月的日期',
    'rule_part' => '重复规则无法读取：{name}={value}。',
    'rule_too_much' => '此日历的重复计算时间过长，这一条已略过。',
    'rule_too_long' => '重复次数过多，没有计算到最后。',
    'not_a_calendar' => '第 1 行：这不是日历。iCalendar 文件以 BEGIN:VCALENDAR 开头。',
    'never_ends' => '第 {line, number, integer} 行：{component} 在此开始但没有结束。',
    'calendar_too_large' => '此日历有 {bytes, number, integer} 字节；最多读取 {most, number, integer} 字节。',
    'no_entry' => '第 1 行：此日历中没有 VEVENT（RFC 5545, 3.6.1）。',
    'no_availability' => '第 1 行：此日历中没有 VAVAILABILITY（RFC 7953）。',
    'at_line' => '第 {line, number, integer} 行：{why}',
    'of_what' => '{what}：{why}',
    'ends_otherwise' =>
        '{begun, select, undefined {{ends} 在此结束，但没有开始。} other {{ends} 在此结束，但开始的是 {begun}。}}',
    'an_entry' => '一个条目',
    'a_busy_period' => '一个忙碌时段',
    'only_busy' => '只读取 {most, number, integer} 个忙碌时段',
    'only_entries' => '只读取前 {most, number, integer} 个条目',
    'unreadable' => '无法读取',
];
