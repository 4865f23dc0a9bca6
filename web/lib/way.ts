/** Whether the page runs from right to left: time on a ruler, and what hands and keys do to it, then do so, too. */
export const runsLeft = (): boolean => document.documentElement.dir === 'rtl';

const TURNED: Record<string, string> = { ArrowLeft: 'ArrowRight', ArrowRight: 'ArrowLeft' };

/** The key that is meant: towards later times is ArrowRight, whichever way the page runs. */
export const along = (key: string): string => (runsLeft() ? (TURNED[key] ?? key) : key);
