<script lang="ts">
    /** One booking on a pass: what, when, where, about whom, and the way to give it back. */
    import { api, ask, type Schema } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import GiveBack from './GiveBack.svelte';

    interface Props {
        pass: Schema['Pass'];
        booking: Schema['PassBooking'];
        changed: (pass: Schema['Pass']) => void;
    }
    let { pass, booking, changed }: Props = $props();

    const cancelled = $derived(booking.state === 'cancelled');

    async function giveBack(note: string): Promise<string | null> {
        const token = pass.path.slice('/p/'.length);
        const answer = await ask(
            api.POST('/api/p/{token}/bookings/{booking}/give-back', {
                params: { path: { token, booking: booking.id } },
                body: { note },
            }),
        );
        if (answer.data) changed(answer.data);
        return answer.trouble?.fields.note ?? answer.trouble?.message ?? null;
    }
</script>

<article class="slip" aria-label="{booking.title}, {booking.date}, {clock.say(booking.from)}">
    {#if cancelled}
        <p class="notice mb-3" role="status">
            {#if booking.cancelled_by === 'visitor'}You have given this time back. It is free for others again.{:else}{booking
                    .host.name} had to cancel this meeting.{/if}
            {#if booking.cancel_note}<span class="block whitespace-pre-line">“{booking.cancel_note}”</span>{/if}
        </p>
    {/if}
    <h2 class={cancelled ? 'text-faint line-through' : ''}>
        <time>{booking.date}<br />{clock.say(booking.from)} to {clock.say(booking.until)}</time>
    </h2>
    <dl class="facts my-4">
        <dt>What</dt>
        <dd>{booking.title}</dd>
        <dt>With</dt>
        <dd>{booking.host.name} ({booking.host.subject})</dd>
        <dt>About</dt>
        <dd>{booking.student}</dd>
        <dt>Where</dt>
        <dd>
            {booking.place.label}{#if booking.place.link && !cancelled}: <a href={booking.place.link} rel="noreferrer"
                    >{booking.place.link}</a
                >{/if}
            {#if booking.place.directions}<span class="block text-faint">{booking.place.directions}</span>{/if}
        </dd>
        <dt>Clock</dt>
        <dd>{booking.zone}</dd>
    </dl>
    <div class="flex flex-wrap items-start gap-3">
        {#if !cancelled}
            <a class="press" href={booking.entry_path} download>Add to your calendar</a>
        {/if}
        {#if booking.can_give_back}
            <GiveBack
                id={booking.id}
                open="Give it back"
                ask="A word to {booking.host.name}"
                go="Give this time back"
                keep="Keep it"
                act={giveBack}
            />
        {/if}
        {#if cancelled}<a class="press main" href={booking.sheet_path}>Pick another time</a>{/if}
    </div>
</article>
