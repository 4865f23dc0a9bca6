<script lang="ts">
    /**
     * A day drawn to scale: blocks as bands, slots as tabs, a bead for now. Flat where there is room, upright on a
     * phone. All places come from the server; this only turns minutes into lengths.
     */
    import { say } from '../lib/say';
    import type { Snippet } from 'svelte';
    import type { Schema } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import { elsewhereBriefly } from '../lib/elsewhere';
    import Marks from './Marks.svelte';
    import Tab from './Tab.svelte';
    import { entryOf, stateSaid } from './tabs';
    import UprightDay from './UprightDay.svelte';

    type Day = Schema['RulerDay'];
    type Slot = Schema['RulerSlot'];

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
        /** What a stretch is taken by, where its host can change it (Handles). */
        handles?: Snippet<[Schema['Stretch']]>;
        /** Among several that are compared: under a pointer tabs may be narrower, so that a whole day is in sight. */
        close?: boolean;
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
        handles,
        close = false,
    }: Props = $props();

    // Until it is measured, no wider than the window: on a phone nothing is drawn flat first.
    let width = $state(document.documentElement.clientWidth);
    /** On a phone, what somebody picks from folds what they cannot have. */
    const folds = $derived(pick !== undefined && press === undefined && width < 560);
    const own = (slot: Slot) => (zone === '' || slot.state !== 'free' ? null : elsewhereBriefly(slot, zone));

    /** The least length of a tab in pixels: for a thumb, or to be read where nothing is pressed. */
    const least = $derived((pick && !(close && matchMedia('(pointer: fine)').matches)) || press ? 46 : 34);
    const slots = $derived(day.stretches.flatMap((stretch) => stretch.slots));
    const shortest = $derived(Math.min(60, ...slots.map((slot) => slot.length)));
    const entry = $derived(entryOf(slots, chosen));

    const act = (slot: Slot) =>
        press ? () => press(slot, day) : pick && slot.state === 'free' ? () => pick(slot, day) : undefined;
    function spoken(slot: Slot): string {
        const there = own(slot);
        let said = say('ruler.slot', {
            day: day.label,
            from: clock.say(slot.from),
            until: clock.say(slot.until),
            state: names[slot.key] ?? stateSaid(slot.state),
        });
        if (slot.seats_left !== null && slot.state === 'free')
            said = say('ruler.slot_seats', { slot: said, seats: slot.seats_left });
        if (slot.extra > 0) said = say('ruler.slot_added', { slot: said, seats: slot.extra });
        return there ? say('ruler.slot_elsewhere', { slot: said, there }) : said;
    }
</script>

<section
    class="day"
    data-ruler
    aria-label={called || (heading ? say('ruler.of_day', { heading, day: day.label }) : day.label)}
    bind:clientWidth={width}
>
    <h3 class="mb-2 text-[1.05rem]">{heading || day.label}</h3>
    {#if folds}
        <UprightDay {day} {chosen} {entry} {own} {spoken} {names} pick={(slot) => pick?.(slot, day)} />
    {:else}
        <!-- A wide day scrolls sideways on its own rather than shrinking its tabs under a thumb. -->
        <div class="window">
            <div class="scale" style:--length={day.length} style:--least={least / shortest}>
                {#each day.stretches as stretch (stretch.at)}
                    {#if handles && stretch.block !== null}{@render handles(stretch)}{:else}
                        <div class="band" style:--at={stretch.at} style:--long={stretch.length}></div>
                    {/if}
                    {#if stretch.left_over > 0}
                        <div
                            class="rest"
                            style:--at={stretch.at + stretch.length - stretch.left_over}
                            style:--long={stretch.left_over}
                            title={say('ruler.minutes_left_over', { minutes: stretch.left_over })}
                        ></div>
                    {/if}
                    {#each stretch.slots as slot (slot.key)}
                        <Tab
                            {slot}
                            chosen={slot.key === chosen}
                            entry={slot.key === entry}
                            name={names[slot.key]}
                            own={own(slot)}
                            spoken={spoken(slot)}
                            act={act(slot)}
                            picks={pick !== undefined}
                        />
                    {/each}
                {/each}
                <Marks {day} />
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
    .scale > :global(*) {
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
    /* Flat: one row a day. */
    @container ruler (min-width: 560px) {
        .scale {
            min-width: calc(var(--length) * var(--least) * 1px);
            height: 6.4rem;
        }
        .band,
        .rest {
            inset-inline-start: var(--place);
            width: var(--extent);
            top: 2.9rem;
            height: 1rem;
        }
    }
    /* Upright: time runs down the left edge. */
    @container ruler (max-width: 559.98px) {
        .window {
            overflow: visible;
            padding: 0.6rem 0;
            margin: 0;
        }
        .scale {
            height: calc(var(--length) * var(--least) * 1px);
            margin-inline-start: 3.4rem;
        }
        .band,
        .rest {
            top: var(--place);
            height: var(--extent);
            inset-inline-start: 0.9rem;
            width: 0.9rem;
        }
        .rest {
            background: repeating-linear-gradient(0deg, transparent 0 4px, var(--edge) 4px 5px);
        }
    }
</style>
