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

const sources = readdirSync('web', { recursive: true, encoding: 'utf8' })
    .filter((path) => /\.(svelte|ts)$/.test(path))
    .map((path) => readFileSync(`web/${path}`, 'utf8'));
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

/** Parts that have no words of their own any more; what is not here yet still has. */
const DONE = [
    'controls/Blank',
    'controls/Field',
    'controls/FilePress',
    'controls/Fold',
    'controls/Modal',
    'controls/Notice',
    'controls/Pick',
    'controls/Prove',
    'controls/TextButton',
    'controls/Themed',
    'controls/UndoToast',
    'controls/Whose',
    'desk/About',
    'desk/DayPicture',
    'desk/DayRuler',
    'desk/KeysHelp',
    'desk/Note',
    'desk/TurnRow',
    'desk/Unbooked',
    'desk/UnderWay',
    'desk/Workings',
    'directory/RollFile',
    'directory/StudentForm',
    'host/AskedOfYou',
    'host/HostBooking',
    'host/KnownStudent',
    'host/Links',
    'host/OfficeBooking',
    'host/Roster',
    'host/Share',
    'host/SheetRow',
    'host/SlotPanel',
    'host/ThrowAway',
    'host/Week',
    'knock/Asked',
    'knock/AskedDay',
    'knock/AskedOnDesk',
    'knock/Bands',
    'knock/Chosen',
    'knock/Length',
    'knock/Marks',
    'knock/OwnCalendar',
    'knock/Sent',
    'knock/Terms',
    'knock/Told',
    'knock/When',
    'knock/With',
    'pages/Account',
    'pages/Afterwards',
    'pages/Allotment',
    'pages/Alone',
    'pages/Board',
    'pages/Come',
    'pages/Day',
    'pages/Desk',
    'pages/Directory',
    'pages/Door',
    'pages/Find',
    'pages/Forgotten',
    'pages/Frame',
    'pages/HostSheet',
    'pages/Join',
    'pages/Kiosk',
    'pages/Knock',
    'pages/Knocks',
    'pages/Lists',
    'pages/Log',
    'pages/MailLeft',
    'pages/Mailroom',
    'pages/MoveIn',
    'pages/NotIn',
    'pages/OurSchool',
    'pages/Pass',
    'pages/People',
    'pages/Round',
    'pages/RoundChanges',
    'pages/RoundSetup',
    'pages/Rounds',
    'pages/SecondFactor',
    'pages/Settings',
    'pages/Sheets',
    'pages/SignIn',
    'pages/VideoRoom',
    'pages/Visit',
    'pages/Visitors',
    'pages/Worksheet',
    'parts/Answer',
    'parts/Answers',
    'parts/AskToJoin',
    'parts/ClockSwitch',
    'parts/Contact',
    'parts/Field',
    'parts/GiveBack',
    'parts/Heard',
    'parts/Holder',
    'parts/HostName',
    'parts/InLine',
    'parts/Keep',
    'parts/KeepThisPass',
    'parts/LateWays',
    'parts/Masthead',
    'parts/Mover',
    'parts/Office',
    'parts/PassBooking',
    'parts/PassKnocks',
    'parts/PassView',
    'parts/Plan',
    'parts/Said',
    'parts/Sieve',
    'parts/Student',
    'parts/Tile',
    'parts/Waiting',
    'parts/Way',
    'parts/WherePick',
    'parts/Yours',
    'round/AboutChildren',
    'round/AllotPicked',
    'round/AllotPicture',
    'round/AskFamilies',
    'round/Away',
    'round/Cohorts',
    'round/Coming',
    'round/Common',
    'round/Evening',
    'round/Fill',
    'round/Interpreters',
    'round/Newcomer',
    'round/PartForm',
    'round/People',
    'round/PlanDays',
    'round/PublishRound',
    'round/Standing',
    'round/Wanted',
    'round/WhoComes',
    'round/Wishes',
    'ruler/Handles',
    'ruler/Marks',
    'ruler/Ruler',
    'ruler/Tab',
    'ruler/UprightDay',
    'settings/Calendars',
    'settings/ClosedDays',
    'settings/Kiosks',
    'settings/NewPassword',
    'settings/Parting',
    'settings/Password',
    'settings/Ranges',
    'settings/SavedPlaces',
    'settings/School',
    'settings/StaffFile',
    'settings/Where',
    'worksheet/Ask',
    'worksheet/BlockBlanks',
    'worksheet/Effect',
    'worksheet/ForWhom',
    'worksheet/HoursBlanks',
    'worksheet/Made',
    'worksheet/Merge',
    'worksheet/MoreRules',
    'worksheet/Occurrence',
    'worksheet/Places',
    'worksheet/Preview',
    'worksheet/Questions',
    'worksheet/QuickLine',
    'worksheet/Reminder',
    'worksheet/Rules',
    'worksheet/Sentence',
    'worksheet/Summary',
    'worksheet/Warnings',
    'worksheet/When',
    'worksheet/YearRulers',
    'worksheet/block/Apart',
    'worksheet/block/EveryMonth',
    'worksheet/block/EveryWeek',
    'worksheet/block/OnDates',
    'worksheet/block/Repeats',
];

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

test.each(DONE)('%s has no words of its own', (name) => {
    const { fragment, instance, module } = parse(readFileSync(`web/${name}.svelte`, 'utf8'), { modern: true });
    expect(wordsOf([fragment, instance, module])).toEqual([]);
});
