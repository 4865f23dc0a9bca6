<script lang="ts">
    /** The days of the week of a block. */
    import { Button } from '../../lib/controls';
    import { days, shortDays } from '../../lib/days';
    import type { Draft } from '../../lib/draft.svelte';

    interface Props {
        draft: Draft;
        index: number;
        /** Says which block a blank is of, where there are several. */
        label: string;
        on: (label: string) => string;
    }
    let { draft, index, label, on }: Props = $props();

    const week = $derived(Array.from({ length: 7 }, (_, i) => ((draft.weekStarts - 1 + i) % 7) + 1));
    const [names, short] = [days(), shortDays()];

    const block = $derived(draft.form.blocks[index]!);

    function toggle(day: number) {
        block.weekdays = block.weekdays.includes(day)
            ? block.weekdays.filter((one) => one !== day)
            : [...block.weekdays, day].sort();
        block.other = block.other.filter((one) => block.weekdays.includes(one.weekday));
        draft.changed();
    }
</script>

<span class="inline-flex flex-wrap gap-1" role="group" aria-label={on(label)}>
    {#each week as day (day)}
        {@const picked = block.weekdays.includes(day)}
        <Button
            color={picked ? 'primary' : 'alternative'}
            class="min-w-12 px-1 leading-tight {picked ? '' : 'bg-card font-normal'}"
            aria-pressed={picked}
            aria-label={names[day - 1]}
            onclick={() => toggle(day)}>{short[day - 1]}</Button
        >
    {/each}
</span>
