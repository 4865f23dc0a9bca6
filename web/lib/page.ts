import { mount, type Component } from 'svelte';

/** Mounts the component that the shell names, with the data that the shell carries. A shell without one is plain HTML. */
export function mountPage(components: Record<string, unknown>): void {
    const target = document.getElementById('page');
    const data = document.getElementById('page-data')?.textContent;
    if (!target || !data) return;
    const component = components[target.dataset.component ?? ''];
    if (!component) throw new Error(`No page component “${target.dataset.component}” in this entry.`);
    mount(component as Component<Record<string, unknown>>, { target, props: JSON.parse(data) });
}
