<script lang="ts">
    /** A sheet as a visitor sees it: pick a time on the rulers, say who you are, and it is yours. One page. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
    import { onMount, tick, untrack } from 'svelte';
    import { standFor } from '../lib/address';
    import { back } from '../lib/beside';
    import { Live } from '../lib/live.svelte';
    import { api, type Schema } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import { elsewhere, elsewhereBriefly, ownCity } from '../lib/elsewhere';
    import { EVERYTHING, kept, partOf, type Sifted } from '../lib/sifted';
    import { Visitor } from '../lib/visitor.svelte';
    import ClockSwitch from '../parts/ClockSwitch.svelte';
    import HostName from '../parts/HostName.svelte';
    import Masthead from '../parts/Masthead.svelte';
    import Office from '../parts/Office.svelte';
    import Ruler from '../ruler/Ruler.svelte';
    import Sieve from '../parts/Sieve.svelte';
    import Waiting from '../parts/Waiting.svelte';

    // The form is asked for as the times begin to be drawn, and comes meanwhile: the net has nothing else to do. What
    // comes after booking is fetched while somebody types.
    const answers = () => import('../parts/Answers.svelte');
    answers().catch(() => undefined);
    const form = () => Promise.all([answers(), visitor.met]);
    const afterwards = () => import('../parts/Yours.svelte');

    type Props = Schema['VisitSheet'] & { preview?: boolean };
    let { preview = false, ...first }: Props = $props();

    let refreshed = $state<Schema['VisitSheet'] | null>(null);
    const sheet = $derived<Schema['VisitSheet']>(refreshed ?? first);
    // svelte-ignore state_referenced_locally -- one visitor a page
    const visitor = new Visitor(first.slug, preview);
    let chosen = $state<{ slot: Schema['Slot']; day: string; host: string | null } | null>(null);
    let pass = $state<Schema['Pass'] | null>(null);
    let newest = $state<string | null>(null);
    let gone = $state<{ message: string; nearest: Schema['Slot'][] } | null>(null);
    let slip = $state<HTMLElement>();
    /** What somebody else was quicker to take: struck out at once, until the page has looked again. */
    let lost = $state<string | null>(null);
    let from = $state<string | null>(null);
    // From somebody's door, with them.
    const wished = new URLSearchParams(location.search).get('with');
    // svelte-ignore state_referenced_locally -- what the page came with
    const host = first.choose_host.some((one) => one.slug === wished) ? wished : null;
    // From a message that offers a time at a place.
    const there = Number(new URLSearchParams(location.search).get('place'));
    // svelte-ignore state_referenced_locally -- what the page came with
    const place = first.places.some((one) => one.id === there) ? there : null;
    // From the document, where the part of the day was pressed before scripts had come.
    let sifted = $state.raw<Sifted>({ ...EVERYTHING, part: partOf(location.search), host, place });
    let etag = '';
    let asked = 0;

    const narrowed = $derived(sifted.part !== 'any' || sifted.place !== null || sifted.host !== null);
    const days = $derived(
        sheet.days
            .map((day) => ({
                ...day,
                stretches: day.stretches.map((stretch) => ({
                    ...stretch,
                    slots: stretch.slots
                        .map((slot) => (slot.key === lost ? { ...slot, state: 'taken' as const } : slot))
                        .filter((slot) => kept(slot, sifted)),
                })),
            }))
            .filter((day) => !narrowed || day.stretches.some((stretch) => stretch.slots.length > 0)),
    );

    /** The earliest free one of what was asked for; not among the days that are drawn, the server knows it. */
    const early = $derived(
        listed(days).find((one) => one.slot.state === 'free') ??
            (narrowed || !sheet.earliest ? undefined : { slot: sheet.earliest, label: sheet.earliest.day }),
    );

    /** The page keeps itself fresh while it is looked at: a time that somebody takes is cut out before one's eyes. */
    async function refresh(anew = false): Promise<void> {
        await look(etag && !anew ? { 'If-None-Match': etag } : {}).catch(() => undefined);
    }
    async function look(headers: Record<string, string>): Promise<{ response: Response }> {
        const mine = ++asked;
        const query = {
            ...(from ? { from } : {}),
            ...(visitor.token ? { pass: visitor.token } : {}),
            // What is kept for this visitor is free to them.
            ...(visitor.left === null && !visitor.over && !visitor.shares ? {} : { kept: visitor.keepKey }),
        };
        const answer = await api.GET('/api/s/{slug}', { params: { path: { slug: sheet.slug }, query }, headers });
        // What was asked for before something else is older, however late it comes.
        if (mine === asked && answer.data) {
            etag = answer.response.headers.get('ETag') ?? '';
            refreshed = answer.data;
        }
        return answer;
    }
    /** Many look at one sheet: told at once, they look within a second of each other. */
    const live = new Live(
        () => sheet.channel,
        (headers) => (pass ? Promise.resolve({ response: new Response(null, { status: 304 }) }) : look(headers)),
        () => undefined,
        700,
        // Sheets are worked out once a second for everybody; the web server counts whole ones, so nearly two may have passed.
        2_100,
    );
    onMount(() => {
        if (preview) return;
        const wanted = new URLSearchParams(location.search).get('slot');
        const slot = wanted ? find(wanted) : undefined;
        if (slot && (slot.slot.state === 'free' || location.search.includes('kept='))) pick(slot.slot, slot.label);
        const before = wanted ? null : visitor.picked();
        if (before) void takeUp(before.slot, before.host, before.from);
        else if (visitor.pass || visitor.shares) void refresh(true);
        // A link that knows about whom it is: nothing of it is typed.
        if (sheet.expected) visitor.typed.answers.student = sheet.expected;
        return live.start();
    });

    /** As it was before this page was loaded again: the time that was picked, on the days that were shown. */
    async function takeUp(slot: string, host: string | null, day: string | null) {
        from = day;
        await refresh(true);
        const again = find(slot);
        if (!again) return visitor.unpick();
        if (host !== null) sifted = { ...sifted, host };
        pick(again.slot, again.label);
        // The page that went lets go of it, perhaps only now.
        setTimeout(() => visitor.left !== null && void visitor.keep(slot, host), 1500);
    }

    function listed(some: Schema['RulerDay'][]) {
        return some.flatMap((day) =>
            day.stretches.flatMap((part) => part.slots.map((slot) => ({ slot, label: day.label }))),
        );
    }
    const find = (key: string) => listed(sheet.days).find((one) => one.slot.key === key);

    async function show() {
        await tick();
        slip?.focus({ preventScroll: true });
        slip?.scrollIntoView({ block: 'start' });
    }

    function pick(slot: Schema['Slot'], label: string) {
        chosen = { slot, day: label, host: sifted.host };
        if (!preview) visitor.pick(slot.key, sifted.host, from);
        if (sifted.place !== null) visitor.typed.place = sifted.place;
        gone = null;
        void show();
        afterwards().catch(() => undefined);
        if (!preview)
            void visitor
                .keep(slot.key, sifted.host)
                .then((lost) => lost && chosen?.slot.key === slot.key && beaten(lost));
    }

    /** Back to the ruler, where the finger left it; what is typed stays. */
    function another() {
        const tab = document.querySelector<HTMLElement>(`[data-key="${chosen?.slot.key}"]`);
        tab?.focus({ preventScroll: true });
        tab?.scrollIntoView({ block: 'center' });
    }

    function beaten(answer: Schema['Gone']) {
        lost = chosen?.slot.key ?? null;
        visitor.unpick();
        // What is read of a sheet may be a second old.
        setTimeout(() => void refresh().then(() => (lost = null)), 1500);
        // What this page knows to be out of reach for its visitor is not worth a try.
        const worth = (slot: Schema['Slot']) => find(slot.key)?.slot.state !== 'busy';
        gone =
            lost !== null && visitor.isOwn(lost)
                ? { message: say('visit.own_other_tab'), nearest: [] }
                : { message: answer.message, nearest: (answer.nearest ?? []).filter(worth) };
        chosen = null;
        void show();
    }

    const justMade = (on: Schema['Pass']) =>
        on.bookings.find((one) => one.key === newest && one.sheet_path.endsWith(sheet.slug));

    function yours(answer: Schema['Pass']) {
        newest = chosen?.slot.key ?? null;
        const made = justMade(answer);
        if (made?.state === 'booked' && !preview) {
            const just = { from: made.from, host: made.host.name, pass: answer.path };
            if (back(`/s/${sheet.slug}`, just)) return visitor.another(answer, true);
        }
        pass = answer;
        chosen = null;
        // From now on the address is the pass's: reload, the history and a bookmark lead to it and not to the sheet.
        if (!preview) standFor(answer.path);
        void show();
    }

    function more(answer: Schema['Pass']) {
        visitor.another(answer, false);
        pass = null;
        newest = null;
        standFor(`/s/${sheet.slug}`);
        void refresh(true);
        scrollTo({ top: 0 });
    }

    async function later(date: string | null) {
        from = date;
        await refresh(true);
        document.getElementById('times')?.scrollIntoView({ block: 'start' });
    }

    const mine = $derived(pass ? justMade(pass) : undefined);
    /** Where the other teachers are: side by side on the same day, where they hold the same conferences. */
    const others = $derived(
        sheet.round && mine
            ? `/find?${new URLSearchParams({ about: sheet.about, from: mine.day, to: mine.day })}`
            : '/',
    );
    const chosenHost = $derived(sheet.choose_host.find((one) => one.slug === chosen?.host)?.name);
    const span = $derived({
        day: chosen?.day ?? '',
        from: clock.say(chosen?.slot.from ?? ''),
        until: clock.say(chosen?.slot.until ?? ''),
    });
    const otherClock = $derived(chosen ? elsewhere(chosen.slot, sheet.zone_name) : null);
    /** The picked time, as the page knows it now: whether it can still be had once it is not kept any more. */
    const still = $derived(chosen ? find(chosen.slot.key)?.slot.state === 'free' : false);
    const anew = () => chosen && pick(chosen.slot, chosen.day);
    $effect(() => {
        // Once: what it brings is no reason to look again.
        if (visitor.over) untrack(() => void refresh(true));
    });
    const city = $derived(listed(days)[0] === undefined ? null : ownCity(listed(days)[0]!.slot, sheet.zone_name));
    const own = (slot: Schema['Slot']) => {
        const [at, there] = [clock.say(slot.from), elsewhereBriefly(slot, sheet.zone_name)];
        return there === null ? at : say('visit.elsewhere', { at, there });
    };

    const NONE: Record<NonNullable<Schema['VisitSheet']['none']>, string> = {
        taken: say('visit.none_taken'),
        opens: say('visit.none_opens'),
        enough: say('visit.none_enough'),
        'too late': say('visit.none_too_late'),
        over: say('visit.none_over'),
    };
    const heading = $derived(
        sheet.none === null
            ? say('visit.pick_a_time')
            : sheet.none === 'opens' && sheet.opens
              ? say('visit.opens_at', { when: sheet.opens })
              : NONE[sheet.none],
    );
