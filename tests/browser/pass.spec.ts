import { expect, test, type Locator, type Page } from '@playwright/test';
import { answer, bookBy, expectSound, listen, openMail, publish, signIn, somebodyElse } from './steps';

const PHONE = { width: 390, height: 844 };

/** Changes the rules of a sheet whose page is open. */
async function rules(page: Page, change: () => Promise<void>): Promise<void> {
    const host = page.url();
    await page.goto(`${host}/edit`);
    await page.getByRole('button', { name: 'Change rules' }).click();
    await change();
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('The link to pass on')).toBeVisible();
}

async function book(visitor: Page, link: string, time: string, student: string, email: string): Promise<void> {
    await visitor.goto(link);
    await visitor.getByRole('button', { name: new RegExp(`, ${time} to .*, free`) }).click();
    await answer(visitor, student, email);
    await visitor.getByRole('button', { name: 'Book this time' }).click();
}

test('pressed by mistake, mistyped, and the other guardian', async ({ page, browser }) => {
    await signIn(page);
    const link = await publish(page, 'Mistaken conferences');
    await rules(page, async () => {
        await page.getByLabel('Guests').fill('1');
        await page.getByLabel('Times per student').fill('1');
    });
    const visitor = await (await somebodyElse(browser, { viewport: PHONE })).newPage();
    listen(visitor, /409|422/, /Blocked script execution/);
    const email = `mistaken.${Date.now()}@mail.example`;
    await book(visitor, link, '16:00', 'Esme Parrata', email);
    await expect(visitor.getByRole('heading', { name: 'This time is yours.' })).toBeVisible();

    // Given back by mistake: it says so where the reader is, and is taken back.
    await visitor.getByRole('button', { name: 'Cancel' }).click();
    await visitor.getByRole('button', { name: 'Cancel this meeting' }).click();
    const said = visitor.getByRole('status').filter({ hasText: 'This meeting is cancelled.' });
    await expect(said).toBeVisible();
    expect(await visitor.evaluate(() => document.activeElement?.textContent)).toContain('Take that back');
    await expectSound(visitor);
    await visitor.reload();
    await visitor.getByRole('button', { name: /Take that back/ }).click();
    await expect(visitor.getByText('Everything is as it was, and nobody was told.')).toBeVisible();
    await visitor.getByRole('button', { name: 'Move it' }).click();
    await expect(visitor.getByText('16:00 to 16:15 yours now')).toBeVisible();
    await visitor.getByRole('button', { name: /16:45 to 17:00, free/ }).click();
    await visitor.getByRole('button', { name: 'Move it there' }).click();
    await visitor.getByRole('button', { name: /Take that back/ }).click();
    await expect(visitor.getByRole('article').getByText('16:00 to 16:15')).toBeVisible();

    // A misspelt name, another number, another address.
    await visitor.getByRole('button', { name: 'Correct a student’s name' }).click();
    await visitor.getByLabel('As it should be').fill('Esme Parata');
    await visitor.getByRole('button', { name: 'Save' }).click();
    await expect(visitor.getByText('Inês Tavares, about Esme Parata')).toBeVisible();
    await visitor.getByRole('button', { name: 'Change name, phone or e-mail' }).click();
    await visitor.getByLabel('Phone number').fill('ring me');
    await visitor.getByRole('button', { name: 'Save' }).click();
    await expect(visitor.getByText('This does not look like a phone number.')).toBeVisible();
    await visitor.getByLabel('Phone number').fill('902 555 0199');
    await visitor.getByLabel('E-mail address').fill(`new.${email}`);
    await expectSound(visitor);
    await visitor.getByRole('button', { name: 'Save' }).click();
    await expect(visitor.getByText(`new.${email} has not answered yet`)).toBeVisible();
    const pass = visitor.url();
    await openMail(visitor, `new.${email}`, /^Is this your e-mail address/);
    await visitor.goto(
        (await visitor.frameLocator('iframe').getByRole('link', { name: 'Yes, this is' }).getAttribute('href'))!,
    );
    await expectSound(visitor);
    await visitor.getByRole('button', { name: 'Yes, this is my address' }).click();
    await visitor.getByRole('link', { name: 'To your bookings' }).click();
    await expect(visitor.getByText(`+1 902-555-0199 · new.${email}`)).toBeVisible();

    // The other guardian finds that there is a time already, and asks to join.
    const other = await (await somebodyElse(browser, { viewport: PHONE })).newPage();
    listen(other, /409/, /Blocked script execution/);
    await book(other, link, '16:30', 'Esme Parata', `kofi.${email}`);
    await expect(other.getByText('This time cannot be booked as it is filled in.')).toBeVisible();
    await expectSound(other);
    await other.getByRole('button', { name: 'Ask to join' }).click();
    await expect(other.getByText('they have a message from you now and can add you')).toBeVisible();
    // Who is meant is looked up in its own time, so that nobody learns by the clock whether there is a meeting.
    const theirs = visitor.getByLabel('They may move and cancel the meeting, too');
    await expect(async () => {
        await visitor.goto(pass);
        await expect(theirs).toBeVisible({ timeout: 500 });
    }).toPass();
    await theirs.check();
    await expectSound(visitor);
    await visitor.getByRole('button', { name: 'Add them' }).click();
    await expect(visitor.getByText('Rua Parata, who may move and cancel it')).toBeVisible();
    await openMail(other, `kofi.${email}`, /^Guest brought: .* 16:00/);
    await other.goto(
        (await other.frameLocator('iframe').getByRole('link', { name: 'Your bookings' }).getAttribute('href'))!,
    );
    await other.getByRole('button', { name: 'I am not coming' }).click();
    await expect(other.getByText('Nothing is booked here.')).toBeVisible();
    await other.getByRole('button', { name: /Take that back/ }).click();
    await expect(other.getByRole('button', { name: 'Move it' })).toBeVisible();
    await expectSound(other);
});

