import { execFile, spawn, type ChildProcess } from 'node:child_process';
import {
    chmodSync,
    existsSync,
    mkdtempSync,
    readdirSync,
    rmSync,
    statSync,
    truncateSync,
    copyFileSync,
    writeFileSync,
} from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { createInterface } from 'node:readline';
import { promisify } from 'node:util';
import { chromium, expect, test, type Browser, type Page } from '@playwright/test';
import { BROWSER } from './browser.mjs';
import { expectSound, listen, publish } from './steps';

// A school moves in, as in docs/running.md: on ports of its own, with TLS on loopback and a real mail server; it is
// backed up, destroyed and restored, and an update that fails is taken back.
const ROOT = resolve(import.meta.dirname, '../..');
const HOST = 'meet.bellpoint.example';
const run = promisify(execFile);

interface Letter {
    recipients: string[];
    subject: string;
    text: string;
    html: string;
}
const letters: Letter[] = [];
let folder = '';
let mail: ChildProcess;
let mailPort = 0;
let ports: string[] = [];
let browser: Browser;
/** The code that serves: a clone that every user of the machine may read, as a school's is; and where its updates come from. */
const code = () => join(folder, 'code');
const origin = () => join(folder, 'origin');

const freePort = () =>
    new Promise<number>((found) => {
        const server = createServer().listen(0, '127.0.0.1', () => {
            const address = server.address();
            server.close(() => found(typeof address === 'object' && address ? address.port : 0));
        });
    });
/** A command of ours; what it says, and how it ends. */
async function recess(...args: string[]): Promise<{ code: number; said: string }> {
    try {
        const { stdout, stderr } = await run(join(code(), 'bin/recess'), args, { cwd: folder, maxBuffer: 1 << 26 });
        return { code: 0, said: stdout + stderr };
    } catch (failure) {
        const { code, stdout, stderr } = failure as { code: number; stdout: string; stderr: string };
        return { code, said: stdout + stderr };
    }
}
const git = (where: string, ...args: string[]) =>
    run('git', ['-C', where, '-c', 'user.name=Recess', '-c', 'user.email=recess@bellpoint.example', ...args], {
        maxBuffer: 1 << 28,
    });
async function letterTo(address: string, subject: RegExp): Promise<Letter> {
    const found = () =>
        [...letters].reverse().find((one) => one.recipients.includes(address) && subject.test(one.subject));
    await expect.poll(found, { timeout: 60_000, message: `a letter to ${address}` }).toBeTruthy();
    return found()!;
}
const linkOf = (letter: Letter) => /href="(https:[^"]+)"/.exec(letter.html)![1]!.replaceAll('&amp;', '&');
const somebody = async (...expected: RegExp[]): Promise<Page> => {
    const context = await browser.newContext({
        baseURL: `https://${HOST}:${ports[0]}`,
        ignoreHTTPSErrors: true,
        locale: 'en-GB',
        timezoneId: 'America/Halifax',
        reducedMotion: 'reduce',
    });
    const page = await context.newPage();
    // Pages that stay open look on while the school is down, and again when nobody knows them any more.
    listen(page, /net::ERR|status of (401|419|502|503)/, ...expected);
    return page;
};

