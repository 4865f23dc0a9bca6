import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

let answers: object[] = [];
let asked: { path: string; body?: Record<string, unknown> }[] = [];
vi.mock('../../web/lib/api', () => {
    const call = (path: string, init: { body?: Record<string, unknown> }) => {
        asked.push({ path, ...(init.body ? { body: init.body } : {}) });
        return answers.shift() ?? {};
    };
    return {
        api: { POST: call, GET: call },
        ask: (answer: object) => Promise.resolve(answer),
        beside: (trouble: { message: string }) => trouble.message,
    };
});

const storage = (kept: Record<string, string> = {}) => {
    const items = new Map(Object.entries(kept));
    return {
        getItem: (key: string) => items.get(key) ?? null,
        setItem: (key: string, value: string) => void items.set(key, value),
        removeItem: (key: string) => void items.delete(key),
        all: items,
    };
};
let beacons: string[] = [];
let leaves: (() => void)[] = [];
const at = (query: string, kept: Record<string, string> = {}) => {
    const session = storage(kept);
    vi.stubGlobal('location', { search: query });
    vi.stubGlobal('sessionStorage', session);
    vi.stubGlobal('localStorage', storage({ 'recess.clock': '12' }));
    vi.stubGlobal('addEventListener', (_: string, act: () => void) => leaves.push(act));
    vi.stubGlobal('navigator', { sendBeacon: (path: string) => beacons.push(path) });
    return session;
};
const visitor = async (preview = false) => {
    const { Visitor } = await import('../../web/lib/visitor.svelte');
    return new Visitor('winter', preview);
};

beforeEach(() => {
    vi.useFakeTimers();
    vi.resetModules();
    [answers, asked, beacons, leaves] = [[], [], [], []];
});
afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
});

describe('a visitor on a sheet', () => {
    it('knows what another tab of the same browser keeps and books, and says when its own is kept no more', async () => {
        at('');
        answers = [{ data: { seconds: 300 } }, { data: { seconds: 300 } }];
        const one = await visitor();
        await one.keep('16:30', null);
        const other = await visitor();
        expect([other.keepKey === one.keepKey, other.shares, one.shares]).toEqual([true, true, false]);
        await other.keep('16:45', null);
        expect([one.left, other.left]).toEqual([300, 300]);
        // The second tab's pick is told to the first; what is kept is what was picked last.
        one.told();
        other.told();
        expect([one.left, one.over, other.left, other.over]).toEqual([null, true, 300, false]);
        other.settled('16:45');
        expect([one.isOwn('16:45'), one.isOwn('16:30'), other.keepKey === one.keepKey]).toEqual([true, false, false]);
    });

    it('is who their pass says, and nothing is typed twice', async () => {
        at('?pass=abc', { 'recess.visitor': JSON.stringify({ name: 'Ama', place: 7, answers: { student: 'Kwame' } }) });
        answers = [{ data: { name: 'Ama Otoo', students: [] } }];
        const one = await visitor();
        await vi.advanceTimersByTimeAsync(0);
        expect([one.token, one.known?.name, one.typed.name, one.typed.place]).toEqual(['abc', 'Ama Otoo', 'Ama', null]);
        expect(asked[0]!.path).toBe('/api/p/{token}');
    });

    it('forgets a pass that is none, and no other fault makes it forget', async () => {
        const session = at('', { 'recess.pass': '/p/gone' });
        answers = [{ status: 500 }];
        const one = await visitor();
        await vi.advanceTimersByTimeAsync(0);
        expect(one.token).toBe('gone');
        answers = [{ status: 404 }];
        await one.meet();
        expect([one.token, session.getItem('recess.pass')]).toEqual([null, null]);
    });

    it('goes on with somebody else’s storage as with none', async () => {
        at('', { 'recess.visitor': '{not json' });
        expect((await visitor()).typed.name).toBe('');
    });

    it('counts what is kept down, says when it is over, and makes it longer once', async () => {
        at('');
        const one = await visitor();
        answers = [{ data: { seconds: 3 } }];
        expect(await one.keep('k', null)).toBeNull();
        expect(one.left).toBe(3);
        await vi.advanceTimersByTimeAsync(2000);
        expect([one.left, one.over]).toEqual([1, false]);
        answers = [{ data: { seconds: 2 } }];
        await one.longer();
        expect([one.left, one.lengthened]).toEqual([2, true]);
        await vi.advanceTimersByTimeAsync(2000);
        expect([one.left, one.over]).toEqual([null, true]);
    });

    it('hears why a time is gone, and keeps nothing then', async () => {
        at('');
        const one = await visitor();
        answers = [{ status: 409, body: { message: 'Somebody was quicker.' } }];
        expect((await one.keep('k', 'iolo'))?.message).toBe('Somebody was quicker.');
        expect([one.left, asked.at(-1)!.body!.host]).toEqual([null, 'iolo']);
        answers = [{ status: 503 }];
        expect(await one.keep('k', null)).toBeNull();
    });

    it.each([
        ['what they keep is free when they leave', '', 1],
        ['what was offered to them stays kept', '?kept=11111111-1111-4111-8111-111111111111', 0],
    ])('%s', async (_, query, sent) => {
        at(query);
        const one = await visitor();
        answers = [{ data: { seconds: 60 } }];
        await one.keep('k', null);
        leaves.forEach((leave) => leave());
        leaves.forEach((leave) => leave());
        expect(beacons).toHaveLength(sent);
    });

    it('goes on to the next booking about the same student, or about another one', async () => {
        at('');
        const one = await visitor();
        one.typed.answers = { student: 'Kwame', phone: '1' };
        one.another({ path: '/p/abc', name: 'Ama' } as never, true);
        expect([one.token, one.typed.answers.student]).toEqual(['abc', 'Kwame']);
        one.another({ path: '/p/abc', name: 'Ama' } as never, false);
        expect(one.typed.answers).toEqual({ phone: '1' });
    });

    it('keeps nothing at all of whoever only looks at a preview', async () => {
        at('?pass=abc');
        expect([(await visitor(true)).token, asked, leaves]).toEqual([null, [], []]);
    });
});

