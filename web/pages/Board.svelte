<script lang="ts">
    /** The school's public page: who can be met, searched as one types. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
    import { api, ask, type Schema } from '../lib/api';
    import { holds } from '../lib/sought';
    import Field from '../parts/Field.svelte';
    import { elsewhereBriefly } from '../lib/elsewhere';
    import Masthead from '../parts/Masthead.svelte';
    import Office from '../parts/Office.svelte';
    import { onSent } from '../lib/form';

    let { school, office, zone, rounds, titles, doors: first }: Schema['Board'] = $props();

    /** What was typed while the answer before was under way is asked for after it. */
    const PAUSE = 200;

    // svelte-ignore state_referenced_locally -- begins with what the page came with
    let doors = $state(first);
    // svelte-ignore state_referenced_locally -- the same
    let sought = $state(first.sought);
    let email = $state('');
    let sent = $state(false);
    let error = $state('');
    // Where all of them are here already nobody has to be asked.
    // svelte-ignore state_referenced_locally -- the page comes once
    const all = first.sought === '' && first.shown.length === first.found;
    const found = $derived(
        all
            ? first.shown.filter((door) =>
                  holds(
                      [
                          door.name,
                          door.subject,
                          door.title,
                          ...door.sheets.flatMap((one) => [one.title, one.place]),
                      ].join(' '),
                      sought,
                  ),
              )
            : doors.shown,
    );
    const many = $derived(all ? found.length : doors.found);

    let waits: ReturnType<typeof setTimeout> | undefined;
    function seek() {
        clearTimeout(waits);
        // A reload, or the way back, finds the same.
        history.replaceState(null, '', sought.trim() ? `/?${new URLSearchParams({ seek: sought.trim() })}` : '/');
        if (!all) waits = setTimeout(() => void look(0), PAUSE);
    }
    async function look(skip: number) {
        const asked = sought;
        const answer = await ask(api.GET('/api/doors', { params: { query: { seek: asked, skip } } }));
        if (answer.data && asked === sought)
            doors = skip === 0 ? answer.data : { ...answer.data, shown: [...doors.shown, ...answer.data.shown] };
    }

    async function again() {
        const answer = await ask(api.POST('/api/pass-again', { body: { email } }));
        sent = answer.data !== undefined;
        error = answer.trouble?.fields.email ?? answer.trouble?.message ?? '';
    }
    function next(sheet: { next: string; next_at?: Parameters<typeof elsewhereBriefly>[0] | null }): string {
        const there = sheet.next_at ? elsewhereBriefly(sheet.next_at, zone) : null;
        return there ? say('board.next_elsewhere', { next: sheet.next, there }) : sheet.next;
    }
</script>

<main class="sheet-of-paper">
    <Masthead {school} />
    <h1>{say('board.heading')}</h1>
    <!-- What many come for: not below everybody who works here. -->
    <p class="mt-1 flex flex-wrap gap-x-6">
        <a class="inline-block py-2" href="/card">{say('board.card')}</a>
        <a class="inline-block py-2" href="#again">{say('board.again')}</a>
    </p>
    {#if first.found === 0 && first.sought === ''}
        <p class="mt-4">{say('board.none_now')}</p>
    {:else}
        <p class="mt-2 max-w-prose">{say('board.intro')}</p>
        {#if rounds.length > 0}
            <ul class="mt-4 grid gap-3" aria-label={say('board.under_way')}>
                {#each rounds as round (round.title)}
                    <li class="good-news flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
                        <p>
                            <Said
                                key="board.round"
                                values={{
                                    said: round.wishes ? 'wishes' : round.free ? 'free' : 'hosts',
                                    title: round.title,
                                    when: round.when,
                                    wishes: round.wishes,
                                    hosts: round.hosts,
                                }}
                            >
                                {#snippet bold(text)}<span class="font-semibold">{text}</span>{/snippet}
                            </Said>
                        </p>
                        <a class="press" href={round.path}
                            >{round.wishes
                                ? say('board.round_wishes')
                                : round.path.startsWith('/r/')
                                  ? say('board.round_plan')
                                  : say('board.round_beside')}</a
                        >
                    </li>
                {/each}
            </ul>
        {/if}
        <div class="mt-6 grid items-end gap-x-6 gap-y-3 md:grid-cols-2">
            <div>
                <label for="seek" class="mb-1 block font-semibold">{say('board.seek')}</label>
                <input
                    id="seek"
                    type="search"
                    class="box w-full"
                    bind:value={sought}
                    oninput={seek}
                    maxlength="120"
                    autocomplete="off"
                />
            </div>
            <form action="/find" class="flex flex-wrap items-end gap-3">
                <div class="min-w-0 flex-1 basis-52">
                    <label for="about" class="mb-1 block font-semibold">{say('board.about')}</label>
                    <select id="about" name="about" class="box w-full">
                        {#each titles as one (one.about)}<option value={one.about}>{one.said}</option>{/each}
                    </select>
                </div>
                <button class="press">{say('board.show_times')}</button>
            </form>
        </div>
        <p class="sr-only" role="status">{say('board.found', { many })}</p>
        <ul class="mt-6 grid gap-4 sm:grid-cols-2 lg:grid-cols-3">
            {#each found as door (door.door)}
                <li class="slip grid content-start gap-1">
                    <h2><a href={door.door} class="inline-block py-1">{door.name}</a></h2>
                    <p>{[door.title, door.subject].filter(Boolean).join(', ')}</p>
                    <ul>
                        {#each door.sheets as sheet (sheet.path)}
                            <li class="text-faint">
                                <a href={sheet.path} class="inline-block py-1">{sheet.title}</a> ·
                                {next(sheet)}
                            </li>
                        {/each}
                    </ul>
                </li>
            {/each}
        </ul>
        {#if found.length < many}
            <p class="mt-4 flex flex-wrap items-center gap-x-4 gap-y-2">
                <span>{say('board.some_shown', { shown: found.length, many })}</span>
                <button type="button" class="press" onclick={() => look(found.length)}>{say('board.show_more')}</button>
                <span class="text-faint">{say('board.or_type')}</span>
            </p>
        {/if}
        {#if found.length === 0}<p>{say('board.nobody')}</p>{/if}
    {/if}
    <section class="mt-10 max-w-xl" aria-labelledby="again">
        <h2 id="again" class="mb-2">{say('board.again')}</h2>
        {#if sent}
            <p class="good-news" role="status">
                {say('board.again_sent')}
            </p>
        {:else}
            <form class="grid gap-3" novalidate onsubmit={onSent(again)}>
                <Field
                    name="again-email"
                    label={say('board.again_email')}
                    type="email"
                    autocomplete="email"
                    required
                    bind:value={email}
                    {error}
                />
                <button class="press justify-self-start">{say('board.again_send')}</button>
            </form>
        {/if}
    </section>
    <Office phone={office} />
    <p class="mt-4"><a class="inline-block py-2" href="/staff">{say('board.staff')}</a></p>
</main>
