import { expect, test, type Browser, type Page } from '@playwright/test';
import { expectSound, listen, signIn, somebodyElse } from './steps';

const phone = { viewport: { width: 320, height: 700 } };
const HOST = 'pilar.ondarza@gannetcove.example';

interface Slot {
    key: string;
    from: string;
    state: string;
}
interface Visitor {
    page: Page;
    path: string;
    student: string;
}

let slug = '';
/** The sheet of today: its own address, and that for visitors. */
async function today(page: Page): Promise<string> {
    await page.goto('/staff/sheets');
    const href = await page
        .getByRole('link', { name: 'What comes after school', exact: true })
        .first()
        .getAttribute('href');
    await page.goto(href!);
    return `${href} ${await page.getByLabel('The link to pass on').inputValue()}`;
}

async function free(page: Page): Promise<{ slots: Slot[]; places: { id: number; label: string }[] }> {
    // A block that began before midnight is of the day before.
    const from = new Date(Date.now() - 86_400_000).toLocaleDateString('en-CA', { timeZone: 'America/Halifax' });
    const sheet = await (await page.request.get(`/api/s/${slug}?from=${from}`)).json();
    const slots = sheet.days.flatMap((day: { stretches: { slots: Slot[] }[] }) =>
        day.stretches.flatMap((part) => part.slots),
    );
    return { slots: slots.filter((slot: Slot) => slot.state === 'free'), places: sheet.places };
}

/** Books at the door of the sheet, as its page does, and opens the pass in a browser of their own. */
async function visitor(browser: Browser, slot: Slot, student: string, place: number, on?: Visitor): Promise<Visitor> {
    const page = on?.page ?? (await (await somebodyElse(browser, phone)).newPage());
    const answer = await page.request.post(`/api/s/${slug}/bookings`, {
        headers: { Accept: 'application/json' },
        data: {
            slot: slot.key,
            place,
            name: `Parent of ${student}`,
            email: `${student.toLowerCase().replace(' ', '.')}@mail.example`,
            answers: { student, phone: '+1 902 555 0142' },
            request_key: crypto.randomUUID(),
            ...(on ? { pass: on.path.slice(3) } : {}),
        },
    });
    expect(answer.ok(), await answer.text()).toBe(true);
    const { path } = await answer.json();
    if (!on) listen(page, /net::ERR|Failed to load resource/);
    await page.goto(path);
    return { page, path, student };
}

const row = (page: Page, student: string) => page.locator('li[data-turn]', { hasText: student });
const inLine = (who: Visitor) => who.page.locator('section[data-line]').first();

