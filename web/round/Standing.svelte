<script lang="ts">
    /** What a family has booked of a round, as a whole: planned anew, with what would change shown first, or cancelled. */
    import type { Schema } from '../lib/api';
    import GiveBack from '../parts/GiveBack.svelte';
    import type { Shortlist } from './shortlist.svelte';

    interface Props {
        page: Schema['RoundPage'];
        list: Shortlist;
    }
    let { page, list }: Props = $props();

    const count = $derived(page.standing);

    async function cancel(note: string): Promise<string | null> {
        const pass = await list.giveBack(note);
        if (pass) location.assign(`${pass.path}#plan`);
        return pass ? null : (list.trouble?.message ?? null);
    }
</script>

<div class="mt-4 border-t border-line pt-3">
    <label class="flex min-h-11 items-center gap-3">
        <input type="checkbox" class="size-6" bind:checked={list.anew} onchange={() => list.look()} />
        {count === 1
            ? 'The booked meeting may have another time, if that fits better'
            : 'Booked meetings may have other times, if that fits better'}
    </label>
    {#if list.anew && !list.looking && list.moved.length === 0}
        <p class="mb-2">{list.plan?.best ? 'No other times fit better.' : 'No better times were found.'}</p>
    {:else if list.moved.length > 0}
        <p class="mb-2">Nothing is changed until you press the button above.</p>
    {/if}
    <GiveBack
        id={0}
        open={count === 1 ? 'Cancel the booked meeting' : `Cancel all ${count} booked meetings`}
        ask="A word to the teachers"
        go={count === 1 ? 'Cancel it' : `Cancel all ${count}`}
        keep="Do not cancel"
        act={cancel}
    />
</div>
