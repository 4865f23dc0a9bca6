import { say } from '../lib/say';
import type { Schema } from '../lib/api';

export type Day = Schema['KnockDay'];
export type Start = Schema['KnockStart'];

/** A time that was put on the rulers. */
export interface Choice {
    key: string;
    minutes: number;
    /** As it was said when it was put there: it may lie on days that are not drawn. */
    day: string;
    from: string;
    until: string;
}

/** Minutes around a press within which a meeting counts as being where it was pressed. */
const NEAR = 10;

/**
 * Up to three times on common free time: put there, moved, made shorter and longer. The server has said where a meeting can
 * begin and which lengths fit; nothing is computed here but what lies nearest.
 */
export class Choices {
    days = $state.raw<Day[]>([]);
    list = $state<Choice[]>([]);
    /** Which of them is moved. */
    at = $state(0);
    /** The length that was wished for. */
    minutes = $state(0);
    /** What was done otherwise than asked, said at once. */
    said = $state('');

    constructor(
        private readonly most = 3,
        private readonly changed: () => void = () => undefined,
    ) {}

    get current(): Choice | undefined {
        return this.list[this.at];
    }

    dayOf(key: string): Day | undefined {
        return this.days.find((day) => day.starts.some((start) => start.key === key));
    }

    startOf(choice: Choice): Start | undefined {
        return this.dayOf(choice.key)?.starts.find((start) => start.key === choice.key);
    }

    /** Whether it still lies on common free time, as far as its day is drawn. */
    stands(choice: Choice): boolean {
        const start = this.startOf(choice);
        const drawn = this.days.some((day) => day.label === choice.day);
        return !drawn || (start?.ends.some((end) => end.minutes === choice.minutes) ?? false);
    }

    #free(start: Start, minutes: number, but: number): boolean {
        return !this.list.some((other, i) => {
            if (i === but) return false;
            const theirs = this.startOf(other);
            return (
                theirs !== undefined &&
                this.dayOf(other.key) === this.dayOf(start.key) &&
                theirs.at < start.at + minutes &&
                start.at < theirs.at + other.minutes
            );
        });
    }

    /** Where one can begin on a day with a length, leaving out the other choices. */
    #starts(day: Day, minutes: number, but = this.at): Start[] {
        return day.starts.filter(
            (start) => start.ends.some((end) => end.minutes === minutes) && this.#free(start, minutes, but),
        );
    }

    #set(i: number, day: Day, start: Start, minutes: number): void {
        const until = start.ends.find((end) => end.minutes === minutes)?.until ?? '';
        this.list[i] = { key: start.key, minutes, day: day.label, from: start.from, until };
        this.at = i;
        this.changed();
    }

    /** Puts the current choice where it is pressed, shorter where it is tight there, or else as near as it fits on that day; and says so. */
    put(day: Day, at: number): void {
        const i = this.current ? this.at : this.list.length;
        const wished = this.current?.minutes ?? this.minutes;
        const lengths = [wished, ...this.#shorter()];
        const near = lengths.flatMap((minutes) => {
            const away = (start: Start) => Math.max(start.at - at, at - start.at - minutes, 0);
            const middle = (start: Start) => Math.abs(start.at + minutes / 2 - at);
            const starts = this.#starts(day, minutes, i).sort((a, b) => away(a) - away(b) || middle(a) - middle(b));
            return starts[0] ? [{ start: starts[0], minutes, away: away(starts[0]) }] : [];
        });
        const one = near.find((other) => other.away <= NEAR) ?? near[0];
        if (!one) {
            this.said = say('asking.nothing_fits');
            return;
        }
        this.said = one.minutes < wished ? say('asking.only_fit', { minutes: one.minutes }) : '';
        this.#set(i, day, one.start, one.minutes);
    }

    #shorter(): number[] {
        const now = this.current?.minutes ?? this.minutes;
        const lengths = [
            ...new Set(this.days.flatMap((day) => day.starts.flatMap((start) => start.ends.map((end) => end.minutes)))),
        ];
        return lengths.filter((one) => one < now).sort((a, b) => b - a);
    }

    /** Where a choice would go on its day: before, after, to its begin or end; undefined where it cannot, or its day is not drawn. */
    beside(choice: Choice, to: 1 | -1 | 'first' | 'last'): Start | undefined {
        const day = this.dayOf(choice.key);
        if (!day) return undefined;
        const starts = this.#starts(day, choice.minutes, this.list.indexOf(choice));
        const here = starts.findIndex((start) => start.key === choice.key);
        return to === 'first' ? starts[0] : to === 'last' ? starts.at(-1) : starts[here + to];
    }

    step(to: 1 | -1 | 'first' | 'last'): void {
        const choice = this.current;
        const day = choice && this.dayOf(choice.key);
        const start = choice && this.beside(choice, to);
        if (day && start) this.#set(this.at, day, start, choice.minutes);
    }

    toDay(by: 1 | -1): void {
        const choice = this.current;
        const day = choice && this.dayOf(choice.key);
        if (!choice || !day) return;
        const at = this.startOf(choice)?.at ?? 0;
        for (let i = this.days.indexOf(day) + by; this.days[i]; i += by) {
            const starts = this.#starts(this.days[i]!, choice.minutes);
            const near = [...starts].sort((a, b) => Math.abs(a.at - at) - Math.abs(b.at - at))[0];
            if (near) return this.#set(this.at, this.days[i]!, near, choice.minutes);
        }
    }

    /** The lengths that fit where a choice begins. */
    lengths(choice: Choice): number[] {
        const start = this.startOf(choice);
        return (start?.ends ?? [])
            .map((end) => end.minutes)
            .filter((one) => this.#free(start!, one, this.list.indexOf(choice)));
    }

    stretch(by: 1 | -1): void {
        const choice = this.current;
        if (!choice) return;
        const lengths = this.lengths(choice);
        const to = lengths[lengths.indexOf(choice.minutes) + by];
        if (to) this.resize(to);
    }

    resize(minutes: number): void {
        const choice = this.current;
        const day = choice && this.dayOf(choice.key);
        const start = choice && this.startOf(choice);
        if (day && start && this.lengths(choice).includes(minutes)) this.#set(this.at, day, start, minutes);
    }

    /** One more, on the first common time that is left. */
    add(): void {
        if (this.list.length >= this.most) return;
        const last = this.list.at(-1);
        const from = last ? this.days.indexOf(this.dayOf(last.key) ?? this.days[0]!) : 0;
        for (const day of [...this.days.slice(Math.max(0, from)), ...this.days]) {
            const start = this.#starts(day, this.minutes, this.list.length)[0];
            if (start) {
                this.said = '';
                return this.#set(this.list.length, day, start, this.minutes);
            }
        }
        this.said = say('asking.no_other');
    }

    remove(i: number): void {
        this.list.splice(i, 1);
        this.at = Math.max(0, Math.min(this.at, this.list.length - 1));
        this.changed();
    }

    /** The wish is for another length: what is put already gets it where it fits. */
    wish(minutes: number): void {
        this.minutes = minutes;
        this.list.forEach((choice, i) => {
            this.at = i;
            if (this.lengths(choice).includes(minutes)) this.resize(minutes);
        });
        this.changed();
    }
}
