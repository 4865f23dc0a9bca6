// Takes a picture of each main view of the running demo: node tests/browser/pictures.mjs ADDRESS FOLDER [NAME…]
import { chromium } from '@playwright/test';
import { mkdirSync } from 'node:fs';
import { BROWSER } from './browser.mjs';

const [address = 'http://127.0.0.1:8000', folder = 'docs/screenshots', ...only] = process.argv.slice(2);
mkdirSync(folder, { recursive: true });

const WIDE = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

const browser = await chromium.launch(BROWSER);

async function take(name, viewport, go, { colorScheme = 'light', fullPage = false } = {}) {
    if (only.length > 0 && !only.some((part) => name.includes(part))) return;
    const context = await browser.newContext({ viewport, colorScheme, locale: 'en-GB', baseURL: address });
    const page = await context.newPage();
    page.on('console', (line) => ['error', 'warning'].includes(line.type()) && console.log(`${name}: ${line.text()}`));
    page.on('pageerror', (error) => console.log(`${name}: ${error}`));
    await go(page);
    await page.evaluate(() => document.fonts.ready);
    await page.waitForTimeout(250);
    await page.screenshot({ path: `${folder}/${name}.png`, fullPage });
    await context.close();
}

async function signIn(page) {
    await page.goto('/staff/sign-in');
    await page.getByLabel('E-mail address').fill('ines.tavares@gannetcove.example');
    await page.getByLabel('Password').fill('low-tide-bell');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await page.getByRole('heading', { name: 'Your sheets' }).waitFor();
}

async function firstSheet(page) {
    await page.goto('/');
    await page.getByRole('link', { name: 'Inês Tavares' }).click();
    await page.getByRole('heading', { name: 'Pick a time' }).waitFor();
}

async function chooseTime(page) {
    await firstSheet(page);
    await page.locator('[data-tab].free').nth(1).click();
    await page.getByLabel('Student’s name').fill('Esme Parata');
}

async function worksheet(page) {
    await signIn(page);
    await page.getByRole('link', { name: 'Write a new sheet' }).click();
    const date = new Date(Date.now() + 9 * 86400e3).toISOString().slice(0, 10);
    await page.getByLabel('Title').fill('Help before the mathematics test');
    await page.getByLabel('Date', { exact: true }).fill(date);
    await page.getByLabel('From', { exact: true }).fill('10:25');
    await page.getByRole('textbox', { name: 'To', exact: true }).fill('11:35');
    await page.getByText('left over').first().waitFor();
}

async function hostSheet(page) {
    await signIn(page);
    await page.getByRole('link', { name: /conferences/ }).click();
    await page.getByText('The link to pass on').waitFor();
}

async function pass(page) {
    await page.goto('/mailroom');
    const letter = page.frameLocator('iframe');
    for (const link of await page.locator('ol a').all()) {
        if (!(await link.innerText()).includes('family')) continue;
        await link.click();
        break;
    }
    await letter.getByRole('link', { name: /Your pass/ }).waitFor();
    await page.goto(await letter.getByRole('link', { name: /Your pass/ }).getAttribute('href'));
}

await take('board', WIDE, (page) => page.goto('/'));
await take('visit', WIDE, chooseTime);
await take('visit-phone', PHONE, firstSheet);
await take('visit-phone-form', PHONE, chooseTime);
await take('pass-phone', PHONE, pass);
await take('mailroom', WIDE, async (page) => {
    await page.goto('/mailroom');
    await page.frameLocator('iframe').getByText('Dear').waitFor();
});
await take('sign-in', WIDE, (page) => page.goto('/staff/sign-in'));
await take('sheets', WIDE, signIn);
await take('worksheet', WIDE, worksheet);
await take('worksheet-phone', PHONE, worksheet);
await take('host-sheet', WIDE, hostSheet);
await take('host-sheet-phone', PHONE, hostSheet);
await take('visit-dark', WIDE, chooseTime, { colorScheme: 'dark' });

await browser.close();
