import type { Schema } from './api';

/** What can be asked of a time. */
export interface Sifted {
    part: 'any' | 'morning' | 'afternoon' | 'late';
    place: number | null;
    host: string | null;
}
export const EVERYTHING: Sifted = { part: 'any', place: null, host: null };

/** The part of the day that a page's address asks for. */
export function partOf(search: string): Sifted['part'] {
    const asked = new URLSearchParams(search).get('part');
    return asked === 'morning' || asked === 'afternoon' || asked === 'late' ? asked : 'any';
}

/** Whether a slot is what was asked for: by the part of the day, and by where and with whom it can be, as the server says. */
export function kept(slot: Schema['RulerSlot'], { part, place, host }: Sifted): boolean {
    return (
        (part === 'any' || slot.part === part) &&
        (place === null || !slot.places || slot.places.includes(place)) &&
        (host === null || (slot.hosts ?? []).includes(host))
    );
}
