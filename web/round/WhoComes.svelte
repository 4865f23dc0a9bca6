<script lang="ts">
    /** Who comes, where their pass does not say it. */
    import type { Schema } from '../lib/api';
    import Contact from '../parts/Contact.svelte';

    interface Props {
        pass: Schema['RoundPage']['pass'];
        who: { name: string; email: string; phone: string };
        fields: Record<string, string>;
    }
    let { pass, who = $bindable(), fields }: Props = $props();
</script>

<div class="grid gap-3">
    {#if !pass}
        <Contact what="name" bind:value={who.name} error={fields.name} />
        <Contact what="email" required bind:value={who.email} error={fields.email} />
    {/if}
    {#if !pass?.phone}
        <Contact what="phone" required bind:value={who.phone} error={fields.phone} />
    {/if}
</div>
