import type { Schema } from './api';
import { say } from './say';

/** How long somebody still waits, as one says it. */
export function waitSaid(wait: Schema['Line']['wait']): string {
    if (!wait) return '';
    const [low = 0, high = 0] = wait;
    if (high <= 2) return say('day.wait_now');
    if (low >= high - 1) return say('day.wait_about', { high });
    return low === 0 ? say('day.wait_within', { high }) : say('day.wait_between', { low, high });
}
