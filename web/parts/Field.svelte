<script lang="ts">
    import { Helper, Input, Label, Textarea } from '../lib/controls';
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
    const look = $derived(
        `bg-card text-ink text-base p-2.5 ${error ? 'border-brick dark:border-brick' : 'border-(--edge) dark:border-(--edge)'} dark:bg-card dark:text-ink focus:border-board focus:ring-0`,
    );
</script>

<div>
    <Label for={name} class="mb-1 block text-base font-semibold text-ink dark:text-ink">
        {label}
        {#if !required}<span class="font-normal text-faint">(if you like)</span>{/if}
    </Label>
    {#if help}<p id="{name}-help" class="mb-1 text-[0.95rem] text-faint">{help}</p>{/if}
    {#if lines > 1}
        <Textarea
            id={name}
            {name}
            rows={lines}
            bind:value
            oninput={change}
            aria-describedby={said}
            aria-invalid={error ? 'true' : undefined}
            class="w-full {look}"
        />
    {:else}
        <Input
            id={name}
            {name}
            {type}
            bind:value
            oninput={change}
            {autocomplete}
            aria-required={required}
            aria-describedby={said}
            aria-invalid={error ? 'true' : undefined}
            class="min-h-11 w-full {look}"
        />
    {/if}
    {#if error}<Helper id="{name}-error" class="mt-1 text-[0.95rem] font-semibold text-brick dark:text-brick"
            >{error}</Helper
        >{/if}
</div>
