import { expect, test, type Page } from '@playwright/test';
import { cardCode, daysAhead, expectSound, listen, openMail, signIn, somebodyElse } from './steps';

const PHONE = { width: 390, height: 844 };
const RUTA = 'ruta.simkute@gannetcove.example';

/** A new round with three teachers on a day that no other test uses. */
async function setUp(page: Page, title: string, date: string): Promise<string> {
    await page.goto('/staff/rounds/new');
    await page.getByLabel('What it is called').fill(title);
    await page.getByLabel('When').fill(`${date} 16:00-18:00 /10`);
    await page.getByRole('radio', { name: /families send wishes until a day/ }).check();
    await page.getByLabel('Wishes until', { exact: true }).fill(`${daysAhead(10)}T18:00`);
    for (const name of [/Inês Tavares/, /Oluwaseun Adebanjo/, /Tomasz Wilk/])
        await page.getByRole('checkbox', { name }).check();
    // What it asks of families; taken out by mistake, it comes back.
    await page.getByRole('button', { name: 'Add a question' }).click();
    await page.getByLabel('Question 1', { exact: true }).fill('What is it about?');
    await page.getByRole('checkbox', { name: 'Has to be answered' }).check();
    await page.getByRole('button', { name: 'Take question 1 out' }).click();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByLabel('Question 1', { exact: true })).toHaveValue('What is it about?');
    await expect(page.getByText('Kept.')).toBeVisible();
    await expectSound(page);
    await page.getByRole('button', { name: 'Publish…' }).click();
    await page.getByRole('button', { name: 'Publish it' }).click();
    await expect(page.getByText('36 times, for which wishes are collected')).toBeVisible();
    return (await page.getByRole('link', { name: 'What families see' }).getAttribute('href'))!;
}

