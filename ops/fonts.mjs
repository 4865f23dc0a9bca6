// node ops/fonts.mjs: the two typefaces cut to what our pages use, into web/fonts/ (made by the build, not kept in git).
// A page loads one file of each, and a second one only where a name has letters that the first lacks.
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import subset from 'subset-font';

const FROM = 'node_modules/@fontsource-variable';
const TO = 'web/fonts';

const between = (first, last) =>
    Array.from({ length: last - first + 1 }, (_, i) => String.fromCodePoint(first + i)).join('');

// The letters of Western Europe, and the signs that sentences and rulers use.
const LATIN = between(0x20, 0x7e) + between(0xa0, 0xff) + 'ŒœŸ–—‘’‚“”„…•‹›€−×→←↑↓';
// Polish, Lithuanian, Czech, Turkish and others; Romanian; the capital ẞ.
const LATIN_EXT = between(0x100, 0x17f) + between(0x218, 0x21b) + 'ẞ';
const VIETNAMESE = 'ĂăĐđĨĩŨũƠơƯư₫' + between(0x1ea0, 0x1ef9);

/** Only the weights that our styles name; headings have one. Figures of one width where times stand in columns. */
const FACES = [
    {
        family: 'Atkinson Hyperlegible Next Variable',
        name: 'atkinson-hyperlegible-next',
        axes: { wght: { min: 400, max: 700 } },
        weight: '400 700',
        sets: { latin: LATIN, 'latin-ext': LATIN_EXT },
    },
    {
        family: 'Bricolage Grotesque Variable',
        name: 'bricolage-grotesque',
        axes: { wght: 650 },
        weight: '400 900',
        sets: { latin: LATIN, 'latin-ext': LATIN_EXT, vietnamese: VIETNAMESE },
    },
];

const hex = (code) => code.toString(16).toUpperCase();

/** As CSS has them: U+20-7E, U+A0-FF, U+152 */
function ranges(letters) {
    const runs = [];
    for (const code of [...new Set(letters)].map((letter) => letter.codePointAt(0)).sort((a, b) => a - b)) {
        const last = runs.at(-1);
        if (last && last[1] === code - 1) last[1] = code;
        else runs.push([code, code]);
    }
    return runs.map(([from, to]) => `U+${hex(from)}${from === to ? '' : `-${hex(to)}`}`).join(', ');
}

mkdirSync(TO, { recursive: true });
const rules = [];
for (const { family, name, axes, weight, sets } of FACES) {
    for (const [set, letters] of Object.entries(sets)) {
        const cut = await subset(readFileSync(`${FROM}/${name}/files/${name}-${set}-wght-normal.woff2`), letters, {
            targetFormat: 'woff2',
            variationAxes: axes,
            keepFeatures: ['kern', 'liga', 'tnum', 'mark', 'mkmk', 'ccmp', 'locl'],
            noHinting: true,
        });
        writeFileSync(`${TO}/${name}-${set}.woff2`, cut);
        // Shown in what the device has until it is there: no font is in the way of the first time shown.
        rules.push(`@font-face {
    font-family: '${family}';
    font-style: normal;
    font-display: swap;
    font-weight: ${weight};
    src: url('./${name}-${set}.woff2') format('woff2');
    unicode-range: ${ranges(letters)};
}
`);
    }
}
writeFileSync(`${TO}/fonts.css`, rules.join(''));
