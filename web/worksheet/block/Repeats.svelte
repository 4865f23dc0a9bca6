<script lang="ts">
    /** From when on a block repeats, and how it ends. */
    import Blank from '../../controls/Blank.svelte';
    import Pick from '../../controls/Pick.svelte';
    import type { Schema } from '../../lib/api';
    import type { Draft } from '../../lib/draft.svelte';

    interface Props {
        draft: Draft;
        index: number;
        /** Which block, where there are several. */
        on: string;
        today: string;
        terms: Schema['NamedRange'][];
    }
    let { draft, index, on, today, terms }: Props = $props();

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

, from
<Blank name="blocks.{index}.first" label="First day{on}" type="date" size={13} />
<Pick
    aria-label="How it ends{on}"
    value={ending}
    onchange={(event: Event) => end((event.currentTarget as HTMLSelectElement).value)}
>
    <option value="until">until</option>
    <option value="times">so many times:</option>
    <option value="never">without an end</option>
    {#each terms as term, i (term.name)}<option value="term:{i}">in the {term.name.toLowerCase()}</option>{/each}
</Pick>
{#if block.until !== null}
    <Blank name="blocks.{index}.until" label="Last day{on}" type="date" size={13} />
{:else if block.times !== null}
    <Blank name="blocks.{index}.times" label="How many times{on}" type="number" size={5} />
{/if}
