<?php

declare(strict_types=1);

return [
    'title' => '未处理的邮件',
    'left_too_large' => '它超过了日历回复应有的大小。',
    'left_automatic' => '由程序自动发送，例如外出通知。',
    'left_no_calendar' => '这是普通邮件，也许有人想看。',
    'left_not_readable' => '其中的日历部分无法读取。',
    'left_other_method' => '这是邀请或其他内容，不是回复。',
    'left_unknown_entry' => '它回复的日程不是我们的，或已不存在。',
    'left_stranger' => '它来自我们从未发送过该日程的地址。',
    'left_other_address' => '它发往的地址与日程中的不同。',
    'left_older' => '它回复的日程之后已更改，或之后又有别的回复。',
    'left_off' => '它回复的事项已取消，或已有答复。',
    'left_begun' => '它在面谈开始后才到。',
    'left_nothing' => '其内容不产生作用：老师在自己的页面上取消。',
    'left_refused' => '它请求的时间已无法取得。',
    'declined_heading' => '您不来吗？{title}，{when}',
    'declined_news' => '您的日历表示您不参加与{host}的这次面谈。这个时间仍是您的。',
    'declined_link' => '您的预约：取消，或保持不变',
];