test('five minutes that end, twelve hours, another clock, and no address', async ({ page, browser }) => {
    await signIn(page);
    const link = await publish(page, 'Patient conferences');
    await page.goto(`${page.url()}/edit`);
    await page.getByRole('button', { name: 'Change ask' }).click();
    await page.getByLabel('Without an e-mail address too').check();
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('The link to pass on')).toBeVisible();
    const far = await somebodyElse(browser, { viewport: PHONE, locale: 'en-US', timezoneId: 'America/St_Johns' });
    const visitor = await far.newPage();
    listen(visitor);
    await visitor.clock.install();
    await visitor.goto(link);
    // Half an hour ahead of the school, on each time that can be had, in words and for the ear.
    const tab = visitor.getByRole('button', { name: /4:15 pm to 4:30 pm, free, 4:45 pm in your own time zone/ });
    await expect(tab).toContainText('4:45 pm');
    await expectSound(visitor);
    // Switched, all of the page is: what the server says, what the page draws, and what the next look brings.
    await visitor.getByRole('button', { name: '24-hour clock' }).click();
    await expect(visitor.getByRole('button', { name: /16:15 to 16:30, free, 16:45 in your own/ })).toBeVisible();
    await expect(visitor.getByRole('main')).not.toContainText(/\d (am|pm)/);
    await visitor.reload();
    await visitor.getByRole('button', { name: '12-hour clock' }).click();
    await expect(visitor.getByRole('main')).not.toContainText(/\b[0-2]\d:\d\d\b(?! [ap]m)/);
    await tab.click();
    await expect(visitor.getByText(/Nobody else can take it for [45]:/)).toBeVisible();
    await visitor.clock.fastForward(250_000);
    await expect(visitor.getByText('You can have five more.')).toBeAttached();
    await expectSound(visitor);
    await visitor.getByRole('button', { name: 'Five more minutes' }).click();
    await expect(visitor.getByText(/Nobody else can take it for 9:/)).toBeVisible();
    await visitor.clock.fastForward(600_000);
    await expect(visitor.getByText('not kept for you any more, but still free')).toBeVisible();
    await expectSound(visitor);
    await visitor.getByRole('button', { name: 'Keep it for me again' }).click();
    await visitor.getByLabel('Student’s name').fill('Far Student');
    await visitor.getByLabel('Your name').fill('Far Parent');
    await visitor.getByLabel('Phone number').fill('902 555 0150');
    await visitor.getByRole('button', { name: 'Book this time' }).click();
    await expect(visitor.getByRole('heading', { name: 'Keep this page' })).toBeVisible();
    await expect(visitor.getByRole('link', { name: 'Text it to myself' })).toHaveAttribute('href', /^sms:.*%2Fp%2F/);
    await expectSound(visitor);
    // What changes on the day is on the pass.
    await visitor.reload();
    await expect(visitor.getByText('4:15 pm to 4:30 pm').first()).toBeVisible();
    const starts = await visitor.locator('article time').getAttribute('datetime');
    // A page goes by the clock of the answers that it gets; here they are of the same time as the device's.
    let moment = 0;
    await visitor.route('**/api/p/*', async (route) => {
        const answer = await route.fetch();
        const headers = { ...answer.headers(), date: new Date(moment).toUTCString() };
        await route.fulfill({ response: answer, headers });
    });
    const at = async (minutes: number, says: string) => {
        moment = Date.parse(starts!) + minutes * 60_000;
        await visitor.clock.setFixedTime(moment);
        await visitor.reload();
        await expect(visitor.getByText(says)).toBeVisible();
        await expectSound(visitor);
    };
    await at(-30, 'This meeting is within the next hour.');
    await at(5, 'This meeting is now, until 4:30 pm.');
    await expect(visitor.getByRole('button', { name: 'Move it' })).toBeHidden();
    await at(20, 'This meeting is over.');
});

