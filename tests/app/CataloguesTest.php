<?php

declare(strict_types=1);

namespace Tests\App;

use Illuminate\Support\Arr;
use PhpParser\Node;
use PhpParser\Node\Arg;
use PhpParser\Node\Expr\New_;
use PhpParser\Node\Expr\StaticCall;
use PhpParser\Node\InterpolatedStringPart;
use PhpParser\Node\Name;
use PhpParser\Node\Scalar\InterpolatedString;
use PhpParser\Node\Scalar\String_;
use PhpParser\Node\Stmt\ClassMethod;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;

/** What people read stands in the catalogues, whole, and nothing stands there that nobody says. */
final class CataloguesTest extends TestCase
{
    private const ROOT = __DIR__ . '/../../';

    /** @return array<string, string> patterns by “catalogue.key”, but those that the framework asks for itself */
    private static function all(): array
    {
        $all = [];
        foreach (
            Finder::create()
                ->files()
                ->in(self::ROOT . 'lang/en')
                ->name('*.php')
                ->notName('validation.php')
            as $file
        ) {
            $all += Arr::dot([$file->getBasename('.php') => require $file->getPathname()]);
        }

        return array_filter($all, is_string(...));
    }

    /** @return array<string, string> */
    private static function read(string $name, string ...$folders): array
    {
        $in = array_map(static fn(string $folder): string => self::ROOT . $folder, $folders);

        return array_map(
            static fn(\SplFileInfo $file): string => (string) file_get_contents($file->getPathname()),
            iterator_to_array(Finder::create()->files()->in($in)->name($name)),
        );
    }

    public function test_each_is_icu_messageformat(): void
    {
        $wrong = array_filter(
            self::all(),
            static fn(string $pattern): bool => \MessageFormatter::create('en', $pattern) === null,
        );
        self::assertSame([], array_keys($wrong));
    }

    public function test_none_is_written_twice(): void
    {
        foreach (self::read('*.php', 'lang/en') as $path => $code) {
            preg_match_all('/^    \'([^\']+)\' =>/m', $code, $keys);
            self::assertSame(
                [],
                array_keys(array_filter(array_count_values($keys[1]), fn(int $n): bool => $n > 1)),
                $path,
            );
        }
    }

    public function test_each_that_is_said_is_there_and_each_that_is_there_is_said(): void
    {
        $code = implode("\n", [
            ...self::read('*.php', 'app', 'core', 'web/views', 'database', 'bootstrap', 'demo'),
            ...self::read('/\.(svelte|ts)$/', 'web'),
        ]);
        $known = self::all();
        preg_match_all(
            '/(?:Words::say|Said::of|Message::of|@say|\bsay)\(\s*[\'"](\w+(?:\.\w+)+)[\'"]\s*[,)]/',
            $code,
            $said,
        );
        self::assertSame(
            [],
            array_values(array_diff(array_unique($said[1]), array_keys($known))),
            'said, and not there',
        );

        // "catalogue.begins_$with", 'catalogue.begins_' . $with, `catalogue.begins_${with}`, and several at once.
        preg_match_all('/[\'"`](\w+\.[\w.]*)(?:[\'"] ?\.|\{?\$|%s)/', $code, $begins);
        preg_match_all('/Words::each\(\s*\'(\w+)\',((?:\s*\'\w+\',?)+)/', $code, $each, PREG_SET_ORDER);
        $listed = array_merge(
            ...array_map(static function (array $one): array {
                preg_match_all('/\'(\w+)\'/', $one[2], $keys);

                return array_map(static fn(string $key): string => "$one[1].$key", $keys[1]);
            }, $each),
        );
        $unsaid = array_filter(
            array_keys($known),
            static fn(string $key): bool => !in_array($key, $listed, true) &&
                preg_match('/[\'"]' . preg_quote($key) . '[\'"]/', $code) !== 1 &&
                array_filter($begins[1], static fn(string $begin): bool => str_starts_with($key, $begin)) === [],
        );
        self::assertSame([], array_values($unsaid), 'there, and never said');
    }

    /**
     * Literals of the code that begin as a sentence does. What is said to whoever runs the machine (commands, metrics,
     * what a program's own mistake is called) is English; of all else nothing is left.
     */
    public function test_no_code_has_sentences_of_its_own(): void
    {
        $finder = new NodeFinder();
        $bare = [];
        foreach (self::parsed('app', 'core') as $path => $nodes) {
            if (
                preg_match(
                    '#Command\.php$|/(MetricsController|WhatIsKept|DatabaseConnector|MailboxNotRead)\.php$#',
                    $path,
                ) === 1
            ) {
                continue;
            }
            $unread = $finder->find($nodes, self::isForTheMachine(...));
            $apart = static fn(Node $node): array => $finder->find($node, self::isSentence(...));
            $known = array_map(spl_object_id(...), array_merge(...array_map($apart, $unread)));
            foreach ($finder->find($nodes, self::isSentence(...)) as $sentence) {
                if (!in_array(spl_object_id($sentence), $known, true)) {
                    $bare[] = basename($path) . ': ' . self::text($sentence);
                }
            }
        }
        sort($bare);
        // The name of a thing, as it calls itself; and what is written into a field as one writes it there.
        self::assertSame(['Browser.php: Mac OS', 'TermsData.php:  to '], $bare);
    }

