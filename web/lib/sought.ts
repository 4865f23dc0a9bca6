/** Letters that are no other with a mark on it, and are typed without it all the same. */
const PLAIN: Record<string, string> = { ł: 'l', ø: 'o', đ: 'd', ß: 'ss', æ: 'ae', œ: 'oe', ı: 'i', þ: 'th', ð: 'd' };

/** As people type it: without accents, in any case, composed or taken apart. The same as app/Framework/Sought.php. */
const plain = (text: string) =>
    text
        .normalize('NFKD')
        .replace(/\p{M}/gu, '')
        .replaceAll("'", '’')
        .toLowerCase()
        .replace(/[łøđßæœıþð]/g, (letter) => PLAIN[letter] ?? letter);

/** Whether a text has every word that is sought. */
export const holds = (text: string, sought: string): boolean =>
    plain(sought)
        .split(/\s+/)
        .every((word) => plain(text).includes(word));
