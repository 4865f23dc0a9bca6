import { api, ask, type Schema } from './api';
import { newKey } from './key';

export interface Typed {
    name: string;
    email: string;
    place: number | null;
    answers: Record<string, unknown>;
}

/** What was picked on a sheet, so that a reload goes on with it. */
interface Picked {
    slug: string;
    slot: string;
    host: string | null;
    /** The day from which the page showed times; null for the first days. */
    from: string | null;
}

/** What the tabs of one browser know of each other on a sheet. */
interface Own {
    key?: string;
    at?: number;
    /** What is kept under the key. */
    picked?: string;
    booked?: string[];
}

const MEMORY = 'recess.visitor';
const PICKED = 'recess.picked';
/** Of all tabs of this browser: under which key it keeps a time, and which it booked. No names, and not for long. */
const OWN = 'recess.own';
const OWN_FOR = 30 * 60_000;
const PASS = 'recess.pass';

/** A visitor on a sheet: what they have typed, what is kept for them, and the pass they have already. */
export class Visitor {
    typed = $state<Typed>({ name: '', email: '', place: null, answers: {} });
    /** The path of the pass on which the next booking goes, once there is one. */
    pass = $state<string | null>(null);
    /** Who the pass says they are, once it has answered. */
    known = $state<Pick<Schema['Pass'], 'name' | 'email' | 'phone' | 'students'> | null>(null);
    /** When the pass has said who they are, or has not: fields that it answers do not come and go under a finger. */
    met: Promise<unknown> = Promise.resolve();
    /** Whether what was kept is over, so that others can take it. */
    over = $state(false);
    /** Whether it was made longer, which it can be once. */
    lengthened = $state(false);
    /** Seconds for which the picked time is still kept; null when it is not. */
    left = $state<number | null>(null);

    keepKey: string;
    /** Whether another tab, or this one before it was loaded again, may keep a time under the same key. */
    shares = false;
    /** What is kept for this tab. */
    #slot = '';
    #ends = 0;
    #clock: ReturnType<typeof setInterval> | undefined;
    #slug: string;
    /** Whether the time was offered in line: then it stays kept as long as the message says. */
    #offered: boolean;

