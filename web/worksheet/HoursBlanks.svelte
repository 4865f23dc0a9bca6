<script lang="ts">
    /** From when until when on one day, in one stretch or several. */
    import Blank from '../controls/Blank.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import type { Schema } from '../lib/api';
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';

    interface Props {
        hours: Schema['HoursForm'][];
        /** The field's name in the form. */
        at: string;
        /** Says which block and day a blank is of, where there are several. */
        on: (label: string) => string;
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
</script>

{#each hours, i (i)}
    {#snippet from(label: string)}<Blank name="{at}.{i}.from" label={on(label)} placeholder="16:00" />{/snippet}
    {#snippet until(label: string)}<Blank
            name="{at}.{i}.until"
            also={at}
            label={on(label)}
            placeholder="19:00"
        />{/snippet}
    {#if i > 0}<Said key="writing.hours_more" values={{ number: i + 1 }} {from} {until} />
    {:else if hours.length > 1}<Said key="writing.hours_first" {from} {until} />
    {:else}<Said key="writing.hours" {from} {until} />{/if}
    {#if hours.length > 1}
        <TextButton
            aria-label={on(say('writing.stretch_out', { number: i + 1 }))}
            onclick={() => {
                hours.splice(i, 1);
                change();
            }}>×</TextButton
        >
    {/if}
{/each}
<TextButton
    aria-label={on(say('writing.stretch_another'))}
    title={say('writing.stretch_another')}
    onclick={() => hours.push({ from: '', until: '', overnight: false })}>{say('writing.stretch_add')}</TextButton
>
{#if last?.from && last.until}<TextButton
        aria-label={on(say('writing.break_within'))}
        title={say('writing.break_within')}
        onclick={pause}>{say('writing.break_add')}</TextButton
    >{/if}
