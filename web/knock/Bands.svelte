<script lang="ts">
    /** A day as a ruler with its bands: above what all have in common, below when each has time. Choices are put on it, moved and stretched. */
    import { say } from '../lib/say';
    import { along, runsLeft } from '../lib/way';
    import { clock } from '../lib/clock.svelte';
    import Marks from './Marks.svelte';
    import type { Choice, Choices, Day } from './choices.svelte';

    interface Props {
        day: Day;
        choices: Choices;
        /** Whose bands they are, as they are called. */
        host: string;
        own?: string;
    }
    let { day, choices, host, own = say('asking.band_you') }: Props = $props();

    let track = $state<HTMLElement>();
    let pulled = $state<'whole' | 'end' | null>(null);

    const place = (at: number) => `${(at / day.length) * 100}%`;
    /** Those that lie on this day, with their place in the list. */
    const mine = $derived(
        choices.list.flatMap((choice, i) => {
            const start = day.starts.find((one) => one.key === choice.key);
            return start ? [{ choice, i, at: start.at }] : [];
        }),
    );
    const ORDER = [say('asking.first_choice'), say('asking.second_choice'), say('asking.third_choice')];
    const spoken = (choice: Choice) =>
        say('pages.slot', { day: day.label, from: clock.say(choice.from), until: clock.say(choice.until) });
    const said = $derived(
        day.common.length === 0
            ? say('asking.band_none', { day: day.label })
            : say('asking.band', { day: day.label, spans: day.common.map((one) => one.said).join(', ') }),
    );

    /** Minutes from the end where the day begins. */
    function under(event: PointerEvent | MouseEvent): number {
        const box = track!.getBoundingClientRect();
        return ((runsLeft() ? box.right - event.clientX : event.clientX - box.left) / box.width) * day.length;
    }
    function press(event: MouseEvent) {
        if (pulled === null) choices.put(day, under(event));
    }
    function grab(event: PointerEvent, i: number, what: 'whole' | 'end') {
        event.stopPropagation();
        choices.at = i;
        pulled = what;
        (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
    }
    function pull(event: PointerEvent) {
        const one = mine.find((other) => other.i === choices.at);
        if (pulled === null || !one) return;
        if (pulled === 'whole') return choices.put(day, under(event));
        const wished = under(event) - one.at;
        const near = [...choices.lengths(one.choice)].sort((a, b) => Math.abs(a - wished) - Math.abs(b - wished))[0];
        if (near && near !== one.choice.minutes) choices.resize(near);
    }
    function release() {
        // The press that follows a pull is the pull's own.
        setTimeout(() => (pulled = null));
    }
    function key(event: KeyboardEvent, i: number) {
        const act: Record<string, () => void> = {
            ArrowLeft: () => (event.shiftKey ? choices.stretch(-1) : choices.step(-1)),
            ArrowRight: () => (event.shiftKey ? choices.stretch(1) : choices.step(1)),
            ArrowUp: () => choices.toDay(-1),
            ArrowDown: () => choices.toDay(1),
            '-': () => choices.stretch(-1),
            '+': () => choices.stretch(1),
            Home: () => choices.step('first'),
            End: () => choices.step('last'),
            Delete: () => choices.remove(i),
        };
        const meant = act[along(event.key)];
        if (!meant) return;
        event.preventDefault();
        choices.at = i;
        meant();
        // Where it went is where the keys go on.
        requestAnimationFrame(() => document.querySelector<HTMLElement>(`[data-choice="${choices.at}"]`)?.focus());
    }
</script>

<section class="day" aria-label={said}>
    <h3>{day.short}</h3>
    <!-- The button beside it does the same for whoever has no pointer. -->
    <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
    <div class="track" class:short={day.own === null} bind:this={track} onclick={press}>
        <Marks marks={day.marks} length={day.length} now={day.now} />
        {#each day.common as band (band.at)}
            <span class="band common" style:inset-inline-start={place(band.at)} style:width={place(band.length)}></span>
        {/each}
        {#each day.host as band (band.at)}
            <span class="band host" style:inset-inline-start={place(band.at)} style:width={place(band.length)}></span>
        {/each}
        {#if day.own}{#each day.own as band (band.at)}
                <span class="band own" style:inset-inline-start={place(band.at)} style:width={place(band.length)}
                ></span>
            {/each}{/if}
        {#each mine as { choice, i, at } (choice.key)}
            <div
                class="choice"
                class:current={i === choices.at}
                style:inset-inline-start={place(at)}
                style:width={place(choice.minutes)}
            >
                <button
                    type="button"
                    class="hold times"
                    role="slider"
                    data-choice={i}
                    aria-label={ORDER[i]}
                    aria-valuemin={0}
                    aria-valuemax={day.length}
                    aria-valuenow={at}
                    aria-valuetext={spoken(choice)}
                    title={spoken(choice)}
                    onpointerdown={(event) => grab(event, i, 'whole')}
                    onpointermove={pull}
                    onpointerup={release}
                    onpointercancel={release}
                    onclick={(event) => event.stopPropagation()}
                    onkeydown={(event) => key(event, i)}>{i + 1}</button
                >
                <!-- The length has buttons and keys of its own. -->
                <span
                    class="end"
                    aria-hidden="true"
                    onpointerdown={(event) => grab(event, i, 'end')}
                    onpointermove={pull}
                    onpointerup={release}
                    onpointercancel={release}
                    onclick={(event) => event.stopPropagation()}
                ></span>
            </div>
        {/each}
    </div>
    <p class="names" aria-hidden="true">
        <span>{day.own ? say('asking.band_both') : ''}</span><span>{host}</span><span>{day.own ? own : ''}</span>
    </p>
    <button
        type="button"
        class="link put times"
        disabled={day.starts.length === 0}
        aria-label={say(`asking.put_on_${Math.min(choices.at, 2)}`, { day: day.label })}
        onclick={() => choices.put(day, day.starts[0]?.at ?? 0)}
        >{day.starts.length === 0
            ? say('asking.band_nothing')
            : say('asking.band_from', { at: clock.brief(day.starts[0]!.from) })}</button
    >
</section>

<style>
    .day {
        display: grid;
        grid-template-columns: 5.6rem minmax(0, 1fr) 2.6rem 5.4rem;
        align-items: center;
        gap: 0 0.6rem;
    }
    h3 {
        font-size: 0.95rem;
    }
    .track {
        position: relative;
        height: 3.9rem;
        cursor: pointer;
        touch-action: pan-y;
        border-bottom: 1px solid var(--line);
    }
    .track.short {
        height: 3.35rem;
    }
    .band {
        position: absolute;
        pointer-events: none;
    }
    .common {
        top: 0.95rem;
        height: 1.5rem;
        background: var(--wash);
        border: 1.5px solid var(--board);
        border-radius: 4px;
    }
    .band.host {
        top: 2.65rem;
        height: 0.4rem;
        background: var(--faint);
    }
    .own {
        top: 3.25rem;
        height: 0.4rem;
        background: repeating-linear-gradient(90deg, var(--faint) 0 4px, transparent 4px 6px);
    }
    .names {
        display: grid;
        align-content: start;
        height: 3.9rem;
        padding-top: 0.95rem;
        grid-template-rows: 1.6rem 0.6rem 0.6rem;
        font-size: 0.72rem;
        line-height: 1;
        color: var(--faint);
        overflow: hidden;
        white-space: nowrap;
    }
    .names span:first-child {
        align-self: center;
    }
    .put {
        text-align: start;
        font-size: 0.9rem;
    }
    .put[disabled] {
        color: var(--faint);
        text-decoration: none;
        cursor: default;
    }
    .choice {
        position: absolute;
        top: 0.7rem;
        height: 2rem;
        z-index: 2;
    }
    .hold {
        width: 100%;
        height: 100%;
        min-width: 1rem;
        color: var(--on-board);
        background: var(--board);
        border: 2px solid var(--board);
        border-radius: 5px;
        font-weight: 700;
        font-size: 0.9rem;
        cursor: grab;
        touch-action: none;
        overflow: hidden;
    }
    .current .hold {
        border-color: var(--marigold);
    }
    .end {
        position: absolute;
        top: 0.35rem;
        inset-inline-end: -0.35rem;
        width: 0.7rem;
        height: 1.3rem;
        border: 2px solid var(--board);
        border-radius: 3px;
        background: var(--card);
        cursor: ew-resize;
        touch-action: none;
    }
    @media (max-width: 40rem) {
        .day {
            grid-template-columns: minmax(0, 1fr) auto;
        }
        .track {
            grid-column: 1 / -1;
            grid-row: 2;
            height: 4.3rem;
        }
        .track.short {
            height: 3.9rem;
        }
        .common {
            height: 2rem;
        }
        .choice {
            height: 2.5rem;
        }
        .end {
            top: 0.5rem;
            height: 1.5rem;
        }
        .band.host {
            top: 3.2rem;
        }
        .own {
            top: 3.8rem;
        }
        .names {
            display: none;
        }
        .put {
            grid-column: 2;
            grid-row: 1;
            min-height: 2.75rem;
        }
    }
</style>
