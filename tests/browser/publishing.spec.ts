import { expect, test } from '@playwright/test';
import { bookBy, daysAhead, expectSound, listen, newSheet, publish, signIn, signOut, somebodyElse } from './steps';

test('a term of office hours by keyboard alone, with the quick line', async ({ page }) => {
    listen(page);
    await signIn(page, 'keahi.nakoa@gannetcove.example');
    await page.getByRole('link', { name: 'New office hours' }).focus();
    await page.keyboard.press('Enter');
    await page.getByLabel('In one line').focus();
    await page.keyboard.type('mon wed 12:10-13:20 /15 gap 5 in spring term');
    await expect(
        page.getByText(/^3 meetings a day on \d+ days, \d+ in all; 15 minutes left over each day\.$/),
    ).toBeVisible();
    // The blanks say the same.
    await expect(page.getByRole('button', { name: 'Wednesday', exact: true })).toHaveAttribute('aria-pressed', 'true');
    await expect(page.getByLabel('Minutes between meetings')).toHaveValue('5');
    await expectSound(page);
    // Enter in a line publishes nothing, and neither does a second one on the summary that it did not open.
    await page.getByLabel('In one line').press('Enter');
    await page.getByRole('button', { name: 'Look it over and publish' }).focus();
    await page.keyboard.press('Enter');
    const summary = page.getByRole('dialog');
    await expect(summary.getByText(/^Every Monday and Wednesday from 12:10 to 13:20/)).toBeVisible();
    await expect(summary.getByRole('button', { name: 'Back to the worksheet' })).toBeFocused();
    await expectSound(page);
    await summary.getByRole('button', { name: 'Publish it' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByText('The link to pass on')).toBeVisible();
    await expectSound(page);
    // As long as nobody has booked it can be a draft again, and going back makes no second sheet.
    await page.getByRole('button', { name: 'Back to a draft' }).click();
    await expect(page.getByText('This is a draft. Nobody but you sees it.')).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByText('The link to pass on')).toBeVisible();
    const sheet = page.url();
    await page.goBack();
    await expect(page.getByRole('heading', { name: 'Change this sheet' })).toBeVisible();
    expect(page.url()).toBe(`${sheet}/edit`);
});

test('three conference afternoons picked on the year, by dragging and by keys', async ({ page }) => {
    listen(page);
    await signIn(page, 'tomasz.wilk@gannetcove.example');
    await page.getByRole('link', { name: 'New conferences' }).click();
    await page.getByRole('button', { name: 'Pick several on the year' }).click();
    const ticks = page.locator('[data-date]:not([disabled])');
    // Dragging across three days picks three.
    await ticks.nth(41).scrollIntoViewIfNeeded();
    const first = (await ticks.nth(40).boundingBox())!;
    const last = (await ticks.nth(42).boundingBox())!;
    await page.mouse.move(first.x + first.width / 2, first.y + first.height / 2);
    await page.mouse.down();
    await page.mouse.move(last.x + last.width / 2, last.y + last.height / 2, { steps: 8 });
    await page.mouse.up();
    await expect(page.locator('[data-date][aria-pressed=true]')).toHaveCount(3);
    // And the keyboard adds a fourth.
    await page.locator('[data-date][aria-pressed=true]').nth(2).focus();
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('Space');
    await expect(page.locator('[data-date][aria-pressed=true]')).toHaveCount(4);
    await page.keyboard.press('Space');
    await page.getByLabel('From', { exact: true }).fill('3:30pm');
    await page.getByRole('textbox', { name: 'To', exact: true }).fill('6pm');
    await expect(page.getByText(/meetings? a day on \d days|on 3 days|meetings on/).first()).toBeVisible();
    await expectSound(page);
});

