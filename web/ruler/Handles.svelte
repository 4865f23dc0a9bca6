<script lang="ts">
    /** What a host takes a block by: its band for one occurrence, its edges for its hours. */
    import { say } from '../lib/say';
    import type { Schema } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import { Pull, type Side } from './pull.svelte';

    type Stretch = Schema['Stretch'];

    interface Props {
        day: Schema['RulerDay'];
        stretch: Stretch;
        /** A press on the band, where occurrences can be changed. */
        occurrence: (stretch: Stretch) => void;
        /** An edge was dragged, or moved by keys, by so many minutes. */
        drag: (stretch: Stretch, side: Side, minutes: number) => void;
    }
    let { day, stretch, occurrence, drag }: Props = $props();

    const SIDES = ['from', 'until'] as const;
    const pull = new Pull(
        () => day.length,
        (side, minutes) => drag(stretch, side, minutes),
    );
    const called = $derived(say('said.between', { from: clock.say(stretch.from), until: clock.say(stretch.until) }));
</script>

<button
    type="button"
    class="handle"
    style:--at={stretch.at}
    style:--long={stretch.length}
    aria-label={say('ruler.change_block', { day: day.label, block: called })}
    onclick={() => occurrence(stretch)}><span>{say('ruler.change')}</span></button
>
{#each SIDES as side (side)}
    <button
        type="button"
        class="edge"
        style:--at={stretch.at + (side === 'until' ? stretch.length : 0) + pull.by(side)}
        aria-label={side === 'from'
            ? say('ruler.edge_from', { block: called })
            : say('ruler.edge_until', { block: called })}
        onpointerdown={(event) => pull.begin(event, side)}
        onkeydown={(event) => pull.nudge(event, side)}
    ></button>
{/each}

<style>
    .handle {
        background: var(--wash);
        border: 1px solid var(--edge);
    }
    .handle {
        cursor: pointer;
    }
    .handle span {
        position: absolute;
        clip-path: inset(50%);
    }
    .handle:hover {
        background: var(--marigold);
    }
    .edge {
        z-index: 2;
        border-radius: 3px;
        background: var(--board);
        touch-action: none;
    }
    /* Flat: one row a day. */
    @container ruler (min-width: 560px) {
        .handle {
            inset-inline-start: var(--place);
            width: var(--extent);
            top: 2.9rem;
            height: 1rem;
            z-index: 1;
        }
        .edge {
            inset-inline-start: calc(var(--place) - 4px);
            top: 2.6rem;
            width: 8px;
            height: 1.6rem;
            cursor: ew-resize;
        }
    }
    /* Upright: time runs down the left edge. */
    @container ruler (max-width: 559.98px) {
        .handle {
            top: var(--place);
            height: var(--extent);
            inset-inline-start: 0.9rem;
            width: 0.9rem;
            z-index: 1;
        }
        .edge {
            top: calc(var(--place) - 4px);
            inset-inline-start: 0.6rem;
            width: 1.6rem;
            height: 8px;
            cursor: ns-resize;
        }
    }
</style>
