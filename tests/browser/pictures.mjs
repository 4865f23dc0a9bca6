// Takes a picture of each main view of the running demo: node tests/browser/pictures.mjs ADDRESS FOLDER [NAME…]
import { execFileSync } from 'node:child_process';
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
    const context = await browser.newContext({
        viewport,
        colorScheme,
        locale: 'en-GB',
        timezoneId: 'America/Halifax',
        baseURL: address,
    });
    const page = await context.newPage();
    page.on('console', (line) => ['error', 'warning'].includes(line.type()) && console.log(`${name}: ${line.text()}`));
    page.on('pageerror', (error) => console.log(`${name}: ${error}`));
    await go(page);
    await page.evaluate(() => document.fonts.ready);
    await page.waitForTimeout(250);
    await page.screenshot({ path: `${folder}/${name}.png`, fullPage });
    await context.close();
}

async function signIn(page, email = 'ines.tavares@gannetcove.example', lands = 'Your sheets') {
    await page.goto(lands === 'Your sheets' ? '/staff/sheets' : '/staff/sign-in');
    await page.getByLabel('E-mail address').fill(email);
    await page.getByLabel('Password').fill('low-tide-bell');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await page.getByRole('heading', { name: lands }).waitFor();
}

async function firstSheet(page) {
    await page.goto('/');
    await page.getByLabel('A name, a subject or a room').fill('Tavares');
    await page.getByRole('link', { name: /conferences$/ }).click();
    await page.getByRole('heading', { name: 'Pick a time' }).waitFor();
}

async function worksheet(page) {
    await signIn(page);
    await page.getByRole('link', { name: 'New office hours' }).click();
    const again = page.getByRole('button', { name: 'Throw it away and begin anew' });
    await page.waitForTimeout(800);
    if (await again.isVisible()) await again.click();
    await page.getByLabel('In one line').fill('mon wed 12:10-13:20 /15 gap 5 until 18 june');
    await page.getByText('left over each day').first().waitFor();
}

async function allotment(page) {
    await signIn(page, 'ruta.simkute@gannetcove.example');
    await page.goto('/staff/rounds');
    await page.getByRole('link', { name: 'Spring round' }).first().click();
    await page.getByRole('link', { name: 'Wishes and allotment' }).click();
    const find = page.getByRole('button', { name: 'Find times', exact: true });
    await page.getByText('families have sent wishes').waitFor();
    if (await find.isVisible()) await find.click();
    await page.getByText('wishes are granted').first().waitFor();
    await page.getByLabel('Pick out a family or a teacher').fill('gill');
    await page.getByRole('button', { name: 'Parveen Gill' }).click();
    await page.getByRole('button', { name: 'Show all' }).waitFor();
}

async function effect(page) {
    await hostSheet(page);
    await page.getByRole('link', { name: 'Change it' }).click();
    await page.getByRole('button', { name: 'Change when' }).click();
    await page.getByLabel('Minutes for each meeting').fill('12');
    await page.waitForTimeout(600);
    await page.getByRole('button', { name: 'Save' }).click();
    await page.getByRole('heading', { name: 'Whom this change hits' }).waitFor();
}

async function hostSheet(page) {
    await signIn(page);
    await page.getByRole('link', { name: /^(?!New).*conferences$/ }).click();
    await page.getByText('The link to pass on').waitFor();
}

async function pass(page) {
    await page.goto('/mailroom');
    const letter = page.frameLocator('iframe');
    for (const link of await page.locator('ol a').all()) {
        const said = await link.innerText();
        if (!said.includes('@mail.example') || !said.includes('Booked')) continue;
        await link.click();
        break;
    }
    await letter.getByRole('link', { name: /Your bookings|Everything you booked/ }).waitFor();
    await page.goto(
        await letter.getByRole('link', { name: /Your bookings|Everything you booked/ }).getAttribute('href'),
    );
    // All of it, once its mailbox has answered.
    await page.getByRole('button', { name: 'Send me a link to everything' }).click();
    const again = page.locator('ol a', { hasText: 'Your bookings' }).first();
    do await page.goto('/mailroom');
    while ((await again.count()) === 0);
    await again.click();
    await page.goto(
        await letter.getByRole('link', { name: /^(Your bookings|Everything you booked)/ }).getAttribute('href'),
    );
    await page.getByRole('button', { name: /^(Yes, this is|Open everything)/ }).click();
    await page.getByRole('link', { name: 'To your bookings' }).click();
    await page.getByRole('heading', { name: 'Everything you booked' }).waitFor();
}

async function sideBySide(page) {
    await page.goto('/');
    await page.getByRole('link', { name: 'See them side by side' }).first().click();
    await page.getByRole('heading', { name: 'Who is free, and when' }).waitFor();
}

