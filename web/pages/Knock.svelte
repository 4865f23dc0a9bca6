<script lang="ts">
    /** Somebody asks for a time that no sheet offers: what it is about, and where on the rulers all are free. */
    import { onMount, tick } from 'svelte';
    import { api, ask, beside, type Schema } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import { newKey } from '../lib/key';
    import { Live } from '../lib/live.svelte';
    import Bands from '../knock/Bands.svelte';
    import Chosen from '../knock/Chosen.svelte';
    import OwnCalendar from '../knock/OwnCalendar.svelte';
    import Told from '../knock/Told.svelte';
    import { Choices, type Choice } from '../knock/choices.svelte';
    import type { Typed } from '../knock/typed';
    import ClockSwitch from '../parts/ClockSwitch.svelte';
    import Field from '../parts/Field.svelte';
    import Masthead from '../parts/Masthead.svelte';
    import Office from '../parts/Office.svelte';

    let page: Schema['KnockPage'] = $props();

    // Within this tab only: a phone may be shared. Gone once it is sent.
    // svelte-ignore state_referenced_locally -- one door a page
    const MEMORY = `recess.knock.${page.slug}`;
    const PASS = 'recess.pass';
    const kept = JSON.parse(sessionStorage.getItem(MEMORY) ?? '{}') as Partial<
        Typed & { list: Choice[]; minutes: number }
    >;
    let typed = $state<Typed>({
        title: '',
        details: '',
        work: '',
        student: '',
        name: '',
        email: '',
        phone: '',
        place: null,
        answers: {},
        with: [],
        ...kept,
    });
    const choices = new Choices(3, () => remember());
    // svelte-ignore state_referenced_locally -- what the page came with
    let times = $state.raw<Schema['KnockTimes']>(page.times);
    // svelte-ignore state_referenced_locally -- what the page came with
    choices.days = page.times.days;
    // svelte-ignore state_referenced_locally -- what the page came with
    choices.minutes =
        kept.minutes && page.times.lengths.includes(kept.minutes)
            ? kept.minutes
            : (page.times.lengths.find((one) => one >= 30) ?? page.times.lengths[0] ?? 30);
    choices.list = kept.list ?? [];

    let own = $state.raw<Schema['OwnCalendar'] | null>(null);
    let pass = $state<string | null>(
        new URLSearchParams(location.search).get('pass') ?? sessionStorage.getItem(PASS)?.slice('/p/'.length) ?? null,
    );
    let known = $state<Pick<Schema['Pass'], 'name' | 'email' | 'phone' | 'students'> | null>(null);
    let from = $state<string | null>(null);
    /** On a phone a week is drawn, and the rest where it is asked for. */
    const FIRST = 5;
    let all = $state(false);
    let working = $state(false);
    let message = $state('');
    let nearest = $state<NonNullable<Schema['Problem']['nearest_times']>>([]);
    let fields = $state<Record<string, string>>({});
    let sent = $state<Schema['Knocked'] | null>(null);
    let form = $state<HTMLFormElement>();
    let news = $state<HTMLElement>();

    function remember() {
        sessionStorage.setItem(MEMORY, JSON.stringify({ ...typed, list: choices.list, minutes: choices.minutes }));
    }

    async function look(): Promise<Response> {
        const answer = await api.POST('/api/d/{door}/times', {
            params: { path: { door: page.slug } },
            body: { with: typed.with, from, own: own?.own ?? null, place: typed.place, pass },
        });
        if (answer.data) {
            times = answer.data;
            choices.days = answer.data.days;
            fields = { ...fields, with: '' };
        } else if (answer.response.status === 422)
            fields = { ...fields, with: (answer.error as Schema['Problem']).errors?.with?.[0] ?? '' };
        return answer.response;
    }
    const refresh = () => look().catch(() => undefined);
    const live = new Live(
        () => page.channel,
        () => (sent ? Promise.resolve(new Response(null, { status: 204 })) : look()),
        1500,
    );
    onMount(() => {
        if (pass) void meet();
        if (pass || typed.with.length > 0) void refresh();
        return live.start();
    });

    /** Asks the pass who this is, so that nothing is typed twice; a pass that is none is forgotten. */
    async function meet() {
        const answer = await ask(
            api.GET('/api/p/{token}', { params: { path: { token: pass! }, query: { on: `/d/${page.slug}` } } }),
        );
        if (answer.data) known = answer.data;
        else if (answer.status === 404) {
            pass = null;
            sessionStorage.removeItem(PASS);
        }
    }

    /** Somebody else asks from this browser. */
    function forget() {
        pass = null;
        known = null;
        sessionStorage.removeItem(PASS);
        void refresh();
    }

    async function together(slug: string, is: boolean) {
        typed.with = is ? [...typed.with, slug] : typed.with.filter((one) => one !== slug);
        remember();
        await refresh();
        if (!times.lengths.includes(choices.minutes)) choices.wish(times.lengths[0] ?? choices.minutes);
    }

    // The same wish keeps its key, however often it is pressed; another wish gets another.
    let last = { wish: '', key: '' };
    async function send() {
        const answers = Object.fromEntries(
            page.questions.map((one) => [one.key, typed.answers[one.key] ?? '']),
        ) as Record<string, never>;
        const wish = {
            title: typed.title,
            details: typed.details,
            work: typed.work,
            student: typed.student,
            place: typed.place ?? page.places[0]?.id ?? null,
            name: typed.name,
            email: typed.email,
            phone: typed.phone,
            answers,
            with: typed.with,
            choices: choices.list.map((one) => ({ start: one.key, minutes: one.minutes })),
            pass,
            clock: clock.twelve ? 12 : 24,
        };
        const said = JSON.stringify(wish);
        if (last.wish !== said) last = { wish: said, key: newKey() };
        working = true;
        const answer = await ask(
            api.POST('/api/d/{door}/knocks', {
                params: { path: { door: page.slug } },
                body: { ...wish, request_key: last.key },
            }),
        );
        working = false;
        fields = answer.trouble?.fields ?? {};
        nearest = (answer.trouble && (answer.body as Schema['Problem'] | null)?.nearest_times) ?? [];
        message = answer.trouble
            ? Object.keys(fields).length === 0
                ? answer.trouble.message
                : beside(answer.trouble)
            : '';
        if (answer.data) {
            sent = answer.data;
            sessionStorage.removeItem(MEMORY);
            sessionStorage.setItem(PASS, answer.data.path);
            await tick();
            news?.focus();
            news?.scrollIntoView({ block: 'nearest' });
            return;
        }
        if (answer.status === 409) void refresh();
        requestAnimationFrame(() =>
            form?.querySelector<HTMLElement>('[aria-invalid], [role="alert"]')?.scrollIntoView({ block: 'center' }),
        );
        form?.querySelector<HTMLElement>('[aria-invalid]')?.focus();
    }

    /** One that is named instead of what was taken. */
    async function take(one: { key: string; length: number }) {
        message = '';
        const lost = choices.list.findIndex((choice) => !choices.stands(choice));
        choices.at = lost === -1 ? 0 : lost;
        const day = choices.dayOf(one.key);
        const start = day?.starts.find((other) => other.key === one.key);
        if (day && start) choices.put(day, start.at + one.length / 2);
        nearest = [];
    }

    const hostName = $derived(page.host.name.split(' ')[0] ?? page.host.name);
    const called = $derived(typed.with.length > 0 ? 'all' : hostName);
    const asked = $derived([
        page.host.name,
        ...page.others.filter((one) => typed.with.includes(one.slug)).map((one) => one.name),
    ]);
    const wrong = (i: number) => fields[`choices.${i}.start`] ?? fields[`choices.${i}.minutes`] ?? '';
    const anything = $derived(times.days.some((day) => day.starts.length > 0));
