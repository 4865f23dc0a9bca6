import { execFileSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { parse } from 'svelte/compiler';
import { expect, test } from 'vitest';
import { keysIn, plurals } from '../../ops/page-words.mjs';
import { learn, pieces, say } from '../../web/lib/say';
import { all } from './words';

const PHP = process.env.PHP ?? 'php8.2';

/** Sentences, each as ICU itself says it with those values. */
const ICU = `
$said = [];
foreach (json_decode(stream_get_contents(STDIN), true) as [$pattern, $values]) {
    $said[] = MessageFormatter::formatMessage('en', $pattern, $values);
}
echo json_encode($said);
`;
const icu = (asked: [string, Record<string, string | number>][]) =>
    JSON.parse(execFileSync(PHP, ['-r', ICU], { encoding: 'utf8', input: JSON.stringify(asked) })) as string[];

const files = readdirSync('web', { recursive: true, encoding: 'utf8' }).filter((path) => /\.(svelte|ts)$/.test(path));
const sources = files.map((path) => readFileSync(`web/${path}`, 'utf8'));
const asked = [...new Set(sources.flatMap(keysIn))];
const said = asked.flatMap((key) =>
    key.endsWith('*') ? Object.keys(all).filter((one) => one.startsWith(key.slice(0, -1))) : [key],
);

/** The ways in which a sentence can be filled: every choice of a select, numbers of every kind, names of people. */
function ways(pattern: string): Record<string, string | number>[] {
    let filled: Record<string, string | number>[] = [{}];
    for (const found of pattern.matchAll(/\{(\w+)(?=[,}])(?:, (plural|select|number))?/g)) {
        const [, name = '', kind] = found;
        if (filled.some((one) => name in one)) continue;
        const values =
            kind === 'select'
                ? [...pattern.slice(found.index).matchAll(/(\w+) \{/g)].map((one) => one[1] ?? '')
                : kind
                  ? [0, 1, 2, 5, 22]
                  : ['Émile <b>O’Brien</b> {n} #'];
        filled = filled.flatMap((one) => values.map((value) => ({ ...one, [name]: value })));
    }
    return filled;
}

test('what pages say is what ICU makes of the same sentence', () => {
    expect(said.filter((key) => !(key in all))).toEqual([]);
    const tries = said.flatMap((key) => ways(all[key] ?? '').map((values): [string, typeof values] => [key, values]));
    expect(tries.length).toBeGreaterThan(said.length);
    expect(tries.map(([key, values]) => say(key, values))).toEqual(
        icu(tries.map(([key, values]) => [all[key] ?? '', values])),
    );
});

// The examples of ICU's own guide to messages (Formatting Messages, “Complex argument types”), from memory.
test('a choice within a choice, and the number within', () => {
    const party =
        '{gender, select, female {{guests, plural, =0 {{host} does not give a party.} =1 {{host} invites {guest} to her party.} one {{host} invites {guest} and one other person to her party.} other {{host} invites {guest} and # other people to her party.}}} other {{guests, plural, =0 {{host} does not give a party.} other {{host} invites # to their party.}}}}';
    learn({ 'a.party': party, plurals: plurals('en') });
    const host = { host: 'Ana', guest: 'Bo' };
    expect(say('a.party', { gender: 'female', guests: 0, ...host })).toBe('Ana does not give a party.');
    expect(say('a.party', { gender: 'female', guests: 1, ...host })).toBe('Ana invites Bo to her party.');
    expect(say('a.party', { gender: 'female', guests: 3, ...host })).toBe(
        'Ana invites Bo and 3 other people to her party.',
    );
    expect(say('a.party', { gender: 'else', guests: 7, ...host })).toBe('Ana invites 7 to their party.');
    learn({ ...all, plurals: plurals('en') });
});

test('somebody’s name marks nothing in a sentence, and closes nothing', () => {
    learn({ 'a.with': '<time>{at}</time> with {host}', plurals: plurals('en') });
    expect(pieces('a.with', { at: '16:40', host: '</time><time>Mx {at} < Bo' })).toEqual([
        { text: '16:40', tag: 'time' },
        { text: ' with </time><time>Mx {at} < Bo', tag: '' },
    ]);
    learn({ ...all, plurals: plurals('en') });
});

// CLDR's plural rules, as ICU has them in the languages that are to come; three numbers of each sort up to a million.
test('a number has the category of the one with the same last two digits', () => {
    for (const language of ['en', 'fr', 'es', 'pt', 'it', 'de', 'pl', 'uk', 'ar', 'zh']) {
        const rules = new Intl.PluralRules(language);
        const table = plurals(language);
        const names: Record<string, string> = { z: 'zero', o: 'one', t: 'two', f: 'few', m: 'many', x: 'other' };
        for (let n = 0; n < 1_000_000; n += n < 2000 ? 1 : 997) {
            const index = n < 200 ? n : 100 + (n % 100);
            expect(names[table[index] ?? ''], `${language} ${n}`).toBe(rules.select(n));
        }
    }
});

/** A capital, and more than one word: no class, no address and no code is written so. */
const SENTENCE = /^[“\p{Lu}](?=.*\p{Ll}{2}).* .*\p{L}/u;

/** Texts, spoken names and sentences, wherever they stand in a component. */
function wordsOf(node: unknown, within = ''): string[] {
    if (Array.isArray(node)) return node.flatMap((one) => wordsOf(one, within));
    if (typeof node !== 'object' || node === null) return [];
    const one = node as Record<string, unknown>;
    const type = String(one.type);
    if (type === 'ImportDeclaration' || /^TS(?!As|NonNull|Satisfies)/.test(type) || type === 'StyleSheet') return [];
    if (type === 'Text') {
        const shown = !within || /^(alt|title|label|placeholder|aria-label|aria-description|help)$/.test(within);
        const text = String(one.data).replace('https://', '');
        return (shown ? /\p{L}{2}/u : SENTENCE).test(text) ? [text.trim()] : [];
    }
    if (type === 'Literal') return SENTENCE.test(String(one.value)) ? [String(one.value)] : [];
    if (type === 'TemplateElement') {
        const text = (one.value as { cooked: string }).cooked;
        return /^\p{Lu}\p{Ll}+ |\p{L}{2} \p{L}{2,} |[,.] \p{L}/u.test(text) ? [text] : [];
    }
    const place = type === 'Attribute' ? String(one.name) : type === 'StyleDirective' ? 'style' : within;
    return Object.values(one).flatMap((value) => wordsOf(value, place));
}

const components = files.filter((file) => file.endsWith('.svelte'));
const scripts = files.filter((file) => /(?<!\.d)\.ts$/.test(file));
const scriptOf = (file: string) =>
    parse(`<script lang="ts">${readFileSync(`web/${file}`, 'utf8')}</script>`, { modern: true }).instance?.content;

test.each(components)('%s has no words of its own', (file) => {
    const { fragment, instance, module } = parse(readFileSync(`web/${file}`, 'utf8'), { modern: true });
    expect(wordsOf([fragment, instance, module])).toEqual([]);
});

test('no script has words of its own, but for whoever builds pages', () => {
    const words = scripts.flatMap((file) => wordsOf(scriptOf(file)));
    expect(words).toEqual(['No page component “', '” in this entry.']);
});

test('nothing is said while a script is loaded: the words of its document are not learned yet', () => {
    /** Whether something is said as soon as it is reached, and not only when a function is called. */
    const says = (node: unknown): boolean => {
        if (Array.isArray(node)) return node.some(says);
        if (typeof node !== 'object' || node === null) return false;
        const one = node as Record<string, unknown>;
        if (/Function|MethodDefinition|PropertyDefinition/.test(String(one.type))) return false;
        if (one.type === 'CallExpression' && (one.callee as { name?: string }).name === 'say') return true;
        return Object.values(one).some(says);
    };
    expect(scripts.filter((file) => says(scriptOf(file)))).toEqual([]);
});
