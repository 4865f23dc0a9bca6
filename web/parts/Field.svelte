<script lang="ts">
    /** A labelled control. Plain elements: visitors' phones load nothing for it. */
    import type { FullAutoFill } from 'svelte/elements';

    interface Props {
        name: string;
        label: string;
        value: string;
        error?: string;
        help?: string;
        type?: 'text' | 'email' | 'tel' | 'password' | 'url';
        autocomplete?: FullAutoFill;
        lines?: number;
        required?: boolean;
        change?: () => void;
    }
    let {
        name,
        label,
        value = $bindable(),
        error = '',
        help = '',
        type = 'text',
        autocomplete,
        lines = 1,
        required = false,
        change,
    }: Props = $props();

    const said = $derived([help && `${name}-help`, error && `${name}-error`].filter(Boolean).join(' ') || undefined);
</script>

<div>
    <label for={name} class="mb-1 block font-semibold">
        {label}
        {#if !required}<span class="font-normal text-faint">(if you like)</span>{/if}
    </label>
    {#if help}<p id="{name}-help" class="mb-1 text-[0.95rem] text-faint">{help}</p>{/if}
    {#if lines > 1}
        <textarea
            id={name}
            {name}
            rows={lines}
            bind:value
            oninput={change}
            aria-describedby={said}
            aria-invalid={error ? 'true' : undefined}
            class="box w-full py-2 {error ? 'wrong' : ''}"></textarea>
    {:else}
        <input
            id={name}
            {name}
            {type}
            bind:value
            {autocomplete}
            oninput={change}
            aria-required={required}
            aria-describedby={said}
            aria-invalid={error ? 'true' : undefined}
            class="box w-full {error ? 'wrong' : ''}"
        />
    {/if}
    {#if error}<p id="{name}-error" class="mt-1 text-[0.95rem] font-semibold text-brick">{error}</p>{/if}
</div>
