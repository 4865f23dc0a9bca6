<?php

declare(strict_types=1);

// The school's own words, in place of ours: a page of the office. ICU MessageFormat.
return [
    'title' => 'Our words',
    'about' =>
        'Every sentence that Recess says can be said in your school’s words: on pages, in letters, on paper. ' .
        'Find it, write another, and it is said from then on.',
    'language' => 'In',
    'find' => 'Words of the sentence',
    'find_press' => 'Find',
    'own_only' => 'Only our own ({count, number, integer})',
    'type_first' => 'Type some words as they stand on the page or in the letter.',
    'none' => 'No sentence has these words.',
    'none_own' => 'Nothing is worded otherwise yet.',
    'more' => '{count, plural, one {And one more} other {And # more}}. Type more words.',
    'found' => '{count, plural, =0 {Nothing found} one {One sentence} other {# sentences}}',
    'own' => 'Yours',
    'ours_is' => 'Ours',
    'ours_changed' => 'Ours has changed since you wrote this.',
    'english_is' => 'In English',
    'where' => 'Stands in',
    'change' => 'Change',
    'change_of' => 'Change “{text}”',
    'another' => 'Your wording',
    'another_about' =>
        'What stands in curly brackets is filled in when it is said: leave its first word as it is. ' .
        'Of a number each way of saying it has brackets of its own.',
    'save' => 'Say it so',
    'leave' => 'Leave it',
    'back' => 'Back to ours',
    'kept' => 'It is said so from now on.',
    'not_there' => 'There is no such sentence any more. Look for it anew.',
    'meanwhile' => 'Somebody else has worded it meanwhile: “{text}”. Yours was not kept; look for it anew.',
    'fault_empty' => 'Write something; or press “Back to ours”.',
    'fault_letters' => 'Its letters cannot be read. They have to be UTF-8.',
    'fault_long' => 'That is too long: {most, plural, one {one letter} other {# letters}} at most.',
    'fault_unseen' => 'There is a sign in it that cannot be seen. Write it anew instead of pasting it.',
    'fault_brackets' => 'A curly bracket is missing, or one too many.',
    'fault_lines' => 'It has to stay on one line.',
    'fault_tags' => 'Signs like {signs} can only stand as they do in ours.',
    'fault_lacking' => 'This is missing: {names}. It is filled in when it is said.',
    'fault_strange' => 'Nobody fills this in: {names}.',
    'fault_plural' => 'A way of saying the number is missing: {way} (for example {numbers}).',
    'in_times' => 'the page on which a time is booked',
    'in_find' => 'pages on which families find somebody',
    'in_pass' => 'a family’s pass',
    'in_round' => 'a round’s page for families',
    'in_asking' => 'asking for another time',
    'in_entrance' => 'the tablet at the entrance',
    'in_desk' => 'the desk',
    'in_sheets' => 'a teacher’s sheets',
    'in_rounds' => 'setting up a round',
    'in_office' => 'pages of the office',
    'in_account' => 'signing in and settings',
    'in_letter' => 'a letter',
    'in_paper' => 'a paper',
    'in_plain' => 'pages without scripts',
    'in_error' => 'the page that says that something went wrong',
    'in_text' => 'a text message',
    'in_answer' => 'an answer to a press, or a part of another sentence',
    'file_title' => 'All of it, for a translator',
    'file_about' =>
        'A PO file, as translators’ programs read and write it. What comes back is looked at first; ' .
        'it is taken whole, or not at all.',
    'file_out' => 'All sentences in {language}',
    'file_in' => 'A PO file with sentences',
    'file_choose' => 'Look at a file',
    'file_take' => 'Take {count, plural, one {one sentence} other {# sentences}}',
    'file_more' => '{count, plural, one {and one more} other {and # more}}',
    'file_ours' => 'ours: {text}',
    'file_letters' => 'This file’s letters cannot be read. Save it as UTF-8, then choose it again. Nothing was taken.',
    'file_not_read' =>
        '{line, select, none {This is no PO file.} other {This is no PO file: line {line} cannot be read.}} ' .
        'Nothing was taken.',
    'file_language' =>
        'The file does not say of which language it is, or it is one that Recess does not speak (“{language}”). ' .
        'Its head needs a line such as “Language: it”. Nothing was taken.',
    'file_fault' => 'Line {line, number, integer}, {key}: {why}',
    'file_faults_more' => '{more, plural, one {And one more.} other {And # more.}}',
    'file_strange' =>
        '{count, plural, one {One is} other {# are}} no sentence of Recess any more, and left out: ' .
        '{keys}{more, plural, =0 {} one {, and one more} other {, and # more}}.',
    'file_changed' =>
        'Of {count, plural, one {one} other {#}} the English has changed since the file went out; what is ' .
        'said stays: {keys}{more, plural, =0 {} one {, and one more} other {, and # more}}.',
    'file_unsure' =>
        '{count, plural, one {One is} other {# are}} marked as unsure (fuzzy), and left out: {keys}{more, ' .
        'plural, =0 {} one {, and one more} other {, and # more}}.',
    'file_meanwhile' => 'Something has changed since you looked. Look at the file again. Nothing was taken.',
    'file_taken' =>
        '{count, plural, one {One sentence is} other {# sentences are}} said otherwise in {language} from now on.',
    'file_would' =>
        '{language}: {count, plural, =0 {nothing would be said otherwise} one {one sentence would be said ' .
        'otherwise} other {# sentences would be said otherwise}}. ' .
        '{faults, plural, =0 {} one {One is wrong; mend it in the file first.} other {# are wrong; mend them ' .
        'in the file first.}}',
    'back_all' => 'All of {language} back to ours',
    'back_all_sure' =>
        '{count, plural, one {One sentence of yours goes} other {# sentences of yours go}}. ' .
        'Take the file out first if you want to keep them.',
];
