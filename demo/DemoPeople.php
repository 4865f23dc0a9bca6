<?php

declare(strict_types=1);

namespace Demo;

/** The people of the demo, all invented. Phone numbers are from the range kept free for fiction (555-01xx). */
final class DemoPeople
{
    /** Name, subject, e-mail address, and a room or a video link. */
    public const STAFF = [
        ['Inês Tavares', 'Mathematics', 'ines.tavares@gannetcove.example', 'Room 12'],
        ['Bao An Lê', 'Physics', 'baoan.le@gannetcove.example', 'Laboratory 2'],
        ['Oluwaseun Adebanjo', 'History', 'oluwaseun.adebanjo@gannetcove.example', 'Room 7'],
        ['Siobhán Keane', 'English', 'siobhan.keane@gannetcove.example', 'Library, back table'],
        [
            'Mariam Haddad',
            'French',
            'mariam.haddad@gannetcove.example',
            'https://video.gannetcove.example/haddad-conferences',
        ],
        ['Tomasz Wilk', 'Marine biology', 'tomasz.wilk@gannetcove.example', 'Tide room'],
        ['Keahi Nakoa', 'Music', 'keahi.nakoa@gannetcove.example', 'Room 3'],
        ['Ruta Šimkutė', 'Guidance', 'ruta.simkute@gannetcove.example', 'Office 1, beside the bell'],
    ];

    /** Sixteen more, who are in the spring round. */
    public const MORE_STAFF = [
        ['Agnese Ozols', 'German', 'agnese.ozols@gannetcove.example', 'Room 4'],
        ['Callum Innes', 'Mathematics', 'callum.innes@gannetcove.example', 'Room 14'],
        ['Dalia Nasser', 'Chemistry', 'dalia.nasser@gannetcove.example', 'Laboratory 1'],
        ['Emeka Obi', 'English', 'emeka.obi@gannetcove.example', 'Room 6'],
        ['Fionn Daly', 'Sport', 'fionn.daly@gannetcove.example', 'Boat shed'],
        ['Greta Holm', 'Geography', 'greta.holm@gannetcove.example', 'Room 15'],
        ['Hiroshi Mori', 'Informatics', 'hiroshi.mori@gannetcove.example', 'Room 20'],
        ['Ivana Pavlić', 'Art', 'ivana.pavlic@gannetcove.example', 'Studio'],
        ['Jonas Brekke', 'Woodwork', 'jonas.brekke@gannetcove.example', 'Workshop'],
        ['Khadija Sow', 'French', 'khadija.sow@gannetcove.example', 'Room 8'],
        ['Lucía Ferrer', 'Spanish', 'lucia.ferrer@gannetcove.example', 'Room 9'],
        ['Meera Nair', 'Biology', 'meera.nair@gannetcove.example', 'Room 16'],
        ['Nils Aho', 'Physics', 'nils.aho@gannetcove.example', 'Laboratory 3'],
        ['Orla Finch', 'History', 'orla.finch@gannetcove.example', 'Room 10'],
        ['Pavel Urban', 'Music', 'pavel.urban@gannetcove.example', 'Room 2'],
        ['Rosa Whitwell', 'Religion and ethics', 'rosa.whitwell@gannetcove.example', 'Room 11'],
    ];

    /** Who interprets French, and meets nobody in the round. */
    public const INTERPRETER = ['Noémie Arsenault', 'noemie.arsenault@gannetcove.example'];

    /** Who sits at the front desk, reads who comes, and has no sheets. */
    public const FRONT_DESK = ['Bram Ostler', 'bram.ostler@gannetcove.example'];

    private const GIVEN = [
        'Amara',
        'Björn',
        'Chiamaka',
        'Dmitri',
        'Eilidh',
        'Farid',
        'Giulia',
        'Hana',
        'Isidro',
        'Jovana',
        'Kofi',
        'Leilani',
        'Mateus',
        'Noor',
        'Oksana',
        'Parveen',
        'Quentin',
        'Rangi',
        'Saoirse',
        'Tuan',
    ];

    private const FAMILY = [
        'Okonkwo',
        'Lindqvist',
        'Moreau',
        'Petrenko',
        'MacAulay',
        'Rahimi',
        'Bellini',
        'Sato',
        'Quispe',
        'Marković',
        'Mensah',
        'Kealoha',
        'Carvalho',
        'al-Amin',
        'Shevchuk',
        'Gill',
        'Doucet',
        'Parata',
        'Byrne',
        'Phạm',
    ];

    private const CHILD = [
        'Ada',
        'Bas',
        'Cleo',
        'Davi',
        'Esme',
        'Finn',
        'Gita',
        'Hugo',
        'Ira',
        'June',
        'Kai',
        'Lina',
        'Milo',
        'Nia',
        'Otis',
    ];

    /** Whoever else looks after the student of a family, under another roof. */
    public static function second(int $family): string
    {
        return self::GIVEN[($family * 7 + 2) % 20] . ' ' . self::FAMILY[($family * 11 + 5) % 20];
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
                self::GIVEN[($i * 3 + intdiv($i, 20)) % 20] . ' ' . $surname,
                self::CHILD[($i * 4 + intdiv($i, 15)) % 15] . ' ' . $studentSurname,
                sprintf('family%02d@mail.example', $i + 1),
                sprintf('+1 902 555 01%02d', $i),
            ];
        }

        return $families;
    }

    /**
     * A hundred and twenty more families, with one to four children each.
     *
     * @return list<array{string, list<string>, string, string}> parent, children, e-mail address, phone number
     */
    public static function moreFamilies(): array
    {
        $families = [];
        for ($i = 60; $i < 180; $i++) {
            $tens = intdiv($i, 20);
            // One step on from the fifth score, so that no two are called alike.
            $surname = self::FAMILY[($i * 7 + $tens + ($tens > 4 ? 1 : 0)) % 20];
            $children = [];
            for ($child = 0; $child < [1, 2, 1, 2, 3, 1, 2, 4][$i % 8]; $child++) {
                $children[] = self::CHILD[($i * 4 + $tens + $child * 4) % 15] . ' ' . $surname;
            }
            $families[] = [
                self::GIVEN[($i * 3 + $tens) % 20] . ' ' . $surname,
                $children,
                sprintf('family%03d@mail.example', $i + 1),
                sprintf('+1 902 555 01%02d', $i % 100),
            ];
        }

        return $families;
    }
}
