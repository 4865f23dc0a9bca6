import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import AxeBuilder from '@axe-core/playwright';
import {
    expect,
    test,
    type Browser,
    type BrowserContext,
    type BrowserContextOptions,
    type Page,
} from '@playwright/test';

/** Those that the test under way has opened: pages of the one before look at the server on and on, until they are closed. */
const opened = { by: '', contexts: [] as BrowserContext[] };

/** A browser of somebody else's: no cookies, no memory. */
export async function somebodyElse(browser: Browser, options: BrowserContextOptions = {}): Promise<BrowserContext> {
    const { testId } = test.info();
    if (testId !== opened.by) await Promise.all(opened.contexts.splice(0).map((context) => context.close()));
    opened.by = testId;
    const context = await browser.newContext({
        locale: 'en-GB',
        timezoneId: 'America/Halifax',
        baseURL: process.env.RECESS_SERVED,
        reducedMotion: 'reduce',
        ...options,
    });
    opened.contexts.push(context);
    return context;
}

/** What a new page of the browser has to say of itself: no accessibility fault, no sideways scrolling, nothing in the console. */
export async function expectSound(page: Page): Promise<void> {
    await page.evaluate(() => document.fonts.ready);
    // In the page itself: our frames are left out, so none has to be looked at from a page beside, which takes twice as long.
    const { violations } = await new AxeBuilder({ page })
        .setLegacyMode()
        .options({ resultTypes: ['violations'] })
        .exclude('iframe')
        .analyze();
    expect(violations.map((one) => `${one.id}: ${one.nodes.map((node) => node.html).join(' ')}`)).toEqual([]);
    const overflow = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    );
    expect(overflow, `${page.url()} scrolls sideways`).toBeLessThanOrEqual(0);
}

/** Fails the test on anything that the page complains of, but for refusals that the test asks for. */
export function listen(page: Page, ...expected: RegExp[]): void {
    page.on('pageerror', (error) => {
        throw error;
    });
    page.on('console', (line) => {
        if (['error', 'warning'].includes(line.type()) && !expected.some((pattern) => pattern.test(line.text()))) {
            throw new Error(`The page complains: ${line.text()}`);
        }
    });
}

export async function signIn(
    page: Page,
    email = 'ines.tavares@gannetcove.example',
    password = 'low-tide-bell',
    lands = 'Your sheets',
): Promise<void> {
    // Where one comes in depends on the hour: in the evening before a day with meetings the tests' desk is of that day.
    await page.goto(lands === 'Your sheets' ? '/staff/sheets' : '/staff');
    await page.getByLabel('E-mail address').fill(email);
    await page.getByLabel('Password').fill(password);
    await page.getByRole('button', { name: 'Sign in', exact: true }).click();
    await expect(page.getByRole('heading', { name: lands })).toBeVisible();
}

export async function signOut(page: Page): Promise<void> {
    await page.getByRole('button', { name: 'Sign out' }).click();
    await expect(page.getByRole('button', { name: 'Sign out' })).toBeHidden();
    await page.waitForURL((url) => !url.pathname.startsWith('/staff/'));
}

/** YYYY-MM-DD, so many days from now. */
export const daysAhead = (days: number) => new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10);

// Each sheet of a test run has a date of its own: its host is never in two meetings, not even in tests.
// Far enough ahead to lie after the demo's closed days. Counted in a file of the whole run: a worker that begins anew after
// a failure goes on where the one before it was.
const DATES = join(tmpdir(), `recess-dates-${process.ppid}`);

function nextDay(): number {
    const used = existsSync(DATES) ? Number(readFileSync(DATES, 'utf8')) : 0;
    writeFileSync(DATES, String(used + 1));
    return 220 + used;
}

/** A worksheet with nothing on it but what is usual: what somebody typed earlier and never saved is thrown away. */
export async function newSheet(page: Page, kind = 'conferences'): Promise<void> {
    const drawn = page.waitForResponse((response) => response.url().endsWith('/api/staff/worksheet'));
    await page.goto(`/staff/sheets/new?kind=${kind}`);
    await drawn;
    const again = page.getByRole('button', { name: 'Throw it away and begin anew' });
    if (await again.isVisible()) {
        await again.click();
        await expect(again).toBeHidden();
    }
}

/** Writes and publishes a sheet as a host does; gives its link. */
export async function publish(page: Page, title: string, from = '16:00', until = '17:10'): Promise<string> {
    await newSheet(page);
    await page.getByLabel('Title').fill(title);
    await page.getByLabel('Date', { exact: true }).fill(daysAhead(nextDay()));
    await page.getByLabel('From', { exact: true }).fill(from);
    await page.getByRole('textbox', { name: 'To', exact: true }).fill(until);
    await page.getByLabel('Minutes between meetings').fill('0');
    await page.getByLabel('Which room').fill('Room 12');
    // So far ahead nothing could be booked: the sentence opens by itself when that has been seen, or is opened.
    const days = page.getByLabel('Days ahead');
    await expect(async () => {
        if (!(await days.isVisible()))
            await page.getByRole('button', { name: 'Change rules' }).click({ timeout: 1000 });
        await expect(days).toBeVisible({ timeout: 1000 });
    }).toPass();
    await days.fill('');
    await page.getByRole('button', { name: 'Look it over and publish' }).click();
    await page.getByRole('button', { name: 'Publish it' }).click();
    await expect(page.getByText('The link to pass on')).toBeVisible();
    return page.getByLabel('The link to pass on').inputValue();
}

export async function answer(page: Page, student: string, email: string): Promise<void> {
    await page.getByLabel('Student’s name').fill(student);
    await page.getByLabel('Your name').fill('Rua Parata');
    await page.getByLabel('Phone number').fill('+1 902 555 0142');
    await page.getByLabel('E-mail address').fill(email);
}

/** Waits for the queue worker, then opens the newest message to that address. */
export async function openMail(page: Page, to: string, subject: RegExp): Promise<void> {
    const row = page.locator('ol a', { hasText: to }).filter({ hasText: subject }).first();
    await expect(async () => {
        await page.goto('/mailroom');
        await expect(row).toBeVisible({ timeout: 500 });
    }).toPass();
    await row.click();
    await expect(page.getByRole('heading', { name: subject })).toBeVisible();
}

/** Somebody books a time, in a browser of their own. */
export async function bookBy(browser: Browser, link: string, time: string, student: string): Promise<void> {
    const context = await somebodyElse(browser);
    const visitor = await context.newPage();
    await visitor.goto(link);
    await visitor.getByRole('button', { name: new RegExp(`, ${time} to .*, free`) }).click();
    await answer(visitor, student, `${student.replaceAll(' ', '.').toLowerCase()}@mail.example`);
    await visitor.getByRole('button', { name: 'Book this time' }).click();
    await expect(visitor.getByRole('heading', { name: 'This time is yours.' })).toBeVisible();
    await context.close();
}

/** The code on a guardian's card, as the office prints it for one class of a round. */
export async function cardCode(page: Page, round: string, guardian: string, of = '7A'): Promise<string> {
    await page.goto('/staff/rounds');
    await page.getByRole('link', { name: round }).first().click();
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: `Cards for the families of ${of}` }).click();
    const text = execFileSync('pdftotext', ['-raw', await (await download).path(), '-']).toString();
    const code = new RegExp(`${guardian}[\\s\\S]*?([0-9A-Z]{5}-[0-9A-Z]{5})`).exec(text);
    expect(code, text.slice(0, 2000)).not.toBeNull();
    return code![1]!;
}
