<?php

declare(strict_types=1);

return [
    'change_block' => '更改 {day}，{block}',
    'change' => '更改',
    'busy' => '忙',
    'calendar' => '您的日历：{what}，{said}',
    'now' => '现在',
    'minutes_left_over' => '{minutes, plural, other {剩余 # 分钟}}',
    'edge_from' => '{block}的开始：拖动，或使用方向键',
    'edge_until' => '{block}的结束：拖动，或使用方向键',
    'to' => '至 {until}',
    'to_seats' => '至 {until}，{seats, plural, other {# 个名额}}',
    'seats' => '{seats, plural, other {# 个名额}}',
    'slot' => '{day}，{from} 至 {until}，{state}',
    'slot_seats' => '{slot}，{seats, plural, other {剩 # 个名额}}',
    'slot_added' => '{slot}，{seats, plural, other {增加 # 个名额}}',
    'slot_elsewhere' => '{slot}，您的时区 {there}',
    'several' => '{from} 至 {until} {state}',
    'of_day' => '{heading}，{day}',
    'state_free' => '空闲',
    'state_taken' => '已约满',
    'state_busy' => '不可用',
    'state_too soon' => '太近，无法预约',
    'state_not yet open' => '尚未开放',
    'state_closed' => '已关闭',
    'state_past' => '已过',
    'busy_at' => '{what}，{said}',
];
