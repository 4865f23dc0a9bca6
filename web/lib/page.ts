import { mount, type Component } from 'svelte';

type Later = () => Promise<{ default: unknown }>;

/** Mounts the component that the shell names, with the data that the shell carries. A shell without one is plain HTML. */
export async function mountPage(components: Record<string, unknown>, later: Record<string, Later> = {}): Promise<void> {
    const target = document.getElementById('page');
    const data = document.getElementById('page-data')?.textContent;
    if (!target || !data) return;
    const name = target.dataset.component ?? '';
    const component = components[name] ?? (await later[name]?.())?.default;
    if (!component) throw new Error(`No page component “${name}” in this entry.`);
    mount(component as Component<Record<string, unknown>>, { target, props: JSON.parse(data) });
}
