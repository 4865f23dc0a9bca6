import { expect, test } from '@playwright/test';
import { allOf } from '../web/catalogues';
import { expectSound, listen, openMail, publish, signIn, somebodyElse } from './steps';

const LANGUAGES = ['ar', 'de', 'en', 'es', 'fr', 'it', 'pl', 'pt', 'uk', 'zh'];
const html = (language: string) => `html[lang="${language}"]`;

test('a family reads, books, is written to and goes on in its language', async ({ browser, page }) => {
    test.setTimeout(120_000);
    await signIn(page);
    const path = new URL(await publish(page, 'In their language')).pathname;
    const email = `mova.${Date.now()}@mail.example`;

    // Nobody has chosen: their phone asks for Ukrainian.
    const phone = await somebodyElse(browser, { locale: 'uk-UA', viewport: { width: 390, height: 844 } });
    const family = await phone.newPage();
    listen(family);
    await family.goto(path);
    await expect(family.locator(html('uk'))).toBeVisible();
    await expect(family.getByRole('heading', { name: 'Оберіть час' })).toBeVisible();
    await family.locator('[data-key]').first().click();
    await family.getByLabel('Ім’я учня').fill('Ivo Sandoval');
    await family.getByLabel('Ваше ім’я').fill('Olena Sandoval');
    await family.getByLabel('Номер телефону').fill('+1 902 555 0142');
    await family.getByLabel('Адреса ел. пошти').fill(email);
    await family.getByRole('button', { name: /^Записатися на цей час/ }).click();
    await expect(family.getByText(/Цей час ваш\.|Ще один крок/).first()).toBeVisible();
    await expectSound(family);

    // What is sent is in it; the mailroom itself is the technician's.
    const mail = await (await somebodyElse(browser)).newPage();
    await openMail(mail, email, /^(Записано|Підтвердьте, будь ласка): /);
    const pass = await mail.locator('iframe').contentFrame().getByRole('link').first().getAttribute('href');

    // Another device, which asks for English: the pass knows better, and so does what comes after it.
    const other = await (await somebodyElse(browser)).newPage();
    listen(other);
    await other.goto(new URL(pass ?? '').pathname);
    await expect(other.locator(html('uk'))).toBeVisible();
    await other.goto(path);
    await expect(other.locator(html('uk'))).toBeVisible();

    // Chosen on the page of the pass: from right to left, and from then on.
    await other.goto(new URL(pass ?? '').pathname.replace(/\/address\/.*/, ''));
    await other.locator('.languages summary').click();
    await other.getByRole('link', { name: 'العربية' }).click();
    await expect(other.locator(`${html('ar')}[dir="rtl"]`)).toBeVisible();
    await expectSound(other);
    await other.goto('/');
    await expect(other.getByRole('heading', { name: 'لقاء العاملين لدينا' })).toBeVisible();
});

// The whole way, as the catalogues say it: a sentence that a page does not take from them is not found here.
for (const [language, width, booked, cancelled] of [
    ['it', 390, /^Prenotato: /, /^Disdetto: /],
    ['ar', 1280, /^محجوز: /, /^أُلغي: /],
] as const) {
    test(`from the board to booked and cancelled in ${language}, ${width} pixels wide`, async ({ browser, page }) => {
        test.setTimeout(120_000);
        await signIn(page);
        const title = `From the board, ${language}`;
        const path = new URL(await publish(page, title)).pathname;
        const say = allOf(language);
        const email = `board.${language}.${Date.now()}@mail.example`;
        const context = await somebodyElse(browser, { locale: language, viewport: { width, height: 844 } });
        const family = await context.newPage();
        listen(family, /Blocked script execution in .*mailroom/);

        await family.goto('/');
        await expect(family.locator(html(language))).toBeVisible();
        await family.getByLabel(say['board.seek']!).fill('tavares');
        await expect(family.getByRole('heading', { level: 2, name: 'Inês Tavares' })).toBeVisible();
        await expectSound(family);
        await family.locator(`a[href$="${path}"]`).click();
        await family.locator('[data-key]').first().click();
        await family.getByLabel(say['sheets.ask_student']!).fill('Esme Byrne');
        await family.getByLabel(say['visit.name']!).fill('Rua Parata');
        await family.getByLabel(say['visit.phone']!).fill('+1 902 555 0142');
        await family.getByLabel(say['visit.email']!).fill(email);
        await expectSound(family);
        await family.getByRole('button', { name: say['visit.form_book']! }).click();
        await expect(family.getByRole('heading', { name: say['visit.yours']! })).toBeVisible();
        await expectSound(family);

        const mail = await (await somebodyElse(browser)).newPage();
        await openMail(mail, email, booked);
        const letter = mail.locator('iframe').contentFrame();
        await expect(letter.locator(`html[lang="${language}"]`)).toHaveCount(1);
        await expect(letter.getByText('Esme Byrne').first()).toBeVisible();
        const pass = await letter.getByRole('link').first().getAttribute('href');
        await mail.getByRole('button', { name: 'Calendar entry' }).click();
        await expect(mail.getByText('METHOD:REQUEST')).toBeVisible();
        // Its lines are folded at 75 octets (RFC 5545, 3.1), in the middle of a word.
        const entry = (await mail.locator('pre').innerText()).replace(/\r?\n /g, '');
        expect(entry).toContain(say['said.fact_about']!);

        await family.goto(new URL(pass!).pathname.replace(/\/address\/.*/, ''));
        await family.getByRole('button', { name: say['pass.cancel']!, exact: true }).click();
        await family.getByRole('button', { name: say['pass.cancel_this_meeting']! }).click();
        await expect(family.getByRole('button', { name: say['pass.cancel_this_meeting']! })).toBeHidden();
        await expectSound(family);
        await openMail(mail, email, cancelled);
        await mail.getByRole('button', { name: 'Calendar entry' }).click();
        await expect(mail.getByText('METHOD:CANCEL')).toBeVisible();
    });
}

