<script lang="ts" generics="T">
    /** A choice inside a sentence: a blank like those that are typed into. */
    import type { Snippet } from 'svelte';
    import type { HTMLSelectAttributes } from 'svelte/elements';
    import { Select } from '../lib/controls';

    interface Props extends Omit<HTMLSelectAttributes, 'size' | 'value' | 'class'> {
        value?: T;
        class?: string;
        children: Snippet;
    }
    let { value = $bindable(), class: extra = '', children, ...rest }: Props = $props();
</script>

<Select
    {...rest as Record<string, unknown>}
    bind:value
    placeholder=""
    class="inline-block max-w-full align-baseline {extra}"
    classes={{
        select: 'max-w-full rounded-b-none! border-0 border-b-2 border-board! bg-wash ps-2 font-semibold leading-tight',
    }}>{@render children()}</Select
>
