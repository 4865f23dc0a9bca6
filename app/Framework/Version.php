<?php

declare(strict_types=1);

namespace App\Framework;

use App\Models\Question;
use App\Models\Questions;
use App\Models\Round;
use App\Models\Sheet;

/** What somebody wrote, for whoever reads: in their language where it was given in it, else as it was written. */
final class Version
{
    public static function of(Sheet|Round $of, string $text): string
    {
        return self::given($of, $text) ?? $text;
    }

    /** In which language that stands, where it is another than what stands around it; empty where not, or nobody said. */
    public static function language(Sheet|Round $of, string $text): string
    {
        $reads = Reading::now()->language;

        return $text === '' || self::given($of, $text) !== null || $of->language === null || $of->language === $reads
            ? ''
            : $of->language;
    }

    public static function title(Sheet|Round $of): string
    {
        return self::of($of, $of->title);
    }

    /** @return list<string> what can be given in other languages, each once */
    public static function originals(Sheet|Round $of): array
    {
        return array_values(
            array_unique(
                array_filter(
                    $of->texts(),
                    static fn(string $one): bool => trim($one) !== '' && self::usual($of, $one) === null,
                ),
            ),
        );
    }

    /** What is asked, said so; what is answered of its choices is kept as it was written. */
    public static function question(Sheet|Round $of, Question $question): Question
    {
        return new Question(
            $question->key,
            $question->kind,
            self::of($of, $question->label),
            self::of($of, $question->help),
            $question->required,
            $question->onRunSheet,
            $question->choices,
        );
    }

    /** @return list<VisitQuestionShape> as VisitQuestion in docs/formats/recess.openapi.yaml */
    public static function questions(Sheet|Round $of, Questions $questions): array
    {
        $all = [];
        foreach ($questions as $question) {
            $all[] = [
                ...self::question($of, $question)->toArray(),
                'choices_said' => array_map(static fn(string $one): string => self::of($of, $one), $question->choices),
                'lang' => self::language($of, $question->label),
            ];
        }

        return $all;
    }

    private static function given(Sheet|Round $of, string $text): ?string
    {
        $reads = Reading::now()->language;
        // Nearly every look is in the language in which it was written: then nothing is looked up.
        $usual = $reads === ($of->language ?? 'en') ? null : self::usual($of, $text);

        return $of->versions[$reads][$text] ?? ($usual === null ? null : Words::say($usual));
    }

    /** What every new sheet asks is there in each language, where nobody worded it otherwise: its key in the catalogues. */
    private static function usual(Sheet|Round $of, string $text): ?string
    {
        /** @var array<string, array<string, string>> $known keys by what they are, by language */
        static $known = [];
        $language = $of->language ?? 'en';
        $known[$language] ??= Reading::in($language, null)->hears(static function (): array {
            $keys = ['sheets.ask_student', 'sheets.ask_student_hint', 'sheets.ask_phone'];

            return array_combine(array_map(Words::say(...), $keys), $keys);
        });

        return $known[$language][$text] ?? null;
    }
}
