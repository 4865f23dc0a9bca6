/** Who books one teacher after the other, side by side, comes back there after each. Of this tab alone. */
const BACK = 'recess.beside';
const JUST = 'recess.just';

interface Back {
    /** Of the sheet to which they went. */
    path: string;
    page: string;
}

export interface Just {
    from: string;
    host: string;
    /** The way to all that they booked. */
    pass: string;
}

/** A time of that sheet was pressed here. */
export function from(path: string): void {
    sessionStorage.setItem(BACK, JSON.stringify({ path, page: location.pathname + location.search } satisfies Back));
}

/** It is booked: back to where its time was pressed, if it was there. */
export function back(path: string, just: Just): boolean {
    const came = read<Back>(BACK);
    if (came?.path !== path) return false;
    sessionStorage.setItem(JUST, JSON.stringify(just));
    location.assign(came.page);
    return true;
}

/** What was booked last, said once. */
export const booked = (): Just | null => read<Just>(JUST);

function read<T>(key: string): T | null {
    try {
        const kept = sessionStorage.getItem(key);
        sessionStorage.removeItem(key);
        return JSON.parse(kept ?? 'null') as T | null;
    } catch {
        return null;
    }
}
