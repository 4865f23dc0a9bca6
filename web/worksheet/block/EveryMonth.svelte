<script lang="ts">
    /** A block on days of the month: the 15th, the second Tuesday, the last Friday; one or several. */
    import Blank from '../../controls/Blank.svelte';
    import Pick from '../../controls/Pick.svelte';
    import TextButton from '../../controls/TextButton.svelte';
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
    const ORDINALS = [
        ['1', '1st'],
        ['2', '2nd'],
        ['3', '3rd'],
        ['4', '4th'],
        ['-1', 'last'],
    ] as const;
    const ICAL = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'];
    /** Which one, and of which weekday, as iCalendar writes it: "2TU". */
    const parts = (day: string) => {
        const [, which = '1', weekday = ''] = /^(-?\d+)([A-Z]{2})?$/.exec(day) ?? [];
        return { which, weekday };
    };
    function set(i: number, which: string, weekday: string) {
        block.month_days[i] = which + weekday;
        draft.changed();
    }
</script>

Every
<Blank name="blocks.{index}.every" label="Every how many months{on}" type="number" size={3} min={1} />
{(block.every ?? 1) === 1 ? 'month' : 'months'} on the
{#each block.month_days as day, i (i)}
    {@const { which, weekday } = parts(day)}
    {i > 0 ? 'and the' : ''}
    <Pick
        aria-label="Which one{i > 0 ? ` ${i + 1}` : ''}{on}"
        value={which}
        onchange={(event: Event) => set(i, (event.currentTarget as HTMLSelectElement).value, weekday)}
    >
        {#each ORDINALS as [value, label] (value)}<option {value}>{label}</option>{/each}
        {#if !ORDINALS.some(([value]) => value === which)}<option value={which}>{which}.</option>{/if}
    </Pick>
    <Pick
        aria-label="Day of the month{i > 0 ? ` ${i + 1}` : ''}{on}"
        value={weekday}
        onchange={(event: Event) => set(i, which, (event.currentTarget as HTMLSelectElement).value)}
    >
        <option value="">day</option>
        {#each days() as name, n (name)}<option value={ICAL[n]}>{name}</option>{/each}
    </Pick>
    {#if block.month_days.length > 1}<TextButton
            away
            aria-label="Take day {i + 1} of the month out"
            onclick={() => {
                block.month_days.splice(i, 1);
                draft.changed();
            }}>×</TextButton
        >{/if}
{/each}
<TextButton
    onclick={() => {
        block.month_days.push('3TU');
        draft.changed();
    }}>+ another</TextButton
>
