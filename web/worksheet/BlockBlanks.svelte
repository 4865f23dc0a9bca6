<script lang="ts">
    /** The blanks of one block: which days, from when until when, how long, until when it repeats. */
    import Blank from '../controls/Blank.svelte';
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
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
    const on = (label: string) => (many ? say('writing.label_block', { label, number: index + 1 }) : label);
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
    const KINDS = ['dates', 'weekly', 'monthly'] as const;
</script>

{#snippet hours()}<HoursBlanks hours={block.hours} at="{at}.hours" {on} change={() => draft.changed()} />{/snippet}
{#snippet minutes(label: string)}<Blank name="{at}.minutes" label={on(label)} type="number" size={5} />{/snippet}
{#snippet gap(label: string)}<Blank name="{at}.gap" label={on(label)} type="number" size={5} />{/snippet}
{#snippet every(label: string)}<Blank name="{at}.every" label={on(label)} type="number" size={3} min={1} />{/snippet}
{#snippet first(label: string)}<Blank name="{at}.first" label={on(label)} type="date" size={13} />{/snippet}
{#snippet ending(label: string)}<Repeats {draft} {index} {label} {on} {today} {terms} />{/snippet}

<fieldset class="slip" aria-label={many ? say('writing.block', { number: index + 1 }) : say('writing.when')}>
    <div class="mb-1 flex flex-wrap items-center gap-x-5">
        {#each KINDS as value (value)}
            <Radio name="kind-{index}" {value} group={block.kind} onchange={() => kind(value)}
                >{on(say(`writing.kind_${value}`))}</Radio
            >
        {/each}
        {#if many}
            <TextButton
                away
                class="ms-auto"
                onclick={() => {
                    draft.take(say('writing.block_gone', { number: index + 1 }), () =>
                        draft.form.blocks.splice(index, 1),
                    );
                }}>{say('writing.block_out', { number: index + 1 })}</TextButton
            >
        {/if}
    </div>

    <div class="sentence">
        {#if block.kind === 'dates'}
            <Said key="writing.block_dates" {hours} {minutes} {gap}>
                {#snippet days()}<OnDates {draft} {index} {on} {today} bind:picking />{/snippet}
            </Said>
        {:else if block.kind === 'weekly'}
            <Said
                key="writing.block_weekly"
                values={{ every: block.every ?? 1 }}
                {every}
                {hours}
                {minutes}
                {gap}
                {first}
                {ending}
            >
                {#snippet days(label)}<EveryWeek {draft} {index} {label} {on} />{/snippet}
            </Said>
        {:else}
            <Said
                key="writing.block_monthly"
                values={{ every: block.every ?? 1 }}
                {every}
                {hours}
                {minutes}
                {gap}
                {first}
                {ending}
            >
                {#snippet days()}<EveryMonth {draft} {index} {on} />{/snippet}
            </Said>
        {/if}
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
        <div class="flex flex-wrap items-center gap-x-4" role="group" aria-label={on(say('writing.part_where'))}>
            <span>{say('writing.block_places')}</span>
            {#each draft.form.places as place, n (n)}
                <Checkbox
                    checked={block.places.length === 0 || block.places.includes(n)}
                    onchange={(event) => placed(n, event.currentTarget.checked)}
                    >{place.kind === 'room' ? say('writing.in_room', { room: place.label }) : place.label}</Checkbox
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
