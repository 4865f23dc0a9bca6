import { expect, test } from '@playwright/test';
import { expectSound, listen, openMail, signIn, signOut, somebodyElse } from './steps';

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

test('somebody of the office makes a passkey, signs in with it, and removes it', async ({ browser }) => {
    // No browser makes a key for a number: on one’s own machine the name is localhost.
    const context = await somebodyElse(browser, {
        baseURL: process.env.RECESS_SERVED?.replace('127.0.0.1', 'localhost'),
    });
    const page = await context.newPage();
    listen(page, /status of (422|423)/);
    // Chromium's own machine with keys: independent of how we read them.
    const machine = await context.newCDPSession(page);
    await machine.send('WebAuthn.enable');
    const { authenticatorId } = await machine.send('WebAuthn.addVirtualAuthenticator', {
        options: {
            protocol: 'ctap2',
            transport: 'internal',
            hasResidentKey: true,
            hasUserVerification: true,
            isUserVerified: true,
            automaticPresenceSimulation: true,
        },
    });
    const byPassword = async () => {
        await page.goto('/staff/sign-in');
        await page.getByLabel('E-mail address').fill('ruta.simkute@gannetcove.example');
        await page.getByLabel('Password').fill('low-tide-bell');
        await page.keyboard.press('Enter');
    };
    await byPassword();
    await expect(page.getByRole('heading', { name: 'Your sheets' })).toBeVisible();
    await page.goto('/staff/account');
    await page.getByLabel('What you call it').fill('The one at the desk');
    await page.getByRole('button', { name: 'Make a passkey' }).click();
    await expect(page.getByText('You have a passkey here.')).toBeVisible();
    await expect(page.getByText('They are shown now and never again')).toBeVisible();
    const paper = await page
        .getByRole('list')
        .filter({ hasText: /^[a-z0-9]{5}-/ })
        .getByRole('listitem')
        .allInnerTexts();
    expect(paper).toHaveLength(10);
    await page.getByRole('button', { name: 'I have them' }).click();
    await expect(page.getByText('The one at the desk')).toBeVisible();
    await expectSound(page);
    // What changes how one signs in asks for the factor itself; and the same machine makes no second one.
    await page.getByRole('button', { name: 'Make a passkey' }).click();
    await page.getByRole('button', { name: 'Show it with your passkey' }).click();
    await expect(page.getByText('This machine has a passkey for your account already.')).toBeVisible();

    // Without a password; then with one, and the passkey as the second question.
    await signOut(page);
    await page.goto('/staff/sign-in');
    await expectSound(page);
    await page.getByRole('button', { name: 'Sign in with a passkey' }).click();
    await expect(page.getByRole('heading', { name: 'Your sheets' })).toBeVisible();
    await signOut(page);
    await byPassword();
    await expect(page.getByRole('heading', { name: 'One thing more' })).toBeVisible();
    await expectSound(page);
    // Whoever turns away stays where they are; a code on paper opens once as well.
    await machine.send('WebAuthn.setUserVerified', { authenticatorId, isUserVerified: false });
    await page.getByRole('button', { name: 'Show my passkey' }).click();
    await expect(page.getByRole('button', { name: 'Show my passkey' })).toBeEnabled();
    await machine.send('WebAuthn.setUserVerified', { authenticatorId, isUserVerified: true });
    await page.getByRole('button', { name: 'Show my passkey' }).click();
    await expect(page.getByRole('heading', { name: 'Your sheets' })).toBeVisible();

    await page.goto('/staff/account');
    await page.getByRole('button', { name: /^Remove the passkey The one at the desk/ }).click();
    await expect(page.getByText('That passkey opens nothing here any more.')).toBeVisible();
    await signOut(page);
    await page.goto('/staff/sign-in');
    await page.getByRole('button', { name: 'Sign in with a passkey' }).click();
    await expect(page.getByText('This passkey opens no account here any more.')).toBeVisible();
    await context.close();
});
