<script lang="ts">
    /** How a block ends that repeats. */
    import Blank from '../../controls/Blank.svelte';
    import { say } from '../../lib/say';
    import Pick from '../../controls/Pick.svelte';
    import type { Schema } from '../../lib/api';
    import type { Draft } from '../../lib/draft.svelte';

    interface Props {
        draft: Draft;
        index: number;
        /** Says which block a blank is of, where there are several. */
        label: string;
        on: (label: string) => string;
        today: string;
        terms: Schema['NamedRange'][];
    }
    let { draft, index, label, on, today, terms }: Props = $props();

    const block = $derived(draft.form.blocks[index]!);
    const ending = $derived(block.until !== null ? 'until' : block.times !== null ? 'times' : 'never');

    function end(how: string) {
        block.until = how === 'until' ? (terms.find((term) => term.last >= today)?.last ?? today) : null;
        block.times = how === 'times' ? 10 : null;
        if (how.startsWith('term:')) {
            const term = terms[Number(how.slice(5))]!;
            block.first = term.first > today ? term.first : today;
            block.until = term.last;
        }
        draft.changed();
    }
</script>

<Pick
    aria-label={on(label)}
    value={ending}
    onchange={(event: Event) => end((event.currentTarget as HTMLSelectElement).value)}
>
    <option value="until">{say('writing.ends_until')}</option>
    <option value="times">{say('writing.ends_times')}</option>
    <option value="never">{say('writing.ends_never')}</option>
    {#each terms as term, i (term.name)}<option value="term:{i}"
            >{say('writing.ends_term', { term: term.name.toLowerCase() })}</option
        >{/each}
</Pick>
{#if block.until !== null}
    <Blank name="blocks.{index}.until" label={on(say('writing.ends_last'))} type="date" size={13} />
{:else if block.times !== null}
    <Blank name="blocks.{index}.times" label={on(say('writing.ends_count'))} type="number" size={5} />
{/if}
