<script lang="ts">
    /** A staff member's sheets at a glance. */
    import { Button, Input } from '../lib/controls';
    import FilePress from '../controls/FilePress.svelte';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import { api, ask, formOf, type Schema } from '../lib/api';
    import { holds } from '../lib/sought';
    import Masthead from '../parts/Masthead.svelte';

    interface Props {
        host: string;
        door: string;
        notices: { id: number; message: string }[];
        sheets: Schema['SheetRow'][];
        /** For the office: the open sheets of everybody else. */
        school: { id: number; title: string; host: string; next: string | null }[];
    }
    let { host, door, notices: firstNotices, sheets: first, school }: Props = $props();

    let sought = $state('');
    /** Whoever is on the phone is found by what they say, without accents and in any case. */
    const others = $derived(school.filter((one) => holds(`${one.host} ${one.title}`, sought)));

    let changed = $state<Record<number, Schema['SheetRow']>>({});
    let seen = $state<number[]>([]);
    const sheets = $derived(first.map((sheet) => changed[sheet.id] ?? sheet));
    const shown = $derived(sheets.filter((sheet) => !sheet.put_away));
    const away = $derived(sheets.filter((sheet) => sheet.put_away));
    const notices = $derived(firstNotices.filter((one) => !seen.includes(one.id)));

    let undo = $state<{ said: string; act: () => Promise<void> } | null>(null);
    let copying = $state<{ id: number; start: string } | null>(null);
    let message = $state('');

    function keep(answer: {
        data?: Schema['HostSheet'];
        trouble?: { message: string; fields: Record<string, string> };
    }) {
        message = answer.trouble ? (Object.values(answer.trouble.fields)[0] ?? answer.trouble.message) : '';
        if (answer.data) changed[answer.data.id] = answer.data;
        return answer.data !== undefined;
    }
    async function putAway(sheet: Schema['SheetRow'], to: boolean) {
        const path = { params: { path: { sheet: sheet.id } } };
        if (keep(await ask(api.POST('/api/staff/sheets/{sheet}/put-away', { ...path, body: { away: to } }))))
            undo = to ? { said: `“${sheet.title}” is put away.`, act: () => putAway(sheet, false) } : null;
    }
    async function turn(sheet: Schema['SheetRow'], to: 'open' | 'paused' | 'closed' | 'draft') {
        const before = sheet.state;
        const path = { params: { path: { sheet: sheet.id } } };
        if (keep(await ask(api.POST('/api/staff/sheets/{sheet}/state', { ...path, body: { state: to } }))))
            undo = {
                said: `“${sheet.title}” is ${to} now.`,
                act: async () => {
                    keep(await ask(api.POST('/api/staff/sheets/{sheet}/state', { ...path, body: { state: before } })));
                    undo = null;
                },
            };
    }
    async function copy() {
        if (!copying) return;
        const answer = await ask(
            api.POST('/api/staff/sheets/{sheet}/copy', {
                params: { path: { sheet: copying.id } },
                body: { start: copying.start },
            }),
        );
        message = answer.trouble ? (answer.trouble.fields.start ?? answer.trouble.message) : '';
        if (answer.data) location.assign(`/staff/sheets/${answer.data.id}/edit`);
    }
    async function look(id: number) {
        const answer = await ask(api.POST('/api/staff/notices/{notice}/seen', { params: { path: { notice: id } } }));
        if (answer.data) seen = [...seen, id];
    }
    async function bring(file: File) {
        const answer = await ask(
            api.POST('/api/staff/sheets/import', {
                body: { file: '' },
                ...formOf({ file }),
            }),
        );
        message = answer.trouble ? (answer.trouble.fields.file ?? answer.trouble.message) : '';
        if (answer.data) location.assign(`/staff/sheets/${answer.data.id}/edit`);
    }
</script>

