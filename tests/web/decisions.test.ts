import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { rulerOf } from '../../web/lib/found';
import type { Schema } from '../../web/lib/api';
import { besides, type Term } from '../../web/lib/rulebook';
import { runsOf } from '../../web/lib/runs';
import { EVERYTHING, kept } from '../../web/lib/sifted';
import { holds } from '../../web/lib/sought';
import { all } from './words';

/** The few things that pages decide by themselves; all else they are told. */

const slot = (more: Partial<Schema['RulerSlot']> = {}): Schema['RulerSlot'] => ({
    key: '2026-12-03T20:15:00Z',
    length: 15,
    day: 'Thu 3 Dec',
    from: '16:15',
    until: '16:30',
    part: 'late',
    state: 'free',
    at: 15,
    seats_left: null,
    extra: 0,
    ...more,
});

describe('what was asked for', () => {
    it.each([
        ['everything', EVERYTHING, {}, true],
        ['the part that the server says', { ...EVERYTHING, part: 'late' as const }, {}, true],
        ['another part', { ...EVERYTHING, part: 'morning' as const }, {}, false],
        // The clock time is not looked at: a part that the server says otherwise is what counts.
        [
            'a part against its clock time',
            { ...EVERYTHING, part: 'morning' as const },
            { part: 'morning' as const },
            true,
        ],
        ['a place where all are the same', { ...EVERYTHING, place: 7 }, {}, true],
        ['a place that can be reached', { ...EVERYTHING, place: 7 }, { places: [7, 8] }, true],
        ['a place that cannot', { ...EVERYTHING, place: 9 }, { places: [7, 8] }, false],
        ['a host who is free', { ...EVERYTHING, host: 'ada' }, { hosts: ['ada'] }, true],
        ['a host who is not', { ...EVERYTHING, host: 'ben' }, { hosts: ['ada'] }, false],
        ['a host, of a slot that somebody has', { ...EVERYTHING, host: 'ada' }, { state: 'taken' as const }, false],
    ])('%s', (_, sifted, more, holds) => {
        expect(kept(slot(more), sifted)).toBe(holds);
    });
});

describe('several hosts on one day', () => {
    const day: Schema['FoundDay'] = {
        date: '2026-12-03',
        label: 'Thursday 3 December 2026',
        short: 'Thu 3 Dec',
        length: 60,
        now: null,
        marks: [],
        times: [
            { key: 'a', at: 0, length: 15, from: '16:00', until: '16:15', part: 'late' },
            { key: 'b', at: 20, length: 20, from: '16:20', until: '16:40', part: 'late' },
        ],
        rows: [],
    };
    it('gives each its own ruler, with the times of the day and its own states', () => {
        const host = {
            path: '/s/x',
            host: 'Ada',
            subject: 'Music',
            stretches: [
                {
                    at: 0,
                    length: 40,
                    slots: [
                        [1, 'free'],
                        [0, 'taken'],
                    ] as [number, Schema['State']][],
                },
            ],
        };
        const ruler = rulerOf(day, host);
        expect(ruler.stretches[0]!.slots.map((one) => [one.key, one.state, one.at, one.day])).toEqual([
            ['b', 'free', 20, 'Thu 3 Dec'],
            ['a', 'taken', 0, 'Thu 3 Dec'],
        ]);
        expect([ruler.label, ruler.stretches[0]!.from, ruler.stretches[0]!.until]).toEqual([
            'Thursday 3 December 2026',
            '16:20',
            '16:15',
        ]);
        expect('times' in ruler || 'rows' in ruler).toBe(false);
    });
});

describe('what somebody types to find somebody', () => {
    it.each([
        ['keane', true],
        ['SIOBHAN  library', true],
        ['', true],
        ['Siobhán Tavares', false],
    ])('%s', (sought, found) => expect(holds('Siobhán Keane, Library, back table', sought)).toBe(found));
});

describe('the rulebook', () => {
    it('leaves nothing out that no sentence asks', () => {
        const term = (name: string): Term => ({ name, kind: 'whole', least: 1, most: 9, choices: [], asks: name });
        expect(besides([term('seats'), term('per_moon'), term('reminders')]).map((one) => one.name)).toEqual([
            'per_moon',
        ]);
    });
});

