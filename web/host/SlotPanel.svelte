<script lang="ts">
    /** What a host can do with one slot: close it, open it again, add a seat, or book it for somebody on the phone. */
    import { say } from '../lib/say';
    import { Button } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import { api, ask, firstOf, type Schema } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import HostBooking from './HostBooking.svelte';
    import OfficeBooking from './OfficeBooking.svelte';

    interface Props {
        sheet: Schema['HostSheet'];
        slot: Schema['RulerSlot'];
        label: string;
        changed: (sheet: Schema['HostSheet']) => void;
        done: () => void;
    }
    let { sheet, slot, label, changed, done }: Props = $props();

    /** What the rules for visitors would say of it; staff are not bound by them. */
    const BEYOND: Partial<Record<typeof slot.state, string>> = {
        'too soon': say('hosting.beyond_too_soon'),
        closed: say('hosting.beyond_closed'),
        'not yet open': say('hosting.beyond_not_yet_open'),
    };
    let message = $state('');
    let booking = $state(false);
    let box = $state<HTMLElement>();
    $effect(() => box?.focus());
    const here = $derived(
        sheet.bookings.filter((one) => one.key === slot.key && one.state !== 'cancelled' && one.state !== 'declined'),
    );

    async function set(closed: boolean, extra: number) {
        const answer = await ask(
            api.POST('/api/staff/sheets/{sheet}/slot', {
                params: { path: { sheet: sheet.id } },
                body: { slot: slot.key, closed, extra_seats: extra },
            }),
        );
        message = firstOf(answer.trouble);
        if (answer.data) changed(answer.data);
    }
</script>

<svelte:window onkeydown={(event) => event.key === 'Escape' && done()} />

<div
    class="slip"
    tabindex="-1"
    bind:this={box}
    role="group"
    aria-label={say('hosting.slot_called', { day: label, from: clock.say(slot.from) })}
>
    <div class="mb-2 flex flex-wrap items-baseline gap-4">
        <h3 class="times">
            {say('pages.slot', { day: label, from: clock.say(slot.from), until: clock.say(slot.until) })}
        </h3>
        <TextButton class="ms-auto" onclick={done}>{say('hosting.leave_it')}</TextButton>
    </div>
    {#each here as one (one.id)}<HostBooking as="div" {sheet} booking={one} {changed} />{/each}
    <div class="mt-2 flex flex-wrap gap-3">
        {#if slot.shut && sheet.can_change}
            <Button color="alternative" onclick={() => set(false, slot.extra)}>{say('hosting.slot_open')}</Button>
        {:else if slot.state !== 'past'}
            {#if sheet.can_change}
                <Button color="alternative" onclick={() => set(true, slot.extra)}>{say('hosting.slot_close')}</Button>
                <Button color="alternative" onclick={() => set(false, slot.extra + 1)}
                    >{slot.extra > 0 ? say('hosting.seat_more', { added: slot.extra }) : say('hosting.seat')}</Button
                >
                {#if slot.extra > 0}<Button color="alternative" onclick={() => set(false, slot.extra - 1)}
                        >{say('hosting.seat_less')}</Button
                    >{/if}
            {/if}
            {#if sheet.state !== 'draft' && !booking}<Button color="alternative" onclick={() => (booking = true)}
                    >{say('hosting.slot_book')}</Button
                >{/if}
        {/if}
    </div>
    {#if booking && BEYOND[slot.state]}<Notice class="my-2">{BEYOND[slot.state]}</Notice>{/if}
    {#if booking}<OfficeBooking {sheet} {slot} {changed} />{/if}
    {#if message}<Notice class="mt-3">{message}</Notice>{/if}
</div>
