<script lang="ts">
    /** The days of the week of a block. */
    import { Button } from '../../lib/controls';
    import { days } from '../../lib/days';
    import type { Draft } from '../../lib/draft.svelte';

    interface Props {
        draft: Draft;
        index: number;
        /** Says which block a blank is of, where there are several. */
        label: string;
        on: (label: string) => string;
    }
    let { draft, index, label, on }: Props = $props();

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
    {#each days() as day, i (day)}
        {@const picked = block.weekdays.includes(i + 1)}
        <Button
            color={picked ? 'primary' : 'alternative'}
            class="min-w-12 px-1 leading-tight {picked ? '' : 'bg-card font-normal'}"
            aria-pressed={picked}
            aria-label={day}
            onclick={() => toggle(i + 1)}>{day.slice(0, 3)}</Button
        >
    {/each}
</span>
