<script lang="ts">
    /** From when until when on one day, in one stretch or several. */
    import type { Schema } from '../lib/api';
    import Blank from '../parts/Blank.svelte';

    interface Props {
        hours: Schema['HoursForm'][];
        /** The field's name in the form. */
        at: string;
        on: string;
        errors: Record<string, string>;
        change: () => void;
    }
    let { hours, at, on, errors, change }: Props = $props();
    const which = (i: number) => (hours.length > 1 ? ` ${i + 1}` : '');
</script>

{#each hours as one, i (i)}
    {i === 0 ? 'from' : 'and from'}
    <Blank
        name="{at}.{i}.from"
        label="From{which(i)}{on}"
        placeholder="16:00"
        bind:value={one.from}
        error={errors[`${at}.${i}.from`]}
        {change}
    />
    to
    <Blank
        name="{at}.{i}.until"
        label="To{which(i)}{on}"
        placeholder="19:00"
        bind:value={one.until}
        error={errors[`${at}.${i}.until`] ?? errors[at]}
        {change}
    />
    {#if hours.length > 1}
        <button
            type="button"
            class="small"
            aria-label="Take stretch {i + 1} out{on}"
            onclick={() => {
                hours.splice(i, 1);
                change();
            }}>×</button
        >
    {/if}
{/each}
<button
    type="button"
    class="small"
    aria-label="Another stretch on the same day{on}"
    title="Another stretch on the same day"
    onclick={() => hours.push({ from: '', until: '', overnight: false })}>+ stretch</button
>

<style>
    .small {
        min-height: 2.75rem;
        padding: 0 0.35rem;
        line-height: 1;
        cursor: pointer;
        color: var(--board);
        font-size: 1rem;
        text-decoration: underline;
        text-underline-offset: 0.25em;
    }
</style>
