<script lang="ts">
    /** What a family has booked of a round, as a whole: planned anew, with what would change shown first, or cancelled. */
    import { say } from '../lib/say';
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
        {say('planning.may_move', { many: count })}
    </label>
    {#if list.anew && !list.looking && list.moved.length === 0}
        <p class="mb-2">{list.plan?.best ? say('planning.best') : say('planning.no_better')}</p>
    {:else if list.moved.length > 0}
        <p class="mb-2">{say('planning.not_yet')}</p>
    {/if}
    <GiveBack
        id={0}
        open={say('planning.cancel', { many: count })}
        ask={say('planning.cancel_word')}
        go={say('planning.cancel_press', { many: count })}
        keep={say('planning.cancel_not')}
        act={cancel}
    />
</div>
