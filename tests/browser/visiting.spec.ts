import { expect, test } from '@playwright/test';
import { answer, expectSound, listen, openMail, publish, signIn, somebodyElse } from './steps';

const PHONE = { width: 390, height: 844 };

test('a second child on the same pass, a guest, and a move', async ({ page, browser }) => {
    await signIn(page);
    const link = await publish(page, 'Family conferences');
    await page.goto(`${page.url()}/edit`);
    await page.getByRole('button', { name: 'Change rules' }).click();
    await page.getByLabel('Guests').fill('1');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('The link to pass on')).toBeVisible();

    const visitor = await (await somebodyElse(browser, { viewport: PHONE })).newPage();
    listen(visitor, /422|409/, /Blocked script execution/);
    const email = `family.${Date.now()}@mail.example`;
    await visitor.goto(link);
    await visitor.getByRole('button', { name: /16:00 to 16:15, free/ }).click();
    await expect(visitor.getByText(/Nobody else can take it for [45]:/)).toBeVisible();
    await answer(visitor, 'Older Child', email);
    await visitor.getByRole('button', { name: 'Book this time' }).click();
    await expect(visitor.getByRole('heading', { name: 'This time is yours.' })).toBeVisible();
    await visitor.getByRole('button', { name: 'Book another time here' }).click();
    // What is theirs already cannot be had twice: it is cut out.
    await expect(visitor.getByText(/16:00 to 16:15 (taken|not available)/)).toBeVisible();
    await visitor.getByRole('button', { name: /16:30 to 16:45, free/ }).click();
    await expect(visitor.getByLabel('Your name')).toBeHidden();
    await visitor.getByRole('radio', { name: 'Another student' }).check();
    await visitor.getByLabel('Student’s name').fill('Younger Child');
    await visitor.getByRole('button', { name: 'Book this time' }).click();
    await expect(visitor.getByRole('heading', { name: 'This time is yours.' })).toBeVisible();
    await expect(visitor.getByText('about Older Child')).toBeVisible();
    await visitor
        .getByRole('link', { name: /^(a private page|your bookings)$/ })
        .first()
        .click();
    await expect(visitor.getByRole('heading', { name: 'Your bookings' })).toBeVisible();
    await expectSound(visitor);

    await visitor.getByRole('button', { name: 'Details of Inês Tavares, 16:00' }).click();
    const first = visitor.getByRole('article').first();
    await first.getByRole('button', { name: 'Add another adult' }).click();
    await first.getByLabel('Their name').fill('The Other Guardian');
    await first.getByLabel('Their e-mail address').fill(`other.${email}`);
    await first.getByRole('button', { name: 'Add them' }).click();
    await expect(first.getByText('The Other Guardian')).toBeVisible();
    await first.getByRole('button', { name: 'Move it' }).click();
    await first.getByRole('button', { name: /16:45 to 17:00, free/ }).click();
    await first.getByRole('button', { name: 'Move it there' }).click();
    await expect(first.getByRole('heading', { name: /16:45 to 17:00/ })).toBeVisible();
    await expectSound(visitor);
    await openMail(visitor, `other.${email}`, /^Moved: .* 16:45/);
});

