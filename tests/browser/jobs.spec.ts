import { expect, test, type Locator, type Page } from '@playwright/test';
import { bookBy, daysAhead, expectSound, listen, newSheet, signIn } from './steps';

// Seventeen jobs of a teacher's year, each done as somebody would who has ninety seconds, with presses and fields counted.
// The counts are bounds: a change that makes a job longer has to say so here. docs/performance.md shows them.
const BOUNDS = {
    'office hours for a term': [3, 1],
    'a conference evening of two stretches': [2, 1],
    published: [2, 0],
    'a single day closed': [2, 0],
    'other times on one day': [2, 2],
    'one question more': [2, 1],
    'a colleague who has to be there': [0, 1],
    'a video link later': [2, 0],
    'back to a draft, and undone': [2, 0],
    'the link passed on': [1, 0],
    'a link for one meeting': [2, 1],
    'a meeting moved': [3, 0],
    'a meeting cancelled with a word': [2, 1],
    'booked for somebody on the phone': [3, 4],
    'one time closed': [2, 0],
    'paused with a word, and opened again': [3, 1],
    'copied to the next term': [2, 1],
} satisfies Record<string, [number, number]>;

/** Counts what a job takes: a press is a click, a field one that is filled or chosen in. */
class Counted {
    private presses = 0;
    private fields = 0;
    readonly table: string[] = [];

    press = async (what: Locator) => {
        this.presses++;
        await what.click();
    };
    fill = async (what: Locator, text: string) => {
        this.fields++;
        await what.fill(text);
    };
    choose = async (what: Locator, option: Parameters<Locator['selectOption']>[0]) => {
        this.fields++;
        await what.selectOption(option);
    };
    done(job: keyof typeof BOUNDS): void {
        this.table.push(`| ${job} | ${this.presses} | ${this.fields} |`);
        expect.soft([this.presses, this.fields], job).toEqual(BOUNDS[job]);
        this.presses = this.fields = 0;
    }
}

const button = (page: Page | Locator, name: string | RegExp) =>
    page.getByRole('button', { name, exact: typeof name === 'string' });

