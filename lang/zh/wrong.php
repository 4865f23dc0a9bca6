<?php

declare(strict_types=1);

return [
    'early' => '{time} 的面谈是在凌晨。',
    'make_it' => '改为 {time}',
    'endless' => '重复没有结束。',
    'end_it' => '在 {date} 结束',
    'closed' => '学校在 {dates} 停课，因此没有面谈。',
    'take_out' => '{days, plural, other {移除}}',
    'across' => '这与您的安排表“{sheet}”在 {date} {from} 到 {until} 交叉。先预约的会占用两边的时间。',
    'too_soon' => '没有还能预约的时间：都早于规则允许的时间。',
    'nothing_left' => '现在这样没有可以预约的时间。',
    'until_an_hour' => '允许预约到一小时前',
    'room_used' => '{room}在 {date} {from} 已有别人使用。',
    'room_promised' => '{room}也在{host}的安排表“{sheet}”上：{date}，{from} 到 {until}。',
    'use_link' => '使用 {link}',
    'link_password' => '此链接含有用户名或密码，收到的人都能看到。',
    'link_session' => '此链接含有您自己的会话（“{name}”）。它会随会话失效，或让别人以您的身份操作。',
    'link_host' => '此链接含有主持人的密钥（“{name}”）：持有者即主持人。',
    'link_expires' => '此链接过一段时间会失效（“{name}”）。',
    'link_entrance' => '这看起来是主持人自己的入口。请复制给受邀者用的链接。',
    'link_shared' => '此链接也在安排表“{sheet}”上：从那里得到链接的人可以进入这些面谈。',
    'no_picture' => '这不是可用的图片。请选择 PNG、JPEG 或 WebP 文件。',
    'picture_unread' => '此图片无法读取。请重新保存为 PNG 或 JPEG 后再试。',
];
