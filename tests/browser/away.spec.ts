import { execFileSync } from 'node:child_process';
import { expect, test } from '@playwright/test';
import { answer, listen, openMail, publish, signIn, somebodyElse } from './steps';

const PHONE = { width: 390, height: 844 };

/** Stops or starts what serves PHP, as a new version does that is taken in. */
const php = (what: 'start' | 'stop') =>
    execFileSync('supervisorctl', ['-c', `${process.env.RECESS_VAR}/run/supervisor.conf`, what, 'web:fpm']);

test.afterEach(() => void php('start'));

test('PHP is away in the middle: a press goes on by itself, and so does a form without scripts', async ({
    page,
    browser,
}) => {
    await signIn(page);
    const link = await publish(page, 'Conferences in a storm');

    const visitor = await (await somebodyElse(browser, { viewport: PHONE })).newPage();
    listen(visitor, /503/, /Blocked script execution/);
    const email = `storm.${Date.now()}@mail.example`;
    await visitor.goto(link);
    await visitor.getByRole('button', { name: /16:00 to 16:15, free/ }).click();
    await expect(visitor.getByText(/Nobody else can take it for [45]:/)).toBeVisible();
    await answer(visitor, 'Storm Petrel', email);
    php('stop');
    await visitor.getByRole('button', { name: 'Book this time' }).click();
    await expect(visitor.getByRole('status').filter({ hasText: 'this goes on by itself' })).toBeVisible();
    php('start');
    await expect(visitor.getByRole('heading', { name: 'This time is yours.' })).toBeVisible({ timeout: 20_000 });
    await expect(visitor.getByText('this goes on by itself')).toBeHidden();
    await openMail(visitor, email, /^Booked: .* 16:00/);

    const plain = await (await somebodyElse(browser, { viewport: PHONE, javaScriptEnabled: false })).newPage();
    await plain.goto(link);
    await plain.getByRole('link', { name: '16:15 to 16:30' }).click();
    await answer(plain, 'Wilson Petrel', `plain.${email}`);
    php('stop');
    const pressed = plain.getByRole('button', { name: 'Book this time' }).click();
    await plain.waitForTimeout(3000);
    php('start');
    await pressed;
    await expect(plain.getByRole('heading', { name: 'Your bookings' })).toBeVisible({ timeout: 30_000 });
    await expect(plain.locator('main')).toContainText('About Wilson Petrel');
    await expect(plain.getByRole('heading', { level: 2 })).toHaveCount(1);

    // Somebody who only looks: the page is there again by itself, and what was just read is shown meanwhile.
    php('stop');
    await plain.goto(`${new URL(link).origin}/card`);
    await expect(plain.getByRole('heading', { name: 'A moment, this goes on by itself' })).toBeVisible();
    php('start');
    await expect(plain.getByRole('heading', { name: 'You have a card with a code' })).toBeVisible({ timeout: 20_000 });
});
