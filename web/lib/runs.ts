import type { Schema } from './api';

type Slot = Schema['RulerSlot'];

/** What an upright day shows in one piece: a free slot, or neighbours that cannot be had, folded into one line. */
export interface Run {
    slots: Slot[];
    free: boolean;
    from: string;
    until: string;
    state: Slot['state'];
    /** Whether it does not follow on what is above it. */
    apart: boolean;
}

/** A day's slots from top to bottom; neighbours in one state that cannot be had are one run. */
export function runsOf(day: Schema['RulerDay']): Run[] {
    const runs: Run[] = [];
    for (const stretch of day.stretches) {
        stretch.slots.forEach((slot, position) => {
            const last = runs.at(-1);
            const apart = position === 0 && runs.length > 0;
            if (last && !last.free && slot.state !== 'free' && last.state === slot.state && !apart) {
                last.slots.push(slot);
                last.until = slot.until;
            } else {
                const { from, until, state } = slot;
                runs.push({ slots: [slot], free: slot.state === 'free', from, until, state, apart });
            }
        });
    }
    return runs;
}
