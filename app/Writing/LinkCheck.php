<?php

declare(strict_types=1);

namespace App\Writing;

use App\Framework\Words;

/**
 * Looks at a pasted video link for what makes such links fail: a session or a host's key in it, or an end to its life.
 * The names of parameters and paths are common practice, no published source.
 */
final readonly class LinkCheck
{
    private const SESSION = '/^(?:.*session.*|s?id_?token|jsessionid|phpsessid|sid|token|access_?token|auth.*|ticket|jwt|sig|signature)$/i';

    private const HOST = '/^(?:.*host.*|moderator|owner|admin|role)$/i';

    private const EXPIRES = '/^(?:exp|expires?|expir.*|ttl|valid_?until|deadline)$/i';

    /** @param  list<string>  $problems  in plain words */
    private function __construct(
        public array $problems,
        /** The address without what is wrong with it; null where nothing is, or nothing can be done. */
        public ?string $cleaned,
    ) {}

    public static function of(string $link): self
    {
        $parts = parse_url($link) ?: [];
        $problems = $kept = [];
        if (isset($parts['user']) || isset($parts['pass'])) {
            $problems[] = Words::say('wrong.link_password');
        }
        [$query, $fragment] = [$parts['query'] ?? '', $parts['fragment'] ?? ''];
        // A fragment that is made like a query can carry a key as well: #token=…
        $inFragment = str_contains($fragment, '=') ? explode('&', ltrim($fragment, '?/')) : [];
        $keptInFragment = [];
        foreach ([...explode('&', $query), ...$inFragment] as $n => $pair) {
            $name = urldecode(explode('=', $pair)[0]);
            $value = urldecode(explode('=', $pair, 2)[1] ?? '');
            $problem = match (true) {
                $pair === '' => '',
                preg_match(self::SESSION, $name) === 1, str_starts_with($value, 'eyJ') => Words::say(
                    'wrong.link_session',
                    ['name' => $name],
                ),
                preg_match(self::HOST, $name) === 1 => Words::say('wrong.link_host', ['name' => $name]),
                preg_match(self::EXPIRES, $name) === 1 => Words::say('wrong.link_expires', ['name' => $name]),
                default => null,
            };
            if ($problem === null && $n > substr_count($query, '&')) {
                $keptInFragment[] = $pair;
            } elseif ($problem === null) {
                $kept[] = $pair;
            } elseif ($problem !== '') {
                $problems[] = $problem;
            }
        }
        if (preg_match('#/(?:host|start|moderator|admin)(?:/|$)#i', $parts['path'] ?? '') === 1) {
            // A path cannot be mended from here: what opens for visitors only its service knows.
            return new self([...$problems, Words::say('wrong.link_entrance')], null);
        }
        if ($problems === []) {
            return new self([], null);
        }

        return new self(
            $problems,
            ($parts['scheme'] ?? 'https') .
                '://' .
                ($parts['host'] ?? '') .
                (isset($parts['port']) ? ':' . $parts['port'] : '') .
                ($parts['path'] ?? '') .
                ($kept === [] ? '' : '?' . implode('&', $kept)) .
                self::hash($fragment, $inFragment, $keptInFragment),
        );
    }

    /**
     * @param  list<string>  $pairs
     * @param  list<string>  $kept  of those
     */
    private static function hash(string $fragment, array $pairs, array $kept): string
    {
        return match (true) {
            $pairs === [] && $fragment !== '' => "#$fragment",
            $kept !== [] => '#' . implode('&', $kept),
            default => '',
        };
    }
}
