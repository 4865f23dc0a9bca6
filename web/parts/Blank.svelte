<script lang="ts">
    /** A blank in a sentence of the worksheet: as long as what goes in it, with its name said to those who cannot see. */
    interface Props {
        name: string;
        label: string;
        value: string | number | null;
        error?: string;
        type?: 'text' | 'date' | 'number' | 'datetime-local';
        size?: number;
        min?: string | number;
        placeholder?: string;
        change?: () => void;
    }
    let {
        name,
        label,
        value = $bindable(),
        error = '',
        type = 'text',
        size = 6,
        min,
        placeholder,
        change,
    }: Props = $props();
</script>

<input
    id={name}
    {name}
    {type}
    {min}
    {placeholder}
    aria-label={label}
    aria-invalid={error ? 'true' : undefined}
    aria-describedby={error ? `${name}-error` : undefined}
    bind:value
    oninput={change}
    style:width="{size + (type === 'date' || type === 'datetime-local' ? 3 : 1.6)}ch"
    class="blank"
    class:wrong={error}
    autocomplete="off"
/>

<style>
    .blank {
        max-width: 100%;
        min-height: 2.75rem;
        padding: 0.15rem 0.35rem;
        border: 0;
        border-bottom: 2px solid var(--board);
        border-radius: 6px 6px 0 0;
        background: var(--wash);
        color: var(--ink);
        font: inherit;
        line-height: 1.3;
        font-weight: 650;
        font-variant-numeric: tabular-nums;
    }
    .wrong {
        border-bottom-color: var(--brick);
        border-bottom-style: double;
        border-bottom-width: 4px;
    }
</style>
