import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schema } from '../../web/lib/api';

let answers: (object | Promise<object>)[] = [];
let asked: { path: string; body?: Record<string, unknown>; keepalive?: boolean }[] = [];
vi.mock('../../web/lib/api', () => {
    const call = (path: string, init: { body?: Record<string, unknown>; keepalive?: boolean }) => {
        asked.push({ path, ...(init.body ? { body: init.body } : {}), ...(init.keepalive ? { keepalive: true } : {}) });
        return answers.shift() ?? {};
    };
    return {
        api: { POST: call, GET: call, PUT: call, DELETE: call },
        ask: (answer: object) => Promise.resolve(answer),
    };
});

const session = new Map<string, string>();
beforeEach(() => {
    vi.useFakeTimers();
    session.clear();
    [answers, asked] = [[], []];
    vi.stubGlobal('sessionStorage', {
        getItem: (key: string) => session.get(key) ?? null,
        setItem: (key: string, value: string) => void session.set(key, value),
        removeItem: (key: string) => void session.delete(key),
    });
});
afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
});

describe('a worksheet while it is written', () => {
    const form = () =>
        ({ title: '', blocks: [{ kind: 'dates', dates: [], minutes: 15 }] }) as unknown as Schema['SheetForm'];
    const drawing = (more: object = {}) => ({
        data: {
            errors: {},
            line_error: null,
            line_asks: null,
            notes: [],
            line: '3 dec 16-17 /15',
            blocks: [],
            days: [],
            ...more,
        },
    });
    const draft = async () => {
        const { Draft } = await import('../../web/lib/draft.svelte');
        return new Draft(form(), null, '7', 1);
    };

    it('is drawn once for many keys, and only the answer to the last of them counts', async () => {
        const one = await draft();
        expect(one.form.blocks[0]!.dates).toEqual(['']);
        let late: (answer: object) => void = () => undefined;
        answers = [new Promise<object>((resolve) => (late = resolve)), drawing({ line: 'the second' })];
        one.changed();
        one.changed();
        await vi.advanceTimersByTimeAsync(200);
        expect(asked).toHaveLength(1);
        one.form.title = 'Autumn';
        one.changed();
        await vi.advanceTimersByTimeAsync(200);
        late(drawing({ line: 'the first' }));
        await vi.advanceTimersByTimeAsync(0);
        expect([one.line, one.settled, asked.length]).toEqual(['the second', true, 2]);
    });

    it('tries again by itself while the net is away, and says what was lost', async () => {
        const one = await draft();
        answers = [{ trouble: { message: 'The net is away.' } }, drawing()];
        one.changed();
        await vi.advanceTimersByTimeAsync(200);
        expect([one.lost, one.settled]).toEqual(['The net is away.', false]);
        await vi.advanceTimersByTimeAsync(5000);
        expect([one.lost, one.settled]).toEqual(['', true]);
    });

    it('follows the line where it says something, and leaves the blanks alone where it asks or is wrong', async () => {
        const one = await draft();
        const blocks = [{ record: { kind: 'dates', dates: ['2026-12-03'], minutes: 10 } }];
        one.line = 'thu 16-17 /10';
        answers = [drawing({ blocks })];
        one.typedLine();
        await vi.advanceTimersByTimeAsync(200);
        expect([one.form.blocks[0]!.minutes, asked[0]!.body!.typed]).toEqual([10, true]);
        one.line = 'thu 16';
        answers = [drawing({ blocks: [{ record: { minutes: 5 } }], line_asks: { question: 'Until when?' } })];
        one.typedLine();
        await vi.advanceTimersByTimeAsync(200);
        expect([one.form.blocks[0]!.minutes, one.unread]).toEqual([10, true]);
    });

    it('says of a blank that it is wrong only once it is filled in, or all was sent', async () => {
        const one = await draft();
        answers = [drawing({ errors: { title: 'Give it a title.', 'blocks.0.minutes': 'Too long.' } })];
        await one.draw();
        expect(one.errors).toEqual({ 'blocks.0.minutes': 'Too long.' });
        one.touched = true;
        expect(Object.keys(one.errors)).toEqual(['title', 'blocks.0.minutes']);
    });

    it('has back what was taken out, and keeps what was typed last where its page is left', async () => {
        const one = await draft();
        one.take('The block is gone.', () => (one.form = { ...one.form, blocks: [] }));
        expect(one.undo?.said).toBe('The block is gone.');
        one.putBack();
        expect([one.form.blocks.length, one.undo]).toEqual([1, null]);
        one.form.title = 'Autumn';
        one.leave();
        expect(asked.at(-1)).toMatchObject({ keepalive: true, body: { keep: true, form: { title: 'Autumn' } } });
        expect([one.left()?.form.title, one.left()]).toEqual(['Autumn', null]);
    });

    it('starts over with what the sheet says, and throws away what the server kept', async () => {
        const one = await draft();
        one.form.title = 'Autumn';
        one.changed();
        answers = [{}, drawing()];
        await one.startOver();
        expect([one.form.title, asked.map((call) => call.path)]).toEqual([
            '',
            ['/api/staff/worksheet', '/api/staff/worksheet'],
        ]);
        expect(asked[1]!.body!.keep).toBe(false);
    });
});

