<script lang="ts">
    /** A sheet as a visitor sees it: pick a time on the rulers, say who you are, and it is yours. One page. */
    import { tick } from 'svelte';
    import type { Schema } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import Answers from '../parts/Answers.svelte';
    import ClockSwitch from '../parts/ClockSwitch.svelte';
    import Masthead from '../parts/Masthead.svelte';
    import PassBooking from '../parts/PassBooking.svelte';
    import Ruler from '../parts/Ruler.svelte';

    let first: Schema['VisitSheet'] = $props();

    let refreshed = $state<Schema['VisitSheet'] | null>(null);
    const sheet = $derived(refreshed ?? first);
    let chosen = $state<{ slot: Schema['Slot']; day: string } | null>(null);
    let answers = $state({ name: '', email: '', student: '', phone: '' });
    let pass = $state<Schema['Pass'] | null>(null);
    let gone = $state<{ time: string; reason: Schema['State'] | undefined; nearest: Schema['Slot'][] } | null>(null);
    let slip = $state<HTMLElement>();

    async function show() {
        await tick();
        slip?.focus({ preventScroll: true });
        slip?.scrollIntoView({ block: 'start' });
    }

    function pick(slot: Schema['Slot'], label: string) {
        chosen = { slot, day: label };
        gone = null;
        void show();
    }

    /** Back to the ruler, where the finger left it; what is typed stays. */
    function another() {
        const tab = document.querySelector<HTMLElement>(`[data-key="${chosen?.slot.key}"]`);
        tab?.focus({ preventScroll: true });
        tab?.scrollIntoView({ block: 'center' });
    }

    function beaten(answer: Schema['Gone']) {
        const lost = chosen?.slot;
        if (answer.sheet) refreshed = answer.sheet;
        const now = answer.sheet?.days
            .flatMap((day) => day.stretches.flatMap((part) => part.slots))
            .find((slot) => slot.key === lost?.key);
        gone = { time: lost?.from ?? '', reason: now?.state, nearest: answer.nearest ?? [] };
        chosen = null;
        void show();
    }

    const dayOf = (slot: Schema['Slot']) =>
        sheet.days.find((day) => day.stretches.some((part) => part.slots.some((one) => one.key === slot.key)))?.label ??
        slot.day;

    function yours(answer: Schema['Pass']) {
        pass = answer;
        chosen = null;
        void show();
    }
</script>

<main class="sheet-of-paper">
    <Masthead school={sheet.school} />
    <h1>{sheet.title}</h1>
    <p class="mt-1 text-lg">with <strong>{sheet.host.name}</strong>, {sheet.host.subject}</p>
    {#if sheet.intro}<p class="mt-3 max-w-prose whitespace-pre-line">{sheet.intro}</p>{/if}
    <ul class="mt-3 text-faint">
        {#each sheet.places as place (place.id)}
            <li><span class="font-semibold text-ink">{place.label}.</span> {place.directions}</li>
        {/each}
        <li>Times are {sheet.zone}. {sheet.lead}</li>
    </ul>

    {#if pass}
        <section class="mt-8 max-w-3xl scroll-mt-4" tabindex="-1" bind:this={slip} aria-labelledby="yours">
            {#if pass.bookings[0]?.state === 'booked'}
                <div class="good-news mb-4">
                    <h2 id="yours">This time is yours.</h2>
                    <p>
                        A message with a calendar entry is on its way to {pass.email}. Everything stays on
                        <a href={pass.path}>your pass</a>; keep its address to yourself.
                    </p>
                </div>
            {:else}
                <h2 id="yours" class="mb-4">Your pass</h2>
            {/if}
            {#each pass.bookings as booking (booking.id)}
                <PassBooking {pass} {booking} changed={(now) => (pass = now)} />
            {/each}
        </section>
    {:else}
        <section class="mt-8" aria-labelledby="times">
            <div class="mb-2 flex flex-wrap items-baseline gap-x-4">
                <h2 id="times">{sheet.free === 0 ? 'Every time is taken' : 'Pick a time'}</h2>
                <p class="text-faint">{sheet.free} free</p>
                <span class="ml-auto"><ClockSwitch /></span>
            </div>
            {#if sheet.free === 0}<p class="mb-4">
                    Look in again later: a time that somebody gives back is free at once. Or ring the office.
                </p>{/if}
            <div class="grid gap-6">
                {#each sheet.days as day (day.date)}
                    <Ruler {day} chosen={chosen?.slot.key} pick={(slot) => pick(slot, day.label)} />
                {/each}
            </div>
        </section>

        {#if gone}
            <section class="mt-6 max-w-3xl scroll-mt-4" tabindex="-1" bind:this={slip} aria-label="That time is gone">
                <div class="notice" role="alert">
                    <p class="font-semibold">
                        {gone.reason === undefined || gone.reason === 'taken'
                            ? `Somebody has just taken ${clock.say(gone.time)}.`
                            : `${clock.say(gone.time)} cannot be booked any more.`}
                        {gone.nearest.length === 0
                            ? 'Nothing else is free on this sheet now.'
                            : 'What you typed is kept. These are free:'}
                    </p>
                </div>
                <div class="mt-3 flex flex-wrap gap-3">
                    {#each gone.nearest as near (near.key)}
                        <button type="button" class="press" onclick={() => pick(near, dayOf(near))}>
                            {sheet.days.length > 1 ? `${near.day} ` : ''}{clock.say(near.from)}
                        </button>
                    {/each}
                </div>
            </section>
        {:else if chosen}
            <section class="slip mt-6 max-w-3xl scroll-mt-4" tabindex="-1" bind:this={slip} aria-labelledby="chosen">
                <div class="mb-4 flex flex-wrap items-center gap-x-4 gap-y-1">
                    <h2 id="chosen">
                        <time>{chosen.day}, {clock.say(chosen.slot.from)} to {clock.say(chosen.slot.until)}</time>
                    </h2>
                    <button
                        type="button"
                        class="min-h-11 cursor-pointer text-board underline underline-offset-4"
                        onclick={another}
                    >
                        Another time
                    </button>
                </div>
                <Answers {sheet} slot={chosen.slot} bind:answers booked={yours} {beaten} />
            </section>
        {/if}
    {/if}
</main>
