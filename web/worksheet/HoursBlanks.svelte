<script lang="ts">
    /** From when until when on one day, in one stretch or several. */
    import Blank from '../controls/Blank.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import type { Schema } from '../lib/api';

    interface Props {
        hours: Schema['HoursForm'][];
        /** The field's name in the form. */
        at: string;
        on: string;
        change: () => void;
    }
    let { hours, at, on, change }: Props = $props();
    const last = $derived(hours.at(-1));
    /** What is typed stays: the last stretch ends where the break begins, and another goes on after it. */
    function pause() {
        if (!last) return;
        hours.splice(-1, 1, { ...last, until: '', overnight: false }, { ...last, from: '' });
        change();
    }
    const which = (i: number) => (hours.length > 1 ? ` ${i + 1}` : '');
</script>

{#each hours, i (i)}
    {i === 0 ? 'from' : 'and from'}
    <Blank name="{at}.{i}.from" label="From{which(i)}{on}" placeholder="16:00" />
    to
    <Blank name="{at}.{i}.until" also={at} label="To{which(i)}{on}" placeholder="19:00" />
    {#if hours.length > 1}
        <TextButton
            aria-label="Take stretch {i + 1} out{on}"
            onclick={() => {
                hours.splice(i, 1);
                change();
            }}>×</TextButton
        >
    {/if}
{/each}
<TextButton
    aria-label="Another stretch on the same day{on}"
    title="Another stretch on the same day"
    onclick={() => hours.push({ from: '', until: '', overnight: false })}>+ stretch</TextButton
>
{#if last?.from && last.until}<TextButton
        aria-label="A break within these hours{on}"
        title="A break within these hours"
        onclick={pause}>+ break</TextButton
    >{/if}
