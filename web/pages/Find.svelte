<script lang="ts">
    /** Everybody who offers one kind of meeting within some days: on rulers in one scale, or on a phone by teacher. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
    import { onMount } from 'svelte';
    import { api, type Schema } from '../lib/api';
    import * as beside from '../lib/beside';
    import { clock } from '../lib/clock.svelte';
    import { inWords } from '../lib/days';
    import { elsewhereBriefly, ownCity } from '../lib/elsewhere';
    import { rulerOf } from '../lib/found';
    import { Live } from '../lib/live.svelte';
    import { holds } from '../lib/sought';
    import ClockSwitch from '../parts/ClockSwitch.svelte';
    import Masthead from '../parts/Masthead.svelte';
    import Office from '../parts/Office.svelte';
    import Ruler from '../ruler/Ruler.svelte';

    let first: Schema['Found'] = $props();

    let known = $state<Schema['Found'] | null>(null);
    const found = $derived(known ?? first);
    let width = $state(document.documentElement.clientWidth);
    /** So many times of each teacher stand there before one asks for all. */
    const BEST = 3;
    let open = $state<Record<string, boolean>>({});
    // svelte-ignore state_referenced_locally -- begins with what the page came with
    let names = $state(first.names);
    // svelte-ignore state_referenced_locally
    let dates = $state({ from: first.from, to: first.to });

    // Whoever has a pass is not offered what clashes with it.
    const pass = sessionStorage.getItem('recess.pass')?.slice('/p/'.length);
    const live = new Live(
        () => found.channel,
        (headers) => {
            const { about, from, to, skip, names } = first;
            return api.GET('/api/find', {
                params: { query: { about, from, to, names, skip, ...(pass ? { pass } : {}) } },
                headers,
            });
        },
        (data) => (known = data),
        // A round that opens changes many times a second, and many look at it.
        3000,
    );
    onMount(() => live.start());
    // What the page came with is the same for everybody. Until it is known what clashes with a pass nothing of it can be
    // pressed: it would be taken back a moment later, or refused. Where nothing answers, the server still says so.
    const sure = $derived(!pass || known !== null || live.lost);

    function go(path: string, key: string) {
        beside.from(path);
        location.assign(`${path}?slot=${encodeURIComponent(key)}`);
    }
    // Who books one after the other here comes back after each.
    const just = beside.booked();
    const freeOf = (day: Schema['FoundDay'], row: Schema['FoundHost']) =>
        rulerOf(day, row).stretches.flatMap((part) => part.slots.filter((slot) => slot.state === 'free'));
    const own = (slot: Schema['Slot']) => elsewhereBriefly(slot, found.zone);
    const city = $derived(found.days[0]?.times[0] ? ownCity(found.days[0].times[0], found.zone) : null);
    const sought = (row: Schema['FoundHost']) => holds(`${row.host} ${row.subject}`, names);
    const at = (skip: number) =>
        `/find?${new URLSearchParams({ about: found.about, from: found.from, to: found.to, names: found.names, skip: `${skip}` })}`;
</script>

