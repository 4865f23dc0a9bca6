import { expect, test } from '@playwright/test';
import { expectSound, listen, openMail, signIn, somebodyElse } from './steps';

test('the office invites somebody, who comes once, by keyboard, and changes their password', async ({
    page,
    browser,
}) => {
    listen(page, /Blocked script execution in .*mailroom/);
    await signIn(page, 'ruta.simkute@gannetcove.example');
    await page.getByRole('link', { name: 'Staff', exact: true }).click();
    await page.getByLabel('Name').fill('Lark Osei');
    await page.getByLabel('E-mail address').fill('lark.osei@gannetcove.example');
    await page.getByLabel('Subject or work').fill('Biology');
    await page.keyboard.press('Enter');
    await expect(page.getByText('Lark Osei gets a letter.')).toBeVisible();
    await expectSound(page);

    // Taken back by mistake, and put back: another letter, and the one before opens nothing.
    const letter = async () => {
        await openMail(page, 'lark.osei@gannetcove.example', /invites you/);
        const inside = page.frameLocator('iframe').getByRole('link', { name: 'Choose a password' });
        return (await inside.getAttribute('href')) ?? '';
    };
    const first = await letter();
    await page.goto('/staff/people');
    await page.getByRole('button', { name: 'Take Lark Osei’s invitation back' }).click();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByText('Lark Osei gets a letter.')).toBeVisible();
    await expect.poll(letter).not.toBe(first);
    const second = await letter();

    const theirs = await (await somebodyElse(browser, { viewport: { width: 390, height: 844 } })).newPage();
    await theirs.goto(first);
    await expect(theirs.getByRole('heading', { name: 'This address opens nothing any more' })).toBeVisible();
    await theirs.goto(second);
    await theirs.getByLabel('New password').fill('low tide');
    await theirs.keyboard.press('Enter');
    await expect(theirs.getByText('At least 15 characters. A few words')).toBeVisible();
    await expectSound(theirs);
    await theirs.getByLabel('New password').fill('kelp under nine lanterns');
    await theirs.keyboard.press('Enter');
    await theirs.waitForURL('**/staff');

    // Signed out meanwhile: signing in again in another tab is enough to go on in this one.
    await theirs.goto('/staff/settings');
    await theirs.getByLabel('Title').fill('Head of the tide pool');
    await theirs.context().clearCookies();
    await theirs.getByRole('button', { name: 'Keep this' }).click();
    await expect(theirs.getByText('You were signed out meanwhile.')).toBeVisible();
    const tab = await theirs.context().newPage();
    await signIn(tab, 'lark.osei@gannetcove.example', 'kelp under nine lanterns');
    await theirs.getByRole('button', { name: 'Keep this' }).click();
    await expect(theirs.getByText('Kept.')).toBeVisible();

    // Signed in at home too; another password here ends that.
    const home = await (await somebodyElse(browser)).newPage();
    await signIn(home, 'lark.osei@gannetcove.example', 'kelp under nine lanterns');
    await theirs.goto('/staff/account');
    await theirs.getByText('Another password').click();
    await theirs.getByLabel('The password you have now').fill('kelp under nine lanterns');
    await theirs.getByLabel('New password').fill('seven gulls, one bell');
    await theirs.keyboard.press('Enter');
    await expect(theirs.getByText('Your password is another one now.')).toBeVisible();
    await home.reload();
    await expect(home.getByRole('heading', { name: 'Sign in' })).toBeVisible();
    await home.getByRole('link', { name: 'Password forgotten' }).click();
    await home.getByLabel('E-mail address').fill('nobody@gannetcove.example');
    await home.keyboard.press('Enter');
    await expect(home.getByText('If there is an account with this address')).toBeVisible();
    await expectSound(home);
});
