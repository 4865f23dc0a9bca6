<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Http\Request;

/** Languages of which there are catalogues: a folder of lang/ each (docs/languages.md). */
final class Languages
{
    /** @return list<string> by their codes (BCP 47); in the demo a made-up one, too */
    public static function all(): array
    {
        static $all = null;
        $all ??= array_map(basename(...), glob(lang_path('*'), GLOB_ONLYDIR) ?: []);

        return config('recess.demo') ? [...$all, Pseudo::LANGUAGE] : $all;
    }

    /** @return list<string> those that a reader is offered to choose from */
    public static function offered(): array
    {
        return array_values(array_diff(self::all(), [Pseudo::LANGUAGE]));
    }

    /** The code, where there are catalogues of it. */
    public static function known(mixed $language): ?string
    {
        return is_string($language) && in_array($language, self::all(), true) ? $language : null;
    }

    /** That of somebody who speaks it, wherever: pt for pt-BR. */
    public static function spoken(string $tag): ?string
    {
        return $tag === '' ? null : self::known(\Locale::getPrimaryLanguage($tag));
    }

    /** What it is called in itself: Deutsch, français. CLDR, by ICU. */
    public static function name(string $language): string
    {
        return mb_convert_case((string) \Locale::getDisplayLanguage($language, $language), MB_CASE_TITLE);
    }

    /**
     * To choose from.
     *
     * @param  \Closure(string): string  $name  of a code: as it is called in itself, or by whoever reads
     * @return list<array{code: string, name: string}>
     */
    public static function choice(\Closure $name): array
    {
        return array_map(static fn(string $code): array => ['code' => $code, 'name' => $name($code)], self::offered());
    }

    /** What whoever reads calls it. */
    public static function called(string $language): string
    {
        return (string) \Locale::getDisplayLanguage($language, Reading::now()->language);
    }

    /** ltr or rtl, as its own name is written (Unicode’s bidirectional classes, UAX 9). */
    public static function direction(string $language): string
    {
        /** @var array<string, 'ltr'|'rtl'> $known */
        static $known = [];

        return $known[$language] ??= self::reckoned($language);
    }

    /** @return 'ltr'|'rtl' */
    private static function reckoned(string $language): string
    {
        $right = [\IntlChar::CHAR_DIRECTION_RIGHT_TO_LEFT, \IntlChar::CHAR_DIRECTION_RIGHT_TO_LEFT_ARABIC];

        return in_array(\IntlChar::charDirection(mb_substr(self::name($language), 0, 1)), $right, true) ? 'rtl' : 'ltr';
    }

    /** Of a document’s root: in which language it is, and which way that runs. */
    public static function attributes(?Reading $reading = null): string
    {
        $language = ($reading ?? Reading::now())->language;

        return sprintf('lang="%s" dir="%s"', $language, self::direction($language));
    }

    /**
     * Where the page that was asked for stands in each language: its folder, and the address without one.
     *
     * @return array<string, string>
     */
    public static function addresses(Request $request): array
    {
        $addresses = [];
        foreach (self::offered() as $language) {
            $addresses[$language] = "/$language" . $request->getRequestUri();
        }

        return $addresses;
    }

    /**
     * Of a page that is everybody’s: where it stands in each language, and where in none, for whoever looks for it
     * (HTML, 4.6.7.1). Of a page of one reader’s nothing is told.
     *
     * @return array<string, string> absolute, by language
     */
    public static function alternates(Request $request): array
    {
        if (!$request->isMethod('GET') || $request->route('pass') !== null || $request->query->count() > 0) {
            return [];
        }
        $school = (string) config('app.url');

        return [
            ...array_map(static fn(string $address): string => $school . $address, self::addresses($request)),
            'x-default' => $school . $request->getRequestUri(),
        ];
    }

    /** For ICU: in all languages with the digits that clocks and pages have. */
    public static function locale(string $language): string
    {
        return $language . '@numbers=latn';
    }
}
