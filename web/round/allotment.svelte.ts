import { api, ask, type Schema } from '../lib/api';

type Picture = Schema['AllotmentPicture'];

/** Milliseconds between two looks at how far it is. */
const AGAIN = 1_000;

/** A round's allotment on the office's page: what there is, how far it is while it is at work, who is picked out. */
export class AllotmentPage {
    now = $state<Schema['AllotmentProgress']>() as Schema['AllotmentProgress'];
    picture = $state.raw<Picture | null>(null);
    message = $state('');
    /** Since when nothing was heard, where that is so. */
    unheard = $state('');
    /** Who is picked out: a family or a teacher, by number. */
    picked = $state<{ kind: 'family' | 'host'; index: number } | null>(null);

    /** Whether another one has been asked for, and nothing heard yet: what stands here is the one before. */
    beginning = $state(false);

    #round: number;
    #timer: ReturnType<typeof setTimeout> | undefined;

    constructor(round: number, first: Schema['Allotment']) {
        this.#round = round;
        this.#take(first);
    }

    get busy(): boolean {
        return ['waiting', 'running', 'booking'].includes(this.now.state);
    }

    get looking(): boolean {
        return this.beginning || ['waiting', 'running'].includes(this.now.state);
    }

    /** What belongs to who is picked out. */
    isPicked(one: { family: number; host: number | null }): boolean {
        return this.picked !== null && one[this.picked.kind] === this.picked.index;
    }

    watch(): () => void {
        this.#again();
        return () => clearTimeout(this.#timer);
    }

    async begin(seed: number): Promise<void> {
        this.picked = null;
        this.beginning = true;
        await this.#work(
            api.POST('/api/staff/rounds/{round}/allotment', {
                params: { path: { round: this.#round } },
                body: { seed },
            }),
        );
        this.beginning = false;
    }

    async stop(): Promise<void> {
        await this.#work(
            api.POST('/api/staff/allotments/{allotment}/stop', { params: { path: { allotment: this.#id } } }),
        );
    }

    async publish(): Promise<void> {
        await this.#work(
            api.POST('/api/staff/allotments/{allotment}/publish', { params: { path: { allotment: this.#id } } }),
        );
    }

    async pin(rows: number[], pinned: boolean): Promise<void> {
        const answer = await ask(
            api.PUT('/api/staff/allotments/{allotment}/pins', {
                params: { path: { allotment: this.#id } },
                body: { rows, pinned },
            }),
        );
        this.message = answer.trouble?.message ?? '';
        if (answer.data) this.#take(answer.data);
    }

    /** Without a moment wishes end now. */
    async until(moment: string | null): Promise<void> {
        const answer = await ask(
            api.PUT('/api/staff/rounds/{round}/wishes-until', {
                params: { path: { round: this.#round } },
                body: { until: moment },
            }),
        );
        this.message = answer.trouble?.fields.until ?? answer.trouble?.message ?? '';
        if (answer.data) this.#take(answer.data);
    }

    get #id(): number {
        return this.now.id ?? 0;
    }

    async #work(call: Parameters<typeof ask<Schema['AllotmentProgress']>>[0]): Promise<void> {
        const answer = await ask(call);
        this.message = answer.trouble?.message ?? '';
        if (answer.data) this.now = answer.data;
        this.#again();
    }

    #again(): void {
        clearTimeout(this.#timer);
        if (this.busy) this.#timer = setTimeout(() => void this.#look(), AGAIN);
    }

    async #look(): Promise<void> {
        const path = { params: { path: { round: this.#round } } };
        const heard = await ask(api.GET('/api/staff/rounds/{round}/allotment/progress', path));
        if (heard.data) {
            this.unheard = '';
            this.now = heard.data;
            // What was found, or what became of it.
            if (!this.busy) {
                const whole = await ask(api.GET('/api/staff/rounds/{round}/allotment', path));
                if (whole.data) this.#take(whole.data);
                else this.message = whole.trouble?.message ?? '';
            }
        } else {
            this.unheard ||= new Date().toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' });
        }
        this.#again();
    }

    #take(whole: Schema['Allotment']): void {
        const { picture, ...now } = whole;
        this.now = now;
        this.picture = picture;
        if (!picture) this.picked = null;
    }
}
