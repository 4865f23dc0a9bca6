<script lang="ts">
    /** A sheet for its host: the link to pass on, the rulers, and who has booked. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
    import { Badge, Button } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import UndoToast from '../controls/UndoToast.svelte';
    import AskedOfYou from '../host/AskedOfYou.svelte';
    import Notice from '../controls/Notice.svelte';
    import { onMount, tick } from 'svelte';
    import { api, ask, type Schema } from '../lib/api';
    import { Live } from '../lib/live.svelte';
    import ClockSwitch from '../parts/ClockSwitch.svelte';
    import Heard from '../parts/Heard.svelte';
    import StaffHead from '../parts/StaffHead.svelte';
    import Ruler from '../ruler/Ruler.svelte';
    import HostBooking from '../host/HostBooking.svelte';
    import Roster from '../host/Roster.svelte';
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
    const standing = $derived(booked.filter((one) => one.state !== 'asked'));
    /** Of many days the nearest are drawn, the others a press away. */
    const NEAR = 2;
    const FEW = 4;
    let unfolded = $state<string[]>([]);
    const many = $derived(sheet.days.length > FEW);
    const near = $derived(many ? NEAR : FEW);
    /** Where days go on and on, who has booked stands before them: so many that the next ones are still in sight. */
    const whoFirst = $derived(many && standing.length > 0);
    const atOnce = $derived(whoFirst ? 8 : 30);
    let more = $state(0);
    const most = $derived(atOnce + more);
    const fold = (date: string) =>
        (unfolded = unfolded.includes(date) ? unfolded.filter((one) => one !== date) : [...unfolded, date]);
    const slotsOf = (day: Schema['RulerDay']) => day.stretches.flatMap((part) => part.slots);
    const isChosen = (day: Schema['RulerDay']) => slotsOf(day).some((slot) => slot.key === chosen?.slot.key);
    function fillOf(day: Schema['RulerDay']): string {
        const slots = slotsOf(day);
        const taken = booked.filter((one) => slots.some((slot) => slot.key === one.key)).length;
        return taken === 0 ? say('hosting.day_none') : say('hosting.day_booked', { many: taken });
    }
    function offSaid({ state, off_said: said, cancel_note: note }: Schema['HostBooking']): string {
        if (state === 'declined')
            return note ? say('hosting.off_declined_note', { said, note }) : say('hosting.off_declined', { said });
        return note ? say('hosting.off_note', { said, note }) : said;
    }
    let message = $state('');
    let note = $state('');
    let chosen = $state<{ slot: Schema['RulerSlot']; label: string } | null>(null);

    const TURNED = {
        open: say('hosting.turned_open'),
        paused: say('hosting.turned_paused'),
        closed: say('hosting.turned_closed'),
        draft: say('hosting.turned_draft'),
    };
    let pausing = $state(false);
    let undo = $state<{ said: string; to: 'open' | 'paused' | 'closed' | 'draft' } | null>(null);

    /** A small sheet that nobody wrote: what was asked for and agreed. */
    const knock = $derived(sheet.kind === 'knock');
    async function turn(to: 'open' | 'paused' | 'closed' | 'draft') {
        const before = sheet.state;
        const answer = await ask(
            api.POST('/api/staff/sheets/{sheet}/state', {
                params: { path: { sheet: sheet.id } },
                body: { state: to, note },
            }),
        );
        if (answer.data) {
            pressed(answer.data);
            pausing = false;
            undo = { said: TURNED[to], to: before };
        }
        message = answer.trouble?.fields.note ?? answer.trouble?.message ?? '';
    }
    /** What was done last to a meeting is as if it had not been; nobody has heard of it. */
    async function takeBack() {
        if (!sheet.undo) return;
        const answer = await ask(
            api.POST('/api/staff/bookings/{booking}/undo', { params: { path: { booking: sheet.undo.booking } } }),
        );
        if (answer.data) pressed(answer.data);
        message = answer.trouble?.message ?? '';
    }
    let from: string | null = null;
    /** Whoever books, moves or gives back: seen at once. */
    const live = new Live(
        () => sheet.channel,
        (headers) =>
            api.GET('/api/staff/sheets/{sheet}', {
                params: { path: { sheet: sheet.id }, query: from ? { from } : {} },
                headers,
            }),
        (data) => (changed = data),
    );
    onMount(() => (sheet.state === 'draft' ? undefined : live.start()));
    /** What came with the answer to a press is newer than what is looked up just then. */
    function pressed(now: Schema['HostSheet']) {
        live.fresh();
        changed = now;
    }
    async function later(to: string | null) {
        from = to;
        const answer = await ask(
            api.GET('/api/staff/sheets/{sheet}', {
                params: { path: { sheet: sheet.id }, query: from ? { from } : {} },
            }),
        );
        if (answer.data) pressed(answer.data);
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

{#snippet drawn(day: Schema['RulerDay'])}
    <Ruler {day} {names} press={(slot) => (chosen = { slot, label: day.label })} chosen={chosen?.slot.key} />
    {#if chosen && isChosen(day)}
        <SlotPanel
            {sheet}
            slot={chosen.slot}
            label={chosen.label}
            done={leave}
            changed={(now) => {
                pressed(now);
                void leave();
            }}
        />
    {/if}
{/snippet}

{#snippet who()}
    <section class="mt-4" aria-labelledby="who">
        <div class="mb-3 flex flex-wrap items-baseline gap-4">
            <h2 id="who">{say('hosting.who_has_booked')}</h2>
            {#if sheet.bookings.length > 0 && !knock}
                <span class="ms-auto"
                    ><a href="/staff/sheets/{sheet.id}/files/bookings.csv" download>{say('hosting.as_csv')}</a> ·
                    <a href="/staff/sheets/{sheet.id}/files/bookings.xlsx" download>{say('hosting.as_a_workbook')}</a> ·
                    <a href="/staff/sheets/{sheet.id}/files/bookings.pdf">{say('hosting.on_paper')}</a></span
                >
            {/if}
        </div>
        {#if sheet.can_change && (sheet.links_missing > 0 || booked.some((one) => one.video))}
            <Links {sheet} changed={pressed} />
        {/if}
        {#if booked.length === asked.length}
            <p>{say('hosting.nobody_yet')}</p>
        {:else}
            <ul class="border-t border-line">
                {#each standing.slice(0, most) as booking (booking.id)}
                    <HostBooking {sheet} {booking} changed={pressed} />
                {/each}
            </ul>
            {#if standing.length > most}<Button color="alternative" class="mt-2" onclick={() => (more += 30)}
                    >{say('hosting.show_more_of', {
                        more: Math.min(30, standing.length - most),
                        all: standing.length,
                    })}</Button
                >{/if}
        {/if}
        {#if off.length > 0}
            <h3 class="mt-6 mb-1">{say('hosting.cancelled')}</h3>
            <ul class="grid gap-1">
                {#each off as booking (booking.id)}
                    <li class="text-faint">
                        <span class="times">{booking.day} {booking.from}</span> · {booking.student || booking.name} ·
                        {offSaid(booking)}
                    </li>
                {/each}
            </ul>
        {/if}
    </section>
{/snippet}

<main class="sheet-of-paper">
    <StaffHead {host} />
    <Heard {live} />
    <div class="flex flex-wrap items-center gap-x-3">
        <h1>{sheet.title}</h1>
        {#if !knock}<Badge color={sheet.state === 'open' ? 'primary' : 'gray'} border
                >{say(`hosting.state_${sheet.state}`)}</Badge
            >{/if}
        <p class="times min-w-0 flex-1 basis-72 text-faint">
            {#if knock}<Said key="hosting.knock_agreed"
                    >{#snippet link(text)}<a href="/staff/knocks">{text}</a>{/snippet}</Said
                >{:else}{sheet.can_change ? '' : `${sheet.owner}. `}{sheet.when} ({sheet.zone}){#if sheet.colleagues}
                    {sheet.colleagues}{/if}{/if}
        </p>
        {#if sheet.state !== 'draft' && !knock}<Button
                color="alternative"
                href="/staff/lists?whom={sheet.id}{sheet.days[0] ? `&date=${sheet.days[0].date}` : ''}"
                >{say('hosting.paper')}</Button
            >
            <Button color="alternative" href="/staff/sheets/{sheet.id}/afterwards">{say('hosting.afterwards')}</Button
            >{/if}
        {#if sheet.of_round}<Button color="alternative" href="/staff/rounds">{say('hosting.round_part')}</Button>
        {:else if sheet.can_change}<Button color="alternative" href="/staff/sheets/{sheet.id}/languages"
                >{say('versions.link')}</Button
            ><Button color="alternative" href="/staff/sheets/{sheet.id}/edit">{say('hosting.change_it')}</Button>{/if}
    </div>
    {#if sheet.asked_of_you}<AskedOfYou {sheet} />{/if}
    {#if message}<Notice class="mt-2">{message}</Notice>{/if}

    {#if sheet.state === 'draft'}
        <div class="mt-2 flex flex-wrap items-center gap-3">
            <p>
                {sheet.of_round ? say('hosting.wishes_round') : say('hosting.draft')}
            </p>
            {#if sheet.can_change && !sheet.of_round}<Button href="/staff/sheets/{sheet.id}/edit#publish"
                    >{say('hosting.publish')}</Button
                >{/if}
            {#if sheet.can_change && sheet.can_throw_away}<ThrowAway id={sheet.id} published={false} />{/if}
        </div>
    {:else if sheet.can_change}
        <Share {sheet} changed={pressed}>
            {#snippet beside()}
                {#if sheet.state === 'open'}
                    <Button color="alternative" aria-expanded={pausing} onclick={() => (pausing = !pausing)}
                        >{say('hosting.pause_or_close')}</Button
                    >
                {:else}
                    <Button color="alternative" onclick={() => turn('open')}>{say('hosting.open_it_again')}</Button>
                {/if}
                {#if sheet.can_be_draft}<Button color="alternative" onclick={() => turn('draft')}
                        >{say('hosting.back_to_a_draft')}</Button
                    >{/if}
                {#if sheet.can_throw_away}<ThrowAway id={sheet.id} published />{/if}
            {/snippet}
        </Share>
        {#if sheet.state !== 'open'}
            <p class="mt-2">
                {sheet.state === 'paused'
                    ? say('hosting.visitors_read', { note: sheet.note || say('hosting.paused_usual') })
                    : say('hosting.closed')}
            </p>
        {:else if pausing}
            <div class="mt-2 grid max-w-2xl gap-3">
                <Field name="pause-note" label={say('hosting.pause_note')} maxlength={500} bind:value={note} />
                <div class="flex flex-wrap items-center gap-3">
                    <Button color="alternative" onclick={() => turn('paused')}>{say('hosting.pause_it')}</Button>
                    <Button color="red" outline onclick={() => turn('closed')}>{say('hosting.close_it')}</Button>
                    <span class="text-faint">{say('hosting.pause_stands')}</span>
                </div>
            </div>
        {/if}
    {/if}

    {#if asked.length > 0}
        <section class="mt-4" aria-labelledby="asked">
            <h2 id="asked" class="mb-3">
                {say('hosting.wishes', { many: asked.length })}
            </h2>
            <ul class="grid gap-3">
                {#each asked as booking (booking.id)}
                    <HostBooking {sheet} {booking} changed={pressed} />
                {/each}
            </ul>
        </section>
    {/if}

    {#if whoFirst}{@render who()}{/if}
    {#if !knock}
        <section class="mt-4" aria-labelledby="times">
            <div class="mb-1 flex flex-wrap items-baseline gap-x-4">
                <h2 id="times">{sheet.fill}</h2>
                <p class="text-faint">
                    {sheet.can_change ? say('hosting.press_own') : say('hosting.press_free')}
                </p>
                <span class="ms-auto"><ClockSwitch again={() => live.anew()} /></span>
            </div>
            <div class="grid gap-3">
                {#each sheet.days.slice(0, near) as day (day.date)}{@render drawn(day)}{/each}
                {#if sheet.days.length > near}
                    <ul class="grid grid-cols-2 gap-x-6 md:grid-cols-4" aria-label={say('hosting.days_after')}>
                        {#each sheet.days.slice(near) as day (day.date)}
                            <li class="border-b border-line">
                                <button
                                    type="button"
                                    class="flex min-h-11 w-full flex-wrap items-center gap-x-3 text-start"
                                    aria-expanded={unfolded.includes(day.date)}
                                    onclick={() => fold(day.date)}
                                    ><span class="font-semibold underline">{day.short}</span><span class="text-faint"
                                        >{fillOf(day)}</span
                                    ></button
                                >
                            </li>
                        {/each}
                    </ul>
                {/if}
                {#each sheet.days.slice(near) as day (day.date)}
                    {#if unfolded.includes(day.date) || isChosen(day)}{@render drawn(day)}{/if}
                {/each}
            </div>
            {#if sheet.later}<Button color="alternative" class="mt-3" onclick={() => later(sheet.later)}
                    >{say('hosting.later_days')}</Button
                >{/if}
        </section>
    {/if}

    {#if sheet.audience !== 'staff' && sheet.state !== 'draft' && !knock}<Roster {sheet} />{/if}
    {#if !whoFirst}{@render who()}{/if}
    {#if undo}<UndoToast said={undo.said} act={() => undo && void turn(undo.to)} done={() => (undo = null)} />{/if}
    {#if sheet.undo && !undo}
        {#key sheet.undo.said}<UndoToast
                said={sheet.undo.said}
                seconds={sheet.undo.seconds}
                act={() => void takeBack()}
                done={() => (changed = { ...sheet, undo: null })}
            />{/key}
    {/if}
    {#if !knock}<p class="mt-6 text-faint">
            <Said key="hosting.formats"
                >{#snippet json(text)}<a href="/staff/sheets/{sheet.id}/files/sheet.json" download>{text}</a
                    >{/snippet}{#snippet times(text)}<a href="/staff/sheets/{sheet.id}/files/availability.ics" download
                        >{text}</a
                    >{/snippet}</Said
            >
        </p>{/if}
</main>
