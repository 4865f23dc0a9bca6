import { expect, test } from '@playwright/test';
import { answer, daysAhead, expectSound, somebodyElse, listen, openMail, publish, signIn } from './steps';

const PHONE = { width: 390, height: 844 };

test('from signing in to a booked slot and back to a free one', async ({ page, browser }) => {
    listen(page, /422/);
    const email = `rua.${Date.now()}@mail.example`;

    // The host writes a sheet; the ruler is drawn as they type.
    await page.goto('/staff');
    await expectSound(page);
    await signIn(page);
    await expectSound(page);
    await page.getByRole('link', { name: 'New conferences' }).click();
    await page.getByLabel('Date', { exact: true }).fill(daysAhead(230));
    await page.getByLabel('Minutes between meetings').fill('0');
    await page.getByLabel('From', { exact: true }).fill('4pm');
    await page.getByRole('textbox', { name: 'To', exact: true }).fill('1710');
    await expect(page.getByText(/^4 meetings on .*; 10 minutes left over\.$/)).toBeVisible();
    await expect(page.getByRole('region', { name: 'What comes of it' }).locator('[data-tab]')).toHaveCount(4);
    await page.getByLabel('Minutes for each meeting').fill('80');
    await expect(page.getByText('A meeting of 80 minutes does not fit between 16:00 and 17:10')).toBeVisible();
    await expectSound(page);
    const link = await publish(page, 'Spring conferences');
    await expectSound(page);

    // A parent on a phone books without an account.
    const phone = await somebodyElse(browser, { viewport: PHONE });
    const visitor = await phone.newPage();
    // The checker cannot get into a letter, whose frame runs no scripts: as it should be.
    listen(visitor, /422/, /Blocked script execution in .*mailroom/);
    await visitor.goto(link);
    await expectSound(visitor);
    await expect(visitor.getByText('4 free')).toBeVisible();
    const tab = visitor.getByRole('button', { name: /16:15 to 16:30, free/ });
    expect((await tab.boundingBox())!.height).toBeGreaterThanOrEqual(44);
    await tab.click();
    await visitor.getByRole('button', { name: 'Book this time' }).click();
    await expect(visitor.getByText('Please fill this in.')).toHaveCount(4);
    await expect(visitor.getByLabel('Student’s name')).toBeFocused();
    await expectSound(visitor);
    await answer(visitor, 'Esme Byrne', email);
    await visitor.getByRole('button', { name: 'Book this time' }).click();
    await expect(visitor.getByRole('heading', { name: 'This time is yours.' })).toBeVisible();
    await expect(visitor.getByText('Esme Byrne', { exact: true })).toBeVisible();
    await expectSound(visitor);
    expect(await phone.cookies(), 'visitors carry no cookie').toEqual([]);

    // The mail has the pass and the entry.
    await openMail(visitor, email, /^Booked: .* 16:15 with Inês Tavares/);
    await expectSound(visitor);
    await visitor.getByRole('button', { name: 'Calendar entry' }).click();
    await expect(visitor.getByText('METHOD:REQUEST')).toBeVisible();
    await visitor.getByRole('button', { name: 'As a letter' }).click();
    const pass = await visitor
        .frameLocator('iframe')
        .getByRole('link', { name: /Your bookings|Everything you booked/ })
        .getAttribute('href');

    // The host sees who comes, about whom, with the phone number.
    await page.reload();
    await expect(page.getByRole('heading', { name: '1 of 4 taken' })).toBeVisible();
    await expect(page.getByRole('listitem').getByText('Esme Byrne', { exact: true })).toBeVisible();
    await expect(page.getByRole('link', { name: '+1 902-555-0142' })).toHaveAttribute('href', 'tel:+19025550142');
    await expectSound(page);

    // Given back from the pass, it is free again.
    await visitor.goto(pass!);
    await expectSound(visitor);
    await visitor.getByRole('button', { name: 'Cancel' }).click();
    await visitor.getByLabel(/A word to/).fill('The ferry is cancelled.');
    await visitor.getByRole('button', { name: 'Cancel this meeting' }).click();
    await expect(visitor.getByText('You cancelled this meeting.')).toBeVisible();
    await expectSound(visitor);
    await openMail(visitor, email, /^Cancelled: .* 16:15/);
    await visitor.goto(link);
    await expect(visitor.getByText('4 free')).toBeVisible();
});

