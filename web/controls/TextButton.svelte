<script lang="ts">
    /** A press that reads like a link: what changes the page a little. */
    import type { Snippet } from 'svelte';
    import type { HTMLButtonAttributes } from 'svelte/elements';
    import { Button } from '../lib/controls';

    interface Props extends Omit<HTMLButtonAttributes, 'color' | 'size' | 'class'> {
        /** It takes something away. */
        away?: boolean;
        class?: string;
        children: Snippet;
    }
    let { away = false, class: extra = '', children, ...rest }: Props = $props();
</script>

<Button
    {...rest as Record<string, unknown>}
    color="light"
    class="border-0 bg-transparent px-1 font-normal underline underline-offset-4 hover:bg-transparent {away
        ? 'text-brick'
        : 'text-board'} {extra}">{@render children()}</Button
>
