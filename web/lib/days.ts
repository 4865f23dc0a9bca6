import { say } from './say';

/** Names of the days of a week, Monday first. */
export const days = (): string[] => [1, 2, 3, 4, 5, 6, 7].map((day) => say(`pages.day_${day}`));