test('from a pass: children are picked, side by side leaves out what clashes', async ({ page, browser }) => {
    await signIn(page);
    const link = await publish(page, 'Clashing conferences');
    const visitor = await (await somebodyElse(browser, { viewport: PHONE })).newPage();
    listen(visitor);
    await book(visitor, link, '16:15', 'Older Child', `clash.${Date.now()}@mail.example`);
    await expect(visitor.getByRole('heading', { name: 'This time is yours.' })).toBeVisible();
    const pass = visitor.url();
    // As from a mail: a new tab, in which nothing is known.
    const again = await (await somebodyElse(browser, { viewport: PHONE })).newPage();
    listen(again, /409/);
    await again.goto(pass);
    await again.getByRole('link', { name: 'Book another meeting' }).click();
    await again.goto(link);
    await again.getByRole('button', { name: /16:45 to 17:00, free/ }).click();
    await expect(again.getByText('for Rua Parata')).toBeVisible();
    await expect(again.getByLabel('Your name')).toBeHidden();
    // One child is had here already, so it is the other one; what is wrong is said where it can be put right.
    await again.getByRole('radio', { name: 'Older Child' }).check();
    await again.getByRole('button', { name: 'Book this time' }).click();
    await expect(again.getByText('The student has been booked here already')).toBeVisible();
    await expectSound(again);
    await again.getByRole('radio', { name: 'Another student' }).check();
    await again.getByLabel('Student’s name').fill('Younger Child');
    await again.getByRole('button', { name: 'Book this time' }).click();
    await expect(again.getByRole('heading', { name: 'This time is yours.' })).toBeVisible();
    await expect(again.getByRole('region', { name: /^The plan of/ }).getByRole('listitem')).toHaveCount(2);
    const date = (await again.locator('article time').first().getAttribute('datetime'))!.slice(0, 10);
    await again.goto(`/find?about=Clashing+conferences&from=${date}&to=${date}`);
    await expect(again.getByText('Times that clash with your bookings are not shown.')).toBeVisible();
    const times = again.getByRole('listitem').filter({ hasText: 'Inês Tavares' }).getByRole('button');
    await expect(times).toHaveCount(2);
    for (const width of [320, 640, 768]) {
        await again.setViewportSize({ width, height: 800 });
        for (const path of [again.url(), '/', link, pass]) {
            await again.goto(path);
            await expectSound(again);
        }
    }
});

