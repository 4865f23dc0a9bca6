/** Somebody asks for a time: what they have typed and put, where all are free, and sending it. */
import { api, ask, beside, type Schema } from '../lib/api';
import { newKey } from '../lib/key';
import { Choices, type Choice } from './choices.svelte';
import type { Typed } from './typed';

type Known = Pick<Schema['Pass'], 'name' | 'email' | 'phone' | 'students'>;

const PASS = 'recess.pass';
/** Of the lengths that can be asked for, the first of so many minutes is proposed. */
const USUAL = 30;

const NOTHING: Typed = {
    title: '',
    details: '',
    work: '',
    student: '',
    name: '',
    email: '',
    phone: '',
    place: null,
    answers: {},
    with: [],
};

export class Asking {
    readonly choices = new Choices(3, () => this.remember());
    typed = $state<Typed>({ ...NOTHING });
    times = $state.raw<Schema['KnockTimes']>()!;
    own = $state.raw<Schema['OwnCalendar'] | null>(null);
    pass = $state<string | null>(null);
    known = $state<Known | null>(null);
    fields = $state<Record<string, string>>({});
    message = $state('');
    /** Named instead of what was taken. */
    nearest = $state<NonNullable<Schema['Problem']['nearest_times']>>([]);
    working = $state(false);
    sent = $state<Schema['Knocked'] | null>(null);
    from = $state<string | null>(null);

    // The same wish keeps its key, however often it is pressed; another wish gets another.
    #last = { wish: '', key: '' };
    // Within this tab only: a phone may be shared. Gone once it is sent.
    readonly #memory: string;
    #asked = 0;

    constructor(private readonly page: Schema['KnockPage']) {
        this.#memory = `recess.knock.${page.slug}`;
        const kept = JSON.parse(sessionStorage.getItem(this.#memory) ?? '{}') as Partial<
            Typed & { list: Choice[]; minutes: number }
        >;
        this.typed = { ...NOTHING, ...kept };
        this.#take(page.times);
        const lengths = page.times.lengths;
        this.choices.minutes =
            kept.minutes && lengths.includes(kept.minutes)
                ? kept.minutes
                : (lengths.find((one) => one >= USUAL) ?? lengths[0] ?? USUAL);
        this.choices.list = kept.list ?? [];
        this.pass =
            new URLSearchParams(location.search).get('pass') ??
            sessionStorage.getItem(PASS)?.slice('/p/'.length) ??
            null;
    }

    remember(): void {
        const { list, minutes } = this.choices;
        sessionStorage.setItem(this.#memory, JSON.stringify({ ...this.typed, list, minutes }));
    }

    #take(times: Schema['KnockTimes']): void {
        this.times = times;
        this.choices.days = times.days;
    }

    /** What is free now, for all whom it concerns. */
    async look(): Promise<{ response: Response }> {
        const mine = ++this.#asked;
        const answer = await api.POST('/api/d/{door}/times', {
            params: { path: { door: this.page.slug } },
            body: {
                with: this.typed.with,
                from: this.from,
                own: this.own?.own ?? null,
                place: this.typed.place,
                pass: this.pass,
            },
        });
        // What was asked for before something else was chosen is not about that.
        if (mine !== this.#asked) return answer;
        if (answer.data) {
            this.#take(answer.data);
            this.fields = { ...this.fields, with: '' };
        } else if (answer.response.status === 422)
            this.fields = { ...this.fields, with: (answer.error as Schema['Problem']).errors?.with?.[0] ?? '' };
        return answer;
    }

    refresh(): Promise<unknown> {
        return this.look().catch(() => undefined);
    }

    turnTo(from: string | null): void {
        this.from = from;
        void this.refresh();
    }

    /** Asks the pass who this is, so that nothing is typed twice; a pass that is none is forgotten. */
    async meet(): Promise<void> {
        const answer = await ask(
            api.GET('/api/p/{token}', {
                params: { path: { token: this.pass! }, query: { on: `/d/${this.page.slug}` } },
            }),
        );
        if (answer.data) this.known = answer.data;
        else if (answer.status === 404) {
            this.pass = null;
            sessionStorage.removeItem(PASS);
        }
    }

    /** Somebody else asks from this browser. */
    forget(): void {
        this.pass = null;
        this.known = null;
        sessionStorage.removeItem(PASS);
        void this.refresh();
    }

    async together(slug: string, is: boolean): Promise<void> {
        this.typed.with = is ? [...this.typed.with, slug] : this.typed.with.filter((one) => one !== slug);
        this.remember();
        await this.refresh();
        const { lengths } = this.times;
        if (!lengths.includes(this.choices.minutes)) this.choices.wish(lengths[0] ?? this.choices.minutes);
    }

    #wish() {
        const { title, details, work, student, name, email, phone } = this.typed;
        return {
            title,
            details,
            work,
            student,
            name,
            email,
            phone,
            place: this.typed.place ?? this.page.places[0]?.id ?? null,
            answers: Object.fromEntries(
                this.page.questions.map((one) => [one.key, this.typed.answers[one.key] ?? '']),
            ) as Record<string, never>,
            with: this.typed.with,
            choices: this.choices.list.map((one) => ({ start: one.key, minutes: one.minutes })),
            pass: this.pass,
        };
    }

    async send(): Promise<void> {
        const wish = this.#wish();
        const said = JSON.stringify(wish);
        if (this.#last.wish !== said) this.#last = { wish: said, key: newKey() };
        this.working = true;
        const answer = await ask(
            api.POST('/api/d/{door}/knocks', {
                params: { path: { door: this.page.slug } },
                body: { ...wish, request_key: this.#last.key },
            }),
        );
        this.working = false;
        const { trouble } = answer;
        this.fields = trouble?.fields ?? {};
        this.nearest = (trouble && (answer.body as Schema['Problem'] | null)?.nearest_times) ?? [];
        this.message = trouble ? (Object.keys(this.fields).length === 0 ? trouble.message : beside(trouble)) : '';
        if (answer.data) {
            this.sent = answer.data;
            sessionStorage.removeItem(this.#memory);
            sessionStorage.setItem(PASS, answer.data.path);
        } else if (answer.status === 409) void this.refresh();
    }

    /** One that is named instead of what was taken. */
    instead(one: { key: string; length: number }): void {
        this.message = '';
        this.nearest = [];
        const lost = this.choices.list.findIndex((choice) => !this.choices.stands(choice));
        this.choices.at = lost === -1 ? 0 : lost;
        const day = this.choices.dayOf(one.key);
        const start = day?.starts.find((other) => other.key === one.key);
        if (day && start) this.choices.put(day, start.at + one.length / 2);
    }
}
