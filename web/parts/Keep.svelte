<script lang="ts">
    /** How long the picked time is kept: said before it ends, made longer once, and said when it is over. */
    import { say } from '../lib/say';
    import type { Visitor } from '../lib/visitor.svelte';

    interface Props {
        visitor: Visitor;
        /** Whether the time can still be had, once it is not kept any more. */
        free: boolean;
        again: () => void;
    }
    let { visitor, free, again }: Props = $props();

    /** Seconds before the end at which it is said. */
    const WARNS = 60;
    const ends = $derived(visitor.left !== null && visitor.left <= WARNS);
</script>

{#if visitor.over}
    <div class="notice flex flex-wrap items-center gap-3" role="alert">
        {#if free}
            <p>{say('visit.keep_over')}</p>
            <button type="button" class="press" onclick={again}>{say('visit.keep_again')}</button>
        {:else}
            <p>{say('visit.keep_lost')}</p>
        {/if}
    </div>
{:else if visitor.left !== null}
    <div class="flex flex-wrap items-center gap-x-4 gap-y-2 {ends ? 'notice' : ''}">
        <p class="tabular-nums {ends ? '' : 'text-faint'}" aria-live="off">
            {say('visit.keep_left', {
                left: `${Math.floor(visitor.left / 60)}:${String(visitor.left % 60).padStart(2, '0')}`,
            })}
        </p>
        {#if ends}
            <p class="sr-only" role="status">
                {visitor.lengthened ? say('visit.keep_ends_last') : say('visit.keep_ends')}
            </p>
            {#if !visitor.lengthened}
                <button type="button" class="press" onclick={() => visitor.longer()}>{say('visit.keep_longer')}</button>
            {/if}
        {/if}
    </div>
{/if}
