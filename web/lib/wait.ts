import type { Schema } from './api';

/** How long somebody still waits, as one says it. */
export function waitSaid(wait: Schema['Line']['wait']): string {
    if (!wait) return '';
    const [low = 0, high = 0] = wait;
    if (high <= 2) return 'It is your turn any moment now.';
    if (low >= high - 1) return `It is your turn in about ${high} minutes.`;
    return low === 0 ? `It is your turn within ${high} minutes.` : `It is your turn in ${low} to ${high} minutes.`;
}