test('every sentence opened: questions in order, colleagues, and the visitor’s page beside it', async ({ page }) => {
    listen(page);
    await signIn(page, 'tomasz.wilk@gannetcove.example');
    await newSheet(page);
    await page.getByLabel('In one line').fill(`${daysAhead(280)} 15:30-18:00 /15`);
    await page.getByRole('button', { name: 'Change ask' }).click();
    // So far ahead the sentence of the rules may open by itself before it is pressed.
    const fold = page.getByRole('button', { name: 'Fold rules' });
    await expect(async () => {
        if (!(await fold.isVisible()))
            await page.getByRole('button', { name: 'Change rules' }).click({ timeout: 1000 });
        await expect(fold).toBeVisible({ timeout: 1000 });
    }).toPass();
    await page.getByRole('button', { name: 'Add a question' }).click();
    await page.getByLabel('Kind of answer 3').selectOption('choice');
    await page.getByLabel('Question 3', { exact: true }).fill('Which language?');
    await page.getByLabel('Answers to question 3, one to a line').fill('English\nFrançais');
    // In order by keys.
    await page.getByRole('button', { name: /Which language\?: move/ }).press('ArrowUp');
    await expect(page.getByText('Which language? is now number 2 of 3.')).toBeAttached();
    await page.getByLabel('Add a colleague').selectOption({ label: 'Bao An Lê, Physics' });
    await expect(page.getByLabel('What Bao An Lê does')).toHaveValue('must');
    await expectSound(page);
    // The visitor's page beside it, live.
    await expect(page.getByRole('complementary').getByText('with Tomasz Wilk').first()).toBeVisible();
    await page.getByRole('button', { name: 'Once booked' }).click();
    await expect(page.getByRole('complementary').getByText('This time is yours.')).toBeVisible();
    await page.setViewportSize({ width: 320, height: 640 });
    await expectSound(page);
});

test('what looks wrong is said with the mend one press away, and typing outlives a reload', async ({ page }) => {
    await signIn(page);
    await newSheet(page);
    await page.getByLabel('In one line').fill(`${daysAhead(250)} 04:00-05:10 /15`);
    await page.getByRole('button', { name: 'Make it 16:00', exact: true }).click();
    await expect(page.getByLabel('From', { exact: true })).toHaveValue('16:00');
    await page.getByLabel('In one line').fill('tue 10:25-11:35 /15 untli 28 may');
    await expect(page.getByText('“untli” is not understood. Is “until” meant?')).toBeVisible();
    await expect(page.getByText('Understood up to there: tue 10:25-11:35 /15')).toBeVisible();
    await expectSound(page);
    // What can be read in two ways is asked, and one press answers.
    await page.getByLabel('In one line').fill('3/12 4-6 /15');
    await page.getByRole('button', { name: /^On .* 3 December \d{4} from 16:00 to 18:00/ }).click();
    await expect(page.getByLabel('In one line')).toHaveValue(/^\d{4}-12-03 16:00-18:00 \/15$/);
    await page.getByLabel('Title').fill('Typed and not saved');
    // The line as it stood outlives a reload too, and nobody else is offered it.
    await page.getByLabel('In one line').fill('3/12 4-6 /1');
    await page.reload();
    await expect(page.getByText('This is what you typed here')).toBeVisible();
    await expect(page.getByLabel('Title')).toHaveValue('Typed and not saved');
    await expect(page.getByLabel('In one line')).toHaveValue('3/12 4-6 /1');
    await page.getByLabel('In one line').fill(`${daysAhead(250)} 16:00-17:10 /15`);
    await signOut(page);
    await signIn(page, 'tomasz.wilk@gannetcove.example');
    await page.goto('/staff/sheets/new?kind=conferences');
    await expect(page.getByLabel('Title')).not.toHaveValue('Typed and not saved');
    expect(await page.evaluate(() => Object.keys(localStorage).filter((key) => key.includes('worksheet')))).toEqual([]);
    await signOut(page);
    await signIn(page);
    await page.goto('/staff/sheets/new?kind=conferences');
    await expect(page.getByLabel('Title')).toHaveValue('Typed and not saved');
    // A lost connection while saving loses nothing either.
    await page.route('**/api/staff/sheets', (route) => route.abort());
    await page.getByRole('button', { name: 'Keep as a draft' }).click();
    await expect(page.getByText('No answer came.')).toBeVisible();
    await expect(page.getByLabel('Title')).toHaveValue('Typed and not saved');
});

