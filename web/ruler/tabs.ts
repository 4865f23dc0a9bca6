/** The tabs of rulers: what their states are called, which one the tab key reaches, and where other keys go from it. */
import type { Schema } from '../lib/api';
import { say } from '../lib/say';
import { along } from '../lib/way';

type Slot = Schema['RulerSlot'];

export const stateSaid = (state: Slot['state']): string => say(`ruler.state_${state}`);

/** One tab in each ruler takes part in the tab order: what is chosen, else the first that is free, else the first. */
export function entryOf(slots: Slot[], chosen: string | null): string | undefined {
    return (slots.find((slot) => slot.key === chosen) ?? slots.find((slot) => slot.state === 'free') ?? slots[0])?.key;
}

/** Arrows go along a ruler, Home and End to its ends, Page Up and Page Down to the same place of the next one. */
export function walk(event: KeyboardEvent): void {
    const here = event.currentTarget as HTMLElement;
    const ruler = here.closest('[data-ruler]')!;
    const tabs = (of: Element) => [...of.querySelectorAll<HTMLElement>('[data-tab]')];
    const mine = tabs(ruler);
    const i = mine.indexOf(here);
    const rulers = [...document.querySelectorAll('[data-ruler]')];
    const other = (by: number) => {
        const next = rulers[rulers.indexOf(ruler) + by];
        return next ? tabs(next)[Math.min(i, tabs(next).length - 1)] : undefined;
    };
    const target = {
        ArrowRight: mine[i + 1],
        ArrowDown: mine[i + 1],
        ArrowLeft: mine[i - 1],
        ArrowUp: mine[i - 1],
        Home: mine[0],
        End: mine.at(-1),
        PageDown: other(1),
        PageUp: other(-1),
    }[along(event.key)];
    if (!target) return;
    event.preventDefault();
    target.focus();
    target.scrollIntoView({ block: 'nearest', inline: 'nearest' });
}
