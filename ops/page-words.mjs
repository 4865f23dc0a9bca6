// Which sentences each page says, itself or in any of its parts: the build writes it down (build/…/words.json), and the
// document of a page brings these and no others (app/Framework/PageWords.php).
import { readdirSync } from 'node:fs';
import { relative } from 'node:path';

/** Languages of the catalogues (lang/). */
export const LANGUAGES = readdirSync(new URL('../lang/', import.meta.url));

const SAID =
    /\bsay\(\s*(?:'([a-z]\w*\.[\w.]+)'|`([a-z]\w*\.[\w.]*)\$\{)|\bkey="([a-z]\w*\.[\w.]+)"|\bkey=\{`([a-z]\w*\.[\w.]*)\$\{/g;

/**
 * @returns {string[]} keys; one that ends with * stands for all that begin so: which of “day.line_${state}” it is, is
 *     known by then alone
 */
export const keysIn = (code) =>
    [...code.matchAll(SAID)].map(
        ([, whole, begin, attribute, attributeBegin]) => whole ?? attribute ?? `${begin ?? attributeBegin}*`,
    );

/** The category of each number from 0 to 199, a letter each: z, o, t, f, m for zero to many, x for other. CLDR, by ICU. */
export function plurals(language) {
    const rules = new Intl.PluralRules(language);
    const letter = { zero: 'z', one: 'o', two: 't', few: 'f', many: 'm', other: 'x' };
    return Array.from({ length: 200 }, (_, n) => letter[rules.select(n)]).join('');
}

export function pageWords() {
    const said = new Map();
    return {
        name: 'page-words',
        enforce: 'pre',
        transform(code, id) {
            const keys = /\.(svelte|ts)$/.test(id) ? keysIn(code) : [];
            if (keys.length > 0) said.set(id, keys);
        },
        generateBundle() {
            const isPage = (id) => /\/web\/pages\/\w+\.svelte$/.test(id);
            const ids = [...this.getModuleIds()];
            /** What a module says with all that it loads, however late. A page may show another; an entry only begins. */
            const from = (start) => {
                const seen = new Set([start]);
                for (const id of seen) {
                    const info = this.getModuleInfo(id);
                    for (const next of [...(info?.importedIds ?? []), ...(info?.dynamicallyImportedIds ?? [])])
                        if (isPage(start) || !isPage(next)) seen.add(next);
                }
                return [...seen].flatMap((id) => said.get(id) ?? []);
            };
            const entries = ids.filter((id) => this.getModuleInfo(id)?.isEntry).flatMap(from);
            const pages = Object.fromEntries(
                ids
                    .filter(isPage)
                    .map((id) => [
                        relative(process.cwd(), id).replace(/^web\/pages\/|\.svelte$/g, ''),
                        [...new Set([...entries, ...from(id)])].sort(),
                    ]),
            );
            const source = JSON.stringify({
                pages,
                plurals: Object.fromEntries(LANGUAGES.map((language) => [language, plurals(language)])),
            });
            this.emitFile({ type: 'asset', fileName: 'words.json', source });
        },
    };
}
