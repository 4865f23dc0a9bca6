<script lang="ts">
    /** The days of the month of a block: the 15th, the second Tuesday, the last Friday; one or several. */
    import Pick from '../../controls/Pick.svelte';
    import TextButton from '../../controls/TextButton.svelte';
    import { say } from '../../lib/say';
    import { days } from '../../lib/days';
    import type { Draft } from '../../lib/draft.svelte';

    interface Props {
        draft: Draft;
        index: number;
        /** Says which block a blank is of, where there are several. */
        on: (label: string) => string;
    }
    let { draft, index, on }: Props = $props();

    const block = $derived(draft.form.blocks[index]!);
    const ORDINALS = ['1', '2', '3', '4', '-1'];
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

{#each block.month_days as day, i (i)}
    {@const { which, weekday } = parts(day)}
    {i > 0 ? say('writing.month_and') : ''}
    <Pick
        aria-label={on(i > 0 ? say('writing.month_which_n', { number: i + 1 }) : say('writing.month_which'))}
        value={which}
        onchange={(event: Event) => set(i, (event.currentTarget as HTMLSelectElement).value, weekday)}
    >
        {#each ORDINALS as value (value)}<option {value}>{say(`writing.ordinal_${value}`)}</option>{/each}
        {#if !ORDINALS.includes(which)}<option value={which}>{which}.</option>{/if}
    </Pick>
    <Pick
        aria-label={on(i > 0 ? say('writing.month_day_n', { number: i + 1 }) : say('writing.month_day'))}
        value={weekday}
        onchange={(event: Event) => set(i, which, (event.currentTarget as HTMLSelectElement).value)}
    >
        <option value="">{say('writing.month_any')}</option>
        {#each days() as name, n (name)}<option value={ICAL[n]}>{name}</option>{/each}
    </Pick>
    {#if block.month_days.length > 1}<TextButton
            away
            aria-label={say('writing.month_out', { number: i + 1 })}
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
    }}>{say('writing.month_more')}</TextButton
>
