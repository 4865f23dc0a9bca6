/** The same moment on the reader's own clock, where that is another than the school's; null where it is not. */
export function elsewhere(instant: string, zone: string): string | null {
    const own = document.documentElement.dataset.zone || Intl.DateTimeFormat().resolvedOptions().timeZone;
    const moment = new Date(instant);
    const at = (timeZone: string) =>
        new Intl.DateTimeFormat('en-GB', {
            timeZone,
            weekday: 'short',
            day: 'numeric',
            month: 'short',
            hour: '2-digit',
            minute: '2-digit',
        }).format(moment);
    try {
        return own && at(own) !== at(zone) ? `${at(own)} (${own.split('/').pop()!.replaceAll('_', ' ')})` : null;
    } catch {
        return null;
    }
}
