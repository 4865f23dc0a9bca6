import { clock } from './clock.svelte';

/** An instant, and what the school's clock says then where that is known: "16:00". */
interface Moment {
    key: string;
    from?: string;
}

/**
 * Whether the device's clock says what the school's does; null where that has to be asked of Intl: for a reader who has
 * set a zone, and so far east or west that one clock may be of two days (the zones of the tz database lie between UTC-12
 * and UTC+14). Nearly everybody is where the school is, and the first use of Intl costs a slow phone a third of a second.
 */
function agrees({ key, from }: Moment): boolean | null {
    if (!from || document.documentElement.dataset.zone) return null;
    const moment = new Date(key);
    const [hour, minute] = from.split(':').map(Number);
    if (moment.getHours() !== hour || moment.getMinutes() !== minute) return false;
    const east = -moment.getTimezoneOffset();
    return east > -600 && east < 720 ? true : null;
}

/** The reader's own zone, where it is another than the school's at that moment; null where the clocks agree. */
function other(at: Moment, zone: string): string | null {
    if (agrees(at)) return null;
    const own = document.documentElement.dataset.zone || (device ??= Intl.DateTimeFormat().resolvedOptions().timeZone);
    try {
        const there = (timeZone: string) =>
            written(new Date(at.key), timeZone, { dateStyle: 'short', timeStyle: 'short' });
        return own && there(own) !== there(zone) ? own : null;
    } catch {
        return null;
    }
}

let device: string | undefined;
/** Made once for each way of writing: to make one costs a phone a millisecond, and a ruler asks for hundreds. */
const ways = new Map<string, Intl.DateTimeFormat>();

function written(moment: Date, timeZone: string, how: Intl.DateTimeFormatOptions): string {
    const key = timeZone + Object.keys(how);
    let way = ways.get(key);
    if (!way) ways.set(key, (way = new Intl.DateTimeFormat(how.weekday ? language() : 'en-GB', { timeZone, ...how })));
    return way.format(moment);
}

/** Names of days are the reader's; a day stands before its month in English, too. */
const language = () => (document.documentElement.lang || 'en').replace(/^en$/, 'en-GB');

/** 17:40, or 5:40 pm to whoever reads it so. */
function time(moment: Date, timeZone: string): string {
    return clock.say(written(moment, timeZone, { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }));
}

/** The same moment on the reader's own clock, with its day and city; null where it is the school's. */
export function elsewhere(at: Moment, zone: string): string | null {
    const own = other(at, zone);
    if (own === null) return null;
    const moment = new Date(at.key);
    const day = written(moment, own, { weekday: 'short', day: 'numeric', month: 'short' });
    return `${day}, ${time(moment, own)} (${cityOf(own)})`;
}

/** The same in so few letters that it fits into a tab: 17:40, with its weekday where that is another. */
export function elsewhereBriefly(at: Moment, zone: string): string | null {
    const own = other(at, zone);
    if (own === null) return null;
    const moment = new Date(at.key);
    const day = (timeZone: string) => written(moment, timeZone, { weekday: 'short' });
    return day(own) === day(zone) ? time(moment, own) : `${day(own)} ${time(moment, own)}`;
}

/** The city by which the reader's own zone is known; null where the clocks agree. */
export function ownCity(at: Moment, zone: string): string | null {
    const own = other(at, zone);
    return own === null ? null : cityOf(own);
}

const cityOf = (zone: string) => zone.split('/').pop()!.replaceAll('_', ' ');