test('from nothing to a round whose times are given: wishes on a phone, a picture, pins, one letter each; a teacher is away', async ({
    page,
    browser,
}) => {
    test.setTimeout(120_000);
    listen(page, /422|409|sandboxed/);
    await signIn(page, RUTA);
    const path = await setUp(page, 'Report talks', daysAhead(50));
    await page.getByRole('link', { name: 'Wishes and allotment' }).click();
    await expect(page.getByText('No family has sent wishes yet.')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Find times' })).toBeDisabled();
    const office = page.url();

    // A family by its card: two children, three wishes, the second wanted most, not before five.
    const code = await cardCode(page, 'Report talks', 'Parveen Gill');
    const phone = await (await somebodyElse(browser, { viewport: PHONE, hasTouch: true })).newPage();
    listen(phone, /409|422|sandboxed/);
    await phone.goto(path);
    await phone.getByLabel('The code on your card').fill(code);
    await phone.getByRole('button').first().tap();
    await expect(phone.getByText('For Parveen Gill')).toBeVisible();
    await phone.getByRole('button', { name: 'Tick all 2' }).first().tap();
    await expect(phone.locator('.wishes li')).toHaveCount(2);
    await expectSound(phone);
    const second = (await phone.locator('.wishes li strong').nth(1).textContent())!;
    await phone.getByRole('button', { name: new RegExp(`${second}.*want it more`) }).tap();
    await expect(phone.locator('.wishes li strong').first()).toHaveText(second);
    await phone.getByRole('button', { name: 'Send these 2 wishes' }).tap();
    // Asked for each child; what is missing is said at its field, and nothing was sent.
    await expect(phone.getByText('Please fill this in.', { exact: true })).toBeVisible();
    await phone.getByLabel('What is it about?').fill('Reading');
    await phone.getByRole('button', { name: 'Send these 2 wishes' }).tap();
    await expect(phone.getByText(/Your wishes are with the school since/)).toBeVisible();
    await phone.reload();
    await expect(phone.locator('.wishes li strong').first()).toHaveText(second);
    await expect(phone.getByText(/Your wishes are with the school since/)).toBeVisible();
    await expect(phone.getByLabel('What is it about?')).toHaveValue('Reading');
    await phone
        .getByRole('checkbox', { name: /Inês Tavares/ })
        .first()
        .check();
    await expect(phone.getByText('What stands here is not sent yet')).toBeVisible();
    // That is about another child, of which the same is asked.
    await phone.getByLabel('What is it about?').last().fill('Sums');
    await phone.getByRole('button', { name: 'Send it as it stands now' }).tap();
    await expect(phone.getByText(/Your wishes are with the school since/)).toBeVisible();
    const wished = await phone.locator('.wishes li').count();

    // The office looks how it would be, ends the wishes, pins, looks again, and publishes.
    await page.goto(office);
    await expect(page.getByText('One family has sent wishes.')).toBeVisible();
    await page.getByRole('button', { name: 'Find times' }).click();
    await expect(page.getByText(`${wished} of ${wished} wishes are granted.`)).toBeVisible();
    await expect(page.getByRole('button', { name: 'Publish…' })).toBeDisabled();
    await expectSound(page);
    await page.getByRole('button', { name: 'Change that' }).click();
    await expectSound(page);
    await page.getByRole('button', { name: 'End it now' }).click();
    // A dialog is gone at its press: what is typed while it fades away goes nowhere.
    expect(await page.locator('dialog').count()).toBe(0);
    await expect(page.getByText(/no more are taken/)).toBeVisible();
    await page.getByLabel('Pick out a family or a teacher').fill('gill');
    await page.getByRole('button', { name: 'Parveen Gill' }).click();
    await page.getByRole('checkbox', { name: /stays/ }).first().check();
    // What was found before the end is not published: it says so, and is found anew with what is pinned.
    await page.getByRole('button', { name: 'Publish…' }).click();
    await page.getByRole('button', { name: 'Publish it' }).click();
    await expect(page.getByText(/It was found while wishes could still come/)).toBeVisible();
    await page.getByRole('button', { name: 'Find again; 1 stays' }).click();
    await expect(page.getByRole('button', { name: 'Find again; 1 stays' })).toBeVisible();
    await page.getByRole('button', { name: 'Publish…' }).click();
    await expectSound(page);
    await page.getByRole('button', { name: 'Publish it' }).click();
    await expect(page.getByText('families have their times and were told')).toBeVisible({ timeout: 30_000 });
    await expectSound(page);

    await phone.reload();
    await expect(phone.locator('li.meeting')).toHaveCount(wished);

    // A teacher is away when the family's first meeting is: it goes to another time, and to nobody unseen.
    const first = phone.locator('li.meeting').first();
    const host = (await first.locator('strong').textContent())!;
    const [hour, minute] = (await first.locator('.from').textContent())!.split(':').map(Number);
    const clock = (minutes: number) =>
        `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
    const from = 60 * hour! + minute!;
    await openMail(phone, 'family06@mail.example', /Your times: Report talks/);
    await page.getByRole('link', { name: 'Report talks' }).click();
    await page.getByRole('link', { name: 'When something comes up' }).click();
    await page.getByLabel('Who is away').selectOption({ label: host });
    await page.getByRole('button', { name: 'Only for some of it' }).click();
    await page.getByLabel('from', { exact: true }).fill(clock(from));
    await page.getByLabel('to', { exact: true }).fill(clock(from + 10));
    await page.getByRole('button', { name: 'See whom it hits' }).click();
    await expect(page.getByText(`One meeting with ${host} cannot be.`)).toBeVisible();
    await expectSound(page);
    await page.getByLabel('A word to all of them').fill('The ferry is late.');
    const done = page.getByText(`${host} is away. Everybody who is concerned hears of it in half a minute.`).first();
    await page.getByRole('button', { name: 'Do it, and write to them' }).click();
    await expect(done).toBeVisible();
    // A slip: nobody has heard of it yet, also after a reload.
    await page.reload();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByText('All is as it was. Nobody was written to.').first()).toBeVisible();
    await expectSound(page);
    await page.getByLabel('Who is away').selectOption({ label: host });
    await page.getByRole('button', { name: 'Only for some of it' }).click();
    await page.getByLabel('from', { exact: true }).fill(clock(from));
    await page.getByLabel('to', { exact: true }).fill(clock(from + 10));
    await page.getByRole('button', { name: 'See whom it hits' }).click();
    await page.getByLabel('A word to all of them').fill('The ferry is late.');
    await page.getByRole('button', { name: 'Do it, and write to them' }).click();
    await expect(done).toBeVisible();
    await openMail(phone, 'family06@mail.example', /^Moved: .* – Report talks/);
    await expect(phone.frameLocator('iframe').getByText('The ferry is late.')).toBeVisible();

    // Somebody who is not in it yet comes in to stand in; and goes out again, as nobody has booked with them.
    await page.getByLabel('Who stands in, at the same hours').selectOption('somebody who is not in it yet…');
    const joins = page.getByLabel('Who joins');
    const name = (await joins.locator('option').nth(1).textContent())!;
    await joins.selectOption(name);
    await page.getByRole('button', { name: 'Take them in' }).click();
    await expect(page.getByText('Say where people find you.')).toBeVisible();
    await page.getByLabel('Room', { exact: true }).fill('Room 31');
    await expectSound(page);
    await page.getByRole('button', { name: 'Take them in' }).click();
    await expect(page.getByText(`${name} is in this round now.`)).toBeVisible();
    await expect(page.getByLabel('Who stands in, at the same hours').locator('option:checked')).toHaveText(name);
    await page.reload();
    await page.getByLabel('Who is away').selectOption(name);
    await page.getByRole('button', { name: 'See whom it hits' }).click();
    await page.getByRole('button', { name: 'Take them out of this round' }).click();
    await expect(page.getByText(`${name} is not in this round any more.`)).toBeVisible();
});
