<script lang="ts">
    /**
     * A field of a staff page. A browser shows a date in its own order, 12/03 to one and 03/12 to another: so beside it
     * stands in words what was understood.
     */
    import type { ComponentProps } from 'svelte';
    import FlowbiteInput from 'flowbite-svelte/Input.svelte';
    import { inWords } from '../lib/days';

    type Props = ComponentProps<typeof FlowbiteInput> & {
        /** In the middle of a sentence. */
        inline?: boolean;
    };
    let { value = $bindable(), elementRef = $bindable(), inline = false, ...rest }: Props = $props();

    const isDate = $derived(rest.type === 'date' || rest.type === 'datetime-local');
    const words = $derived(isDate ? inWords(String(value ?? '')) : '');
</script>

{#snippet field()}
    <FlowbiteInput bind:value bind:elementRef {...rest} />{#if words}{' '}<span class="text-sm text-faint">{words}</span
        >{/if}
{/snippet}

{#if isDate && !inline}<span class="inline-grid">{@render field()}</span>{:else}{@render field()}{/if}
