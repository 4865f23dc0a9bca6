<script lang="ts">
    /** Who comes, where their pass does not say it. */
    import type { Schema } from '../lib/api';
    import Field from '../parts/Field.svelte';

    interface Props {
        pass: Schema['RoundPage']['pass'];
        who: { name: string; email: string; phone: string };
        fields: Record<string, string>;
    }
    let { pass, who = $bindable(), fields }: Props = $props();
</script>

<div class="grid gap-3">
    {#if !pass}
        <Field name="name" label="Your name" autocomplete="name" required bind:value={who.name} error={fields.name} />
        <Field
            name="email"
            label="E-mail address"
            type="email"
            autocomplete="email"
            required
            bind:value={who.email}
            error={fields.email}
        />
    {/if}
    {#if !pass?.phone}
        <Field
            name="phone"
            label="Phone number"
            type="tel"
            autocomplete="tel"
            required
            bind:value={who.phone}
            error={fields.phone}
        />
    {/if}
</div>
