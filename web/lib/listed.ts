import { say } from './say';

/** Names in a row, as the reader's language joins them: "Ana, Ben and Cleo". */
export function listed(names: string[]): string {
    const last = names.at(-1) ?? '';
    return names.length < 2 ? last : say('pages.and', { others: names.slice(0, -1).join(', '), last });
}
