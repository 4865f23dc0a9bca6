<script lang="ts">
    /** A new password: any characters, pasted too, and one may look at what one types. */
    import { Checkbox } from '../lib/controls';
    import Field from '../controls/Field.svelte';

    interface Props {
        value: string;
        least: number;
        error?: string;
    }
    let { value = $bindable(), least, error = '' }: Props = $props();

    let shown = $state(false);
    const length = $derived([...value].length);
</script>

<div class="grid gap-2">
    <Field
        name="new-password"
        label="New password"
        help="At least {least} characters, any you like. A few words that only you put together are good."
        type={shown ? 'text' : 'password'}
        autocomplete="new-password"
        required
        bind:value
        {error}
    />
    <p class="text-faint tabular-nums" aria-live="polite">
        {length === 0 ? ' ' : length < least ? `${least - length} more to go` : 'Long enough'}
    </p>
    <Checkbox bind:checked={shown}>Show what I type</Checkbox>
</div>
