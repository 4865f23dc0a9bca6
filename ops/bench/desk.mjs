// An evening of many hosts: how long from a press at a desk until the pages of those who wait show it, and what holds
// their connections meanwhile. Told by the server, and beside it the same by looking every three seconds.
import http from 'node:http';
import { readFileSync } from 'node:fs';
import { figure } from './figures.mjs';

const [address, file, socket, seconds = '60'] = process.argv.slice(2);
const evening = JSON.parse(readFileSync(file, 'utf8'));
const base = new URL(address);
const agent = new http.Agent({ keepAlive: true, maxSockets: 2000 });
const cookies = new Map();

function call(method, path, { body, headers = {}, agent: by = agent } = {}) {
    return new Promise((resolve, reject) => {
        const data = body === undefined ? undefined : JSON.stringify(body);
        const request = http.request(
            {
                host: base.hostname,
                port: base.port,
                method,
                path,
                agent: by,
                headers: {
                    Accept: 'application/json',
                    ...(data ? { 'Content-Type': 'application/json', 'Content-Length': Buffer.byteLength(data) } : {}),
                    ...headers,
                },
            },
            (answer) => {
                let text = '';
                answer.setEncoding('utf8');
                answer.on('data', (part) => (text += part));
                answer.on('end', () => resolve({ status: answer.statusCode, headers: answer.headers, text }));
            },
        );
        request.on('error', reject);
        request.end(data);
    });
}

/** As one browser that is signed in. */
async function staff(method, path, body) {
    const headers = {
        Cookie: [...cookies].map(([name, value]) => `${name}=${value}`).join('; '),
        'X-XSRF-TOKEN': decodeURIComponent(cookies.get('XSRF-TOKEN') ?? ''),
    };
    const answer = await call(method, path, { body, headers });
    for (const line of answer.headers['set-cookie'] ?? []) {
        const [pair] = line.split(';');
        cookies.set(pair.slice(0, pair.indexOf('=')), pair.slice(pair.indexOf('=') + 1));
    }
    return answer;
}

/** Connections that PHP has taken and not yet answered: each is a worker in use (the listening socket itself is not one). */
function workers() {
    return readFileSync('/proc/net/unix', 'utf8')
        .split('\n')
        .filter((line) => line.endsWith(socket) && / 0001 03 /.test(line)).length;
}

const readers = [
    ...evening.passes.map((one) => ({ ...one, read: (headers) => call('GET', one.path, { headers }) })),
    ...evening.desks.map((one) => ({
        desk: one.id,
        channel: one.channel,
        read: (headers) =>
            call('GET', `/api/staff/desk/${one.id}`, {
                headers: { ...headers, Cookie: [...cookies].map(([n, v]) => `${n}=${v}`).join('; ') },
            }),
    })),
];
let reads = 0;
async function look(reader, seen) {
    reads++;
    const answer = await reader.read(reader.etag ? { 'If-None-Match': reader.etag } : {});
    if (answer.status === 200) {
        reader.etag = answer.headers.etag;
        seen(reader, answer.text);
    } else if (answer.status !== 304) throw new Error(`${answer.status}: ${answer.text.slice(0, 200)}`);
}

function follow(reader, told) {
    return new Promise((opened) => {
        const request = http.get(
            {
                host: base.hostname,
                port: base.port,
                path: `/live/${reader.channel}`,
                agent: false,
                headers: { Accept: 'text/event-stream' },
            },
            (stream) => {
                if (stream.statusCode !== 200) throw new Error(`/live answered ${stream.statusCode}`);
                stream.setEncoding('utf8');
                stream.on('data', (part) => part.includes('data:') && !part.includes('event: ping') && told(reader));
                stream.on('error', () => undefined);
                opened(() => request.destroy());
            },
        );
        request.on('error', () => undefined);
    });
}

const pause = (milliseconds) => new Promise((done) => setTimeout(done, milliseconds));
const part = (sorted, share) =>
    sorted.length === 0 ? NaN : sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))];