await take('board', WIDE, (page) => page.goto('/'));
await take('visit', WIDE, firstSheet);
await take('visit-phone', PHONE, async (page) => {
    await firstSheet(page);
    // As a family reads it whose language runs from right to left.
    await page.goto(`/ar${new URL(page.url()).pathname}`);
    await page.locator('[data-ruler]').first().waitFor();
});
await take('pass-phone', PHONE, async (page) => {
    await pass(page);
    // As a family reads it that chose Italian.
    await page.goto(`/it${new URL(page.url()).pathname}`);
    await page.locator('article').first().waitFor();
});
await take('knock', WIDE, async (page) => {
    await page.goto('/d/tomasz-wilk/knock');
    await page.getByLabel('What is it about?').fill('The drift bottles');
    const lunch =
        'BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTART;TZID=America/Halifax:20261101T110000\r\nDURATION:PT90M\r\nRRULE:FREQ=DAILY\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n';
    await page.getByText('Add a calendar of yours').click();
    await page.setInputFiles('#own-file', { name: 'mine.ics', mimeType: 'text/calendar', buffer: Buffer.from(lunch) });
    await page.getByText(/busy times were read/).click();
    for (const i of [1, 3]) {
        await page
            .getByRole('button', { name: /^Put .* choice on/ })
            .nth(i)
            .click();
        if (i === 1) await page.getByRole('button', { name: 'Name a second choice' }).click();
    }
    await page.evaluate(() => scrollTo({ top: 0 }));
});
await take('asked', WIDE, async (page) => {
    await signIn(page);
    await page.goto('/staff/knocks');
    await page.getByRole('heading', { name: 'Asked of you' }).waitFor();
});
const HOST = 'pilar.ondarza@gannetcove.example';
await take('desk', WIDE, (page) => signIn(page, HOST, 'Your desk'));
await take('afterwards', WIDE, async (page) => {
    await signIn(page, HOST, 'Your desk');
    await page.goto('/staff/sheets');
    await page.getByRole('link', { name: 'What comes after school', exact: true }).first().click();
    await page.getByRole('link', { name: 'Afterwards' }).click();
    await page.getByText('Average wait').waitFor();
});
await take('waiting-phone', PHONE, async (page) => {
    await page.goto('/mailroom');
    const letter = page.frameLocator('iframe');
    await page.locator('ol a', { hasText: 'talk07@' }).first().click();
    await page.goto(
        await letter.getByRole('link', { name: /Your bookings|Everything you booked/ }).getAttribute('href'),
    );
    await page.getByText('knows that you are here').waitFor();
});
await take('kiosk', { width: 1024, height: 768 }, async (page) => {
    await signIn(page, 'ruta.simkute@gannetcove.example');
    await page.goto('/staff/school');
    await page.getByLabel('Where another one stands').fill('Main door');
    await page.getByRole('button', { name: 'Add it' }).click();
    await page.goto(
        await page
            .getByRole('link', { name: /\/kiosk\// })
            .last()
            .getAttribute('href'),
    );
    await page.getByText('Who is where').waitFor();
});
await take('sheets', WIDE, (page) => signIn(page));
await take('find', WIDE, sideBySide);
await take('directory', WIDE, async (page) => {
    await signIn(page, 'ruta.simkute@gannetcove.example');
    await page.getByRole('link', { name: 'Students' }).click();
    const table =
        'Student;Class;Parent;Parent email\nNia Sandpiper;7A;Ola Sandpiper;ola@mail.example\nIra Dunlin;7B;;\n';
    await page
        .getByLabel('File of students')
        .setInputFiles({ name: 'students.csv', mimeType: 'text/csv', buffer: Buffer.from(table) });
    await page.getByText('2 new students').waitFor();
});
await take('allotment', WIDE, allotment, { fullPage: true });
await take('effect', WIDE, effect);
await take('worksheet', WIDE, worksheet);
await take('host-sheet', WIDE, hostSheet);

/** A family with three children, by the code on its card as the office prints it; all of their teachers are ticked. */
async function round(page) {
    await signIn(page, 'ruta.simkute@gannetcove.example');
    await page.goto('/staff/rounds');
    await page.getByRole('link', { name: 'Meet all your teachers' }).first().click();
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Cards for all', exact: true }).click();
    const text = execFileSync('pdftotext', ['-raw', await (await download).path(), '-']).toString();
    const code = /Parveen Gill[\s\S]*?([0-9A-Z]{5}-[0-9A-Z]{5})/.exec(text)[1];
    await page.goto('/');
    await page.getByRole('link', { name: 'Plan all your meetings' }).click();
    await page.getByLabel('The code on your card').fill(code);
    await page.getByRole('button', { name: 'Open' }).click();
    await page.getByRole('heading', { name: 'Your plan' }).waitFor();
    // What was ticked for one picture is there again for the next.
    const all = page.getByRole('button', { name: 'Tick all 2' });
    while ((await all.count()) > 0) await all.first().click();
    await page.getByRole('button', { name: 'Book all 6 meetings' }).waitFor();
    await page.waitForTimeout(600);
}
await take('round-phone', PHONE, async (page) => {
    await round(page);
    await page.getByRole('heading', { name: 'Your plan' }).evaluate((one) => one.scrollIntoView());
});
await take('round', WIDE, round);

await browser.close();
