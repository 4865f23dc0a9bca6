<script lang="ts">
    /**
     * A blank in a sentence, as long as what goes in it, with its name said to those who cannot see. On a worksheet it
     * finds its field, its error and what to do on a change by its name; elsewhere it is given a value.
     */
    import { Input } from '../lib/controls';
    import { worksheet } from '../lib/draft.svelte';

    interface Props {
        /** Of the field, as in "blocks.0.minutes". */
        name: string;
        label: string;
        type?: 'text' | 'date' | 'number' | 'datetime-local';
        size?: number;
        min?: string | number;
        placeholder?: string;
        /** Where the field's value is not a field of the worksheet's form. */
        value?: string | number | null;
        /** Another field whose error is shown here as well. */
        also?: string;
        change?: () => void;
    }
    let {
        name,
        label,
        type = 'text',
        size = 6,
        min,
        placeholder,
        value = $bindable(undefined),
        also = '',
        change,
    }: Props = $props();

    const draft = worksheet();
    const error = $derived(draft?.errors[name] ?? (also ? draft?.errors[also] : undefined) ?? '');
    const mine = $derived(value === undefined && draft !== null);
</script>

<Input
    inline
    id={name}
    {name}
    {type}
    {min}
    {placeholder}
    aria-label={label}
    aria-invalid={error ? 'true' : undefined}
    aria-describedby={error ? `${name}-error` : undefined}
    bind:value={
        () => (mine ? draft!.at(name) : value) as string,
        (typed: string | number | null) => {
            if (mine) draft!.put(name, typed);
            else value = typed;
        }
    }
    oninput={() => (change ? change() : draft?.changed())}
    style="width: {size + (type === 'date' || type === 'datetime-local' ? 3 : 1.6)}ch"
    class="inline-block max-w-full rounded-b-none border-0 border-b-2 border-board bg-wash px-1.5 py-0.5 font-semibold tabular-nums placeholder:font-normal placeholder:text-faint placeholder:italic {error
        ? 'border-b-4 border-double border-brick'
        : ''}"
    autocomplete="off"
/>