async function evenings(way) {
    const waits = [];
    const pressed = new Map();
    const missing = new Map();
    const seen = (reader, text) => {
        const press = pressed.get(reader.desk);
        if (!press || !text.includes(press.word) || reader.shown === press.word) return;
        reader.shown = press.word;
        waits.push(performance.now() - press.at);
        missing.get(press.word)?.delete(reader);
    };
    const closes = [];
    let ended = false;
    for (const reader of readers) {
        reader.etag = undefined;
        if (way === 'told') {
            const state = { busy: false, again: false };
            const told = async () => {
                if (state.busy) return void (state.again = true);
                state.busy = true;
                await look(reader, seen);
                state.busy = false;
                if (state.again) {
                    state.again = false;
                    void told();
                }
            };
            closes.push(await follow(reader, told));
        } else {
            await pause(3000 / readers.length);
            // As a page does it: the next look three seconds after the answer to the last.
            void (async () => {
                while (!ended) {
                    await look(reader, seen);
                    await pause(3000);
                }
            })();
        }
    }
    await pause(3000);
    const idle = [];
    for (let i = 0; i < 40; i++) {
        idle.push(workers());
        await pause(25);
    }
    const used = [];
    const watch = setInterval(() => used.push(workers()), 20);
    reads = 0;
    const presses = [];
    for (let i = 0; i < Number(seconds); i++) {
        const begun = performance.now();
        const desk = evening.desks[i % evening.desks.length];
        const word = `Word ${way} ${i}.`;
        missing.set(word, new Set(readers.filter((one) => one.desk === desk.id)));
        pressed.set(desk.id, { word, at: begun });
        // Nobody waits with a press until the one before was answered.
        presses.push(
            staff('POST', `/api/staff/desk/${desk.id}/presses`, { what: 'word', revision: desk.revision++, word }).then(
                (answer) => {
                    if (answer.status !== 200) throw new Error(answer.text.slice(0, 300));
                },
            ),
        );
        await pause(Math.max(0, 1000 - (performance.now() - begun)));
    }
    await Promise.all(presses);
    await pause(way === 'told' ? 2000 : 8000);
    clearInterval(watch);
    ended = true;
    closes.forEach((close) => close());
    waits.sort((a, b) => a - b);
    const lost = [...missing.values()].reduce((sum, set) => sum + set.size, 0);
    const mean = (numbers) => numbers.reduce((a, b) => a + b, 0) / numbers.length;
    return {
        'pages that showed a press': `${waits.length} of ${waits.length + lost}`,
        'half of them within': `${Math.round(part(waits, 0.5))} ms`,
        '99 of 100 within': `${Math.round(part(waits, 0.99))} ms`,
        'the last': `${Math.round(waits[waits.length - 1])} ms`,
        'connections held open': `${closes.length}`,
        'PHP workers in use while nothing happens': `${mean(idle).toFixed(1)} (at most ${Math.max(...idle)})`,
        'PHP workers in use during the minute': `${mean(used).toFixed(1)} (at most ${Math.max(...used)} of 10)`,
        'requests a second': `${(reads / Number(seconds)).toFixed(0)}`,
    };
}

await staff('GET', '/staff/sign-in');
const entered = await staff('POST', '/api/staff/session', {
    email: 'ruta.simkute@gannetcove.example',
    password: 'low-tide-bell',
});
if (entered.status !== 200) throw new Error(`sign in: ${entered.status} ${entered.text.slice(0, 200)}`);
console.log(
    `${evening.desks.length} desks and ${evening.passes.length} passes open, all waiting; a press a second for ${seconds} s.`,
);
for (const desk of evening.desks)
    desk.revision = JSON.parse((await staff('GET', `/api/staff/desk/${desk.id}`)).text).revision;
const told = await evenings('told');
// Told alone where it is only to be seen that it works.
const looked = seconds === '3' ? told : await evenings('looking');
console.log('| | told by the server | looking every 3 s |\n| --- | --- | --- |');
for (const what of Object.keys(told)) console.log(`| ${what} | ${told[what]} | ${looked[what]} |`);
figure('desk', 'from a press to 99 of 100 pages', parseInt(told['99 of 100 within']), 'ms', 'less');
process.exit(0);