    /** As a sentence begins; or a word that is glued between two others, or before one. */
    private const SENTENCE = '/^[\p{Lu}“]\p{Ll}+,? [\p{L}\d“{]|^ (?!and |or |on |is )\p{Ll}{2,} $|^\p{Lu}\p{Ll}+ $/u';

    private static function isForTheMachine(Node $node): bool
    {
        return match (true) {
            $node instanceof New_ => $node->class instanceof Name &&
                preg_match('/(Logic|Runtime|Value)Exception$|StampsNotSent$/', (string) $node->class) === 1,
            $node instanceof StaticCall => $node->class instanceof Name && (string) $node->class === 'Log',
            // What Prometheus is told.
            $node instanceof ClassMethod => (string) $node->name === 'figures',
            default => false,
        };
    }

    private static function isSentence(Node $node): bool
    {
        return ($node instanceof String_ || $node instanceof InterpolatedString) &&
            preg_match(self::SENTENCE, self::text($node)) === 1;
    }

    private static function text(Node $node): string
    {
        return match (true) {
            $node instanceof String_, $node instanceof InterpolatedStringPart => $node->value,
            $node instanceof InterpolatedString => implode(array_map(self::text(...), $node->parts)),
            default => '{}',
        };
    }

    /** @return iterable<string, list<Node>> the syntax tree of each file, by its path */
    private static function parsed(string ...$folders): iterable
    {
        $parser = (new ParserFactory())->createForHostVersion();
        foreach (self::read('*.php', ...$folders) as $path => $code) {
            yield $path => array_values($parser->parse($code) ?? []);
        }
    }

    public function test_the_core_gives_each_of_its_sentences_what_stands_in_it(): void
    {
        $finder = new NodeFinder();
        $known = self::all();
        $seen = 0;
        foreach (self::parsed('core') as $path => $nodes) {
            foreach ($finder->findInstanceOf($nodes, StaticCall::class) as $call) {
                $key = ($call->args[0] ?? null) instanceof Arg ? $call->args[0]->value : null;
                if (
                    !($call->class instanceof Name) ||
                    (string) $call->class !== 'Message' ||
                    !($key instanceof String_)
                ) {
                    continue;
                }
                $given = array_map(
                    static fn(Node $one): string => $one instanceof Arg ? (string) $one->name : '',
                    array_slice($call->args, 1),
                );
                preg_match_all('/(?<!one |other )\{(\w+)(?=[},])/', $known[$key->value] ?? '', $named);
                // A choice of one word, as of “=1 {January}” or “one {week}”, looks like a name and is none.
                $named = array_filter($named[1], static fn(string $name): bool => !ctype_upper($name[0]));
                self::assertSame([], array_diff($named, $given), basename($path) . ": $key->value");
                self::assertSame([], array_diff($given, $named), basename($path) . ": $key->value");
                $seen++;
            }
        }
        self::assertGreaterThan(100, $seen);
    }

    /** Words between and in the tags of a document. The stand-ins of the demo are no school's pages. */
    public function test_no_page_without_scripts_and_no_paper_has_words_of_its_own(): void
    {
        $bare = [];
        foreach (self::read('*.blade.php', 'web/views') as $path => $page) {
            $text = (string) preg_replace(
                [
                    '/\{\{--.*?--\}\}/s',
                    '/@php\b(?!\s*\().*?@endphp/s',
                    '/@section\(\'(?:style|columns)\'\).*?@endsection/s',
                    '/\{\{.*?\}\}|\{!!.*?!!\}/s',
                    // A directive with what stands in its parentheses, however deep.
                    '/@\w+\s*(\((?:[^()]|(?1))*\))?/',
                    '/(?:alt|title|aria-label|placeholder)="([^"]*)"/',
                    '/<[^>]*>/s',
                    '/&\w+;|&#\d+;/',
                ],
                ['', '', '', '', '', '>$1<', "\n", ''],
                $page,
            );
            if (!str_contains($path, '/stand-in/')) {
                preg_match_all('/.*\p{L}{2}.*/u', $text, $found);
                // And what is handed to another document, or chosen between.
                preg_match_all('/\'([^\'\n]*)\'/', $page, $literals);
                $found[0] = [...$found[0], ...preg_grep(self::SENTENCE, $literals[1]) ?: []];
                $bare = [
                    ...$bare,
                    ...array_map(static fn(string $one): string => basename($path) . ': ' . trim($one), $found[0]),
                ];
            }
        }
        sort($bare);
        // The product's own name, after a page's title; a font's.
        self::assertSame(['head.blade.php: – Recess', 'html.blade.php: Atkinson Hyperlegible Next'], $bare);
    }
}