test('seventeen jobs at the staff pages, counted', async ({ page, browser }) => {
    listen(page);
    const job = new Counted();
    await signIn(page, 'baoan.le@gannetcove.example');
    const line = page.getByLabel('In one line');
    const made = page.getByRole('region', { name: 'What comes of it' });

    await newSheet(page, 'office+hours');
    await job.fill(line, 'tue thu 10:25-11:35 /15 until 28 may');
    await expect(made.getByText(/^4 meetings a day on \d+ days/)).toBeVisible();
    await job.press(page.getByLabel('By phone'));
    await job.press(button(page, 'Keep as a draft'));
    await expect(page.getByText('This is a draft.')).toBeVisible();
    await job.press(page.getByRole('link', { name: 'Change it' }));
    job.done('office hours for a term');

    // Back on its worksheet: a day closed on the ruler, another at other times.
    await expect(made.getByRole('button', { name: /^Change / }).first()).toBeVisible();
    await job.press(made.getByRole('button', { name: /^Change / }).first());
    await job.press(button(page, 'Close this day'));
    await expect(page.getByRole('list', { name: 'Beside the line' }).getByText(/: closed/)).toBeVisible();
    job.done('a single day closed');

    await job.press(made.getByRole('button', { name: /^Change / }).first());
    await job.fill(page.getByLabel('New from'), '13:00');
    await job.fill(page.getByLabel('New to'), '14:10');
    await job.press(button(page, 'Change the times'));
    await expect(made.getByRole('button', { name: /^Begin of 13:00/ }).first()).toBeVisible();
    job.done('other times on one day');

    await button(page, 'Change ask').click();
    await job.press(button(page, 'Add a question'));
    await job.fill(page.getByLabel('Question 2', { exact: true }), 'Which chapter?');
    await job.press(page.getByLabel('Has to be answered').nth(1));
    job.done('one question more');

    await button(page, 'Change rules').click();
    await job.choose(page.getByLabel('Add a colleague'), { index: 1 });
    await expect(page.getByText(/has to be there\./).first()).toBeVisible();
    await expectSound(page);
    job.done('a colleague who has to be there');
    await page.getByLabel(/^What .* does$/).selectOption('');

    await button(page, 'Change where').click();
    await job.press(page.getByLabel('On video'));
    await job.press(page.getByLabel('I add the link later'));
    job.done('a video link later');
    await button(page, 'Keep as a draft').click();
    await expect(page.getByText('This is a draft.')).toBeVisible();

    await newSheet(page);
    const day = daysAhead(211);
    await job.fill(line, `${day} 14-15:30 16-18 /15`);
    await expect(made.getByText(/^14 meetings on /)).toBeVisible();
    await job.press(page.getByLabel('On video'));
    await job.press(page.getByLabel('I add the link later'));
    job.done('a conference evening of two stretches');

    await button(page, 'Change rules').or(button(page, 'Fold rules')).waitFor();
    if (!(await page.getByLabel('Days ahead').isVisible())) await button(page, 'Change rules').click();
    await page.getByLabel('Days ahead').fill('');
    await job.press(button(page, 'Look it over and publish'));
    await expect(page.getByRole('dialog').getByText('14 meetings on')).toBeVisible();
    await job.press(button(page, 'Publish it'));
    const link = page.getByLabel('The link to pass on');
    await expect(link).toBeVisible();
    job.done('published');

    await job.press(button(page, 'Back to a draft'));
    await job.press(button(page, 'Undo'));
    await expect(link).toBeVisible();
    job.done('back to a draft, and undone');

    await page.context().grantPermissions(['clipboard-read', 'clipboard-write']);
    await job.press(button(page, 'Copy'));
    await expect(button(page, 'Copied')).toBeVisible();
    job.done('the link passed on');

    const address = await link.inputValue();
    for (const [time, student] of [
        ['14:00', 'First Child'],
        ['14:15', 'Second Child'],
    ] as const)
        await bookBy(browser, address, time, student);
    await page.reload();
    const first = page.getByRole('listitem').filter({ hasText: 'First Child' });
    await job.press(first.getByRole('button', { name: 'Add link' }));
    await job.fill(first.getByLabel('The link of this one meeting'), 'https://video.example/first');
    await job.press(first.getByRole('button', { name: /^Keep it and tell/ }));
    await expect(first.getByRole('link', { name: 'https://video.example/first' })).toBeVisible();
    job.done('a link for one meeting');

    await job.press(first.getByRole('button', { name: 'Move', exact: true }));
    await job.press(first.getByRole('button', { name: /17:00 to 17:15, free/ }));
    await job.press(first.getByRole('button', { name: 'Move it there' }));
    await expect(page.getByRole('button', { name: /17:00 to 17:15, First Child/ })).toBeVisible();
    job.done('a meeting moved');

    const second = page.getByRole('listitem').filter({ hasText: 'Second Child' });
    await job.press(second.getByRole('button', { name: 'Cancel', exact: true }));
    await job.fill(second.getByRole('textbox').first(), 'I am ill.');
    await job.press(second.getByRole('button', { name: 'Cancel it and send the message' }));
    await expect(page.getByRole('heading', { name: 'Cancelled' })).toBeVisible();
    job.done('a meeting cancelled with a word');

    await job.press(page.getByRole('button', { name: /16:00 to 16:15, free/ }));
    await job.press(button(page, 'Book it for somebody'));
    await job.fill(page.getByLabel('Who comes'), 'Grandmother Ng');
    await job.fill(page.getByLabel('Student’s name'), 'Third Child');
    await job.fill(page.getByLabel('Phone number'), '+1 902 555 0143');
    await job.fill(page.getByLabel('E-mail address'), 'ng@mail.example');
    await job.press(button(page, 'Book it for them'));
    await expect(page.getByRole('button', { name: /16:00 to 16:15, Third Child/ })).toBeVisible();
    job.done('booked for somebody on the phone');

    await job.press(page.getByRole('button', { name: /16:15 to 16:30, free/ }));
    await expectSound(page);
    await job.press(button(page, 'Close this time'));
    await expect(page.getByRole('button', { name: /16:15 to 16:30, closed/ })).toBeVisible();
    job.done('one time closed');

    await job.press(button(page, 'Pause or close'));
    await job.fill(page.getByLabel('What visitors read while it is paused'), 'Back on Monday.');
    await job.press(button(page, 'Pause it'));
    await expect(page.getByText('Visitors read: “Back on Monday.”')).toBeVisible();
    await job.press(button(page, 'Open it again'));
    await expect(button(page, 'Pause or close')).toBeVisible();
    job.done('paused with a word, and opened again');

    await page.goto('/staff/sheets');
    const row = page
        .getByRole('listitem')
        .filter({ has: page.getByRole('link', { name: 'Conferences' }) })
        .first();
    await job.press(row.getByRole('button', { name: 'Copy' }));
    await job.fill(row.getByLabel('Its first day is now'), daysAhead(214));
    await job.press(row.getByRole('button', { name: 'Make the copy' }));
    await expect(page.getByRole('heading', { name: 'Change this sheet' })).toBeVisible();
    job.done('copied to the next term');

    console.log(['| job | presses | fields |', '| --- | ---: | ---: |', ...job.table].join('\n'));
    // The same pages in the dark.
    await page.emulateMedia({ colorScheme: 'dark' });
    for (const path of [
        '/staff',
        '/staff/settings',
        '/staff/calendar-server',
        '/staff/sheets/new?kind=conferences',
        new URL(page.url()).pathname,
    ]) {
        await page.goto(path);
        await expect(page.getByRole('heading').first()).toBeVisible();
        await expectSound(page);
    }
});
