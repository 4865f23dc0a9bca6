import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schema } from '../../web/lib/api';
import { all } from './words';

const AT = Date.parse('2026-12-03T20:00:00Z');
const seconds = (minute: number) => AT / 1000 + minute * 60;

/** What the server answers next: to a press, and to a look. */
let answers: (object | Promise<object>)[] = [];
let looks: (Response | (() => never))[] = [];
let taken: unknown[] = [];
let asked: { path: string; body?: Record<string, unknown>; headers?: Record<string, string> }[] = [];
vi.mock('../../web/lib/api', () => {
    const call = (path: string, init: { body?: Record<string, unknown> }) => {
        asked.push({ path, ...(init.body ? { body: init.body } : {}) });
        return answers.shift();
    };
    return {
        api: {
            POST: call,
            PUT: call,
            DELETE: call,
            GET: async (path: string, init: { headers: Record<string, string> }) => {
                asked.push({ path, headers: init.headers });
                const response = looks.shift()!;
                if (typeof response === 'function') return response();
                return { response, data: response.status === 200 ? await response.clone().json() : undefined };
            },
        },
        ask: (answer: object) => Promise.resolve(answer),
        firstOf: (trouble?: { message: string }) => trouble?.message ?? '',
    };
});

beforeEach(async () => {
    vi.useFakeTimers({ now: AT });
    vi.resetModules();
    (await import('../../web/lib/say')).learn(all);
    vi.stubGlobal('document', { addEventListener: () => undefined });
    [answers, looks, asked, taken] = [[], [], [], []];
});
afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
});

const turn = (key: string, starts: number, more: object = {}) =>
    ({
        key,
        group: key,
        starts: seconds(starts),
        arrived: null,
        called: null,
        outcome: '',
        student: key,
        who: 'x',
        ...more,
    }) as unknown as Schema['DeskTurn'];
const desk = (more: object = {}) =>
    ({
        person: { id: 3 },
        channel: 'c',
        revision: 1,
        missing_minutes: 5,
        undo: null,
        turns: [],
        ...more,
    }) as unknown as Schema['Desk'];
const heard = (data: object, headers: Record<string, string> = {}) =>
    new Response(JSON.stringify(data), {
        status: 200,
        headers: { Date: new Date(Date.now()).toUTCString(), ...headers },
    });
const made = async (data: Schema['Desk']) => new (await import('../../web/desk/desk.svelte')).Desk(data);

describe('a desk', () => {
    it('knows who is in, who waits, who is late and who is next', async () => {
        const one = await made(
            desk({
                turns: [
                    turn('due', 10),
                    turn('late', -6),
                    turn('not late yet', -4),
                    turn('in', -10, { called: seconds(-2), arrived: seconds(-12) }),
                    turn('met', -20, { outcome: 'met' }),
                    turn('early', 20, { arrived: seconds(-1) }),
                    turn('came in', 0, { starts: null, arrived: seconds(-3) }),
                ],
            }),
        );
        const keys = (turns: Schema['DeskTurn'][]) => turns.map((each) => each.key);
        expect(keys(one.turns)).toEqual(['met', 'in', 'late', 'not late yet', 'came in', 'due', 'early']);
        expect([keys(one.under), keys(one.late)]).toEqual([['in'], ['late']]);
        // Whoever is there goes before whoever is only due.
        expect([keys(one.waiting), keys(one.next)]).toEqual([['came in', 'early'], ['came in']]);
    });

    it('lets in together those who come to one slot, if both are there', async () => {
        const group = { group: 'g', arrived: seconds(-1) };
        const one = await made(
            desk({ turns: [turn('a', 0, group), turn('b', 0, group), turn('c', 0, { group: 'g' })] }),
        );
        expect(one.next.map((each) => each.key)).toEqual(['a', 'b']);
        expect((await made(desk())).next).toEqual([]);
    });

    it('presses one after the other, each with what came of the one before', async () => {
        const one = await made(desk());
        answers = [{ data: desk({ revision: 2 }) }, { data: desk({ revision: 3 }) }];
        const both = [one.press({ what: 'call', who: ['a'] }), one.press({ what: 'end', who: ['a'] })];
        expect(await Promise.all(both)).toEqual(['', '']);
        expect(asked.map((each) => [each.body?.['what'], each.body?.['revision']])).toEqual([
            ['call', 1],
            ['end', 2],
        ]);
        expect(one.data.revision).toBe(3);
    });

    it('that somebody else was quicker at shows what is true, and why nothing was done', async () => {
        const one = await made(desk());
        answers = [{ trouble: { message: 'Something was pressed.', fields: {} }, status: 409, body: null }];
        looks = [heard(desk({ revision: 9 }))];
        expect(await one.press({ what: 'call', who: ['a'] })).toBe('Something was pressed.');
        await vi.advanceTimersByTimeAsync(0);
        expect(one.data.revision).toBe(9);
    });

    it('moves nothing under a finger, and no longer than it is there', async () => {
        const one = await made(desk());
        one.touched();
        looks = [heard(desk({ revision: 2 })), heard(desk({ revision: 3 }))];
        await one.live.now();
        await one.live.now();
        expect(one.data.revision).toBe(1);
        await vi.advanceTimersByTimeAsync(901);
        expect(one.data.revision, 'the last of what came meanwhile').toBe(3);
    });
});

