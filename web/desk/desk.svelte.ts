import { api, ask, firstOf, type Schema } from '../lib/api';
import { listed } from '../lib/listed';
import { Live } from '../lib/live.svelte';
import { now } from '../lib/now.svelte';

export type Turn = Schema['DeskTurn'];
export type State = 'ahead' | 'late' | 'waits' | 'in' | 'met' | 'missed' | 'away';
type Press = Omit<Schema['PressForm'], 'revision'>;

/** Milliseconds after a touch or a key for which nothing on the page moves. */
const STILL = 900;

/** A desk as its page shows it, and the presses on it, one after the other. */
export class Desk {
    data = $state() as Schema['Desk'];
    message = $state('');
    busy = $state(false);
    readonly live: Live<Schema['Desk']>;
    #touched = 0;
    #last: Promise<unknown> = Promise.resolve();
    #held: Schema['Desk'] | null = null;

    constructor(first: Schema['Desk']) {
        this.data = first;
        this.live = new Live(
            () => this.data.channel,
            (headers) =>
                api.GET('/api/staff/desk/{person}', { params: { path: { person: this.data.person.id } }, headers }),
            (data) => this.#take(data),
        );
    }

    /** Nothing moves under the finger: news waits until the hand is still. */
    touched(): void {
        this.#touched = Date.now();
    }

    #take(data: Schema['Desk']): void {
        const wait = this.#touched + STILL - Date.now();
        if (wait <= 0) {
            this.#held = null;
            this.data = data;
            return;
        }
        if (!this.#held)
            setTimeout(() => {
                const held = this.#held;
                this.#held = null;
                if (held) this.#take(held);
            }, wait);
        this.#held = data;
    }

    /** What came with the answer to a press is what the hand waits for. */
    #answered(data: Schema['Desk']): void {
        this.#held = null;
        this.data = data;
        this.live.fresh();
    }

    async press(press: Press): Promise<string> {
        return this.#send((revision) =>
            ask(
                api.POST('/api/staff/desk/{person}/presses', {
                    params: { path: { person: this.data.person.id } },
                    body: { ...press, revision },
                }),
            ),
        );
    }

    async undo(): Promise<void> {
        const key = this.data.undo?.key;
        if (!key) return;
        await this.#send((revision) =>
            ask(
                api.POST('/api/staff/desk/{person}/undo', {
                    params: { path: { person: this.data.person.id } },
                    body: { key, revision },
                }),
            ),
        );
    }

    async offer(booking: number, slot: string, word: string): Promise<string> {
        return this.#send(() =>
            ask(
                api.POST('/api/staff/bookings/{booking}/offer', {
                    params: { path: { booking } },
                    body: { slot, word },
                }),
            ),
        );
    }

    async takeBack(booking: number): Promise<string> {
        return this.#send(() =>
            ask(api.DELETE('/api/staff/bookings/{booking}/offer', { params: { path: { booking } } })),
        );
    }

    async set(settings: { arrive_minutes: number; missing_minutes: number; late_threshold: number }): Promise<string> {
        return this.#send(() => ask(api.PUT('/api/staff/me/desk', { body: settings })));
    }

    /** @returns what went wrong; empty when nothing did */
    async #send(call: (revision: number) => ReturnType<typeof ask<Schema['Desk']>>): Promise<string> {
        // One after the other: the second knows what came of the first.
        const turn = this.#last.then(async () => {
            this.busy = true;
            const answer = await call(this.data.revision);
            this.busy = false;
            return this.#settle(answer);
        });
        this.#last = turn;
        return turn;
    }

    #settle(answer: Awaited<ReturnType<typeof ask<Schema['Desk']>>>): string {
        this.message = firstOf(answer.trouble);
        if (answer.data) this.#answered(answer.data);
        // Somebody else was quicker: this is how it is now.
        else if (answer.status === 409) {
            this.#touched = 0;
            this.live.fresh();
            void this.live.now();
        }
        return this.message;
    }

    state(turn: Turn): State {
        if (turn.outcome) return turn.outcome;
        if (turn.called !== null) return 'in';
        if (turn.arrived !== null) return 'waits';
        return turn.starts !== null && now.seconds >= turn.starts + this.data.missing_minutes * 60 ? 'late' : 'ahead';
    }

    get turns(): Turn[] {
        return [...this.data.turns].sort((a, b) => (a.starts ?? a.arrived ?? 0) - (b.starts ?? b.arrived ?? 0));
    }
    get under(): Turn[] {
        return this.turns.filter((one) => this.state(one) === 'in');
    }
    get waiting(): Turn[] {
        return this.turns.filter((one) => this.state(one) === 'waits');
    }
    get late(): Turn[] {
        return this.turns.filter((one) => this.state(one) === 'late');
    }

    /** The first of the plan who is there; or else the first who is still to come. Those of one slot come together. */
    get next(): Turn[] {
        const first = this.waiting[0] ?? this.turns.find((one) => this.state(one) === 'ahead');
        if (!first) return [];
        const with_ = this.turns.filter((one) => one.group === first.group && this.state(one) === this.state(first));
        return with_;
    }
}

/** Minutes and seconds, as a clock counts them down: 4:05. */
export function countdown(seconds: number): string {
    const left = Math.abs(seconds);
    return `${Math.floor(left / 60)}:${String(left % 60).padStart(2, '0')}`;
}

/** Whole minutes by which the meetings under way are past what was meant for them, as their card counts it; 0 and more. */
export const overBy = (under: Pick<Turn, 'due'>[], at: number): number =>
    Math.max(0, ...under.map((one) => Math.floor((at - (one.due ?? at)) / 60)));

export const minutesSince = (instant: number): number => Math.max(0, Math.floor((now.seconds - instant) / 60));

export const names = (turns: Turn[]): string => listed(turns.map((one) => one.student || one.who));
