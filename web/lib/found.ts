import type { Schema } from './api';

/** One host's ruler of a day that several share: their slots name the day's times by position. */
export function rulerOf(day: Schema['FoundDay'], host: Schema['FoundHost']): Schema['RulerDay'] {
    const { times, rows: _, ...frame } = day;
    return {
        ...frame,
        busy: [],
        stretches: host.stretches.map((stretch) => {
            const slots = stretch.slots.map((one) => {
                const [position, state] = one as [number, Schema['State']];
                return { ...times[position]!, day: day.short, state, seats_left: null, extra: 0 };
            });
            return {
                at: stretch.at,
                length: stretch.length,
                from: slots[0]?.from ?? '',
                until: slots.at(-1)?.until ?? '',
                left_over: 0,
                block: null,
                occurrence: null,
                slots,
            };
        }),
    };
}