describe('somebody who asks for a time', () => {
    const page = {
        slug: 'wren',
        channel: 'c',
        host: { name: 'Wren Halloran' },
        places: [{ id: 5 }],
        questions: [{ key: 'q1' }],
        others: [],
        times: { lengths: [15, 30, 45], days: [], earlier: null, later: null },
    };
    const asking = async () => {
        const { Asking } = await import('../../web/knock/asking.svelte');
        return new Asking(page as never);
    };

    it('begins where they left off in this tab, with a length that can be had', async () => {
        at('', { 'recess.knock.wren': JSON.stringify({ title: 'The report', minutes: 45 }) });
        const one = await asking();
        expect([one.typed.title, one.choices.minutes]).toEqual(['The report', 45]);
        at('', { 'recess.knock.wren': JSON.stringify({ minutes: 60 }) });
        expect((await asking()).choices.minutes).toBe(30);
    });

    it('sends the same wish with one key, and another wish with another', async () => {
        at('');
        const one = await asking();
        answers = [
            { trouble: { fields: {}, message: 'The net is away.' }, status: 0 },
            { trouble: { fields: {}, message: 'x' } },
        ];
        await one.send();
        expect(one.message).toBe('The net is away.');
        await one.send();
        one.typed.title = 'Something else';
        answers = [{ data: { path: '/p/abc', state: 'asked' } }];
        await one.send();
        const keys = asked.map((call) => call.body!.request_key);
        expect(keys[0]).toBe(keys[1]);
        expect(keys[2]).not.toBe(keys[1]);
        expect([one.sent?.path, asked[2]!.body!.place]).toEqual(['/p/abc', 5]);
    });

    it('keeps what was typed until it is sent, and not a second longer', async () => {
        const session = at('');
        const one = await asking();
        one.typed.title = 'The report';
        one.remember();
        expect(session.getItem('recess.knock.wren')).toContain('The report');
        answers = [{ data: { path: '/p/abc' } }];
        await one.send();
        expect([session.getItem('recess.knock.wren'), session.getItem('recess.pass')]).toEqual([null, '/p/abc']);
    });

    it('says at the field who cannot be asked together, and looks anew at who is chosen', async () => {
        at('');
        const one = await asking();
        answers = [{ response: { status: 422 }, error: { errors: { with: ['They cannot be asked together.'] } } }];
        await one.together('iolo', true);
        expect([one.fields.with, one.typed.with, asked[0]!.body!.with]).toEqual([
            'They cannot be asked together.',
            ['iolo'],
            ['iolo'],
        ]);
        answers = [{ data: { lengths: [20], days: [] }, response: { status: 200 } }];
        await one.together('iolo', false);
        expect([one.fields.with, one.typed.with, one.choices.minutes]).toEqual(['', [], 20]);
    });
});
