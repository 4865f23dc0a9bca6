import { expect, test, type Page } from '@playwright/test';
import { expectSound, listen, openMail, signIn, somebodyElse } from './steps';

const PHONE = { width: 390, height: 844 };
const TOMASZ = 'tomasz.wilk@gannetcove.example';
const RUTA = 'ruta.simkute@gannetcove.example';

/** The rulers of the days on which anything is common. */
const days = (page: Page) => page.locator('section.day').filter({ has: page.locator('.band.common') });
const chosen = (page: Page) => page.locator('ol li strong');

async function who(page: Page, name: string, email: string): Promise<void> {
    await page.getByLabel('Your name').fill(name);
    await page.getByLabel('E-mail address').fill(email);
}

test('a student asks for half an hour, shrinks it to a quarter, and the second choice is accepted', async ({
    page,
    browser,
}) => {
    // A time that is given back is told only when it cannot be taken back any more.
    test.setTimeout(240_000);
    listen(page, /422|409/);
    const student = await (await somebodyElse(browser)).newPage();
    listen(student, /422|409/);
    await student.goto('/d/tomasz-wilk');
    await student.getByRole('link', { name: 'Ask Tomasz Wilk for a time' }).click();
    await expectSound(student);
    await student.getByLabel('What is it about?').fill('The drift bottles');
    // With the mouse onto a band, and pulled shorter at its end.
    const day = days(student).nth(1);
    const box = (await day.locator('.track').boundingBox())!;
    await student.mouse.click(box.x + box.width * 0.6, box.y + 25);
    await expect(chosen(student)).toHaveCount(1);
    const first = await chosen(student).textContent();
    await student.getByRole('button', { name: 'First choice: only 20 minutes' }).click();
    await student.getByRole('button', { name: 'First choice: only 15 minutes' }).click();
    await expect(chosen(student)).not.toHaveText(first!);
    await day.scrollIntoViewIfNeeded();
    const end = (await day.locator('.end').boundingBox())!;
    await student.mouse.move(end.x + 4, end.y + 8);
    await student.mouse.down();
    await student.mouse.move(end.x + 4 + box.width / 14, end.y + 8, { steps: 5 });
    await student.mouse.up();
    await student.getByRole('button', { name: 'First choice: only 20 minutes' }).click();
    await student.getByRole('button', { name: 'First choice: only 15 minutes' }).click();
    // The second with keys alone.
    await student.getByRole('button', { name: 'Name a second choice' }).click();
    const second = student.getByRole('slider', { name: 'Second choice' });
    const before = await second.getAttribute('aria-valuetext');
    await second.focus();
    for (const key of ['ArrowRight', 'ArrowRight', 'ArrowDown', 'Shift+ArrowLeft']) await student.keyboard.press(key);
    await expect(second).toBeFocused();
    const wished = (await second.getAttribute('aria-valuetext'))!;
    expect(wished).not.toBe(before);
    // What was typed and put survives a reload, in this tab.
    await student.reload();
    await expect(student.getByLabel('What is it about?')).toHaveValue('The drift bottles');
    await expect(chosen(student)).toHaveCount(2);
    await student.getByRole('button', { name: /^Ask Tomasz Wilk/ }).click();
    await expect(student.getByText('Please fill this in.').first()).toBeVisible();
    await who(student, 'Davi Sato', 'davi@mail.example');
    await student.getByLabel('Address of the work in question').fill('javascript:alert(1)');
    await student.getByRole('button', { name: /^Ask Tomasz Wilk/ }).click();
    await expect(student.getByText('An address begins with https:// or http://')).toBeVisible();
    await student.getByLabel('Address of the work in question').fill('https://docs.mail.example/drift');
    await expectSound(student);
    await student.getByRole('button', { name: /^Ask Tomasz Wilk/ }).click();
    await expect(student.getByRole('heading', { name: 'Tomasz Wilk is asked.' })).toBeVisible();
    await expectSound(student);
    expect(await student.evaluate(() => sessionStorage.getItem('recess.knock.tomasz-wilk'))).toBeNull();

    await signIn(page, TOMASZ);
    await expect(page.getByText('Somebody asks you for a time.')).toBeVisible();
    await page.getByRole('link', { name: 'Look, and answer with one press' }).click();
    const knock = page.getByRole('article').filter({ hasText: 'The drift bottles' });
    await expect(knock.getByText('https://docs.mail.example/drift')).toBeVisible();
    await expect(knock.getByRole('link', { name: /docs\.mail/ })).toHaveCount(0);
    await knock.getByRole('radio').nth(1).check();
    await knock.getByLabel(/A word to Davi/).fill('Bring a bottle.');
    await expectSound(page);
    await knock.getByRole('button', { name: /^Yes, / }).click();
    await expect(page.getByText('Davi hears that you can.')).toBeVisible();
    await expect(page.getByRole('listitem').filter({ hasText: 'The drift bottles' }).getByText('Agreed')).toBeVisible();

    await student.getByRole('link', { name: 'To your bookings' }).click();
    await expect(
        student.getByText('The drift bottles, with Tomasz Wilk').or(student.getByText('The drift bottles')).first(),
    ).toBeVisible();
    await expect(student.getByRole('button', { name: 'Move it' })).toHaveCount(0);
    const mail = await (await somebodyElse(browser)).newPage();
    await openMail(mail, 'davi@mail.example', /^Accepted: .* – The drift bottles/);
    // Its reader says no in their calendar: the time is given back by that.
    await mail.getByRole('button', { name: 'No', exact: true }).click();
    await openMail(mail, TOMASZ, /^Cancelled: .* – The drift bottles/);
});

