<script lang="ts">
    /** A block on dates: typed one by one, or picked on the year. */
    import Blank from '../../controls/Blank.svelte';
    import TextButton from '../../controls/TextButton.svelte';
    import type { Draft } from '../../lib/draft.svelte';

    interface Props {
        draft: Draft;
        index: number;
        /** Which block, where there are several. */
        on: string;
        today: string;
        picking: boolean;
    }
    let { draft, index, on, today, picking = $bindable() }: Props = $props();

    const block = $derived(draft.form.blocks[index]!);
    const count = $derived(block.dates.filter(Boolean).length);
</script>

On
{#if block.dates.length <= 6 && !picking}
    {#each block.dates, i (i)}
        <span class="whitespace-nowrap"
            ><Blank
                name="blocks.{index}.dates.{i}"
                also="blocks.{index}.dates"
                label="Date{i === 0 ? '' : ` ${i + 1}`}{on}"
                type="date"
                size={13}
                min={today}
            />{#if block.dates.length > 1}<TextButton
                    away
                    aria-label="Take date {i + 1} out"
                    onclick={() => {
                        block.dates = block.dates.filter((_, n) => n !== i);
                        draft.changed();
                    }}>×</TextButton
                >{/if}</span
        >{' '}
    {/each}
{:else}<strong>{count === 1 ? 'one date' : `${count} dates`}</strong>{/if}
<TextButton aria-expanded={picking} onclick={() => (picking = !picking)}
    >{picking ? 'Fold the year' : 'Pick several on the year'}</TextButton
>
