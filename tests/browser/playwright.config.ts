import { defineConfig } from '@playwright/test';
import { BROWSER } from './browser.mjs';

export default defineConfig({
    testDir: '.',
    outputDir: '../../test-results',
    // One after the other: they share one school.
    workers: 1,
    timeout: 180_000,
    // A machine on which all tests run at once takes its time to load a page; no test asks how long.
    expect: { timeout: 15_000 },
    reporter: [['list']],
    forbidOnly: true,
    use: {
        baseURL: process.env.RECESS_SERVED,
        launchOptions: BROWSER,
        locale: 'en-GB',
        // The school's own; who is elsewhere says so.
        timezoneId: 'America/Halifax',
        // What a page said when its test ended is printed; a trace of all of it takes its time.
        trace: process.env.RECESS_TRACE ? 'retain-on-failure' : 'off',
        contextOptions: { reducedMotion: 'reduce' },
    },
});