test('an evening: early, by the tablet, missing, a group and two siblings; the link only while one is in', async ({
    page: desk,
    browser,
}) => {
    test.setTimeout(240_000);
    listen(desk, /409/);
    await signIn(desk, HOST, undefined, 'Your desk');
    const sheet = await today(desk);
    slug = sheet.split('/s/')[1]!;
    const { slots, places } = await free(desk);
    const [room, video] = [places[0]!.id, places[1]!.id];
    expect(slots.length).toBeGreaterThan(7);
    await desk.goto('/staff');
    await expect(desk.getByRole('heading', { name: 'Your desk' })).toBeVisible();
    await expectSound(desk);
    // From when they can say that they are here is the host's to set.
    await desk.getByText('How your desk works').click();
    await desk.getByLabel('Minutes before their time').fill('120');
    await desk.getByRole('button', { name: 'Keep it so' }).click();
    await expect(desk.getByText('Kept.', { exact: true })).toBeVisible();

    const early = await visitor(browser, slots[0]!, 'Esme Early', video);
    const shown = await visitor(browser, slots[1]!, 'Tove Tablet', room);
    const gone = await visitor(browser, slots[2]!, 'Mio Missing', room);
    const first = await visitor(browser, slots[3]!, 'Ana Sibling', room);
    const both = await visitor(browser, slots[4]!, 'Bea Sibling', room, first);

    // Early: said on the pass, seen at the desk without a reload.
    await early.page.getByRole('button', { name: 'I’m here' }).click();
    await expect(early.page.getByText('Pilar Ondarza knows that you are here.')).toBeVisible();
    await expect(row(desk, 'Esme Early')).toHaveAttribute('data-state', 'waits', { timeout: 3000 });
    await expectSound(early.page);
    // The link is nowhere yet: not in the page, its data, nor in an entry.
    for (const path of [early.path, `/api${early.path}`, `${early.path}/bookings.ics`, `/api/s/${slug}`, `/s/${slug}`])
        expect(await (await early.page.request.get(path)).text(), path).not.toContain('/video-room/');
    await expect(early.page.getByRole('link', { name: 'Go to the meeting' })).toHaveCount(0);

    // By the tablet at the entrance, which the office has made.
    const office = await (await somebodyElse(browser)).newPage();
    await signIn(office, 'ruta.simkute@gannetcove.example');
    await office.goto('/staff/school');
    await office.getByLabel('Where another one stands').fill('Main door');
    await office.getByRole('button', { name: 'Add it' }).click();
    const address = await office
        .getByRole('link', { name: /\/kiosk\// })
        .last()
        .getAttribute('href');
    const kiosk = await (await somebodyElse(browser, { viewport: { width: 1024, height: 768 } })).newPage();
    listen(kiosk, /422/);
    await kiosk.goto(address!);
    await expectSound(kiosk);
    const code = await shown.page.getByText('Your code for the entrance today').locator('strong').textContent();
    await kiosk.getByLabel('The code from your bookings or your card').fill('no such code');
    await kiosk.keyboard.press('Enter');
    await expect(kiosk.getByText('Nothing today is found by this code.')).toBeVisible();
    await kiosk.getByLabel('The code from your bookings or your card').fill(code!.toLowerCase());
    await kiosk.keyboard.press('Enter');
    await kiosk.getByRole('button', { name: 'I’m here' }).click();
    await expect(kiosk.getByText('Pilar Ondarza knows that you are here.')).toBeVisible();
    await expectSound(kiosk);
    await kiosk.getByRole('button', { name: 'Done' }).click();
    await expect(kiosk.getByText('Tove')).toHaveCount(0);
    await expect(row(desk, 'Tove Tablet')).toHaveAttribute('data-state', 'waits', { timeout: 3000 });
    await expect(inLine(shown)).toHaveAttribute('data-line', 'here', { timeout: 3000 });

    // Called in, the link is there at once, for that one alone.
    await row(desk, 'Esme Early').getByRole('button', { name: 'Call in' }).click();
    const link = early.page.getByRole('link', { name: 'Go to the meeting' });
    await expect(link).toBeVisible({ timeout: 3000 });
    expect(await (await shown.page.request.get(`/api${shown.path}`)).text()).not.toContain('/video-room/');
    await expect(desk.getByRole('heading', { name: 'Esme Early' })).toBeVisible();
    // Video fails: each side sees the number to ring.
    await early.page.getByRole('button', { name: 'Video does not work' }).click();
    await expect(early.page.getByText('rings you at +1 902-555-0142')).toBeVisible();
    await expect(desk.getByText(/^Video does not work: ring Parent of Esme Early/)).toBeVisible({ timeout: 3000 });

    // The room has a door: whoever comes waits there, and only the host lets in.
    const visit = await (await somebodyElse(browser, phone)).newPage();
    await visit.goto((await link.getAttribute('href'))!);
    await visit.getByLabel(/^Your name/).fill('Parent of Esme Early');
    await visit.keyboard.press('Enter');
    await expect(visit.getByText('is not there yet; nobody can go in ahead of them')).toBeVisible();
    await expectSound(visit);
    const inRoom = await desk.context().newPage();
    await inRoom.goto((await link.getAttribute('href'))!);
    await inRoom.getByRole('link', { name: 'I am the host' }).click();
    await inRoom.getByRole('button', { name: 'Not now' }).click();
    await expect(visit.getByText('not now. “I am with somebody just now.')).toBeVisible({ timeout: 3000 });
    await inRoom.getByRole('button', { name: 'Let in' }).click();
    await expect(visit.getByRole('heading', { name: 'You are in the room' })).toBeVisible({ timeout: 3000 });
    await expectSound(inRoom);
    await inRoom.close();

    // Five more minutes, and taken back.
    await desk.getByRole('button', { name: 'Five more minutes' }).click();
    await expect(desk.getByText('Some minutes more.')).toBeVisible();
    await desk.getByRole('button', { name: 'Undo' }).click();
    await expect(desk.getByText('Some minutes more.')).toHaveCount(0);

    // A word while one of them has no net: it is said since when nothing is heard, and it catches up.
    await shown.page.context().setOffline(true);
    await desk.getByRole('button', { name: 'Word to all' }).click();
    await desk.getByLabel(/^A word to all who wait/).fill('Two more minutes, please.');
    await desk.getByRole('button', { name: 'Send it' }).click();
    await expect(shown.page.getByText('Nothing has been heard from the school since')).toBeVisible({ timeout: 45_000 });
    await shown.page.context().setOffline(false);
    await expect(shown.page.getByText('“Two more minutes, please.”')).toBeVisible({ timeout: 10_000 });
    await expect(shown.page.getByText('Nothing has been heard from the school since')).toHaveCount(0);
    await shown.page.getByRole('button', { name: 'On the stairs' }).click();
    await expect(row(desk, 'Tove Tablet').getByText('“On the stairs”')).toBeVisible({ timeout: 3000 });

    // By keys alone: down to the one who is missing, and noted so.
    await desk.locator('h1').click();
    for (let i = 0; i < 30 && (await row(desk, 'Mio Missing').locator('[aria-expanded="true"]').count()) === 0; i++)
        await desk.keyboard.press('j');
    await desk.keyboard.press('x');
    await expect(row(desk, 'Mio Missing')).toHaveAttribute('data-state', 'missed');
    await expect(gone.page.getByText('has waited for you and has gone on')).toBeVisible({ timeout: 3000 });
    await desk.keyboard.press('z');
    await expect(row(desk, 'Mio Missing')).toHaveAttribute('data-state', 'ahead');
    await desk.keyboard.press('x');
    await expect(row(desk, 'Mio Missing')).toHaveAttribute('data-state', 'missed');
    // And another time offered to them, which one press takes.
    await row(desk, 'Mio Missing').getByRole('button', { name: 'Offer another time' }).click();
    const times = row(desk, 'Mio Missing').locator('[data-tab].free');
    await times.last().click();
    await row(desk, 'Mio Missing').getByRole('button', { name: 'Offer this time' }).click();
    await gone.page.getByRole('button', { name: 'Take this time' }).click({ timeout: 5000 });
    await expect(gone.page.getByText('The time is yours.')).toBeVisible();
    await expectSound(gone.page);

    // Two siblings on one pass: each has a line of their own.
    for (const time of [slots[3]!, slots[4]!]) {
        const line = both.page.locator('article', { has: both.page.locator(`time[datetime="${time.key}"]`) });
        if (!(await line.isVisible())) await both.page.getByRole('button', { name: 'Open' }).first().click();
        await line.getByRole('button', { name: 'I’m here' }).click();
        await expect(line.locator('[data-line="here"]')).toBeVisible();
    }
    await row(desk, 'Ana Sibling').getByRole('button', { name: 'Call in' }).click();
    await expect(both.page.getByText('Please come in now.')).toBeVisible({ timeout: 3000 });
    await expect(both.page.locator('[data-line="here"]')).toHaveCount(1);
    await expect(row(desk, 'Esme Early')).toHaveAttribute('data-state', 'met');
    await expect(early.page.getByRole('link', { name: 'Go to the meeting' })).toHaveCount(0);

    // A group: a seat more at one time, and those who came to it are let in together.
    const id = Number(/\d+/.exec(sheet)![0]);
    const more = await desk.evaluate(
        async ([sheet, slot]) => {
            const token = decodeURIComponent(/XSRF-TOKEN=([^;]*)/.exec(document.cookie)![1]!);
            const answer = await fetch(`/api/staff/sheets/${sheet}/slot`, {
                method: 'POST',
                headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token },
                body: JSON.stringify({ slot, closed: false, extra_seats: 1 }),
            });
            return answer.status;
        },
        [id, slots[5]!.key] as const,
    );
    expect(more).toBe(200);
    for (const name of ['Gus Group', 'Gil Group']) {
        const one = await visitor(browser, slots[5]!, name, room);
        await one.page.getByRole('button', { name: 'I’m here' }).click();
        await expect(row(desk, name)).toHaveAttribute('data-state', 'waits', { timeout: 3000 });
    }
    await row(desk, 'Gus Group').getByRole('button', { name: 'Let all 2 in' }).click();
    await expect(row(desk, 'Gus Group')).toHaveAttribute('data-state', 'in');
    await expect(row(desk, 'Gil Group')).toHaveAttribute('data-state', 'in');

    // Two tabs: the one that knew less is told what is true, and nothing of its press is done.
    const second = await desk.context().newPage();
    listen(second, /409|net::ERR|Failed to load/);
    await second.goto('/staff');
    await expect(second.getByRole('heading', { name: 'Your desk' })).toBeVisible();
    await second.route('**/live/**', (route) => route.abort());
    await second.route(/\/api\/staff\/desk\/\d+$/, (route) => route.abort());
    await desk.getByRole('button', { name: 'End it', exact: true }).click();
    await expect(row(desk, 'Gus Group')).toHaveAttribute('data-state', 'met');
    await row(second, 'Tove Tablet').getByRole('button', { name: 'Call in' }).click();
    await expect(second.getByText(/Something was pressed at this desk/)).toBeVisible();
    await expect(row(desk, 'Tove Tablet')).toHaveAttribute('data-state', 'waits');
    await second.unroute(/\/api\/staff\/desk\/\d+$/);
    await expect(row(second, 'Gus Group')).toHaveAttribute('data-state', 'met', { timeout: 10_000 });
    await second.close();
});

test('a desk on a phone, in forced colours, and its day on paper', async ({ browser }) => {
    const page = await (await somebodyElse(browser, { ...phone, forcedColors: 'active' })).newPage();
    listen(page);
    await signIn(page, HOST, undefined, 'Your desk');
    await expectSound(page);
    await page.keyboard.press('?');
    await expect(page.getByText('call the next in')).toBeVisible();
    await page.getByRole('checkbox', { name: 'Single keys work on this machine' }).uncheck();
    await page.keyboard.press('Escape');
    await page.keyboard.press('l');
    await expect(page.getByText('Tell whoever comes later that you run late')).toHaveCount(0);
    await page.getByRole('link', { name: 'Paper' }).click();
    await expect(page.getByRole('link', { name: 'Run sheet, PDF' })).toBeVisible();
    await expectSound(page);
    await page.goto('/staff/sheets');
    await page.getByRole('link', { name: 'What comes after school', exact: true }).first().click();
    await page.getByRole('link', { name: 'Afterwards' }).click();
    await expect(page.getByText('Average wait')).toBeVisible();
    await expectSound(page);
});
