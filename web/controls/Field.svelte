<script lang="ts">
    /** A labelled control of a staff page, with its help and its error. */
    import { say } from '../lib/say';
    import { Helper, Input, Label, Textarea } from '../lib/controls';

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
        maxlength,
        change,
    }: FieldProps = $props();

    const said = $derived(describedBy(name, help, error));
</script>

<div>
    <Label for={name}>
        {label}
        {#if !required}<span class="font-normal text-faint">{say('pages.if_you_like')}</span>{/if}
    </Label>
    {#if help}<Helper id="{name}-help" class="mb-1">{help}</Helper>{/if}
    {#if lines > 1}
        <Textarea
            id={name}
            {name}
            rows={lines}
            bind:value
            {maxlength}
            oninput={change}
            aria-describedby={said}
            aria-invalid={error ? 'true' : undefined}
            class="w-full"
        />
    {:else}
        <Input
            id={name}
            {name}
            {type}
            bind:value
            {autocomplete}
            {maxlength}
            oninput={change}
            aria-required={required}
            aria-describedby={said}
            aria-invalid={error ? 'true' : undefined}
            class="w-full {error ? 'border-2 border-brick' : ''}"
        />
    {/if}
    {#if error}<Helper id="{name}-error" color="red" class="mt-1 font-semibold">{error}</Helper>{/if}
</div>
