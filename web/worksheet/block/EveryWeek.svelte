<script lang="ts">
    /** A block on days of the week, every week or every few. */
    import Blank from '../../controls/Blank.svelte';
    import { Button } from '../../lib/controls';
    import { days } from '../../lib/days';
    import type { Draft } from '../../lib/draft.svelte';

    interface Props {
        draft: Draft;
        index: number;
        /** Which block, where there are several. */
        on: string;
    }
    let { draft, index, on }: Props = $props();

    const block = $derived(draft.form.blocks[index]!);

    function toggle(day: number) {
        block.weekdays = block.weekdays.includes(day)
            ? block.weekdays.filter((one) => one !== day)
            : [...block.weekdays, day].sort();
        block.other = block.other.filter((one) => block.weekdays.includes(one.weekday));
        draft.changed();
    }
</script>

Every
<Blank name="blocks.{index}.every" label="Every how many weeks{on}" type="number" size={3} min={1} />
{(block.every ?? 1) === 1 ? 'week on' : 'weeks on'}
<span class="inline-flex flex-wrap gap-1" role="group" aria-label="Days of the week{on}">
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
