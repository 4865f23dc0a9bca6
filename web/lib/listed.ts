import { say } from './say';

/** Names in a row, as the reader's language joins them: "Ana, Ben and Cleo". */
export function listed(names: string[]): string {
    const last = names.at(-1) ?? '';
    if (names.length < 2) return last;
    const others = names.slice(0, -1).reduce((before, next) => say('said.then', { before, next }));
    return say('said.and', { others, last });
}