<main class="sheet-of-paper">
    <Masthead {host} />
    <div class="mb-2 flex flex-wrap items-center gap-4">
        <h1 class="mr-auto">Your sheets</h1>
        <Button href="/staff/sheets/new?kind=conferences">New conferences</Button>
        <Button href="/staff/sheets/new?kind=office+hours">New office hours</Button>
        <Button color="alternative" href="/staff/sheets/new?kind=other">Something else</Button>
    </div>
    <p class="mb-6 text-faint">
        What is open stands on <a href={door}>your door</a>. A file you were given:
        <FilePress plain label="Sheet file" accept=".json,.ics" take={bring}>bring a sheet in</FilePress>
    </p>
    {#if notices.length > 0}
        <ul class="mb-6 grid gap-2" aria-label="To look at">
            {#each notices as notice (notice.id)}
                <li class="notice flex flex-wrap items-center gap-x-4">
                    <span class="min-w-0 flex-1 basis-72">{notice.message}</span>
                    <Button color="alternative" onclick={() => look(notice.id)}>I have seen it</Button>
                </li>
            {/each}
        </ul>
    {/if}
    {#if undo}
        <p class="good-news mb-4 flex flex-wrap items-center gap-4" role="status">
            {undo.said}
            <Button color="alternative" onclick={() => undo?.act()}>Undo</Button>
        </p>
    {/if}
    {#if message}<Notice class="mb-4">{message}</Notice>{/if}
    {#if shown.length === 0}
        <p class="max-w-prose">
            A sheet says when and where people can meet you. Write the first one, publish it, and pass its link on.
        </p>
    {:else}
        <ul class="grid gap-3">
            {#each shown as sheet (sheet.id)}
                <li class="slip grid gap-x-6 gap-y-2 md:grid-cols-[minmax(0,1fr)_16rem] md:items-center">
                    <div>
                        <h2 class="flex flex-wrap items-center gap-3">
                            <a href="/staff/sheets/{sheet.id}" class="py-1">{sheet.title}</a>
                            <span class="chip {sheet.state}">{sheet.state}</span>
                            {#if sheet.fresh > 0 && sheet.state !== 'draft'}<span class="chip new"
                                    >{sheet.fresh} new</span
                                >{/if}
                            {#if sheet.asked > 0}<span class="chip new"
                                    >{sheet.asked === 1
                                        ? 'one wish to answer'
                                        : `${sheet.asked} wishes to answer`}</span
                                >{/if}
                        </h2>
                        <p class="times text-faint">
                            {sheet.kind === 'other'
                                ? ''
                                : `${sheet.kind[0]?.toUpperCase()}${sheet.kind.slice(1)}. `}{sheet.when}
                            {#if sheet.owner !== host}With {sheet.owner}.{/if}
                        </p>
                        {#if sheet.next}<p>Next meeting: {sheet.next}</p>{/if}
                    </div>
                    <div>
                        <p>{sheet.taken} of {sheet.slots} taken{sheet.more ? ' on its next days' : ''}</p>
                        <svg
                            viewBox="0 0 {Math.max(sheet.slots, 1)} 1"
                            preserveAspectRatio="none"
                            class="fill mt-1"
                            aria-hidden="true"
                        >
                            <rect width={sheet.slots} height="1" class="ground" />
                            <rect width={sheet.taken} height="1" class="taken" />
                        </svg>
                        <div class="mt-1 flex flex-wrap gap-x-4">
                            {#if sheet.state === 'open'}
                                <TextButton onclick={() => turn(sheet, 'paused')}>Pause</TextButton>
                                <TextButton onclick={() => turn(sheet, 'closed')}>Close</TextButton>
                            {:else if sheet.state === 'paused' || sheet.state === 'closed'}
                                <TextButton onclick={() => turn(sheet, 'open')}>Open again</TextButton>
                            {/if}
                            <TextButton
                                aria-expanded={copying?.id === sheet.id}
                                onclick={() =>
                                    (copying = copying?.id === sheet.id ? null : { id: sheet.id, start: '' })}
                                >Copy</TextButton
                            >
                            {#if sheet.owner === host}<TextButton onclick={() => putAway(sheet, true)}
                                    >Put away</TextButton
                                >{/if}
                        </div>
                    </div>
                    {#if copying?.id === sheet.id}
                        <form
                            class="flex flex-wrap items-end gap-3 md:col-span-2"
                            onsubmit={(event) => {
                                event.preventDefault();
                                void copy();
                            }}
                        >
                            <div>
                                <label for="start-{sheet.id}" class="mb-1 block font-semibold"
                                    >Its first day is now</label
                                >
                                <Input id="start-{sheet.id}" type="date" required bind:value={copying.start} />
                            </div>
                            <Button type="submit">Make the copy</Button>
                        </form>
                    {/if}
                </li>
            {/each}
        </ul>
    {/if}
    {#if school.length > 0}
        <section class="mt-8" aria-labelledby="others">
            <h2 id="others" class="mb-2">Book for somebody on the phone</h2>
            <div class="mb-2 max-w-md">
                <label for="seek-others" class="mb-1 block font-semibold">A name or a title</label>
                <Input id="seek-others" type="search" class="w-full" bind:value={sought} autocomplete="off" />
            </div>
            <p class="sr-only" role="status">{sought === '' ? '' : `${others.length} found`}</p>
            <ul class="grid gap-x-6 gap-y-1 sm:grid-cols-2 lg:grid-cols-3">
                {#each others as sheet (sheet.id)}
                    <li>
                        <a class="inline-block py-1" href="/staff/sheets/{sheet.id}">{sheet.host}: {sheet.title}</a>
                        <span class="text-faint"
                            >{sheet.next === null ? 'every time is taken' : `free ${sheet.next}`}</span
                        >
                    </li>
                {:else}
                    <li>Nobody of that name has an open sheet. Try less of the word.</li>
                {/each}
            </ul>
        </section>
    {/if}
    {#if away.length > 0}
        <details class="mt-8">
            <summary class="min-h-11 cursor-pointer py-2">Put away: {away.length}</summary>
            <ul class="grid gap-1">
                {#each away as sheet (sheet.id)}
                    <li class="flex flex-wrap items-center gap-4">
                        <a href="/staff/sheets/{sheet.id}">{sheet.title}</a>
                        <TextButton onclick={() => putAway(sheet, false)}>Bring back</TextButton>
                    </li>
                {/each}
            </ul>
        </details>
    {/if}
</main>

<style>
    .fill {
        width: 100%;
        height: 0.7rem;
        border: 1px solid var(--edge);
    }
    .ground {
        fill: var(--wash);
    }
    .taken {
        fill: var(--board);
    }
    .new {
        border-color: var(--marigold);
        border-width: 2px;
        font-weight: 600;
    }
</style>
