<script lang="ts">
    /** Who is expected and not booked yet, out of the directory or of a list of one's own; and writing to them. */
    import { onMount } from 'svelte';
    import { Button } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import Notice from '../controls/Notice.svelte';
    import { api, ask, firstOf, formOf, type Schema } from '../lib/api';
    import FilePress from '../controls/FilePress.svelte';
    import TextButton from '../controls/TextButton.svelte';

    let { sheet }: { sheet: Schema['HostSheet'] } = $props();

    let roster = $state<Schema['Roster'] | null>(null);
    let word = $state('');
    let writing = $state(false);
    let working = $state(false);
    let said = $state('');
    let trouble = $state('');
    const path = $derived({ params: { path: { sheet: sheet.id } } });

    onMount(async () => (roster = (await ask(api.GET('/api/staff/sheets/{sheet}/roster', path))).data ?? null));
    async function write() {
        working = true;
        settle(
            roster?.kind === 'families'
                ? await ask(api.POST('/api/staff/sheets/{sheet}/letters', { ...path, body: { word } }))
                : await ask(api.POST('/api/staff/sheets/{sheet}/expected/remind', { ...path, body: { word } })),
        );
    }
    function settle(answer: Awaited<ReturnType<typeof ask<Schema['Written']>>>) {
        working = false;
        trouble = firstOf(answer.trouble);
        if (!answer.data) return;
        roster = answer.data.roster;
        said = answer.data.said;
        writing = false;
    }
    let adding = $state(false);
    let text = $state('');
    let sought = $state('');
    let known = $state<{ id: number; name: string; class: string }[]>([]);
    async function add(body: { text?: string; students?: number[] }) {
        settle(await ask(api.POST('/api/staff/sheets/{sheet}/expected', { ...path, body })));
        if (!trouble) text = '';
    }
    const bring = async (file: File) =>
        settle(
            await ask(
                api.POST('/api/staff/sheets/{sheet}/expected', { ...path, body: {}, ...formOf({ file }) } as never),
            ),
        );
    const off = async (id: number) =>
        settle(await ask(api.POST('/api/staff/sheets/{sheet}/expected/off', { ...path, body: { students: [id] } })));
    async function look() {
        const answer = await ask(api.GET('/api/staff/families', { params: { query: { sought } } }));
        known = sought.trim() ? (answer.data?.students ?? []) : [];
    }
</script>

{#if roster && (roster.said || (roster.kind === 'list' && sheet.can_change))}
    <section class="mt-4" aria-labelledby="roster">
        <div class="flex flex-wrap items-baseline gap-x-4 gap-y-2">
            <h2 id="roster">{roster.said || 'Whom you expect'}</h2>
            {#if roster.kind === 'list' && sheet.can_change}<Button
                    size="sm"
                    color="alternative"
                    aria-expanded={adding}
                    onclick={() => (adding = !adding)}>Put students on the list</Button
                >{/if}
            {#if roster.cards}<a href="/staff/sheets/{sheet.id}/files/cards.pdf">Cards with codes, on paper</a>{/if}
            {#if roster.to_write > 0 && sheet.state === 'open' && !sheet.put_away}
                <Button color="alternative" aria-expanded={writing} onclick={() => (writing = !writing)}
                    >{roster.kind === 'families'
                        ? 'Write to those who have not booked'
                        : 'Remind those who have not booked'}</Button
                >
            {/if}
        </div>
        <p role="status" class:good-news={said}>{said}</p>
        {#if trouble}<Notice>{trouble}</Notice>{/if}
        {#if writing}
            <div class="slip mt-2 grid max-w-2xl gap-3">
                <p>
                    {#if roster.kind === 'families'}
                        {roster.to_write === 1 ? 'One guardian gets' : `${roster.to_write} guardians get`} a letter with a
                        link of their own. Nobody gets two within a day.
                    {:else}
                        {roster.to_write === 1 ? 'One gets' : `${roster.to_write} get`} a message with a link that knows the
                        student. Nobody gets two within a day.
                    {/if}
                </p>
                <Field name="letter-word" label="A word from you" lines={3} maxlength={1000} bind:value={word} />
                <Button class="justify-self-start" disabled={working} onclick={write}
                    >{working
                        ? 'One moment…'
                        : roster.to_write === 1
                          ? 'Send the letter'
                          : `Send ${roster.to_write} letters`}</Button
                >
            </div>
        {/if}
        {#if adding}
            <div class="slip mt-2 grid max-w-2xl gap-3">
                <Field
                    name="expected-text"
                    label="A name on each line, or a table with its heading (name, class, e-mail, phone)"
                    lines={4}
                    required
                    bind:value={text}
                />
                <p class="flex flex-wrap gap-3">
                    <Button disabled={!text.trim()} onclick={() => add({ text })}>Put them on the list</Button>
                    <FilePress label="A table of students" accept=".csv,.txt,text/csv" take={bring}
                        >Bring a table</FilePress
                    >
                </p>
                <Field
                    name="expected-sought"
                    label="Or somebody whom the school knows"
                    bind:value={sought}
                    change={look}
                />
                <ul class="flex flex-wrap gap-2">
                    {#each known as one (one.id)}
                        <li>
                            <Button size="sm" color="alternative" onclick={() => add({ students: [one.id] })}
                                >{one.name}{one.class ? `, ${one.class}` : ''}</Button
                            >
                        </li>
                    {/each}
                </ul>
            </div>
        {/if}
        {#if roster.missing.length > 0}
            <details class="mt-1">
                <summary class="min-h-11 cursor-pointer py-2 text-board underline underline-offset-4"
                    >Who is not booked yet</summary
                >
                <ul class="columns-2 gap-x-8 sm:columns-3">
                    {#each roster.missing as one (one.id)}
                        <li>
                            {one.name}
                            <span class="text-faint"
                                >{one.class}{one.can_write
                                    ? ''
                                    : roster.kind === 'families'
                                      ? ', no address'
                                      : ', cannot be reached'}</span
                            >
                            {#if one.failed}<span class="block text-brick">The reminder did not arrive.</span>{/if}
                            {#if roster.kind === 'list' && sheet.can_change}<TextButton onclick={() => off(one.id)}
                                    >take off<span class="sr-only"> {one.name}</span></TextButton
                                >{/if}
                        </li>
                    {/each}
                </ul>
                {#if roster.more > 0}<p class="text-faint">And {roster.more} more.</p>{/if}
            </details>
        {/if}
    </section>
{/if}