test('the ruler lies where the core says, to the pixel, and its edge can be dragged', async ({ page }) => {
    await signIn(page);
    await newSheet(page);
    const drawn = page.waitForResponse(
        async (response) => response.url().endsWith('/worksheet') && (await response.json()).slots > 0,
    );
    await page.getByLabel('In one line').fill(`${daysAhead(260)} 16:00-18:20 /20 gap 10`);
    const day = (await (await drawn).json()).days[0];
    const region = page.getByRole('region', { name: 'What comes of it' });
    await expect(region.locator('[data-tab]')).toHaveCount(day.stretches[0].slots.length);
    const scale = (await region.locator('.scale').boundingBox())!;
    for (const slot of day.stretches[0].slots) {
        const tab = (await region.locator(`[data-key="${slot.key}"]`).boundingBox())!;
        expect(Math.abs(tab.x - scale.x - (slot.at / day.length) * scale.width)).toBeLessThan(1);
        expect(Math.abs(tab.width - (slot.length / day.length) * scale.width)).toBeLessThan(1);
    }
    const edge = region.getByRole('button', { name: /^End of 16:00/ });
    await edge.press('ArrowRight');
    await expect(region.getByRole('button', { name: /^End of 16:00 to 18:25/ })).toBeVisible();
    // One occurrence at other times, by pressing its band.
    await region.getByRole('button', { name: /^Change .* 16:00 to 18:25/ }).click();
    await page.getByLabel('New to').fill('17:00');
    await page.getByRole('button', { name: 'Change the times' }).click();
    await expect(region.getByRole('button', { name: /^End of 16:00 to 17:00/ })).toBeVisible();
});

test('a change that moves three people says so first', async ({ page, browser }) => {
    listen(page, /409/);
    await signIn(page);
    const link = await publish(page, 'Moved conferences');
    const sheet = page.url();
    for (const [time, student] of [
        ['16:00', 'First Child'],
        ['16:15', 'Second Child'],
        ['16:30', 'Third Child'],
    ] as const)
        await bookBy(browser, link, time, student);
    await page.goto(`${sheet}/edit`);
    await page.getByRole('button', { name: 'Change when' }).click();
    await page.getByLabel('From', { exact: true }).fill('16:45');
    await page.getByRole('textbox', { name: 'To', exact: true }).fill('18:00');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('heading', { name: 'Whom this change hits' })).toBeVisible();
    await expect(page.getByText('Third Child')).toBeVisible();
    await expectSound(page);
    await page.getByRole('button', { name: 'Read the message' }).first().click();
    await expect(page.getByText('had to move this meeting').first()).toBeVisible();
    await page.getByLabel('A word to those who are moved').fill('The hall is taken.');
    await expect(page.locator('pre').getByText('“The hall is taken.”')).toBeVisible();
    await page.getByRole('button', { name: 'Save the change and send the messages' }).click();
    await expect(page.getByRole('heading', { name: '3 of 5 taken' })).toBeVisible();
    // One of them by the host's own hand.
    const row = page.getByRole('listitem').filter({ hasText: 'First Child' });
    await row.getByRole('button', { name: 'Move', exact: true }).click();
    await row.locator('[data-tab].free').last().click();
    const was = await row.locator('.times').textContent();
    await row.getByRole('button', { name: 'Move it there' }).click();
    await expect(page.getByText(/^First Child is moved to /)).toBeVisible();
    await expect(row.locator('.times')).not.toHaveText(was!);
    // A slip: it is where it was, and nobody has heard of it.
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(row.locator('.times')).toHaveText(was!);
    await expect(page.getByText(/^First Child is moved to /)).toBeHidden();
    await expect(page.getByRole('heading', { name: '3 of 5 taken' })).toBeVisible();
    await page.getByRole('button', { name: 'Message, QR, paper' }).click();
    await expect(page.getByLabel('A message ready to paste')).toHaveValue(/No account is needed|no account is needed/);
    await expectSound(page);
});