test('what is kept for all is kept apart for each language, and a choice holds without scripts', async ({
    browser,
}) => {
    const asked = ['fr', 'de', 'pl', 'en', 'it'];
    const pages = await Promise.all(
        asked.map(async (locale) => (await somebodyElse(browser, { locale, javaScriptEnabled: false })).newPage()),
    );
    for (let again = 0; again < 3; again++) {
        await Promise.all(pages.map((page) => page.goto('/s/office-hours')));
        for (const [i, page] of pages.entries()) await expect(page.locator(html(asked[i] ?? ''))).toBeVisible();
    }
    const [page] = pages;
    await page!.locator('.languages summary').click();
    await page!.getByRole('link', { name: 'Español' }).click();
    await expect(page!.locator(html('es'))).toBeVisible();
    expect(new URL(page!.url()).pathname).toBe('/es/s/office-hours');
    // By a way that says no language, and back again.
    await page!.goto('/find');
    await expect(page!.getByRole('heading', { name: 'Quién está libre, y cuándo' })).toBeVisible();
    await page!.goBack();
    await expect(page!.locator(html('es'))).toBeVisible();
});

test('in each language a narrow phone has room for all of it', async ({ browser }) => {
    test.setTimeout(120_000);
    const context = await somebodyElse(browser, { viewport: { width: 320, height: 640 } });
    const page = await context.newPage();
    listen(page, /404/);
    const wide: string[] = [];
    for (const language of LANGUAGES)
        for (const path of ['/', '/s/office-hours', '/d/ines-tavares/knock', '/card', '/nowhere']) {
            await page.goto(`/${language}${path}`);
            await expect(page.locator(html(language))).toBeVisible();
            await page.evaluate(() => document.fonts.ready);
            const by = await page.evaluate(
                () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
            );
            if (by > 0) wide.push(`/${language}${path} by ${by}`);
        }
    expect(wide).toEqual([]);
});

test('where a page runs from right to left, time does, and so do keys and hands', async ({ browser }) => {
    const page = await (await somebodyElse(browser, { viewport: { width: 1280, height: 800 } })).newPage();
    listen(page);
    await page.goto('/ar/s/office-hours');
    const tabs = page.locator('[data-ruler]').first().locator('[data-tab]');
    const at = async (i: number) => (await tabs.nth(i).boundingBox())?.x ?? 0;
    expect(await at(0)).toBeGreaterThan(await at(1));
    await tabs.first().focus();
    await page.keyboard.press('ArrowLeft');
    await expect(tabs.nth(1)).toBeFocused();
    await expectSound(page);

    await page.goto('/ar/d/ines-tavares/knock');
    const band = page.locator('.band.common').first();
    const box = (await band.boundingBox())!;
    // Near the end where the band begins: a time of its first hour.
    await page.mouse.click(box.x + box.width - 4, box.y + box.height / 2);
    const chosen = page.locator('.choice').first();
    await expect(chosen).toBeVisible();
    expect((await chosen.boundingBox())!.x + (await chosen.boundingBox())!.width).toBeGreaterThan(
        box.x + box.width - 40,
    );
});

test('who works here sets a language and reads in it, on every computer', async ({ browser }) => {
    const greta = 'greta.holm@gannetcove.example';
    const page = await (await somebodyElse(browser)).newPage();
    listen(page);
    await signIn(page, greta);
    await page.goto('/staff/settings');
    await page.getByLabel('Your language, here and in letters to you').selectOption({ label: 'العربية' });
    await page.getByRole('button', { name: 'Keep this' }).first().click();
    await expect(page.locator(`${html('ar')}[dir="rtl"]`)).toBeVisible();
    await expectSound(page);
    // A worksheet drawn from right to left, by keys alone as far as the line: times are typed as everywhere.
    const drawn = page.waitForResponse((response) => response.url().endsWith('/api/staff/worksheet'));
    await page.goto('/staff/sheets/new?kind=office_hours');
    await drawn;
    await page.locator('#quick-line').fill('tue thu 10:25-11:35 /15 gap 5 until 28 may');
    await expect(page.locator('[data-ruler]').first()).toBeVisible();
    await expectSound(page);

    // At another computer, whose browser asks for Polish: before one has come in, as it asks; then as one has set.
    const other = await (await somebodyElse(browser, { locale: 'pl-PL' })).newPage();
    listen(other);
    await other.goto('/staff/settings');
    await expect(other.locator(html('pl'))).toBeVisible();
    await other.locator('input[type=email]').fill(greta);
    await other.locator('input[type=password]').fill('low-tide-bell');
    await other.locator('input[type=password]').press('Enter');
    await expect(other.getByRole('heading', { name: 'الإعدادات' })).toBeVisible();
    await other.locator('#language').selectOption('');
    await other.getByRole('button', { name: 'حفظ هذا' }).first().click();
    await expect(other.getByRole('heading', { name: 'Ustawienia' })).toBeVisible();
});

