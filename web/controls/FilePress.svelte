<script lang="ts">
    /** A press that asks for a file and hands it on; the same file can be given twice. */
    import type { Snippet } from 'svelte';
    import { Button, Fileupload } from '../lib/controls';

    interface Props {
        /** Of the file field, for those who cannot see the press. */
        label: string;
        accept: string;
        take: (file: File) => void;
        /** Reads like a link. */
        plain?: boolean;
        children: Snippet;
    }
    let { label, accept, take, plain = false, children }: Props = $props();

    let input = $state<HTMLInputElement>();
    function chosen() {
        const file = input?.files?.[0];
        if (file) take(file);
        if (input) input.value = '';
    }
</script>

<span class="inline-flex whitespace-nowrap"
    ><Button
        color={plain ? 'light' : 'alternative'}
        class={plain
            ? 'border-0 bg-transparent px-1 font-normal text-board underline underline-offset-4 hover:bg-transparent'
            : ''}
        onclick={() => input?.click()}>{@render children()}</Button
    ><Fileupload
        bind:elementRef={input}
        {accept}
        class="sr-only"
        tabindex={-1}
        aria-label={label}
        onchange={chosen}
    /></span
>
