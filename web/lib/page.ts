import { mount, type Component } from 'svelte';

type Later = () => Promise<{ default: unknown }>;

/** Mounts the component that the shell names, with the data that the shell carries. A shell without one is plain HTML. */
export async function mountPage(
    components: Record<string, unknown>,
    later: Record<string, Later> = {},
    around?: Component<{ page: Component<Record<string, unknown>>; data: Record<string, unknown> }>,
): Promise<void> {
    const target = document.getElementById('page');
    const data = document.getElementById('page-data')?.textContent;
    if (!target || !data) return;
    const name = target.dataset.component ?? '';
    const component = components[name] ?? (await later[name]?.())?.default;
    if (!component) throw new Error(`No page component “${name}” in this entry.`);
    const page = component as Component<Record<string, unknown>>;
    if (around) mount(around, { target, props: { page, data: JSON.parse(data) } });
    else mount(page, { target, props: JSON.parse(data) });
}
