<script lang="ts">
    /**
     * A day drawn to scale: blocks as bands, slots as tabs, a bead for now. Flat where there is room, upright on a
     * phone. All places come from the server; this only turns minutes into lengths.
     */
    import type { Schema } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import { elsewhereBriefly } from '../lib/elsewhere';
    import UprightDay from './UprightDay.svelte';

    type Day = Schema['RulerDay'];
    type Slot = Schema['RulerSlot'];
    type Stretch = Schema['Stretch'];

    interface Props {
        day: Day;
        /** What stands over it instead of the day: a host, where several are compared. */
        heading?: string;
        /** What it is called where two rulers of one day stand on a page. */
        called?: string;
        chosen?: string | null;
        /** The school's zone, an IANA name: where the reader's own clock differs, it stands on each time that can be had. */
        zone?: string;
        /** Without it the ruler only shows. */
        pick?: (slot: Slot, day: Day) => void;
        /** What stands on a taken tab: the student, on the host's own page. */
        names?: Record<string, string>;
        /** A press on any tab, free or not: what the host does with a slot. */
        press?: (slot: Slot, day: Day) => void;
        /** A press on a block's band, where occurrences can be changed. */
        occurrence?: (stretch: Stretch) => void;
        /** A block's edge was dragged, or moved by keys, by so many minutes. */
        drag?: (stretch: Stretch, side: 'from' | 'until', minutes: number) => void;
    }
    let {
        day,
        heading = '',
        called = '',
        chosen = null,
        zone = '',
        pick,
        names = {},
        press,
        occurrence,
        drag,
    }: Props = $props();

    let scale = $state<HTMLElement>();
    // Until it is measured, no wider than the window: on a phone nothing is drawn flat first.
    let width = $state(document.documentElement.clientWidth);
    /** On a phone, what somebody picks from folds what they cannot have. */
    const folds = $derived(pick !== undefined && press === undefined && width < 560);
    const own = (slot: Slot) => (zone === '' || slot.state !== 'free' ? null : elsewhereBriefly(slot.key, zone));
    let pulled = $state<{ stretch: Stretch; side: 'from' | 'until'; by: number } | null>(null);

    /** Minutes of the ruler under so many pixels, in steps of five. */
    const minutes = (pixels: number, upright: boolean) => {
        const box = scale!.getBoundingClientRect();
        return Math.round(((pixels / (upright ? box.height : box.width)) * day.length) / 5) * 5;
    };
    function pull(event: PointerEvent, stretch: Stretch, side: 'from' | 'until') {
        const edge = event.currentTarget as HTMLElement;
        const upright = getComputedStyle(edge).cursor === 'ns-resize';
        const start = upright ? event.clientY : event.clientX;
        edge.setPointerCapture(event.pointerId);
        pulled = { stretch, side, by: 0 };
        edge.onpointermove = (move) => {
            if (pulled) pulled.by = minutes((upright ? move.clientY : move.clientX) - start, upright);
        };
        edge.onpointerup = edge.onpointercancel = () => {
            edge.onpointermove = edge.onpointerup = edge.onpointercancel = null;
            if (pulled && pulled.by !== 0) drag?.(stretch, side, pulled.by);
            pulled = null;
        };
    }
    function nudge(event: KeyboardEvent, stretch: Stretch, side: 'from' | 'until') {
        const by = { ArrowRight: 5, ArrowDown: 5, ArrowLeft: -5, ArrowUp: -5 }[event.key];
        if (!by) return;
        event.preventDefault();
        drag?.(stretch, side, by);
    }

    /** The least length of a tab in pixels: for a thumb, or to be read where nothing is pressed. */
    const least = $derived(pick || press ? 46 : 34);

    const slots = $derived(day.stretches.flatMap((stretch) => stretch.slots));
    const shortest = $derived(Math.min(60, ...slots.map((slot) => slot.length)));
    // One tab in each ruler takes part in the tab order; arrows walk from there.
    const entry = $derived(
        (slots.find((slot) => slot.key === chosen) ?? slots.find((slot) => slot.state === 'free') ?? slots[0])?.key,
    );

    const SAID: Record<Slot['state'], string> = {
        free: 'free',
        taken: 'taken',
        busy: 'not available',
        'too soon': 'too soon to book',
        'not yet open': 'not open yet',
        closed: 'closed',
        past: 'over',
    };

    const spoken = (slot: Slot) =>
        `${day.label}, ${clock.say(slot.from)} to ${clock.say(slot.until)}, ${names[slot.key] ?? SAID[slot.state]}${
            slot.seats_left !== null && slot.state === 'free' ? `, ${slot.seats_left} seats left` : ''
        }${slot.extra > 0 ? `, ${slot.extra === 1 ? 'one seat' : `${slot.extra} seats`} added` : ''}${own(slot) ? `, ${own(slot)} on your own clock` : ''}`;

    function walk(event: KeyboardEvent): void {
        const here = event.currentTarget as HTMLElement;
        const ruler = here.closest('[data-ruler]')!;
        const tabs = (of: Element) => [...of.querySelectorAll<HTMLElement>('[data-tab]')];
        const mine = tabs(ruler);
        const i = mine.indexOf(here);
        const rulers = [...document.querySelectorAll('[data-ruler]')];
        const other = (by: number) => {
            const next = rulers[rulers.indexOf(ruler) + by];
            return next ? tabs(next)[Math.min(i, tabs(next).length - 1)] : undefined;
        };
        const target = {
            ArrowRight: mine[i + 1],
            ArrowDown: mine[i + 1],
            ArrowLeft: mine[i - 1],
            ArrowUp: mine[i - 1],
            Home: mine[0],
            End: mine.at(-1),
            PageDown: other(1),
            PageUp: other(-1),
        }[event.key];
        if (!target) return;
        event.preventDefault();
        target.focus();
        target.scrollIntoView({ block: 'nearest', inline: 'nearest' });
    }
