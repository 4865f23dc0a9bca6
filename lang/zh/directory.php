<?php

declare(strict_types=1);

return [
    'title' => '学生',
    'not_known' => '这里选的班级或学生已不在名册中。请重新选择。',
    'number_taken' => '这个编号已属于别人。',
    'first_line' =>
        '第一行按标题读取：“{line}”。如果它已经是学生，请在上面加一行标题后重新选择文件。在您确认之前不会导入。',
    'part_twice' => '两列不能是同一内容。请为其中一列另选。',
    'changed_meanwhile' => '自您查看此文件后有了变化。没有导入任何内容；请重新查看。',
    'nothing_new' => '{wrong, plural, =0 {名册中已有全部内容。不会有变化。} other {不会有变化：能读懂的已在名册中。}}',
    'would' =>
        '{new, plural, =0 {没有新学生} other {# 名新学生}}，{changed, plural, =0 {没有更改} other {# 名更改}}，{gone, plural, =0 {没有离开} other {# 名离开}}；{guardians, plural, =0 {没有新监护人} other {# 位新监护人}}，{guardians_changed, plural, =0 {没有更改} other {# 位更改}}；{classes, plural, =0 {没有新班级} other {# 个新班级}}。{open, plural, =0 {} other {有 # 行等您答复。}}',
    'brought_in' =>
        '已导入：{new, plural, =0 {没有新学生} other {# 名新学生}}，{changed, plural, =0 {没有更改} other {# 名更改}}，{gone, plural, =0 {没有收起} other {# 名收起}}；{guardians, plural, =0 {没有新监护人} other {# 位新监护人}}。',
    'no_name_column' => '请说明哪一列是学生姓名。',
    'too_long' => '超过 {most, number} 行。请分成几个文件发送。',
    'guessed' => '文字既不是 UTF-8 也不是 UTF-16，已按 Windows 的写法读取。请检查带特殊字符的姓名。',
    'no_name' => '第 {line, number} 行：“{name}”不是姓名。已略过。',
    'number_twice' => '第 {line, number} 行：{name}的编号 {number} 属于{other}。已略过。',
    'ask_lines' =>
        '第 {other, number} 行和第 {line, number} 行都是{name}，没有编号可区分：{same, select, yes {都在{class}} other {{other_class, select, none {无班级} other {{other_class}}}和{class, select, none {无班级} other {{class}}}}}。',
    'ask_known' =>
        '{name}（{class, select, none {无班级} other {{class}}}，{number, select, none {无编号} other {编号 {number}}}）可能就是已有的{name}（{known_class, select, none {无班级} other {{known_class}}}，{known_number, select, none {无编号} other {编号 {known_number}}}）。',
    'ask_which' =>
        '{name}（{class, select, none {无班级} other {{class}}}，{number, select, none {无编号} other {编号 {number}}}）：已有 {count, plural, other {#}} 位同名者，无法判断是哪一位。请当作另一名学生，或略过并为每人编号。',
    'answer_first' => '其中有些可能是一名或两名学生。请先说明；没有导入任何内容。',
    'brought_in_at' =>
        '上次导入于 {at}：{new, plural, =0 {没有新学生} other {# 名新学生}}，{changed, plural, =0 {没有更改} other {# 名更改}}，{gone, plural, =0 {没有收起} other {# 名收起}}。一天内可以撤回。',
    'taken_back' =>
        '该文件已撤回：新增的已收起，其他人恢复原样。{stay, plural, =0 {} other {有 # 名学生之后经手工更改，保持不变。}}',
    'nothing_to_take_back' => '已无法撤回：超过一天，或有人已撤回。没有更改任何内容。',
    'no_address' => '第 {line, number} 行：“{email}”不是邮箱地址。{name}已录入，但没有邮箱。',
    'no_phone' => '第 {line, number} 行：“{phone}”不是电话号码。{name}已录入，但没有电话。',
    'guardian_without_name' => '第 {line, number} 行：{email} 没有姓名，已略过。',
    'no_id' => 'users.csv 第 {line, number} 行：{name}没有 sourcedId。已略过。',
    'class_unknown' => '{count, plural, other {# 条注册}}属于 classes.csv 中没有的班级。',
    'no_bundle' => '这既不是表格，也不是含有 manifest.csv 的包。',
    'bundle_large' => '解压后，这个包比任何学校的都大。没有读取。',
    'table_missing' => '包中缺少 {table}，或其清单说明没有。没有导入任何内容。',
    'part_student_number' => '学生编号',
    'part_student_name' => '学生全名',
    'part_student_given' => '学生名字',
    'part_student_family' => '学生姓氏',
    'part_class' => '班级',
    'part_teacher_email' => '老师邮箱',
    'part_guardian1_name' => '监护人姓名',
    'part_guardian1_email' => '监护人邮箱',
    'part_guardian1_phone' => '监护人电话',
    'part_guardian1_language' => '监护人语言',
    'part_guardian1_may_book' => '是否可以预约（yes、no）',
    'part_guardian2_name' => '第二监护人姓名',
    'part_guardian2_email' => '第二监护人邮箱',
    'part_guardian2_phone' => '第二监护人电话',
    'part_guardian2_language' => '第二监护人语言',
    'part_guardian2_may_book' => '第二监护人是否可以预约（yes、no）',
];
