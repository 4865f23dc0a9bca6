<script lang="ts">
    /** The blanks of "When", block by block. */
    import { say } from '../lib/say';
    import { Button, Checkbox } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import type { Schema } from '../lib/api';
    import type { Draft, Year } from '../lib/draft.svelte';
    import BlockBlanks from './BlockBlanks.svelte';
    import Warnings from './Warnings.svelte';

    interface Props {
        draft: Draft;
        today: string;
        year: Year;
        terms: Schema['NamedRange'][];
    }
    let { draft, today, year, terms }: Props = $props();

    const errors = $derived(draft.errors);

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
            places: [],
        });
    }
</script>

<div class="grid gap-4">
    {#each draft.form.blocks, index (index)}
        <BlockBlanks
            {draft}
            {index}
            {today}
            {year}
            {terms}
            drawn={draft.drawing?.blocks.find((block) => block.index === index) ?? null}
        />
    {/each}
    <div class="flex flex-wrap gap-3">
        <Button color="alternative" onclick={another}>{say('writing.block_add')}</Button>
        {#if draft.form.blocks.length > 1}
            <Checkbox
                checked={draft.form.joining}
                onchange={(event) => {
                    draft.form.joining = event.currentTarget.checked;
                    draft.changed();
                }}>{say('writing.joining')}</Checkbox
            >
        {/if}
    </div>
    {#if errors.blocks}<Notice>{errors.blocks}</Notice>{/if}

    <Warnings {draft} about={['blocks']} />
</div>
