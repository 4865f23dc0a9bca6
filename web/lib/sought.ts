/** As people type it: without accents, in any case. */
const plain = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

/** Whether a text has every word that is sought. */
export const holds = (text: string, sought: string): boolean =>
    plain(sought)
        .split(/\s+/)
        .every((word) => plain(text).includes(word));