describe('a clock', () => {
    beforeEach(async () => {
        vi.resetModules();
        (await import('../../web/lib/say')).learn(all);
    });
    afterEach(() => vi.unstubAllGlobals());

    it.each([
        ['24', '16:05', '16:05'],
        ['12', '16:05', '4:05\u00a0pm'],
        ['12', '00:00', '12:00\u00a0am'],
        ['12', '12:00', '12:00\u00a0pm'],
        ['12', '24:00', '12:00\u00a0am'],
    ])('on %s hours says %s as %s', async (hours, time, said) => {
        vi.stubGlobal('document', { documentElement: { dataset: { clock: hours } } });
        const { clock } = await import('../../web/lib/clock.svelte');
        expect(clock.say(time)).toBe(said);
    });

    // The offsets are the tz database's: in December Halifax is four hours behind UTC, Lisbon at it, Chatham 13:45 ahead.
    it.each([
        ['24', 'Europe/Lisbon', 'Thu 3 Dec, 20:15 (Lisbon)', '20:15'],
        ['12', 'Europe/Lisbon', 'Thu 3 Dec, 8:15\u00a0pm (Lisbon)', '8:15\u00a0pm'],
        ['24', 'Pacific/Chatham', 'Fri 4 Dec, 10:00 (Chatham)', 'Fri 10:00'],
        ['24', 'America/Halifax', null, null],
    ])('on %s hours in %s says it', async (hours, zone, whole, brief) => {
        vi.stubGlobal('document', { documentElement: { dataset: { zone, clock: hours } } });
        const { elsewhere, elsewhereBriefly } = await import('../../web/lib/elsewhere');
        const at = { key: '2026-12-03T20:15:00Z', from: '16:15' };
        expect(elsewhere(at, 'America/Halifax')).toBe(whole);
        expect(elsewhereBriefly(at, 'America/Halifax')).toBe(brief);
    });

    // Where the device's clock is the school's, Intl is not asked: its first use costs a slow phone a third of a second.
    // Pago Pago is at UTC-11 and Apia at UTC+13 (tz database): one clock, two days.
    it.each([
        ['America/Halifax', 'America/Halifax', '16:15', null, 0],
        ['America/Puerto_Rico', 'America/Halifax', '16:15', null, 0],
        ['Europe/Lisbon', 'America/Halifax', '16:15', '20:15', 1],
        ['Pacific/Pago_Pago', 'Pacific/Apia', '09:15', 'Thu 09:15', 1],
        ['Pacific/Auckland', 'Pacific/Auckland', '09:15', null, 1],
    ])('on a device in %s a school in %s at %s reads %s', async (device, school, from, said, asked) => {
        vi.resetModules();
        vi.stubGlobal('document', { documentElement: { dataset: { clock: '24' } } });
        vi.stubEnv('TZ', device);
        let intl = 0;
        const DateTimeFormat = new Proxy(Intl.DateTimeFormat, {
            get: (of, what) => ((intl = 1), Reflect.get(of, what)),
            apply: (of, self, args) => ((intl = 1), Reflect.apply(of, self, args)),
            construct: (of, args) => ((intl = 1), Reflect.construct(of, args)),
        });
        vi.stubGlobal('Intl', { DateTimeFormat });
        const { elsewhereBriefly } = await import('../../web/lib/elsewhere');
        expect(elsewhereBriefly({ key: '2026-12-03T20:15:00Z', from }, school)).toBe(said);
        expect(intl).toBe(asked);
        vi.unstubAllEnvs();
    });

    it.each([
        ['19:14', 'ahead'],
        ['19:16', 'soon'],
        ['20:15', 'now'],
        ['20:30', 'over'],
    ])('at %s says that a meeting from 20:15 to 20:30 is %s', async (at, phase) => {
        vi.stubGlobal('document', { addEventListener: () => undefined });
        vi.stubGlobal('setInterval', () => 0);
        const { phaseOf } = await import('../../web/lib/now.svelte');
        const meeting = { key: '2026-12-03T20:15:00Z', ends: '2026-12-03T20:30:00Z' };
        expect(phaseOf(meeting, Date.parse(`2026-12-03T${at}:00Z`))).toBe(phase);
    });
});

describe('a day on a phone', () => {
    const day = (...stretches: Schema['RulerSlot'][][]) =>
        ({ stretches: stretches.map((slots) => ({ slots })) }) as unknown as Schema['RulerDay'];
    const at = (from: string, until: string, state: Schema['RulerSlot']['state']) => slot({ from, until, state });

    it('folds neighbours in one state that cannot be had, and never across a break', () => {
        const runs = runsOf(
            day(
                [at('16:00', '16:15', 'taken'), at('16:15', '16:30', 'taken'), at('16:30', '16:45', 'free')],
                [at('17:00', '17:15', 'taken'), at('17:15', '17:30', 'busy')],
            ),
        );
        expect(runs.map((run) => [run.from, run.until, run.state, run.apart])).toEqual([
            ['16:00', '16:30', 'taken', false],
            ['16:30', '16:45', 'free', false],
            ['17:00', '17:15', 'taken', true],
            ['17:15', '17:30', 'busy', false],
        ]);
    });
});
