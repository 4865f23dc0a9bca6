// bin/recess bench page: a visitor's page on a slow phone: 4× CPU slow-down and 1.6 Mbit/s, nothing cached.
// node ops/bench/page.mjs ADDRESS PATH: prints a Markdown table.
import { chromium } from '@playwright/test';
import { gzipSync } from 'node:zlib';
import { BROWSER } from '../../tests/browser/browser.mjs';

const [address, path] = process.argv.slice(2);
const browser = await chromium.launch(BROWSER);
const times = [];
const sizes = { script: 0, style: 0, font: 0, document: 0 };
for (let run = 0; run < 5; run++) {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 }, deviceScaleFactor: 2 });
    const page = await context.newPage();
    if (run === 0)
        page.on('response', async (response) => {
            const kind = { script: 'script', stylesheet: 'style', font: 'font', document: 'document' }[
                response.request().resourceType()
            ];
            const body = await response.body().catch(() => Buffer.alloc(0));
            if (kind) sizes[kind] += kind === 'font' ? body.length : gzipSync(body).length;
        });
    const cdp = await context.newCDPSession(page);
    await cdp.send('Network.enable');
    await cdp.send('Network.emulateNetworkConditions', {
        offline: false,
        latency: 70,
        downloadThroughput: 200_000,
        uploadThroughput: 94_000,
    });
    await cdp.send('Emulation.setCPUThrottlingRate', { rate: 4 });
    const start = Date.now();
    await page.goto(address + path, { waitUntil: 'commit' });
    await page.locator('[data-tab].free').first().click();
    await page.getByLabel('Your name').waitFor();
    times.push((Date.now() - start) / 1000);
    if (run === 0) await page.waitForTimeout(1500);
    // Whoever leaves lets go of what they keep; the next run picks it again.
    await page.goto('about:blank');
    await new Promise((after) => setTimeout(after, 2500));
    await context.close();
}
await browser.close();
times.sort((a, b) => a - b);
console.log(
    '### A visitor’s page on a slow phone\n\n4× CPU slow-down, 1.6 Mbit/s, 70 ms of latency, nothing cached; until a time could be pressed and its form stood there. Five runs.\n',
);
console.log('| | |\n| --- | ---: |');
console.log(
    `| usable after, median | ${times[2].toFixed(2)} s |\n| usable after, slowest | ${times[4].toFixed(2)} s |`,
);
for (const [kind, bytes] of Object.entries(sizes))
    console.log(`| ${kind}${kind === 'font' ? '' : ', compressed'} | ${(bytes / 1000).toFixed(1)} kB |`);