</script>

<section
    class="day"
    data-ruler
    aria-label={called || (heading ? `${heading}, ${day.label}` : day.label)}
    bind:clientWidth={width}
>
    <h3 class="mb-2 text-[1.05rem]">{heading || day.label}</h3>
    {#if folds}
        <UprightDay
            {day}
            {chosen}
            {entry}
            {own}
            {spoken}
            said={SAID}
            {names}
            {walk}
            pick={(slot) => pick?.(slot, day)}
        />
    {:else}
        <!-- A wide day scrolls sideways on its own rather than shrinking its tabs under a thumb. -->
        <div class="window">
            <div class="scale" bind:this={scale} style:--length={day.length} style:--least={least / shortest}>
                {#each day.stretches as stretch (stretch.at)}
                    {#if occurrence && stretch.block !== null}
                        <button
                            type="button"
                            class="band handle"
                            style:--at={stretch.at}
                            style:--long={stretch.length}
                            aria-label="Change {day.label}, {clock.say(stretch.from)} to {clock.say(stretch.until)}"
                            onclick={() => occurrence(stretch)}><span>change</span></button
                        >
                    {:else}
                        <div class="band" style:--at={stretch.at} style:--long={stretch.length}></div>
                    {/if}
                    {#if drag && stretch.block !== null}
                        {#each ['from', 'until'] as const as side (side)}
                            <button
                                type="button"
                                class="edge"
                                style:--at={stretch.at +
                                    (side === 'until' ? stretch.length : 0) +
                                    (pulled?.stretch === stretch && pulled.side === side ? pulled.by : 0)}
                                aria-label="{side === 'from' ? 'Begin' : 'End'} of {clock.say(
                                    stretch.from,
                                )} to {clock.say(stretch.until)}: drag, or use the arrow keys"
                                onpointerdown={(event) => pull(event, stretch, side)}
                                onkeydown={(event) => nudge(event, stretch, side)}
                            ></button>
                        {/each}
                    {/if}
                    {#if stretch.left_over > 0}
                        <div
                            class="rest"
                            style:--at={stretch.at + stretch.length - stretch.left_over}
                            style:--long={stretch.left_over}
                            title="{stretch.left_over} minutes left over"
                        ></div>
                    {/if}
                    {#each stretch.slots as slot (slot.key)}
                        <button
                            type="button"
                            data-tab
                            data-key={slot.key}
                            class="tab {slot.state.replaceAll(' ', '-')}"
                            class:chosen={slot.key === chosen}
                            class:shown={!pick && !press}
                            class:named={names[slot.key] !== undefined}
                            style:--at={slot.at}
                            style:--long={slot.length}
                            tabindex={slot.key === entry ? 0 : -1}
                            title={names[slot.key]}
                            aria-label={spoken(slot)}
                            aria-pressed={pick && slot.state === 'free' ? slot.key === chosen : undefined}
                            aria-disabled={press || (pick && slot.state === 'free') ? undefined : true}
                            onkeydown={walk}
                            onclick={() => (press ? press(slot, day) : slot.state === 'free' && pick?.(slot, day))}
                        >
                            <span class="from"
                                >{clock.brief(slot.from)}{#if slot.extra > 0}<small class="own">+{slot.extra}</small
                                    >{/if}{#if own(slot)}<small class="own">{own(slot)}</small>{/if}</span
                            >
                            {#if names[slot.key]}<span class="who" aria-hidden="true"
                                    >{names[slot.key]?.split(' ')[0]}</span
                                >{/if}
                            <span class="more">
                                {#if slot.state === 'free'}to {clock.say(slot.until)}{#if slot.seats_left !== null}, {slot.seats_left}
                                        {slot.seats_left === 1 ? 'seat' : 'seats'}{/if}{:else}{names[slot.key] ??
                                        SAID[slot.state]}{/if}
                            </span>
                        </button>
                    {/each}
                {/each}
                {#each day.busy as busy (busy.at + busy.title)}
                    <div
                        class="elsewhere"
                        style:--at={busy.at}
                        style:--long={busy.length}
                        title="{busy.title || 'Busy'}, {busy.said}"
                    >
                        <span class="sr-only">Your calendar: {busy.title || 'busy'}, {busy.said}</span>
                    </div>
                {/each}
                {#each day.marks as mark (mark.at)}
                    <span class="mark {mark.size}" style:--at={mark.at}>
                        {#if mark.label}<span class="hour-name">{clock.say(mark.label)}</span>{/if}
                    </span>
                {/each}
                {#if day.now !== null}<span class="bead" style:--at={day.now} title="Now"></span>{/if}
            </div>
        </div>
    {/if}
</section>

<style>
    .day {
        container: ruler / inline-size;
    }
    .window {
        overflow-x: auto;
        /* The names of the first and the last hour stand out on both sides, no further than the page's edge. */
        --out: min(2.2rem, var(--side, 0rem));
        padding: 6px var(--out) 2px;
        margin: 0 calc(-1 * var(--out));
    }
    .scale {
        position: relative;
        font-variant-numeric: tabular-nums;
        --place: calc(var(--at) / var(--length) * 100%);
        --extent: calc(var(--long) / var(--length) * 100%);
    }
    .scale > * {
        --place: calc(var(--at) / var(--length) * 100%);
        --extent: calc(var(--long) / var(--length) * 100%);
        position: absolute;
    }
    .band {
        background: var(--wash);
        border: 1px solid var(--edge);
    }
    .rest {
        background: repeating-linear-gradient(90deg, transparent 0 4px, var(--edge) 4px 5px);
        opacity: 0.7;
    }
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
    .elsewhere {
        background: repeating-linear-gradient(135deg, var(--edge) 0 1.5px, transparent 1.5px 7px);
        border: 1px dashed var(--edge);
        pointer-events: none;
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
    .mark {
        background: var(--edge);
    }
    .hour-name {
        position: absolute;
        color: var(--faint);
        font-size: 0.85rem;
        white-space: nowrap;
    }
    .bead {
        width: 14px;
        height: 14px;
        border-radius: 50%;
        background: var(--marigold);
        border: 2px solid var(--ink);
        z-index: 2;
    }

    /* Flat: one row a day. */
    @container ruler (min-width: 560px) {
        .scale {
            min-width: calc(var(--length) * var(--least) * 1px);
            height: 6.4rem;
        }
        .band,
        .rest {
            left: var(--place);
            width: var(--extent);
            top: 2.9rem;
            height: 1rem;
        }
        .tab {
            left: var(--place);
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
        .mark {
            left: var(--place);
            top: 3.9rem;
            width: 1px;
            height: 0.45rem;
        }
        .mark.hour {
            height: 0.9rem;
        }
        .mark.five {
            height: 0.22rem;
        }
        .hour-name {
            top: 0.95rem;
            transform: translateX(-50%);
        }
        .bead {
            left: calc(var(--place) - 7px);
            top: 3.55rem;
        }
        .handle {
            top: 2.9rem;
            height: 1rem;
            z-index: 1;
        }
        .edge {
            left: calc(var(--place) - 4px);
            top: 2.6rem;
            width: 8px;
            height: 1.6rem;
            cursor: ew-resize;
        }
        .elsewhere {
            left: var(--place);
            width: var(--extent);
            top: 2.2rem;
            height: 1.9rem;
        }
    }

    /* Upright: time runs down the left edge. */
    @container ruler (max-width: 559.98px) {
        .who {
            display: none;
        }
        .window {
            overflow: visible;
            padding: 0.6rem 0;
            margin: 0;
        }
        .scale {
            height: calc(var(--length) * var(--least) * 1px);
            margin-left: 3.4rem;
        }
        .band,
        .rest {
            top: var(--place);
            height: var(--extent);
            left: 0.9rem;
            width: 0.9rem;
        }
        .rest {
            background: repeating-linear-gradient(0deg, transparent 0 4px, var(--edge) 4px 5px);
        }
        .tab {
            top: var(--place);
            height: var(--extent);
            left: 0.9rem;
            right: 0;
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
            right: auto;
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
        .mark {
            top: var(--place);
            left: 0.4rem;
            height: 1px;
            width: 0.5rem;
        }
        .mark.hour {
            left: 0;
            width: 0.9rem;
        }
        .mark.five {
            left: 0.65rem;
            width: 0.25rem;
        }
        .hour-name {
            right: calc(100% + 0.3rem);
            top: -0.65rem;
        }
        .bead {
            top: calc(var(--place) - 7px);
            left: 0.1rem;
        }
        .handle {
            z-index: 1;
        }
        .edge {
            top: calc(var(--place) - 4px);
            left: 0.6rem;
            width: 1.6rem;
            height: 8px;
            cursor: ns-resize;
        }
        .elsewhere {
            top: var(--place);
            height: var(--extent);
            left: 0.9rem;
            right: 0;
        }
    }
</style>