<main class="sheet-of-paper" bind:clientWidth={width}>
    <Masthead school={found.school} />
    <div class="flex flex-wrap items-baseline gap-x-4">
        <h1>{say('board.find_heading')}</h1>
        <span class="ms-auto"><ClockSwitch again={() => live.anew()} /></span>
    </div>
    <form action="/find" class="mt-2 mb-4 flex flex-wrap items-end gap-x-4 gap-y-2">
        <div class="min-w-0 flex-1 basis-52">
            <label for="about" class="mb-1 block font-semibold">{say('board.find_about')}</label>
            <select id="about" name="about" class="box w-full" value={found.about}>
                {#each found.titles as one (one.about)}<option value={one.about}>{one.said}</option>{/each}
            </select>
        </div>
        <div class="min-w-0 flex-1 basis-32 sm:flex-none">
            <label for="from" class="mb-1 block font-semibold">{say('board.find_from')}</label>
            <input id="from" name="from" type="date" class="box w-full" bind:value={dates.from} />
            <span class="block min-h-5 text-sm text-faint">{inWords(dates.from)}</span>
        </div>
        <div class="min-w-0 flex-1 basis-32 sm:flex-none">
            <label for="to" class="mb-1 block font-semibold">{say('board.find_to')}</label>
            <input id="to" name="to" type="date" class="box w-full" bind:value={dates.to} />
            <span class="block min-h-5 text-sm text-faint">{inWords(dates.to)}</span>
        </div>
        {#if found.found > 6 || found.names}
            <div class="min-w-0 flex-1 basis-52">
                <label for="names" class="mb-1 block font-semibold">{say('board.find_names')}</label>
                <input id="names" name="names" type="search" class="box w-full" bind:value={names} autocomplete="off" />
            </div>
        {/if}
        <button class="press main">{say('board.show_times')}</button>
    </form>
    {#if just}
        <p class="good-news mb-3" role="status">
            <Said key="board.find_booked" values={{ at: clock.say(just.from), host: just.host }}
                >{#snippet link(text)}<a href={just.pass}>{text}</a>{/snippet}</Said
            >
        </p>
    {/if}
    {#if known && pass}<p class="mb-2 text-faint">{say('board.find_no_clash')}</p>{/if}
    {#if city}<p class="mb-2 text-faint">{say('board.find_small_times', { city })}</p>{/if}
    {#each found.days as day (day.label)}
        <section class={['mb-6', !sure && 'opacity-60']} inert={!sure}>
            <h2 class="mb-2">{day.label}</h2>
            {#if width < 860}
                <ul>
                    {#each day.rows.filter(sought) as row (row.path)}
                        {@const free = freeOf(day, row)}
                        {@const id = `${day.date}|${row.path}`}
                        <li class="border-b border-line py-2">
                            <h3 class="text-[1.05rem]">{row.host}</h3>
                            <p class="mb-1 text-faint">
                                {free.length === 0
                                    ? say('board.find_none_that_day', { subject: row.subject })
                                    : row.subject}
                            </p>
                            {#if open[id]}
                                <Ruler
                                    day={rulerOf(day, row)}
                                    zone={found.zone}
                                    heading={say('board.find_ruler', { host: row.host, subject: row.subject })}
                                    pick={(slot) => go(row.path, slot.key)}
                                />
                            {:else}
                                <div class="flex flex-wrap items-center gap-2">
                                    {#each free.slice(0, BEST) as slot (slot.key)}
                                        <button
                                            type="button"
                                            class="press px-3"
                                            aria-label={say('board.find_time', {
                                                host: row.host,
                                                from: clock.say(slot.from),
                                                until: clock.say(slot.until),
                                            })}
                                            onclick={() => go(row.path, slot.key)}
                                            >{clock.say(slot.from)}{#if own(slot)}&nbsp;<small>({own(slot)})</small
                                                >{/if}</button
                                        >
                                    {/each}
                                    {#if free.length > BEST}<button
                                            type="button"
                                            class="link"
                                            aria-label={say('board.find_all_of', {
                                                count: free.length,
                                                host: row.host,
                                            })}
                                            onclick={() => (open[id] = true)}
                                            >{say('board.find_all', { count: free.length })}</button
                                        >{/if}
                                </div>
                            {/if}
                        </li>
                    {/each}
                </ul>
            {:else}
                <div class="beside">
                    {#each day.rows.filter(sought) as row (row.path)}
                        <div class="row">
                            <h3>{row.host}<span class="block text-faint">{row.subject}</span></h3>
                            <Ruler
                                day={rulerOf(day, row)}
                                zone={found.zone}
                                heading={say('board.find_ruler', { host: row.host, subject: row.subject })}
                                close
                                pick={(slot) => go(row.path, slot.key)}
                            />
                        </div>
                    {/each}
                </div>
            {/if}
        </section>
    {:else}
        <p><Said key="board.find_nobody">{#snippet link(text)}<a href="/">{text}</a>{/snippet}</Said></p>
    {/each}
    {#if found.skip > 0 || found.skip + found.at_once < found.found}
        <p class="mb-6 flex flex-wrap items-center gap-x-4 gap-y-2">
            <span
                >{say('board.find_these', {
                    first: found.skip + 1,
                    last: Math.min(found.skip + found.at_once, found.found),
                    all: found.found,
                })}</span
            >
            {#if found.skip > 0}<a class="press" href={at(Math.max(0, found.skip - found.at_once))}
                    >{say('board.find_before')}</a
                >{/if}
            {#if found.skip + found.at_once < found.found}<a class="press" href={at(found.skip + found.at_once)}
                    >{say('board.find_after')}</a
                >{/if}
        </p>
    {/if}
    <Office phone={found.office} />
</main>

<style>
    /* One scale for all: the hours stand once, on top; names stay where they are when a long day is moved sideways. */
    .beside {
        overflow-x: auto;
        padding-inline-end: 2.2rem;
    }
    .row {
        display: grid;
        grid-template-columns: 11rem minmax(0, 1fr);
        column-gap: 2rem;
        align-items: end;
        border-bottom: 1px solid var(--line);
    }
    h3 {
        position: sticky;
        inset-inline-start: 0;
        z-index: 4;
        align-self: stretch;
        padding: 0.7rem 0.8rem 0.4rem 0;
        background: var(--paper);
        font-size: 1rem;
        line-height: 1.3;
    }
    .row:first-child h3 {
        padding-top: 2.4rem;
    }
    .row :global([data-ruler] > h3) {
        display: none;
    }
    .row :global(.window) {
        overflow: visible;
        padding: 0.5rem 0 0;
        margin: 0;
    }
    .row:first-child :global(.window) {
        padding-top: 2.2rem;
    }
    .row :global(.scale) {
        height: 4.5rem;
    }
    .row :global(.tab) {
        font-size: 0.78rem;
    }
    .row :global(.hour-name) {
        display: none;
    }
    .row:first-child :global(.hour-name) {
        display: inline;
        top: -5.5rem;
    }
</style>
