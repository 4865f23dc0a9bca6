<?php

declare(strict_types=1);

return [
    'feed_name' => 'Spotkania',
    'not_http' => 'Adres kalendarza zaczyna się od https://, http:// lub webcal://.',
    'not_allowed' =>
        'Ten adres prowadzi do sieci samej szkoły, skąd nie pobieramy kalendarzy. Administrator może na to ' .
        'pozwolić.',
    'not_plain' =>
        'Nazwa serwera ma litery, których adresy nie mają. Proszę skopiować ją ponownie z programu kalendarza.',
    'unknown_host' => 'Nie ma znanego serwera o tej nazwie. Proszę sprawdzić adres.',
    'no_end' => 'Adres prowadzi bez końca od jednego do drugiego. Proszę skopiować go ponownie z programu kalendarza.',
    'too_large' => 'Kalendarz ma ponad {megabytes} MB.',
    'not_let' => 'Serwer nie pozwala go odczytać. Proszę skopiować prywatny adres z programu kalendarza.',
    'gone' => 'Pod tym adresem nie ma już kalendarza.',
    'error' => 'Serwer odpowiedział błędem ({status}). Spróbujemy później.',
    'no_answer' => 'Serwer nie odpowiedział na czas. Spróbujemy później.',
    'address_or_file' => 'Proszę podać adres kalendarza albo wybrać plik.',
    'file_most' => 'Plik kalendarza ma najwyżej {megabytes} MB.',
    'skipped' => 'Wiersz {line, number, integer}, {what}: {why}',
    'summary' => '{title}: {with}',
    'summary_about' => '{title}: {with}, dotyczy: {student}',
];
