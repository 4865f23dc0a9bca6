<script lang="ts">
    /** One slot as a tab to scale: what it is, and to whom it can be theirs. */
    import { say } from '../lib/say';
    import type { Schema } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import { stateSaid, walk } from './tabs';

    type Slot = Schema['RulerSlot'];

    interface Props {
        slot: Slot;
        chosen: boolean;
        /** Whether it is the one that takes part in the tab order. */
        entry: boolean;
        /** What stands on it where it is taken. */
        name: string | undefined;
        /** The same time on the reader's own clock, where that differs. */
        own: string | null;
        spoken: string;
        /** What a press does; without it the tab only shows. */
        act: (() => void) | undefined;
        /** Whether it is picked rather than pressed: then it says so. */
        picks: boolean;
    }
    let { slot, chosen, entry, name, own, spoken, act, picks }: Props = $props();
</script>

<button
    type="button"
    data-tab
    data-key={slot.key}
    class="tab {slot.state.replaceAll(' ', '-')}"
    class:chosen
    class:shown={!act && !picks}
    class:named={name !== undefined}
    style:--at={slot.at}
    style:--long={slot.length}
    tabindex={entry ? 0 : -1}
    title={name}
    aria-label={spoken}
    aria-pressed={picks && act ? chosen : undefined}
    aria-disabled={act ? undefined : true}
    onkeydown={walk}
    onclick={() => act?.()}
>
    <span class="from"
        >{clock.brief(slot.from)}{#if slot.extra > 0}<small class="own">+{slot.extra}</small>{/if}{#if own}<small
                class="own">{own}</small
            >{/if}</span
    >
    {#if name}<span class="who" aria-hidden="true">{name.split(' ')[0]}</span>{/if}
    <span class="more">
        {#if slot.state !== 'free'}{name ?? stateSaid(slot.state)}
        {:else if slot.seats_left === null}{say('ruler.to', { until: clock.say(slot.until) })}
        {:else}{say('ruler.to_seats', { until: clock.say(slot.until), seats: slot.seats_left })}{/if}
    </span>
</button>

<style>
    .tab {
        display: flex;
        align-items: center;
        gap: 0.4rem;
        border: 1.5px solid var(--board);
        background: var(--card);
        color: var(--board);
        font-weight: 650;
        line-height: 1.1;
        overflow: hidden;
    }
    .own {
        display: block;
        font-size: 0.72rem;
        font-weight: 400;
    }
    .tab.free:not(.shown) {
        cursor: pointer;
    }
    .tab.free:not(.shown, .chosen):hover {
        background: var(--wash);
    }
    .tab.free.chosen {
        background: var(--board);
        color: var(--on-board);
    }
    .who {
        min-width: 0;
        overflow: hidden;
        text-overflow: ellipsis;
    }
    .tab:focus-visible {
        z-index: 3;
        overflow: visible;
    }
    .tab:not(.free) {
        color: var(--faint);
        font-weight: 400;
        cursor: default;
        border-color: var(--edge);
        border-style: dashed;
    }
    /* Cut out of the band. */
    .tab.taken,
    .tab.past {
        background: var(--paper);
    }
    .tab.busy,
    .tab.closed {
        background: repeating-linear-gradient(135deg, var(--card) 0 5px, var(--line) 5px 7px);
    }
    .tab.too-soon,
    .tab.not-yet-open {
        background: radial-gradient(var(--line) 1.2px, transparent 1.6px) 0 0 / 7px 7px var(--card);
        border-style: dotted;
    }
    /* Flat: one row a day. */
    @container ruler (min-width: 560px) {
        .tab {
            inset-inline-start: var(--place);
            width: var(--extent);
            justify-content: center;
            padding: 0;
            font-size: 0.92rem;
            border-radius: 6px 6px 0 0;
            top: 0;
            height: 3.9rem;
        }
        .tab.free {
            padding-bottom: 1rem;
            box-shadow: inset 0 -1rem 0 var(--wash);
        }
        .tab.free.chosen {
            box-shadow: none;
        }
        .tab:not(.free) {
            border-radius: 0;
            top: 2.9rem;
            height: 1rem;
        }
        /* Whose time it is stands in the cut, on the host's own ruler. */
        .tab.named:not(.free) {
            /* Over what else is that day: no hatching runs through a name. */
            z-index: 1;
            flex-direction: column;
            justify-content: end;
            gap: 0;
            top: 1.3rem;
            height: 2.6rem;
            padding: 0 2px 0.15rem;
            font-size: 0.78rem;
            color: var(--ink);
        }
        .tab.named:not(.free) .from {
            position: static;
            clip-path: none;
            color: var(--faint);
        }
        .tab:not(.free, .named) .from {
            position: absolute;
            clip-path: inset(50%);
        }
        .more {
            position: absolute;
            clip-path: inset(50%);
            width: 1px;
            height: 1px;
            overflow: hidden;
        }
    }
    /* Upright: time runs down the left edge. */
    @container ruler (max-width: 559.98px) {
        .who {
            display: none;
        }
        .tab {
            top: var(--place);
            height: var(--extent);
            inset-inline-start: 0.9rem;
            inset-inline-end: 0;
            padding: 0 0.8rem 0 1.6rem;
            border-radius: 0 6px 6px 0;
            font-size: 1.05rem;
        }
        .tab.free {
            box-shadow: inset 0.9rem 0 0 var(--wash);
        }
        .tab.free.chosen {
            box-shadow: none;
        }
        .tab:not(.free) {
            z-index: 1;
            inset-inline-end: auto;
            width: 11rem;
            border-radius: 0;
            font-size: 0.95rem;
        }
        .more {
            font-weight: 400;
            white-space: nowrap;
            overflow: hidden;
            text-overflow: ellipsis;
        }
    }
</style>
