<script lang="ts">
    /** A staff member's sheets at a glance. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
    import { Button, Input, Label, Select } from '../lib/controls';
    import UndoToast from '../controls/UndoToast.svelte';
    import FilePress from '../controls/FilePress.svelte';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import { api, ask, firstOf, formOf, type Schema } from '../lib/api';
    import { holds } from '../lib/sought';
    import SheetRow from '../host/SheetRow.svelte';
    import Week, { type Day } from '../host/Week.svelte';
    import StaffHead from '../parts/StaffHead.svelte';

    interface Props {
        host: string;
        door: string;
        /** The next meeting, said; empty when there is none. */
        next: string;
        week: Day[];
        /** How many ask for a time of their own, and wait for an answer. */
        /** Who asks for a time, in a sentence; empty where nobody does. */
        asked: string;
        notices: { id: number; message: string }[];
        sheets: Schema['SheetRow'][];
        /** For the office: the open sheets of everybody else. */
        /** Colleagues' sheets that are for staff alone. */
        for_staff: { path: string; title: string; host: string }[];
        school: { id: number; title: string; host: string; next: string | null }[];
    }
    let { host, door, next, week, asked, notices: firstNotices, sheets: first, for_staff, school }: Props = $props();

    const AT_ONCE = 10;
    let most = $state(AT_ONCE);
    // What was looked for is still there after a look at one of them; signing out forgets it.
    const sifted = $state({ find: '', state: '', ...JSON.parse(sessionStorage.getItem('sheets') ?? '{}') });
    $effect(() => sessionStorage.setItem('sheets', JSON.stringify(sifted)));

    let sought = $state('');
    /** Whoever is on the phone is found by what they say, without accents and in any case. */
    const others = $derived(school.filter((one) => holds(`${one.host} ${one.title}`, sought)));

    let changed = $state<Record<number, Schema['SheetRow']>>({});
    let seen = $state<number[]>([]);
    const sheets = $derived(first.map((sheet) => changed[sheet.id] ?? sheet));
    const shown = $derived(sheets.filter((sheet) => !sheet.put_away));
    const found = $derived(
        shown.filter(
            (sheet) =>
                (!sifted.state || sheet.state === sifted.state) && holds(`${sheet.title} ${sheet.owner}`, sifted.find),
        ),
    );
    const away = $derived(sheets.filter((sheet) => sheet.put_away));
    const notices = $derived(firstNotices.filter((one) => !seen.includes(one.id)));

    let undo = $state<{ said: string; act: () => Promise<void> } | null>(null);
    let message = $state('');

    function keep(answer: {
        data?: Schema['HostSheet'];
        trouble?: { message: string; fields: Record<string, string> };
    }) {
        message = firstOf(answer.trouble);
        if (answer.data) changed[answer.data.id] = answer.data;
        return answer.data !== undefined;
    }
    async function putAway(sheet: Schema['SheetRow'], to: boolean) {
        const path = { params: { path: { sheet: sheet.id } } };
        if (keep(await ask(api.POST('/api/staff/sheets/{sheet}/put-away', { ...path, body: { away: to } }))))
            undo = to
                ? { said: say('hosting.is_put_away', { title: sheet.title }), act: () => putAway(sheet, false) }
                : null;
    }
    async function turn(sheet: Schema['SheetRow'], to: 'open' | 'paused' | 'closed' | 'draft') {
        const before = sheet.state;
        const path = { params: { path: { sheet: sheet.id } } };
        if (keep(await ask(api.POST('/api/staff/sheets/{sheet}/state', { ...path, body: { state: to } }))))
            undo = {
                said: say(`hosting.is_${to}`, { title: sheet.title }),
                act: async () => {
                    keep(await ask(api.POST('/api/staff/sheets/{sheet}/state', { ...path, body: { state: before } })));
                    undo = null;
                },
            };
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
    <StaffHead {host} />
    <div class="mb-2 flex flex-wrap items-center gap-4">
        <h1>{say('hosting.your_sheets')}</h1>
        <p class="min-w-0 flex-1 basis-56">{next}</p>
        <Button href="/staff/sheets/new?kind=conferences">{say('hosting.new_conferences')}</Button>
        <Button href="/staff/sheets/new?kind=office+hours">{say('hosting.new_office_hours')}</Button>
        <Button color="alternative" href="/staff/sheets/new?kind=other">{say('hosting.something_else')}</Button>
    </div>
    <p class="mb-2 text-faint">
        <Said key="hosting.stands_on_door">{#snippet link(text)}<a href={door}>{text}</a>{/snippet}</Said>
        <FilePress plain label={say('hosting.sheet_file')} accept=".json,.ics" take={bring}
            >{say('hosting.bring_in')}</FilePress
        >
    </p>
    {#if asked}
        <p class="good-news mb-3">
            {asked}
            <a href="/staff/knocks">{say('hosting.knocks_look')}</a>
        </p>
    {/if}
    {#if notices.length > 0}
        <ul class="mb-3 grid gap-2" aria-label={say('hosting.to_look_at')}>
            {#each notices as notice (notice.id)}
                <li class="notice flex flex-wrap items-center gap-x-4 gap-y-2">
                    <span class="min-w-0 flex-1 basis-72">{notice.message}</span>
                    <Button color="alternative" onclick={() => look(notice.id)}>{say('hosting.seen')}</Button>
                </li>
            {/each}
        </ul>
    {/if}
    <!-- One meeting alone is said above already. -->
    {#if week.length > 1 || (week[0]?.meetings.length ?? 0) > 1}<Week {week} />{/if}
    {#if undo}<UndoToast said={undo.said} act={() => void undo?.act()} done={() => (undo = null)} />{/if}
    {#if message}<Notice class="mb-4">{message}</Notice>{/if}
    {#if shown.length === 0}
        <p class="max-w-prose">
            {say('hosting.first_sheet')}
        </p>
    {:else}
        {#if shown.length > AT_ONCE || sifted.find || sifted.state}
            <div class="mb-2 flex flex-wrap items-end gap-4" role="search">
                <div class="min-w-0 flex-1 basis-60">
                    <Label for="seek-own">{say('hosting.find_a_sheet')}</Label>
                    <Input id="seek-own" type="search" class="w-full" bind:value={sifted.find} autocomplete="off" />
                </div>
                <div>
                    <Label for="seek-state">{say('hosting.show')}</Label>
                    <Select id="seek-state" placeholder="" bind:value={sifted.state}>
                        <option value="">{say('hosting.all_of_them')}</option>
                        {#each ['open', 'draft', 'paused', 'closed'] as state (state)}<option>{state}</option>{/each}
                    </Select>
                </div>
            </div>
            <p class="sr-only" role="status">{say('hosting.found', { many: found.length })}</p>
        {/if}
        <ul class="border-t border-line">
            {#each found.slice(0, most) as sheet (sheet.id)}
                <SheetRow
                    {sheet}
                    {host}
                    turn={(to) => void turn(sheet, to)}
                    putAway={() => void putAway(sheet, true)}
                />
            {:else}
                <li class="py-3">{say('hosting.find_none')}</li>
            {/each}
        </ul>
        {#if found.length > most}
            <Button color="alternative" class="mt-3" onclick={() => (most += AT_ONCE)}
                >{say('hosting.show_more_of', {
                    more: Math.min(AT_ONCE, found.length - most),
                    all: found.length,
                })}</Button
            >
        {/if}
    {/if}
    {#if for_staff.length > 0}
        <section class="mt-6" aria-labelledby="for-staff">
            <h2 id="for-staff">{say('hosting.for_staff')}</h2>
            <ul class="flex flex-wrap gap-x-6">
                {#each for_staff as one (one.path)}
                    <li>
                        <a class="inline-flex min-h-11 items-center" href={one.path}
                            >{say('hosting.with', { title: one.title, host: one.host })}</a
                        >
                    </li>
                {/each}
            </ul>
        </section>
    {/if}
    {#if school.length > 0}
        <section class="mt-8" aria-labelledby="others">
            <h2 id="others" class="mb-2">{say('hosting.on_phone')}</h2>
            <div class="mb-2 max-w-md">
                <Label for="seek-others">{say('hosting.on_phone_seek')}</Label>
                <Input id="seek-others" type="search" class="w-full" bind:value={sought} autocomplete="off" />
            </div>
            <p class="sr-only" role="status">{sought === '' ? '' : say('hosting.found', { many: others.length })}</p>
            <ul class="grid gap-x-6 gap-y-1 sm:grid-cols-2 lg:grid-cols-3">
                {#each others.slice(0, 30) as sheet (sheet.id)}
                    <li>
                        <a class="inline-block py-1" href="/staff/sheets/{sheet.id}"
                            >{say('hosting.on_phone_sheet', { host: sheet.host, title: sheet.title })}</a
                        >
                        <span class="text-faint"
                            >{sheet.next === null
                                ? say('hosting.every_taken')
                                : say('hosting.free_at', { next: sheet.next })}</span
                        >
                    </li>
                {:else}
                    <li>{say('hosting.on_phone_none')}</li>
                {/each}
            </ul>
            {#if others.length > 30}<p class="mt-1 text-faint">
                    {say('hosting.on_phone_more', { many: others.length - 30 })}
                </p>{/if}
        </section>
    {/if}
    {#if away.length > 0}
        <details class="mt-8">
            <summary class="min-h-11 cursor-pointer py-2">{say('hosting.put_away', { many: away.length })}</summary>
            <ul class="grid gap-1">
                {#each away as sheet (sheet.id)}
                    <li class="flex flex-wrap items-center gap-4">
                        <a href="/staff/sheets/{sheet.id}">{sheet.title}</a>
                        <TextButton onclick={() => putAway(sheet, false)}>{say('hosting.bring_back')}</TextButton>
                    </li>
                {/each}
            </ul>
        </details>
    {/if}
</main>
