<script lang="ts">
    /** A shared tablet at the entrance: find yourself, say that you are here, see where to go. It forgets after each. */
    import Way from '../parts/Way.svelte';
    import { onMount, tick } from 'svelte';
    import { api, ask, firstOf, type Schema } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import { Live } from '../lib/live.svelte';
    import { say } from '../lib/say';
    import { waitSaid } from '../lib/wait';
    import Heard from '../parts/Heard.svelte';
    import Said from '../parts/Said.svelte';

    interface Props {
        token: string;
        first: Schema['Kiosk'];
    }
    let { token, first }: Props = $props();

    /** Seconds after which what somebody typed or found is gone. */
    const FORGET = 25;
    let changed = $state<Schema['Kiosk'] | null>(null);
    const kiosk = $derived(changed ?? first);
    let code = $state('');
    let name = $state('');
    let time = $state('');
    let meetings = $state<Schema['KioskMeeting'][] | null>(null);
    let message = $state('');
    let looking = $state(false);
    let video = $state<HTMLVideoElement>();
    let heading = $state<HTMLElement>();
    let endCamera: (() => void) | undefined;
    let forgetting: ReturnType<typeof setTimeout> | undefined;

    const live = new Live(
        () => kiosk.channel,
        (headers) => api.GET('/api/kiosk/{token}', { params: { path: { token } }, headers }),
        (data) => (changed = data),
        // A whole school's desks change it: once in some seconds is enough here.
        4000,
    );
    onMount(() => {
        const stop = live.start();
        return () => {
            stop();
            endCamera?.();
        };
    });

    /** Whoever comes next sees nothing of whoever was here. */
    function forget() {
        clearTimeout(forgetting);
        endCamera?.();
        code = name = time = message = '';
        meetings = null;
        looking = false;
    }
    function touched() {
        clearTimeout(forgetting);
        forgetting = setTimeout(forget, FORGET * 1000);
    }
    async function settle(answer: Awaited<ReturnType<typeof ask<Schema['KioskMeetings']>>>) {
        touched();
        message = firstOf(answer.trouble);
        if (!answer.data) return;
        meetings = answer.data.meetings;
        code = name = time = '';
        await tick();
        heading?.focus();
    }
    const find = async (body: { code?: string; name?: string; time?: string }) =>
        settle(await ask(api.POST('/api/kiosk/{token}/find', { params: { path: { token } }, body })));
    async function here(ticket: string) {
        const others = meetings?.filter((one) => one.ticket !== ticket) ?? [];
        const answer = await ask(
            api.POST('/api/kiosk/{token}/here', { params: { path: { token } }, body: { ticket } }),
        );
        await settle(answer);
        // Whoever has more than one meeting today says so for each.
        if (answer.data) meetings = [...answer.data.meetings, ...others].sort((a, b) => a.from.localeCompare(b.from));
    }
    async function look() {
        looking = true;
        message = '';
        touched();
        await tick();
        try {
            const { lookForCode } = await import('../lib/camera');
            if (video)
                endCamera = await lookForCode(video, (read) => {
                    looking = false;
                    void find({ code: read });
                });
        } catch {
            looking = false;
            message = say('day.kiosk_no_camera');
        }
    }
    function submit(event: SubmitEvent, body: { code?: string; name?: string; time?: string }) {
        event.preventDefault();
        void find(body);
    }
</script>

<svelte:window oninput={touched} onpointerdown={() => (meetings || code || name || looking) && touched()} />

