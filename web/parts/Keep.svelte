<script lang="ts">
    /** How long the picked time is kept: said before it ends, made longer once, and said when it is over. */
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
            <p>This time is not kept for you any more, but still free. What you typed is here.</p>
            <button type="button" class="press" onclick={again}>Keep it for me again</button>
        {:else}
            <p>This time is not kept for you any more, and somebody else has it now. What you typed is here.</p>
        {/if}
    </div>
{:else if visitor.left !== null}
    <div class="flex flex-wrap items-center gap-x-4 gap-y-2 {ends ? 'notice' : ''}">
        <p class="tabular-nums {ends ? '' : 'text-faint'}" aria-live="off">
            Nobody else can take it for {Math.floor(visitor.left / 60)}:{String(visitor.left % 60).padStart(2, '0')}.
        </p>
        {#if ends}
            <p class="sr-only" role="status">
                {visitor.lengthened
                    ? 'In one minute this time is not kept for you any more.'
                    : 'In one minute this time is not kept for you any more. You can have five more.'}
            </p>
            {#if !visitor.lengthened}
                <button type="button" class="press" onclick={() => visitor.longer()}>Five more minutes</button>
            {/if}
        {/if}
    </div>
{/if}
