<script lang="ts">
    /** A round for a family: tick whom to meet, say when one can come, look at the plan, keep it whole. */
    import { say } from '../lib/say';
    import { onMount, tick } from 'svelte';
    import type { Schema } from '../lib/api';
    import { newKey } from '../lib/key';
    import ClockSwitch from '../parts/ClockSwitch.svelte';
    import Masthead from '../parts/Masthead.svelte';
    import Office from '../parts/Office.svelte';
    import AskToJoin from '../parts/AskToJoin.svelte';
    import AboutChildren from '../round/AboutChildren.svelte';
    import Coming from '../round/Coming.svelte';
    import PlanDays from '../round/PlanDays.svelte';
    import { Shortlist } from '../round/shortlist.svelte';
    import Standing from '../round/Standing.svelte';
    import Wanted from '../round/Wanted.svelte';
    import WhoComes from '../round/WhoComes.svelte';
    import Wishes from '../round/Wishes.svelte';

    let page: Schema['RoundPage'] = $props();

    // svelte-ignore state_referenced_locally
    const list = new Shortlist(page);
    let who = $state({ name: '', email: '', phone: '' });
    let keeping = $state(false);
    let said = $state<HTMLElement>();
    // One key for one plan: pressed twice, it books once.
    let key = newKey();

    const meetings = $derived((list.plan?.days ?? []).flatMap((day) => day.meetings));
    const fresh = $derived(list.added.length + list.moved.length);
    const about = $derived([...new Set(list.added.map((one) => one.student))]);
    const does = $derived(
        list.moved.length === 0
            ? say('planning.book', { many: list.added.length })
            : list.added.length === 0
              ? say('planning.move', { many: list.moved.length })
              : say('planning.book_and_move', { added: list.added.length, moved: list.moved.length }),
    );
    const fields = $derived(list.trouble?.fields ?? {});
    const PREFER = ['evenings', 'home', 'waiting'] as const;

    onMount(() => {
        list.look(0);
        const token = page.pass?.path;
        if (token) sessionStorage.setItem('recess.pass', token);
    });

    async function keep() {
        if (keeping) return;
        keeping = true;
        const pass = await list.keep(who, key);
        keeping = false;
        if (pass) {
            location.assign(`${pass.path}#plan`);
            return;
        }
        key = newKey();
        await tick();
        said?.focus();
    }
    const host = (sheet: string) => page.sheets.find((one) => one.slug === sheet)?.host.name;
</script>

