import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schema } from '../../web/lib/api';

/** What the server says next, and what it was asked. */
let answers: object[] = [];
let asked: { method: string; path: string; body: Record<string, unknown> }[] = [];
vi.mock('../../web/lib/api', () => {
    const call = (method: string) => (path: string, init: { body: Record<string, unknown> }) => {
        asked.push({ method, path, body: init.body });
        return answers.shift() ?? {};
    };
    return {
        api: { POST: call('POST'), PUT: call('PUT'), DELETE: call('DELETE') },
        ask: (answer: object) => Promise.resolve(answer),
    };
});
const { Shortlist } = await import('../../web/round/shortlist.svelte');
const { Setup } = await import('../../web/round/setup.svelte');

const memory = new Map<string, string>();
beforeEach(() => {
    answers = [];
    asked = [];
    memory.clear();
    vi.stubGlobal('sessionStorage', {
        getItem: (key: string) => memory.get(key) ?? null,
        setItem: (key: string, value: string) => memory.set(key, value),
        removeItem: (key: string) => memory.delete(key),
    });
    vi.stubGlobal('history', { replaceState: () => undefined });
});

const EVENING = { date: '2026-12-03', from: '16:00', until: '18:00' };
const page = (more: Partial<Schema['RoundPage']> = {}): Schema['RoundPage'] => ({
    slug: 'spring',
    title: 'Spring round',
    intro: '',
    state: 'open',
    school: 'School',
    office: '',
    walk: 5,
    gone: '',
    pass: { path: '/p/token', name: 'Uma', email: 'uma@mail.example', phone: '1' },
    children: null,
    sheets: ['wren', 'maja', 'iolo'].map((slug) => ({
        slug,
        host: { name: slug, subject: '', title: '', initials: '', door: '', picture: null },
        place: '',
    })),
    questions: [],
    dates: [
        { ...EVENING, label: 'Thursday', over: false, steps: [] },
        { ...EVENING, date: '2026-11-01', label: 'Sunday', over: true, steps: [] },
    ],
    asked: null,
    wishes: null,
    standing: 0,
    opens: '',
    languages: [{ code: 'fr', name: 'French' }],
    language: '',
    ...more,
});
const list = (asked: Partial<Schema['Shortlist']>): Schema['Shortlist'] => ({
    picks: [],
    windows: [EVENING],
    walk: 5,
    breather: 0,
    prefer: 'evenings',
    ...asked,
});
const [wren, maja] = [
    { sheet: 'wren', student: 'Ada' },
    { sheet: 'maja', student: 'Cy' },
];

