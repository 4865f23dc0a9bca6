<script lang="ts">
    /** A day on a phone: time runs down, what can be had is to scale under a thumb, and what cannot is one line. */
    import { say } from '../lib/say';
    import type { Schema } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import { runsOf } from '../lib/runs';
    import { stateSaid, walk } from './tabs';

    type Slot = Schema['RulerSlot'];

    interface Props {
        day: Schema['RulerDay'];
        chosen: string | null;
        /** The one tab that takes part in the tab order. */
        entry: string | undefined;
        own: (slot: Slot) => string | null;
        spoken: (slot: Slot) => string;
        names: Record<string, string>;
        pick: (slot: Slot) => void;
    }
    let { day, chosen, entry, own, spoken, names, pick }: Props = $props();

    const runs = $derived(runsOf(day));
    const shortest = $derived(Math.min(60, ...runs.filter((run) => run.free).map((run) => run.slots[0]!.length)));
    /** What a folded run is called: by its name where it has one, such as the time that is theirs now. */
    const called = (slots: Slot[], state: Slot['state']) =>
        (slots.length === 1 ? names[slots[0]!.key] : undefined) ?? stateSaid(state);
</script>

<ol class="upright">
    {#each runs as run (run.slots[0]!.key)}
        {#if run.apart}<li class="gap" aria-hidden="true"></li>{/if}
        {#if run.free}
            {@const slot = run.slots[0]!}
            <li>
                <button
                    type="button"
                    data-tab
                    data-key={slot.key}
                    class="tab free"
                    class:chosen={slot.key === chosen}
                    style:--long={slot.length / shortest}
                    tabindex={slot.key === entry ? 0 : -1}
                    aria-label={spoken(slot)}
                    aria-pressed={slot.key === chosen}
                    onkeydown={walk}
                    onclick={() => pick(slot)}
                >
                    <span class="from">{clock.say(slot.from)}</span>
                    <span>{say('ruler.to', { until: clock.say(slot.until) })}</span>
                    {#if slot.seats_left !== null}<span>{say('ruler.seats', { seats: slot.seats_left })}</span>{/if}
                    {#if own(slot)}<span class="own">{own(slot)}</span>{/if}
                </button>
            </li>
        {:else}
            <li class="folded {run.state.replaceAll(' ', '-')}">
                {say('ruler.several', {
                    from: clock.say(run.from),
                    until: clock.say(run.until),
                    state: called(run.slots, run.state),
                })}
            </li>
        {/if}
    {/each}
</ol>

<style>
    .upright {
        border-inline-start: 0.9rem solid var(--wash);
        font-variant-numeric: tabular-nums;
    }
    .tab {
        display: flex;
        align-items: center;
        gap: 0.5rem;
        width: 100%;
        min-height: calc(var(--long) * 2.875rem);
        margin-top: -1.5px;
        padding: 0 0.8rem;
        border: 1.5px solid var(--board);
        border-radius: 0 6px 6px 0;
        background: var(--card);
        color: var(--board);
        font-size: 1.05rem;
        text-align: start;
        cursor: pointer;
    }
    .from {
        font-weight: 650;
    }
    .own {
        margin-inline-start: auto;
        font-size: 0.9rem;
    }
    .tab.chosen {
        background: var(--board);
        color: var(--on-board);
    }
    .folded {
        min-height: 2rem;
        padding: 0.2rem 0.8rem;
        color: var(--faint);
        font-size: 0.95rem;
    }
    /* Cut out of the band. */
    .folded.taken,
    .folded.past {
        margin-inline-start: -0.9rem;
        padding-inline-start: 1.7rem;
        background: var(--paper);
    }
    .gap {
        height: 0.9rem;
        margin-inline-start: -0.9rem;
        background: var(--paper);
    }
</style>
