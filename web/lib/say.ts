/**
 * Sentences of the catalogues (lang/), which the document brings for its page (app/Framework/PageWords.php): what they use
 * of ICU MessageFormat is read here. Held against ICU itself in tests/web/say.test.ts.
 */
export type Values = Record<string, string | number>;

/** A piece of a sentence; “bold” is the tag of what stands in “<bold>…</bold>”, and none of the rest. */
export interface Piece {
    text: string;
    tag: string;
}

let words: Record<string, string> = {};

let runsLeft = false;

/**
 * @param all sentences by “catalogue.key”, and as “plurals” which category each number has
 * @param direction of the page: ltr or rtl
 */
export function learn(all: Record<string, string>, direction = 'ltr'): void {
    words = all;
    runsLeft = direction === 'rtl';
}

export function say(key: string, values: Values = {}): string {
    return read(words[key] ?? key, values, '');
}

/** A sentence of which something is shown otherwise than the rest. What stands in its values marks nothing. */
export function pieces(key: string, values: Values = {}): Piece[] {
    const plain = Object.fromEntries(
        Object.entries(values).map(([name, value]) => [name, typeof value === 'string' ? hidden(value) : value]),
    );
    const parts = say(key, plain).split(/<(\w+)>(.*?)<\/\1>/);
    const found: Piece[] = [];
    for (let i = 0; i < parts.length; i += 3) {
        found.push({ text: shown(parts[i]), tag: '' });
        if (parts[i + 1]) found.push({ text: shown(parts[i + 2]), tag: parts[i + 1] ?? '' });
    }
    return found.filter((piece) => piece.text !== '' || piece.tag);
}

const hidden = (text: string) => text.replaceAll('<', '\uE000');
const shown = (text = '') => text.replaceAll('\uE000', '<');

/** @param count what # stands for: within a plural, its number */
function read(pattern: string, values: Values, count: string): string {
    let said = '';
    for (let i = 0; i < pattern.length; i++) {
        const sign = pattern[i] ?? '';
        if (sign === '{') {
            const end = closing(pattern, i);
            said += argument(pattern.slice(i + 1, end), values, count);
            i = end;
        } else said += sign === '#' && count ? count : sign;
    }
    return said;
}

/** Where the bracket ends that opens there. */
function closing(text: string, open: number): number {
    let depth = 0;
    for (let i = open; i < text.length; i++) {
        if (text[i] === '{') depth++;
        else if (text[i] === '}' && --depth === 0) return i;
    }
    return text.length;
}

function argument(inner: string, values: Values, count: string): string {
    const [, name = '', kind = '', choices = ''] = /^\s*(\w+)\s*(?:,\s*(\w+)\s*)?(?:,([^]*))?$/.exec(inner) ?? [];
    const value = values[name] ?? '';
    const written = typeof value === 'number' ? number(value) : isolated(value);
    if (kind !== 'plural' && kind !== 'select') return written;
    const found: Record<string, string> = {};
    const choice = /\s*(=?\w+)\s*(?=\{)/y;
    for (let one = choice.exec(choices); one; one = choice.exec(choices)) {
        const end = closing(choices, choice.lastIndex);
        found[one[1] ?? ''] = choices.slice(choice.lastIndex + 1, end);
        choice.lastIndex = end + 1;
    }
    const taken =
        kind === 'select' ? found[value] : (found[`=${value}`] ?? found[CATEGORIES[category(Number(value))] ?? '']);
    return read(taken ?? found.other ?? '', values, kind === 'plural' ? written : count);
}

/** What runs the other way than the page stays by itself (UAX 9: FSI and PDI), as App\Framework\Isolated has it. */
const isolated = (text: string) =>
    (runsLeft ? /[A-Za-z\xC0-\u058F\u2E80-\uD7FF]|^\+?\d[\d ()./-]{4,}$/ : /[\u0590-\u08FF\uFB1D-\uFEFF]/).test(text) &&
    !/[<:]\/|</.test(text)
        ? `\u2068${text}\u2069`
        : text;

// Formatters of a device are slow to begin with on an old phone; below a thousand nothing is parted.
const number = (value: number) =>
    value < 1000 ? String(value) : value.toLocaleString(document.documentElement.lang || 'en');

/** As “plurals” writes them down (ops/page-words.mjs). */
const CATEGORIES: Record<string, string> = { z: 'zero', o: 'one', t: 'two', f: 'few', m: 'many' };

/** Beyond two hundred a number is like the one with the same last two digits; of millions nobody speaks here. */
const category = (value: number) => words.plurals?.[value < 200 ? value : 100 + (value % 100)] ?? '';
