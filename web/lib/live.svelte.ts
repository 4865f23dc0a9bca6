import { now } from './now.svelte';

/** Seconds between two looks: where the server tells of changes, and where it does not. */
export const CALM = 30;
const ALONE = 4;
/** The server says something at least every twenty seconds. */
const QUIET = 50;

/**
 * Keeps a page as things are: the server tells it that something changed (server-sent events, or long polling where
 * those do not come through), and it looks. Where nothing comes through it looks by itself, and says since when it has
 * heard nothing.
 */
export class Live<T> {
    /** When the server was last heard, on the server's clock. */
    heard = $state(now.at);
    /** Whether looks fail: what is shown is as old as `heard`. */
    lost = $state(false);
    /** Whether whoever was signed in is not any more. */
    out = $state(false);
    /** How changes are heard of. */
    way = $state<'events' | 'waiting' | 'looking'>('looking');

    #etag = '';
    #alone = ALONE;
    #source: EventSource | undefined;
    #failures = 0;
    #said = Date.now();
    #looked = 0;
    #looking = false;
    #again = false;
    /** How often something newer came another way: a look that began before is of no use any more. */
    #turn = 0;
    #stopped = false;
    #touched = false;
    #soon: ReturnType<typeof setTimeout> | undefined;
    #second: ReturnType<typeof setTimeout> | undefined;

    /**
     * @param channel of the page, from its data
     * @param look asks for the page's data with these headers
     * @param take is given what came, unless a press was answered meanwhile: what was asked for before that is older
     * @param apart milliseconds over which many readers of one channel spread their looks
     * @param old milliseconds that an answer may have been kept by the web server: then there is a second look
     */
    constructor(
        private channel: () => string,
        private look: (headers: Record<string, string>) => Promise<{ response: Response; data?: T }>,
        private take: (data: T) => void,
        private apart = 0,
        private old = 0,
    ) {}

    /**
     * From when the page is there until what is given back is called.
     *
     * @param alone seconds between two looks where the server does not tell of changes
     */
    start(alone = ALONE): () => void {
        this.#alone = alone;
        this.#open();
        const timer = setInterval(() => this.#tend(), 1000);
        const soon = () => document.visibilityState === 'visible' && void this.now();
        const back = () => this.#open();
        const touched = () => (this.#touched = true);
        for (const hand of ['pointerdown', 'keydown'] as const) addEventListener(hand, touched);
        document.addEventListener('visibilitychange', soon);
        addEventListener('online', back);
        // A page out of the browser's memory has a dead connection.
        addEventListener('pageshow', soon);
        return () => {
            this.#stopped = true;
            clearInterval(timer);
            document.removeEventListener('visibilitychange', soon);
            removeEventListener('online', back);
            for (const hand of ['pointerdown', 'keydown'] as const) removeEventListener(hand, touched);
            removeEventListener('pageshow', soon);
            this.#source?.close();
        };
    }

    /** Data that came another way, with the answer to a press: the next look compares with nothing. */
    fresh(): void {
        this.#turn++;
        this.#etag = '';
        this.heard = now.at;
    }

    /** Looks at once, and for all of it: the same is said another way. */
    anew(): void {
        this.fresh();
        void this.now();
    }

    /** Listens on another channel, once the page has one. */
    elsewhere(): void {
        if (!this.#stopped && this.#source) this.#open();
    }

    /** Looks at once; of several asked for meanwhile one is done. */
    async now(): Promise<void> {
        if (this.#looking) {
            this.#again = true;
            return;
        }
        this.#looking = true;
        this.#looked = Date.now();
        const turn = this.#turn;
        try {
            const { response: answer, data } = await this.look({
                ...(this.#etag ? { 'If-None-Match': this.#etag } : {}),
                // Nobody pressed: a look by itself keeps nobody signed in.
                ...(this.#touched ? {} : { 'X-Recess-Look': '1' }),
            });
            this.#touched = false;
            this.out = answer.status === 401 || answer.status === 419;
            now.set(answer);
            if (turn !== this.#turn) this.#again = true;
            else if (answer.ok || answer.status === 304) {
                if (data !== undefined) this.take(data);
                this.#etag = answer.headers.get('ETag') ?? this.#etag;
                this.heard = now.at;
                this.lost = false;
            } else this.lost = true;
        } catch {
            this.lost = true;
        }
        this.#looking = false;
        if (this.#again) {
            this.#again = false;
            void this.now();
        }
    }

    /** What answered may be of a moment before what is told of. */
    #lookTwice(): void {
        if (this.old === 0) return;
        clearTimeout(this.#second);
        this.#second = setTimeout(() => void this.now(), this.old * (1 + 0.3 * Math.random()));
    }

    #told(): void {
        this.#said = Date.now();
        this.#lookTwice();
        if (this.apart === 0) void this.now();
        else
            this.#soon ??= setTimeout(
                () => {
                    this.#soon = undefined;
                    void this.now();
                },
                this.apart * (0.2 + 0.8 * Math.random()),
            );
    }

    #open(): void {
        this.#source?.close();
        this.#said = Date.now();
        void this.now();
        this.#lookTwice();
        if (typeof EventSource === 'undefined' || this.#failures >= 3) {
            if (this.way !== 'waiting') void this.#wait();
            return;
        }
        const source = new EventSource(`/live/${this.channel()}`);
        this.#source = source;
        source.onopen = () => {
            // Whatever changed while nobody listened.
            this.way = 'events';
            this.#failures = 0;
            this.#told();
        };
        source.onmessage = () => this.#told();
        source.addEventListener('ping', () => (this.#said = Date.now()));
        source.onerror = () => {
            this.way = 'looking';
            // One that was refused does not try again by itself.
            if (source.readyState === EventSource.CLOSED) this.#failures++;
        };
    }

    /** Where events do not come through: one request after the other that is answered when something changes. */
    async #wait(): Promise<void> {
        let from: Record<string, string> = {};
        let failures = 0;
        while (!this.#stopped && failures < 3) {
            try {
                const answer = await fetch(`/live/${this.channel()}`, { headers: from, cache: 'no-store' });
                if (!answer.ok && answer.status !== 304 && answer.status !== 408)
                    throw new Error(String(answer.status));
                failures = 0;
                this.way = 'waiting';
                this.#said = Date.now();
                if (answer.status !== 200) continue;
                from = {
                    'If-Modified-Since': answer.headers.get('Last-Modified') ?? '',
                    'If-None-Match': answer.headers.get('ETag') ?? '',
                };
                this.#told();
            } catch {
                failures++;
                this.way = 'looking';
                await new Promise((done) => setTimeout(done, 3000));
            }
        }
        this.way = 'looking';
        this.#failures = 0;
    }

    #tend(): void {
        if (this.#stopped) return;
        const since = (Date.now() - this.#looked) / 1000;
        if (since >= (this.way === 'looking' || this.lost ? this.#alone : CALM)) void this.now();
        const silent = (Date.now() - this.#said) / 1000 > QUIET;
        // A connection that says nothing is none; one that was refused is tried again now and then.
        if (this.way === 'events' && silent) this.#open();
        else if (this.way === 'looking' && this.#source?.readyState === 2 && (Date.now() - this.#said) / 1000 > 10)
            this.#open();
    }
}
