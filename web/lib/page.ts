import { flushSync, mount, type Component } from 'svelte';
import { learn } from './say';

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
    learn(JSON.parse(document.getElementById('page-words')?.textContent ?? '{}'), document.documentElement.dir);
    const name = target.dataset.component ?? '';
    const component = components[name] ?? (await later[name]?.())?.default;
    if (!component) throw new Error(`No page component “${name}” in this entry.`);
    const page = component as Component<Record<string, unknown>>;
    const stay = takingOver(target);
    if (around) mount(around, { target, props: { page, data: JSON.parse(data) } });
    else mount(page, { target, props: JSON.parse(data) });
    stay();
}

/**
 * Takes away what the document showed before scripts came. Whoever has scrolled to a time, or has one under the keys,
 * has it there still once the returned function is called.
 */
function takingOver(target: HTMLElement): () => void {
    const early = [...target.querySelectorAll<HTMLElement>('[data-key]')];
    const focused = early.find((one) => one === document.activeElement)?.dataset.key;
    const seen = scrollY > 0 ? early.find((one) => one.getBoundingClientRect().top >= 0) : undefined;
    const [key, top] = [seen?.dataset.key, seen?.getBoundingClientRect().top ?? 0];
    target.replaceChildren();
    return () => {
        flushSync();
        const now = (which: string | undefined) =>
            which === undefined ? null : target.querySelector<HTMLElement>(`[data-key="${CSS.escape(which)}"]`);
        const stood = now(key);
        if (stood) scrollBy({ top: stood.getBoundingClientRect().top - top, behavior: 'instant' });
        now(focused)?.focus({ preventScroll: true });
    };
}
