/** The server's clock as this page knows it: a device's own may be wrong by hours. Looked at now and then, or each second where something is counted down. */
class Now {
    /** Milliseconds by which the server's clock is ahead of the device's. */
    #ahead = 0;
    at = $state(Date.now());
    #timer: ReturnType<typeof setInterval> | undefined;

    constructor() {
        this.every(15_000);
        document.addEventListener('visibilitychange', () => this.look());
    }

    look(): void {
        this.at = Date.now() + this.#ahead;
    }

    every(milliseconds: number): void {
        clearInterval(this.#timer);
        this.#timer = setInterval(() => this.look(), milliseconds);
    }

    /** Seconds since 1970. */
    get seconds(): number {
        return Math.floor(this.at / 1000);
    }

    /** By an answer's Date (RFC 9110, 6.6.1), which has whole seconds: what is less than two is no difference. */
    set(answer: Response): void {
        const said = Date.parse(answer.headers.get('Date') ?? '');
        if (Number.isNaN(said)) return;
        const ahead = said + 500 - Date.now();
        if (Math.abs(ahead - this.#ahead) < 2000) return;
        this.#ahead = Math.abs(ahead) < 2000 ? 0 : ahead;
        this.look();
    }
}

export const now = new Now();

export type Phase = 'ahead' | 'soon' | 'now' | 'over';

/** Where a meeting is in its day. The last hour before it is soon. */
export function phaseOf(meeting: { key: string; ends: string }, at: number): Phase {
    const [starts, ends] = [Date.parse(meeting.key), Date.parse(meeting.ends)];
    if (at >= ends) return 'over';
    if (at >= starts) return 'now';
    return starts - at < 3_600_000 ? 'soon' : 'ahead';
}