</script>

{#snippet time(text: string)}<time datetime={chosen?.slot.key}>{text}</time>{/snippet}

<svelte:element this={preview ? 'div' : 'main'} class="sheet-of-paper">
    {#if !preview}<Masthead school={sheet.school} />{/if}
    <h1 lang={sheet.title_lang || undefined}>{sheet.title}</h1>
    <HostName host={sheet.host} also={sheet.also} />
    {#if sheet.intro}<p class="mt-3 max-w-prose whitespace-pre-line" lang={sheet.intro_lang || undefined}>
            <bdi>{sheet.intro}</bdi>
        </p>{/if}
    <ul class="mt-3 text-faint">
        {#each sheet.places as place (place.id)}
            <li>
                <span class="font-semibold text-ink">{place.label}.</span>
                <bdi lang={place.lang || undefined}>{place.directions}</bdi>
            </li>
        {/each}
        <li>{[say('visit.zone', { zone: sheet.zone }), ...sheet.rules].join(' ')}</li>
    </ul>

    {#if pass}
        <section class="mt-8 max-w-3xl scroll-mt-4" tabindex="-1" bind:this={slip} aria-labelledby="yours">
            {#if mine?.state === 'booked' || mine?.state === 'asked' || mine?.state === 'kept'}
                <div class="good-news mb-4">
                    <h2 id="yours">
                        {mine.state === 'asked'
                            ? say('visit.asked')
                            : mine.state === 'kept'
                              ? say('visit.press_more')
                              : say('visit.yours')}
                    </h2>
                    <p>
                        {#if mine.state === 'kept'}{say('visit.kept_until', {
                                until: mine.confirm_until ?? '',
                                email: pass.email,
                            })}
                        {:else if pass.email}{say('visit.letter', { email: pass.email })}{/if}
                        <Said key="visit.private_page"
                            >{#snippet link(text)}<a href={pass?.path}>{text}</a>{/snippet}</Said
                        >
                    </p>
                </div>
            {:else}
                <h2 id="yours" class="mb-4">{say('visit.your_bookings')}</h2>
            {/if}
            <div class="mb-5 flex flex-wrap gap-3">
                <button type="button" class="press main" onclick={() => more(pass!)}>{say('visit.another_here')}</button
                >
                <a class="press" href={others} onclick={() => visitor.another(pass!, true)}
                    >{say('visit.another_teacher')}</a
                >
            </div>
            {#await afterwards() then { default: Yours }}
                <Yours {pass} {newest} changed={(now) => (pass = now)} />
            {:catch}
                <!-- The net is gone just now; what is booked is booked. -->
                <p><a class="press main" href={pass.path}>{say('visit.to_bookings')}</a></p>
            {/await}
        </section>
    {:else if sheet.state !== 'open'}
        <section class="slip mt-8 max-w-3xl">
            <h2>{sheet.state === 'paused' ? say('visit.paused') : say('visit.closed')}</h2>
            <p class="mt-2 whitespace-pre-line">
                {sheet.note || say('visit.closed_stand')}
            </p>
            <Office phone={sheet.phone} />
        </section>
    {:else}
        <section class="mt-8" aria-labelledby="times">
            <div class="mb-2 flex flex-wrap items-baseline gap-x-4">
                <h2 id="times">{heading}</h2>
                {#if sheet.none === null}<p class="text-faint">
                        {sheet.later || from
                            ? say('visit.free_here', { free: sheet.free })
                            : say('visit.free', { free: sheet.free })}
                    </p>{/if}
                <span class="ms-auto"><ClockSwitch again={() => refresh(true)} /></span>
            </div>
            {#if early && !chosen}
                <p class="mb-3 flex flex-wrap items-center gap-x-2 gap-y-1">
                    {say('visit.earliest')}
                    <button type="button" class="press" onclick={() => pick(early.slot, early.label)}
                        >{say('visit.at', { day: early.slot.day, at: own(early.slot) })}</button
                    >
                </p>
            {/if}
            <Sieve {sheet} bind:sifted />
            {#if sheet.none === 'opens' && sheet.opens_first}
                <p class="mb-4">
                    {say('visit.first', { day: sheet.opens_first.day, at: own(sheet.opens_first) })}
                </p>
            {:else if sheet.none === 'enough' && visitor.pass}
                <p class="mb-4"><a class="press" href={visitor.pass}>{say('visit.move_booking')}</a></p>
            {:else if sheet.none !== null}
                {#if sheet.waiting && sheet.none === 'taken' && !chosen}<Waiting {sheet} {visitor} {sifted} full />{/if}
                <Office phone={sheet.phone} />
            {/if}
            {#if city}<p class="mb-3 text-faint">{say('visit.small_times', { city })}</p>{/if}
            <div class="grid gap-6">
                {#each days as day (day.date)}
                    <Ruler
                        {day}
                        zone={sheet.zone_name}
                        chosen={chosen?.slot.key}
                        pick={(slot) => pick(slot, day.label)}
                    />
                {/each}
            </div>
            <div class="mt-4 flex flex-wrap gap-3">
                {#if from}<button type="button" class="press" onclick={() => later(null)}
                        >{say('visit.first_days')}</button
                    >{/if}
                {#if sheet.later}<button type="button" class="press" onclick={() => later(sheet.later)}
                        >{say('visit.later_days')}</button
                    >{/if}
            </div>
        </section>

        {#if gone}
            <section class="mt-6 max-w-3xl scroll-mt-4" tabindex="-1" bind:this={slip} aria-label={say('visit.gone')}>
                <div class="notice" role="alert">
                    <p class="font-semibold">{gone.message}</p>
                    <p>{say('visit.gone_typed')}</p>
                </div>
                <div class="mt-3 flex flex-wrap gap-3">
                    {#each gone.nearest as near (near.key)}
                        <button
                            type="button"
                            class="press"
                            onclick={() => pick(near, find(near.key)?.label ?? near.day)}
                        >
                            {sheet.days.length > 1
                                ? say('visit.at_short', { day: near.day, at: own(near) })
                                : own(near)}
                        </button>
                    {/each}
                </div>
            </section>
        {:else if chosen}
            <section class="slip mt-6 max-w-3xl scroll-mt-4" tabindex="-1" bind:this={slip} aria-labelledby="chosen">
                <div class="mb-4 flex flex-wrap items-center gap-x-4 gap-y-1">
                    <h2 id="chosen">
                        {#if chosenHost}<Said key="visit.slot_with" values={{ ...span, host: chosenHost }} {time} />
                        {:else}<Said key="visit.slot" values={span} {time} />{/if}
                    </h2>
                    <button type="button" class="link" onclick={another}> {say('visit.another_time')} </button>
                    {#if otherClock}<p class="basis-full">{say('visit.own_zone', { there: otherClock })}</p>{/if}
                </div>
                {#await form() then [{ default: Answers }]}
                    <Answers
                        {sheet}
                        slot={chosen.slot}
                        host={chosen.host}
                        {visitor}
                        booked={yours}
                        {beaten}
                        free={still}
                        again={anew}
                    />
                {:catch}
                    <p class="notice" role="alert">
                        <Said key="visit.no_answer"
                            >{#snippet again(text)}<button type="button" class="link" onclick={anew}>{text}</button
                                >{/snippet}</Said
                        >
                    </p>
                {/await}
            </section>
        {/if}
        {#if sheet.waiting && !chosen && sheet.none === null}<Waiting {sheet} {visitor} {sifted} />{/if}
        {#if sheet.knock && !preview}
            <p class="mt-6">
                {sheet.none === null ? say('visit.knock_none_suits') : say('visit.knock_other')}
                <a class="press ms-1" href={visitor.token ? `${sheet.knock}?pass=${visitor.token}` : sheet.knock}
                    >{say('visit.knock', { host: sheet.host.name })}</a
                >
            </p>
        {/if}
        {#if sheet.none === null}<Office phone={sheet.phone} />{/if}
    {/if}
</svelte:element>
