<script lang="ts">
    /** A visitor's private page for their bookings. */
    import { onMount } from 'svelte';
    import { api, ask, type Schema } from '../lib/api';
    import { ring } from '../lib/bell';
    import { CALM, Live } from '../lib/live.svelte';
    import ClockSwitch from '../parts/ClockSwitch.svelte';
    import Heard from '../parts/Heard.svelte';
    import Holder from '../parts/Holder.svelte';
    import LateWays from '../parts/LateWays.svelte';
    import Masthead from '../parts/Masthead.svelte';
    import Office from '../parts/Office.svelte';
    import PassKnocks from '../parts/PassKnocks.svelte';
    import Yours from '../parts/Yours.svelte';

    let first: Schema['Pass'] = $props();

    let changed = $state<Schema['Pass'] | null>(null);
    const pass = $derived(changed ?? first);
    let renewed = $state(false);
    let message = $state('');
    const feed = $derived(`webcal://${location.host}${pass.calendar_path}`);

    const token = $derived(pass.path.slice('/p/'.length));
    const live = new Live(
        () => pass.channel,
        (headers) => api.GET('/api/p/{token}', { params: { path: { token } }, headers }),
        take,
    );
    // Any pass is told of what changes; only where something happens soon does it look by itself every few seconds.
    const lively = $derived(pass.bookings.some((one) => one.line !== null) || pass.knocks.some((one) => one.open));
    onMount(() => live.start(lively ? undefined : CALM));

    const called = (some: Schema['Pass']) => some.bookings.filter((one) => one.line?.state === 'called');
    function take(data: Schema['Pass']) {
        const before = called(pass).map((one) => one.id);
        changed = data;
        for (const one of called(data).filter((one) => !before.includes(one.id)))
            ring('It is your turn', `${one.host.name}, ${one.place.label}`);
    }
    function pressed(data: Schema['Pass']) {
        live.fresh();
        changed = data;
    }

    async function renew() {
        const answer = await ask(
            api.POST('/api/p/{token}/renew', { params: { path: { token: pass.path.slice('/p/'.length) } } }),
        );
        message = answer.trouble?.message ?? '';
        if (!answer.data) return;
        changed = answer.data;
        renewed = true;
        history.replaceState(null, '', answer.data.path);
        live.elsewhere();
    }
    /** The next booking goes on this pass: it is remembered in this tab. */
    const carry = () => sessionStorage.setItem('recess.pass', pass.path);
</script>

<main class="sheet-of-paper">
    <Masthead school={pass.school} />
    <div class="max-w-3xl">
        <div class="flex flex-wrap items-baseline gap-x-4">
            <h1>Your bookings</h1>
            <span class="no-print ml-auto"><ClockSwitch again={() => live.anew()} /></span>
        </div>
        <p class="mb-5 text-faint">
            For {pass.name}. Whoever has this page’s address can change these bookings, so keep it to yourself.
        </p>
        <Heard {live} />
        <Yours {pass} changed={pressed} asked={PassKnocks} />
        {#if pass.code}
            <p class="no-print mt-5">
                Your code for the entrance today: <strong class="times">{pass.code}</strong>. The square further down
                does the same.
            </p>
        {/if}
        {#if pass.open.length > 0}
            <section class="no-print mt-8" aria-labelledby="open">
                <h2 id="open" class="mb-3">Open to you</h2>
                <ul>
                    {#each pass.open as one (one.path)}
                        <li>
                            <a class="inline-flex min-h-11 items-center" href={one.path}
                                >{one.host
                                    ? `${one.title} with ${one.host}`
                                    : `${one.title}: plan all your meetings`}</a
                            >
                        </li>
                    {/each}
                </ul>
            </section>
        {/if}
        {#if !pass.whole}
            <form class="no-print mt-8" method="post" action="{pass.path}/everything">
                <h2 class="mb-2">Everything you booked</h2>
                <p class="mb-3 text-faint">
                    This link shows one part of it. We send a link to all of it to the e-mail address that we know of
                    you{pass.email ? ` (${pass.email})` : ''}; from there you can also change who you are.
                </p>
                <button class="press">Send me a link to everything</button>
            </form>
        {/if}
        <section class="no-print mt-8" aria-labelledby="more">
            <h2 id="more" class="mb-3">{pass.whole ? 'Everything you booked' : 'This part of it'}</h2>
            <div class="flex flex-wrap gap-3">
                {#if pass.whole}<a class="press main" href="/" onclick={carry}>Book another meeting</a>{/if}
                <a class="press" href="{pass.path}/bookings.ics" download>All in one calendar file</a>
                <a class="press" href={feed}>Follow it in your calendar</a>
                <button type="button" class="press" onclick={() => print()}>Print the plan</button>
            </div>
        </section>
        <LateWays {pass} changed={pressed} />
        {#if pass.whole}
            <Holder {pass} changed={pressed} />
            <details class="no-print mt-5">
                <summary class="min-h-11 cursor-pointer py-2 text-board underline underline-offset-4"
                    >This page on another device, or a new address for it</summary
                >
                <img
                    src="{pass.path}/qr.svg"
                    alt="QR code of this page"
                    width="190"
                    height="190"
                    class="my-3 bg-white"
                />
                <p class="mb-2">
                    If somebody has seen the address who should not: a new one makes the old one worthless.
                </p>
                <button type="button" class="press away" onclick={renew}>Give it a new address</button>
                <div role="status">
                    {#if renewed}<p class="good-news mt-3">
                            This page has a new address now. Messages that come later carry it.
                        </p>{/if}
                </div>
                {#if message}<p class="notice mt-3" role="alert">{message}</p>{/if}
            </details>
            <p class="no-print mt-5">
                <a class="inline-flex min-h-11 items-center" href="{pass.path}/kept">All that is kept about you</a>
            </p>
        {/if}
        <Office phone={pass.office} />
    </div>
</main>
