import { expect, test } from '@playwright/test';
import { cardCode, daysAhead, expectSound, listen, openMail, signIn, somebodyElse } from './steps';

const PHONE = { width: 390, height: 844 };
const RUTA = 'ruta.simkute@gannetcove.example';
/** Of her three children, each has two teachers in the demo's round. */
const PARENT = 'Parveen Gill';

test('a parent of three plans six meetings on a phone, is beaten to one, and has all of them', async ({
    page,
    browser,
}) => {
    test.setTimeout(120_000);
    listen(page);
    await signIn(page, RUTA);
    const code = await cardCode(page, 'Meet all your teachers', PARENT);
    const phone = await (await somebodyElse(browser, { viewport: PHONE, hasTouch: true })).newPage();
    // The mailroom shows letters in a frame without scripts.
    listen(phone, /409|422|sandboxed/);
    let presses = 0;
    const press = async (name: string | RegExp) => {
        await phone.getByRole('button', { name }).first().tap();
        presses++;
    };
    await phone.goto('/');
    await phone
        .getByRole('listitem')
        .filter({ hasText: 'Meet all your teachers' })
        .getByRole('link', { name: 'Plan all your meetings' })
        .tap();
    // A zero typed as the letter is nobody's mistake.
    await phone.getByLabel('The code on your card').fill(code.replaceAll('0', 'O').toLowerCase());
    await press(/./);
    await expect(phone.getByText(`For ${PARENT}`)).toBeVisible();
    await expectSound(phone);
    for (let child = 0; child < 3; child++) await press('Tick all 2');
    const book = phone.getByRole('button', { name: 'Book all 6 meetings' });
    await expect(book).toBeEnabled();
    await expectSound(phone);
    // What was ticked is there again after a reload.
    await phone.reload();
    await expect(book).toBeEnabled();

    // Somebody takes the first one while she looks: the office, for a family on the phone.
    const first = phone.locator('li.meeting').first();
    const [host, time] = [await first.locator('strong').textContent(), await first.locator('.from').textContent()];
    await page.goto('/staff/rounds');
    await page.getByRole('link', { name: 'Meet all your teachers' }).first().click();
    await page.getByRole('link', { name: host!, exact: true }).click();
    await page
        .getByRole('button', { name: new RegExp(`, ${time} to .*, free`) })
        .first()
        .click();
    await page.getByRole('button', { name: 'Book it for somebody' }).click();
    await page.getByLabel('Who comes').fill('Yusuf Demir');
    await page.getByLabel('Student’s name').fill('Lale Demir');
    await page.getByLabel('Phone number').fill('902 555 0188');
    await page.getByRole('button', { name: 'Book it for them' }).click();

    await press('Book all 6 meetings');
    await expect(phone.getByRole('alert')).toContainText(`Somebody has just taken`);
    await expect(phone.getByText('another time than before').first()).toBeVisible();
    await expect(phone.locator('li.meeting')).toHaveCount(6);
    await expectSound(phone);
    await press('Book all 6 meetings');
    await expect(phone.getByRole('heading', { name: 'Your bookings' })).toBeVisible();
    expect(presses, 'from the card to all booked').toBeLessThanOrEqual(12);
    console.log(`Six meetings with ${presses} presses, and one of them lost on the way.`);
    await openMail(phone, 'family06@mail.example', /Your plan/);
});

test('the office sets up a round in ninety seconds, and a school without cards lets anybody type a name', async ({
    page,
    browser,
}) => {
    test.setTimeout(120_000);
    listen(page, /422|409/);
    await signIn(page, RUTA);
    await page.goto('/staff/rounds');
    await page.getByRole('link', { name: 'A new round' }).click();
    await page.getByLabel('What it is called').fill('Report evening');
    await page.getByLabel('When').fill(`${daysAhead(40)} 16:00-17:00 /10`);
    await page.getByRole('radio', { name: /anyone with the link/ }).check();
    await page.getByRole('checkbox', { name: /Inês Tavares/ }).check();
    await page.getByRole('checkbox', { name: /Pilar Ondarza/ }).check();
    await expect(page.getByText('Kept.')).toBeVisible();
    await expect(page.getByText('6 times for each teacher: 12 for 2 teachers.')).toBeVisible();
    await expectSound(page);
    // Where Pilar is, nobody has said.
    await page.getByRole('button', { name: 'Where Pilar Ondarza is' }).click();
    await page.getByLabel('Room', { exact: true }).fill('Reading room');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByText('Reading room')).toBeVisible();
    await page.reload();
    await expect(page.getByLabel('What it is called')).toHaveValue('Report evening');
    await page.getByRole('button', { name: 'Publish…' }).click();
    await page.getByRole('button', { name: 'Publish it' }).click();
    await expect(page.getByText('0 of 12 times are booked')).toBeVisible();
    await expectSound(page);

    const visitor = await (await somebodyElse(browser, { viewport: { width: 320, height: 700 } })).newPage();
    listen(visitor, /422/);
    await visitor.goto((await page.getByRole('link', { name: 'What families see' }).getAttribute('href'))!);
    await visitor.getByLabel('Student’s name').fill('Kit Oke');
    await visitor.getByRole('button', { name: 'Find their teachers' }).click();
    await visitor.getByRole('checkbox', { name: /Inês Tavares/ }).check();
    await visitor.getByRole('checkbox', { name: /Pilar Ondarza/ }).check();
    const book = visitor.getByRole('button', { name: 'Book all 2 meetings' });
    await expect(book).toBeEnabled();
    await book.click();
    await expect(visitor.getByText('Please fill this in.').first()).toBeVisible();
    await expectSound(visitor);
    await visitor.getByLabel('Your name').fill('Ola Oke');
    await visitor.getByLabel('E-mail address').fill('ola.oke@mail.example');
    await visitor.getByLabel('Phone number').fill('902 555 0166');
    await book.click();
    await expect(visitor.getByRole('heading', { name: 'Your bookings' })).toBeVisible();
});
