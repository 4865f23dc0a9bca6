// bin/recess bench page: a visitor's page on a slow phone, nothing cached: at 1.6 Mbit/s with 70 ms of latency, and at
// 400 kbit/s with 400 ms, the processor four times slowed down; where the school is, and far from it.
// node ops/bench/page.mjs ADDRESS PATH [--short]: prints Markdown tables.
import { chromium } from '@playwright/test';
import { gzipSync } from 'node:zlib';
import { BROWSER } from '../../tests/browser/browser.mjs';
import { figure } from './figures.mjs';

const [address, path] = process.argv.slice(2);
const RUNS = process.argv.includes('--short') ? 1 : 5;
// Nearly everybody reads a school's page where the school is; whoever does not reads each time twice.
const HERE = 'America/Halifax';
const NETS = [
    { name: '1.6 Mbit/s, 70 ms', latency: 70, downloadThroughput: 200_000, uploadThroughput: 94_000 },
    { name: '400 kbit/s, 400 ms', latency: 400, downloadThroughput: 50_000, uploadThroughput: 50_000 },
    {
        name: '1.6 Mbit/s, from Lisbon',
        zone: 'Europe/Lisbon',
        latency: 70,
        downloadThroughput: 200_000,
        uploadThroughput: 94_000,
    },
];
const browser = await chromium.launch(BROWSER);
const sizes = { script: 0, style: 0, font: 0, document: 0 };

/** Of one look: when a time could be pressed in the document, when the ruler stood there, when a press brought its form. */
async function look(net, zone, measure) {
    const context = await browser.newContext({
        viewport: { width: 390, height: 844 },
        deviceScaleFactor: 2,
        timezoneId: zone,
    });
    const page = await context.newPage();
    if (measure)
        page.on('response', async (response) => {
            const kind = { script: 'script', stylesheet: 'style', font: 'font', document: 'document' }[
                response.request().resourceType()
            ];
            const body = await response.body().catch(() => Buffer.alloc(0));
            if (kind) sizes[kind] += kind === 'font' ? body.length : gzipSync(body).length;
        });
    const cdp = await context.newCDPSession(page);
    await cdp.send('Network.enable');
    await cdp.send('Network.emulateNetworkConditions', { offline: false, ...net });
    await cdp.send('Emulation.setCPUThrottlingRate', { rate: 4 });
    await page.addInitScript(watching);
    await page.goto(address + path, { waitUntil: 'commit' });
    // Nothing of ours works in the page meanwhile but its watch: on a slowed-down processor a test library's own script
    // costs as much as a page's.
    const { result, exceptionDetails } = await cdp.send('Runtime.evaluate', {
        expression: 'globalThis.watched',
        awaitPromise: true,
        returnByValue: true,
    });
    if (exceptionDetails) throw new Error(`The page did not get there: ${exceptionDetails.text}`);
    if (measure) await page.waitForTimeout(1500);
    // Whoever leaves lets go of what they keep; the next run picks it again.
    await page.goto('about:blank');
    await new Promise((after) => setTimeout(after, 2500));
    await context.close();
    return result.value;
}

/**
 * In the page, before anything of it: the first free time that scripts have drawn is pressed once it has been painted.
 * When a time could first be read and pressed in the document, when the ruler stood there, when the form did (seconds
 * since the address was asked for), and how far what somebody reads had moved by itself before the press, as the Layout
 * Instability API counts it.
 */
function watching() {
    let moved = 0;
    new PerformanceObserver((list) => {
        for (const entry of list.getEntries()) if (!entry.hadRecentInput) moved += entry.value;
    }).observe({ type: 'layout-shift', buffered: true });
    const at = () => performance.now() / 1000;
    globalThis.watched = new Promise((done) => {
        let ruler;
        const watch = new MutationObserver(() => {
            const tab = document.querySelector('[data-tab].free');
            if (tab && ruler === undefined) {
                ruler = null;
                requestAnimationFrame(() =>
                    setTimeout(() => {
                        ruler = { at: at(), moved };
                        tab.click();
                    }),
                );
            }
            if (!document.getElementById('name')) return;
            watch.disconnect();
            const early = performance.getEntriesByName('first-contentful-paint')[0].startTime / 1000;
            requestAnimationFrame(() =>
                setTimeout(() => done({ early, ruler: ruler.at, form: at(), moved: ruler.moved })),
            );
        });
        watch.observe(document, { childList: true, subtree: true });
    });
}

const middle = (of) => [...of].sort((a, b) => a - b)[of.length >> 1];
console.log(`4× CPU slow-down, nothing cached; ${RUNS} runs.\n`);
console.log(
    '| | a time can be pressed | the ruler stands there | a press has brought its form | at most | moved by itself |',
);
console.log('| --- | ---: | ---: | ---: | ---: | ---: |');
// The browser's own first start, and the first answer of a server that was started a moment ago, are not the page's.
if (RUNS > 1) await look(NETS[0], HERE, false);
for (const [n, { name, zone = HERE, ...net }] of NETS.entries()) {
    const looks = [];
    for (let run = 0; run < RUNS; run++) looks.push(await look(net, zone, n === 0 && run === 0));
    const of = (what) => looks.map((one) => one[what]);
    const row = [middle(of('early')), middle(of('ruler')), middle(of('form')), Math.max(...of('form'))];
    console.log(
        `| ${name} | ${row.map((one) => `${one.toFixed(2)} s`).join(' | ')} | ${middle(of('moved')).toFixed(3)} |`,
    );
    figure('page', `${name}: a time can be pressed`, row[0], 's', 'less');
    figure('page', `${name}: usable`, row[2], 's', 'less');
    figure('page', `${name}: usable, slowest`, row[3], 's', 'less');
}
await browser.close();
console.log('\n| | |\n| --- | ---: |');
for (const [kind, bytes] of Object.entries(sizes))
    console.log(`| ${kind}${kind === 'font' ? '' : ', compressed'} | ${(bytes / 1000).toFixed(1)} kB |`);
