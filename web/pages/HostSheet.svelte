<script lang="ts">
    /** A sheet for its host: the link to pass on, the rulers, and who has booked. */
    import { Button, Input } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import { tick } from 'svelte';
    import { api, ask, type Schema } from '../lib/api';
    import ClockSwitch from '../parts/ClockSwitch.svelte';
    import Masthead from '../parts/Masthead.svelte';
    import Ruler from '../parts/Ruler.svelte';
    import HostBooking from '../host/HostBooking.svelte';
    import Links from '../host/Links.svelte';
    import ThrowAway from '../host/ThrowAway.svelte';
    import Share from '../host/Share.svelte';
    import SlotPanel from '../host/SlotPanel.svelte';

    interface Props {
        host: string;
        sheet: Schema['HostSheet'];
    }
    let { host, sheet: first }: Props = $props();

    let changed = $state<Schema['HostSheet'] | null>(null);
    const sheet = $derived(changed ?? first);
    /** Away from a slot's panel, back to its tab, where the eye and the focus were. */
    async function leave() {
        const key = chosen?.slot.key;
        chosen = null;
        await tick();
        document.querySelector<HTMLElement>(`[data-key="${key}"]`)?.focus({ preventScroll: true });
    }
    const booked = $derived(sheet.bookings.filter((one) => one.state !== 'cancelled' && one.state !== 'declined'));
    const asked = $derived(booked.filter((one) => one.state === 'asked'));
    const off = $derived(sheet.bookings.filter((one) => one.state === 'cancelled' || one.state === 'declined'));
    let message = $state('');
    let note = $state('');
    let chosen = $state<{ slot: Schema['RulerSlot']; label: string } | null>(null);

    async function publish() {
        const answer = await ask(
            api.POST('/api/staff/sheets/{sheet}/publish', { params: { path: { sheet: sheet.id } } }),
        );
        if (answer.data) changed = answer.data;
        message = answer.trouble?.message ?? '';
    }
    async function turn(to: 'open' | 'paused' | 'closed') {
        const answer = await ask(
            api.POST('/api/staff/sheets/{sheet}/state', {
                params: { path: { sheet: sheet.id } },
                body: { state: to, note },
            }),
        );
        if (answer.data) changed = answer.data;
        message = answer.trouble?.fields.note ?? answer.trouble?.message ?? '';
    }
    async function later(from: string | null) {
        const answer = await ask(
            api.GET('/api/staff/sheets/{sheet}', {
                params: { path: { sheet: sheet.id }, query: from ? { from } : {} },
            }),
        );
        if (answer.data) changed = answer.data;
    }

    const names = $derived(
        Object.fromEntries(
            sheet.days.flatMap((day) =>
                day.stretches.flatMap((stretch) =>
                    stretch.slots
                        .filter((slot) => booked.some((one) => one.key === slot.key))
                        .map((slot) => [
                            slot.key,
                            booked
                                .filter((one) => one.key === slot.key)
                                .map((one) => one.student || one.name)
                                .join(', '),
                        ]),
                ),
            ),
        ),
    );
</script>