test('all taken: a place in line, and the time that comes free', async ({ page, browser }) => {
    await signIn(page);
    const link = await publish(page, 'Full conferences', '16:00', '16:15');
    const first = await (await somebodyElse(browser)).newPage();
    await first.goto(link);
    await first.getByRole('button', { name: /16:00 to 16:15, free/ }).click();
    await answer(first, 'Quick Child', 'quick@mail.example');
    await first.getByRole('button', { name: 'Book this time' }).click();
    await expect(first.getByRole('heading', { name: 'This time is yours.' })).toBeVisible();

    const email = `waits.${Date.now()}@mail.example`;
    const second = await (await somebodyElse(browser, { viewport: PHONE })).newPage();
    listen(second, /422/, /Blocked script execution/);
    await second.goto(link);
    await expect(second.getByRole('heading', { name: 'Every time is taken' })).toBeVisible();
    await second.getByLabel('Your name').fill('Patient Parent');
    await second.getByLabel('E-mail address').fill(email);
    await expectSound(second);
    await second.getByRole('button', { name: 'Tell me when one is free' }).click();
    await expect(second.getByText('We have sent you a letter.')).toBeVisible();
    // The address answers, with one press in the message that came to it; without scripts, too.
    await openMail(second, email, /^Would you like to be told/);
    const question = await second
        .frameLocator('iframe')
        .getByRole('link', { name: 'Yes, tell me when one is free' })
        .getAttribute('href');
    await second.goto(question!);
    await expectSound(second);
    await second.getByRole('button', { name: 'Tell me when one is free' }).click();
    await expect(second.getByRole('heading', { name: 'You are first.' })).toBeVisible();

    await first.getByRole('button', { name: 'Cancel' }).click();
    await first.getByRole('button', { name: 'Cancel this meeting' }).click();
    await openMail(second, email, /^A time is free/);
    const offer = await second
        .frameLocator('iframe')
        .getByRole('link', { name: 'Take this time' })
        .getAttribute('href');
    await second.goto(offer!);
    await expect(second.getByRole('heading', { name: /16:00 to 16:15/ })).toBeVisible();
    await second.getByLabel('Student’s name').fill('Patient Child');
    await second.getByRole('button', { name: 'Book this time' }).click();
    await expect(second.getByText('Please fill this in.')).toBeVisible();
    // Name and address are known; the number is not yet.
    await expect(second.getByLabel('Your name')).toBeHidden();
    await second.getByLabel('Phone number').fill('902 555 0123');
    await second.getByRole('button', { name: 'Book this time' }).click();
    await expect(second.getByRole('heading', { name: 'This time is yours.' })).toBeVisible();
});

test('asked first, then accepted; and booked for somebody on the phone', async ({ page, browser }) => {
    listen(page, /409|422/);
    await signIn(page);
    const link = await publish(page, 'Wished conferences');
    const host = page.url();
    await page.goto(`${host}/edit`);
    await page.getByRole('button', { name: 'Change rules' }).click();
    await page.getByLabel('I answer each wish first').check();
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('The link to pass on')).toBeVisible();
    const visitor = await (await somebodyElse(browser)).newPage();
    await visitor.goto(link);
    await visitor.getByRole('button', { name: /16:15 to 16:30, free/ }).click();
    await answer(visitor, 'Wished Child', 'wish@mail.example');
    await visitor.getByRole('button', { name: 'Ask for this time' }).click();
    await expect(visitor.getByRole('heading', { name: 'You have asked for this time.' })).toBeVisible();
    await visitor
        .getByRole('link', { name: /^(a private page|your bookings)$/ })
        .first()
        .click();
    await expect(visitor.getByText('You have asked')).toBeVisible();
    await page.goto(host);
    await expect(page.getByRole('heading', { name: 'One wish to answer' })).toBeVisible();
    await expectSound(page);
    await page.getByRole('button', { name: 'Accept' }).click();
    await expect(page.getByRole('heading', { name: 'One wish to answer' })).toBeHidden();
    // Their page is open, hears of it, and is not loaded again.
    await expect(visitor.getByText('You have asked')).toBeHidden({ timeout: 2000 });

    await page.getByRole('button', { name: /16:45 to 17:00, free/ }).click();
    await page.getByRole('button', { name: 'Book it for somebody' }).click();
    await page.getByLabel('Who comes').fill('Grandmother Gill');
    await page.getByLabel('Student’s name').fill('Phone Child');
    await page.getByLabel('Phone number').fill('902 555 0177');
    await expectSound(page);
    await page.getByRole('button', { name: 'Book it for them' }).click();
    const row = page.getByRole('listitem').filter({ hasText: 'Phone Child' });
    await expect(row.getByText('by the office')).toBeVisible();
    await expect(row.getByRole('link', { name: 'Slip' })).toBeVisible();
});

test('with whom and where can be chosen, and each choice says how many remain', async ({ page }) => {
    listen(page);
    await page.setViewportSize({ width: 390, height: 844 });
    await page.goto('/s/guidance-a-talk-about-what-comes-next');
    const hosts = page.getByLabel('With', { exact: true });
    await expect(hosts.locator('option').nth(2)).toHaveText(/^Keahi Nakoa: [1-9]/);
    await hosts.selectOption({ index: 2 });
    await page.getByLabel('Where', { exact: true }).selectOption({ index: 2 });
    await expectSound(page);
    await page.getByText('The earliest').getByRole('button').click();
    await expect(page.getByRole('heading', { name: 'with Keahi Nakoa' })).toBeVisible();
    await expect(page.getByRole('radio', { name: 'By phone' })).toBeChecked();
    await page.getByLabel('What is it about?').fill('Which course to take.');
    await answer(page, `Undecided Child ${Date.now()}`, 'undecided@mail.example');
    await page.getByRole('button', { name: 'Ask for this time' }).click();
    await expect(page.getByRole('heading', { name: 'You have asked for this time.' })).toBeVisible();
    await expect(page.getByText('Keahi Nakoa').last()).toBeVisible();
    await expect(page.getByText('By phone').last()).toBeVisible();
});

