<script lang="ts">
    /** A visitor's private page for their bookings. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
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
            ring(say('pass.turn'), say('pass.turn_where', { host: one.host.name, place: one.place.label }));
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
            <h1>{say('pass.your_bookings')}</h1>
            <span class="no-print ms-auto"><ClockSwitch again={() => live.anew()} /></span>
        </div>
        <p class="mb-5 text-faint">
            {say('pass.intro', { name: pass.name })}
        </p>
        <Heard {live} />
        <Yours {pass} changed={pressed} asked={PassKnocks} />
        {#if pass.code}
            <p class="no-print mt-5">
                <Said key="pass.code" values={{ code: pass.code }}
                    >{#snippet bold(text)}<strong class="times">{text}</strong>{/snippet}</Said
                >
            </p>
        {/if}
        {#if pass.open.length > 0}
            <section class="no-print mt-8" aria-labelledby="open">
                <h2 id="open" class="mb-3">{say('pass.open')}</h2>
                <ul>
                    {#each pass.open as one (one.path)}
                        <li>
                            <a class="inline-flex min-h-11 items-center" href={one.path}
                                >{one.host
                                    ? say('pass.open_sheet', { title: one.title, host: one.host })
                                    : say('pass.open_round', { title: one.title })}</a
                            >
                        </li>
                    {/each}
                </ul>
            </section>
        {/if}
        {#if !pass.whole}
            <form class="no-print mt-8" method="post" action="{pass.path}/everything">
                <h2 class="mb-2">{say('pass.everything')}</h2>
                <p class="mb-3 text-faint">
                    {pass.email ? say('pass.part_why_email', { email: pass.email }) : say('pass.part_why')}
                </p>
                <button class="press">{say('pass.send_everything')}</button>
            </form>
        {/if}
        <section class="no-print mt-8" aria-labelledby="more">
            <h2 id="more" class="mb-3">{pass.whole ? say('pass.everything') : say('pass.part')}</h2>
            <div class="flex flex-wrap gap-3">
                {#if pass.whole}<a class="press main" href="/" onclick={carry}>{say('pass.another_meeting')}</a>{/if}
                <a class="press" href="{pass.path}/bookings.ics" download>{say('pass.calendar_file')}</a>
                <a class="press" href={feed}>{say('pass.calendar_follow')}</a>
                <button type="button" class="press" onclick={() => print()}>{say('pass.print_plan')}</button>
            </div>
        </section>
        <LateWays {pass} changed={pressed} />
        {#if pass.whole}
            <Holder {pass} changed={pressed} />
            <details class="no-print mt-5">
                <summary class="min-h-11 cursor-pointer py-2 text-board underline underline-offset-4"
                    >{say('pass.other_device')}</summary
                >
                <img src="{pass.path}/qr.svg" alt={say('pass.qr')} width="190" height="190" class="my-3 bg-white" />
                <p class="mb-2">
                    {say('pass.renew_why')}
                </p>
                <button type="button" class="press away" onclick={renew}>{say('pass.renew')}</button>
                <div role="status">
                    {#if renewed}<p class="good-news mt-3">
                            {say('pass.renewed')}
                        </p>{/if}
                </div>
                {#if message}<p class="notice mt-3" role="alert">{message}</p>{/if}
            </details>
            <p class="no-print mt-5">
                <a class="inline-flex min-h-11 items-center" href="{pass.path}/kept">{say('pass.kept_about')}</a>
            </p>
        {/if}
        <Office phone={pass.office} />
    </div>
</main>
