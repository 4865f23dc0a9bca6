// The sheet's page becomes the pass's in one go when a time is booked. The address says so, and the history keeps both.

let shown = location.pathname;

/** From now on the page stands for another address: reload, bookmark and history lead to it. */
export function standFor(path: string): void {
    if (path === location.pathname) return;
    history.pushState(null, '', path);
    shown = path;
}

/** Back and forward between the two, also after a reload of either: what the address says is asked for anew. */
addEventListener('popstate', () => {
    if (location.pathname !== shown) location.reload();
});
