<?php

declare(strict_types=1);

namespace App\Demo;

/** The people of the demo, all invented. Phone numbers are from the range kept free for fiction (555-01xx). */
final class DemoPeople
{
    /** Name, subject, e-mail address, and a room or a video link. */
    public const STAFF = [
        ['Inês Tavares', 'Mathematics', 'ines.tavares@gannetcove.example', 'Room 12'],
        ['Bao An Lê', 'Physics', 'baoan.le@gannetcove.example', 'Laboratory 2'],
        ['Oluwaseun Adebanjo', 'History', 'oluwaseun.adebanjo@gannetcove.example', 'Room 7'],
        ['Siobhán Keane', 'English', 'siobhan.keane@gannetcove.example', 'Library, back table'],
        ['Mariam Haddad', 'French', 'mariam.haddad@gannetcove.example', 'https://video.gannetcove.example/haddad-conferences'],
        ['Tomasz Wilk', 'Marine biology', 'tomasz.wilk@gannetcove.example', 'Tide room'],
        ['Keahi Nakoa', 'Music', 'keahi.nakoa@gannetcove.example', 'Room 3'],
        ['Ruta Šimkutė', 'Guidance', 'ruta.simkute@gannetcove.example', 'Office 1, beside the bell'],
    ];

    private const GIVEN = [
        'Amara', 'Björn', 'Chiamaka', 'Dmitri', 'Eilidh', 'Farid', 'Giulia', 'Hana', 'Isidro', 'Jovana',
        'Kofi', 'Leilani', 'Mateus', 'Noor', 'Oksana', 'Parveen', 'Quentin', 'Rangi', 'Saoirse', 'Tuan',
    ];

    private const FAMILY = [
        'Okonkwo', 'Lindqvist', 'Moreau', 'Petrenko', 'MacAulay', 'Rahimi', 'Bellini', 'Sato', 'Quispe', 'Marković',
        'Mensah', 'Kealoha', 'Carvalho', 'al-Amin', 'Shevchuk', 'Gill', 'Doucet', 'Parata', 'Byrne', 'Phạm',
    ];

    private const CHILD = [
        'Ada', 'Bas', 'Cleo', 'Davi', 'Esme', 'Finn', 'Gita', 'Hugo', 'Ira', 'June', 'Kai', 'Lina', 'Milo', 'Nia', 'Otis',
    ];

    /** Whoever else looks after the student of a family, under another roof. */
    public static function second(int $family): string
    {
        return self::GIVEN[($family * 7 + 2) % 20].' '.self::FAMILY[($family * 11 + 5) % 20];
    }

    /**
     * Sixty families; in every fourth the student's surname is another than the parent's.
     *
     * @return list<array{string, string, string, string}> parent, student, e-mail address, phone number
     */
    public static function families(): array
    {
        $families = [];
        for ($i = 0; $i < 60; $i++) {
            $surname = self::FAMILY[($i * 7 + intdiv($i, 20)) % 20];
            $studentSurname = $i % 4 === 3 ? self::FAMILY[($i * 11 + 5) % 20] : $surname;
            $families[] = [
                self::GIVEN[($i * 3 + intdiv($i, 20)) % 20].' '.$surname,
                self::CHILD[($i * 4 + intdiv($i, 15)) % 15].' '.$studentSurname,
                sprintf('family%02d@mail.example', $i + 1),
                sprintf('+1 902 555 01%02d', $i),
            ];
        }

        return $families;
    }
}
