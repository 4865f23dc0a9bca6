<script lang="ts">
    /** The blanks of one block: which days, from when until when, how long, until when it repeats. */
    import Blank from '../controls/Blank.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import type { Schema } from '../lib/api';
    import { Checkbox, Helper, Radio } from '../lib/controls';
    import type { Draft, Year } from '../lib/draft.svelte';
    import Apart from './block/Apart.svelte';
    import EveryMonth from './block/EveryMonth.svelte';
    import EveryWeek from './block/EveryWeek.svelte';
    import OnDates from './block/OnDates.svelte';
    import Repeats from './block/Repeats.svelte';
    import HoursBlanks from './HoursBlanks.svelte';
    import YearRulers from './YearRulers.svelte';

    interface Props {
        draft: Draft;
        index: number;
        today: string;
        year: Year;
        terms: Schema['NamedRange'][];
        drawn: Schema['DrawnBlock'] | null;
    }
    let { draft, index, today, year, terms, drawn }: Props = $props();

    const block = $derived(draft.form.blocks[index]!);
    const many = $derived(draft.form.blocks.length > 1);
    const on = $derived(many ? ` (block ${index + 1})` : '');
    const at = $derived(`blocks.${index}`);
    let picking = $state(false);

    const faults = $derived(
        Object.entries(draft.errors).filter(([name]) => name.startsWith(`${at}.`)) as [string, string][],
    );

    function kind(to: Schema['BlockForm']['kind']) {
        block.kind = to;
        if (to === 'dates' && block.dates.length === 0) block.dates = [''];
        if (to === 'monthly' && block.month_days.length === 0) block.month_days = ['2TU'];
        draft.changed();
    }
    /** All places ticked, or none, is no choice of its own: the block is at any of the sheet's. */
    function placed(n: number, on: boolean) {
        const all = draft.form.places.map((_, i) => i);
        const now = block.places.length === 0 ? all : block.places;
        const next = on ? [...now, n].sort() : now.filter((one) => one !== n);
        block.places = next.length === all.length ? [] : next;
        draft.changed();
    }
    const KINDS = [
        ['dates', 'On dates'],
        ['weekly', 'Every week'],
        ['monthly', 'Every month'],
    ] as const;
</script>

<fieldset class="slip" aria-label={many ? `Block ${index + 1}` : 'When'}>
    <div class="mb-1 flex flex-wrap items-center gap-x-5">
        {#each KINDS as [value, label] (value)}
            <Radio name="kind-{index}" {value} group={block.kind} onchange={() => kind(value)}>{label}{on}</Radio>
        {/each}
        {#if many}
            <TextButton
                away
                class="ml-auto"
                onclick={() => {
                    draft.take(`Block ${index + 1} is taken out.`, () => draft.form.blocks.splice(index, 1));
                }}>Take block {index + 1} out</TextButton
            >
        {/if}
    </div>

    <div class="sentence">
        {#if block.kind === 'dates'}
            <OnDates {draft} {index} {on} {today} bind:picking />
        {:else if block.kind === 'weekly'}
            <EveryWeek {draft} {index} {on} />
        {:else}
            <EveryMonth {draft} {index} {on} />
        {/if}
        <HoursBlanks hours={block.hours} at="{at}.hours" {on} change={() => draft.changed()} />, in meetings of
        <Blank name="{at}.minutes" label="Minutes for each meeting{on}" type="number" size={5} />
        minutes,
        <Blank name="{at}.gap" label="Minutes between meetings{on}" type="number" size={5} />
        minutes apart{#if block.kind !== 'dates'}<Repeats {draft} {index} {on} {today} {terms} />{/if}.
    </div>

    <!-- What grows while days are picked lies below, so that nothing moves under the finger. -->
    {#if block.kind === 'dates' && picking}<YearRulers
            {year}
            dates={block.dates}
            pick={(dates) => {
                block.dates = dates;
                draft.changed();
            }}
        />{/if}
    <Apart {draft} {index} {on} {today} />

    {#if draft.form.places.length > 1}
        <div class="flex flex-wrap items-center gap-x-4" role="group" aria-label="Where{on}">
            <span>These meetings can be</span>
            {#each draft.form.places as place, n (n)}
                <Checkbox
                    checked={block.places.length === 0 || block.places.includes(n)}
                    onchange={(event) => placed(n, event.currentTarget.checked)}
                    >{place.kind === 'room' ? `in ${place.label}` : place.label}</Checkbox
                >
            {/each}
        </div>
    {/if}
    {#each faults as [name, said] (name)}<Helper id="{name}-error" color="red" class="mt-1 font-semibold">{said}</Helper
        >{/each}
    {#if many && drawn}<p class="mt-2 text-faint">{drawn.sentence}</p>{/if}
</fieldset>

<style>
    .sentence {
        line-height: 2.6;
    }
</style>
