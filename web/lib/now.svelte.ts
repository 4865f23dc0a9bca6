/** The reader's clock, looked at now and then, for what looks different before, during and after a meeting. */
class Now {
    at = $state(Date.now());

    constructor() {
        setInterval(() => (this.at = Date.now()), 15_000);
        document.addEventListener('visibilitychange', () => (this.at = Date.now()));
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