<main class="sheet-of-paper">
    <Masthead school={page.school} />
    <div class="flex flex-wrap items-baseline gap-x-4">
        <h1>{page.title}</h1>
        <span class="ms-auto"><ClockSwitch again={page.opens || page.wishes ? undefined : () => list.look()} /></span>
    </div>
    {#if page.pass}<p class="text-faint">{say('planning.for', { name: page.pass.name })}</p>{/if}
    {#if page.gone}<p class="notice my-3" role="status">{page.gone}</p>{/if}
    {#if page.intro}<p class="mb-2 max-w-prose"><bdi>{page.intro}</bdi></p>{/if}
    {#if page.state !== 'open'}
        <p class="notice my-4">{say('planning.closed')}</p>
    {:else if page.wishes && !page.wishes.open}
        <p class="notice my-4">{page.wishes.said}</p>
        {#if page.wishes.sent}
            <h2 class="mt-3 mb-2">{say('planning.wished')}</h2>
            <ol class="ms-6 list-decimal">
                {#each page.wishes.sent.picks.filter((pick) => host(pick.sheet)) as pick (pick.sheet + pick.student)}
                    <li>
                        {pick.student
                            ? say('planning.who_about', { name: host(pick.sheet) ?? '', student: pick.student })
                            : host(pick.sheet)}
                    </li>
                {/each}
            </ol>
        {/if}
    {:else}
        <div class="columns">
            <section aria-labelledby="whom">
                <h2 id="whom" class="mt-3 mb-2">{say('planning.whom')}</h2>
                <Wanted {page} {list} />
                <h2 class="mt-5 mb-2">{say('planning.when')}</h2>
                <Coming {page} {list} />
                <details
                    class="mb-4"
                    open={list.interpreter !== '' || page.languages.some((one) => one.code === page.language)}
                >
                    <summary class="min-h-11 cursor-pointer py-2 text-board underline underline-offset-4"
                        >{page.languages.length > 0
                            ? say('planning.more_all')
                            : page.wishes
                              ? say('planning.more_times')
                              : say('planning.more_prefer')}</summary
                    >
                    {#if !page.wishes}
                        <p class="my-2">
                            <label
                                >{say('planning.prefer')}
                                <select class="pick" bind:value={list.prefer} onchange={() => list.look()}>
                                    {#each PREFER as value (value)}<option {value}
                                            >{say(`planning.prefer_${value}`)}</option
                                        >{/each}
                                </select></label
                            >
                        </p>
                    {/if}
                    <p class="my-2">
                        <label
                            >{say('planning.walk')}
                            <select class="pick" bind:value={list.walk} onchange={() => list.look()}>
                                {#each [...new Set( [page.walk, 5, 10, 15, 20] )].filter((one) => one >= page.walk) as one (one)}<option
                                        value={one}>{say('planning.minutes', { minutes: one })}</option
                                    >{/each}
                            </select></label
                        >
                    </p>
                    <p class="my-2">
                        <label
                            >{say('planning.breather')}
                            <select class="pick" bind:value={list.breather} onchange={() => list.look()}>
                                <option value={0}>{say('planning.breather_none')}</option>
                                {#each [5, 10, 15, 30] as one (one)}<option value={one}
                                        >{say('planning.breather_of', { minutes: one })}</option
                                    >{/each}
                            </select></label
                        >
                    </p>
                    {#if page.languages.length > 0}
                        <p class="my-2">
                            <label
                                >{say('planning.interpreter')}
                                <select class="pick" bind:value={list.interpreter} onchange={() => list.look()}>
                                    <option value="">{say('planning.interpreter_none')}</option>
                                    {#each page.languages as one (one.code)}<option value={one.code}>{one.name}</option
                                        >{/each}
                                </select></label
                            >
                        </p>
                    {/if}
                    <label class="flex min-h-11 items-center gap-3">
                        <input type="checkbox" class="size-6" bind:checked={list.ground} onchange={() => list.look()} />
                        {say('planning.ground')}
                    </label>
                </details>
            </section>
            <section aria-labelledby="plan" aria-busy={list.looking}>
                {#if page.wishes}
                    <h2 id="plan" class="mt-3 mb-2">{say('planning.your_wishes')}</h2>
                    <Wishes {page} {list} />
                {:else}
                    <h2 id="plan" class="mt-3 mb-2">{say('planning.your_plan')}</h2>
                    {#if page.opens}<p class="notice mb-3">{page.opens}</p>{/if}
                    {#if list.trouble}
                        <p class="notice mb-3" role="alert" tabindex="-1" bind:this={said}>
                            {list.trouble.message}
                        </p>
                    {/if}
                    {#if list.plan && meetings.length === 0 && list.picks.length === 0}
                        <p class="text-faint">{say('planning.plan_empty')}</p>
                    {/if}
                    {#if list.plan}
                        <PlanDays plan={list.plan} {list} />
                        {#if list.plan.left.length > 0}
                            <h3 class="mb-1 text-lg">{say('planning.left')}</h3>
                            <ul class="mb-4">
                                {#each list.plan.left as left (left.sheet + left.student)}
                                    <li class="notice mb-2">
                                        {left.why}
                                        {#if left.student}<span class="text-faint"
                                                >{say('planning.about', { student: left.student })}</span
                                            >{/if}
                                        {#if left.join && page.pass}<AskToJoin
                                                slug={left.sheet}
                                                who={() => ({
                                                    pass: page.pass?.path.slice('/p/'.length) ?? null,
                                                    student: left.student,
                                                })}
                                            />{/if}
                                        {#if left.otherwise}<button
                                                type="button"
                                                class="press mt-1"
                                                onclick={() => list.take(left)}>{left.otherwise.said}</button
                                            >{/if}
                                    </li>
                                {/each}
                            </ul>
                        {/if}
                        {#if list.plan.said && meetings.length > 0}<p class="mb-3 text-faint">{list.plan.said}</p>{/if}
                    {/if}
                    {#if fresh > 0 && !page.opens}
                        {#if about.length > 0}<AboutChildren {page} {list} children={about} />{/if}
                        <WhoComes pass={page.pass} bind:who {fields} />
                        <div class="in-sight">
                            <button
                                type="button"
                                class="press main w-full"
                                disabled={keeping || list.looking}
                                onclick={keep}>{keeping ? say('planning.moment') : does}</button
                            >
                        </div>
                    {/if}
                    {#if page.pass && page.standing > 0}<Standing {list} {page} />{/if}
                    <p class="sr-only" role="status">
                        {list.looking
                            ? ''
                            : say('planning.in_plan', { many: meetings.length, left: list.plan?.left.length ?? 0 })}
                    </p>
                {/if}
                {#if page.pass}<p class="mt-4">
                        <a class="inline-flex min-h-11 items-center" href={page.pass.path}
                            >{say('planning.everything')}</a
                        >
                    </p>{/if}
            </section>
        </div>
    {/if}
    <Office phone={page.office} />
</main>

<style>
    .columns {
        display: grid;
        gap: 0 3rem;
    }
    @media (min-width: 60rem) {
        .columns {
            grid-template-columns: 1fr 1fr;
        }
    }
</style>
