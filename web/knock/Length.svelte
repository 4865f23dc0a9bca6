<script lang="ts">
    /** How long it is to be. */
    import { say } from '../lib/say';
    import type { Asking } from './asking.svelte';

    let { asking }: { asking: Asking } = $props();
</script>

<fieldset>
    <legend class="mb-1 font-semibold">{say('asking.how_long')}</legend>
    <div class="flex flex-wrap gap-2">
        {#each asking.times.lengths as minutes (minutes)}
            <label class="length" class:on={asking.choices.minutes === minutes}>
                <input
                    type="radio"
                    name="length"
                    class="sr-only"
                    value={minutes}
                    checked={asking.choices.minutes === minutes}
                    onchange={() => asking.choices.wish(minutes)}
                />
                {say('pages.minutes_short', { minutes })}
            </label>
        {/each}
    </div>
</fieldset>

<style>
    .length {
        display: inline-flex;
        align-items: center;
        min-height: 2.75rem;
        padding: 0.3rem 0.9rem;
        border: 1.5px solid var(--edge);
        border-radius: 6px;
        cursor: pointer;
    }
    .length.on {
        color: var(--on-board);
        background: var(--board);
        border-color: var(--board);
        font-weight: 600;
    }
    .length:focus-within {
        outline: 3px solid var(--marigold);
        outline-offset: 2px;
    }
</style>
