import { api, ask, type Schema, type Trouble } from '../lib/api';

type Page = Schema['RoundPage'];
type Pick = Schema['PickedHost'];
type Plan = Schema['RoundPlan'];

const MEMORY = 'recess.round';
/** Milliseconds after the last tick: the plan is looked for while they tick on. */
const PAUSE = 200;

/** Whom a family wants to meet in a round, when it can come, and the plan that comes of it. */
export class Shortlist {
    picks = $state<Pick[]>([]);
    windows = $state<Schema['HoursOn'][]>([]);
    walk = $state(0);
    breather = $state(0);
    /** For which language they need an interpreter. */
    interpreter = $state('');
    /** Whether they need the ground floor. */
    ground = $state(false);
    prefer = $state<Schema['Shortlist']['prefer']>('evenings');
    /** What they answer, by child and question. */
    about = $state<Record<string, Record<string, unknown>>>({});

    plan = $state<Plan | null>(null);
    /** Whether another plan is being looked for. */
    looking = $state(false);
    /** Of the last press; a look that was on its way does not wipe it away. */
    #pressed = $state<Trouble | null>(null);
    /** Of the last look. */
    #looked = $state<Trouble | null>(null);
    /** Meetings that were at another time in the plan before somebody was quicker, by sheet and student. */
    changed = $state<string[]>([]);

    /** Whether what is booked is looked for anew, too. */
    anew = $state(false);

    /** What is with the school as wishes, where a round collects them. */
    sent = $state<Schema['Shortlist'] | null>(null);
    sentSaid = $state('');

    #page: Page;
    #timer: ReturnType<typeof setTimeout> | undefined;
    #asked = 0;

    constructor(page: Page) {
        this.#page = page;
        this.#heard(page);
        const known = page.asked ?? this.#remembered();
        // Who is not in it any more cannot be met; the page says who it was.
        this.picks = (known?.picks ?? []).filter((pick) => page.sheets.some((one) => one.slug === pick.sheet));
        this.windows = known?.windows ?? this.#whole();
        this.walk = Math.max(known?.walk ?? 0, page.walk);
        this.breather = known?.breather ?? 0;
        this.ground = known?.ground ?? false;
        // For a language of which nobody is there any more nothing is asked.
        this.interpreter = page.languages.some((one) => one.code === known?.interpreter)
            ? (known?.interpreter ?? '')
            : '';
        this.prefer = known?.prefer ?? 'evenings';
        this.#told(known?.about);
        // A date that is not part of it any more, or is over, is nobody's.
        const open = page.dates.filter((one) => !one.over).map((one) => one.date);
        this.windows = this.windows.filter((one) => open.includes(one.date));
    }

    get trouble(): Trouble | null {
        return this.#pressed ?? this.#looked;
    }

    static id = (one: { sheet: string; student: string }) => `${one.sheet} ${one.student}`;

    has(sheet: string, student: string): boolean {
        return this.picks.some((one) => one.sheet === sheet && one.student === student);
    }

    tick(sheet: string, student: string, on: boolean): void {
        const rest = this.picks.filter((one) => one.sheet !== sheet || one.student !== student);
        this.picks = on ? [...rest, { sheet, student }] : rest;
        this.look();
    }

    tell(child: string, question: string, value: unknown): void {
        this.about = { ...this.about, [child]: { ...this.about[child], [question]: value } };
        // What is wrong at other fields still is.
        this.#soon(PAUSE);
    }

    /** What is wanted more goes up. */
    move(index: number, by: number): void {
        const picks = [...this.picks];
        const [one] = picks.splice(index, 1);
        if (one) picks.splice(index + by, 0, one);
        this.picks = picks;
        this.look();
    }