test('scripts off: the pass acts, the line, the door and the search are there', async ({ page, browser }) => {
    await signIn(page);
    const link = await publish(page, 'Scriptless conferences', '16:00', '16:30');
    await bookBy(browser, link, '16:00', 'Scripted Child');
    const plain = await (await somebodyElse(browser, { viewport: PHONE, javaScriptEnabled: false })).newPage();
    await plain.goto('/?seek=tavares');
    await plain.getByRole('link', { name: 'Inês Tavares' }).click();
    await plain.getByRole('link', { name: 'Scriptless conferences' }).click();
    await plain.getByRole('link', { name: '16:15 to 16:30' }).click();
    await answer(plain, 'Plain Child', 'plain.pass@mail.example');
    await plain.getByRole('button', { name: 'Book this time' }).click();
    await expect(plain).toHaveURL(/\/p\/[\w-]{43}$/);
    await plain.getByText('Cancel', { exact: true }).click();
    await plain.getByRole('button', { name: 'Cancel this meeting' }).click();
    await expect(plain.getByRole('status')).toContainText('This meeting is cancelled.');
    await plain.getByRole('button', { name: 'Take that back' }).click();
    await expect(plain.getByText('Booked.', { exact: true })).toBeVisible();

    // What everybody sees is worked out once a second, counted in whole ones: it may be nearly two old.
    await expect(async () => {
        await plain.goto(link);
        await expect(plain.getByRole('heading', { name: 'Every time is taken' })).toBeVisible({ timeout: 500 });
    }).toPass();
    await plain.getByLabel('Your name').fill('Plain Waiter');
    await plain.getByLabel('E-mail address').fill('plain.waiter@mail.example');
    await plain.getByRole('button', { name: 'Tell me when one is free' }).click();
    await expect(plain.getByText('We have sent you a letter.')).toBeVisible();
});

test('five meetings about two children, side by side on a phone: at most twelve presses, and nothing typed twice', async ({
    browser,
}) => {
    const parent = await (await somebodyElse(browser, { viewport: PHONE })).newPage();
    listen(parent);
    let presses = 0;
    const press = async (what: Locator) => {
        presses++;
        await what.click();
    };
    // However late it is known what clashes with the pass: nothing that does can be pressed before.
    await parent.route('**/api/find?*', async (route) => {
        await new Promise((done) => setTimeout(done, 700));
        await route.continue();
    });
    // Without a date: from the day on which there is something.
    const one = `Counted${Date.now()}`;
    await parent.goto('/find?about=Winter+conferences');
    const teachers = parent.getByRole('listitem').filter({ has: parent.getByRole('heading', { level: 3 }) });
    for (let n = 0; n < 5; n++) {
        await press(teachers.nth(n).getByRole('button').first());
        if (n === 0) {
            await answer(parent, `Elder ${one}`, `${one.toLowerCase()}@mail.example`);
        } else if (n === 1) {
            // From now on it is known who this is, and about whom.
            await expect(parent.getByText('for Rua Parata')).toBeVisible();
        } else if (n === 3) {
            await press(parent.getByRole('radio', { name: 'Another student' }));
            await parent.getByLabel('Student’s name').fill(`Younger ${one}`);
        }
        // Nothing moves under a finger any more.
        await expect(parent.getByText('Nobody else can take it')).toBeVisible();
        await press(parent.getByRole('button', { name: 'Book this time' }));
        await expect(parent.getByText(/ is yours\. Pick the next time/)).toBeVisible();
    }
    expect(presses).toBeLessThanOrEqual(12);
    await expectSound(parent);
    await parent.getByRole('link', { name: 'everything you booked' }).click();
    await expect(parent.getByRole('region', { name: /^The plan of/ }).getByRole('listitem')).toHaveCount(5);
    // Said once: a reload does not say it again.
    await parent.goBack();
    await expect(parent.getByText(/ is yours\. Pick the next time/)).toBeHidden();
});
