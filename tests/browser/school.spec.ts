import { execFileSync } from 'node:child_process';
import { expect, test, type Page } from '@playwright/test';
import { bookBy, daysAhead, expectSound, listen, openMail, publish, signIn, signOut, somebodyElse } from './steps';

const phone = { viewport: { width: 320, height: 700 } };
/** Debian's own, which knows nothing of ours. */
const codeOf = (secret: string, ahead = 0) =>
    execFileSync('oathtool', [
        '--totp',
        '--base32',
        '--now',
        new Date(Date.now() + ahead * 1000)
            .toISOString()
            .replace(/\.\d+Z$/, ' UTC')
            .replace('T', ' '),
        secret,
    ])
        .toString()
        .trim();

test('a second factor, by keyboard: set up, asked for, and off again only by whoever shows that it is they', async ({
    page,
    browser,
}) => {
    listen(page, /423/, /422/);
    await signIn(page, 'mariam.haddad@gannetcove.example');
    await page.getByRole('link', { name: 'Settings' }).click();
    await page.getByRole('link', { name: /^Password, second factor/ }).click();
    await page.getByRole('button', { name: 'Set it up' }).focus();
    await page.keyboard.press('Enter');
    await page.getByText('Or type it in').click();
    const secret = (await page.locator('p.font-mono').textContent())!.replace(/\s/g, '');
    await page.getByLabel('The six digits').fill(codeOf(secret));
    await page.keyboard.press('Enter');
    await expect(page.getByText('The second factor is on.')).toBeVisible();
    const paper = await page.locator('ul.font-mono li').allTextContents();
    expect(paper).toHaveLength(10);
    await expectSound(page);

    const elsewhere = await (await somebodyElse(browser, phone)).newPage();
    listen(elsewhere, /422/);
    await elsewhere.goto('/staff');
    await elsewhere.getByLabel('E-mail address').fill('mariam.haddad@gannetcove.example');
    await elsewhere.getByLabel('Password').fill('low-tide-bell');
    await elsewhere.getByRole('checkbox', { name: 'Stay signed in on this machine' }).check();
    await elsewhere.keyboard.press('Enter');
    await expect(elsewhere.getByRole('heading', { name: 'One thing more' })).toBeVisible();
    await expectSound(elsewhere);
    await elsewhere.getByLabel('Code').fill('000000');
    await elsewhere.keyboard.press('Enter');
    await expect(elsewhere.getByText('This code is not right')).toBeVisible();
    // The telephone lies at home.
    await elsewhere.getByLabel('Code').fill(paper[0]!);
    await elsewhere.keyboard.press('Enter');
    await expect(elsewhere.getByRole('heading', { name: 'Your sheets' })).toBeVisible();

    // It is ended from here, by its name.
    await page.reload();
    await page.getByLabel('Name of this machine').fill('The one in the kitchen');
    await page.getByLabel('Name of this machine').press('Tab');
    await expect(page.getByText('Kept.')).toBeVisible();
    await page.getByRole('button', { name: 'Sign out everywhere else' }).click();
    await expect(page.getByText('Everywhere else you are signed out.')).toBeVisible();
    await elsewhere.goto('/staff');
    await expect(elsewhere.getByRole('heading', { name: 'Sign in' })).toBeVisible();
    // Who may change it shows the factor itself, or a remembered machine could take it off.
    await page.getByRole('button', { name: 'Switch it off' }).click();
    await page.getByLabel('A code of your telephone, or one on paper').fill(paper[1]!);
    await expectSound(page);
    await page.keyboard.press('Enter');
    await expect(page.getByText('The second factor is off.')).toBeVisible();
});

test('the school’s own service signs in whom the school knows, and says why it does not sign in others', async ({
    page,
}) => {
    listen(page);
    await page.goto('/staff/sign-in');
    await expectSound(page);
    await page.getByRole('link', { name: /^Sign in with the school/ }).click();
    await page.getByRole('button', { name: 'Somebody who is on no list' }).click();
    await expect(page.getByText('nobody.known@gannetcove.example is not on the list of staff here.')).toBeVisible();
    await expectSound(page);
    await page.getByRole('link', { name: 'Back to signing in' }).click();
    await page.getByRole('link', { name: /^Sign in with the school/ }).click();
    await page.getByRole('button', { name: 'Nobody; go back' }).click();
    await expect(page.getByText('did not sign you in.')).toBeVisible();
    await page.goto('/staff/people');
    await page.getByRole('link', { name: /^Sign in with the school/ }).click();
    await page.getByRole('button', { name: 'Ruta Šimkutė' }).click();
    // Where they wanted to go.
    await expect(page.getByRole('heading', { name: 'Staff', exact: true })).toBeVisible();
});

