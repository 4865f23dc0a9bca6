import { clock } from './clock.svelte';

/** The reader's own zone, where it is another than the school's at that moment; null where the clocks agree. */
function other(moment: Date, zone: string): string | null {
    const own = document.documentElement.dataset.zone || Intl.DateTimeFormat().resolvedOptions().timeZone;
    try {
        const at = (timeZone: string) => written(moment, timeZone, { dateStyle: 'short', timeStyle: 'short' });
        return own && at(own) !== at(zone) ? own : null;
    } catch {
        return null;
    }
}

const written = (moment: Date, timeZone: string, how: Intl.DateTimeFormatOptions) =>
    new Intl.DateTimeFormat('en-GB', { timeZone, ...how }).format(moment);

/** 17:40, or 5:40 pm to whoever reads it so. */
function time(moment: Date, timeZone: string): string {
    return clock.say(written(moment, timeZone, { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }));
}

/** The same moment on the reader's own clock, with its day and city; null where it is the school's. */
export function elsewhere(instant: string, zone: string): string | null {
    const moment = new Date(instant);
    const own = other(moment, zone);
    if (own === null) return null;
    const day = written(moment, own, { weekday: 'short', day: 'numeric', month: 'short' });
    return `${day}, ${time(moment, own)} (${cityOf(own)})`;
}

/** The same in so few letters that it fits into a tab: 17:40, with its weekday where that is another. */
export function elsewhereBriefly(instant: string, zone: string): string | null {
    const moment = new Date(instant);
    const own = other(moment, zone);
    if (own === null) return null;
    const day = (timeZone: string) => written(moment, timeZone, { weekday: 'short' });
    return day(own) === day(zone) ? time(moment, own) : `${day(own)} ${time(moment, own)}`;
}

/** The city by which the reader's own zone is known; null where the clocks agree. */
export function ownCity(instant: string, zone: string): string | null {
    const own = other(new Date(instant), zone);
    return own === null ? null : cityOf(own);
}

const cityOf = (zone: string) => zone.split('/').pop()!.replaceAll('_', ' ');
