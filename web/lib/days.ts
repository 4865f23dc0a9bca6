import { clock } from './clock.svelte';
import { say } from './say';

/** Names of the days of a week, Monday first. */
export const days = (): string[] => [1, 2, 3, 4, 5, 6, 7].map((day) => say(`pages.day_${day}`));

/** The same in few letters, where the language has such; not cut off: in Arabic all of them begin alike. */
export const shortDays = (): string[] =>
    [1, 2, 3, 4, 5, 6, 7].map((day) =>
        // The first of January 2024 was a Monday.
        new Date(Date.UTC(2024, 0, day)).toLocaleDateString(document.documentElement.lang || 'en', {
            weekday: 'short',
            timeZone: 'UTC',
        }),
    );

/** A date that was typed (2027-05-28, or 2027-05-28T16:00), as the page’s language says it; nothing where it is none. */
export function inWords(typed: string): string {
    const [, date, time] = /^(\d{4}-\d\d-\d\d)(?:T(\d\d:\d\d))?/.exec(typed) ?? [];
    const at = date ? Date.parse(`${date}T00:00Z`) : NaN;
    if (Number.isNaN(at)) return '';
    const said = new Date(at).toLocaleDateString(`${document.documentElement.lang || 'en'}-u-nu-latn`, {
        weekday: 'short',
        day: 'numeric',
        month: 'long',
        year: 'numeric',
        timeZone: 'UTC',
    });
    return time ? say('pages.date_and_time', { date: said, time: clock.say(time) }) : said;
}