test('a tutor begins alone', async ({ page }) => {
    listen(page, /422/, /Blocked script execution in .*mailroom/);
    await page.goto('/staff/sign-in');
    await page.getByRole('link', { name: 'Begin alone' }).click();
    await page.getByLabel('Your name').fill('Tui Marsh');
    await page.getByLabel('Your e-mail address').fill('tui@mail.example');
    await expectSound(page);
    await page.keyboard.press('Enter');
    await expect(page.getByText('A letter is on its way.')).toBeVisible();
    await openMail(page, 'tui@mail.example', /Begin with your own page/);
    const link = await page.frameLocator('iframe').getByRole('link', { name: 'Begin' }).getAttribute('href');
    await page.goto(link!);
    await page.getByLabel('What you teach').fill('Cello');
    await expect(page.getByLabel('Time zone')).toHaveValue('America/Halifax');
    await page.getByRole('checkbox', { name: 'Wednesday' }).uncheck();
    await page.getByLabel('Friday, to').fill('noon');
    await page.getByLabel('The video link').fill('https://video.example/tui');
    await page.getByLabel('New password').fill('kelp under nine lanterns');
    await page.getByRole('button', { name: 'Begin' }).click();
    await expect(page.getByText('Nothing was lost.')).toBeVisible();
    await expectSound(page);
    await page.getByLabel('Friday, to').fill('12');
    await page.getByRole('button', { name: 'Begin' }).click();
    await expect(page.getByText('The link to pass on')).toBeVisible();
    await expect(page.getByText(/^Every Monday, Tuesday, Thursday and Friday/)).toBeVisible();
});

test('the office brings students in, mends one by hand, and a family comes by the code on its card', async ({
    page,
    browser,
}) => {
    listen(page, /422/);
    await signIn(page, 'ruta.simkute@gannetcove.example');
    await page.getByRole('link', { name: 'Students' }).click();
    await expectSound(page);
    const table =
        'Pupil;Room;Mother or father;Mail\nNia Sandpiper;7A;Ola Sandpiper;ola@mail.example\n=now();7A;;\nIra Dunlin;7A;Pia Dunlin;pia@@mail\n';
    await page
        .getByLabel('File of students')
        .setInputFiles({ name: 'pupils.csv', mimeType: 'text/csv', buffer: Buffer.from(table) });
    await expect(page.getByText('Say which column has the names')).toBeVisible();
    await page.getByLabel('pupil').selectOption('Student’s name, whole');
    await page.getByLabel('room').selectOption('Class');
    await page.getByLabel('mother or father').selectOption('Guardian’s name');
    await page.getByLabel('mail').selectOption('Guardian’s e-mail address');
    await expect(page.getByText('2 new students')).toBeVisible();
    await expect(page.getByText('“=now()” is no name.')).toBeVisible();
    await expect(page.getByText('“pia@@mail” is no e-mail address.')).toBeVisible();
    await expectSound(page);
    await page.getByRole('button', { name: 'Bring it in' }).click();
    await expect(page.getByText('Brought in: 2 new students')).toBeVisible();

    await page.getByLabel('A student’s or guardian’s name').fill('dunlin');
    await page.getByRole('button', { name: 'Change Ira Dunlin' }).click();
    await page.getByLabel('E-mail address').fill('pia@mail.example');
    await page.keyboard.press('Enter');
    await expect(page.getByText('Ira Dunlin is kept.')).toBeVisible();
    await expect(page.getByText('Pia Dunlin · pia@mail.example')).toBeVisible();
    await page.getByRole('button', { name: 'Put away Ira Dunlin' }).click();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('button', { name: 'Put away Ira Dunlin' })).toBeVisible();
    await page.setViewportSize(phone.viewport);
    await expectSound(page);

    // A sheet for one class: its page asks strangers for a code, and says nothing else.
    const family = await (await somebodyElse(browser, phone)).newPage();
    listen(family, /422/);
    await family.goto('/s/reading-plans-of-8a');
    await expect(family.getByRole('button', { name: /free/ })).toHaveCount(0);
    await family.getByLabel('The code on your card').fill('WRONG-CODE1');
    await family.keyboard.press('Enter');
    await expect(family.getByText('There is no card with this code.')).toBeVisible();
    await expectSound(family);
});

