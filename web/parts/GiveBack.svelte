<script lang="ts">
    /** Taking a booking away, from either side: a press, a word if wanted, and a second press on the same spot. */
    import { say } from '../lib/say';
    import { tick } from 'svelte';
    import Field from './Field.svelte';
    import { onSent } from '../lib/form';

    interface Props {
        id: number;
        open: string;
        ask: string;
        go: string;
        keep: string;
        act: (note: string) => Promise<string | null>;
    }
    let { id, open, ask, go, keep, act }: Props = $props();

    let asking = $state(false);
    let note = $state('');
    let working = $state(false);
    let failure = $state('');

    let opener = $state<HTMLElement>();
    /** Opens or closes it, with the focus going along. */
    async function turn(now: boolean) {
        asking = now;
        await tick();
        (now ? document.getElementById(`note-${id}`) : opener)?.focus();
    }
    async function press() {
        working = true;
        failure = (await act(note)) ?? '';
        working = false;
    }
</script>

{#if !asking}
    <button type="button" class="press away" bind:this={opener} onclick={() => turn(true)}>{open}</button>
{:else}
    <form class="grid w-full max-w-xl gap-3" onsubmit={onSent(press)}>
        <Field name="note-{id}" label={ask} bind:value={note} lines={2} />
        {#if failure}<p class="notice" role="alert">{failure}</p>{/if}
        <div class="flex flex-wrap gap-3">
            <button class="press away" disabled={working}>{working ? say('pages.one_moment') : go}</button>
            <button type="button" class="press" onclick={() => turn(false)}>{keep}</button>
        </div>
    </form>
{/if}