test('somebody was quicker: what was typed is kept, and the nearest times are one press away', async ({
    page,
    browser,
}) => {
    await signIn(page);
    const link = await publish(page, 'Quick conferences');
    const slow = await (await somebodyElse(browser, { viewport: PHONE })).newPage();
    const quick = await (await somebodyElse(browser)).newPage();
    listen(slow, /409 \(Conflict\)/, /ERR_FAILED/);
    // Without a connection just then, nothing is kept for the slow one.
    await slow.route('**/keep', (route) => route.abort());
    for (const visitor of [slow, quick]) {
        await visitor.goto(link);
        await visitor.getByRole('button', { name: /16:15 to 16:30, free/ }).click();
        await answer(visitor, visitor === slow ? 'Slow Student' : 'Quick Student', 'someone@mail.example');
    }
    await quick.getByRole('button', { name: 'Book this time' }).click();
    await expect(quick.getByRole('heading', { name: 'This time is yours.' })).toBeVisible();

    await slow.getByRole('button', { name: 'Book this time' }).click();
    await expect(slow.getByText(/^Somebody has just taken 16:15\./)).toBeVisible();
    await expectSound(slow);
    await expect(slow.getByText('16:15 to 16:30 taken')).toBeVisible();
    await slow.getByRole('button', { name: '16:30', exact: true }).click();
    await expect(slow.getByLabel('Student’s name')).toHaveValue('Slow Student');
    await slow.getByRole('button', { name: 'Book this time' }).click();
    await expect(slow.getByRole('heading', { name: 'This time is yours.' })).toBeVisible();

    // The host cancels one with a message.
    await page.reload();
    const row = page.getByRole('listitem').filter({ hasText: 'Slow Student' });
    await row.getByRole('button', { name: 'Cancel' }).click();
    await row.getByLabel(/A word to/).fill('I am ill.');
    await row.getByRole('button', { name: /send the message/ }).click();
    await expect(page.getByText('by Inês Tavares: “I am ill.”')).toBeVisible();
    await expectSound(page);
});

test('a lost answer books once', async ({ page, browser }) => {
    await signIn(page);
    const link = await publish(page, 'Far away conferences');
    const visitor = await (await somebodyElse(browser)).newPage();
    await visitor.goto(link);
    await visitor.getByRole('button', { name: /16:00 to 16:15, free/ }).click();
    await answer(visitor, 'Far Student', 'far@mail.example');
    // The request arrives; the answer does not.
    await visitor.route('**/bookings', async (route) => {
        await route.fetch();
        await route.abort();
    });
    await visitor.getByRole('button', { name: 'Book this time' }).click();
    await expect(visitor.getByText('No answer came.')).toBeVisible();
    await visitor.unroute('**/bookings');
    await visitor.getByRole('button', { name: 'Book this time' }).click();
    await expect(visitor.getByRole('heading', { name: 'This time is yours.' })).toBeVisible();
    // The address is the pass's from now on: a reload keeps it, and back leads to the sheet.
    await expect(visitor).toHaveURL(/\/p\/[\w-]{43}$/);
    await visitor.reload();
    await expect(visitor.getByRole('button', { name: 'Cancel' })).toBeVisible();
    await visitor.goBack();
    await expect(visitor.getByRole('heading', { name: 'Pick a time' })).toBeVisible();
    await page.reload();
    await expect(page.getByRole('heading', { name: '1 of 4 taken' })).toBeVisible();
});

test('by keyboard alone, at 320 pixels, and in the dark', async ({ page, browser }) => {
    await signIn(page);
    const link = await publish(page, 'Keyboard conferences');
    const small = await somebodyElse(browser, { viewport: { width: 320, height: 640 }, colorScheme: 'dark' });
    const visitor = await small.newPage();
    await visitor.goto(link);
    await expectSound(visitor);

    await visitor.getByRole('button', { name: /16:00 to 16:15, free/ }).focus();
    await visitor.keyboard.press('ArrowDown');
    await expect(visitor.getByRole('button', { name: /16:15 to 16:30, free/ })).toBeFocused();
    await visitor.keyboard.press('End');
    await expect(visitor.getByRole('button', { name: /16:45 to 17:00, free/ })).toBeFocused();
    await visitor.keyboard.press('Home');
    await visitor.keyboard.press('ArrowRight');
    await visitor.keyboard.press('Enter');
    await expect(visitor.getByRole('heading', { name: /16:15 to 16:30/ })).toBeVisible();
    await visitor.keyboard.press('Tab');
    await expect(visitor.getByRole('button', { name: 'Another time' })).toBeFocused();
    for (const text of ['Key Student', 'Key Parent', '902 555 0150', 'key@mail.example']) {
        await visitor.keyboard.press('Tab');
        await visitor.keyboard.type(text);
    }
    await visitor.keyboard.press('Enter');
    await expect(visitor.getByRole('heading', { name: 'This time is yours.' })).toBeVisible();
    await expectSound(visitor);

    for (const path of ['/', '/mailroom', '/staff/sign-in', '/nothing-here']) {
        await visitor.goto(path);
        await expectSound(visitor);
    }
    await page.setViewportSize({ width: 320, height: 640 });
    for (const path of ['/staff', '/staff/sheets/new', new URL(page.url()).pathname]) {
        await page.goto(path);
        await expectSound(page);
    }
});