</script>

<main class="sheet-of-paper">
    <Masthead school={page.school} />
    <h1>Ask {page.host.name} for a time</h1>
    {#if sent}
        <section class="good-news mt-6 max-w-3xl" tabindex="-1" bind:this={news} aria-labelledby="sent">
            <h2 id="sent">
                {sent.state === 'unconfirmed'
                    ? 'One press more: look into your mail.'
                    : `${asked.join(' and ')} ${asked.length > 1 ? 'are' : 'is'} asked.`}
            </h2>
            <p>
                {sent.state === 'unconfirmed'
                    ? `Your times are kept for half an hour. Press what stands in the message to ${sent.email}, and they are asked.`
                    : sent.email
                      ? `You hear by a message to ${sent.email}. ${page.kept}`
                      : `The answer comes to your pass. ${page.kept}`}
                How it stands is on <a href={sent.path}>your pass</a>; keep its address to yourself.
            </p>
        </section>
        <ul class="mt-4 max-w-3xl">
            {#each choices.list as choice (choice.key)}<li class="times">
                    {choice.day}, {clock.say(choice.from)} to {clock.say(choice.until)}
                </li>{/each}
        </ul>
        <p class="mt-4"><a class="press" href={sent.path}>To your pass</a></p>
    {:else}
        <p class="mt-1 max-w-prose">
            For when no time <a href={page.host.door}>at their door</a> suits. {page.intro || ''}
        </p>
        <form bind:this={form} novalidate class="mt-4 grid gap-4" onsubmit={(event) => event.preventDefault()}>
            <div class="grid gap-x-6 gap-y-3 md:grid-cols-[minmax(0,1fr)_auto]">
                <Field
                    name="title"
                    label="What is it about?"
                    required
                    bind:value={typed.title}
                    error={fields.title}
                    change={remember}
                />
                <fieldset>
                    <legend class="mb-1 font-semibold">How long?</legend>
                    <div class="flex flex-wrap gap-2">
                        {#each times.lengths as minutes (minutes)}
                            <label class="length" class:on={choices.minutes === minutes}>
                                <input
                                    type="radio"
                                    name="length"
                                    class="sr-only"
                                    value={minutes}
                                    checked={choices.minutes === minutes}
                                    onchange={() => choices.wish(minutes)}
                                />
                                {minutes} min
                            </label>
                        {/each}
                    </div>
                </fieldset>
            </div>
            {#if page.others.length > 0}
                <details class="together" open={typed.with.length > 0}>
                    <summary
                        >{typed.with.length > 0
                            ? `Together: ${asked.join(' and ')}`
                            : 'With somebody else as well'}</summary
                    >
                    <div class="flex max-h-44 flex-wrap gap-x-5 overflow-y-auto">
                        {#each page.others as one (one.slug)}
                            <label class="inline-flex min-h-11 items-center gap-2">
                                <input
                                    type="checkbox"
                                    checked={typed.with.includes(one.slug)}
                                    disabled={typed.with.length >= 5 && !typed.with.includes(one.slug)}
                                    onchange={(event) => void together(one.slug, event.currentTarget.checked)}
                                />
                                {one.name}<span class="text-faint">{one.subject}</span>
                            </label>
                        {/each}
                    </div>
                    {#if fields.with}<p class="font-semibold text-brick" role="alert">{fields.with}</p>{/if}
                </details>
            {/if}

            <section aria-labelledby="when">
                <div class="flex flex-wrap items-baseline gap-x-4">
                    <h2 id="when">When are you both free?</h2>
                    <p class="text-faint">Press or drag on a green band. Times are {page.zone}.</p>
                    <span class="ml-auto"><ClockSwitch /></span>
                </div>
                <OwnCalendar
                    door={page.slug}
                    pass={pass !== null}
                    said={own?.said ?? ''}
                    read={(calendar) => {
                        own = calendar;
                        void refresh();
                    }}
                />
                {#if !anything}
                    <p class="notice my-2">
                        There is no common free time {typed.with.length > 0 ? 'of all of you ' : ''}on these days{times.later
                            ? '; look at later ones'
                            : ''}.
                    </p>
                {/if}
                <div class="rulers">
                    {#each times.days as day, i (day.date)}
                        <div class:folded={i >= FIRST && !all}><Bands {day} {choices} host={called} /></div>
                    {/each}
                </div>
                <p class="mt-2 flex flex-wrap gap-3">
                    {#if times.days.length > FIRST && !all}<button
                            type="button"
                            class="press unfold"
                            onclick={() => (all = true)}>{times.days.length - FIRST} more days</button
                        >{/if}
                    {#if times.earlier}<button
                            type="button"
                            class="press"
                            onclick={() => {
                                from = times.earlier;
                                void refresh();
                            }}>Earlier days</button
                        >{/if}
                    {#if times.later}<button
                            type="button"
                            class="press"
                            onclick={() => {
                                from = times.later;
                                void refresh();
                            }}>Later days</button
                        >{/if}
                </p>
            </section>

            <section aria-labelledby="chosen">
                <h2 id="chosen" class="mb-2">Your choices</h2>
                <Chosen {choices} {wrong} />
                {#if fields.choices}<p class="font-semibold text-brick" role="alert">{fields.choices}</p>{/if}
            </section>

            <section aria-labelledby="who">
                <h2 id="who" class="mb-2">What they should know</h2>
                <Told
                    {page}
                    bind:typed
                    {known}
                    pass={pass ?? ''}
                    {fields}
                    change={remember}
                    elsewhere={() => pass && void refresh()}
                    another={forget}
                />
                <div class="mt-4 grid gap-3">
                    {#if message}
                        <div class="notice" role="alert">
                            <p>{clock.all(message)}</p>
                            {#if nearest.length > 0}
                                <p class="mt-2 flex flex-wrap gap-2">
                                    {#each nearest as one (one.key)}<button
                                            type="button"
                                            class="press times"
                                            onclick={() => void take(one)}>{clock.all(one.when)}</button
                                        >{/each}
                                </p>
                            {/if}
                        </div>
                    {/if}
                    <p class="text-faint">{page.kept}</p>
                    <p>
                        <button type="button" class="press main" disabled={working} onclick={() => void send()}>
                            {working
                                ? 'One moment…'
                                : `Ask ${asked.join(' and ')}${choices.list.length > 1 ? ' for one of these' : ''}`}
                        </button>
                    </p>
                </div>
            </section>
        </form>
    {/if}
    <Office phone={page.office} />
</main>

<style>
    .length {
        display: inline-flex;
        align-items: center;
        min-height: 2.75rem;
        padding: 0.3rem 0.9rem;
        border: 1.5px solid var(--edge);
        border-radius: 6px;
        cursor: pointer;
    }
    .length.on {
        color: var(--on-board);
        background: var(--board);
        border-color: var(--board);
        font-weight: 600;
    }
    .length:focus-within {
        outline: 3px solid var(--marigold);
        outline-offset: 2px;
    }
    summary {
        min-height: 2.75rem;
        padding: 0.5rem 0;
        cursor: pointer;
        color: var(--board);
    }
    .unfold {
        display: none;
    }
    @media (max-width: 40rem) {
        .folded {
            display: none;
        }
        .unfold {
            display: inline-flex;
        }
    }
    .together {
        margin-block: -0.5rem;
    }
</style>