test('away and gone: the office sees what it would do, and somebody at the front desk sees who comes', async ({
    page,
    browser,
}) => {
    listen(page, /423/, /422/);
    await signIn(page, 'ruta.simkute@gannetcove.example');
    await page.getByRole('link', { name: 'Staff', exact: true }).click();
    const invite = async (name: string, email: string, role: string) => {
        await page.getByLabel('Name', { exact: true }).fill(name);
        await page.getByLabel('E-mail address').fill(email);
        await page.getByLabel('Subject or work').fill('Front desk');
        await page.getByLabel('What they are').selectOption(role);
        await page.getByRole('button', { name: 'Send the invitation' }).click();
        await expect(page.getByText(`${name} gets a letter.`)).toBeVisible();
    };
    await invite('Maja Kos', 'maja.kos@gannetcove.example', 'reader');
    await page.getByRole('button', { name: 'Keahi Nakoa is away or leaves' }).click();
    await page.getByLabel('Who looks after their sheets').selectOption('Tomasz Wilk');
    await page.getByLabel('Until').fill(daysAhead(3));
    await page.getByRole('button', { name: 'They leave for good' }).click();
    await expect(page.getByText(/Tomasz Wilk takes the/)).toBeVisible();
    await expectSound(page);
    await page.getByRole('button', { name: 'They are away until then' }).click();
    await expect(page.getByText(/Tomasz Wilk looks after their sheets until/)).toBeVisible();
    await page.goto('/staff/log');
    await expect(page.getByText('had Tomasz Wilk look after the sheets of Keahi Nakoa')).toBeVisible();
    await expectSound(page);

    const desk: Page = await (await somebodyElse(browser, phone)).newPage();
    listen(desk, /Blocked script execution in .*mailroom/);
    await openMail(desk, 'maja.kos@gannetcove.example', /invites you/);
    const link = await desk
        .frameLocator('iframe')
        .getByRole('link', { name: 'Choose a password' })
        .getAttribute('href');
    await desk.goto(link!);
    await desk.getByLabel('New password').fill('kelp under nine lanterns');
    await desk.keyboard.press('Enter');
    await expect(desk.getByRole('heading', { name: 'Who comes' })).toBeVisible();
    await expect(desk.getByRole('link', { name: 'Your sheets' })).toHaveCount(0);
    await expectSound(desk);
});

test('a visitor reads all that is kept of them, and has it taken away', async ({ page, browser }) => {
    listen(page, /423/);
    await signIn(page);
    await bookBy(browser, await publish(page, 'Once, and then forgotten'), '16:15', 'Sol Dunnock');
    await signOut(page);
    await signIn(page, 'ruta.simkute@gannetcove.example');
    await page.goto('/staff/visitors');
    await page.getByLabel('Three letters of a name').fill('sol.dunnock@mail.example');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: /^Take away what is kept of/ })).toHaveCount(1);
    await expectSound(page);

    const visitor = await (await somebodyElse(browser, phone)).newPage();
    listen(visitor, /Blocked script execution in .*mailroom/);
    await openMail(visitor, 'sol.dunnock@mail.example', /Once, and then forgotten/);
    const pass = await visitor
        .frameLocator('iframe')
        .getByRole('link', { name: /^(Your bookings|Everything you booked)/ })
        .getAttribute('href');
    await visitor.goto(pass!);
    // A letter opens what it is about; all of it, once the mailbox has answered.
    await expect(visitor.getByRole('link', { name: 'All that is kept about you' })).toHaveCount(0);
    await expectSound(visitor);
    await visitor.getByRole('button', { name: 'Send me a link to everything' }).click();
    await expect(visitor.getByText('A letter is on its way')).toBeVisible();
    await openMail(visitor, 'sol.dunnock@mail.example', /^(Your bookings|Everything you booked)/);
    const all = visitor.frameLocator('iframe').getByRole('link', { name: 'Your bookings' });
    await visitor.goto((await all.getAttribute('href'))!);
    await visitor.getByRole('button', { name: 'Yes, this is my address' }).click();
    await visitor.getByRole('link', { name: 'To your bookings' }).click();
    await visitor.getByRole('link', { name: 'All that is kept about you' }).click();
    await expect(visitor.getByText('sol.dunnock@mail.example')).toBeVisible();
    await expectSound(visitor);
    await visitor.getByText('Have it taken away').click();
    await visitor.getByRole('button', { name: 'Yes, take all of it away' }).click();
    await expect(visitor.getByRole('heading', { name: 'It is taken away' })).toBeVisible();
    await expectSound(visitor);
    await page.getByRole('button', { name: 'Find' }).click();
    await expect(page.getByText('Nobody of that name or address.')).toBeVisible();
});