describe('an allotment on the office’s page', () => {
    const whole = (state: string, more: object = {}) => ({ id: 4, state, picture: null, ...more });
    const page = async (first: object) => {
        const { AllotmentPage } = await import('../../web/round/allotment.svelte');
        return new AllotmentPage(2, first as never);
    };

    it('is looked at each second while it is at work, and whole once it is done', async () => {
        const one = await page(whole('running'));
        const stop = one.watch();
        answers = [
            { data: whole('running', { granted: 3 }) },
            { data: whole('found') },
            { data: whole('found', { picture: { meetings: [] } }) },
        ];
        await vi.advanceTimersByTimeAsync(1000);
        expect([one.busy, one.picture]).toEqual([true, null]);
        await vi.advanceTimersByTimeAsync(1000);
        expect([one.busy, one.picture]).toEqual([false, { meetings: [] }]);
        await vi.advanceTimersByTimeAsync(5000);
        expect(asked).toHaveLength(3);
        stop();
    });

    it('says since when nothing was heard, and goes on', async () => {
        const one = await page(whole('booking'));
        one.watch();
        answers = [{ trouble: { message: 'away' } }, { trouble: { message: 'away' } }, { data: whole('booking') }];
        await vi.advanceTimersByTimeAsync(1000);
        const since = one.unheard;
        await vi.advanceTimersByTimeAsync(1000);
        expect([since === '', one.unheard === since]).toEqual([false, true]);
        await vi.advanceTimersByTimeAsync(1000);
        expect(one.unheard).toBe('');
    });

    it('lets go of who was picked out where there is no picture any more, and says what was refused', async () => {
        const one = await page(whole('found', { picture: { meetings: [] } }));
        one.picked = { kind: 'host', index: 1 };
        expect([one.isPicked({ family: 1, host: 0 }), one.isPicked({ family: 0, host: 1 })]).toEqual([false, true]);
        answers = [{ trouble: { message: 'It is at work.', fields: {} } }, { data: whole('found') }];
        await one.pin([1], true);
        expect([one.message, one.picked !== null]).toEqual(['It is at work.', true]);
        await one.until(null);
        expect([one.message, one.picked]).toEqual(['', null]);
    });
});

describe('the tabs of a ruler', () => {
    const slot = (key: string, state: string) => ({ key, state }) as Schema['RulerSlot'];

    it.each([
        ['what is chosen', 'c', 'c'],
        ['the first that is free', null, 'b'],
        ['the first that is free where the chosen one is gone', 'x', 'b'],
    ])('the tab key reaches %s', async (_, chosen, entry) => {
        const { entryOf } = await import('../../web/ruler/tabs');
        expect(entryOf([slot('a', 'taken'), slot('b', 'free'), slot('c', 'free')], chosen)).toBe(entry);
        expect(entryOf([slot('a', 'past')], null)).toBe('a');
        expect(entryOf([], null)).toBeUndefined();
    });

    it('an edge is moved in steps of five minutes, by a finger and by keys, and nothing is done for none', async () => {
        const { Pull } = await import('../../web/ruler/pull.svelte');
        const way = { dir: 'ltr' };
        vi.stubGlobal('document', { documentElement: way });
        const done: [string, number][] = [];
        const pull = new Pull(
            () => 120,
            (side, minutes) => done.push([side, minutes]),
        );
        const key = (name: string) =>
            pull.nudge({ key: name, preventDefault: () => undefined } as KeyboardEvent, 'until');
        ['ArrowLeft', 'ArrowDown', 'Enter'].forEach(key);
        expect(done).toEqual([
            ['until', -5],
            ['until', 5],
        ]);
        // Where a page runs from right to left, time does, too.
        way.dir = 'rtl';
        ['ArrowLeft', 'ArrowDown'].forEach(key);
        expect(done.splice(2)).toEqual([
            ['until', 5],
            ['until', 5],
        ]);
        way.dir = 'ltr';
        vi.stubGlobal('getComputedStyle', () => ({ cursor: 'ew-resize' }));
        const edge = {
            parentElement: { getBoundingClientRect: () => ({ width: 600, height: 50 }) },
            setPointerCapture: () => undefined,
        } as unknown as HTMLElement & Record<'onpointermove' | 'onpointerup', (event: object) => void>;
        pull.begin({ currentTarget: edge, clientX: 100, pointerId: 1 } as unknown as PointerEvent, 'from');
        // 600 pixels are 120 minutes: 62 pixels are twelve, to the nearest five ten.
        edge.onpointermove({ clientX: 162 });
        expect([pull.by('from'), pull.by('until')]).toEqual([10, 0]);
        edge.onpointerup({});
        pull.begin({ currentTarget: edge, clientX: 100, pointerId: 1 } as unknown as PointerEvent, 'from');
        edge.onpointerup({});
        expect([done.slice(2), pull.by('from')]).toEqual([[['from', 10]], 0]);
    });
});
