import { expect, test } from '@playwright/test';
import { bookBy, expectSound, listen, publish, signIn } from './steps';

test('a host connects their calendar server, ticks, and finds a booking in their calendar', async ({
    browser,
    page,
}) => {
    test.setTimeout(90_000);
    listen(page, /422/);
    await signIn(page);
    const link = await publish(page, 'In my own calendar');
    await page.goto('/staff/settings');
    await page.getByRole('link', { name: /^On a calendar server/ }).click();
    await expect(page.getByRole('heading', { name: 'Your own calendars, both ways' })).toBeVisible();
    await expectSound(page);
    const demo = await page.getByText('In this demo there is one at').innerText();
    await page.getByLabel('Address of the server').fill(/http:\S+?(?=,)/.exec(demo)![0]);
    await page.getByLabel('Your name there').fill('ines');
    await page.getByLabel('Your password there').fill('wrong');
    await page.getByRole('button', { name: 'Find my calendars' }).click();
    await expect(page.getByText('The server does not know this name with this password.')).toBeVisible();
    await page.getByLabel('Your password there').fill('low-tide-bell');
    await page.getByRole('button', { name: 'Find my calendars' }).click();
    const work = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Work' }) });
    await work.getByLabel('What is busy in it takes times out here').check();
    await work.getByLabel('My meetings go into this one').check();
    await page.getByRole('button', { name: 'Keep this' }).click();
    await expect(page.getByText('Kept, and looked at.')).toBeVisible();
    await expectSound(page);
    // What is ticked is there after a reload, and so is what was written.
    const many = async () => Number(/(\d+) meetings?/.exec(await work.innerText())?.[1] ?? 1);
    const before = await many();
    await bookBy(browser, link, '16:15', 'Esme Byrne');
    await expect(async () => {
        await page.reload();
        expect(await many()).toBe(before + 1);
    }).toPass();
    await expect(work.getByLabel('My meetings go into this one')).toBeChecked();

    await page.getByRole('button', { name: 'Forget this server' }).click();
    await page.getByRole('button', { name: 'Forget it' }).click();
    await expect(page.getByLabel('Address of the server')).toBeVisible();
    await expectSound(page);
});
