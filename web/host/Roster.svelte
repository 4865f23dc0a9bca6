<script lang="ts">
    /** Who is expected and not booked yet, out of the directory or of a list of one's own; and writing to them. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
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
            <h2 id="roster">{roster.said || say('hosting.expected')}</h2>
            {#if roster.kind === 'list' && sheet.can_change}<Button
                    size="sm"
                    color="alternative"
                    aria-expanded={adding}
                    onclick={() => (adding = !adding)}>{say('hosting.expected_add')}</Button
                >{/if}
            {#if roster.cards}<a href="/staff/sheets/{sheet.id}/files/cards.pdf">{say('hosting.cards')}</a>{/if}
            {#if roster.to_write > 0 && sheet.state === 'open' && !sheet.put_away}
                <Button color="alternative" aria-expanded={writing} onclick={() => (writing = !writing)}
                    >{roster.kind === 'families' ? say('hosting.write_families') : say('hosting.write_list')}</Button
                >
            {/if}
        </div>
        <p role="status" class:good-news={said}>{said}</p>
        {#if trouble}<Notice>{trouble}</Notice>{/if}
        {#if writing}
            <div class="slip mt-2 grid max-w-2xl gap-3">
                <p>
                    {#if roster.kind === 'families'}
                        {say('hosting.letter_families', { many: roster.to_write })}
                    {:else}
                        {say('hosting.letter_list', { many: roster.to_write })}
                    {/if}
                </p>
                <Field
                    name="letter-word"
                    label={say('hosting.letter_word')}
                    lines={3}
                    maxlength={1000}
                    bind:value={word}
                />
                <Button class="justify-self-start" disabled={working} onclick={write}
                    >{working
                        ? say('pages.one_moment')
                        : say('hosting.send_letters', { many: roster.to_write })}</Button
                >
            </div>
        {/if}
        {#if adding}
            <div class="slip mt-2 grid max-w-2xl gap-3">
                <Field name="expected-text" label={say('hosting.expected_text')} lines={4} required bind:value={text} />
                <p class="flex flex-wrap gap-3">
                    <Button disabled={!text.trim()} onclick={() => add({ text })}
                        >{say('hosting.expected_press')}</Button
                    >
                    <FilePress label={say('hosting.expected_table')} accept=".csv,.txt,text/csv" take={bring}
                        >{say('hosting.expected_bring')}</FilePress
                    >
                </p>
                <Field name="expected-sought" label={say('hosting.expected_known')} bind:value={sought} change={look} />
                <ul class="flex flex-wrap gap-2">
                    {#each known as one (one.id)}
                        <li>
                            <Button size="sm" color="alternative" onclick={() => add({ students: [one.id] })}
                                >{one.class
                                    ? say('hosting.name_class', { name: one.name, class: one.class })
                                    : one.name}</Button
                            >
                        </li>
                    {/each}
                </ul>
            </div>
        {/if}
        {#if roster.missing.length > 0}
            <details class="mt-1">
                <summary class="min-h-11 cursor-pointer py-2 text-board underline underline-offset-4"
                    >{say('hosting.missing')}</summary
                >
                <ul class="columns-2 gap-x-8 sm:columns-3">
                    {#each roster.missing as one (one.id)}
                        <li>
                            {one.name}
                            <span class="text-faint"
                                >{one.can_write
                                    ? one.class
                                    : roster.kind === 'families'
                                      ? say('hosting.class_no_address', { class: one.class })
                                      : say('hosting.class_unreachable', { class: one.class })}</span
                            >
                            {#if one.failed}<span class="block text-brick">{say('hosting.missing_failed')}</span>{/if}
                            {#if roster.kind === 'list' && sheet.can_change}<TextButton onclick={() => off(one.id)}
                                    ><Said key="hosting.take_off" values={{ name: one.name }}
                                        >{#snippet hidden(text)}<span class="sr-only">{text}</span>{/snippet}</Said
                                    ></TextButton
                                >{/if}
                        </li>
                    {/each}
                </ul>
                {#if roster.more > 0}<p class="text-faint">{say('hosting.missing_more', { many: roster.more })}</p>{/if}
            </details>
        {/if}
    </section>
{/if}
