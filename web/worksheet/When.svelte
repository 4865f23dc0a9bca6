<script lang="ts">
    /** The "When" sentence: the quick line and the blanks say the same; below, the rulers that come of it. */
    import type { Schema } from '../lib/api';
    import type { Draft, Year } from '../lib/draft.svelte';
    import Ruler from '../parts/Ruler.svelte';
    import BlockBlanks from './BlockBlanks.svelte';
    import Occurrence from './Occurrence.svelte';
    import Warnings from './Warnings.svelte';

    interface Props {
        draft: Draft;
        today: string;
        year: Year;
        terms: Schema['NamedRange'][];
    }
    let { draft, today, year, terms }: Props = $props();

    let chosen = $state<{ index: number; date: string; label: string; stretch: Schema['Stretch'] } | null>(null);
    let trouble = $state('');

    const errors = $derived(draft.errors);
    const spoken = $derived(
        draft.lineError
            ? [
                  draft.line.slice(0, draft.lineError.position),
                  draft.line.slice(
                      draft.lineError.position,
                      draft.lineError.position + Math.max(1, draft.lineError.length),
                  ) || '␣',
              ]
            : null,
    );

    function another() {
        const last = draft.form.blocks.at(-1);
        draft.form.blocks.push({
            kind: 'dates',
            dates: [''],
            weekdays: [],
            month_days: [],
            every: 1,
            first: today,
            until: null,
            times: null,
            hours: [{ from: '', until: '', overnight: false }],
            other: [],
            minutes: last?.minutes ?? 15,
            gap: last?.gap ?? 0,
            except: [],
            plus: [],
            changes: [],
        });
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

<div class="grid gap-4">
    <div>
        <label for="quick-line" class="mb-1 block font-semibold"
            >In one line <span class="font-normal text-faint">(if you like typing)</span></label
        >
        <input
            id="quick-line"
            class="quick times"
            bind:value={draft.line}
            oninput={() => draft.typedLine()}
            placeholder="tue thu 10:25-11:35 /15 gap 5 until 28 may"
            autocomplete="off"
            spellcheck="false"
            aria-describedby="quick-said"
            aria-invalid={draft.lineError ? 'true' : undefined}
        />
        <div id="quick-said" aria-live="polite">
            {#if draft.lineError && spoken}
                <p class="times mt-1 text-faint" aria-hidden="true">
                    {spoken[0]}<mark class="pointed">{spoken[1]}</mark>
                </p>
                <p class="font-semibold text-brick">{draft.lineError.message}</p>
            {/if}
            {#each draft.notes as note (note)}<p class="mt-1">{note}</p>{/each}
        </div>
    </div>

    {#each draft.form.blocks, index (index)}
        <BlockBlanks
            {draft}
            {index}
            {today}
            {year}
            {terms}
            sentence={draft.drawing?.blocks.find((block) => block.index === index)?.sentence ?? ''}
        />
    {/each}
    <div class="flex flex-wrap gap-3">
        <button type="button" class="press" onclick={another}>Add a block at other times</button>
        {#if draft.form.blocks.length > 1}
            <label class="flex min-h-11 items-center gap-2">
                <input
                    type="checkbox"
                    checked={draft.form.joining}
                    onchange={(event) => {
                        draft.form.joining = event.currentTarget.checked;
                        draft.changed();
                    }}
                />
                Blocks that overlap become one
            </label>
        {/if}
    </div>
    {#if errors.blocks}<p class="notice font-semibold" role="alert">{errors.blocks}</p>{/if}

    <Warnings {draft} about={['blocks']} />
    <div aria-live="polite" aria-label="What comes of it" role="region">
        {#if draft.drawing && draft.drawing.slots > 0}
            <p class="mb-3 font-semibold">{draft.drawing.sentence}</p>
            {#if trouble}<p class="notice mb-3" role="alert">{trouble}</p>{/if}
            <div class="grid gap-5">
                {#each draft.drawing.days as day (day.date)}
                    <Ruler
                        {day}
                        {drag}
                        occurrence={(stretch) => {
                            if (stretch.block !== null && stretch.occurrence !== null)
                                chosen = {
                                    index: stretch.block,
                                    date: stretch.occurrence,
                                    label: `${day.label}, ${stretch.from} to ${stretch.until}`,
                                    stretch,
                                };
                        }}
                    />
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
            <div class="mt-3 flex flex-wrap gap-3">
                {#if draft.from}
                    <button
                        type="button"
                        class="press"
                        onclick={() => {
                            draft.from = null;
                            void draft.draw();
                        }}>Back to the first days</button
                    >
                {/if}
                {#if draft.drawing.later}
                    <button
                        type="button"
                        class="press"
                        onclick={() => {
                            draft.from = draft.drawing!.later;
                            void draft.draw();
                        }}>Show later days</button
                    >
                {/if}
            </div>
        {:else}
            <p class="text-faint">
                The rulers are drawn here as soon as days, times and a length are filled in. Times can be typed as
                16:30, 1630, 16.30 or 4:30pm.
            </p>
        {/if}
    </div>
</div>

<style>
    .quick {
        width: 100%;
        min-height: 3rem;
        padding: 0.4rem 0.7rem;
        border: 1px solid var(--edge);
        border-radius: 6px;
        background: var(--card);
        color: var(--ink);
        font-size: 1.1rem;
    }
    .quick::placeholder {
        color: var(--faint);
        opacity: 1;
    }
    .pointed {
        background: none;
        color: var(--brick);
        border-bottom: 3px solid var(--brick);
        font-weight: 700;
    }
</style>
