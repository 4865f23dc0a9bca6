<script lang="ts">
    /** What comes of the blocks: the count and the rulers of the first week; the days after it unfold. */
    import { say } from '../lib/say';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import type { Schema } from '../lib/api';
    import type { Draft } from '../lib/draft.svelte';
    import Handles from '../ruler/Handles.svelte';
    import Ruler from '../ruler/Ruler.svelte';
    import Occurrence from './Occurrence.svelte';

    interface Props {
        draft: Draft;
    }
    let { draft }: Props = $props();

    let chosen = $state<{ index: number; date: string; label: string; stretch: Schema['Stretch'] } | null>(null);
    let trouble = $state('');
    let unfolded = $state(false);

    const days = $derived(draft.drawing?.days ?? []);
    /** A week is what repeats; on a phone its first day. */
    const first = $derived.by(() => {
        const narrow = matchMedia('(max-width: 699.98px)').matches;
        const end = days[0] ? Date.parse(days[0].date) + (narrow ? 1 : 7) * 86_400_000 : 0;
        return days.filter((day) => Date.parse(day.date) < end).slice(0, 5);
    });
    const shown = $derived(unfolded || draft.from ? days : first);

    function choose(day: Schema['RulerDay'], stretch: Schema['Stretch']) {
        if (stretch.block === null || stretch.occurrence === null) return;
        const label = say('pages.slot', { day: day.label, from: stretch.from, until: stretch.until });
        chosen = { index: stretch.block, date: stretch.occurrence, label, stretch };
    }
    async function drag(stretch: Schema['Stretch'], side: 'from' | 'until', minutes: number) {
        if (stretch.block === null || stretch.occurrence === null) return;
        const same = draft
            .drawing!.days.flatMap((day) => day.stretches)
            .filter((one) => one.block === stretch.block && one.occurrence === stretch.occurrence);
        trouble = '';
        const failed = await draft.occurrence({
            index: stretch.block,
            date: stretch.occurrence,
            do: 'edge',
            scope: 'all',
            stretch: same.findIndex((one) => one.at === stretch.at),
            side,
            by: minutes,
        });
        trouble = failed ? (failed.fields.do ?? failed.message) : '';
    }
</script>

<div class="mt-2" aria-live="polite" aria-label={say('writing.made')} role="region">
    {#if draft.drawing && draft.drawing.slots > 0}
        <p class="mb-2 font-semibold">{draft.drawing.sentence}</p>
        {#if trouble}<Notice class="mb-2">{trouble}</Notice>{/if}
        <div class="grid gap-3">
            {#each shown as day (day.date)}
                <Ruler {day}>
                    {#snippet handles(stretch)}
                        <Handles {day} {stretch} {drag} occurrence={() => choose(day, stretch)} />
                    {/snippet}
                </Ruler>
                {#if chosen && chosen.stretch.occurrence !== null && day.stretches.some((one) => one.block === chosen?.index && one.occurrence === chosen.date)}
                    <Occurrence
                        {draft}
                        index={chosen.index}
                        date={chosen.date}
                        label={chosen.label}
                        done={() => (chosen = null)}
                    />
                {/if}
            {/each}
        </div>
        <div class="flex flex-wrap gap-x-4">
            {#if draft.from}
                <TextButton
                    onclick={() => {
                        draft.from = null;
                        void draft.draw();
                    }}>{say('writing.made_first')}</TextButton
                >
            {/if}
            {#if shown.length < days.length}
                <TextButton onclick={() => (unfolded = true)}>{say('writing.made_next')}</TextButton>
            {:else}
                {#if unfolded && days.length > first.length}<TextButton onclick={() => (unfolded = false)}
                        >{say('writing.made_fold')}</TextButton
                    >{/if}
                {#if draft.drawing.later}
                    <TextButton
                        onclick={() => {
                            draft.from = draft.drawing!.later;
                            void draft.draw();
                        }}>{say('writing.made_later')}</TextButton
                    >
                {/if}
            {/if}
        </div>
    {:else}
        <p class="text-faint">
            {say('writing.made_none')}
        </p>
    {/if}
</div>
