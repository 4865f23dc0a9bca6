<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Directory\Admission;
use App\Directory\CardCode;
use App\Directory\Expected;
use App\Directory\Guardian;
use App\Directory\Student;
use App\Framework\Alphabet;
use App\Framework\Printed;
use App\Framework\QrCode;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Audience;
use App\Models\Reach;
use App\Models\Sheet;
use Illuminate\Database\Eloquent\Builder;

/** Families' paper slips for a sheet: a code to type, and one to photograph, that open their own pass there. */
final class Cards
{
    /** Students on one print; a larger school prints class by class. */
    public const MOST = 600;

    public const ON_A_SHEET = 10;

    public static function pdf(Sheet $sheet): string
    {
        if ($sheet->audience !== Audience::Families) {
            return self::ofList($sheet);
        }
        $cards = [];
        $last = Reach::sheet($sheet)->ends();
        foreach (self::families($sheet) as $one) {
            $cards[] = self::card(
                $one['guardian']->name,
                Words::say('sheets.card_for', ['students' => $one['students']]),
                CardCode::of($one['guardian'], $sheet, $last),
                Words::say('sheets.card_how', ['address' => url('/card')]),
                $sheet->linkFor($one['guardian']->pass()),
            );
        }

        return self::printed($sheet, $cards);
    }

    /** For each who is expected and has not booked: a square that knows about whom it is. */
    private static function ofList(Sheet $sheet): string
    {
        $cards = RemindExpected::missing($sheet)
            ->limit(self::MOST)
            ->get()
            ->map(
                static fn(Expected $one): array => self::card(
                    $one->name,
                    $one->class,
                    '',
                    Words::say('sheets.expected_card'),
                    $one->link(),
                ),
            );
        abort_if($cards->isEmpty(), 404);

        return self::printed($sheet, array_values($cards->all()));
    }

    /** @return array<string, string> */
    public static function card(string $name, string $of, string $code, string $how, string $link): array
    {
        return [
            'name' => $name,
            'of' => $of,
            'code' => $code,
            'how' => $how,
            'qr' => QrCode::onPaper($link),
        ];
    }

    /** @param  list<array<string, string>>  $cards */
    private static function printed(Sheet $sheet, array $cards): string
    {
        $about = Words::say('booking.sheet_with', ['host' => $sheet->host->name]);

        return Printed::pages(
            'paper.cards',
            array_chunk($cards, self::ON_A_SHEET),
            ['title' => $sheet->title, 'about' => $about],
            $sheet->host->school->country,
        );
    }

    /** @return list<array{guardian: Guardian, students: string}> each guardian once, with those for whom they may book there; in the order of the classes */
    public static function families(Sheet $sheet): array
    {
        return self::familiesOf(Admission::expected($sheet));
    }

    /**
     * @param  Builder<Student>  $expected
     * @return list<array{guardian: Guardian, students: string}>
     */
    public static function familiesOf(Builder $expected): array
    {
        $families = [];
        $students = $expected
            ->with(['guardians', 'classes'])
            ->limit(self::MOST)
            ->get()
            ->sort(
                Alphabet::by(
                    static fn(Student $one): string => ($one->classes->first()->name ?? '') . ' ' . $one->name_key,
                ),
            );
        foreach ($students as $student) {
            foreach ($student->guardians as $guardian) {
                if ($guardian->getAttribute('pivot')?->may_book) {
                    $families[$guardian->id]['guardian'] = $guardian;
                    $families[$guardian->id]['students'][] = $student->name();
                }
            }
        }

        return array_values(
            array_map(
                static fn(array $one): array => [
                    'guardian' => $one['guardian'],
                    'students' => Spell::row($one['students']),
                ],
                $families,
            ),
        );
    }
}