test.beforeAll(async () => {
    // The code of a school is for all users of its machine to read.
    process.umask(0o022);
    folder = mkdtempSync(join(tmpdir(), 'recess-school-'));
    chmodSync(folder, 0o755);
    await run('git', ['clone', '--quiet', ROOT, origin()]);
    await run('git', ['clone', '--quiet', origin(), code()]);
    for (const name of ['vendor', 'node_modules', 'public/build'])
        await run('cp', ['-a', join(ROOT, name), join(code(), name)]);
    // What stands in this folder and is not committed yet is tried as well.
    const { stdout: here } = await git(ROOT, 'diff', 'HEAD', '--binary');
    if (here) {
        writeFileSync(join(folder, 'here.patch'), here);
        await git(origin(), 'apply', '--index', join(folder, 'here.patch'));
        await git(origin(), 'commit', '--quiet', '-m', 'as it stands');
        await git(code(), 'pull', '--quiet');
    }
    mail = spawn('node', [join(ROOT, 'tests/app/Mail/smtp.mjs')], { stdio: ['ignore', 'pipe', 'inherit'] });
    const lines = createInterface({ input: mail.stdout! });
    mailPort = await new Promise<number>((found) => lines.once('line', (line) => found(Number(/\d+/.exec(line)?.[0]))));
    lines.on('line', (line) => void (line.startsWith('{') && letters.push(JSON.parse(line) as Letter)));
    ports = await Promise.all([freePort(), freePort(), freePort()].map(async (port) => String(await port)));
    browser = await chromium.launch({
        ...BROWSER,
        args: [...BROWSER.args, `--host-resolver-rules=MAP ${HOST} 127.0.0.1`],
    });
});
test.afterAll(async () => {
    await browser?.close();
    for (const name of ['school', 'again']) await recess('down', '--dir', join(folder, name));
    mail?.kill();
    rmSync(folder, { recursive: true, force: true });
});

