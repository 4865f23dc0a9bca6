import { execFileSync } from 'node:child_process';
import { expect, it } from 'vitest';

/** The line of the web server's map that tells who reads on twelve hours: ops/clocks.php. */
const line = execFileSync(process.env.PHP ?? 'php8.2', ['ops/clocks.php'], { encoding: 'utf8' });
const twelve = new RegExp(/^"~\*(.*)" 12;\n$/.exec(line)![1]!, 'i');

// Against this machine's other reader of CLDR: the hour as Intl writes it (ECMA-402: hourCycle by locale). Some
// countries went from one to the other lately (Mexico): those are left out.
it.each(
    'en-US en-CA en-AU en-IN en-GB en-IE en-ZA fr-FR fr-CA es-ES es-CO pt-PT pt-BR it-IT de-DE pl-PL uk-UA ar-EG zh-CN ko-KR hi-IN el-GR sv-SE'
        .split(' ')
        .map((tag) => [tag]),
)('a browser in %s', (tag) => {
    const usual = new Intl.DateTimeFormat(tag, { hour: 'numeric' }).resolvedOptions().hour12 === true;
    expect(twelve.test(tag)).toBe(usual);
    expect(twelve.test(`${tag.toLowerCase()},en;q=0.5`)).toBe(usual);
});

it.each(['', '*', 'x'.repeat(3000), 'enx-US', 'de;q=0.9, en-US', 'en-US"; 24'])(
    'is not taken in by “%.20s”',
    (header) => {
        expect(twelve.test(header)).toBe(false);
    },
);