describe('a page that is told of changes', () => {
    const live = async (apart = 0) => {
        const { Live } = await import('../../web/lib/live.svelte');
        const { api } = await import('../../web/lib/api');
        return new Live(
            () => 'c',
            (headers) => api.GET('/api/staff/desk/{person}', { headers } as never),
            (data) => taken.push(data),
            apart,
        );
    };

    it('asks for what is new alone, by itself without keeping anybody signed in', async () => {
        const one = await live();
        looks = [heard({}, { ETag: '"1"' }), new Response(null, { status: 304 }), new Response(null, { status: 401 })];
        await one.now();
        await one.now();
        expect([one.lost, one.out]).toEqual([false, false]);
        await one.now();
        expect([one.lost, one.out]).toEqual([true, true]);
        expect(asked.map((each) => each.headers)).toEqual([
            { 'X-Recess-Look': '1' },
            { 'If-None-Match': '"1"', 'X-Recess-Look': '1' },
            { 'If-None-Match': '"1"', 'X-Recess-Look': '1' },
        ]);
        one.fresh();
        looks = [heard({})];
        await one.now();
        expect(asked.at(-1)?.headers).toEqual({ 'X-Recess-Look': '1' });
    });

    it('says since when it has heard nothing, and forgets that once it hears', async () => {
        const one = await live();
        const since = one.heard;
        looks = [
            () => {
                throw new TypeError('no net');
            },
        ];
        await vi.advanceTimersByTimeAsync(60_000);
        await one.now();
        expect([one.lost, one.heard]).toEqual([true, since]);
        looks = [heard({})];
        await one.now();
        expect([one.lost, one.heard > since]).toEqual([false, true]);
    });

    it('puts nothing older in place of what came with the answer to a press', async () => {
        const one = await live();
        looks = [heard({ revision: 1 }, { ETag: '"1"' }), heard({ revision: 3 })];
        const look = one.now();
        one.fresh();
        await look;
        await vi.advanceTimersByTimeAsync(0);
        expect(taken).toEqual([{ revision: 3 }]);
        expect(asked.at(-1)?.headers, 'compared with nothing').toEqual({ 'X-Recess-Look': '1' });
    });

    it('looks once more for all that came while it looked', async () => {
        const one = await live();
        looks = [heard({}), heard({})];
        await Promise.all([one.now(), one.now(), one.now()]);
        await vi.advanceTimersByTimeAsync(0);
        expect(asked).toHaveLength(2);
    });
});

describe('the clock', () => {
    // Date has whole seconds (RFC 9110, 6.6.1): what is less than two is no difference.
    it.each([
        ['as the device’s', 0, 0],
        ['a second ahead', 1, 0],
        ['five hours ahead', 18_000, 18_000],
        ['two days behind', -172_800, -172_800],
    ])('is the server’s: %s', async (_, ahead, shown) => {
        const { now } = await import('../../web/lib/now.svelte');
        now.set(new Response(null, { headers: { Date: new Date(AT + ahead * 1000).toUTCString() } }));
        expect(Math.round((now.at - AT) / 1000 - shown)).toBeLessThanOrEqual(1);
        now.set(new Response(null));
        expect(Math.abs(now.at - AT - shown * 1000)).toBeLessThan(1000);
    });

    it('counts down, and since when somebody waits', async () => {
        const { countdown, minutesSince, names } = await import('../../web/desk/desk.svelte');
        expect([countdown(245), countdown(-61), countdown(0)]).toEqual(['4:05', '1:01', '0:00']);
        expect([minutesSince(seconds(-12)), minutesSince(seconds(3))]).toEqual([12, 0]);
        expect(names([turn('Ada', 0), turn('', 0)])).toBe('Ada and x');
    });
});

describe('a desk', () => {
    it('is over by as much as the card of the meeting under way counts', async () => {
        const { overBy } = await import('../../web/desk/desk.svelte');
        expect(overBy([], seconds(0))).toBe(0);
        expect(overBy([{ due: seconds(10) }], seconds(9))).toBe(0);
        expect(overBy([{ due: seconds(10) }], seconds(148) + 21)).toBe(138);
        // Of several who are in, the one who is longest over.
        expect(overBy([{ due: seconds(10) }, { due: seconds(5) }, { due: null }], seconds(15))).toBe(10);
    });
});
