<script lang="ts">
    /** A published sheet for its host: the link to pass on, the rulers, and who has booked. */
    import { api, ask, type Schema } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import ClockSwitch from '../parts/ClockSwitch.svelte';
    import GiveBack from '../parts/GiveBack.svelte';
    import Masthead from '../parts/Masthead.svelte';
    import Ruler from '../parts/Ruler.svelte';

    interface Props {
        host: string;
        sheet: Schema['HostSheet'];
    }
    let { host, sheet: first }: Props = $props();

    let changed = $state<Schema['HostSheet'] | null>(null);
    const sheet = $derived(changed ?? first);
    const booked = $derived(sheet.bookings.filter((booking) => booking.state === 'booked'));
    const cancelled = $derived(sheet.bookings.filter((booking) => booking.state === 'cancelled'));

    let copied = $state(false);
    let message = $state('');
    let link = $state<HTMLInputElement>();

    async function copy() {
        try {
            await navigator.clipboard.writeText(sheet.link);
        } catch {
            // Without https there is no clipboard for scripts; the marked text is one key away.
            link?.select();
            return;
        }
        copied = true;
        setTimeout(() => (copied = false), 3000);
    }

    async function publish() {
        const answer = await ask(
            api.POST('/api/staff/sheets/{sheet}/publish', { params: { path: { sheet: sheet.id } } }),
        );
        if (answer.data) changed = answer.data;
        message = answer.trouble?.message ?? '';
    }

    async function cancel(booking: number, note: string): Promise<string | null> {
        const answer = await ask(
            api.POST('/api/staff/bookings/{booking}/cancel', { params: { path: { booking } }, body: { note } }),
        );
        if (answer.data) changed = answer.data;
        return answer.trouble?.fields.note ?? answer.trouble?.message ?? null;
    }

    const names = $derived(
        Object.fromEntries(
            sheet.days.flatMap((day) =>
                day.stretches.flatMap((stretch) =>
                    stretch.slots
                        .filter((slot) => slot.state === 'taken')
                        .map((slot) => [
                            slot.key,
                            booked
                                .filter((one) => one.day === slot.day && one.from === slot.from)
                                .map((one) => one.student)
                                .join(', ') || 'taken',
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
        {#if sheet.bookings.length === 0}<a class="press ml-auto" href="/staff/sheets/{sheet.id}/edit">Change it</a
            >{/if}
    </div>
    <p class="times mt-1 text-faint">{sheet.when} ({sheet.zone})</p>

    <section class="slip mt-6 max-w-3xl" aria-label="Share">
        {#if sheet.state === 'draft'}
            <p class="mb-3">This is a draft. Nobody but you sees it.</p>
            <button type="button" class="press main" onclick={publish}>Publish</button>
            {#if message}<p class="notice mt-3" role="alert">{message}</p>{/if}
        {:else}
            <label for="link" class="mb-1 block font-semibold">The link to pass on</label>
            <div class="flex flex-wrap gap-3">
                <input
                    id="link"
                    bind:this={link}
                    readonly
                    value={sheet.link}
                    class="link"
                    onfocus={(event) => event.currentTarget.select()}
                />
                <button type="button" class="press main" onclick={copy}>{copied ? 'Copied' : 'Copy'}</button>
                <a class="press" href={sheet.link}>See it as a visitor</a>
            </div>
            <p class="sr-only" role="status">{copied ? 'The link is copied.' : ''}</p>
        {/if}
    </section>

    <section class="mt-8" aria-labelledby="times">
        <div class="mb-2 flex flex-wrap items-baseline gap-x-4">
            <h2 id="times">{sheet.taken} of {sheet.slots} taken</h2>
            <span class="ml-auto"><ClockSwitch /></span>
        </div>
        <div class="grid gap-6">
            {#each sheet.days as day (day.date)}<Ruler {day} {names} />{/each}
        </div>
    </section>

    <section class="mt-8" aria-labelledby="who">
        <h2 id="who" class="mb-3">Who has booked</h2>
        {#if booked.length === 0}
            <p>Nobody yet.</p>
        {:else}
            <ul class="grid gap-3">
                {#each booked as booking (booking.id)}
                    <li class="slip grid gap-x-6 gap-y-2 md:grid-cols-[9rem_minmax(0,1fr)_auto]">
                        <p class="times font-semibold">{booking.day}<br />{clock.say(booking.from)}</p>
                        <div>
                            <p class="text-lg font-semibold">{booking.student}</p>
                            <p>
                                {booking.name} ·
                                <a class="inline-block py-1" href="tel:{booking.phone.replace(/[^+\d]/g, '')}"
                                    >{booking.phone}</a
                                >
                                · <a class="inline-block py-1" href="mailto:{booking.email}">{booking.email}</a>
                            </p>
                            <p class="text-faint">{booking.place}</p>
                        </div>
                        {#if booking.can_cancel}
                            <div>
                                <GiveBack
                                    id={booking.id}
                                    open="Cancel"
                                    ask="A word to {booking.name}"
                                    go="Cancel it and send the message"
                                    keep="Leave it as it is"
                                    act={(note) => cancel(booking.id, note)}
                                />
                            </div>
                        {/if}
                    </li>
                {/each}
            </ul>
        {/if}
        {#if cancelled.length > 0}
            <h3 class="mt-8 mb-2">Cancelled</h3>
            <ul class="grid gap-1">
                {#each cancelled as booking (booking.id)}
                    <li class="text-faint">
                        <span class="times">{booking.day} {clock.say(booking.from)}</span> · {booking.student} ·
                        {booking.cancelled_by === 'host' ? 'by you' : `by ${booking.name}`}{booking.cancel_note
                            ? `: “${booking.cancel_note}”`
                            : ''}
                    </li>
                {/each}
            </ul>
        {/if}
    </section>
</main>

<style>
    .link {
        flex: 1 1 16rem;
        min-width: 0;
        min-height: 2.75rem;
        padding: 0.3rem 0.6rem;
        border: 1px solid var(--edge);
        border-radius: 6px;
        background: var(--paper);
        color: var(--ink);
    }
</style>