<main class="sheet-of-paper">
    <Masthead {host} />
    <div class="flex flex-wrap items-center gap-3">
        <h1>{sheet.title}</h1>
        <span class="chip {sheet.state}">{sheet.state}</span>
        {#if sheet.can_change}<Button color="alternative" class="ml-auto" href="/staff/sheets/{sheet.id}/edit"
                >Change it</Button
            >{/if}
    </div>
    <p class="times mt-1 text-faint">{sheet.can_change ? '' : `${sheet.owner}. `}{sheet.when} ({sheet.zone})</p>
    {#if message}<Notice class="mt-3">{message}</Notice>{/if}

    {#if sheet.state === 'draft'}
        <section class="slip mt-6 max-w-3xl" aria-label="Share">
            <p class="mb-3">This is a draft. Nobody but you sees it.</p>
            <Button onclick={publish}>Publish</Button>
        </section>
    {:else if sheet.can_change}
        <Share {sheet} changed={(now) => (changed = now)} />
        <div class="mt-3 flex flex-wrap items-end gap-3">
            {#if sheet.state === 'open'}
                <details>
                    <summary class="min-h-11 cursor-pointer py-2 text-board underline underline-offset-4"
                        >Pause it or close it</summary
                    >
                    <div class="grid max-w-xl gap-3 py-2">
                        <label for="pause-note" class="font-semibold">What visitors read while it is paused</label>
                        <Input id="pause-note" maxlength={500} bind:value={note} />
                        <div class="flex flex-wrap gap-3">
                            <Button color="alternative" onclick={() => turn('paused')}>Pause it</Button>
                            <Button color="red" outline onclick={() => turn('closed')}>Close it</Button>
                        </div>
                        <p class="text-faint">What is booked stays booked either way.</p>
                    </div>
                </details>
            {:else}
                <p>
                    {sheet.state === 'paused' ? 'Visitors read: ' : 'Booking is closed. '}{sheet.state === 'paused'
                        ? `“${sheet.note || 'Booking is paused just now.'}”`
                        : ''}
                </p>
                <Button color="alternative" onclick={() => turn('open')}>Open it again</Button>
            {/if}
        </div>
    {/if}

    {#if sheet.can_change && sheet.can_throw_away}
        <div class="mt-3">
            <ThrowAway id={sheet.id} published={sheet.state !== 'draft'} />
        </div>
    {/if}

    {#if asked.length > 0}
        <section class="mt-8" aria-labelledby="asked">
            <h2 id="asked" class="mb-3">
                {asked.length === 1 ? 'One wish to answer' : `${asked.length} wishes to answer`}
            </h2>
            <ul class="grid gap-3">
                {#each asked as booking (booking.id)}
                    <HostBooking {sheet} {booking} changed={(now) => (changed = now)} />
                {/each}
            </ul>
        </section>
    {/if}

    <section class="mt-8" aria-labelledby="times">
        <div class="mb-2 flex flex-wrap items-baseline gap-x-4">
            <h2 id="times">{sheet.taken} of {sheet.slots} taken{sheet.more ? ' on these days' : ''}</h2>
            <span class="ml-auto"><ClockSwitch /></span>
        </div>
        <p class="mb-2 text-faint">
            {sheet.can_change
                ? 'Press a time to close it, to add a seat, or to book it for somebody.'
                : 'Press a free time to book it for somebody.'}
        </p>
        <div class="grid gap-6">
            {#each sheet.days as day (day.date)}
                <Ruler
                    {day}
                    {names}
                    press={(slot) => (chosen = { slot, label: day.label })}
                    chosen={chosen?.slot.key}
                />
                {#if chosen && day.stretches.some((part) => part.slots.some((slot) => slot.key === chosen?.slot.key))}
                    <SlotPanel
                        {sheet}
                        slot={chosen.slot}
                        label={chosen.label}
                        done={leave}
                        changed={(now) => {
                            changed = now;
                            void leave();
                        }}
                    />
                {/if}
            {/each}
        </div>
        {#if sheet.later}<Button color="alternative" class="mt-3" onclick={() => later(sheet.later)}>Later days</Button
            >{/if}
    </section>

    <section class="mt-8" aria-labelledby="who">
        <div class="mb-3 flex flex-wrap items-baseline gap-4">
            <h2 id="who">Who has booked</h2>
            {#if sheet.bookings.length > 0}
                <span class="ml-auto"
                    ><a href="/staff/sheets/{sheet.id}/files/bookings.csv" download>as CSV</a> ·
                    <a href="/staff/sheets/{sheet.id}/files/bookings.xlsx" download>as a workbook</a></span
                >
            {/if}
        </div>
        {#if sheet.can_change && (sheet.links_missing > 0 || booked.some((one) => one.video))}
            <Links {sheet} changed={(now) => (changed = now)} />
        {/if}
        {#if booked.length === asked.length}
            <p>Nobody yet.</p>
        {:else}
            <ul class="grid gap-3">
                {#each booked.filter((one) => one.state === 'booked') as booking (booking.id)}
                    <HostBooking {sheet} {booking} changed={(now) => (changed = now)} />
                {/each}
            </ul>
        {/if}
        {#if off.length > 0}
            <h3 class="mt-8 mb-2">Cancelled</h3>
            <ul class="grid gap-1">
                {#each off as booking (booking.id)}
                    <li class="text-faint">
                        <span class="times">{booking.day} {booking.from}</span> · {booking.student || booking.name} ·
                        {booking.cancelled_by === 'host'
                            ? booking.state === 'declined'
                                ? 'declined'
                                : 'by you'
                            : booking.cancelled_by === 'office'
                              ? 'by the office'
                              : `by ${booking.name}`}{booking.cancel_note ? `: “${booking.cancel_note}”` : ''}
                    </li>
                {/each}
            </ul>
        {/if}
    </section>
    <p class="mt-8 text-faint">
        In open formats: <a href="/staff/sheets/{sheet.id}/files/sheet.json" download>the sheet as JSON</a> ·
        <a href="/staff/sheets/{sheet.id}/files/availability.ics" download>its times as availability</a>
    </p>
</main>