test('from an empty folder to families who book, through the loss of everything, and an update that fails', async () => {
    test.setTimeout(900_000);
    const school = join(folder, 'school');
    const settings = ['--https-port', ports[0]!, '--http-port', ports[1]!, '--watch-port', ports[2]!, '--no-boot'];
    const flags = ['--dir', school, '--host', HOST, ...settings, '--listen', '127.0.0.1'];

    // Without a mail server nothing is made.
    const without = await recess('install', ...flags);
    expect([without.code, existsSync(join(school, 'settings'))]).toEqual([1, false]);
    expect(without.said).toContain('Without a mail server nobody is told of anything');
    const made = await recess('install', ...flags, '--mail-host', '127.0.0.1', '--mail-port', String(mailPort));
    expect(made.code, made.said).toBe(0);
    const begin = /https:\S+\/begin\/\S+/.exec(made.said)![0];
    // What has no flag stands in a file of its own: here, that nobody waits two minutes for a letter.
    writeFileSync(join(school, 'more.env'), 'RECESS_SITTING_QUIET=3\n', { mode: 0o600 });
    expect((await recess('down', '--dir', school)).code).toBe(0);
    expect((await recess('up', '--dir', school)).code).toBe(0);

    // The school is named, the mail is tried, and the address opens nothing afterwards.
    const office = await somebody();
    await office.goto(begin);
    await expectSound(office);
    await office.getByLabel('What it is called').fill('Bell Point School');
    await expect(office.getByLabel('Country')).toHaveValue('CA');
    await office.getByLabel('Your name').fill('Noor Haas');
    await office.getByLabel('Your e-mail address').fill('noor@bellpoint.example');
    await office.getByRole('button', { name: 'Try the mail' }).click();
    await expect(office.getByText('The mail server took a letter')).toBeVisible();
    await letterTo('noor@bellpoint.example', /Letters arrive/);
    await office.getByLabel('New password').fill('kelp under nine lanterns');
    await office.getByRole('button', { name: 'Move in' }).click();
    await expect(office.getByRole('heading', { name: 'Staff', exact: true })).toBeVisible();
    const late = await somebody(/404|410/);
    await late.goto(begin);
    await expect(late.getByRole('heading', { name: 'This address opens nothing any more' })).toBeVisible();
    // What is of the demo is not there; what is for monitoring is on a port of this machine alone.
    for (const path of ['/mailroom', '/stand-in/calendar.ics', '/stand-in/people/keys', '/video-room/x', '/metrics'])
        expect((await late.goto(path))?.status(), path).toBe(404);
    expect(await (await fetch(`http://127.0.0.1:${ports[2]}/metrics`)).text()).toContain('recess_queue_due ');
    const plain = await fetch(`http://127.0.0.1:${ports[1]}/s/x`, { redirect: 'manual', headers: { Host: HOST } });
    expect([plain.status, plain.headers.get('location')]).toEqual([308, `https://${HOST}:${ports[0]}/s/x`]);
    const front = await late.goto('/staff/sign-in');
    expect((await front?.allHeaders())?.['strict-transport-security']).toContain('max-age=31536000');
    const cookies = await late.context().cookies();
    expect(cookies.find((one) => one.name === '__Host-recess_session')).toMatchObject({ secure: true, httpOnly: true });

    // Two people are invited; one comes.
    for (const [name, email] of [
        ['Ida Wren', 'teacher0@school.example'],
        ['Bo Fay', 'bo@bellpoint.example'],
    ] as const) {
        await office.getByLabel('Name', { exact: true }).fill(name);
        await office.getByLabel('E-mail address').fill(email);
        await office.getByLabel('Subject or work').fill('Biology');
        await office.getByRole('button', { name: 'Send the invitation' }).click();
        await expect(office.getByText(`${name} gets a letter.`)).toBeVisible();
    }
    const teacher = await somebody();
    await teacher.goto(linkOf(await letterTo('teacher0@school.example', /invites you/)));
    await teacher.getByLabel('New password').fill('seven gulls, one bell');
    await teacher.getByRole('button', { name: 'Use this password and come in' }).click();
    await expect(teacher.getByRole('heading', { name: 'Your sheets' })).toBeVisible();

    // A large school's bundle, looked at and brought in.
    const bundle = join(folder, 'bundle.zip');
    const make = `require "${ROOT}/vendor/autoload.php"; copy(Tests\\App\\Support\\Bundle::write(120, 1400, 2300), $argv[1]);`;
    await run('/usr/bin/php8.2', ['-r', make, bundle]);
    await office.goto('/staff/directory');
    const begun = Date.now();
    await office.getByLabel('File of students').setInputFiles(bundle);
    await expect(office.getByText('1,400 new students, none changed')).toBeVisible({ timeout: 60_000 });
    await expectSound(office);
    await office.getByRole('button', { name: 'Bring it in' }).click();
    await expect(office.getByText('Brought in: 1,400 new students')).toBeVisible({ timeout: 60_000 });
    console.log(`  looked at and brought in: 1,400 students and 2,300 guardians in ${(Date.now() - begun) / 1000} s`);

    // A sheet for one class; its families are written to, and one books by the link that is theirs.
    const link = await publish(teacher, 'Autumn talks');
    await teacher.getByRole('link', { name: 'Change it' }).click();
    await teacher.getByLabel('Whom it is for').selectOption('families');
    await teacher.getByRole('checkbox', { name: /^Class 7A/ }).check();
    await teacher.getByRole('button', { name: 'Save' }).click();
    await expect(teacher.getByText('Not booked yet: 25 of 25 students.')).toBeVisible();
    const sheet = teacher.url();
    await teacher.getByRole('button', { name: 'Write to those who have not booked' }).click();
    await teacher.getByRole('button', { name: /^Send \d+ letters$/ }).click();
    await expect(teacher.getByText(/letters are on the way/)).toBeVisible();
    await expectSound(teacher);
    const family = await somebody();
    await family.goto(link);
    await expect(family.getByText('These times are for families whom Bell Point School knows.')).toBeVisible();
    await family.goto(linkOf(await letterTo('parent0@mail.example', /Autumn talks/)));
    await family.getByRole('button', { name: /, 16:15 to .*, free/ }).click();
    await family.getByLabel('Phone number').fill('+1 902 555 0142');
    await family.getByRole('button', { name: 'Book this time for Child0 Aster0' }).click();
    await expect(family.getByRole('heading', { name: 'This time is yours.' })).toBeVisible();
    await expectSound(family);
    const pass = linkOf(await letterTo('parent0@mail.example', /^Booked: /));

    // Backed up while it runs; a file that was cut is refused; everything is destroyed, and comes back from the file.
    const backedUp = await recess('backup', '--dir', school);
    expect(backedUp.code, backedUp.said).toBe(0);
    const [file] = readdirSync(join(school, 'backups'));
    const kept = join(folder, file!);
    copyFileSync(join(school, 'backups', file!), kept);
    expect(statSync(join(school, 'backups', file!)).mode & 0o077, 'for its owner alone').toBe(0);
    expect((await recess('down', '--dir', school)).code).toBe(0);
    rmSync(school, { recursive: true, force: true });
    const cut = join(folder, 'cut.tar.gz');
    copyFileSync(kept, cut);
    truncateSync(cut, Math.floor(statSync(cut).size / 2));
    const again = join(folder, 'again');
    const refused = await recess('restore', cut, '--dir', again, ...settings);
    expect([refused.code, existsSync(again)]).toEqual([1, false]);
    const restored = await recess('restore', kept, '--dir', again, ...settings);
    expect(restored.code, restored.said).toBe(0);
    expect(restored.said).toContain('Restored: 3 staff members, one sheet, one booking, 1,400 students.');
    await teacher.goto(sheet);
    await expect(teacher.getByRole('heading', { name: 'Sign in' })).toBeVisible();
    await teacher.getByLabel('E-mail address').fill('teacher0@school.example');
    await teacher.getByLabel('Password').fill('seven gulls, one bell');
    await teacher.getByRole('button', { name: 'Sign in', exact: true }).click();
    await expect(teacher.getByText('Not booked yet: 24 of 25 students.')).toBeVisible();
    await expect(teacher.getByText('Child0 Aster0').first()).toBeVisible();
    await family.goto(pass);
    await expect(family.getByText('Child0 Aster0').first()).toBeVisible();
    expect((await recess('restore', kept, '--dir', again)).said).toContain('nothing is ever written over');

    // Its doctor says what is still to be done, and nothing else.
    const doctor = await recess('doctor', '--dir', again);
    expect(doctor.code).toBe(1);
    expect(doctor.said.match(/^✗ .*$/gm)?.filter((line) => !/scheduler has not run yet/.test(line))).toEqual([
        '✗ The certificate is signed by itself: browsers warn.',
        `✗ There is no backup of the last two days in ${again}/backups.`,
    ]);
    await recess('down', '--dir', again);

    // A new version whose migration fails is taken back by itself, rows and code.
    expect((await recess('up', '--dir', again)).code).toBe(0);
    const version = (await git(code(), 'rev-parse', 'HEAD')).stdout;
    writeFileSync(
        join(origin(), 'database/migrations/2099_01_01_000001_fails.php'),
        `<?php return new class extends Illuminate\\Database\\Migrations\\Migration { public function up(): void { Illuminate\\Support\\Facades\\DB::table('bookings')->delete(); throw new RuntimeException('It fails half-way.'); } };`,
    );
    await git(origin(), 'add', '.');
    await git(origin(), 'commit', '--quiet', '-m', 'a version that fails');
    const update = await recess('update', '--dir', again);
    expect(update.code, update.said).toBe(1);
    expect(update.said).toContain('The update was taken back');
    expect((await git(code(), 'rev-parse', 'HEAD')).stdout).toBe(version);
    await family.goto(pass);
    await expect(family.getByText('Child0 Aster0').first()).toBeVisible();

    // And one that does not fail is taken in.
    await git(origin(), 'rm', '--quiet', 'database/migrations/2099_01_01_000001_fails.php');
    await git(origin(), 'commit', '--quiet', '-m', 'a version that works');
    const updated = await recess('update', '--dir', again);
    expect(updated.code, updated.said).toBe(0);
    await family.reload();
    await expect(family.getByText('Child0 Aster0').first()).toBeVisible();
    // New keys close nothing that was given out.
    expect((await recess('renew-keys', '--dir', again)).code).toBe(0);
    await family.reload();
    await expect(family.getByText('Child0 Aster0').first()).toBeVisible();
    await recess('down', '--dir', again);
});
