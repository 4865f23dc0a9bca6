<script lang="ts">
    /** A meeting on its day: I am here, how long it still takes, and come in. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
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
    const sayShort = async (answer: string) => {
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
    const SHORT = [say('visit.line_on_my_way'), say('visit.line_stairs'), say('visit.line_two_minutes')];
</script>

<section
    class="line mb-4 grid gap-2"
    class:called={line.state === 'called'}
    aria-label={say('visit.line')}
    data-line={line.state}
>
    <div class="grid gap-2" role="status">
        {#if line.state === 'called'}
            <p class="text-xl font-bold">
                {line.video ? say('visit.line_room_open', { host }) : say('visit.line_come_in')}
            </p>
            {#if !line.video}<p>{say('visit.line_ready', { host, place: booking.place.label })}</p>{/if}
        {:else if line.state === 'here'}
            <p>
                <Said key="visit.line_here" values={{ host, wait }}
                    >{#snippet bold(text)}<strong>{text}</strong>{/snippet}</Said
                >
            </p>
            {#if line.break_until}<p>{say('visit.line_break', { host, at: clock.say(line.break_until) })}</p>{/if}
            {#if !line.video && booking.place.directions}<p>
                    {say('visit.line_place', { place: booking.place.label, directions: booking.place.directions })}
                </p>{/if}
            {#if line.video}<p>{say('visit.line_link_later')}</p>{/if}
        {:else if line.state === 'missed'}
            <p>
                {say('visit.line_missed', { host })}
            </p>
        {:else if line.state === 'away'}
            <p>{say('visit.line_away', { host })}</p>
        {:else if line.state === 'ahead'}
            <p>{say('visit.line_ahead', { at: clock.say(line.opens) })}</p>
        {/if}
        {#if line.late > 0}<p class="notice">
                {say('visit.line_late', { host, minutes: line.late, at: clock.say(line.about) })}
            </p>{/if}
        {#if line.word && line.state !== 'over'}<p class="notice whitespace-pre-line">
                {say('visit.line_word', { host, word: line.word })}
            </p>{/if}
        {#if line.answer}<p>{say('visit.line_answered', { answer: line.answer })}</p>{/if}
        {#if line.ring}<p class="notice">
                {line.ring.yours
                    ? say('visit.line_rings', { host, phone: line.ring.yours })
                    : say('visit.line_no_number', { host })}
                {#if line.ring.school}<Said key="visit.line_school" values={{ school: line.ring.school }}
                        >{#snippet link(text)}<a href="tel:{text.replace(/[^+\d]/g, '')}">{text}</a>{/snippet}</Said
                    >{/if}
            </p>{/if}
    </div>
    <div class="no-print flex flex-wrap items-center gap-3">
        {#if line.state === 'open' || line.state === 'missed'}
            <button type="button" class="press main" onclick={() => here(true)}>{say('visit.line_say_here')}</button>
        {:else if line.state === 'called' && booking.place.link}
            <a class="press main" href={booking.place.link} target="_blank" rel="noreferrer noopener"
                >{say('visit.line_go')}</a
            >
        {/if}
        {#if line.state === 'called' && line.video}
            <button type="button" class="press" onclick={() => video(!line.ring)}
                >{line.ring ? say('visit.line_video_works') : say('visit.line_video_fails')}</button
            >
        {/if}
        {#if line.word && (line.state === 'here' || line.state === 'called')}
            {#each SHORT as short (short)}
                <button type="button" class="press" onclick={() => sayShort(short)}>{short}</button>
            {/each}
            <form class="flex flex-wrap items-center gap-2" onsubmit={onSent(() => typed.trim() && sayShort(typed))}>
                <input
                    class="box"
                    aria-label={say('visit.line_answer_label', { host })}
                    maxlength="60"
                    bind:value={typed}
                />
                <button class="press">{say('visit.line_send')}</button>
            </form>
        {/if}
        {#if line.state === 'here'}
            {#if asks}<button type="button" class="press" onclick={allow}>{say('visit.line_device')}</button>{/if}
            <button type="button" class="link" onclick={() => here(false)}>{say('visit.line_not_here')}</button>
        {/if}
    </div>
    {#if message}<p class="notice" role="alert">{message}</p>{/if}
</section>

<style>
    .line {
        border-inline-start: 6px solid var(--board);
        padding-inline-start: 0.9rem;
    }
    .line.called {
        border: 3px solid var(--marigold);
        border-radius: 6px;
        padding: 0.9rem;
    }
</style>