test('settings, and a feed that becomes busy', async ({ page, browser }) => {
    listen(page, /422/);
    await signIn(page, 'ruta.simkute@gannetcove.example');
    await page.getByRole('link', { name: 'Settings' }).click();
    await expectSound(page);
    const address = new URL('/stand-in/calendar.ics', page.url()).href;
    await page.getByLabel('What to call it').fill('My week');
    await page.getByLabel('Address of its feed').fill('http://10.1.2.3/mine.ics');
    await page.getByRole('button', { name: 'Add it' }).click();
    await expect(page.getByText('leads into the school’s own network')).toBeVisible();
    await page.getByLabel('Address of its feed').fill(address);
    await page.getByRole('button', { name: 'Add it' }).click();
    await expect(page.getByText(/\d+ busy times to come; fetched/)).toBeVisible();
    await page.getByRole('button', { name: 'Fetch it now' }).first().click();
    await page.setViewportSize({ width: 320, height: 640 });
    await expectSound(page);
    const visitor = await (await somebodyElse(browser)).newPage();
    await visitor.goto('/');
    await visitor.getByLabel('A name, a subject or a room').fill('simkute');
    await expect(visitor.getByRole('heading', { level: 2, name: 'Ruta Šimkutė' })).toBeVisible();
    await expect(visitor.getByRole('heading', { level: 2, name: 'Bao An Lê' })).toBeHidden();
    await page.getByRole('button', { name: 'Take it away' }).first().click();
    await expect(page.getByText('My week')).toBeHidden();
});

test('beyond the rules for visitors, back where one was, thrown away', async ({ page, browser }) => {
    listen(page, /409|422/);
    await signIn(page);
    const link = await publish(page, 'Closing conferences');
    const host = page.url();
    await bookBy(browser, link, '16:00', 'Early Child');
    // From now on visitors are too late.
    await page.goto(`${host}/edit`);
    await page.getByRole('button', { name: 'Change rules' }).click();
    await page.getByLabel('Booking closes').fill('2026-01-01T08:00');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('The link to pass on')).toBeVisible();
    await page.getByRole('listitem').filter({ hasText: 'Early Child' }).getByRole('button', { name: 'Move' }).click();
    await page
        .getByRole('button', { name: /16:45 to 17:00, free/ })
        .last()
        .click();
    await expect(page.getByText('You can move it there all the same.')).toBeVisible();
    await expectSound(page);
    await page.getByRole('button', { name: 'Move it there' }).click();
    await expect(page.getByRole('button', { name: /16:45 to 17:00, Early Child/ })).toBeVisible();

    const tab = page.getByRole('button', { name: /16:30 to 16:45/ });
    await tab.click();
    await expect(page.getByRole('button', { name: 'Close this time' })).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.getByRole('button', { name: 'Close this time' })).toBeHidden();
    await expect(tab).toBeFocused();

    await newSheet(page);
    await page.getByLabel('Title').fill('Nobody wants this');
    await page.getByLabel('Date', { exact: true }).fill(daysAhead(200));
    await page.getByLabel('From', { exact: true }).fill('16:00');
    await page.getByRole('textbox', { name: 'To', exact: true }).fill('17:00');
    await page.getByLabel('Which room').fill('Room 12');
    await page.getByRole('button', { name: 'Keep as a draft' }).click();
    await page.getByRole('button', { name: 'Throw this sheet away' }).click();
    await expect(page.getByText('Nobody has seen this draft.')).toBeVisible();
    await expectSound(page);
    await page.getByRole('button', { name: 'Throw it away for good' }).click();
    await expect(page.getByRole('heading', { name: 'Your sheets' })).toBeVisible();
    await expect(page.getByText('Nobody wants this')).toBeHidden();
});

test('a weekly sheet: who has booked is on the first screen, and of its many days the nearest are drawn', async ({
    page,
}) => {
    listen(page);
    await signIn(page);
    await page.goto('/staff/sheets');
    await page.getByRole('link', { name: 'Office hours', exact: true }).first().click();
    const who = await page.getByRole('heading', { name: 'Who has booked' }).boundingBox();
    expect(who!.y).toBeLessThan(400);
    const days = page.locator('[data-ruler]');
    await expect(days).toHaveCount(2);
    const far = page.getByRole('list', { name: 'Days after these' }).getByRole('button').nth(2);
    await far.press('Enter');
    await expect(days).toHaveCount(3);
    await expect(far).toHaveAttribute('aria-expanded', 'true');
    await expectSound(page);
    await far.press('Enter');
    await expect(days).toHaveCount(2);
    await page.setViewportSize({ width: 320, height: 640 });
    await expectSound(page);
});
