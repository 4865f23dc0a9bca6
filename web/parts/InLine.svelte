<script lang="ts">
    /** A meeting on its day: I am here, how long it still takes, and come in. */
    import { api, ask, type Schema } from '../lib/api';
    import { allowNotices, mayAskForNotices, readyBell } from '../lib/bell';
    import { clock } from '../lib/clock.svelte';
    import { waitSaid } from '../lib/wait';
    import { onSent } from '../lib/form';

    interface Props {
        pass: Schema['Pass'];
        booking: Schema['PassBooking'];
        line: Schema['Line'];
        changed: (pass: Schema['Pass'], said: string) => void;
    }
    let { pass, booking, line, changed }: Props = $props();

    let message = $state('');
    let typed = $state('');
    let asks = $state(mayAskForNotices());
    const token = $derived(pass.path.slice('/p/'.length));
    const path = $derived({ params: { path: { token, booking: booking.id } } });
    const host = $derived(booking.host.name);

    function settle(answer: { data?: Schema['Pass']; trouble?: { message: string; fields: Record<string, string> } }) {
        message = answer.trouble ? (Object.values(answer.trouble.fields)[0] ?? answer.trouble.message) : '';
        if (answer.data) changed(answer.data, '');
    }
    async function here(is: boolean) {
        readyBell();
        settle(await ask(api.POST('/api/p/{token}/bookings/{booking}/here', { ...path, body: { here: is } })));
    }
    const say = async (answer: string) => {
        settle(await ask(api.POST('/api/p/{token}/bookings/{booking}/word', { ...path, body: { answer } })));
        typed = '';
    };
    const video = async (fails: boolean) =>
        settle(await ask(api.POST('/api/p/{token}/bookings/{booking}/video', { ...path, body: { fails } })));
    async function allow() {
        readyBell();
        await allowNotices();
        asks = false;
    }

    const wait = $derived(waitSaid(line.wait));
    const SHORT = ['On my way', 'On the stairs', 'Two more minutes'];
</script>

<section
    class="line mb-4 grid gap-2"
    class:called={line.state === 'called'}
    aria-label="The line"
    data-line={line.state}
>
    <div class="grid gap-2" role="status">
        {#if line.state === 'called'}
            <p class="text-xl font-bold">
                {line.video ? `${host} has opened the room for you.` : 'Please come in now.'}
            </p>
            {#if !line.video}<p>{host} is ready for you: {booking.place.label}.</p>{/if}
        {:else if line.state === 'here'}
            <p><strong>{host} knows that you are here.</strong> {wait}</p>
            {#if line.break_until}<p>{host} is on a break until {clock.say(line.break_until)}.</p>{/if}
            {#if !line.video && booking.place.directions}<p>{booking.place.label}: {booking.place.directions}</p>{/if}
            {#if line.video}<p>The link appears here when you are called in. Keep this page open.</p>{/if}
        {:else if line.state === 'missed'}
            <p>
                {host} has waited for you and has gone on. If you are here now, say so, and they find a moment if there is
                one.
            </p>
        {:else if line.state === 'away'}
            <p>{host} cannot meet you today after all. You need not wait.</p>
        {:else if line.state === 'ahead'}
            <p>From {clock.say(line.opens)} you can say here that you are there.</p>
        {/if}
        {#if line.late > 0}<p class="notice">
                {host} runs about {line.late} minutes late: your meeting probably begins at about {clock.say(
                    line.about,
                )}. Your time stays yours.
            </p>{/if}
        {#if line.word && line.state !== 'over'}<p class="notice whitespace-pre-line">{host}: “{line.word}”</p>{/if}
        {#if line.answer}<p>You have answered: “{line.answer}”</p>{/if}
        {#if line.ring}<p class="notice">
                Video does not work. {line.ring.yours
                    ? `${host} sees it and rings you at ${line.ring.yours}.`
                    : `${host} sees it, but you have given no number.`}
                {#if line.ring.school}The school’s own: <a href="tel:{line.ring.school.replace(/[^+\d]/g, '')}"
                        >{line.ring.school}</a
                    >.{/if}
            </p>{/if}
    </div>
    <div class="no-print flex flex-wrap items-center gap-3">
        {#if line.state === 'open' || line.state === 'missed'}
            <button type="button" class="press main" onclick={() => here(true)}>I’m here</button>
        {:else if line.state === 'called' && booking.place.link}
            <a class="press main" href={booking.place.link} target="_blank" rel="noreferrer noopener"
                >Go to the meeting</a
            >
        {/if}
        {#if line.state === 'called' && line.video}
            <button type="button" class="press" onclick={() => video(!line.ring)}
                >{line.ring ? 'Video works again' : 'Video does not work'}</button
            >
        {/if}
        {#if line.word && (line.state === 'here' || line.state === 'called')}
            {#each SHORT as short (short)}
                <button type="button" class="press" onclick={() => say(short)}>{short}</button>
            {/each}
            <form class="flex flex-wrap items-center gap-2" onsubmit={onSent(() => typed.trim() && say(typed))}>
                <input class="box" aria-label="A short answer to {host}" maxlength="60" bind:value={typed} />
                <button class="press">Send</button>
            </form>
        {/if}
        {#if line.state === 'here'}
            {#if asks}<button type="button" class="press" onclick={allow}>Tell me on this device, too</button>{/if}
            <button type="button" class="link" onclick={() => here(false)}>I am not here after all</button>
        {/if}
    </div>
    {#if message}<p class="notice" role="alert">{message}</p>{/if}
</section>

<style>
    .line {
        border-left: 6px solid var(--board);
        padding-left: 0.9rem;
    }
    .line.called {
        border: 3px solid var(--marigold);
        border-radius: 6px;
        padding: 0.9rem;
    }
</style>
