import { execFileSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { parse } from 'svelte/compiler';
import { expect, test } from 'vitest';
import { keysIn, LANGUAGES, plurals } from '../../ops/page-words.mjs';
import { learn, pieces, say } from '../../web/lib/say';
import { allOf } from './catalogues';
import { all } from './words';

const PHP = process.env.PHP ?? 'php8.2';

/** Sentences, each as ICU itself says it with those values. */
const ICU = `
$said = [];
foreach (json_decode(stream_get_contents(STDIN), true) as [$pattern, $values]) {
    $said[] = MessageFormatter::formatMessage("$argv[1]@numbers=latn", $pattern, $values);
}
echo json_encode($said);
`;
const icu = (language: string, asked: [string, Record<string, string | number>][]) =>
    JSON.parse(
        execFileSync(PHP, ['-r', ICU, language], { encoding: 'utf8', input: JSON.stringify(asked), maxBuffer: 1e8 }),
    ) as string[];

const files = readdirSync('web', { recursive: true, encoding: 'utf8' }).filter((path) => /\.(svelte|ts)$/.test(path));
const sources = files.map((path) => readFileSync(`web/${path}`, 'utf8'));
const asked = [...new Set(sources.flatMap(keysIn))];
const said = asked.flatMap((key) =>
    key.endsWith('*') ? Object.keys(all).filter((one) => one.startsWith(key.slice(0, -1))) : [key],
);

/** What stands in a sentence, with its kind; a choice of one word, as of “one {week}”, looks like it and is none. */
const argumentsOf = (pattern: string): { name: string; kind: string; index: number }[] =>
    [
        ...pattern.matchAll(
            /\{(?<typed>\w+), (?<kind>plural|select|number)|(?<!\b(?:zero|one|two|few|many|other|yes|no) )\{(?<plain>\w+)\}/g,
        ),
    ].map(({ index, groups }) => ({
        name: groups?.typed ?? groups?.plain ?? '',
        kind: groups?.kind ?? '',
        index,
    }));

/** The ways in which a sentence can be filled: every choice of a select, numbers of every kind, names of people. */
function ways(pattern: string): Record<string, string | number>[] {
    let filled: Record<string, string | number>[] = [{}];
    for (const { name, kind, index } of argumentsOf(pattern)) {
        if (filled.some((one) => name in one)) continue;
        const values =
            kind === 'select'
                ? [...pattern.slice(index).matchAll(/(\w+) \{/g)].map((one) => one[1] ?? '')
                : kind
                  ? [0, 1, 2, 5, 22]
                  : ['Émile <b>O’Brien</b> {n} #'];
        filled = filled.flatMap((one) => values.map((value) => ({ ...one, [name]: value })));
    }
    return filled;
}

test.each(LANGUAGES)('what pages say in “%s” is what ICU makes of the same sentence', (language) => {
    const its = allOf(language);
    learn({ ...its, plurals: plurals(language) });
    expect(said.filter((key) => !(key in its))).toEqual([]);
    const tries = said.flatMap((key) => ways(its[key] ?? '').map((values): [string, typeof values] => [key, values]));
    expect(tries.length).toBeGreaterThan(said.length);
    const ours = tries.map(([key, values]) => say(key, values));
    learn({ ...all, plurals: plurals('en') });
    expect(ours).toEqual(
        icu(
            language,
            tries.map(([key, values]) => [its[key] ?? '', values]),
        ),
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

/** A capital, and more than one word: no class, no address and no code is written so; or a word that is glued in. */
const SENTENCE = /^[“\p{Lu}](?=.*\p{Ll}{2}).* .*\p{L}|^ \p{Ll}{2,} $/u;

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

/** What is given to each sentence where it is said: its key, the names of its values, and the tags that are shown. */
interface Use {
    key: string;
    values: string[] | null;
    tags: string[];
}
type Node = Record<string, unknown> & { type: string; name?: string };

function usesIn(node: unknown): Use[] {
    if (Array.isArray(node)) return node.flatMap(usesIn);
    if (typeof node !== 'object' || node === null) return [];
    const one = node as Node;
    const within = Object.values(one).flatMap(usesIn);
    if (one.type === 'CallExpression' && (one.callee as Node).name === 'say') {
        const [key, values] = one.arguments as (Node | undefined)[];
        return key?.type === 'Literal'
            ? [{ key: String(key.value), values: namesOf(values), tags: [] }, ...within]
            : within;
    }
    if (one.type === 'Component' && one.name === 'Said') {
        const attributes = one.attributes as Node[];
        const of = (name: string) => attributes.find((attribute) => attribute.name === name)?.value as unknown;
        const [key] = [of('key')].flat() as Node[];
        const values = of('values') as { expression?: Node } | undefined;
        const snippets = ((one.fragment as Node).nodes as Node[])
            .filter((inner) => inner.type === 'SnippetBlock')
            .map((inner) => String((inner.expression as Node).name));
        const tags = [
            ...attributes
                .map((attribute) => String(attribute.name))
                .filter((name) => name !== 'key' && name !== 'values'),
            ...snippets,
        ];
        return key?.type === 'Text'
            ? [{ key: String(key.data), values: namesOf([values].flat()[0]?.expression), tags }, ...within]
            : within;
    }
    return within;
}

/** Names of the values that are given; null where that is not written out. */
function namesOf(values: Node | undefined): string[] | null {
    if (values === undefined) return [];
    const properties = values.type === 'ObjectExpression' ? (values.properties as Node[]) : null;
    return properties?.every((one) => one.type === 'Property')
        ? properties.map((one) => String((one.key as Node).name))
        : null;
}

test('each sentence gets what stands in it, and nothing else', () => {
    const wrong = files.flatMap((file) => {
        const { fragment, instance, module } = file.endsWith('.svelte')
            ? parse(readFileSync(`web/${file}`, 'utf8'), { modern: true })
            : { fragment: null, instance: scriptOf(file), module: null };
        return usesIn([fragment, instance, module]).flatMap(({ key, values, tags }) => {
            const pattern = all[key] ?? '';
            const named = [...new Set(argumentsOf(pattern).map((one) => one.name))].sort();
            const tagged = [...new Set([...pattern.matchAll(/<(\w+)>/g)].map(([, tag]) => tag ?? ''))].sort();
            const same = (given: string[], wanted: string[]) => [...given].sort().join() === wanted.join();
            return (values === null || same(values, named)) && same(tags, tagged)
                ? []
                : [`${file}: ${key} {${values}} <${tags}> for ${pattern}`];
        });
    });
    expect(wrong).toEqual([]);
});

/** UAX 9, 2.7: FSI and PDI around what runs the other way; what only chooses between words is no text. */
test('a name of the other direction is isolated, and one of the same is not', () => {
    const words = { 'a.b': '{host} · {how, select, foot {on foot} other {–}}' };
    learn(words, 'rtl');
    expect(say('a.b', { host: 'Wren', how: 'foot' })).toBe('\u2068Wren\u2069 · on foot');
    expect(say('a.b', { host: '+1 902-555-0100', how: '' })).toBe('\u2068+1 902-555-0100\u2069 · –');
    expect(say('a.b', { host: 'ليلى', how: '' })).toBe('ليلى · –');
    learn(words);
    expect(say('a.b', { host: 'ليلى', how: '' })).toBe('\u2068ليلى\u2069 · –');
    expect(say('a.b', { host: 'Wren', how: '' })).toBe('Wren · –');
});