<main class="sheet-of-paper">
    <Heard {live} />
    <p class="text-faint">{say('day.kiosk_head', { school: kiosk.school, day: kiosk.day })}</p>
    {#if meetings}
        <h1 tabindex="-1" bind:this={heading} class="mb-4">{say('day.kiosk_yours')}</h1>
        <ul class="grid gap-4">
            {#each meetings as one (one.ticket)}
                <li class="slip" data-line={one.line?.state}>
                    <h2>
                        <Said key="day.kiosk_with" values={{ at: clock.say(one.from), host: one.host }}>
                            {#snippet time(text)}<time>{text}</time>{/snippet}
                        </Said>
                    </h2>
                    <p class="text-xl">{one.place}</p>
                    {#if one.line?.state === 'here'}
                        <p class="good-news mt-2 text-xl" role="status">
                            {say('day.kiosk_known', { host: one.host })}
                            {waitSaid(one.line.wait)}
                        </p>
                        {#if one.directions}<p class="mt-2">{one.directions}</p>{/if}
                        {#if one.picture}<Way label={one.place} picture={one.picture} />{/if}
                    {:else if one.line?.state === 'called'}
                        <p class="good-news mt-2 text-xl" role="status">{say('day.kiosk_go_in')}</p>
                    {:else if one.line?.state === 'open' || one.line?.state === 'missed'}
                        {#if one.line.state === 'missed'}<p class="mt-2">
                                {say('day.kiosk_missed', { host: one.host })}
                            </p>{/if}
                        <button type="button" class="press main mt-3 text-xl" onclick={() => here(one.ticket)}
                            >{say('day.kiosk_here')}</button
                        >
                    {:else if one.line?.state === 'ahead'}
                        <p class="mt-2">
                            {say('day.kiosk_ahead', { at: clock.say(one.line.opens) })}
                        </p>
                    {:else}
                        <p class="mt-2">{say('day.kiosk_over')}</p>
                    {/if}
                    {#if one.line && one.line.late > 0}<p class="notice mt-2">
                            {say('day.kiosk_late', { host: one.host, minutes: one.line.late })}
                        </p>{/if}
                </li>
            {/each}
        </ul>
        {#if message}<p class="notice mt-4" role="alert">{message}</p>{/if}
        <button type="button" class="press mt-5 text-xl" onclick={forget}>{say('day.kiosk_done')}</button>
        <p class="mt-2 text-faint">{say('day.kiosk_forgets')}</p>
    {:else}
        <h1 class="mb-4">{say('day.kiosk_question')}</h1>
        {#if message}<p class="notice mb-4" role="alert">{message}</p>{/if}
        <div class="grid items-start gap-6 lg:grid-cols-2">
            <div class="grid gap-5">
                <form class="grid gap-2" novalidate onsubmit={(event) => submit(event, { code })}>
                    <label class="font-semibold" for="code">{say('day.kiosk_code')}</label>
                    <div class="flex flex-wrap gap-2">
                        <input
                            id="code"
                            class="box min-w-0 flex-1 text-xl"
                            autocomplete="off"
                            autocapitalize="characters"
                            spellcheck="false"
                            bind:value={code}
                        />
                        <button class="press main text-lg" disabled={!code.trim()}>{say('day.kiosk_find')}</button>
                    </div>
                </form>
                {#if looking}
                    <div>
                        <video
                            bind:this={video}
                            muted
                            playsinline
                            class="w-full max-w-sm bg-black"
                            aria-label={say('day.kiosk_camera_sees')}
                        ></video>
                        <p>{say('day.kiosk_hold')}</p>
                        <button type="button" class="press mt-2" onclick={forget}>{say('day.kiosk_no_picture')}</button>
                    </div>
                {:else}
                    <button type="button" class="press justify-self-start text-lg" onclick={look}
                        >{say('day.kiosk_show')}</button
                    >
                {/if}
                <form class="grid gap-2" novalidate onsubmit={(event) => submit(event, { name, time })}>
                    <label class="font-semibold" for="name">{say('day.kiosk_name')}</label>
                    <input id="name" class="box text-xl" autocomplete="off" spellcheck="false" bind:value={name} />
                    <label class="font-semibold" for="time">{say('day.kiosk_and_time')}</label>
                    <div class="flex flex-wrap gap-2">
                        <input
                            id="time"
                            class="box w-36 text-xl"
                            autocomplete="off"
                            placeholder={say('day.kiosk_like', { time: clock.say('16:40') })}
                            bind:value={time}
                        />
                        <button class="press main text-lg" disabled={!name.trim() || !time.trim()}
                            >{say('day.kiosk_find')}</button
                        >
                    </div>
                </form>
            </div>
            <section aria-labelledby="where">
                <h2 id="where" class="mb-2">{say('day.kiosk_who_is_where')}</h2>
                <ul>
                    {#each kiosk.hosts as host (host.name)}
                        <li class="border-b border-line py-1">
                            <Said
                                key="day.kiosk_host"
                                values={{ host: host.name, places: host.places, known: host.places ? 'yes' : 'no' }}
                            >
                                {#snippet bold(text)}<strong>{text}</strong>{/snippet}
                            </Said>
                            {#if host.late > 0}<span class="chip"
                                    >{say('day.kiosk_about_late', { minutes: host.late })}</span
                                >{/if}
                        </li>
                    {:else}
                        <li>{say('day.kiosk_nobody')}</li>
                    {/each}
                </ul>
            </section>
        </div>
    {/if}
</main>