    constructor(slug: string, preview: boolean) {
        this.#slug = slug;
        const asked = new URLSearchParams(location.search);
        this.#offered = asked.has('kept');
        this.keepKey = asked.get('kept') ?? (preview ? newKey() : this.#ownKey());
        if (preview) return;
        try {
            // Within this tab only: a phone may be shared.
            const kept = JSON.parse(sessionStorage.getItem(MEMORY) ?? 'null') as Typed | null;
            if (kept) this.typed = { ...this.typed, ...kept, place: this.picked() === null ? null : kept.place };
            const pass = asked.get('pass');
            this.pass = pass ? `/p/${pass}` : sessionStorage.getItem(PASS);
        } catch {
            // Somebody else's storage, or none: begin with nothing.
        }
        this.met = this.meet();
        addEventListener('pagehide', () => this.release());
        addEventListener('storage', () => this.told());
        // A reload, or a phone that puts the page away.
        addEventListener('visibilitychange', () => this.remember());
    }

    /** What this tab had picked here before it was loaded again. */
    picked(): Picked | null {
        try {
            const picked = JSON.parse(sessionStorage.getItem(PICKED) ?? 'null') as Picked | null;
            return picked?.slug === this.#slug ? picked : null;
        } catch {
            return null;
        }
    }

    pick(slot: string, host: string | null, from: string | null): void {
        const picked: Picked = { slug: this.#slug, slot, host, from };
        sessionStorage.setItem(PICKED, JSON.stringify(picked));
    }

    unpick(): void {
        sessionStorage.removeItem(PICKED);
    }

    /** Whether this browser booked that time a moment ago, in this tab or in another. */
    isOwn(slot: string): boolean {
        return this.#own().booked?.includes(slot) ?? false;
    }

    /** Another tab has picked another time under the same key: what this one kept is kept no more, and it says so. */
    told(): void {
        if (this.left === null || this.#own().picked === this.#slot) return;
        this.#count(null);
        this.over = true;
    }

    #own(): Own {
        try {
            const all = JSON.parse(localStorage.getItem(OWN) ?? '{}') as Record<string, Own>;
            const own = all[this.#slug];
            return own && Date.now() - (own.at ?? 0) < OWN_FOR ? own : {};
        } catch {
            return {};
        }
    }

    #keepOwn(own: Own): void {
        try {
            // Of one sheet: the one that is looked at.
            localStorage.setItem(OWN, JSON.stringify({ [this.#slug]: { ...own, at: Date.now() } }));
        } catch {
            // No storage: each tab is by itself.
        }
    }

    /** Two tabs of one browser keep under one key: what one of them picked is not taken for the other. */
    #ownKey(): string {
        const own = this.#own();
        const key = own.key ?? newKey();
        this.shares = own.key !== undefined;
        this.#keepOwn({ ...own, key });
        return key;
    }

    get token(): string | null {
        return this.pass?.slice('/p/'.length) ?? null;
    }

    /** Asks the pass who this is, so that nothing is typed twice; a pass that is none is forgotten. */
    async meet(): Promise<void> {
        const token = this.token;
        if (token === null) return;
        const answer = await ask(
            api.GET('/api/p/{token}', { params: { path: { token }, query: { on: `/s/${this.#slug}` } } }),
        );
        if (answer.data) this.known = answer.data;
        else if (answer.status === 404) this.forgetPass();
    }

    remember(): void {
        try {
            sessionStorage.setItem(MEMORY, JSON.stringify(this.typed));
        } catch {
            // No storage: it is typed once more.
        }
    }

    /** On to the next booking, on the same pass. With another teacher it is mostly about the same student, here about another one. */
    another(pass: Schema['Pass'], sameStudent: boolean): void {
        this.pass = pass.path;
        this.known = pass;
        sessionStorage.setItem(PASS, pass.path);
        if (!sameStudent) delete this.typed.answers.student;
        this.remember();
    }

    forgetPass(): void {
        this.pass = null;
        this.known = null;
        sessionStorage.removeItem(PASS);
    }

    /** Keeps a time; answers what went wrong when somebody has it already. */
    async keep(slot: string, host: string | null): Promise<Schema['Gone'] | null> {
        const answer = await ask(
            api.POST('/api/s/{slug}/keep', {
                params: { path: { slug: this.#slug } },
                body: { slot, keep_key: this.keepKey, host, pass: this.token },
            }),
        );
        this.lengthened = false;
        if (answer.data) {
            this.#slot = slot;
            this.#offered || this.#keepOwn({ ...this.#own(), key: this.keepKey, picked: slot });
            this.#count(answer.data.seconds);
            return null;
        }
        this.#count(null);
        return answer.status === 409 ? (answer.body as Schema['Gone']) : null;
    }

    #count(seconds: number | null): void {
        clearInterval(this.#clock);
        this.left = seconds;
        this.over = false;
        if (seconds === null) return;
        this.#ends = Date.now() + seconds * 1000;
        this.#clock = setInterval(() => {
            this.left = Math.max(0, Math.round((this.#ends - Date.now()) / 1000));
            if (this.left === 0) {
                this.#count(null);
                this.over = true;
            }
        }, 1000);
    }

    /** As long again, once. */
    async longer(): Promise<void> {
        const answer = await ask(
            api.POST('/api/s/{slug}/keep-longer', {
                params: { path: { slug: this.#slug } },
                body: { keep_key: this.keepKey, pass: this.token },
            }),
        );
        this.lengthened = true;
        if (answer.data?.seconds != null) this.#count(answer.data.seconds);
    }

    /** Booked: nothing is only kept any more. */
    settled(slot: string): void {
        this.#count(null);
        this.unpick();
        this.keepKey = newKey();
        this.#keepOwn({ key: this.keepKey, picked: '', booked: [...(this.#own().booked ?? []), slot] });
    }

    /** Leaving: what is kept is free for others at once. */
    release(): void {
        if (this.left === null) return;
        this.#count(null);
        if (this.#offered) return;
        const body = new Blob([JSON.stringify({ keep_key: this.keepKey })], { type: 'application/json' });
        navigator.sendBeacon(`/api/s/${this.#slug}/let-go`, body);
    }
}
