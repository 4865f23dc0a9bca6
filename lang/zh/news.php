<?php

declare(strict_types=1);

return [
    'subject' =>
        '{what, select, booked {已预约} please_confirm {请确认} lapsed {已过期} asked {已申请} accepted {已同意} maybe {待定} declined {已拒绝} moved {已改期} moved_away {已转给他人} cancelled {已取消} link_added {已有链接} link_changed {新链接} place_changed {地点更改} answers_changed {回答已更改} reminder {提醒} guest_brought {已加入陪同者} guest_left {陪同者不来} other {}}：{date} {time}，{with} – {title}',
    'booked' => [
        'host' =>
            '{who, select, you {您为{visitor}预约了。} office {办公室为{visitor}预约了您的时间。} visitor {{visitor}预约了您的时间。} other {{name}为{visitor}预约了您的时间。}}',
        'visitor' =>
            '{who, select, office {学校办公室为您预约了这个时间。} host {{name}为您预约了这个时间。} colleague {{name}为您预约了这个时间。} other {这个时间已为您约好。}}',
        'guest' => '{visitor}将您加入了这次面谈。',
    ],
    'please_confirm' => [
        'visitor' => '这个时间为您保留到 {until}。点击按钮即预约成功。如果您没有预约，请不必理会：时间会重新开放。',
    ],
    'lapsed' => [
        'visitor' => '这个时间曾为您保留，现已重新开放。',
    ],
    'moved_away' => [
        'host' => '这次面谈现由{host}负责，时间已改。您的时间又空出来了。',
    ],
    'asked' => [
        'host' => '{visitor}请求与您约时间。保留到 {until}。',
        'visitor' => '您已申请这个时间。在{host}答复之前为您保留，最迟到 {until}。',
        'guest' => '{visitor}申请了这个时间。在{host}答复之前保留，最迟到 {until}。',
    ],
    'accepted' => [
        'host' =>
            '{who, select, you {您同意了{visitor}。} visitor {{visitor}选了您提出的时间。} other {{name}同意了{visitor}。}}',
        'visitor' => '{who, select, you {这个时间已为您约好。} other {{name}已同意。这个时间已为您约好。}}',
        'guest' => '{who, select, visitor {{visitor}接受了这个时间。} other {{name}已同意。}}面谈将如期举行。',
    ],
    'maybe' => [
        'host' => '{who, select, you {您对{visitor}说了“尚未确定”。} other {{name}对{visitor}说了“尚未确定”。}}',
        'visitor' => '{name}还不确定。时间为您保留到 {until}。',
        'guest' => '{name}还不确定。时间保留到 {until}。',
    ],
    'declined' => [
        'host' => '{who, select, you {您拒绝了{visitor}。} other {{name}拒绝了{visitor}。}}',
        'visitor' => '{host}这个时间不能与您面谈。其他时间或许有空。',
        'guest' => '{host}这个时间不能面谈。面谈不举行。',
    ],
    'moved' => [
        'host' =>
            '{who, select, you {您更改了这次面谈的时间。} office {办公室更改了这次面谈的时间。} other {{name}更改了这次面谈的时间。}}这是新时间。',
        'visitor' =>
            '{held, select, yes {您申请的时间已改为另一个。在{host}答复之前为您保留，最迟到 {until}。} other {{who, select, you {您更改了这次面谈的时间。} office {学校办公室更改了这次面谈的时间。} host {{name}不得不更改这次面谈的时间。} colleague {{name}不得不更改这次面谈的时间。} other {{name}更改了这次面谈的时间。}}这是新时间。}}',
        'guest' =>
            '{who, select, you {您更改了这次面谈的时间。} office {学校办公室更改了这次面谈的时间。} host {{name}不得不更改这次面谈的时间。} colleague {{name}不得不更改这次面谈的时间。} other {{name}更改了这次面谈的时间。}}这是新时间。',
    ],
    'cancelled' => [
        'host' =>
            '{who, select, you {您取消了这次面谈。} office {办公室取消了这次面谈。} other {{name}取消了这次面谈。}}时间又空出来了。',
        'visitor' =>
            '{who, select, you {您取消了这次面谈。时间现已对他人开放。} office {学校办公室取消了这次面谈。} host {{name}不得不取消这次面谈。非常抱歉。} colleague {{name}不得不取消这次面谈。非常抱歉。} other {{name}取消了这次面谈。}}',
        'guest' =>
            '{who, select, you {您取消了这次面谈。时间现已对他人开放。} office {学校办公室取消了这次面谈。} host {{name}不得不取消这次面谈。非常抱歉。} colleague {{name}不得不取消这次面谈。非常抱歉。} other {{name}取消了这次面谈。}}',
    ],
    'link_added' => [
        'host' => '视频链接已有。',
        'visitor' => '这次面谈的视频链接已有。',
        'guest' => '这次面谈的视频链接已有。',
    ],
    'link_changed' => [
        'host' => '这次面谈的视频链接已更换。旧的不再有效。',
        'visitor' => '这次面谈的视频链接已更换。旧链接不再有效。',
        'guest' => '这次面谈的视频链接已更换。旧链接不再有效。',
    ],
    'place_changed' => [
        'host' => '这次面谈换了地点。',
        'visitor' => '这次面谈改了地点。',
        'guest' => '这次面谈改了地点。',
    ],
    'answers_changed' => [
        'host' => '{name}更改了填写的内容。',
    ],
    'reminder' => [
        'host' => '这次面谈：{when}。',
        'visitor' => '这次面谈在{when}。',
        'guest' => '这次面谈在{when}。',
    ],
    'guest_brought' => [
        'host' => '{name}为这次面谈增加了{guest}。',
        'visitor' =>
            '{who, select, you {您将{guest}加入了这次面谈。} other {{name}将{guest}加入了这次面谈。}}对方会有自己的私人页面。',
        'about' => '{name}将您加入了这次面谈。',
        'guest' => '{name}将{guest}加入了这次面谈。',
    ],
    'guest_left' => [
        'host' => '{guest}不再参加这次面谈。面谈本身不变。',
        'visitor' => '{who, select, you {您将{guest}移出了这次面谈。} other {{guest}不再参加这次面谈。}}面谈本身不变。',
        'about' => '{who, select, you {您不再参加这次面谈。} other {{name}将您移出了这次面谈。}}面谈本身不变。',
        'guest' => '{guest}不再参加这次面谈。面谈本身不变。',
    ],
    'sitting' => [
        'heading' => '已约 {count} 个时间：{school}',
        'news' => '这 {count, number} 个时间已为您约好。',
        'press' =>
            '{may, select, change {改期或取消 {time}，{host}} cancel {取消 {time}，{host}} other {查看 {time}，{host}}}',
        'another' => '再约一个时间',
    ],
    'link' => [
        'answer' => '答复这个请求',
        'everybody' => '查看所有预约者',
        'another' => '选择其他时间',
        'confirm' => '是，这是我的邮箱：预约',
        'change' => '您的预约：查看、改期或取消',
        'cancel' => '您的预约：查看或取消',
        'look' => '您的预约',
    ],
    'off' => [
        'declined' => '{host}这个时间不能与您面谈。',
        'cancelled' =>
            '{who, select, you {您取消了这次面谈。时间现已对他人开放。} office {学校办公室取消了这次面谈。} host {{name}不得不取消这次面谈。} colleague {{name}不得不取消这次面谈。} other {{name}取消了这次面谈。}}',
        'by' => '{who, select, office {由办公室} other {由{name}}}',
    ],
    'digest_heading' => '您的面谈：{times, plural, other {# 个时间}}有新变化',
    'digest' => '以下是昨天以来的新变化。',
    'digest_link' => '查看您的安排表',
    'digest_line' =>
        '{state, select, booked {已预约} asked {请求，等您答复} cancelled {已取消} kept {尚未确认} declined {已拒绝} other {}}：{who}{about, select, none {} other {，关于{student}}}',
    'again_heading' => '您的预约',
    'again' => '这是您的预约。',
    'again_other' => '以及 {number}',
    'was' => '不再有效',
    'that_day' => '当天还有',
    'free_now' => '目前空闲',
];
