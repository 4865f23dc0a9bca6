import { expect, test, type Page } from '@playwright/test';
import { signIn, somebodyElse } from './steps';

const LANGUAGE = { name: 'recess_language', value: 'en-XA', url: process.env.RECESS_SERVED ?? '' };

/** Days and months, which ICU has in all languages but this one; and what is the same in all. */
const SAME =
    /^(Mon|Tue|Wed|Thu|Fri|Sat|Sun)(day|sday|nesday|rsday|urday)?$|^(Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)|^(am|pm|Recess|https)$/;

/** Languages are called as in themselves, whichever one reads. */
const CHOICE = 'nav.languages';

/** What is in no brackets and in nobody's data, and what has no room. */
async function amiss(page: Page, asked: string): Promise<string[]> {
    await page.evaluate(() => document.fonts.ready);
    const { texts, data, cut } = await page.evaluate((choice) => {
        document.querySelector(choice)?.remove();
        const shown = (one: Element) => {
            const box = one.getBoundingClientRect();
            return box.width > 1 && box.height > 1 && getComputedStyle(one).visibility === 'visible';
        };
        const all = [...document.body.querySelectorAll('*')].filter((one) => !one.closest('script, style, noscript'));
        return {
            texts: [
                document.body.innerText,
                ...all.flatMap((one) =>
                    ['aria-label', 'title', 'placeholder', 'alt'].map((name) => one.getAttribute(name) ?? ''),
                ),
            ],
            data: document.getElementById('page-data')?.textContent ?? '',
            cut: all
                .filter(
                    (one) =>
                        shown(one) &&
                        one.childElementCount === 0 &&
                        one.textContent?.includes('~') &&
                        !one.hasAttribute('title'),
                )
                .filter((one) => one.scrollWidth > one.clientWidth + 1 && getComputedStyle(one).overflowX !== 'visible')
                .map((one) => `cut off: ${one.textContent}`),
        };
    }, CHOICE);
    const theirs = new Set((data + asked).match(/[\p{L}\p{M}’]+/gu));
    const bare = texts.flatMap((text) => {
        let rest = text;
        for (let before = ''; before !== rest;) {
            before = rest;
            rest = rest.replace(/\[[^[\]]*\]/gu, ' ');
        }
        return (rest.match(/[\p{L}\p{M}’]{2,}/gu) ?? []).filter(
            // What has accents is said; a blank's name is a part of its sentence, without its brackets.
            (word) => !theirs.has(word) && !SAME.test(word) && !/[áçéíñóšúýÁÇÉÍÑÓŠÚÝ]/u.test(word),
        );
    });
    const wide = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
    return [...new Set(bare), ...cut, ...(wide > 0 ? [`scrolls sideways by ${wide}`] : [])].map(
        (one) => `${new URL(page.url()).pathname}: ${one}`,
    );
}

for (const [width, height] of [
    [390, 844],
    [1280, 800],
] as const)
    test(`in a language whose words are longer, at ${width} pixels: all of it is said, and nothing is cut off`, async ({
        browser,
    }) => {
        test.setTimeout(180_000);
        const context = await somebodyElse(browser, { viewport: { width, height } });
        await context.addCookies([LANGUAGE]);
        const page = await context.newPage();
        const found: string[] = [];
        // What a page has asked for since is data as well.
        let asked = '';
        page.on('response', async (answer) => {
            if (answer.url().includes('/api/')) asked += await answer.text().catch(() => '');
        });
        for (const path of [
            '/',
            '/find',
            '/s/office-hours',
            '/d/ines-tavares',
            '/d/ines-tavares/knock',
            '/staff/sign-in',
            '/nowhere',
        ]) {
            await page.goto(path);
            await page.waitForLoadState('networkidle');
            found.push(...(await amiss(page, asked)));
        }
        await context.clearCookies();
        await signIn(page, 'ruta.simkute@gannetcove.example');
        await context.addCookies([LANGUAGE]);
        for (const path of [
            '',
            '/sheets',
            '/sheets/new',
            '/settings',
            '/account',
            '/knocks',
            '/rounds',
            '/day',
            '/people',
            '/directory',
            '/visitors',
            '/school',
        ]) {
            await page.goto(`/staff${path}`);
            await page.waitForLoadState('networkidle');
            found.push(...(await amiss(page, asked)));
        }
        expect(found).toEqual([]);
        await context.close();
    });