describe('a family’s list', () => {
    it('begins with every evening that is not over, and the school’s way', () => {
        const one = new Shortlist(page());
        expect([one.windows, one.walk]).toEqual([[EVENING], 5]);
    });

    it('goes on from what was kept, without dates that are over and languages of which nobody is there', () => {
        const kept = list({
            // One of them is not in it any more.
            picks: [wren, { sheet: 'gone', student: 'Ada' }],
            windows: [EVENING, { ...EVENING, date: '2026-11-01' }],
            walk: 2,
            interpreter: 'it',
            about: [{ student: 'Ada', answers: { topic: 'Reading' } as never }],
        });
        const one = new Shortlist(page({ asked: kept }));
        expect([one.picks, one.windows, one.walk, one.interpreter]).toEqual([[wren], [EVENING], 5, '']);
        expect(one.about).toEqual({ Ada: { topic: 'Reading' } });
        expect(new Shortlist(page({ asked: { ...kept, interpreter: 'fr' } })).interpreter).toBe('fr');
    });

    it('is remembered in this tab alone where nobody is known, and of this round', async () => {
        const stranger = page({ pass: null });
        const one = new Shortlist(stranger);
        one.tick('wren', 'Ada', true);
        one.tell('Ada', 'topic', 'Reading');
        const again = new Shortlist(stranger);
        expect([again.picks, again.about]).toEqual([[wren], { Ada: { topic: 'Reading' } }]);
        expect(new Shortlist({ ...stranger, slug: 'autumn' }).picks).toEqual([]);
        expect(new Shortlist(page()).picks).toEqual([wren]);
        memory.set('recess.round', '{');
        expect(new Shortlist(stranger).picks).toEqual([]);
    });

    it('knows whether what stands here is what the school has', () => {
        const sent = list({
            picks: [wren, maja],
            ground: false,
            interpreter: '',
            about: [
                { student: 'Ada', answers: { topic: 'Reading', how: [] } as never },
                { student: 'Gone', answers: { topic: 'x' } as never },
            ],
        });
        const wishes = { open: true, said: '', sent, sent_said: '' };
        const one = new Shortlist(page({ asked: { ...sent, prefer: 'home' }, wishes }));
        expect(one.isSent, 'what counts most is no wish, nor what is about nobody').toBe(true);
        one.tell('Ada', 'topic', 'Sums');
        expect(one.isSent).toBe(false);
        one.tell('Ada', 'topic', 'Reading');
        one.move(1, -1);
        expect([one.picks, one.isSent]).toEqual([[maja, wren], false]);
        one.move(0, 1);
        one.stayAway(EVENING.date);
        expect(one.isSent).toBe(false);
        one.come(EVENING.date, '16:00', '18:00');
        expect(one.isSent).toBe(true);
    });

    it('marks what changed where somebody was quicker, and stays as it is where nothing is known', async () => {
        const meeting = (sheet: string, key: string) => ({
            sheet,
            student: 'Ada',
            key,
            booked: false,
            booking: null,
            was: '',
        });
        const plan = (...meetings: object[]) => ({ days: [{ meetings }], left: [], best: true, said: '' });
        const one = new Shortlist(page());
        answers = [{ data: plan(meeting('wren', '16:00'), meeting('iolo', '16:20')) }];
        await one.find();
        const next = plan(meeting('wren', '16:40'), meeting('iolo', '16:20'));
        answers = [{ trouble: { message: 'gone', fields: {} }, status: 409, body: { plan: next } }];
        const who = { name: '', email: '', phone: '' };
        expect(await one.keep(who, 'key')).toBeNull();
        expect([one.changed, one.trouble?.message]).toEqual([['wren Ada'], 'gone']);
        expect(asked.at(-1)?.body['picks']).toEqual([
            { sheet: 'wren', student: 'Ada', start: '16:00' },
            { sheet: 'iolo', student: 'Ada', start: '16:20' },
        ]);
        answers = [{ trouble: { message: 'no net', fields: {} }, status: 0, body: null }];
        await one.keep(who, 'key');
        expect(one.plan?.days[0]?.meetings.map((each) => each.key)).toEqual(['16:40', '16:20']);
    });

    it('keeps what a press was refused for, whatever look was on its way', async () => {
        const one = new Shortlist(page({ asked: list({ picks: [wren] }) }));
        let late: (answer: object) => void = () => undefined;
        const fields = { 'about.Ada.topic': 'Please fill this in.', phone: 'Please fill this in.' };
        answers = [
            new Promise((resolve) => (late = resolve)),
            { trouble: { message: 'Look again.', fields }, status: 422, body: null },
        ];
        const look = one.find();
        expect(await one.send({ name: '', email: '', phone: '' })).toBeNull();
        late({ data: { days: [], left: [], best: true, said: '' } });
        await look;
        expect(one.trouble?.fields).toEqual(fields);
        one.tell('Ada', 'topic', 'Reading');
        expect(one.trouble?.fields, 'the other one is still wrong').toEqual(fields);
        one.tick('maja', 'Cy', true);
        expect(one.trouble).toBeNull();
    });

    it('shows the answer to what was ticked last, whichever comes first', async () => {
        const one = new Shortlist(page());
        let late: (answer: object) => void = () => undefined;
        answers = [
            new Promise((resolve) => (late = resolve)),
            { data: { days: [], left: [], best: true, said: 'new' } },
        ];
        const first = one.find();
        await one.find();
        late({ data: { days: [], left: [], best: true, said: 'old' } });
        await first;
        expect(one.plan?.said).toBe('new');
    });
});

describe('a round while it is set up', () => {
    const round = (more: object) =>
        ({ id: 7, version: 1, state: 'draft', title: 'Spring', line: 'x', ...more }) as never;

    it('made like an earlier one has its questions and rules, and no dates', () => {
        const questions = [{ key: 'q', label: 'What about?' }];
        const setup = new Setup(null, round({ lead_hours: 6, questions, opens_at: '2026-01-01T08:00', cohorts: [{}] }));
        expect([setup.form.lead_hours, setup.form.questions]).toEqual([6, questions]);
        expect([setup.form.line, setup.form.opens_at, setup.form.cohorts, setup.round]).toEqual(['', null, [], null]);
    });

    it('is made once, then written with the version before it', async () => {
        const setup = new Setup(null);
        setup.form.title = 'Spring';
        answers = [{ data: round({}) }, { data: round({ version: 2 }) }];
        await Promise.all([setup.save(), setup.save()]);
        expect(asked.map((one) => [one.method, one.body['version']])).toEqual([
            ['POST', undefined],
            ['PUT', 1],
        ]);
        expect([setup.state, setup.round?.version]).toEqual(['kept', 2]);
    });

    it('publishes nothing that is not kept, and says so', async () => {
        const setup = new Setup(round({}));
        answers = [{ trouble: { message: 'look', fields: { line: 'No such day.' } }, status: 422, body: null }];
        await setup.publish();
        expect(asked.map((one) => one.method)).toEqual(['PUT']);
        expect([setup.published, setup.message]).toEqual([
            false,
            'Something here needs another look before it is kept. Nothing was published.',
        ]);
    });
});
