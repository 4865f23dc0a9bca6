import { say } from '../lib/say';
import { api, ask, type Schema } from '../lib/api';

type Typed = Required<Omit<Schema['RoundTyped'], 'version'>>;

const MEMORY = 'recess.round-setup';
/** Milliseconds after the last key. */
const PAUSE = 500;

/** A round while the office sets it up: kept on the server as it is typed, from the moment it can be. */
export class Setup {
    form = $state<Typed>({
        title: '',
        intro: '',
        line: '',
        families: true,
        classes: [],
        staff: [],
        opens_at: null,
        closes_at: null,
        lead_hours: 2,
        each_guardian: false,
        collects: false,
        wishes_until: null,
        breaks: false,
        cohorts: [],
        questions: [],
    });
    round = $state<Schema['RoundForm'] | null>(null);
    fields = $state<Record<string, string>>({});
    message = $state('');
    /** What became of the last key: kept, on the way, or not possible yet. */
    state = $state<'new' | 'typing' | 'kept' | 'not yet'>('new');

    #timer: ReturnType<typeof setTimeout> | undefined;
    /** One after the other: each carries the version that the one before has made. */
    #saving: Promise<void> = Promise.resolve();

    constructor(round: Schema['RoundForm'] | null, like: Schema['RoundForm'] | null = null) {
        if (round) this.#take(round);
        else if (like) {
            // Like an earlier one; when it is, is typed anew.
            this.#take(like);
            this.round = null;
            this.form = {
                ...this.form,
                line: '',
                opens_at: null,
                closes_at: null,
                wishes_until: null,
                cohorts: [],
            };
        } else {
            const kept = sessionStorage.getItem(MEMORY);
            if (kept) this.form = { ...this.form, ...(JSON.parse(kept) as Partial<Typed>) };
        }
    }

    get published(): boolean {
        return this.round !== null && this.round.state !== 'draft';
    }

    typed(): void {
        clearTimeout(this.#timer);
        this.state = 'typing';
        if (!this.round) sessionStorage.setItem(MEMORY, JSON.stringify(this.form));
        this.#timer = setTimeout(() => void this.save(), PAUSE);
    }

    save(): Promise<void> {
        clearTimeout(this.#timer);
        this.#saving = this.#saving.then(() => this.#save());
        return this.#saving;
    }

    async #save(): Promise<void> {
        const body = { ...this.form, ...(this.round ? { version: this.round.version } : {}) };
        const answer = this.round
            ? await ask(api.PUT('/api/staff/rounds/{round}', { params: { path: { round: this.round.id } }, body }))
            : await ask(api.POST('/api/staff/rounds', { body }));
        this.fields = answer.trouble?.fields ?? {};
        this.message = answer.trouble && Object.keys(this.fields).length === 0 ? answer.trouble.message : '';
        this.state = answer.data ? 'kept' : 'not yet';
        if (!answer.data) return;
        if (!this.round) {
            sessionStorage.removeItem(MEMORY);
            history.replaceState(null, '', `/staff/rounds/${answer.data.id}`);
        }
        // What is typed meanwhile stays as it is typed.
        this.round = answer.data;
    }

    async publish(): Promise<void> {
        await this.save();
        if (!this.round || this.state !== 'kept') {
            this.message ||= say('arranging.another_look');
            return;
        }
        const answer = await ask(
            api.POST('/api/staff/rounds/{round}/publish', { params: { path: { round: this.round.id } } }),
        );
        this.message = answer.trouble?.message ?? '';
        if (answer.data) this.#take(answer.data);
    }

    async takeBack(): Promise<void> {
        if (!this.round) return;
        const answer = await ask(
            api.POST('/api/staff/rounds/{round}/take-back', { params: { path: { round: this.round.id } } }),
        );
        this.message = answer.trouble?.message ?? '';
        if (answer.data) this.#take(answer.data);
    }

    partChanged(part: Schema['RoundPart']): void {
        if (this.round) this.round.parts = this.round.parts.map((one) => (one.id === part.id ? part : one));
    }

    #take(round: Schema['RoundForm']): void {
        this.round = round;
        this.form = Object.fromEntries(
            Object.keys(this.form).map((field) => [field, round[field as keyof Typed]]),
        ) as unknown as Typed;
    }
}
