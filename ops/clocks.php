<?php

declare(strict_types=1);

/**
 * A line for the web server's map of browsers' languages (RFC 9110, 12.5.4) to clocks: of those in which the first asked
 * for is usually read on twelve hours. Source: CLDR, through ICU (pattern "j": the hour as the locale has it).
 */
$twelve = array_filter(
    ResourceBundle::getLocales(''),
    static fn(string $locale): bool => preg_match(
        '/[hK]/',
        preg_replace("/'[^']*'/", '', (string) (new IntlDatePatternGenerator($locale))->getBestPattern('jm')),
    ) === 1,
);
$tags = array_map(static fn(string $locale): string => strtolower(strtr($locale, '_', '-')), $twelve);
// A word more than a language, a writing and a country is nobody's: the web server's lines are short.
$tags = array_filter($tags, static fn(string $tag): bool => preg_match('/^[a-z0-9-]{2,14}$/D', $tag) === 1);
sort($tags);

echo '"~*^(', implode('|', $tags), ')([,; ]|$)" 12;', "\n";
