<script lang="ts">
    /** A labelled control. Plain elements: visitors' phones load nothing for it. */
    import { say } from '../lib/say';
    import { describedBy, type FieldProps } from '../lib/field';

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
        lang,
        change,
    }: FieldProps = $props();

    const said = $derived(describedBy(name, help, error));
</script>

<div lang={lang || undefined}>
    <label for={name} class="mb-1 block font-semibold">
        {label}
        {#if !required}<span class="font-normal text-faint">{say('pages.if_you_like')}</span>{/if}
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