    /** Whether what stands here is what is with the school. */
    get isSent(): boolean {
        const { picks, windows, walk, breather, interpreter, ground } = this;
        const about = this.#about();
        const plain = (one: Partial<Schema['Shortlist']>) =>
            JSON.stringify([
                one.picks?.map(Shortlist.id),
                one.windows?.map((hours) => `${hours.date} ${hours.from} ${hours.until}`).sort(),
                one.walk,
                one.breather,
                one.interpreter ?? '',
                one.ground ?? false,
                this.#said(one.about ?? []),
            ]);
        return (
            this.sent !== null &&
            plain(this.sent) === plain({ picks, windows, walk, breather, interpreter, ground, about })
        );
    }

    /** Sends all of it to the school; gives the way to this page on their pass. */
    async send(who: { name: string; email: string; phone: string }): Promise<string | null> {
        const answer = await ask(
            api.PUT('/api/r/{slug}/wishes', {
                params: { path: { slug: this.#page.slug } },
                body: { ...this.#form(), ...who },
            }),
        );
        this.#pressed = answer.trouble ?? null;
        if (!answer.data) return null;
        this.#heard(answer.data);
        this.#told(this.sent?.about);
        if (!this.#page.pass) sessionStorage.removeItem(MEMORY);
        return answer.data.pass ? answer.data.pass.path.slice('/p/'.length) : null;
    }

    async takeBack(): Promise<void> {
        const pass = this.#page.pass?.path.slice('/p/'.length) ?? '';
        const answer = await ask(
            api.DELETE('/api/r/{slug}/wishes', { params: { path: { slug: this.#page.slug } }, body: { pass } }),
        );
        this.#pressed = answer.trouble ?? null;
        if (answer.data) this.#heard(answer.data);
    }

    /** When they can come on a date, in the order of the day: the first of these hours, or others of the same day. */
    come(date: string, from: string, until: string, nth = 0): void {
        const rest = this.windows.filter((one) => one.date !== date);
        const day = this.windows.filter((one) => one.date === date);
        day.splice(nth, 1, { date, from, until });
        this.windows = [...rest, ...day];
        this.look();
    }

    /** Of several hours on a date these are none after all. */
    comeNot(date: string, nth: number): void {
        const day = this.windows.filter((one) => one.date === date);
        day.splice(nth, 1);
        this.windows = [...this.windows.filter((one) => one.date !== date), ...day];
        this.look();
    }

    stayAway(date: string): void {
        this.windows = this.windows.filter((one) => one.date !== date);
        this.look();
    }

    /** They can come at that time after all. */
    take(left: Plan['left'][number]): void {
        this.picks = this.picks.map((one) =>
            Shortlist.id(one) === Shortlist.id(left) ? { ...one, start: left.otherwise?.key ?? null } : one,
        );
        this.look();
    }

    look(at = PAUSE): void {
        this.#pressed = null;
        this.#soon(at);
    }

    #soon(at: number): void {
        clearTimeout(this.#timer);
        this.changed = [];
        this.#remember();
        this.looking = true;
        this.#timer = setTimeout(() => void this.find(), at);
    }

    async find(): Promise<void> {
        const asked = ++this.#asked;
        const answer = await ask(
            api.POST('/api/r/{slug}/plan', { params: { path: { slug: this.#page.slug } }, body: this.#form() }),
        );
        // Who ticks on is answered for what is ticked last.
        if (asked !== this.#asked) return;
        this.looking = false;
        this.#looked = answer.trouble ?? null;
        if (answer.data) this.plan = answer.data;
    }

    /** Keeps all of it, or nothing; gives the pass, once it is theirs. */
    async keep(who: { name: string; email: string; phone: string }, key: string): Promise<Schema['Pass'] | null> {
        const meetings = this.#fresh();
        const picks = this.added.map((one) => ({ sheet: one.sheet, student: one.student, start: one.key }));
        const moves = this.moved.map((one) => ({ booking: one.booking!, start: one.key }));
        const answer = await ask(
            api.POST('/api/r/{slug}/bookings', {
                params: { path: { slug: this.#page.slug } },
                body: { ...this.#form(), picks, moves, ...who, request_key: key },
            }),
        );
        this.#pressed = answer.trouble ?? null;
        if (answer.data) {
            sessionStorage.removeItem(MEMORY);
            return answer.data;
        }
        if (answer.status === 409) this.#goOn(answer.body as Partial<Schema['PlanGone']>, meetings);
        return null;
    }

    /** Those that stand and would be at another time. */
    get moved(): Schema['PlannedMeeting'][] {
        return this.#fresh().filter((one) => one.booking !== null && one.was !== '');
    }

    /** Those that the plan would book. */
    get added(): Schema['PlannedMeeting'][] {
        return this.#fresh().filter((one) => one.booking === null);
    }

    #fresh(): Schema['PlannedMeeting'][] {
        return (this.plan?.days ?? []).flatMap((day) => day.meetings).filter((one) => !one.booked);
    }

    /** Cancels all that is booked here; gives the pass. */
    async giveBack(note: string): Promise<Schema['Pass'] | null> {
        const pass = this.#page.pass?.path.slice('/p/'.length) ?? '';
        const answer = await ask(
            api.POST('/api/r/{slug}/give-back', { params: { path: { slug: this.#page.slug } }, body: { pass, note } }),
        );
        this.#pressed = answer.trouble ?? null;
        return answer.data ?? null;
    }

    #goOn(gone: Partial<Schema['PlanGone']>, before: Schema['PlannedMeeting'][]): void {
        if (!gone.plan) return;
        const was = new Map(before.map((one) => [Shortlist.id(one), one.key]));
        const now = gone.plan.days.flatMap((day) => day.meetings);
        this.plan = gone.plan;
        this.changed = now
            .filter((one) => was.has(Shortlist.id(one)) && was.get(Shortlist.id(one)) !== one.key)
            .map(Shortlist.id);
    }

    #heard(page: Page): void {
        this.sent = page.wishes?.sent ?? null;
        this.sentSaid = page.wishes?.sent_said ?? '';
    }

    #form() {
        const { pass } = this.#page;
        return {
            pass: pass ? pass.path.slice('/p/'.length) : null,
            picks: this.picks,
            windows: this.windows,
            walk: this.walk,
            breather: this.breather,
            prefer: this.prefer,
            interpreter: this.interpreter,
            ground: this.ground,
            anew: this.anew,
            about: this.#about(),
        };
    }

    #told(about: Schema['AboutChild'][] | undefined): void {
        this.about = Object.fromEntries((about ?? []).map((one) => [one.student, { ...one.answers }]));
    }

    #about(): Schema['AboutChild'][] {
        return Object.entries(this.about).map(([student, answers]) => ({ student, answers }) as Schema['AboutChild']);
    }

    /** What is answered about those who are wished for, whatever order it was typed in, and nothing for nothing. */
    #said(about: Schema['AboutChild'][]): string[] {
        const children = new Set(this.picks.map((one) => one.student));
        return about
            .filter((one) => children.has(one.student))
            .flatMap((one) =>
                Object.entries(one.answers).map(([key, value]) => [one.student, key, String(value ?? '')]),
            )
            .filter(([, , value]) => value !== '')
            .map((one) => one.join('|'))
            .sort();
    }

    #whole(): Schema['HoursOn'][] {
        return this.#page.dates.filter((one) => !one.over).map(({ date, from, until }) => ({ date, from, until }));
    }

    /** Whoever the school does not know is remembered in this tab alone; others on their pass. */
    #remember(): void {
        if (this.#page.pass) return;
        const { picks, windows, walk, breather, prefer, interpreter, ground } = this;
        const about = this.#about();
        sessionStorage.setItem(
            MEMORY,
            JSON.stringify({
                slug: this.#page.slug,
                asked: { picks, windows, walk, breather, prefer, interpreter, ground, about },
            }),
        );
    }

    #remembered(): Schema['Shortlist'] | null {
        try {
            const kept = JSON.parse(sessionStorage.getItem(MEMORY) ?? 'null') as {
                slug: string;
                asked: Schema['Shortlist'];
            } | null;
            return kept?.slug === this.#page.slug ? kept.asked : null;
        } catch {
            return null;
        }
    }
}