test('on a phone: maybe, then other times, of which one press takes one', async ({ page, browser }) => {
    const parent = await (await somebodyElse(browser, { viewport: PHONE, hasTouch: true })).newPage();
    listen(parent, /422|409/);
    await parent.goto('/d/tomasz-wilk/knock');
    await parent.getByLabel('What is it about?').fill('Seasick on the field trip');
    await days(parent)
        .nth(1)
        .locator('.track')
        .tap({ position: { x: 120, y: 30 } });
    await expect(chosen(parent)).toHaveCount(1);
    const at = await chosen(parent).textContent();
    await parent.getByRole('button', { name: 'First choice: later' }).click();
    await expect(chosen(parent)).not.toHaveText(at!);
    await parent.setViewportSize({ width: 320, height: 720 });
    await expectSound(parent);
    await parent.setViewportSize(PHONE);
    await who(parent, 'Oksana Gill', 'oksana@mail.example');
    await parent.getByRole('button', { name: /^Ask Tomasz Wilk/ }).click();
    await parent.getByRole('link', { name: 'To your bookings' }).click();
    await expect(parent.getByText('Tomasz Wilk has been asked.')).toBeVisible();
    await expectSound(parent);

    await signIn(page, TOMASZ);
    await page.goto('/staff/knocks');
    const knock = page.getByRole('article').filter({ hasText: 'Seasick on the field trip' });
    await knock.getByRole('button', { name: 'Maybe' }).click();
    await expect(knock.getByText('You have said maybe.')).toBeVisible();
    // The pass hears of it by itself.
    await expect(parent.getByText('Tomasz Wilk says maybe.')).toBeVisible();
    await knock.getByRole('button', { name: 'Other times' }).click();
    const free = knock.locator('section.day').filter({ has: page.locator('.band.common') });
    await free
        .nth(2)
        .getByRole('button', { name: /^Put first choice on/ })
        .click();
    await expectSound(page);
    await knock.getByRole('button', { name: 'Name this time to Oksana' }).click();
    await expect(page.getByText('Oksana hears of the other time.')).toBeVisible();

    await expect(parent.getByText('Tomasz Wilk names other times.')).toBeVisible();
    await parent.getByRole('button', { name: 'Take this time' }).click();
    await expect(parent.getByText('This time is yours.')).toBeVisible();
    await page.reload();
    await expect(page.getByRole('listitem').filter({ hasText: 'Seasick' }).getByText('Agreed')).toBeVisible();
    await page.getByRole('listitem').filter({ hasText: 'Seasick' }).getByRole('link').click();
    await expect(page.getByRole('heading', { name: 'Seasick on the field trip' })).toBeVisible();
    await expect(page.getByRole('link', { name: 'Change it' })).toHaveCount(0);
    await expectSound(page);
});

test('two at once are free at the same time, and both say yes', async ({ page, browser }) => {
    listen(page, /409|422/);
    const parent = await (await somebodyElse(browser)).newPage();
    listen(parent, /409/);
    await parent.goto('/d/tomasz-wilk/knock');
    await parent.getByText('With somebody else as well').click();
    await parent.getByLabel(/Ruta Šimkutė/).check();
    await expect(parent.getByText('Together: Tomasz Wilk and Ruta Šimkutė')).toBeVisible();
    await parent.getByLabel('What is it about?').fill('A lighter week');
    await parent.getByRole('button', { name: 'Put it on the first common time' }).click();
    await who(parent, 'Eilidh MacAulay', 'eilidh@mail.example');
    await parent.getByRole('button', { name: 'Ask Tomasz Wilk and Ruta Šimkutė' }).click();
    await expect(parent.getByRole('heading', { name: 'Tomasz Wilk and Ruta Šimkutė are asked.' })).toBeVisible();

    // The one from a button in the letter, the other on their page.
    const mail = await (await somebodyElse(browser)).newPage();
    await openMail(mail, TOMASZ, /^Asked: A lighter week/);
    await mail.getByRole('button', { name: 'As plain text' }).click();
    const link = /https?:\S+\/knock\/\S+accept\S+/.exec((await mail.locator('pre').textContent()) ?? '')?.[0];
    await mail.goto(link!);
    await expectSound(mail);
    await mail.getByRole('button', { name: 'Yes, I can' }).click();
    await expect(mail.getByText('Done: Eilidh MacAulay hears that you can.')).toBeVisible();
    await mail.goto(link!);
    await expect(mail.getByRole('heading', { name: 'This button is good for nothing any more' })).toBeVisible();

    await signIn(page, RUTA);
    await page.goto('/staff/knocks');
    const knock = page.getByRole('article').filter({ hasText: 'A lighter week' });
    await expect(knock.getByText('Tomasz Wilk has said yes.')).toBeVisible();
    // A fold that was opened stays so, whatever the page hears.
    await page.getByText('When you can be asked').click();
    await knock.getByRole('button', { name: /^Yes, / }).click();
    await expect(page.getByText('Eilidh hears that you can.')).toBeVisible();
    await expect(knock).toHaveCount(0);
    // What can be asked of her is hers to say, and what is wrong is said at its field.
    await page.getByRole('textbox', { name: 'Monday' }).fill('4-6');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('in the morning or in the evening?')).toBeVisible();
    await expectSound(page);
});