test('scripts off: the times can be read and the form books', async ({ page, browser }) => {
    await signIn(page);
    const link = await publish(page, 'Plain conferences');
    const plain = await (await somebodyElse(browser, { viewport: PHONE, javaScriptEnabled: false })).newPage();
    await plain.goto(link);
    await plain.getByRole('link', { name: '16:15 to 16:30' }).click();
    await plain.getByLabel('Your name').fill('Plain Parent');
    await plain.getByRole('button', { name: 'Book this time' }).click();
    await expect(plain.getByText('Please fill this in.').first()).toBeVisible();
    await expect(plain.getByLabel('Your name')).toHaveValue('Plain Parent');
    await plain.getByLabel('E-mail address').fill('plain@mail.example');
    await plain.getByLabel('Student’s name').fill('Plain Child');
    await plain.getByLabel('Phone number').fill('902 555 0188');
    await plain.getByRole('button', { name: 'Book this time' }).click();
    await expect(plain.getByText('Booked.', { exact: true })).toBeVisible();
});

test('a time that somebody takes is cut out before one’s eyes; doors and everybody at once', async ({
    page,
    browser,
}) => {
    await signIn(page);
    const link = await publish(page, 'Watched conferences');
    const watcher = await (await somebodyElse(browser, { viewport: PHONE, timezoneId: 'Europe/Lisbon' })).newPage();
    listen(watcher);
    await watcher.goto(link);
    await expect(watcher.getByText('4 free')).toBeVisible();
    const taker = await (await somebodyElse(browser)).newPage();
    await taker.goto(link);
    await taker.getByRole('button', { name: /16:15 to 16:30, free/ }).click();
    await expect(watcher.getByText('3 free')).toBeVisible({ timeout: 12_000 });
    await watcher.getByRole('button', { name: /16:30 to 16:45, free/ }).click();
    await expect(watcher.getByText(/In your own time zone: .*\(Lisbon\)/)).toBeVisible();
    for (const path of ['/d/ines-tavares', '/find?about=Office+hours', `${new URL(link).pathname}/frame`]) {
        await watcher.goto(path);
        await expectSound(watcher);
    }
});

test('a reload goes on with what was picked and typed, and one’s own second tab is told the truth', async ({
    page,
    browser,
}) => {
    listen(page, /409/);
    await signIn(page);
    const link = await publish(page, 'Two tabs');
    const own = await somebodyElse(browser);
    const first = await own.newPage();
    await first.goto(link);
    await first.getByRole('button', { name: /16:30 to 16:45, free/ }).click();
    await first.getByLabel('Student’s name').fill('Tabbed Child');
    await expect(first.getByText(/Nobody else can take it/)).toBeVisible();
    await first.reload();
    await expect(first.getByRole('heading', { name: /16:30 to 16:45/ })).toBeVisible();
    await expect(first.getByLabel('Student’s name')).toHaveValue('Tabbed Child');
    await expect(first.getByText(/Nobody else can take it/)).toBeVisible();

    // What the first tab keeps is free to the second; once the first has booked it, the second says who it was.
    const second = await own.newPage();
    await second.goto(link);
    await second.getByRole('button', { name: /16:30 to 16:45, free/ }).click();
    await expect(second.getByRole('heading', { name: /16:30 to 16:45/ })).toBeVisible();
    await answer(first, 'Tabbed Child', 'tabs@mail.example');
    await first.getByRole('button', { name: 'Book this time' }).click();
    await expect(first.getByRole('heading', { name: 'This time is yours.' })).toBeVisible();
    await answer(second, 'Tabbed Child', 'tabs@mail.example');
    await second.getByRole('button', { name: 'Book this time' }).click();
    await expect(second.getByText('You booked this time yourself, in another tab.')).toBeVisible();
});
