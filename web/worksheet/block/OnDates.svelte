<script lang="ts">
    /** A block on dates: typed one by one, or picked on the year. */
    import Blank from '../../controls/Blank.svelte';
    import { say } from '../../lib/say';
    import Said from '../../parts/Said.svelte';
    import TextButton from '../../controls/TextButton.svelte';
    import type { Draft } from '../../lib/draft.svelte';

    interface Props {
        draft: Draft;
        index: number;
        /** Says which block a blank is of, where there are several. */
        on: (label: string) => string;
        today: string;
        picking: boolean;
    }
    let { draft, index, on, today, picking = $bindable() }: Props = $props();

    const block = $derived(draft.form.blocks[index]!);
    const count = $derived(block.dates.filter(Boolean).length);
</script>

{#if block.dates.length <= 6 && !picking}
    {#each block.dates, i (i)}
        <span class="inline-flex max-w-full flex-wrap items-center"
            ><Blank
                name="blocks.{index}.dates.{i}"
                also="blocks.{index}.dates"
                label={on(i === 0 ? say('writing.date') : say('writing.date_n', { number: i + 1 }))}
                type="date"
                size={13}
                min={today}
            />{#if block.dates.length > 1}<TextButton
                    away
                    aria-label={say('writing.date_out', { number: i + 1 })}
                    onclick={() => {
                        block.dates = block.dates.filter((_, n) => n !== i);
                        draft.changed();
                    }}>×</TextButton
                >{/if}</span
        >{' '}
    {/each}
{:else}<Said key="writing.dates" values={{ many: count }}>{#snippet bold(text)}<strong>{text}</strong>{/snippet}</Said
    >{/if}
<TextButton aria-expanded={picking} onclick={() => (picking = !picking)}
    >{picking ? say('writing.year_fold') : say('writing.year_pick')}</TextButton
>