test('in each language the office’s pages have room on a narrow phone', async ({ browser }) => {
    test.setTimeout(240_000);
    const context = await somebodyElse(browser, { viewport: { width: 320, height: 640 } });
    const page = await context.newPage();
    listen(page);
    await signIn(page, 'ruta.simkute@gannetcove.example');
    const wide: string[] = [];
    for (const value of ['ar', 'de', 'pl', 'uk']) {
        await context.addCookies([{ name: 'recess_language', value, url: process.env.RECESS_SERVED ?? '' }]);
        for (const path of [
            'day',
            'sheets',
            'sheets/new',
            'rounds',
            'people',
            'directory',
            'school',
            'settings',
            'calendar-server',
            'wordings?own=yes',
        ]) {
            await page.goto(`/staff/${path}`);
            await expect(page.locator(html(value))).toBeVisible();
            await page.evaluate(() => document.fonts.ready);
            const { by, names } = await page.evaluate(() => ({
                by: document.documentElement.scrollWidth - document.documentElement.clientWidth,
                // The name of a sentence instead of the sentence, or a gap in one that nothing fills.
                names: document.body.innerText.match(/\b[a-z]+\.[a-z_]+\b(?![@.])|\{[a-z_]+\}/g) ?? [],
            }));
            const faults = names.filter((name) => !name.includes('.example') && /^[a-z]+\.[a-z]+_|\{/.test(name));
            if (by > 0 || faults.length > 0) wide.push(`${value} ${path}: ${by} ${faults.join(' ')}`);
        }
    }
    expect(wide).toEqual([]);
});

test('the office words a sentence, and a host says a sheet in Italian: families read both at once', async ({
    browser,
}) => {
    test.setTimeout(120_000);
    const office = await (await somebodyElse(browser, { locale: 'en-GB' })).newPage();
    // What is refused is said at its field.
    listen(office, /422/);
    await signIn(office, 'ruta.simkute@gannetcove.example');
    await office.goto('/staff/wordings?language=it&q=Scelga un orario');
    const sentence = office.locator('li', { hasText: 'visit.pick_a_time' });
    await sentence.getByRole('button', { name: /^Change/ }).press('Enter');
    const wording = sentence.getByRole('textbox');
    await wording.fill('Prenda un orario {libero}');
    await sentence.getByRole('button', { name: 'Say it so' }).click();
    await expect(sentence.getByText('Nobody fills this in')).toBeVisible();
    await wording.fill('Prenda un orario');
    await sentence.getByRole('button', { name: 'Say it so' }).click();
    await expect(sentence.getByText('It is said so from now on.')).toBeVisible();
    await expectSound(office);

    const host = await (await somebodyElse(browser, { locale: 'en-GB' })).newPage();
    listen(host);
    await signIn(host);
    await host.goto('/staff/sheets/1/languages');
    await host.getByRole('button', { name: 'Italian' }).click();
    await host.locator('#text-0').fill('Colloqui d’inverno');
    await host.getByRole('button', { name: 'Keep Italian' }).click();
    await expect(host.getByText('Kept.')).toBeVisible();
    await host.reload();
    await expect(host.locator('#text-0')).toHaveValue('Colloqui d’inverno');
    await expectSound(host);

    const family = await (
        await somebodyElse(browser, { locale: 'it-IT', viewport: { width: 320, height: 640 } })
    ).newPage();
    listen(family);
    await family.goto('/s/winter-conferences');
    await expect(family.getByRole('heading', { name: 'Colloqui d’inverno' })).toBeVisible();
    await expect(async () => {
        await family.reload();
        await expect(family.getByRole('heading', { name: 'Prenda un orario' })).toBeVisible({ timeout: 2_000 });
    }).toPass({ timeout: 15_000 });

    // As it was, for whoever looks after.
    await sentence.getByRole('button', { name: /^Change/ }).click();
    await sentence.getByRole('button', { name: 'Back to ours' }).click();
    await expect(sentence.getByText('It is said so from now on.')).toBeVisible();
    await host.locator('#text-0').fill('');
    await host.getByRole('button', { name: 'Keep Italian' }).click();
    await expect(host.getByText('Kept.')).toBeVisible();
});
